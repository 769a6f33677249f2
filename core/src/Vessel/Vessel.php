<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** An open-topped vessel: outline, outer height, wall and floor thickness. */
final readonly class Vessel
{
    private function __construct(
        public Footprint $footprint,
        public float $heightMm,
        public float $wallMm,
        public float $floorMm,
        public Material $material,
    ) {
    }

    /** @throws OutOfRange when the walls or the floor leave nothing inside */
    public static function of(
        Footprint $footprint,
        float $heightMm,
        float $wallMm = 0,
        float $floorMm = 0,
        Material $material = Material::Glass,
    ): self {
        Guard::positive('heightMm', $heightMm);
        Guard::notNegative('wallMm', $wallMm);
        Guard::notNegative('floorMm', $floorMm);
        if ($footprint->insideAreaM2($wallMm) <= 0) {
            throw OutOfRange::number('wallMm', $wallMm, Phrase::ThinEnoughToLeaveRoomInside);
        }
        if ($floorMm >= $heightMm) {
            throw OutOfRange::number(
                'floorMm',
                $floorMm,
                Phrase::LessThanTheHeight,
                ['heightMm' => Quantity::of($heightMm, Kind::Length)],
            );
        }

        return new self($footprint, $heightMm, $wallMm, $floorMm, $material);
    }

    public function insideHeightMm(): float
    {
        return $this->heightMm - $this->floorMm;
    }

    public function insideAreaM2(): float
    {
        return $this->footprint->insideAreaM2($this->wallMm);
    }

    /** Mass of the empty vessel by its panels, kg. */
    public function massKg(): float
    {
        $outer = $this->footprint->outerAreaM2();
        $walls = (($outer - $this->insideAreaM2()) * $this->insideHeightMm()) / 1000;

        return ($walls + ($outer * $this->floorMm) / 1000) * $this->material->densityKgM3();
    }

    /** Litres of a column of that height inside. */
    public function litres(float $columnMm): float
    {
        return $this->insideAreaM2() * $columnMm;
    }
}
