<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Moves\WaterJump;

/** The jump of the waters of a move, over those parameters of which both are known. */
final class WaterAnswer
{
    public static function of(Waters $waters): ?WaterJump
    {
        $both = array_intersect_key($waters->old, $waters->fresh);
        if ($both === [] || $waters->oldL === null || $waters->newL === null || $waters->oldL + $waters->newL <= 0) {
            return null;
        }

        return WaterJump::of($waters->oldL, $waters->newL, $both, array_intersect_key($waters->fresh, $both), $waters->limits);
    }
}
