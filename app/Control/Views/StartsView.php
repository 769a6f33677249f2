<?php

declare(strict_types=1);

namespace App\Control\Views;

use Velbrin\Core\Control\Programme\Starts;

/** Where a new hold and a new guard begin, °C. */
final readonly class StartsView
{
    private function __construct(public float $startC, public float $stopC, public float $guardC)
    {
    }

    public static function of(Starts $starts): self
    {
        return new self($starts->startC, $starts->stopC, $starts->guardC);
    }
}
