<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/**
 * What a display's water leaves over: a plain edge, one with teeth, either out of level, or the rim of a standpipe (B-21, B-79).
 * Heads are over its lowest point, mm.
 */
final readonly class Crest
{
    /** A tilt below this over the whole edge is none. */
    private const LEVEL_MM = 0.01;

    /** A standpipe is a weir up to this share of its bore; beyond, the pipe governs. */
    private const PIPE_FROM = 0.2;

    private function __construct(
        /** Of the edge, or the bore of the standpipe. */
        public float $lengthMm,
        /** Σ gaps of a toothed edge. */
        public ?float $gapsMm,
        /** Its lower end under its higher end. */
        public float $fallMm,
        public bool $isPipe,
    ) {
    }

    /**
     * @param  float|null  $gapsMm  Σ gaps of the teeth; null for a plain edge
     * @param  float  $tiltMmM  out of level, mm a metre
     *
     * @throws OutOfRange
     */
    public static function edge(float $lengthMm, ?float $gapsMm = null, float $tiltMmM = 0.0): self
    {
        Guard::positive('lengthMm', $lengthMm);
        Guard::notNegative('tiltMmM', $tiltMmM);
        if ($gapsMm !== null) {
            Guard::positive('gapsMm', $gapsMm);
        }

        return new self($lengthMm, $gapsMm, ($tiltMmM * $lengthMm) / 1000, false);
    }

    /** @throws OutOfRange */
    public static function standpipe(float $boreMm): self
    {
        return new self(Guard::positive('boreMm', $boreMm), null, 0.0, true);
    }

    /**
     * @return float head over the lowest point that carries the flow, mm
     *
     * @throws OutOfRange on lengthMm when the edge is too short for the flow
     */
    public function headMm(float $flowLh): float
    {
        if ($this->isPipe) {
            return $flowLh <= $this->ringLh(self::PIPE_FROM * $this->lengthMm)
                ? 1000 * ($flowLh / 3.6e6 / ((WeirHead::FRANCIS * M_PI * $this->lengthMm) / 1000)) ** (2 / 3)
                : DrainCapacity::levelOverOutletMm($flowLh, $this->lengthMm);
        }
        $level =
            $this->gapsMm === null
                ? WeirHead::plainEdge($flowLh, $this->lengthMm)
                : WeirHead::teeth($flowLh, $this->gapsMm);

        return $this->fallMm < self::LEVEL_MM
            ? $level
            : Solve::rising(fn (float $h): float => $this->flowLh($h) - $flowLh, 0, $level + $this->fallMm);
    }

    /** Whether a standpipe carries so much that its bore governs, not its rim (B-79). */
    public function runsAsPipe(float $headMm): bool
    {
        return $this->isPipe && $headMm >= self::PIPE_FROM * $this->lengthMm;
    }

    /** L/h with that much water over the lowest point. */
    public function flowLh(float $headMm): float
    {
        if ($this->isPipe) {
            $weir = $this->ringLh(min($headMm, self::PIPE_FROM * $this->lengthMm));

            return $headMm <= self::PIPE_FROM * $this->lengthMm
                ? $weir
                : max($weir, DrainCapacity::inletFlowLh($headMm, $this->lengthMm));
        }
        if ($this->fallMm < self::LEVEL_MM) {
            return $this->gapsMm === null
                ? WeirHead::plainFlowLh($headMm, $this->lengthMm)
                : WeirHead::teethFlowLh($headMm, $this->gapsMm);
        }
        // ∫ h(x)^1.5 dx along the edge, h falling from the low end to the high one; each end contracts by its own head.
        [$low, $high] = [max(0.0, $headMm) / 1000, max(0.0, $headMm - $this->fallMm) / 1000];
        $along = ($low ** 2.5 - $high ** 2.5) / 2.5 / ($this->fallMm / $this->lengthMm);

        return 3.6e6 *
            ($this->gapsMm === null
                ? WeirHead::FRANCIS * max(0.0, $along - 0.1 * ($low ** 2.5 + $high ** 2.5))
                : ((WeirHead::TEETH * $this->gapsMm) / $this->lengthMm) * $along);
    }

    /** All round the pipe's rim, no contraction. */
    private function ringLh(float $headMm): float
    {
        return ((3.6e6 * WeirHead::FRANCIS * M_PI * $this->lengthMm) / 1000) * (max(0.0, $headMm) / 1000) ** 1.5;
    }
}
