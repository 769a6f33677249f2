<?php

declare(strict_types=1);

namespace App\Reports\Views;

use App\House\Days;
use App\House\Money;
use App\Reports\Report;
use App\Reports\ReportNote;
use App\Systems\Parameters;
use Carbon\CarbonImmutable;
use Velbrin\Core\Chemistry\Standing;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A report as its reader sees it: the stored values put into sentences and units. */
final readonly class ReportView
{
    /**
     * @param  list<ReportSystemView>  $systems
     * @param  list<string>  $parts
     * @param  list<RecommendationView>  $recommendations
     * @param  list<array{text: string, by: string, on: string}>  $notes
     * @param  list<string>  $sentTo
     */
    private function __construct(
        public int $id,
        public string $place,
        public string $client,
        public string $date,
        public string $from,
        public string $to,
        public string $by,
        public ?string $words,
        public array $systems,
        public array $parts,
        public array $recommendations,
        public ?string $nextOn,
        public bool $photo,
        public ?int $photoId,
        public ?string $photoCaption,
        public ?string $sentOn,
        public array $sentTo,
        public array $notes,
        public int $visitId,
    ) {
    }

    private const REASONS = [
        'nutrients' => 'to lower nutrients',
        'ammonia' => 'because of ammonia',
        'toxin' => 'to dilute something harmful',
        'salinity' => 'to correct the salinity',
    ];

    /** The report is loaded with visit, site.client, photo and notes.user. */
    public static function of(Report $report, Units $units): self
    {
        $content = $report->content;
        $zone = $report->site->timezone ?? Days::zone();
        $closed = ($report->visit->closed_at ?? ($report->created_at ?? now()))->setTimezone($zone);
        $opened = ($report->visit->opened_at ?? $closed)->setTimezone($zone);

        return new self(
            id: $report->id,
            place: (string) $report->site?->name,
            client: (string) $report->site?->client?->name,
            date: $closed->format('l j F Y'),
            from: $opened->format('H:i'),
            to: $closed->format('H:i'),
            by: self::text($content['by'] ?? null),
            words: is_string($content['words'] ?? null) ? $content['words'] : null,
            systems: array_map(
                fn (array $s): ReportSystemView => self::system($s, $units),
                self::rows($content['systems'] ?? []),
            ),
            parts: array_map(
                fn (array $p): string => self::number($p['quantity'] ?? 0).' × '.self::text($p['name'] ?? ''),
                self::rows($content['parts'] ?? []),
            ),
            recommendations: array_map(
                fn (array $r): RecommendationView => new RecommendationView(
                    self::text($r['text'] ?? ''),
                    is_int($r['priceMinor'] ?? null) ? $r['priceMinor'] : null,
                    is_int($r['priceMinor'] ?? null) ? Money::shown($r['priceMinor']) : null,
                ),
                self::rows($content['recommendations'] ?? []),
            ),
            nextOn: $report->next_on?->toDateString(),
            photo: $report->photo !== null,
            photoId: $report->photo_id,
            photoCaption: $report->photo?->caption,
            sentOn: $report->sent_at?->toIso8601ZuluString(),
            sentTo: array_values(array_filter($report->sent_to ?? [], is_string(...))),
            notes: array_values(
                $report->notes
                    ->map(
                        fn (ReportNote $n): array => [
                            'text' => $n->text,
                            'by' => (string) $n->user?->name,
                            'on' => (string) $n->created_at?->toIso8601ZuluString(),
                        ],
                    )
                    ->all(),
            ),
            visitId: $report->visit_id,
        );
    }

    /** @param  array<array-key, mixed>  $s */
    private static function system(array $s, Units $units): ReportSystemView
    {
        $know = array_map(
            fn (string $t): string => 'The water may be cloudy until tomorrow and corals may stay closed: '.
                lcfirst($t).
                ' stirs things up. That passes.',
            array_values(array_filter(is_array($s['disturbed'] ?? null) ? $s['disturbed'] : [], is_string(...))),
        );
        foreach (self::rows($s['off'] ?? []) as $off) {
            $know[] =
                self::text($off['what'] ?? '').
                ' is switched off on purpose: '.
                self::text($off['because'] ?? '').
                '. '.
                (is_string($off['substitute'] ?? null) ? "Meanwhile: {$off['substitute']}. " : '').
                (is_string($off['review'] ?? null) ? 'We look at it again on '.self::day($off['review']).'.' : '');
        }
        foreach (self::rows($s['openPoints'] ?? []) as $point) {
            $know[] =
                'Still open: '.
                self::text($point['what'] ?? '').
                (is_string($point['on'] ?? null) ? ', by '.self::day($point['on']) : '').
                '.';
        }

        return new ReportSystemView(
            is_int($s['id'] ?? null) ? $s['id'] : 0,
            self::text($s['name'] ?? ''),
            array_map(fn (array $d): string => self::done($d, $units), self::rows($s['done'] ?? [])),
            array_values(
                array_filter(
                    array_map(
                        fn (array $r): ?ReportReadingView => self::reading($r, $units),
                        self::rows($s['readings'] ?? []),
                    ),
                ),
            ),
            array_values(array_filter(is_array($s['seen'] ?? null) ? $s['seen'] : [], is_string(...))),
            array_map(
                fn (array $n): string => self::text($n['what'] ?? '').
                    ': '.
                    self::text($n['why'] ?? '').
                    (is_string($n['on'] ?? null) ? ', we do it by '.self::day($n['on']) : '').
                    '.',
                self::rows($s['notDone'] ?? []),
            ),
            $know,
        );
    }

    /** @param  array<array-key, mixed>  $d */
    private static function done(array $d, Units $units): string
    {
        $litres = is_numeric($d['litres'] ?? null)
            ? ', '.$units->show(Quantity::of((float) $d['litres'], Kind::Volume))
            : '';
        $why = self::REASONS[is_string($d['why'] ?? null) ? $d['why'] : ''] ?? '';

        return self::text($d['what'] ?? '').
            $litres.
            (is_string($d['turn'] ?? null) ? ", {$d['turn']}" : '').
            ($why === '' ? '' : ", {$why}");
    }

    /** @param  array<array-key, mixed>  $r */
    private static function reading(array $r, Units $units): ?ReportReadingView
    {
        $parameter = Parameters::here()->find(self::text($r['parameter'] ?? ''));
        if ($parameter === null || ! is_numeric($r['value'] ?? null)) {
            return null;
        }

        return new ReportReadingView(
            $parameter->label(),
            $units->show(Quantity::of((float) $r['value'], $parameter->kind())),
            Standing::tryFrom(self::text($r['standing'] ?? ''))?->plain() ?? '',
        );
    }

    /** @return list<array<array-key, mixed>> */
    private static function rows(mixed $list): array
    {
        return is_array($list) ? array_values(array_filter($list, is_array(...))) : [];
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    private static function number(mixed $value): string
    {
        return is_numeric($value) ? rtrim(rtrim(number_format((float) $value, 2, '.', ''), '0'), '.') : '';
    }

    private static function day(string $date): string
    {
        return CarbonImmutable::parse($date)->format('j F');
    }
}
