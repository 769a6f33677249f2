<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The water of a box on its way, leg by leg (M-6, M-23): one figure for the whole way flatters. */
final readonly class BoxTemperature
{
    /** What animals of a reef bear, °C. */
    public const LOWER_C = 22.0;

    public const UPPER_C = 28.0;

    private function __construct(
        /** @var list<float> at the end of each leg */
        public array $endsC,
        public float $lastC,
        /** Until it is too cold or too warm; null: not on this way. */
        public ?float $hoursToLimit,
    ) {
    }

    /**
     * @param  float  $outsideM2  of the box
     * @param  list<Leg>  $legs
     * @param  float  $warmW  of warm packs beside it
     *
     * @throws OutOfRange
     */
    public static function of(
        float $litres,
        float $outsideM2,
        BoxWall $wall,
        float $startC,
        array $legs,
        float $lowerC = self::LOWER_C,
        float $upperC = self::UPPER_C,
        float $warmW = 0.0,
    ): self {
        Guard::positive('litres', $litres);
        Guard::positive('outsideM2', $outsideM2);
        $tempC = $startC;
        $ends = [];
        $passedH = 0.0;
        $limitH = null;
        foreach ($legs as $leg) {
            $course = fn (float $limitC, LimitSide $side): TemperatureCourse => TemperatureCourse::of(
                volumeL: $litres,
                uaWK: $outsideM2 * $wall->passes($leg->isWindy),
                powerW: $warmW,
                evaporationW: 0,
                roomC: $leg->feltC(),
                startC: $tempC,
                hours: $leg->hours,
                limitC: $limitC,
                limitSide: $side,
            );
            $cold = $course($lowerC, LimitSide::Lower);
            $warm = $course($upperC, LimitSide::Upper);
            $soonest = min($cold->hoursToLimit ?? INF, $warm->hoursToLimit ?? INF);
            $limitH ??= $soonest <= $leg->hours ? $passedH + $soonest : null;
            $tempC = $cold->tempC;
            $ends[] = $tempC;
            $passedH += $leg->hours;
        }

        return new self($ends, $tempC, $limitH);
    }
}
