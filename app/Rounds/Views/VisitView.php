<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use App\Rounds\Visit;

/** The head of a visit: where, when, how to get in, what to carry in. */
final readonly class VisitView
{
    /**
     * @param  list<string>  $carry
     * @param  array<int, string>  $codes  door codes that may be looked at now
     */
    private function __construct(
        public int $id,
        public string $place,
        public string $client,
        public ?string $address,
        public string $date,
        public ?string $at,
        public int $minutes,
        public string $state,
        public ?string $openedAt,
        public ?string $accessNote,
        public ?string $parking,
        public ?string $pets,
        public array $carry,
        public array $codes,
        public ?string $leftNote,
        public int $siteId,
        public ?int $reportId,
        public ?string $away,
        public ?float $lat,
        public ?float $lon,
        public ?NextStopView $next,
        /** @var list<LateEntryView> what came after it was closed */
        public array $late,
    ) {
    }

    /**
     * @param  list<string>  $carry
     * @param  array<int, string>  $codes
     * @param  list<LateEntryView>  $late
     */
    public static function of(
        Visit $visit,
        array $carry,
        array $codes,
        ?int $reportId,
        ?NextStopView $next,
        array $late,
    ): self {
        $site = $visit->site;

        return new self(
            id: $visit->id,
            place: (string) $site?->name,
            client: is_string($client = $site?->getAttribute('client_name')) ? $client : '',
            address: trim("{$site?->street}, {$site?->town}", ', ') ?: null,
            date: $visit->planned_on?->toDateString() ?? $visit->due_on->toDateString(),
            at: $visit->starts_at === null ? null : Days::clock(Days::minute($visit->starts_at)),
            minutes: (int) round($visit->minutes),
            state: $visit->state,
            openedAt: $visit->opened_at?->toIso8601ZuluString(),
            accessNote: $site?->access_note,
            parking: $site?->parking,
            pets: $site?->pets,
            carry: $carry,
            codes: $codes,
            leftNote: $visit->left_note,
            siteId: $visit->site_id,
            reportId: $reportId,
            away: ($away = $site?->awayOn(Days::today()->toDateString())) === null
                ? null
                : "They are away until {$away['until']}".
                    ($away['sitter'] === null ? ', nobody looks in' : ", {$away['sitter']} looks in"),
            lat: $site?->lat,
            lon: $site?->lon,
            next: $next,
            late: $late,
        );
    }
}
