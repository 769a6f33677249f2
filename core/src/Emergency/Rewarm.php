<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Seawater\Seawater;

/**
 * Back to warmth no faster than 1 °C an hour (E-11): the hours it takes, what the heater may do in each of them, and how far a large
 * heater in little water runs past its thermostat.
 */
final readonly class Rewarm
{
    public const MOST_KH = TemperatureCourse::MOST_KH;

    /** A thermostat stops so long after the water has got there. */
    private const LAG_H = 5 / 60;

    /** Further past the set point than this is worth saying, K. */
    private const OVER_K = 0.5;

    /** So far below its set point the way back is told, °C. */
    private const COLD_K = 1.0;

    private function __construct(
        /** Null: that heater never gets it there. */
        public ?float $hours,
        /** What it would do if it stayed on, at the start, °C an hour. */
        public float $freeKh,
        /** Minutes of each hour it may be on at the start. */
        public float $onMinPerH,
        /** W that hold the pace at its end. */
        public float $neededW,
        /** Past the set point when the thermostat stops, K. */
        public float $overshootK,
    ) {
    }

    /** Whether it stands so far below its set point that the way back is told. */
    public static function isAsked(float $tempC, float $setpointC): bool
    {
        return $tempC <= $setpointC - self::COLD_K;
    }

    /** Whether it runs so far past its set point when the thermostat stops that it is worth saying. */
    public function overshoots(): bool
    {
        return $this->overshootK > self::OVER_K;
    }

    /**
     * @param  float  $mostKh  °C an hour; above 0, at most 1
     *
     * @throws OutOfRange
     */
    public static function of(
        float $volumeL,
        float $uaWK,
        float $roomC,
        float $fromC,
        float $toC,
        float $heaterW,
        float $mostKh = self::MOST_KH,
    ): self {
        Guard::positive('volumeL', $volumeL);
        Guard::notNegative('uaWK', $uaWK);
        Guard::notNegative('heaterW', $heaterW);
        Guard::within('mostKh', $mostKh, 0.01, self::MOST_KH);
        if ($toC < $fromC) {
            throw OutOfRange::number('toC', $toC, Phrase::AtLeastWhereItStands, ['fromC' => Quantity::of($fromC, Kind::Temperature)]);
        }
        $heatWhK = (Seawater::NEAR_J_PER_L_K * $volumeL) / 3600;
        $loss = fn (float $tempC): float => $uaWK * ($tempC - $roomC);
        $free = ($heaterW - $loss($fromC)) / $heatWhK;
        $atEnd = ($heaterW - $loss($toC)) / $heatWhK;
        $pace = $heatWhK * $mostKh;
        $on = $heaterW <= 0 ? 0.0 : min(60.0, max(0.0, (60 * ($pace + $loss($fromC))) / $heaterW));

        return new self(
            hours: self::hours($heatWhK, $uaWK, $roomC, $fromC, $toC, $heaterW, $mostKh),
            freeKh: $free,
            onMinPerH: $on,
            neededW: max(0.0, $pace + $loss($toC)),
            overshootK: max(0.0, $atEnd) * self::LAG_H,
        );
    }

    /** At the pace while the heater can keep it, then as fast as it can. */
    private static function hours(
        float $heatWhK,
        float $uaWK,
        float $roomC,
        float $fromC,
        float $toC,
        float $heaterW,
        float $mostKh,
    ): ?float {
        if ($toC === $fromC) {
            return 0.0;
        }
        $surplus = fn (float $tempC): float => $heaterW - $uaWK * ($tempC - $roomC);
        // The warmth up to which the heater keeps the pace.
        $keepsUntil = $uaWK > 0 ? $roomC + ($heaterW - $heatWhK * $mostKh) / $uaWK : ($surplus($fromC) >= $heatWhK * $mostKh ? INF : -INF);
        $paced = max($fromC, min($toC, $keepsUntil));
        $hours = ($paced - $fromC) / $mostKh;
        if ($paced >= $toC) {
            return $hours;
        }
        if ($surplus($toC) <= 0) {
            return null;
        }
        $rest = $uaWK > 0
            ? ($heatWhK / $uaWK) * log($surplus($paced) / $surplus($toC))
            : ($heatWhK * ($toC - $paced)) / $heaterW;

        return $hours + $rest;
    }
}
