<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** How long stages take us against the house values, as the last moves have shown: the middle of five. */
final class Pace
{
    /** So many are looked at; of fewer nothing is learned. */
    public const OF = 5;

    private const FASTEST = 0.5;

    private const SLOWEST = 2.0;

    /**
     * @param  list<array{step: string, plannedMin: float, actualMin: float}>  $took  the newest first
     * @return array<string, float> by step; where nothing was learned, nothing
     */
    public static function learned(array $took): array
    {
        $ratios = [];
        foreach ($took as $one) {
            if ($one['plannedMin'] > 0 && count($ratios[$one['step']] ?? []) < self::OF) {
                $ratios[$one['step']][] = $one['actualMin'] / $one['plannedMin'];
            }
        }
        $paces = [];
        foreach ($ratios as $step => $last) {
            if (count($last) === self::OF) {
                sort($last);
                $paces[$step] = min(self::SLOWEST, max(self::FASTEST, $last[intdiv(self::OF, 2)]));
            }
        }

        return $paces;
    }
}
