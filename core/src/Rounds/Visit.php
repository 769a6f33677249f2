<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Seawater\Seawater;

/** A visit to be placed in a week. */
final readonly class Visit
{
    /**
     * @param  array<int, list<array{0: float, 1: float}>>  $open  by day: from, to in minutes; a day without is closed
     * @param  list<string>  $skills
     */
    public function __construct(
        public int $id,
        public Spot $spot,
        public array $open,
        public int $earliestDay,
        public int $dueDay,
        public int $latestDay,
        public float $minutes,
        public int $persons = 1,
        public array $skills = [],
        public float $saltL = 0,
        public float $roL = 0,
        public float $kg = 0,
        public ?int $familiar = null,
        /** Isolated (L-51): last in a crew's day, one a day. */
        public bool $isolated = false,
        /** Pinned, begun or over: begins then, whatever stands before it. Minutes of the day. */
        public ?float $fixedStartMin = null,
        /** Begun or over: a fact, which no rule refuses. */
        public bool $isFact = false,
        /** A standing wish for one person (S-56). */
        public ?int $onlyMember = null,
        /**
         * @var array<int, list<array{0: float, 1: float}>>|null by day, as `open`: when standing wishes allow it; null: no wish
         */
        public ?array $wished = null,
        /**
         * @var list<int> days kept clear of messy work, where this is
         */
        public array $keptClear = [],
    ) {
    }

    /**
     * When the place is open and its wishes allow it, that day.
     *
     * @return list<array{0: float, 1: float}>
     */
    public function mayBegin(int $day): array
    {
        $open = $this->open[$day] ?? [];
        if ($this->wished === null) {
            return $open;
        }
        $both = [];
        foreach ($open as [$from, $to]) {
            foreach ($this->wished[$day] ?? [] as [$wishFrom, $wishTo]) {
                if (min($to, $wishTo) > max($from, $wishFrom)) {
                    $both[] = [max($from, $wishFrom), min($to, $wishTo)];
                }
            }
        }
        sort($both);

        return $both;
    }

    /** What it weighs in the van. */
    public function loadKg(): float
    {
        return $this->kg + Seawater::NEAR_DENSITY_KG_L * $this->saltL + $this->roL;
    }
}
