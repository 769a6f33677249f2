<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** Two rectangles: one along the back, and a leg that comes forward at its left end. */
final readonly class LShape implements Footprint
{
    private function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $legLengthMm,
        public float $legWidthMm,
    ) {
    }

    /**
     * @param  float  $legLengthMm  of the leg along the back, outside
     * @param  float  $legWidthMm  how far it comes forward of the other rectangle
     *
     * @throws OutOfRange
     */
    public static function outer(float $lengthMm, float $widthMm, float $legLengthMm, float $legWidthMm): self
    {
        Guard::positive('lengthMm', $lengthMm);
        Guard::positive('widthMm', $widthMm);
        Guard::positive('legLengthMm', $legLengthMm);
        Guard::positive('legWidthMm', $legWidthMm);
        if ($legLengthMm >= $lengthMm) {
            throw OutOfRange::number(
                'legLengthMm',
                $legLengthMm,
                Phrase::LessThanTheLength,
                ['lengthMm' => Quantity::of($lengthMm, Kind::Length)],
            );
        }

        return new self($lengthMm, $widthMm, $legLengthMm, $legWidthMm);
    }

    public function outerAreaM2(): float
    {
        return $this->areaM2(0);
    }

    public function insideAreaM2(float $wallMm): float
    {
        return min($this->widthMm, $this->legLengthMm) <= 2 * $wallMm ? 0.0 : $this->areaM2($wallMm);
    }

    /** A right-angled outline is as long as the box round it. */
    public function insidePerimeterMm(float $wallMm): float
    {
        return 2 * ($this->lengthMm + $this->boxWidthMm() - 4 * $wallMm);
    }

    public function longestPaneMm(): float
    {
        return max($this->lengthMm, $this->boxWidthMm());
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
        return $this->widthMm + $this->legWidthMm;
    }

    public function insideOutline(float $wallMm): array
    {
        [$l, $w] = [$this->lengthMm - 2 * $wallMm, $this->widthMm - 2 * $wallMm];
        [$leg, $deep] = [$this->legLengthMm - 2 * $wallMm, $this->boxWidthMm() - 2 * $wallMm];

        return [[0, 0], [$l, 0], [$l, $w], [$leg, $w], [$leg, $deep], [0, $deep]];
    }

    private function areaM2(float $wallMm): float
    {
        return (($this->lengthMm - 2 * $wallMm) * ($this->widthMm - 2 * $wallMm) +
            ($this->legLengthMm - 2 * $wallMm) * $this->legWidthMm) /
            1e6;
    }
}
