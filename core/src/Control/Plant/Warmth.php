<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Seawater\Seawater;

/** One step of all heat, implicit: what goes round mixes both waters as they will be. */
final class Warmth
{
    /**
     * @param  float  $beforeJ  in the display before anything flowed
     * @param  float  $sumpBeforeJ  likewise
     */
    public static function step(
        PlantSpec $plant,
        State $s,
        Deeds $deeds,
        Flow $flow,
        float $beforeJ,
        float $sumpBeforeJ,
        float $seconds,
    ): void {
        $k = Seawater::NEAR_J_PER_L_K;
        $room = $plant->room;
        $lossJK = $seconds * $room->displayWK + $k * ($flow->spiltL + $flow->vapourL);
        // Fresh water arrives with the room’s temperature; evaporated water leaves with its own.
        $comesJ = $seconds * ($deeds->heatW + $room->displayWK * $s->roomC - $flow->latentW);
        $freshJ = $k * $flow->freshL * $s->roomC;
        if ($plant->sump === null) {
            $comesJ += $freshJ;
            $tempC = ($beforeJ + $comesJ) / ($k * $s->display->litres + $lossJK);
            $s->display->tempC = $s->sump->tempC = $tempC;
            $s->heatJ += $comesJ - $lossJK * $tempC;

            return;
        }
        $sumpLossJK = $seconds * $room->sumpWK + $k * ($flow->sumpSpiltL + $flow->sumpVapourL + $flow->skimmedL);
        $sumpComesJ = $seconds * ($deeds->sumpHeatW + $room->sumpWK * $s->roomC - $flow->sumpLatentW) + $freshJ;
        // Two equations with two unknowns: what each holds and loses, and what goes up and comes down between them.
        $upJK = $k * $flow->upL;
        $downJK = $k * $flow->downL;
        $ownJK = $k * $s->display->litres + $lossJK + $downJK;
        $sumpOwnJK = $k * $s->sump->litres + $sumpLossJK + $upJK;
        $hasJ = $beforeJ + $comesJ;
        $sumpHasJ = $sumpBeforeJ + $sumpComesJ;
        $det = $ownJK * $sumpOwnJK - $upJK * $downJK;
        $tempC = ($hasJ * $sumpOwnJK + $upJK * $sumpHasJ) / $det;
        $sumpC = ($ownJK * $sumpHasJ + $downJK * $hasJ) / $det;
        $s->display->tempC = $tempC;
        $s->sump->tempC = $sumpC;
        $s->heatJ += $comesJ + $sumpComesJ - $lossJK * $tempC - $sumpLossJK * $sumpC;
    }
}
