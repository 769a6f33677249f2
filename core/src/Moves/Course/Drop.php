<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** What may be left for another day so that an end holds again, and what it costs. */
final readonly class Drop
{
    /** Steps tried together with others. */
    private const MOST_TRIED = 12;

    private const BEST = 3;

    /**
     * @param  list<string>  $steps
     * @param  list<string>  $becomes  what is owed then
     */
    private function __construct(
        public array $steps,
        public float $cost,
        public array $becomes,
        public Timetable $timetable,
    ) {
    }

    /**
     * The best three, those first that make every end hold, then the cheaper; none while all ends hold.
     *
     * @return list<self>
     */
    public static function offers(Work $work, Timetable $standing): array
    {
        if ($standing->pastMin === 0) {
            return [];
        }
        $may = array_filter($work->steps, fn (Step $s): bool => $s->dropCost !== null);
        uasort($may, fn (Step $a, Step $b): int => $a->dropCost <=> $b->dropCost);
        $ids = array_slice(array_keys($may), 0, self::MOST_TRIED);
        $sets = array_map(fn (string $id): array => [$id], $ids);
        foreach ($ids as $n => $one) {
            foreach (array_slice($ids, $n + 1) as $other) {
                $sets[] = [$one, $other];
            }
        }
        $offers = [];
        foreach ($sets as $set) {
            $isMoreThanNeeded = array_filter($offers, fn (self $o): bool => $o->timetable->pastMin === 0
                && array_diff($o->steps, $set) === []) !== [];
            if (! $isMoreThanNeeded) {
                $offers[] = self::offer($work, $standing, $set);
            }
        }
        $offers = array_filter($offers, fn (self $o): bool => $o->timetable->pastMin < $standing->pastMin);
        usort($offers, fn (self $a, self $b): int => [$a->timetable->pastMin, $a->cost] <=> [$b->timetable->pastMin, $b->cost]);

        return array_slice($offers, 0, self::BEST);
    }

    /** @param  list<string>  $set */
    private static function offer(Work $work, Timetable $standing, array $set): self
    {
        return new self(
            steps: $set,
            cost: array_sum(array_map(fn (string $id): float => (float) $work->steps[$id]->dropCost, $set)),
            becomes: array_map(fn (string $id): string => $work->steps[$id]->becomes, $set),
            timetable: Timetable::of($work->without($set), $standing->order(), isQuick: true),
        );
    }
}
