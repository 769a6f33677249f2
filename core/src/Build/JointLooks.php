<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** Every joint is looked at while a system fills: a quarter full, full, and an hour later, each dry (B-87). */
final class JointLooks
{
    /** The last look, at the next visit, comes after. */
    public const BEFORE_FILLED = ['quarter', 'full', 'hour'];

    /**
     * What filling still waits for.
     *
     * @param  array<int, string>  $joints  names by their row
     * @param  list<array{joint: int, moment: string, dry: bool}>  $looks
     * @return string|null null: every joint was dry at every look
     */
    public static function hinders(array $joints, array $looks): ?string
    {
        $dry = [];
        foreach ($looks as $look) {
            if (in_array($look['moment'], self::BEFORE_FILLED, true)) {
                if (! $look['dry']) {
                    return ($joints[$look['joint']] ?? 'A joint').' weeps';
                }
                $dry[$look['joint']][$look['moment']] = true;
            }
        }
        foreach (array_keys($joints) as $row) {
            if (count($dry[$row] ?? []) < count(self::BEFORE_FILLED)) {
                return 'Joints are still to be looked at: a quarter full, full, an hour later';
            }
        }

        return null;
    }
}
