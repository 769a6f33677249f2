<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Seawater\Seawater;

/** One step of all heat, implicit: what goes round mixes both waters as they will be. */
final class Warmth
{
    /** Of a litre of sea water, J/K. */
    public const J_PER_L_K = Seawater::NEAR_DENSITY_KG_L * Seawater::HEAT_CAPACITY;

    /** @param  array{float, float}  $beforeJ  in each water before anything flowed */
    public static function step(PlantSpec $plant, State $s, Deeds $deeds, Flow $flow, array $beforeJ, float $seconds): void
    {
        $k = self::J_PER_L_K;
        $room = $plant->room;
        $leavesL = $flow->spiltL[0] + $flow->evaporatedL[0];
        // Fresh water arrives with the room’s temperature; evaporated water leaves with its own.
        $comesJ = $seconds * ($deeds->heatW[0] + $room->displayWK * $s->roomC - $flow->latentW[0]);
        $own = $k * ($s->displayL() + $leavesL) + $seconds * $room->displayWK;
        $freshJ = $k * $flow->freshL * $s->roomC;
        if ($plant->sump === null) {
            $tempC = ($beforeJ[0] + $comesJ + $freshJ) / $own;
            $s->tempC = [$tempC, $tempC];
            $s->heatJ += $comesJ + $freshJ - ($seconds * $room->displayWK + $k * $leavesL) * $tempC;

            return;
        }
        $sumpLeavesL = $flow->spiltL[1] + $flow->evaporatedL[1] + $flow->skimmedL;
        $sumpComesJ = $seconds * ($deeds->heatW[1] + $room->sumpWK * $s->roomC - $flow->latentW[1]) + $freshJ;
        $sumpOwn = $k * ($s->sumpL() + $sumpLeavesL) + $seconds * $room->sumpWK;
        $s->tempC = self::both(
            $own + $k * $flow->downL,
            -$k * $flow->upL,
            -$k * $flow->downL,
            $sumpOwn + $k * $flow->upL,
            [$beforeJ[0] + $comesJ, $beforeJ[1] + $sumpComesJ],
        );
        $s->heatJ += $comesJ + $sumpComesJ
            - ($seconds * $room->displayWK + $k * $leavesL) * $s->tempC[0]
            - ($seconds * $room->sumpWK + $k * $sumpLeavesL) * $s->tempC[1];
    }

    /**
     * Two equations with two unknowns.
     *
     * @param  array{float, float}  $right
     * @return array{float, float}
     */
    private static function both(float $a, float $b, float $c, float $d, array $right): array
    {
        $det = $a * $d - $b * $c;

        return [($right[0] * $d - $b * $right[1]) / $det, ($a * $right[1] - $c * $right[0]) / $det];
    }
}
