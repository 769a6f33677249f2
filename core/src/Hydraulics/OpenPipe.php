<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\OutOfRange;

/** An open drain with air standing in the water: what it takes at a level (B-22). */
final readonly class OpenPipe
{
    public function __construct(public float $boreMm, public float $inletBelowRimMm)
    {
    }

    /**
     * L/h with the water that far below the rim, limited by its inlet and then by its stack.
     *
     * @throws OutOfRange
     */
    public function takesLh(float $belowRimMm): float
    {
        return min(
            DrainCapacity::open($this->boreMm),
            DrainCapacity::inletFlowLh($this->inletBelowRimMm - $belowRimMm, $this->boreMm),
        );
    }

    public function isFullAt(float $belowRimMm): bool
    {
        return $this->takesLh($belowRimMm) >= DrainCapacity::open($this->boreMm) - 1e-6;
    }
}
