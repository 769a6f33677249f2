<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** Carries what is dissolved with the water of one step, implicit and without making or losing any. */
final readonly class Mixing
{
    /** Litres over which what the display had is spread, before anything goes to the air. */
    private float $spreadL;

    private float $sumpSpreadL;

    private float $leavesL;

    private float $sumpLeavesL;

    public function __construct(private float $displayL, private float $sumpL, private Flow $flow)
    {
        $this->leavesL = $flow->spiltL[0];
        $this->sumpLeavesL = $flow->spiltL[1] + $flow->skimmedL;
        $this->spreadL = $displayL + $this->leavesL + $flow->downL;
        $this->sumpSpreadL = $sumpL + $this->sumpLeavesL + $flow->upL;
    }

    /**
     * @param  array{float, float}  $amounts  before the step; afterwards what is there then
     * @param  array{float, float}  $come  what is added beside what flows
     * @param  array{float, float}  $airsL  litres whose content goes to the air
     * @return float what left with spilt and skimmed water and into the air
     */
    public function carry(array &$amounts, array $come = [0.0, 0.0], array $airsL = [0.0, 0.0]): float
    {
        $has = $amounts[0] + $come[0];
        $sumpHas = $amounts[1] + $come[1];
        if ($this->sumpL <= 0) {
            $perL = ($has + $sumpHas) / ($this->spreadL + $airsL[0]);
            $amounts = [$perL * $this->displayL, 0.0];

            return $perL * ($this->leavesL + $airsL[0]);
        }
        $own = $this->spreadL + $airsL[0];
        $sumpOwn = $this->sumpSpreadL + $airsL[1];
        $det = $own * $sumpOwn - $this->flow->upL * $this->flow->downL;
        $perL = ($has * $sumpOwn + $this->flow->upL * $sumpHas) / $det;
        $sumpPerL = ($own * $sumpHas + $this->flow->downL * $has) / $det;
        $amounts = [$perL * $this->displayL, $sumpPerL * $this->sumpL];

        return $perL * ($this->leavesL + $airsL[0]) + $sumpPerL * ($this->sumpLeavesL + $airsL[1]);
    }
}
