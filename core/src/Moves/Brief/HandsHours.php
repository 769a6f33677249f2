<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Course\Breaks;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Moves\Phrase;

/** The course against the team (M-8): who is needed before they come or after they have gone, and who works too long without a break. */
final class HandsHours
{
    /** @return list<Finding> */
    public static function of(MoveBrief $brief, ?Work $work, ?Timetable $day): array
    {
        if ($work === null || $day === null) {
            return [];
        }
        $found = self::withoutBreak($brief, $work, $day);
        foreach ($brief->people as $mover) {
            $needed = self::needed($mover, $brief, $work, $day);
            if ($needed === null || ($needed[0] >= ($mover->fromMin ?? 0) && $needed[1] <= ($mover->untilMin ?? PHP_INT_MAX))) {
                continue;
            }
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-8',
                'move-hours',
                [Phrase::IsNeededOutsideTheirHours, Phrase::TheCourseCountsOnThemFromTo, Phrase::LetAnotherDoItOrMoveTheBeginning],
                ['who' => $mover->label, 'from' => self::clock($needed[0]), 'to' => self::clock($needed[1])],
                $mover->id,
            );
        }

        return $found;
    }

    /** @return list<Finding> who would work too long at a stretch, though a break was looked for */
    private static function withoutBreak(MoveBrief $brief, Work $work, Timetable $day): array
    {
        $found = [];
        $long = Breaks::tooLong($work, $day->plan);
        foreach ($brief->people as $mover) {
            $stretch = $long["m:{$mover->id}"] ?? null;
            if ($stretch !== null) {
                $found[] = BoxChecks::say(
                    Severity::Fix,
                    'M-8',
                    'move-no-break',
                    [Phrase::WorksWithoutABreak, Phrase::TiredHandsDropGlass, Phrase::AnotherPairOfHandsOrLessInADay],
                    [
                        'who' => $mover->label,
                        'from' => self::clock($brief->beginsMin + $stretch[0]),
                        'to' => self::clock($brief->beginsMin + $stretch[1]),
                        'most' => Quantity::of(Breaks::MOST_MIN / 60, Kind::Hours),
                        'break' => Quantity::of(Breaks::BREAK_MIN, Kind::Minutes),
                    ],
                    $mover->id,
                );
            }
        }

        return $found;
    }

    /** @return array{0: int, 1: int}|null from their first step to the end of their last, min of the day; null: nothing is theirs */
    private static function needed(Mover $mover, MoveBrief $brief, Work $work, Timetable $day): ?array
    {
        $from = $until = null;
        foreach ($day->plan->hands as $step => $hands) {
            if (! in_array("m:{$mover->id}", $hands, true)) {
                continue;
            }
            $start = $brief->beginsMin + $day->plan->starts[$step];
            $from = min($from ?? $start, $start);
            $until = max($until ?? 0, $start + $work->steps[$step]->minutes);
        }

        return $from === null || $until === null ? null : [$from, $until];
    }

    private static function clock(int $min): string
    {
        return sprintf('%02d:%02d', intdiv($min, 60), $min % 60);
    }
}
