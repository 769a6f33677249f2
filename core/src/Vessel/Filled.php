<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** Any other form, measured by filling it: litres to the rim, and the box round it. Its panes are not known. */
final readonly class Filled implements Footprint
{
    private function __construct(
        public float $insideM2,
        public float $lengthMm,
        public float $widthMm,
        private float $wallMm,
    ) {
    }

    /** @throws OutOfRange when more went in than the box round it holds */
    public static function of(
        float $litres,
        float $insideHeightMm,
        float $lengthMm,
        float $widthMm,
        float $wallMm,
    ): self {
        Guard::positive('filledL', $litres);
        Guard::positive('heightMm', $insideHeightMm);
        $box = Rectangular::outer($lengthMm, $widthMm)->insideAreaM2($wallMm);
        if ($litres / $insideHeightMm > $box) {
            throw OutOfRange::number(
                'filledL',
                $litres,
                Phrase::AtMostWhatTheBoxRound,
                [
                    'limit' => Quantity::of($box * $insideHeightMm, Kind::Volume),
                ],
            );
        }

        return new self($litres / $insideHeightMm, $lengthMm, $widthMm, $wallMm);
    }

    /** Its walls counted along the box round it, which is longer than they are: never too light. */
    public function outerAreaM2(): float
    {
        return min(
            ($this->lengthMm * $this->widthMm) / 1e6,
            $this->insideM2 + (2 * ($this->lengthMm + $this->widthMm - 2 * $this->wallMm) * $this->wallMm) / 1e6,
        );
    }

    public function insideAreaM2(float $wallMm): float
    {
        return $this->insideM2;
    }

    public function insidePerimeterMm(float $wallMm): float
    {
        return 2 * ($this->lengthMm + $this->widthMm - 4 * $wallMm);
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
        return $this->lengthMm;
    }

    public function boxWidthMm(): float
    {
        return $this->widthMm;
    }

    public function insideOutline(float $wallMm): array
    {
        return Rectangular::outer($this->lengthMm, $this->widthMm)->insideOutline($wallMm);
    }
}
