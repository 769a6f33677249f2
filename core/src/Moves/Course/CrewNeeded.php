<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

use Velbrin\Core\Measure\OutOfRange;

/** How few of those who come would do for the shortest window (M-8): who can least stays at home first, while every end holds. */
final class CrewNeeded
{
    /**
     * No fewer were found; whether fewer can is not proven. Breaks are not counted in: fewer hands rest at other hours.
     *
     * @param  Work  $work  without breaks
     * @return int|null null: an end breaks as it is, so all of them are too few
     */
    public static function of(Work $work, Timetable $day): ?int
    {
        if ($day->pastMin > 0) {
            return null;
        }
        $fewest = count($work->hands);
        while ($fewest > 1) {
            $fewer = self::fewer($work, $day);
            if ($fewer === null) {
                break;
            }
            [$work, $day] = $fewer;
            $fewest--;
        }

        return $fewest;
    }

    /** @return array{0: Work, 1: Timetable}|null nobody can stay at home */
    private static function fewer(Work $work, Timetable $day): ?array
    {
        $hands = $work->hands;
        usort($hands, fn (Hand $a, Hand $b): int => count($a->skills) <=> count($b->skills));
        foreach ($hands as $home) {
            $rest = array_values(array_filter($work->hands, fn (Hand $h): bool => $h->id !== $home->id));
            if ($rest === []) {
                return null;
            }
            try {
                $less = new Work(array_values($work->steps), $rest, $work->uses, $work->ends, $work->clocks);
            } catch (OutOfRange) {
                // Something only they can do, or that wants them all.
                continue;
            }
            $shorter = Timetable::of($less, $day->order(), isQuick: true);
            if ($shorter->pastMin === 0) {
                return [$less, $shorter];
            }
        }

        return null;
    }
}
