<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A meter's readings beside the prediction: one factor that fits them best, and how far they scatter round it (B-52). */
final readonly class LightSurvey
{
    /** Fewer points calibrate nothing. */
    public const LEAST_POINTS = 3;

    /**
     * @param  list<float>  $predicted  µmol/m²/s, by point
     * @param  list<float>  $measured
     */
    private function __construct(
        public array $predicted,
        public array $measured,
        /** Measured by predicted, least squares through nothing. */
        public float $factor,
        /** Root mean square round it, in percent of the fitted mean. */
        public float $scatterPct,
    ) {
    }

    /**
     * @param  list<float>  $predicted  µmol/m²/s
     * @param  list<float>  $measured  at the same points
     *
     * @throws OutOfRange when there is nothing to fit
     */
    public static function of(array $predicted, array $measured): self
    {
        if (count($predicted) !== count($measured) || $predicted === []) {
            throw OutOfRange::number('points', count($measured), Phrase::AsManyAsArePredicted);
        }
        $square = $cross = $sum = 0.0;
        foreach ($predicted as $i => $p) {
            Guard::notNegative('measured', $measured[$i]);
            $square += $p * $p;
            $cross += $p * $measured[$i];
            $sum += $p;
        }
        Guard::positive('predicted', $square);
        $factor = Guard::positive('factor', $cross / $square);
        $off = 0.0;
        foreach ($predicted as $i => $p) {
            $off += ($measured[$i] - $factor * $p) ** 2;
        }
        $n = count($predicted);

        return new self($predicted, $measured, $factor, (100 * sqrt($off / $n)) / (($factor * $sum) / $n));
    }

    public function calibrates(): bool
    {
        return count($this->measured) >= self::LEAST_POINTS;
    }
}
