<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** One round wall. */
final readonly class Cylinder implements Footprint
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
        return (M_PI / 4) * ($this->diameterMm / 1000) ** 2;
    }

    public function insideAreaM2(float $wallMm): float
    {
        return (M_PI / 4) * (max(0.0, $this->diameterMm - 2 * $wallMm) / 1000) ** 2;
    }

    public function insidePerimeterMm(float $wallMm): float
    {
        return M_PI * ($this->diameterMm - 2 * $wallMm);
    }

    public function longestPaneMm(): ?float
    {
        return null;
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
        return $this->diameterMm;
    }

    public function insideOutline(float $wallMm): array
    {
        $r = $this->diameterMm / 2 - $wallMm;

        return Outline::arc($r, $r, $r, 0, 2 * M_PI);
    }
}
