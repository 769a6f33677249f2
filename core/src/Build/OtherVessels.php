<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;

/** What further vessels add to a plan: water, run-down, and every way their pumps can stop (X-32). */
final class OtherVessels
{
    public static function litres(Facts $facts): float
    {
        return array_sum(array_map(fn (OtherVessel $v): float => $v->litres(), $facts->brief->vessels));
    }

    public static function downL(Facts $facts): float
    {
        return array_sum(array_map(fn (OtherVessel $v): float => $v->downL(), $facts->brief->vessels));
    }

    /** Pipes, risers and further vessels: what comes down besides the display’s own water. */
    public static function withPipesL(Facts $facts): float
    {
        return $facts->number(F::PipesL) + Storeys::risersL($facts) + self::downL($facts);
    }

    /**
     * Litres that come down for every way the pumps can stop. Vessels without a pump of their own stop with the display’s return.
     *
     * @param  float  $displayL  of the display and its pipes
     * @return list<array{pumps: list<string>, litres: float}> fewest pumps first
     */
    public static function stops(Facts $facts, float $displayL): array
    {
        $pumps = ['the return' => $displayL];
        foreach ($facts->brief->vessels as $i => $vessel) {
            if ($vessel->ownPump && $vessel->downMm > 0) {
                $pumps[($vessel->name === '' ? 'vessel '.($i + 1) : $vessel->name).'’s'] = $vessel->downL();
            } else {
                $pumps['the return'] += $vessel->downL();
            }
        }
        $ways = [];
        $names = array_keys($pumps);
        for ($set = 1; $set < 2 ** count($names); $set++) {
            $stopped = array_values(
                array_filter($names, fn (string $n, int $i): bool => (($set >> $i) & 1) === 1, ARRAY_FILTER_USE_BOTH),
            );
            $ways[] = [
                'pumps' => $stopped,
                'litres' => array_sum(array_map(fn (string $n): float => $pumps[$n], $stopped)),
            ];
        }
        usort(
            $ways,
            fn (array $a, array $b): int => [count($a['pumps']), $a['litres']] <=> [count($b['pumps']), $b['litres']],
        );

        return $ways;
    }
}
