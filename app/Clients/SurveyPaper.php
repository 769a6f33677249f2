<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Money;
use App\House\Paper;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Build\SurveySheet;
use Velbrin\Core\Build\SurveySpec;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A survey to take along and fill in by hand: what is known stands printed, what is not has a line or boxes (B-1). */
final class SurveyPaper
{
    private const BLANK_PASSAGES = 3;

    private const PHOTOS = [
        'the place, straight on',
        'floor and skirting',
        'ceiling and fixing points',
        'each passage with a tape across it',
        'outlets and the fuse board',
        'water tap and drain',
        'what is there already: tank, stand, cracks',
        'the view from where people sit',
    ];

    public static function pdf(Site $site, User $user): string
    {
        $units = $user->units();
        $rooms = $site->rooms
            ->whereNull('archived_at')
            ->map(fn (Room $r): array => ['name' => $r->name, 'groups' => self::groups($r, $units)])
            ->values()
            ->all();

        return Paper::pdf('clients.survey', [
            'site' => $site,
            'rooms' => $rooms === [] ? [['name' => '', 'groups' => self::groups(null, $units)]] : $rooms,
            'photos' => self::PHOTOS,
            'blanks' => self::BLANK_PASSAGES,
            'asks' => self::asks($site, $user),
            'passages' => $site->passages
                ->map(
                    fn (Passage $p): array => [
                        $p->name,
                        ...array_map(
                            fn (?float $mm): string => $mm === null ? '' : $units->show(Quantity::of($mm, Kind::Length)),
                            [
                                $p->width_mm,
                                $p->height_mm,
                                $p->corridor_a_mm,
                                $p->corridor_b_mm,
                                $p->out_width_mm,
                                $p->out_height_mm,
                                $p->car_depth_mm,
                            ],
                        ),
                    ],
                )
                ->all(),
        ]);
    }

    /** @return array<string, string|null> what an enquiry and a household are asked, with what is known */
    private static function asks(Site $site, User $user): array
    {
        $enquiry = Enquiry::of($site);
        $asks = [];
        foreach (Enquiry::WORDS as $key => [$label]) {
            $asks[$label] = $enquiry->words[$key] ?? null;
        }

        $enquiry = Enquiry::of($site);

        return $asks + [
            'Would spend, with tax' => $enquiry->budgetMinor === null || ! $user->seesMoney()
                ? null
                : Money::shown($enquiry->budgetMinor),
            'Wished for on' => $enquiry->wantedOn === null ? null : CarbonImmutable::parse($enquiry->wantedOn)->format('j M Y'),
            'Children, who must not reach it' => $site->children,
            'Pets' => $site->pets,
            'When nobody is there' => $site->absences,
        ];
    }

    /** @return array<string, list<array{label: string, known: string|null, unit: string, choices: list<string>, for: string}>> */
    private static function groups(?Room $room, Units $units): array
    {
        $groups = [];
        foreach (SurveySheet::fields() as $spec) {
            $groups[SurveySheet::GROUPS[$spec->group]][] = [
                'label' => $spec->label,
                'known' => self::known($room, $spec, $units),
                'unit' => $spec->kind === null ? '' : $units->display($spec->kind)->label,
                'choices' => array_values($spec->choices),
                'for' => $spec->dependsOn,
            ];
        }

        return $groups;
    }

    private static function known(?Room $room, SurveySpec $spec, Units $units): ?string
    {
        $value = $room?->getAttribute($spec->key);

        return match (true) {
            $value === null || $value === '' => null,
            $spec->kind !== null && is_numeric($value) => $units->show(Quantity::of((float) $value, $spec->kind)),
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => $spec->choices[(string) $value] ?? (string) $value,
            default => null,
        };
    }
}
