<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Salt, batches and hours to have that much salt water ready (W-34, W-51 … W-54). */
final readonly class Mixing
{
    private function __construct(
        public float $saltKg,
        public float $roHours,
        public int $batches,
        public float $heatHours,
        public float $totalHours,
    ) {
    }

    /**
     * @param  float  $mixGramsPerL  of the chosen mix at the chosen salinity
     * @param  float  $mixHours  a batch must turn before it is usable
     * @param  float  $efficiency  share of the heater's power that stays in the water, 0 < η ≤ 1
     *
     * @throws OutOfRange
     */
    public static function of(
        float $litres,
        float $mixGramsPerL,
        float $roRatedLd,
        float $roWaterC,
        float $vesselL,
        float $mixHours,
        float $heatW,
        float $startC,
        float $targetC,
        float $efficiency = 0.9,
    ): self {
        Guard::notNegative('litres', $litres);
        Guard::notNegative('mixGramsPerL', $mixGramsPerL);
        Guard::positive('vesselL', $vesselL);
        Guard::notNegative('mixHours', $mixHours);
        Guard::notNegative('heatW', $heatW);
        Guard::finite('startC', $startC);
        Guard::finite('targetC', $targetC);
        if (! is_finite($efficiency) || $efficiency <= 0 || $efficiency > 1) {
            throw OutOfRange::number('efficiency', $efficiency, Phrase::MoreThan0AndAtMost);
        }
        $rise = max(0.0, $targetC - $startC);
        if ($heatW <= 0.0 && $rise > 0) {
            throw OutOfRange::number('heatW', $heatW, Phrase::MoreThan0WhenTheWater);
        }
        $ro = (24 * $litres) / RoOutput::litresPerDay($roRatedLd, $roWaterC);
        $batches = (int) ceil($litres / $vesselL - 1e-9);
        $heat = $rise > 0 ? (TemperatureCourse::capacityWhK($litres) * $rise) / ($efficiency * $heatW) : 0.0;
        $perBatch = $batches > 0 ? max($mixHours, $heat / $batches) : 0.0;

        return new self(($litres * $mixGramsPerL) / 1000, $ro, $batches, $heat, $ro + $batches * $perBatch);
    }
}
