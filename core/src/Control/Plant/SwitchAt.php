<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** Where a switch hangs; it is closed while wet. */
final readonly class SwitchAt
{
    /**
     * @param  string  $in  return: above the intake; display: above the edge; store: litres left; floor: litres on it
     * @param  float  $at  mm, or litres
     */
    public function __construct(public string $in, public float $at)
    {
    }
}
