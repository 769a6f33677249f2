<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * How many spares of one part stand on the shelf (R-40): the least stock so that one is there when a part fails, while used ones are on
 * their way. P(Poisson(count · rate · lead) ≤ s − 1) ≥ level (Palm; Sherbrooke).
 */
final readonly class SpareStock
{
    /** A spare is there when one fails, so often, where nobody asks for more. */
    public const USUAL_LEVEL = 0.95;

    private const DAYS_A_YEAR = 365.0;

    /** A larger demand is no shelf any more. */
    private const MOST_DEMAND = 500.0;

    private function __construct(
        public int $stock,
        /** Chance that one is on the shelf when a part fails. */
        public float $serviceLevel,
        /** Failures expected within the lead time. */
        public float $expectedDemand,
    ) {
    }

    /**
     * @param  float  $failuresPerUnitYear  of one part
     * @param  float  $serviceLevel  below 1
     *
     * @throws OutOfRange
     */
    public static function of(float $count, float $failuresPerUnitYear, float $leadDays, float $serviceLevel = self::USUAL_LEVEL): self
    {
        Guard::notNegative('count', $count);
        Guard::notNegative('failuresPerUnitYear', $failuresPerUnitYear);
        Guard::notNegative('leadDays', $leadDays);
        Guard::notNegative('serviceLevel', $serviceLevel);
        if ($serviceLevel >= 1) {
            throw OutOfRange::number('serviceLevel', $serviceLevel, Phrase::Below1NoStockIsCertain);
        }
        $demand = ($count * $failuresPerUnitYear * $leadDays) / self::DAYS_A_YEAR;
        if (! is_finite($demand) || $demand > self::MOST_DEMAND) {
            throw OutOfRange::number(
                'count',
                $count,
                Phrase::SoThatAtMostFailures,
                ['mostDemand' => (string) self::MOST_DEMAND],
            );
        }
        $term = exp(-$demand);
        $reached = $term;
        $stock = 1;
        while ($reached < $serviceLevel) {
            $term *= $demand / $stock;
            $next = $reached + $term;
            // The sum has come as near to 1 as a float goes.
            if ($next <= $reached && $stock > $demand) {
                break;
            }
            $reached = $next;
            $stock++;
        }

        return new self($stock, $reached, $demand);
    }
}
