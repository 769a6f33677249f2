<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What a holding asks for while animals are in it (M-16): ammonia a day, when it is too much, and the changes that keep it under. */
final readonly class HoldingCare
{
    private function __construct(
        /** Total ammonia a day, mg/L as N, after what a filter clears. */
        public float $riseMgLDay,
        /** Total ammonia at which its free share acts, mg/L as N. */
        public float $mostMgL,
        public float $hoursToMost,
        /** Share of the water to change each time, 0–1; above 1: no change keeps up, and it needs a filter or more litres. */
        public float $changeShare,
    ) {
    }

    /**
     * @param  float  $demandMgH  oxygen all of them breathe
     * @param  float  $cleared  share of the ammonia a running filter clears, 0–1
     * @param  float  $everyH  hours between changes
     *
     * @throws OutOfRange
     */
    public static function of(
        float $litres,
        float $demandMgH,
        float $ph,
        float $tempC,
        float $salinity,
        float $cleared = 0.0,
        float $everyH = 12.0,
    ): self {
        Guard::positive('litres', $litres);
        Guard::positive('demandMgH', $demandMgH);
        Guard::within('cleared', $cleared, 0, 1);
        Guard::positive('everyH', $everyH);
        $perDay = ((ContainerHours::AMMONIA_PER_OXYGEN * $demandMgH * 24) / $litres) * (1 - $cleared);
        $most = FreeAmmonia::ACT_MG_L / FreeAmmonia::mgL(1.0, $ph, $tempC, $salinity);

        return new self($perDay, $most, $perDay > 0 ? (24 * $most) / $perDay : INF, ($perDay * $everyH) / 24 / $most);
    }
}
