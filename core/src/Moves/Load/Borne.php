<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

/** What a loaded vehicle bears: the load with its crew, each axle, and the share of the load left of the middle. */
final readonly class Borne
{
    public function __construct(public float $kg, public ?float $frontKg, public ?float $rearKg, public float $leftShare)
    {
    }
}
