<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** Help that is called and by when it has to be there, an end that is moved, or plan B (M-8): beside what may be left for another day. */
final readonly class Mend
{
    /** So many are called at most. */
    private const MOST_CALLED = 2;

    /** Until when they have to come is told to so many minutes. */
    private const TO_MIN = 15;

    /**
     * @param  int|null  $persons  of help: how many
     * @param  int|null  $byMin  of help: there by then, from the beginning of the work; null: now
     * @param  string|null  $end  of an end that is moved
     * @param  int|null  $atMin  and to when
     * @param  float|null  $cost  of an end that is moved; null: nobody has asked
     * @param  int  $pastMin  past the ends all the same; 0: all of them hold
     */
    private function __construct(
        public MendKind $kind,
        public int $pastMin,
        public int $finishMin,
        public ?int $persons = null,
        public ?int $byMin = null,
        public ?string $end = null,
        public ?int $atMin = null,
        public ?float $cost = null,
    ) {
    }

    /**
     * None while all ends hold.
     *
     * @param  int  $nowMin  help is there from then at the soonest
     * @return list<self> as few hands as help, then ends, then plan B
     */
    public static function offers(Work $work, Timetable $standing, int $nowMin = 0): array
    {
        if ($standing->pastMin === 0) {
            return [];
        }
        $offers = [];
        $past = $standing->pastMin;
        for ($persons = 1; $persons <= self::MOST_CALLED && $past > 0; $persons++) {
            $helped = self::with($work, $standing, $persons, $nowMin);
            if ($helped->pastMin < $past) {
                $past = $helped->pastMin;
                $byMin = $past > 0 ? $nowMin : self::latest($work, $standing, $persons, $nowMin);
                $offers[] = new self(MendKind::Hands, $past, $helped->finishMin, persons: $persons, byMin: $byMin);
            }
        }
        foreach ($work->ends as $end) {
            $slack = $standing->slack[$end->step] ?? 0;
            if ($slack < 0) {
                $offers[] = new self(
                    MendKind::EndMoved,
                    $standing->pastMin + $slack,
                    $standing->finishMin,
                    end: $end->label,
                    atMin: $end->atMin - $slack,
                    cost: $end->costs(-$slack),
                );
            }
        }
        $offers[] = new self(MendKind::PlanB, $standing->pastMin, $standing->finishMin);

        return $offers;
    }

    /** The latest they may come and all ends hold. */
    private static function latest(Work $work, Timetable $standing, int $persons, int $nowMin): int
    {
        [$holds, $breaks] = [$nowMin, max($nowMin, $standing->finishMin)];
        while ($breaks - $holds > self::TO_MIN) {
            $middle = intdiv($holds + $breaks, 2);
            if (self::with($work, $standing, $persons, $middle)->pastMin === 0) {
                $holds = $middle;
            } else {
                $breaks = $middle;
            }
        }

        return $holds;
    }

    private static function with(Work $work, Timetable $standing, int $persons, int $fromMin): Timetable
    {
        $called = array_map(fn (int $n): Hand => new Hand("called-{$n}", fromMin: $fromMin), range(1, $persons));
        $more = new Work(array_values($work->steps), [...$work->hands, ...$called], $work->uses, $work->ends, $work->clocks);

        return Timetable::of($more, $standing->order(), isQuick: true);
    }
}
