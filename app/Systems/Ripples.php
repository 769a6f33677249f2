<?php

declare(strict_types=1);

namespace App\Systems;

use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Measure\Units;

/** What a change of a running system re-opens (X-30), in words for its log. */
final class Ripples
{
    private const LONGEST = 1000;

    /** Null when nothing moved. */
    public static function words(Comparison $moved): ?string
    {
        if ($moved->facts === [] && $moved->figures === []) {
            return null;
        }
        $facts = array_map(fn (array $f): string => PlanSheet::fields()[$f[0]]->label, $moved->facts);
        $figures = array_map(fn (array $f): string => ($f[1] ?? $f[0])?->label.' '.self::value($f[0]).' → '.self::value($f[1]), $moved->figures);

        return mb_substr('Measured anew: '.($facts === [] ? 'sump chambers' : implode(', ', $facts)).'. Moved with it: '.($figures === [] ? 'nothing' : implode('; ', $figures)).'. Check doses, change litres and heaters.', 0, self::LONGEST);
    }

    private static function value(?Figure $figure): string
    {
        return match (true) {
            $figure === null => 'unknown',
            $figure->quantity !== null => Units::metric()->show($figure->quantity),
            default => $figure->word ?? 'unknown',
        };
    }
}
