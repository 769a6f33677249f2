<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** A hole of a plan: its centre from the left and the lower edge of its pane seen from outside, mm. */
final readonly class Hole
{
    public function __construct(
        public string $name,
        public Pane $pane,
        public float $xMm,
        public float $yMm,
        /** Of the hole, not of the pipe: as the bulkhead's maker says. */
        public float $diameterMm,
        /** What passes it: main, channel, emergency, return, other; null: not said. */
        public ?string $serves = null,
    ) {
    }
}
