<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\OutOfRange;

/** The weir at the planned flow. Depths in mm below the rim. */
final readonly class Overflow
{
    private function __construct(
        public float $edgeBelowRimMm,
        public float $headMm,
        public float $runningBelowRimMm,
        /** Σ gaps of a toothed edge; null for a plain one. */
        public ?float $gapsMm,
        public float $lengthMm,
    ) {
    }

    /**
     * @throws Missing
     * @throws OutOfRange when the edge is too short for the flow, or the water would stand over the rim
     */
    public static function of(Facts $facts): self
    {
        $facts->need(F::FlowLh, F::WeirBelowRimMm, F::WeirLengthMm);
        $flow = $facts->number(F::FlowLh);
        $length = $facts->number(F::WeirLengthMm);
        $gaps = $facts->numberOrNone(F::WeirGapsMm);
        $edge = $facts->number(F::WeirBelowRimMm);
        if ($gaps !== null && $gaps > $length) {
            throw OutOfRange::number(F::WeirGapsMm->value, $gaps, "at most the edge's length, {$length}");
        }
        try {
            $head = $gaps === null ? WeirHead::plainEdge($flow, $length) : WeirHead::teeth($flow, $gaps);
        } catch (OutOfRange $e) {
            throw $e->as(F::WeirLengthMm->value);
        }
        if ($head >= $edge) {
            throw OutOfRange::number(F::WeirBelowRimMm->value, $edge, sprintf('more than %.0f, the water over the edge at this flow', ceil($head)));
        }

        return new self($edge, $head, $edge - $head, $gaps, $length);
    }
}
