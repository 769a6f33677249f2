<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Seawater\Seawater;

/**
 * Temperature of a body of water with constant heat in and a room around it (B-43, R-21):
 * m·c·dT/dt = P − E − UA·(T − T_room). Water ρ 1.0233 kg/L, c 3990 J/(kg·K).
 */
final readonly class TemperatureCourse
{
    /** Warmer or cooler by no more than this in an hour: what lives there bears no more (M-25, E-7, E-11). */
    public const MOST_KH = 1.0;

    private function __construct(
        public float $tempC,
        /** Where it ends; null without any exchange with the room. */
        public ?float $settlesC,
        public ?float $timeConstantH,
        /** 0 when the limit is met or passed at the start, null when it is never reached. */
        public ?float $hoursToLimit,
    ) {
    }

    /**
     * @param  float  $powerW  heat into the water
     * @param  float  $evaporationW  heat carried off by evaporation
     *
     * @throws OutOfRange
     */
    public static function of(
        float $volumeL,
        float $uaWK,
        float $powerW,
        float $evaporationW,
        float $roomC,
        float $startC,
        float $hours,
        float $limitC,
        LimitSide $limitSide,
    ): self {
        Guard::positive('volumeL', $volumeL);
        Guard::notNegative('uaWK', $uaWK);
        Guard::notNegative('powerW', $powerW);
        Guard::notNegative('evaporationW', $evaporationW);
        Guard::finite('roomC', $roomC);
        Guard::finite('startC', $startC);
        Guard::notNegative('hours', $hours);
        Guard::finite('limitC', $limitC);

        $capacityWhK = self::capacityWhK($volumeL);
        $passed = $limitSide === LimitSide::Upper ? $startC >= $limitC : $startC <= $limitC;

        if ($uaWK <= 0.0) {
            $perHour = ($powerW - $evaporationW) / $capacityWhK;
            $heading = $limitSide === LimitSide::Upper ? $perHour > 0 : $perHour < 0;

            return new self(
                $startC + $perHour * $hours,
                null,
                null,
                match (true) {
                    $passed => 0.0,
                    $heading => ($limitC - $startC) / $perHour,
                    default => null,
                },
            );
        }

        $settles = $roomC + ($powerW - $evaporationW) / $uaWK;
        $tau = $capacityWhK / $uaWK;
        $reached = $limitSide === LimitSide::Upper ? $settles > $limitC : $settles < $limitC;

        return new self(
            $settles + ($startC - $settles) * exp(-$hours / $tau),
            $settles,
            $tau,
            match (true) {
                $passed => 0.0,
                $reached => $tau * log(($startC - $settles) / ($limitC - $settles)),
                default => null,
            },
        );
    }

    /** Heat that warms the water by one degree, Wh/K. */
    public static function capacityWhK(float $volumeL): float
    {
        return ($volumeL * Seawater::NEAR_J_PER_L_K) / 3600;
    }
}
