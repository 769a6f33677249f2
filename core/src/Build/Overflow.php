<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Hydraulics\Crest;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** The weir at the planned flow. Depths in mm below the rim. */
final readonly class Overflow
{
    private function __construct(
        /** The lowest point of the edge: what the display runs down to. */
        public float $edgeBelowRimMm,
        /** Water over that point. */
        public float $headMm,
        public float $runningBelowRimMm,
        public Crest $crest,
    ) {
    }

    /**
     * @throws Missing
     * @throws OutOfRange when the edge is too short for the flow, or the water would stand over the rim
     */
    public static function of(Facts $facts): self
    {
        $facts->need(F::FlowLh, F::WeirBelowRimMm);
        $flow = $facts->number(F::FlowLh);
        $crest = self::crest($facts);
        $edge = $facts->number(F::WeirBelowRimMm) + $crest->fallMm / 2;
        try {
            $head = $crest->headMm($flow);
        } catch (OutOfRange $e) {
            throw $e->as(F::WeirLengthMm->value);
        }
        if ($head >= $edge) {
            throw OutOfRange::number(
                F::WeirBelowRimMm->value,
                $facts->number(F::WeirBelowRimMm),
                Phrase::MoreThanTheWaterOver,
                [
                    'limit' => Quantity::of(ceil($head - $crest->fallMm / 2), Kind::Length),
                ],
            );
        }

        return new self($edge, $head, $edge - $head, $crest);
    }

    /** Whether enough is said of the weir to work out its head. */
    public static function isDescribed(Facts $facts): bool
    {
        return $facts->brief->has(F::WeirBelowRimMm) &&
            $facts->knows(self::isStandpipe($facts) ? F::StandpipeMm : F::WeirLengthMm) &&
            $facts->knows(F::FlowLh);
    }

    /**
     * What its form asks for.
     *
     * @return list<F>
     */
    public static function asked(Facts $facts): array
    {
        return [
            F::FlowLh,
            F::WeirForm,
            F::WeirBelowRimMm,
            self::isStandpipe($facts) ? F::StandpipeMm : F::WeirLengthMm,
        ];
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    private static function crest(Facts $facts): Crest
    {
        if (self::isStandpipe($facts)) {
            $facts->need(F::StandpipeMm);

            return Crest::standpipe($facts->number(F::StandpipeMm));
        }
        $facts->need(F::WeirLengthMm);
        $length = $facts->number(F::WeirLengthMm);
        $gaps = $facts->numberOrNone(F::WeirGapsMm);
        if ($gaps !== null && $gaps > $length) {
            throw OutOfRange::number(
                F::WeirGapsMm->value,
                $gaps,
                Phrase::AtMostTheEdgesLength,
                ['length' => Quantity::of($length, Kind::Length)],
            );
        }

        return Crest::edge($length, $gaps, (float) $facts->usual(F::WeirTiltMmM));
    }

    private static function isStandpipe(Facts $facts): bool
    {
        return $facts->usual(F::WeirForm) === 'standpipe';
    }
}
