<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

/** The same method tried on several systems: how many, and how far their results lie apart (X-57). */
final readonly class TrialResults
{
    private function __construct(
        public int $count,
        public float $mean,
        public float $least,
        public float $most,
        public ?float $spread,
    ) {
    }

    /** @param  non-empty-list<float>  $changes  one a trial */
    public static function of(array $changes): self
    {
        $n = count($changes);
        $mean = array_sum($changes) / $n;

        return new self(
            $n,
            $mean,
            min($changes),
            max($changes),
            $n < 2 ? null : sqrt(array_sum(array_map(fn (float $c): float => ($c - $mean) ** 2, $changes)) / ($n - 1)),
        );
    }
}
