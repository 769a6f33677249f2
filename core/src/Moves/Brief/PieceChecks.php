<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\BoxTemperature;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Phrase;

/** What becomes of each device and how long that takes (M-2), and how rock is kept on its way (M-4, M-23). */
final class PieceChecks
{
    /** Damp for longer, rock is new rock (M-23), hours. */
    public const DAMP_MOST_H = 4.0;

    /** @return list<Finding> */
    public static function of(MoveBrief $brief, ?Timetable $day): array
    {
        return [...self::undecided($brief), ...self::leadTimes($brief), ...self::rock($brief, $day)];
    }

    /** @return list<Finding> */
    private static function undecided(MoveBrief $brief): array
    {
        $open = array_filter($brief->pieces, fn (Piece $p): bool => $p->kind->hasFate() && $p->fate === null);

        return $open === [] ? [] : [BoxChecks::say(
            Severity::Watch,
            'M-2',
            'move-undecided',
            [Phrase::NobodyHasDecidedAbout, Phrase::WhatIsNotDecidedIsMissing, Phrase::SayReuseServiceReplaceOrSell],
            ['pieces' => implode(', ', array_map(fn (Piece $p): string => $p->label, $open))],
        )];
    }

    /** @return list<Finding> */
    private static function leadTimes(MoveBrief $brief): array
    {
        $found = [];
        foreach ($brief->pieces as $piece) {
            if ($piece->fate?->takesTime() !== true) {
                continue;
            }
            if ($piece->leadDays === null) {
                $found[] = BoxChecks::say(
                    Severity::Watch,
                    'M-2',
                    'move-lead-unknown',
                    [Phrase::NobodyHasSaidHowLongItTakes, Phrase::WhatIsNotDecidedIsMissing, Phrase::AskTheSupplier],
                    ['piece' => $piece->label],
                    $piece->id,
                );
            } elseif ($brief->daysLeft !== null && $piece->leadDays > $brief->daysLeft) {
                $found[] = BoxChecks::say(
                    Severity::Fix,
                    'M-2',
                    'move-lead-late',
                    [Phrase::ItsLeadTimeIsOver, Phrase::WithoutItNothingRuns, Phrase::BridgeItOrMoveTheDay],
                    [
                        'piece' => $piece->label,
                        'lead' => Quantity::of($piece->leadDays, Kind::Days),
                        'left' => Quantity::of(max(0, $brief->daysLeft), Kind::Days),
                    ],
                    $piece->id,
                );
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function rock(MoveBrief $brief, ?Timetable $day): array
    {
        $found = [];
        foreach ($brief->kind === MoveKind::Removal ? [] : $brief->pieces(PieceKind::Rock) as $piece) {
            array_push($found, ...match ($piece->ride) {
                null => [self::say($piece, Severity::Watch, 'move-rock-unsaid', [
                    Phrase::NobodyHasSaidHowTheRockRides,
                    Phrase::DampItLastsForHours,
                    Phrase::SayDampOrUnderWater,
                ])],
                RockRide::Damp => self::damp($brief, $piece, $day),
                RockRide::Submerged => [],
            });
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function damp(MoveBrief $brief, Piece $piece, ?Timetable $day): array
    {
        $out = $day->plan->starts['rock'] ?? null;
        $in = $day->plan->starts['scape'] ?? null;
        if ($day === null || $out === null || $in === null) {
            return [];
        }
        $found = [];
        $hours = ($in - $out) / 60;
        if ($hours > self::DAMP_MOST_H) {
            $found[] = self::say($piece, Severity::Fix, 'move-rock-damp', [
                Phrase::RockIsOutOfTheWaterFor,
                Phrase::AfterThatItIsNewRock,
                Phrase::CarryItUnderWater,
            ], ['hours' => Quantity::of($hours, Kind::Hours)]);
        }
        $course = Warmth::ofRock($brief, $piece, $day);
        if ($course?->hoursToLimit !== null) {
            [$coldest, $warmest] = [min([INF, ...$course->endsC]), max([-INF, ...$course->endsC])];
            $isCold = $coldest < BoxTemperature::LOWER_C;
            $found[] = self::say($piece, Severity::Watch, 'move-rock-temperature', [
                $isCold ? Phrase::RockComesDownTo : Phrase::RockComesUpTo,
                Phrase::DampRockHoldsLittleHeat,
                Phrase::CoverItOrRideWarm,
            ], [
                'cold' => Quantity::of($coldest, Kind::Temperature),
                'warm' => Quantity::of($warmest, Kind::Temperature),
            ]);
        }

        return $found;
    }

    /**
     * @param  array{0: Phrase, 1: Phrase, 2: Phrase}  $words
     * @param  array<string, Quantity>  $parts
     */
    private static function say(Piece $piece, Severity $severity, string $code, array $words, array $parts = []): Finding
    {
        return BoxChecks::say($severity, 'M-4', $code, $words, [
            'piece' => $piece->label,
            'most' => Quantity::of(self::DAMP_MOST_H, Kind::Hours),
            ...$parts,
        ], $piece->id);
    }
}
