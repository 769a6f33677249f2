<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * A system is short of water and off its salinity (W-21): how much salt water and how much RO bring both back at once.
 * V_s = (S₀·V − S₁·(V − ΔV))/S_mix, V_r = ΔV − V_s.
 */
final readonly class TopUp
{
    private function __construct(public float $saltWaterL, public float $roL)
    {
    }

    /**
     * @param  float  $systemL  full
     * @param  float  $shortL  missing now
     *
     * @throws OutOfRange when no mixture of the two brings it there
     */
    public static function of(float $systemL, float $wantedS, float $nowS, float $shortL, float $mixSalinity): self
    {
        Guard::positive('systemL', $systemL);
        Guard::notNegative('wantedS', $wantedS);
        Guard::notNegative('nowS', $nowS);
        Guard::within('shortL', $shortL, 0, $systemL);
        Guard::positive('mixSalinity', $mixSalinity);
        $saltWater = ($wantedS * $systemL - $nowS * ($systemL - $shortL)) / $mixSalinity;
        $ro = $shortL - $saltWater;
        if ($saltWater < -1e-9 || $ro < -1e-9) {
            throw OutOfRange::number(
                'nowS',
                $nowS,
                Phrase::SuchThatAMixture,
            );
        }

        return new self(max(0.0, $saltWater), max(0.0, $ro));
    }
}
