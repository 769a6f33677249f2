<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** A place on the earth, degrees. */
final readonly class Spot
{
    private const EARTH_KM = 6371.0;

    /** Streets are longer than the crow's way; mean speed of a van in and round a town; a place to stop. */
    public const DETOUR = 1.3;

    public const SPEED_KMH = 35.0;

    public const PARKING_MIN = 5.0;

    /** The place as a point of the unit sphere: ways are asked for far more often than places. */
    private float $x;

    private float $y;

    private float $z;

    public function __construct(public float $lat, public float $lon)
    {
        $this->x = cos(deg2rad($lat)) * cos(deg2rad($lon));
        $this->y = cos(deg2rad($lat)) * sin(deg2rad($lon));
        $this->z = sin(deg2rad($lat));
    }

    /** Great circle from the chord, km. */
    public function kmTo(self $other): float
    {
        $chord = sqrt(($this->x - $other->x) ** 2 + ($this->y - $other->y) ** 2 + ($this->z - $other->z) ** 2);

        return 2 * self::EARTH_KM * asin(min(1.0, $chord / 2));
    }

    /** Minutes at the wheel. */
    public function minutesTo(self $other): float
    {
        return (60 * self::DETOUR * $this->kmTo($other)) / self::SPEED_KMH;
    }
}
