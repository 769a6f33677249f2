<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Litres read at a change of water: how much can be at all, and when out and in do not go together (W-40). */
final class LitresOutAndIn
{
    /** A mark or a record may be wrong by so much; more is a slip of the finger. */
    private const MORE = 1.2;

    /** Marks are read to that, L. */
    private const READ_TO_L = 2.0;

    private const SHARE = 0.1;

    /** Where nobody has said what the system holds, L. */
    private const UNKNOWN_L = 1e6;

    /**
     * @param  float|null  $volumeL  of the system; null: nobody has said
     * @return float the most that can have gone out or in, L
     */
    public static function mostL(?float $volumeL): float
    {
        return max(1.0, self::MORE * ($volumeL ?? self::UNKNOWN_L));
    }

    /** Whether a level can hardly be where it was: a leak, or a wrong valve. */
    public static function differ(float $outL, float $inL): bool
    {
        return abs($outL - $inL) > max(self::READ_TO_L, self::SHARE * $outL);
    }
}
