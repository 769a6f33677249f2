<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** How far one change may move each value (W-33). */
final readonly class ShockLimits
{
    public function __construct(
        public float $tempC = 1.0,
        public float $salinity = 1.0,
        public float $alkDkh = 1.0,
        public float $ph = 0.2,
    ) {
    }

    public static function stony(): self
    {
        return new self(alkDkh: 0.5);
    }
}
