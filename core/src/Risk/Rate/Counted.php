<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Rate;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * What a company's own failures say of a life (X-51): every device counts, those that still run by the age they have reached. Weibull with
 * its shape known: scale = (Σ t^β / r)^(1/β), between bounds by χ² with 2r and 2r + 2 degrees of freedom (Nelson 1985).
 */
final readonly class Counted
{
    /** The bounds hold with so much certainty, both sides together. */
    public const CERTAINTY = 0.9;

    /** Fewer failures say too little to be taken over. */
    private const ENOUGH = 3;

    private function __construct(
        public int $failures,
        public float $deviceYears,
        /** 63 % have failed by then; null: none has failed yet. */
        public ?float $scaleYears,
        /** No sooner than that. */
        public float $lowYears,
        /** No later than that; null: nobody can say, none has failed. */
        public ?float $highYears,
    ) {
    }

    /**
     * @param  list<array{ageYears: float, hasFailed: bool}>  $devices  at failure, or as old as they are
     * @return self|null null: none has any age yet
     *
     * @throws OutOfRange
     */
    public static function of(array $devices, float $shape): ?self
    {
        Guard::positive('shape', $shape);
        $sum = $years = 0.0;
        $failures = 0;
        foreach ($devices as $device) {
            Guard::notNegative('ageYears', $device['ageYears']);
            $years += $device['ageYears'];
            $sum += $device['ageYears'] ** $shape;
            $failures += $device['hasFailed'] ? 1 : 0;
        }
        if ($sum <= 0) {
            return null;
        }
        $tail = (1 - self::CERTAINTY) / 2;
        $scale = fn (float $mean): float => ($sum / $mean) ** (1 / $shape);

        return new self(
            failures: $failures,
            deviceYears: $years,
            scaleYears: $failures === 0 ? null : $scale((float) $failures),
            lowYears: $scale(self::meanOfAtMost($failures, $tail)),
            highYears: $failures === 0 ? null : $scale(self::meanOfAtMost($failures - 1, 1 - $tail)),
        );
    }

    /** Whether it says enough to be taken over. */
    public function isEnough(): bool
    {
        return $this->failures >= self::ENOUGH;
    }

    /** The Poisson mean at which so many or fewer come with that chance: half a χ² of 2k + 2 degrees of freedom. */
    private static function meanOfAtMost(int $most, float $chance): float
    {
        [$low, $high] = [0.0, 1.0];
        while (self::atMost($most, $high) > $chance) {
            $high *= 2;
        }
        for ($i = 0; $i < 80; $i++) {
            $middle = ($low + $high) / 2;
            if (self::atMost($most, $middle) > $chance) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    private static function atMost(int $most, float $mean): float
    {
        $term = exp(-$mean);
        $sum = $term;
        for ($k = 1; $k <= $most; $k++) {
            $term *= $mean / $k;
            $sum += $term;
        }

        return $sum;
    }
}
