<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * What a series of readings says (C-5): level, robust slope, scatter, and when it leaves the fine band (C-4).
 * The slope is the median of all pairwise slopes (Theil 1950, Sen 1968) over the last 8 unmarked readings within 60 days.
 */
final readonly class Judgement
{
    public const READINGS = 8;

    public const WINDOW_DAYS = 60.0;

    public const FEWEST = 3;

    public const SHORTEST_SPAN_DAYS = 3.0;

    /** Median absolute deviation to standard deviation. */
    private const MAD_TO_SIGMA = 1.4826;

    /** A new reading further than this many scatters from the line is asked about once. */
    public const DOUBT = 3.0;

    private function __construct(
        public float $latest,
        public Standing $standing,
        /** Unmarked readings the judgement rests on. */
        public int $count,
        /** Per day; null while there are too few readings. */
        public ?float $slopePerDay,
        public bool $steady,
        public ?float $scatter,
        /** The line's value at the judging day. */
        public ?float $lineNow,
        /** Days until the line meets the fine limit it heads for; 0 when outside already, null when it never does. */
        public ?float $daysToLeave,
        /** Largest less smallest over the last 7 and 30 days. */
        public ?float $spread7,
        public ?float $spread30,
    ) {
    }

    /**
     * @param  list<Reading>  $readings  in any order; those after the judging day are left out
     *
     * @throws OutOfRange when no unmarked reading is left, or the resolution is not positive
     */
    public static function of(array $readings, Band $band, float $resolution, float $nowDay): self
    {
        Guard::positive('resolution', $resolution);
        $valid = array_values(
            array_filter($readings, fn (Reading $r): bool => ! $r->marked && $r->day <= $nowDay + 1e-9),
        );
        if ($valid === []) {
            throw OutOfRange::field(
                'readings',
                Phrase::ReadingsHoldsNoUnmarkedReadingUp,
                Phrase::AtLeastOne,
            );
        }
        usort($valid, fn (Reading $a, Reading $b): int => $a->day <=> $b->day);
        $latest = $valid[count($valid) - 1];
        $spread7 = self::spread($valid, $nowDay - 7);
        $spread30 = self::spread($valid, $nowDay - 30);
        $standing = $band->standing($latest->value);
        $used = array_slice(
            array_values(array_filter($valid, fn (Reading $r): bool => $r->day >= $nowDay - self::WINDOW_DAYS)),
            -self::READINGS,
        );
        $span = $used === [] ? 0.0 : $used[count($used) - 1]->day - $used[0]->day;

        if (count($used) < self::FEWEST || $span < self::SHORTEST_SPAN_DAYS) {
            return new self(
                latest: $latest->value,
                standing: $standing,
                count: count($used),
                slopePerDay: null,
                steady: false,
                scatter: null,
                lineNow: null,
                daysToLeave: $standing->outside() ? 0.0 : null,
                spread7: $spread7,
                spread30: $spread30,
            );
        }
        $line = TrendLine::through($used);
        $scatter = max(self::MAD_TO_SIGMA * $line->medianResidual($used), $resolution / 2);
        $steady = abs($line->slopePerDay) * $span < $resolution;
        $lineNow = $line->at($nowDay);

        return new self(
            latest: $latest->value,
            standing: $standing,
            count: count($used),
            slopePerDay: $line->slopePerDay,
            steady: $steady,
            scatter: $scatter,
            lineNow: $lineNow,
            daysToLeave: self::daysToLeave($band, $line->slopePerDay, $steady, $lineNow, $standing),
            spread7: $spread7,
            spread30: $spread30,
        );
    }

    /** Whether a new value is so far from the line before it that it is asked for once more. */
    public function doubts(float $value, float $lineValue): bool
    {
        return $this->scatter !== null && abs($value - $lineValue) > self::DOUBT * $this->scatter;
    }

    private static function daysToLeave(
        Band $band,
        float $slope,
        bool $steady,
        float $lineNow,
        Standing $standing,
    ): ?float {
        if ($standing->outside()) {
            return 0.0;
        }
        $limit = $slope > 0 ? $band->fineHigh : $band->fineLow;
        if ($steady || $limit === null || $slope === 0.0) {
            return null;
        }

        return max(0.0, ($limit - $lineNow) / $slope);
    }

    /** @param  list<Reading>  $readings */
    private static function spread(array $readings, float $fromDay): ?float
    {
        $values = array_map(
            fn (Reading $r): float => $r->value,
            array_values(array_filter($readings, fn (Reading $r): bool => $r->day >= $fromDay)),
        );

        return count($values) < 2 ? null : max($values) - min($values);
    }
}
