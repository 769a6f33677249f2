<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** One thing that could be done: its cost, what it makes of each hazard, and the failures it adds (R-30). */
final readonly class Measure
{
    /**
     * @param  array<string, float>  $factors  what is left of a hazard's yearly loss, by hazard
     * @param  float  $addsLoss  yearly loss of the failures it brings
     */
    public function __construct(public string $id, public float $cost, public array $factors, public float $addsLoss)
    {
    }
}
