<?php

declare(strict_types=1);

namespace App\Moves\Views;

/** How long the animals of a box are in it, against how long it lasts, min from the beginning of the day. */
final readonly class MoveClockView
{
    public function __construct(public string $label, public float $fromMin, public float $untilMin, public float $lastsMin)
    {
    }
}
