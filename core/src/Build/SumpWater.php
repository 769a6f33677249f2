<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Vessel\Vessel;

/** The sump running: chambers in flow order with their levels (B-30). */
final readonly class SumpWater
{
    /** @param  non-empty-list<SumpChamber>  $chambers the return chamber last */
    private function __construct(
        public Vessel $vessel,
        public array $chambers,
        public float $rimMm,
        public SumpOutline $outline,
        private Facts $facts,
    ) {
    }

    /** Whether its sizes and level are known. Described by half it is counted as none, and nothing is called Fine on that. */
    public static function isDescribed(Facts $facts): bool
    {
        $sizes = [F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm, F::ReturnLevelMm];
        $asked = $facts->brief->chambers === [] ? $sizes : [...$sizes, F::FlowLh];
        if (array_filter($asked, fn (F $f): bool => ! $facts->brief->has($f)) === []) {
            return true;
        }
        if ($facts->brief->hasAny(...$sizes)) {
            $facts->without(...$asked);
        }

        return false;
    }

    /**
     * @throws Missing
     * @throws OutOfRange on a chamber whose sizes cannot be, or a level at or above the rim
     */
    public static function of(Facts $facts): self
    {
        $facts->need(F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm, F::ReturnLevelMm);
        $outline = SumpOutline::of($facts);
        try {
            $vessel = Vessel::of(
                $outline->footprint(),
                $facts->number(F::SumpHeightMm),
                $outline->wallMm,
                $facts->number(F::SumpFloorMm),
            );
        } catch (OutOfRange $e) {
            throw $e->as('sump'.ucfirst($e->field));
        }
        $rim = $vessel->insideHeightMm();
        $level = $facts->number(F::ReturnLevelMm);
        if ($level >= $rim) {
            throw OutOfRange::number(
                F::ReturnLevelMm->value,
                $level,
                Phrase::BelowTheSumpsRim,
                ['rim' => Quantity::of($rim, Kind::Length)],
            );
        }

        return new self($vessel, self::chambers($facts, $outline, $level, $rim), $rim, $outline, $facts);
    }

    /**
     * Lowest level for the pump, mm. Read only by what depends on it.
     *
     * @throws OutOfRange
     */
    public function pumpMinMm(): float
    {
        $pumpMin = $this->facts->number(F::PumpMinLevelMm);
        $level = $this->returnChamber()->levelMm;

        return $pumpMin < $level
            ? $pumpMin
            : throw OutOfRange::number(
                F::PumpMinLevelMm->value,
                $pumpMin,
                Phrase::BelowTheRunningLevel,
                ['level' => Quantity::of($level, Kind::Length)],
            );
    }

    public function returnChamber(): SumpChamber
    {
        return $this->chambers[count($this->chambers) - 1];
    }

    public function areaM2(): float
    {
        return array_sum(array_map(fn (SumpChamber $c): float => $c->areaM2, $this->chambers));
    }

    /** Room between the running levels and the rim, L. */
    public function spareL(): float
    {
        return array_sum(
            array_map(fn (SumpChamber $c): float => $c->areaM2 * ($this->rimMm - $c->levelMm), $this->chambers),
        );
    }

    public function waterL(): float
    {
        return array_sum(array_map(fn (SumpChamber $c): float => $c->litres(), $this->chambers));
    }

    /**
     * Return-chamber water the pump can use, L.
     *
     * @throws OutOfRange
     */
    public function usableReturnL(): float
    {
        return $this->returnChamber()->areaM2 * ($this->returnChamber()->levelMm - $this->pumpMinMm());
    }

    /**
     * All the pump can lift once nothing comes down any more, L: its own chamber, and what runs after it out of the chambers before.
     * They settle at their baffle; one whose baffle is drowned gives all the water that stood over it.
     *
     * @throws OutOfRange
     */
    public function liftsL(): float
    {
        $lifts = $this->usableReturnL();
        $settles = $this->pumpMinMm();
        foreach (array_reverse(array_slice($this->chambers, 0, -1)) as $chamber) {
            $settles = max($chamber->baffleMm ?? 0.0, $settles);
            $lifts += $chamber->areaM2 * max(0.0, $chamber->levelMm - $settles);
        }

        return $lifts;
    }

    /** The one level with the same spare room, mm. */
    public function meanLevelMm(): float
    {
        return $this->rimMm - $this->spareL() / $this->areaM2();
    }

    /**
     * @return non-empty-list<SumpChamber>
     *
     * @throws OutOfRange
     */
    private static function chambers(Facts $facts, SumpOutline $outline, float $returnLevel, float $rim): array
    {
        $insideLength = $outline->insideLengthMm();
        $baffle = $facts->number(F::BaffleMm);
        $given = $facts->brief->chambers;
        $taken = 0.0;
        foreach (array_slice($given, 0, -1) as $i => $chamber) {
            if ($chamber->lengthMm === null || $chamber->baffleMm === null) {
                throw Missing::fields(['chambers']);
            }
            if ($chamber->baffleMm >= $rim) {
                throw OutOfRange::number(
                    "chambers.{$i}.baffleMm",
                    $chamber->baffleMm,
                    Phrase::BelowTheRimMm,
                    ['rim' => Quantity::of($rim, Kind::Length)],
                );
            }
            $taken += $chamber->lengthMm + $baffle;
            if ($taken >= $insideLength) {
                throw OutOfRange::number(
                    "chambers.{$i}.lengthMm",
                    $chamber->lengthMm,
                    Phrase::ShortEnoughToLeaveAReturn,
                    [
                        'insideLength' => Quantity::of($insideLength, Kind::Length),
                    ],
                );
            }
        }
        $last = $given === [] ? new Chamber('Sump', null, null) : $given[count($given) - 1];
        $length = $insideLength - $taken;
        $next = new SumpChamber(
            $last->name === '' ? 'Return' : $last->name,
            $taken,
            $length,
            $outline->areaM2($taken, $insideLength),
            $returnLevel,
            null,
        );
        $built = [$next];
        for ($i = count($given) - 2; $i >= 0; $i--) {
            $clear = $given[$i]->lengthMm ?? 0.0;
            $edge = $given[$i]->baffleMm ?? 0.0;
            $level = max($edge + self::headMm($facts->number(F::FlowLh), $outline->insideWidthMm($next->fromMm - $baffle)), $next->levelMm);
            if ($level >= $rim) {
                throw OutOfRange::number(
                    "chambers.{$i}.baffleMm",
                    $edge,
                    Phrase::LowEnoughThatItsWater,
                    [
                        'limit' => Quantity::of(ceil($level), Kind::Length),
                        'rim' => Quantity::of($rim, Kind::Length),
                    ],
                );
            }
            $to = $next->fromMm - $baffle;
            $next = new SumpChamber(
                $given[$i]->name,
                $to - $clear,
                $clear,
                $outline->areaM2($to - $clear, $to),
                $level,
                $edge,
            );
            array_unshift($built, $next);
        }

        return $built;
    }

    /** @throws OutOfRange */
    private static function headMm(float $flowLh, float $widthMm): float
    {
        try {
            return WeirHead::plainEdge($flowLh, $widthMm);
        } catch (OutOfRange $e) {
            throw $e->as(F::SumpWidthMm->value);
        }
    }
}
