<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Four flat walls. */
final readonly class Rectangular implements Footprint
{
    private function __construct(public float $lengthMm, public float $widthMm)
    {
    }

    /** @throws OutOfRange */
    public static function outer(float $lengthMm, float $widthMm): self
    {
        return new self(Guard::positive('lengthMm', $lengthMm), Guard::positive('widthMm', $widthMm));
    }

    public function outerAreaM2(): float
    {
        return ($this->lengthMm * $this->widthMm) / 1e6;
    }

    public function insideAreaM2(float $wallMm): float
    {
        return (max(0.0, $this->lengthMm - 2 * $wallMm) * max(0.0, $this->widthMm - 2 * $wallMm)) / 1e6;
    }

    public function insidePerimeterMm(float $wallMm): float
    {
        return 2 * ($this->lengthMm + $this->widthMm - 4 * $wallMm);
    }

    public function longestPaneMm(): float
    {
        return max($this->lengthMm, $this->widthMm);
    }

    public function hasCurvedPane(): bool
    {
        return false;
    }

    public function boxLengthMm(): float
    {
        return $this->lengthMm;
    }

    public function boxWidthMm(): float
    {
        return $this->widthMm;
    }

    public function insideOutline(float $wallMm): array
    {
        [$l, $w] = [$this->lengthMm - 2 * $wallMm, $this->widthMm - 2 * $wallMm];

        return [[0, 0], [$l, 0], [$l, $w], [0, $w]];
    }
}
