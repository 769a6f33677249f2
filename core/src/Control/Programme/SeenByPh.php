<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * What a guard on pH sees of an overdose (K-60): how far alkalinity has risen when the probe reads the guard’s limit, in closed water
 * (no carbon dioxide leaves or comes in meanwhile; C-20).
 */
final readonly class SeenByPh
{
    /** Nobody doses further than that, dKH. */
    private const MOST_DKH = 30.0;

    /**
     * dKH above the start; null: pH never gets there.
     *
     * @param  Liquid  $liquid  one that brings alkalinity
     * @param  float  $ph  of the probe at the start
     * @param  float  $limitPh  of the guard
     *
     * @throws OutOfRange for a liquid without alkalinity, and water that cannot be
     */
    public static function riseDkh(
        Liquid $liquid,
        float $alkDkh,
        float $ph,
        float $limitPh,
        float $salinity = 35.0,
        float $tempC = 25.5,
    ): ?float {
        Guard::positive('alkDkh', $alkDkh);
        $perMeq = $liquid->dicPerMeq() ?? throw OutOfRange::field(
            'liquid',
            Phrase::BringsNoAlkalinity,
            Phrase::OneThatDoes,
            ['liquid' => $liquid->value],
        );
        $alk = $alkDkh / ReadingUnit::DKH_PER_MEQ;
        // Refuses a pH this alkalinity cannot have.
        Carbonate::fromProbe($alk, $salinity, $tempC, $ph);
        $riseDkh = ReadingUnit::DKH_PER_MEQ * Carbonate::riseToProbe($alk, $salinity, $tempC, $ph, $limitPh, $perMeq);

        return $riseDkh > self::MOST_DKH ? null : $riseDkh;
    }
}
