<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/**
 * Breaks are steps like any other (M-8): whoever would work more than six hours at a stretch gets half an hour within them. House
 * values in the spirit of the European working time directive (2003/88/EC, article 4); what local rules ask goes before them.
 */
final class Breaks
{
    /** Nobody works longer at a stretch, min. */
    public const MOST_MIN = 360;

    /** A shorter pause between two steps is none, min. */
    public const BREAK_MIN = 30;

    /** A break any sooner is no relief of what comes later, min from the beginning of the stretch. */
    private const FROM_MIN = 120;

    /** Of one day, for each of them. */
    private const MOST = 4;

    /**
     * With a break for each who would work too long without; what does not help is left as it is.
     *
     * @return array{0: Work, 1: Timetable}
     */
    public static function planned(Work $work, Timetable $day): array
    {
        for ($n = 1; $n <= self::MOST; $n++) {
            $breaks = [];
            foreach (self::tooLong($work, $day->plan) as $hand => [$from]) {
                $breaks[] = new Step(
                    id: "break:{$n}:{$hand}",
                    minutes: self::BREAK_MIN,
                    skills: [$hand],
                    fromMin: max(0, $from + self::FROM_MIN),
                    toMin: max(self::BREAK_MIN, $from + self::MOST_MIN + self::BREAK_MIN),
                    label: 'break',
                    isRest: true,
                );
            }
            if ($breaks === []) {
                break;
            }
            $work = $work->with($breaks);
            $day = Timetable::of($work, [...array_column($breaks, 'id'), ...$day->order()]);
        }

        return [$work, $day];
    }

    /** @return array<string, array{0: int, 1: int}> the first stretch that is too long, from and until, by hand */
    public static function tooLong(Work $work, Plan $plan): array
    {
        $long = [];
        foreach ($work->hands as $hand) {
            foreach (self::stretches($hand, $work, $plan) as $stretch) {
                if ($stretch[1] - $stretch[0] > self::MOST_MIN) {
                    $long[$hand->id] ??= $stretch;
                }
            }
        }

        return $long;
    }

    /** @return list<array{0: int, 1: int}> of work without a break */
    private static function stretches(Hand $hand, Work $work, Plan $plan): array
    {
        $spans = [];
        foreach ($plan->hands as $id => $hands) {
            if (in_array($hand->id, $hands, true) && ! $work->steps[$id]->isRest) {
                $spans[] = [$plan->starts[$id], $plan->starts[$id] + $work->steps[$id]->minutes];
            }
        }
        sort($spans);
        $stretches = [];
        foreach ($spans as [$from, $until]) {
            $last = $stretches[count($stretches) - 1] ?? null;
            if ($last !== null && $from - $last[1] < self::BREAK_MIN) {
                array_pop($stretches);
                $from = $last[0];
                $until = max($until, $last[1]);
            }
            $stretches[] = [$from, $until];
        }

        return $stretches;
    }
}
