<?php

declare(strict_types=1);

namespace App\Rounds;

/** What a round of making visits did: how many are new, and what rides on which. */
final class Made
{
    public int $visits = 0;

    /** @var array<int, true> */
    private array $touched = [];

    /** @var array<string, true> */
    private array $things = [];

    public int $rode = 0;

    public function rode(Visit $visit, DueThing $thing): void
    {
        $this->rode++;
        $this->touched[$visit->id] = true;
        $this->things[$thing->key()] = true;
    }

    /** @param  list<DueThing>  $things */
    public function visit(Visit $visit, array $things): void
    {
        $this->visits++;
        $this->touched[$visit->id] = true;
        foreach ($things as $thing) {
            $this->things[$thing->key()] = true;
        }
    }

    public function has(DueThing $thing): bool
    {
        return isset($this->things[$thing->key()]);
    }

    /** @return list<int> */
    public function touched(): array
    {
        return array_keys($this->touched);
    }
}
