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
        $ua = [$plant->room->displayWK, $plant->room->sumpWK];
        $litres = $s->litres();
        // Fresh water arrives with the room’s temperature; evaporated water leaves with its own.
        $freshL = $plant->sump === null ? [$flow->freshL, 0.0] : [0.0, $flow->freshL];
        $leavesL = [
            $flow->spiltL[0] + $flow->evaporatedL[0],
            $flow->spiltL[1] + $flow->evaporatedL[1] + $flow->skimmedL,
        ];
        $right = $own = [0.0, 0.0];
        foreach ([0, 1] as $body) {
            $right[$body] = $beforeJ[$body] +
                $seconds * ($deeds->heatW[$body] + $ua[$body] * $s->roomC - $flow->latentW[$body]) +
                $k * $freshL[$body] * $s->roomC;
            $own[$body] = $k * ($litres[$body] + $leavesL[$body]) + $seconds * $ua[$body];
        }
        $s->tempC = $plant->sump === null
            ? [$right[0] / $own[0], $right[0] / $own[0]]
            : self::both($own[0] + $k * $flow->downL, -$k * $flow->upL, -$k * $flow->downL, $own[1] + $k * $flow->upL, $right);
        foreach ([0, 1] as $body) {
            $s->heatJ +=
                $seconds * ($deeds->heatW[$body] - $ua[$body] * ($s->tempC[$body] - $s->roomC) - $flow->latentW[$body]) +
                $k * ($freshL[$body] * $s->roomC - $leavesL[$body] * $s->tempC[$body]);
        }
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
