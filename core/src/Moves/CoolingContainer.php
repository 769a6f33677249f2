<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\OutOfRange;

/** Water in a box on its way, without heat of its own (M-6): Newton's cooling. */
final readonly class CoolingContainer
{
    private function __construct(
        public float $tempC,
        /** 0 when the limit is passed at the start, null when it is never reached. */
        public ?float $hoursToLower,
    ) {
    }

    /**
     * @param  float  $uaWK  of the box with its lid
     * @param  float  $lowerC  coldest its animals bear
     *
     * @throws OutOfRange
     */
    public static function of(float $litres, float $uaWK, float $startC, float $airC, float $hours, float $lowerC): self
    {
        try {
            $course = TemperatureCourse::of(
                volumeL: $litres,
                uaWK: $uaWK,
                powerW: 0,
                evaporationW: 0,
                roomC: $airC,
                startC: $startC,
                hours: $hours,
                limitC: $lowerC,
                limitSide: LimitSide::Lower,
            );
        } catch (OutOfRange $e) {
            throw match ($e->field) {
                'volumeL' => $e->as('litres'),
                'roomC' => $e->as('airC'),
                'limitC' => $e->as('lowerC'),
                default => $e,
            };
        }

        return new self($course->tempC, $course->hoursToLimit);
    }
}
