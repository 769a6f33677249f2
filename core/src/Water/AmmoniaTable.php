<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Measure\OutOfRange;

/**
 * The judgement of ammonia and its answer as tables, for a phone without signal that only looks up (C-59). A pH or temperature
 * between two steps is read at the next one up, so a look-up is never kinder than the sum.
 */
final readonly class AmmoniaTable
{
    /** °C; warmer than the last is warmer than any tank. */
    private const TEMPS_C = [18.0, 20.0, 22.0, 24.0, 25.0, 26.0, 27.0, 28.0, 30.0, 34.0, 40.0];

    private const PHS = [7.4, 7.6, 7.7, 7.8, 7.9, 8.0, 8.1, 8.2, 8.3, 8.4, 8.5, 8.6, 8.8, 9.0, 9.5];

    private const STEP = 0.05;

    /**
     * @param  list<array{ph: float, tempC: float, act: float, stop: float}>  $limits  total from which one acts, and stops, mg/L as N
     * @param  list<array{ph: float, share: float, most: float, peak: float}>  $changes  the largest total, mg/L, that a share of new
     *         water brings under the limit, and the highest free part on the way as a multiple of what it is now
     */
    private function __construct(public array $limits, public array $changes, public float $tempC)
    {
    }

    /**
     * @param  float  $salinity  the lowest that may stand there, g/kg: it raises the free share
     * @param  float  $tempC  the warmest that may stand there, for the changes
     *
     * @throws OutOfRange
     */
    public static function of(
        float $salinity,
        float $tempC,
        ?float $tankAlkDkh,
        ?float $newAlkDkh,
        float $newPh = AmmoniaAnswer::NEW_PH,
    ): self {
        $tankAlk = $tankAlkDkh ?? AmmoniaAnswer::USUAL_ALK_DKH;
        $newAlk = $newAlkDkh ?? AmmoniaAnswer::USUAL_ALK_DKH;
        $limits = $changes = [];
        foreach (self::PHS as $ph) {
            foreach (self::TEMPS_C as $c) {
                $share = FreeAmmonia::mgL(1.0, $ph, $c, $salinity);
                [$act, $stop] = [AmmoniaJudgement::ACT_MG_L / $share, AmmoniaJudgement::STOP_MG_L / $share];
                $limits[] = ['ph' => $ph, 'tempC' => $c, 'act' => $act, 'stop' => $stop];
            }
            array_push($changes, ...self::changes($ph, $salinity, $tempC, $tankAlk, $newAlk, $newPh));
        }

        return new self($limits, $changes, $tempC);
    }

    /**
     * @return list<array{ph: float, share: float, most: float, peak: float}>
     *
     * @throws OutOfRange
     */
    private static function changes(
        float $ph,
        float $salinity,
        float $tempC,
        float $tankAlk,
        float $newAlk,
        float $newPh,
    ): array {
        $now = FreeAmmonia::mgL(1.0, $ph, $tempC, $salinity);
        $rows = [];
        $peak = $now;
        for ($share = self::STEP; $share < 1.0 - 1e-9; $share += self::STEP) {
            $mixed = ShockCheck::mixedPh(
                fraction: $share,
                alkA: $tankAlk,
                salinityA: $salinity,
                tempA: $tempC,
                phA: $ph,
                alkB: $newAlk,
                salinityB: $salinity,
                tempB: $tempC,
                phB: $newPh,
            );
            $free = FreeAmmonia::mgL(1.0 - $share, $mixed, $tempC, $salinity);
            $peak = max($peak, $free);
            $rows[] = [
                'ph' => $ph,
                'share' => round($share, 2),
                'most' => AmmoniaJudgement::ACT_MG_L / $free,
                'peak' => $peak / $now,
            ];
        }

        return $rows;
    }
}
