<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Oxygen when the movement stops: V·dC/dt = K_L·A·(C_sat − C) − M, in closed form (R-22). */
final readonly class OxygenCourse
{
    private function __construct(
        /** Where it ends, mg/L; null without exchange or when it would be negative. */
        public ?float $settlesMgL,
        /** 0 when already at or under the limit, null when it is never reached. */
        public ?float $hoursToLimit,
    ) {
    }

    /**
     * @param  float  $exchangeM3h  K_L·A: m/h times m² of surface
     * @param  float  $demandMgH  fish and everything else that breathes
     *
     * @throws OutOfRange
     */
    public static function of(
        float $volumeL,
        float $exchangeM3h,
        float $saturationMgL,
        float $startMgL,
        float $demandMgH,
        float $limitMgL,
    ): self {
        Guard::positive('volumeL', $volumeL);
        Guard::notNegative('exchangeM3h', $exchangeM3h);
        Guard::notNegative('saturationMgL', $saturationMgL);
        Guard::notNegative('startMgL', $startMgL);
        Guard::notNegative('demandMgH', $demandMgH);
        Guard::notNegative('limitMgL', $limitMgL);
        $passed = $startMgL <= $limitMgL;

        if ($exchangeM3h <= 0.0) {
            return new self(
                null,
                match (true) {
                    $passed => 0.0,
                    $demandMgH <= 0.0 => null,
                    default => (($startMgL - $limitMgL) * $volumeL) / $demandMgH,
                },
            );
        }
        $litresPerHour = 1000 * $exchangeM3h;
        $settles = $saturationMgL - $demandMgH / $litresPerHour;

        return new self(
            $settles < 0 ? null : $settles,
            match (true) {
                $passed => 0.0,
                $settles >= $limitMgL => null,
                default => ($volumeL / $litresPerHour) * log(($startMgL - $settles) / ($limitMgL - $settles)),
            },
        );
    }
}
