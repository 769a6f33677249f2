<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Chemistry\Band;

/** Which mix disturbs a system least: its water against the middle of each band, in shares of the band (W-53). */
final class MixMatch
{
    private const MIXED_AT = 35.0;

    /**
     * @param  array<int|string, array<string, float|null>>  $mixes  values at 35 g/kg by parameter, by mix
     * @param  array<string, Band>  $bands  by parameter
     * @return array<int|string, float> how far each lies off, least first; a mix of which nothing is known is not ranked
     */
    public static function rank(array $mixes, array $bands, float $salinity): array
    {
        $off = [];
        foreach ($mixes as $key => $values) {
            $shares = [];
            foreach ($bands as $parameter => $band) {
                $value = $values[$parameter] ?? null;
                if (
                    $value !== null &&
                    $band->fineLow !== null &&
                    $band->fineHigh !== null &&
                    $band->fineHigh > $band->fineLow
                ) {
                    $middle = ($band->fineLow + $band->fineHigh) / 2;
                    $shares[] =
                        abs(($value * $salinity) / self::MIXED_AT - $middle) / ($band->fineHigh - $band->fineLow);
                }
            }
            if ($shares !== []) {
                $off[$key] = array_sum($shares) / count($shares);
            }
        }
        asort($off);

        return $off;
    }
}
