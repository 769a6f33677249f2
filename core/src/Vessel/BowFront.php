<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A rectangle whose front is a circular segment over its whole length. */
final readonly class BowFront implements Footprint
{
    private function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $bowMm,
        private float $radiusMm,
    ) {
    }

    /**
     * @param  float  $widthMm  of the straight sides, outside
     * @param  float  $bowMm  how far the middle of the front stands forward of them
     *
     * @throws OutOfRange
     */
    public static function outer(float $lengthMm, float $widthMm, float $bowMm): self
    {
        Guard::positive('lengthMm', $lengthMm);
        Guard::positive('widthMm', $widthMm);
        Guard::positive('bowMm', $bowMm);
        if ($bowMm > $lengthMm / 2) {
            throw OutOfRange::number(
                'bowMm',
                $bowMm,
                Phrase::AtMostHalfTheLength,
                [
                    'limit' => (string) ($lengthMm / 2),
                ],
            );
        }

        return new self($lengthMm, $widthMm, $bowMm, ($lengthMm ** 2 / 4 + $bowMm ** 2) / (2 * $bowMm));
    }

    public function outerAreaM2(): float
    {
        return $this->areaM2(0);
    }

    public function insideAreaM2(float $wallMm): float
    {
        return max(0.0, $this->areaM2($wallMm));
    }

    public function insidePerimeterMm(float $wallMm): float
    {
        [$half, $r, $centre] = $this->inner($wallMm);

        return 2 * $half + 2 * ($centre + sqrt(max(0.0, $r ** 2 - $half ** 2))) + 2 * $r * asin(min(1.0, $half / $r));
    }

    public function longestPaneMm(): float
    {
        return max($this->lengthMm, $this->widthMm);
    }

    public function hasCurvedPane(): bool
    {
        return true;
    }

    public function boxLengthMm(): float
    {
        return $this->lengthMm;
    }

    public function boxWidthMm(): float
    {
        return $this->widthMm + $this->bowMm;
    }

    public function insideOutline(float $wallMm): array
    {
        [$half, $r, $centre] = $this->inner($wallMm);
        $reach = asin(min(1.0, $half / $r));

        return [[0, 0], [2 * $half, 0], ...Outline::arc($half, $centre, $r, M_PI / 2 - $reach, M_PI / 2 + $reach)];
    }

    /** The integral of the front's line over the back's, minus what the walls take. */
    private function areaM2(float $wallMm): float
    {
        [$half, $r, $centre] = $this->inner($wallMm);

        return $half <= 0
            ? 0.0
            : (2 * $half * $centre +
                    $half * sqrt(max(0.0, $r ** 2 - $half ** 2)) +
                    $r ** 2 * asin(min(1.0, $half / $r))) /
                    1e6;
    }

    /** @return array{0: float, 1: float, 2: float} half the inner length, inner radius, its centre from the back's inner face, mm */
    private function inner(float $wallMm): array
    {
        return [
            $this->lengthMm / 2 - $wallMm,
            $this->radiusMm - $wallMm,
            $this->widthMm + $this->bowMm - $this->radiusMm - $wallMm,
        ];
    }
}
