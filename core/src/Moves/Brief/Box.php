<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Moves\BoxWall;
use Velbrin\Core\Moves\OldWater;

/** A box that animals ride in. */
final readonly class Box
{
    /** Of a usual one, where nobody has said: litres, and inside along and across, mm. */
    public const USUAL_L = 28.0;

    public const USUAL_LONG_MM = 600.0;

    public const USUAL_WIDE_MM = 400.0;

    /**
     * @param  float  $airLMin  blown in; 0: none
     * @param  float|null  $airHours  of its battery when warm; null: mains or nobody has said
     * @param  bool  $inCabin  rides where people do
     * @param  string|null  $rides  the vehicle somebody has chosen; null: whichever has room
     * @param  float  $warmW  that warm packs beside it give it over its way, W
     * @param  int|null  $leaves  off it as number so and so; null: animals first
     */
    public function __construct(
        public string $id,
        public string $label,
        public float $litres,
        public BoxWall $wall,
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        public float $tareKg,
        public float $airLMin,
        public ?float $airHours,
        public bool $inCabin,
        public ?string $rides = null,
        public ?int $leaves = null,
        public float $warmW = 0.0,
    ) {
    }

    /** Of its four walls, floor and lid, m². */
    public function outsideM2(): float
    {
        return (2 * ($this->lengthMm * $this->widthMm + $this->lengthMm * $this->heightMm + $this->widthMm * $this->heightMm)) / 1e6;
    }

    /** Inside, m². */
    public function floorM2(): float
    {
        return $this->lengthMm * $this->widthMm / 1e6;
    }

    public function kg(): float
    {
        return $this->litres * OldWater::KG_PER_L + $this->tareKg;
    }
}
