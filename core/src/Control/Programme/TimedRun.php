<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** By a button, for so long: mixing, flushing. */
final readonly class TimedRun implements Rule
{
    public function __construct(public float $lengthS)
    {
    }

    public function kind(): string
    {
        return 'timed-run';
    }

    public function limits(): array
    {
        return [];
    }

    public function untilS(Moment $now, Memory $own): float
    {
        return $own->sinceS === null ? INF : $own->sinceS + $this->lengthS - $now->atS;
    }

    public function wants(Moment $now, Sensed $sensed, Memory $own, array $others): float
    {
        return $own->sinceS !== null && $now->atS - $own->sinceS < $this->lengthS ? 1.0 : 0.0;
    }
}
