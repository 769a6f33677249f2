<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Heat\Surfaces;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Vessel\Cylinder;
use Velbrin\Core\Vessel\HalfCylinder;
use Velbrin\Core\Vessel\QuarterCylinder;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;

/** A further vessel on the same water: a refugium, a frag tank, a second display, in this room or another, mm. */
final readonly class OtherVessel
{
    private function __construct(
        public string $name,
        public Vessel $vessel,
        public float $lengthMm,
        public float $widthMm,
        /** Depth of water while it runs. */
        public float $waterMm,
        /** Its underside above the floor of the room it stands in. */
        public float $bottomMm,
        /** What of that depth runs down when its pump stops: over its weir, and back to its outlet or break. */
        public float $downMm,
        /** Fed by a pump of its own, not by the display’s return. */
        public bool $ownPump,
        /** Lit while the display is dark (B-51). */
        public bool $reversed = false,
        /** The room it stands in; empty: the display's. */
        public string $room = '',
        /** Of a room of its own: coldest night and hottest day, °C; null: as the display's. */
        public ?float $winterC = null,
        public ?float $summerC = null,
        /** Of its row; empty where it has none. */
        public string $id = '',
    ) {
    }

    /** @throws OutOfRange when the water stands above the rim, or more would run down than stands there */
    public static function of(
        string $name,
        float $lengthMm,
        float $widthMm,
        float $heightMm,
        float $wallMm,
        float $waterMm,
        float $bottomMm,
        float $downMm,
        bool $ownPump,
        string $at,
        string $shape = 'rectangular',
        bool $reversed = false,
        string $room = '',
        ?float $winterC = null,
        ?float $summerC = null,
        string $id = '',
    ): self {
        try {
            $footprint = match ($shape) {
                'cylinder' => Cylinder::outer($lengthMm),
                'half-cylinder' => HalfCylinder::outer($lengthMm),
                'quarter-cylinder' => QuarterCylinder::outer($lengthMm),
                default => Rectangular::outer($lengthMm, $widthMm),
            };
            $vessel = Vessel::of($footprint, $heightMm, $wallMm, $wallMm);
        } catch (OutOfRange) {
            throw OutOfRange::field("{$at}.wallMm", Phrase::TheseWallsLeaveNothingInside, Phrase::ThinnerWalls);
        }
        if ($waterMm > $vessel->insideHeightMm()) {
            throw OutOfRange::number(
                "{$at}.waterMm",
                $waterMm,
                Phrase::UpToTheRim,
                least: Quantity::of(0, Kind::Length),
                most: Quantity::of($vessel->insideHeightMm(), Kind::Length),
            );
        }
        if ($winterC !== null && $summerC !== null && $winterC > $summerC) {
            throw OutOfRange::number(
                "{$at}.winterC",
                $winterC,
                Phrase::AtMostItsHottestDay,
                least: null,
                most: Quantity::of($summerC, Kind::Temperature),
            );
        }
        if ($downMm > $waterMm) {
            throw OutOfRange::number(
                "{$at}.downMm",
                $downMm,
                Phrase::WhatStandsInIt,
                least: Quantity::of(0, Kind::Length),
                most: Quantity::of($waterMm, Kind::Length),
            );
        }

        return new self(
            name: $name,
            vessel: $vessel,
            lengthMm: $footprint->boxLengthMm(),
            widthMm: $footprint->boxWidthMm(),
            waterMm: $waterMm,
            bottomMm: $bottomMm,
            downMm: $downMm,
            ownPump: $ownPump,
            reversed: $reversed,
            room: $room,
            winterC: $winterC,
            summerC: $summerC,
            id: $id,
        );
    }

    public function litres(): float
    {
        return $this->vessel->litres($this->waterMm);
    }

    public function downL(): float
    {
        return $this->vessel->litres($this->downMm);
    }

    /** Standing full of water of that density, kg. */
    public function massKg(float $densityKgL): float
    {
        return $this->vessel->massKg() + $this->litres() * $densityKgL;
    }

    public function surfaces(): Surfaces
    {
        return Surfaces::of($this->vessel, $this->waterMm, true);
    }
}
