<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

/**
 * What a trial did to a measured value (X-57): its mean before the start against its mean once the trial has had time to act.
 *
 * The time before is as long as what is read after, at least a fortnight; after counts the later half of the trial, 60 days at most.
 * Spread is that of the difference of two means, √(s₁²/n₁ + s₂²/n₂); a difference of two spreads or less is not told from chance.
 */
final readonly class TrialEffect
{
    public const LEAST_DAYS = 14.0;

    public const MOST_DAYS = 60.0;

    private function __construct(
        public float $before,
        public float $after,
        public int $beforeCount,
        public int $afterCount,
        /** Of the difference; null with fewer than two readings on a side. */
        public ?float $spread,
    ) {
    }

    /**
     * @param  list<Reading>  $readings  in any order
     * @param  float  $startDay  the trial begins
     * @param  float  $endDay  it is judged, or today
     * @return self|null null while one side has no reading
     */
    public static function of(array $readings, float $startDay, float $endDay): ?self
    {
        [$from, $since] = self::windows($startDay, $endDay);
        $before = self::values($readings, $from, $startDay, false);
        $after = self::values($readings, $since, $endDay, true);
        if ($before === [] || $after === []) {
            return null;
        }
        $spread =
            count($before) < 2 || count($after) < 2
                ? null
                : sqrt(self::variance($before) / count($before) + self::variance($after) / count($after));

        return new self(self::mean($before), self::mean($after), count($before), count($after), $spread);
    }

    /** @return array{0: float, 1: float} from which day before counts, and from which day after does */
    public static function windows(float $startDay, float $endDay): array
    {
        $length = min(self::MOST_DAYS, max(0.0, ($endDay - $startDay) / 2));

        return [$startDay - max(self::LEAST_DAYS, $length), $endDay - $length];
    }

    public function change(): float
    {
        return $this->after - $this->before;
    }

    /** More than chance alone would do; null without a spread. */
    public function isClear(): ?bool
    {
        return $this->spread === null ? null : abs($this->change()) > 2 * $this->spread;
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<float>
     */
    private static function values(array $readings, float $from, float $until, bool $withEnd): array
    {
        return array_values(
            array_map(
                fn (Reading $r): float => $r->value,
                array_filter(
                    $readings,
                    fn (Reading $r): bool => $r->day >= $from && ($withEnd ? $r->day <= $until : $r->day < $until),
                ),
            ),
        );
    }

    /** @param  non-empty-list<float>  $values */
    private static function mean(array $values): float
    {
        return array_sum($values) / count($values);
    }

    /** @param  non-empty-list<float>  $values at least two */
    private static function variance(array $values): float
    {
        $mean = self::mean($values);

        return array_sum(array_map(fn (float $v): float => ($v - $mean) ** 2, $values)) / (count($values) - 1);
    }
}
