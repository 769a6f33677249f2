<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What all devices do to the water during one step. */
final class Deeds
{
    /** What the return pump would move, L/h. */
    public float $returnLh = 0.0;

    /** Fresh water wanted from the store, L/h. */
    public float $topOffLh = 0.0;

    /** From the mains into the store, L/h. */
    public float $roLh = 0.0;

    /** Air through the skimmer, L/h; 0 while it stands. */
    public float $skimmerLh = 0.0;

    public bool $isMoved = false;

    public bool $isFanned = false;

    /** How bright, 0 to 1. */
    public float $light = 0.0;

    /** Into the display. */
    public float $heatW = 0.0;

    public float $sumpHeatW = 0.0;

    public float $drawsW = 0.0;

    /** @var array<string, float> millilitres a minute, by outlet */
    public array $dosesMlMin = [];
}
