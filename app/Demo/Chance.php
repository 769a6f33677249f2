<?php

declare(strict_types=1);

namespace App\Demo;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Seeded chance: the same world from the same seed. */
final class Chance
{
    private readonly Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    public function int(int $least, int $most): int
    {
        return $this->randomizer->getInt($least, $most);
    }

    public function float(float $least, float $most): float
    {
        return $least + (($most - $least) * $this->randomizer->getInt(0, 1_000_000)) / 1_000_000;
    }

    /** About normal: the sum of a few uniform draws. */
    public function noise(float $sigma): float
    {
        return $sigma * ($this->float(-1, 1) + $this->float(-1, 1) + $this->float(-1, 1));
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function pick(array $of): mixed
    {
        return $of[$this->randomizer->getInt(0, count($of) - 1)];
    }
}
