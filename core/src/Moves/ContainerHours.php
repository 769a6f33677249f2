<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * How long animals may stay in a box (M-5, M-15, M-22 … M-24): until its oxygen, its ammonia or its temperature binds. Oxygen counts
 * after the air ends; ammonia follows what the animals breathe.
 */
final readonly class ContainerHours
{
    /** mg of ammonia, as N, given off for a mg of oxygen breathed. */
    public const AMMONIA_PER_OXYGEN = 0.066;

    private function __construct(
        public float $oxygenH,
        public float $ammoniaH,
        /** Null: it stays within its limits. */
        public ?float $temperatureH,
        public float $hours,
        /** oxygen, ammonia or temperature. */
        public string $binds,
    ) {
    }

    /**
     * @param  float  $demandMgH  oxygen all of them breathe, mg/h
     * @param  float  $airHours  for which the air given suffices
     * @param  float  $totalStartMgL  total ammonia at the start, as N
     * @param  float  $ph  the higher of box and receiving water, probe
     * @param  float|null  $upperC  null: warmth is not watched
     *
     * @throws OutOfRange
     */
    public static function of(
        float $litres,
        float $demandMgH,
        float $oxygenStartMgL,
        float $oxygenMinMgL,
        float $airHours,
        float $totalStartMgL,
        float $ph,
        float $tempC,
        float $salinity,
        float $freeLimitMgL,
        float $uaWK,
        float $startC,
        float $airC,
        float $lowerC,
        ?float $upperC,
    ): self {
        Guard::positive('litres', $litres);
        Guard::positive('demandMgH', $demandMgH);
        Guard::notNegative('airHours', $airHours);
        Guard::notNegative('totalStartMgL', $totalStartMgL);
        $oxygenH = (max(0.0, $oxygenStartMgL - $oxygenMinMgL) * $litres) / $demandMgH;
        $share = FreeAmmonia::mgL(1.0, $ph, $tempC, $salinity);
        $ammoniaH =
            max(0.0, $freeLimitMgL / $share - $totalStartMgL) / ((self::AMMONIA_PER_OXYGEN * $demandMgH) / $litres);
        $temperatureH = self::temperatureH($litres, $uaWK, $startC, $airC, $lowerC, $upperC);
        $limits = ['oxygen' => $airHours + $oxygenH, 'ammonia' => $ammoniaH, 'temperature' => $temperatureH ?? INF];
        $hours = min($limits);

        return new self($oxygenH, $ammoniaH, $temperatureH, $hours, (string) array_search($hours, $limits, true));
    }

    /** @throws OutOfRange */
    private static function temperatureH(
        float $litres,
        float $uaWK,
        float $startC,
        float $airC,
        float $lowerC,
        ?float $upperC,
    ): ?float {
        $until = fn (float $limitC, LimitSide $side): ?float => TemperatureCourse::of(
            volumeL: $litres,
            uaWK: $uaWK,
            powerW: 0,
            evaporationW: 0,
            roomC: $airC,
            startC: $startC,
            hours: 0,
            limitC: $limitC,
            limitSide: $side,
        )->hoursToLimit;
        $cold = $until($lowerC, LimitSide::Lower);
        $warm = $upperC === null ? null : $until($upperC, LimitSide::Upper);

        return $cold === null || $warm === null ? $cold ?? $warm : min($cold, $warm);
    }
}
