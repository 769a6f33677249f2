<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** Which Stops a signed reason may pass (B-71). What can hurt people clears by numbers or by the licensed person's document only. */
final class Waivable
{
    /** Structure, wall openings, panels, overhead fixings, electrics, gas and ozone, consents. */
    private const NEVER_BY_REASON = ['B-11', 'B-12', 'B-13', 'B-53', 'B-61', 'B-77', 'R-16'];

    public static function byReason(string $rule): bool
    {
        return ! in_array($rule, self::NEVER_BY_REASON, true);
    }
}
