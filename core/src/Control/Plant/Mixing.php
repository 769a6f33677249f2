<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** Carries what is dissolved with the water, implicit and without making or losing any. */
final class Mixing
{
    /**
     * @param  array{float, float}  $amounts  before the step
     * @param  array{float, float}  $litres  after it
     * @param  array{float, float}  $come  what is added beside what flows
     * @param  array{float, float}  $airsL  litres whose content goes to the air
     * @return array{array{float, float}, float, float} amounts after it, what left with spilt and skimmed water, and into the air
     */
    public static function of(array $amounts, array $litres, Flow $flow, array $come = [0.0, 0.0], array $airsL = [0.0, 0.0]): array
    {
        $leaves = [$flow->spiltL[0], $flow->spiltL[1] + $flow->skimmedL];
        $has = [$amounts[0] + $come[0], $amounts[1] + $come[1]];
        if ($litres[1] <= 0) {
            $per = [($has[0] + $has[1]) / ($litres[0] + $leaves[0] + $airsL[0]), 0.0];
        } else {
            [$a, $b] = [$litres[0] + $leaves[0] + $airsL[0] + $flow->downL, -$flow->upL];
            [$c, $d] = [-$flow->downL, $litres[1] + $leaves[1] + $airsL[1] + $flow->upL];
            $det = $a * $d - $b * $c;
            $per = [($has[0] * $d - $b * $has[1]) / $det, ($a * $has[1] - $c * $has[0]) / $det];
        }

        return [
            [$per[0] * $litres[0], $per[1] * $litres[1]],
            $per[0] * $leaves[0] + $per[1] * $leaves[1],
            $per[0] * $airsL[0] + $per[1] * $airsL[1],
        ];
    }
}
