<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A flat back pane as long as the outer diameter, joined by a half circle. */
final readonly class HalfCylinder implements Footprint
{
    private function __construct(public float $diameterMm)
    {
    }

    /** @throws OutOfRange */
    public static function outer(float $diameterMm): self
    {
        return new self(Guard::positive('diameterMm', $diameterMm));
    }

    public function outerAreaM2(): float
    {
        return (M_PI / 8) * ($this->diameterMm / 1000) ** 2;
    }

    /** Half a circle of the inner radius, less the strip behind the back pane's inner face. */
    public function insideAreaM2(float $wallMm): float
    {
        $r = $this->diameterMm / 2 - $wallMm;

        return $r <= $wallMm ? 0.0 : ($r ** 2 * acos($wallMm / $r) - $wallMm * sqrt($r ** 2 - $wallMm ** 2)) / 1e6;
    }

    public function insidePerimeterMm(float $wallMm): float
    {
        $r = $this->diameterMm / 2 - $wallMm;

        return $r <= $wallMm ? 0.0 : 2 * sqrt($r ** 2 - $wallMm ** 2) + 2 * $r * acos($wallMm / $r);
    }

    public function longestPaneMm(): float
    {
        return $this->diameterMm;
    }

    public function hasCurvedPane(): bool
    {
        return true;
    }

    public function boxLengthMm(): float
    {
        return $this->diameterMm;
    }

    public function boxWidthMm(): float
    {
        return $this->diameterMm / 2;
    }

    public function insideOutline(float $wallMm): array
    {
        $r = $this->diameterMm / 2 - $wallMm;
        $from = asin(min(1.0, $wallMm / $r));

        return Outline::arc($r, -$wallMm, $r, $from, M_PI - $from);
    }
}
