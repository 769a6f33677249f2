<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** How long a probe usually stands still, and from when on that says it is frozen. */
final class StillStretch
{
    /** No value is called frozen sooner, s. */
    public const LEAST_S = 21_600.0;

    /** So many times the longest it has stood still. */
    public const TIMES = 3.0;

    /** Longer without a word is a gap, and nobody knows what it did, s. */
    private const GAP_S = 3_600.0;

    /**
     * The longest stretch without a step.
     *
     * @param  iterable<array{atS: float, value: float}>  $rows  in the order of time
     * @param  float  $resolution  the smallest step the probe shows, above 0
     * @return float s; 0 for fewer than two values
     */
    public static function longestS(iterable $rows, float $resolution): float
    {
        $longest = 0.0;
        $since = $stood = $last = null;
        foreach ($rows as ['atS' => $atS, 'value' => $value]) {
            $isGap = $last !== null && $atS - $last > self::GAP_S;
            if ($since === null || $isGap || abs($value - (float) $stood) >= $resolution - 1e-9) {
                [$since, $stood] = [$atS, $value];
            }
            $longest = max($longest, $atS - $since);
            $last = $atS;
        }

        return $longest;
    }

    /**
     * @param  float  $askedS  what somebody wrote down
     * @param  float|null  $longestS  of the last fortnight; null: nobody knows yet
     * @return float s without a step after which it is told
     */
    public static function frozenAfterS(float $askedS, ?float $longestS): float
    {
        return max($askedS, self::LEAST_S, self::TIMES * ($longestS ?? 0.0));
    }
}
