<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A corner tank: two straight sides of the outer radius, joined by a quarter circle. */
final readonly class QuarterCylinder implements Footprint
{
    private function __construct(public float $radiusMm)
    {
    }

    /** @throws OutOfRange */
    public static function outer(float $radiusMm): self
    {
        return new self(Guard::positive('widthMm', $radiusMm));
    }

    public function outerAreaM2(): float
    {
        return (M_PI / 4) * ($this->radiusMm / 1000) ** 2;
    }

    /** Inside is x ≥ w, y ≥ w, x² + y² ≤ (R − w)²; the integral of √(r² − x²) − w from w to √(r² − w²). */
    public function insideAreaM2(float $wallMm): float
    {
        $r = $this->radiusMm - $wallMm;
        if ($r <= $wallMm * M_SQRT2) {
            return 0.0;
        }
        $end = sqrt($r ** 2 - $wallMm ** 2);
        $under = fn (float $x): float => ($x * sqrt(max(0.0, $r ** 2 - $x ** 2)) + $r ** 2 * asin(min(1.0, $x / $r))) /
            2;

        return ($under($end) - $under($wallMm) - $wallMm * ($end - $wallMm)) / 1e6;
    }

    public function insidePerimeterMm(float $wallMm): float
    {
        $r = $this->radiusMm - $wallMm;
        if ($r <= $wallMm * M_SQRT2) {
            return 0.0;
        }
        $straight = sqrt($r ** 2 - $wallMm ** 2) - $wallMm;
        $arc = $r * (M_PI / 2 - 2 * asin($wallMm / $r));

        return 2 * $straight + $arc;
    }

    public function longestPaneMm(): float
    {
        return $this->radiusMm;
    }

    public function hasCurvedPane(): bool
    {
        return true;
    }

    public function boxLengthMm(): float
    {
        return $this->radiusMm;
    }

    public function boxWidthMm(): float
    {
        return $this->radiusMm;
    }

    /** The corner is at the back left; the curve looks into the room. */
    public function insideOutline(float $wallMm): array
    {
        $r = $this->radiusMm - $wallMm;
        $from = asin(min(1.0, $wallMm / $r));

        return [[0, 0], ...Outline::arc(-$wallMm, -$wallMm, $r, $from, M_PI / 2 - $from)];
    }
}
