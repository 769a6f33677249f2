<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What lives in the water takes and gives. */
final readonly class Life
{
    private const DAY_MIN = 1440.0;

    /**
     * @param  float  $alkMeqLDay  what grows takes, meq/L and day
     * @param  float  $litHours  of a day
     * @param  float  $fishMgH  oxygen of the fish at 25 °C
     * @param  float  $communityMgH  oxygen of all else, at any hour; what is lit gives as much back over a day
     * @param  float  $nitrateMgDay  from food
     * @param  float  $movedMH  exchange with the air at a moving surface, m/h
     * @param  float  $stillMH  at a still one
     * @param  float  $co2Ppm  of the room’s air
     * @param  float|null  $litFromMin  when lamps that hang on no outlet go on, minute of the day; null: there are none
     */
    public function __construct(
        public float $alkMeqLDay,
        public float $litHours,
        public float $fishMgH,
        public float $communityMgH,
        public float $nitrateMgDay,
        public float $movedMH,
        public float $stillMH,
        public float $co2Ppm,
        public ?float $litFromMin = null,
    ) {
    }

    /** By lamps that hang on no outlet. */
    public function isLitAt(float $minute): bool
    {
        return $this->litFromMin !== null
            && fmod($minute - $this->litFromMin + self::DAY_MIN, self::DAY_MIN) < $this->litHours * 60;
    }
}
