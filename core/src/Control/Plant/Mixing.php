<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** Where what is dissolved in both waters is a step later, implicit and without making or losing any: shares of what each held. */
final class Mixing
{
    /** What the display held and still holds. */
    public float $stays = 0.0;

    /** What the sump held and the display holds then. */
    public float $rises = 0.0;

    /** What the display held and the sump holds then. */
    public float $falls = 0.0;

    /** What the sump held and still holds. */
    public float $sumpStays = 0.0;

    /** Of what the display holds then, so much as left it with spilt water and into the air. */
    public float $leaves = 0.0;

    public float $sumpLeaves = 0.0;

    /**
     * @param  float  $airL  litres of the display whose content goes to the air
     * @param  float  $sumpAirL  likewise
     */
    public function __construct(State $s, Flow $flow, float $airL = 0.0, float $sumpAirL = 0.0)
    {
        $displayL = $s->display->litres;
        $sumpL = $s->sump->litres;
        $awayL = $flow->spiltL + $airL;
        $own = $displayL + $flow->downL + $awayL;
        $this->leaves = $displayL > 0 ? $awayL / $displayL : 0.0;
        if ($sumpL <= 0) {
            $this->stays = $this->rises = $displayL / $own;

            return;
        }
        $sumpAwayL = $flow->sumpSpiltL + $flow->skimmedL + $sumpAirL;
        $sumpOwn = $sumpL + $flow->upL + $sumpAwayL;
        $det = $own * $sumpOwn - $flow->upL * $flow->downL;
        $this->stays = ($sumpOwn * $displayL) / $det;
        $this->rises = ($flow->upL * $displayL) / $det;
        $this->falls = ($flow->downL * $sumpL) / $det;
        $this->sumpStays = ($own * $sumpL) / $det;
        $this->sumpLeaves = $sumpAwayL / $sumpL;
    }
}
