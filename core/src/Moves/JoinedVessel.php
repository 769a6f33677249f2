<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * A vessel that joins running water (M-14, M-18): what it raises, what of it fits, and what changes with the litres. Only the chamber
 * that floats rises; litres are compared, not millimetres.
 */
final readonly class JoinedVessel
{
    /** Of the spare, the drain-down may take so much (B-32). */
    private const DRAIN_SHARE = 0.85;

    private function __construct(
        /** How far the floating chamber would rise without a closed valve, mm. */
        public float $riseMm,
        /** What may be added while everything is open, L. */
        public float $fitsL,
        public bool $fits,
        /** Litres after by litres before: corrections grow by it. */
        public float $growth,
        /** What an overdose of today’s amount does then. */
        public float $overdoseFactor,
    ) {
    }

    /**
     * @param  float  $beforeL  net, of the running system
     * @param  float  $floatM2  of the chamber that floats
     * @param  float  $spareL  free above its running level
     * @param  float  $drainDownL  what comes down when the power goes
     *
     * @throws OutOfRange
     */
    public static function of(float $beforeL, float $addedL, float $floatM2, float $spareL, float $drainDownL): self
    {
        Guard::positive('beforeL', $beforeL);
        Guard::positive('addedL', $addedL);
        Guard::positive('floatM2', $floatM2);
        Guard::notNegative('spareL', $spareL);
        Guard::notNegative('drainDownL', $drainDownL);
        $fitsL = max(0.0, $spareL - $drainDownL / self::DRAIN_SHARE);

        return new self(
            riseMm: $addedL / $floatM2,
            fitsL: $fitsL,
            fits: $addedL <= $fitsL + 1e-9,
            growth: ($beforeL + $addedL) / $beforeL,
            overdoseFactor: $beforeL / ($beforeL + $addedL),
        );
    }
}
