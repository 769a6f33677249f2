<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

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
    ) {
    }

    /** What it weighs in the van. */
    public function loadKg(): float
    {
        return $this->kg + 1.0233 * $this->saltL + $this->roL;
    }
}
