<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

/** The Theil–Sen line through a few readings. */
final readonly class TrendLine
{
    private function __construct(public float $slopePerDay, public float $atZero)
    {
    }

    /** The line of a known slope through one point. */
    public static function from(float $slopePerDay, float $day, float $value): self
    {
        return new self($slopePerDay, $value - $slopePerDay * $day);
    }

    /** @param  non-empty-list<Reading>  $readings at least two different times */
    public static function through(array $readings): self
    {
        $slopes = [];
        foreach ($readings as $i => $a) {
            foreach (array_slice($readings, $i + 1) as $b) {
                if ($b->day !== $a->day) {
                    $slopes[] = ($b->value - $a->value) / ($b->day - $a->day);
                }
            }
        }
        $slope = $slopes === [] ? 0.0 : self::median($slopes);

        return new self(
            $slope,
            self::median(array_map(fn (Reading $r): float => $r->value - $slope * $r->day, $readings)),
        );
    }

    public function at(float $day): float
    {
        return $this->atZero + $this->slopePerDay * $day;
    }

    /** @param  non-empty-list<Reading>  $readings */
    public function medianResidual(array $readings): float
    {
        return self::median(array_map(fn (Reading $r): float => abs($r->value - $this->at($r->day)), $readings));
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
