<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Vessel\LShape;
use Velbrin\Core\Vessel\Rectangular;

/**
 * Holes in the panes with their distances to edges and to each other (B-24). Flat panes and the round floor of a cylinder; curved walls
 * are the maker's. Side panes stand between front and back.
 */
final readonly class HolePlan
{
    /** Centre to edge, in hole diameters. */
    public const EDGE_DIAMETERS = 1.5;

    /**
     * A bulkhead's hole as a share of the pipe's bore, and what its thread takes besides, mm: a start, the bulkhead's own figure
     * counts.
     */
    private const BULKHEAD_SHARE = 1.3;

    private const BULKHEAD_MM = 12.0;

    /** @param  array<string, DrilledPane>  $panes  by pane */
    private function __construct(public array $panes)
    {
    }

    /**
     * @throws Missing
     * @throws OutOfRange when a hole does not lie within its pane
     */
    public static function of(Facts $facts): self
    {
        $vessel = DisplayTank::vessel($facts);
        $holes = $facts->brief->holes;
        if ($holes === []) {
            throw Missing::fields(['holes']);
        }
        $panes = [];
        foreach (Pane::cases() as $pane) {
            $drilled = array_filter($holes, fn (Hole $h): bool => $h->pane === $pane);
            if ($drilled !== []) {
                [$width, $height, $round] = self::size($facts, $pane, array_key_first($drilled));
                $panes[$pane->value] = DrilledPane::of($pane, $width, $height, $round, $drilled);
            }
        }

        return new self($panes);
    }

    /** @return list<HoleFit> of all panes */
    public function fits(): array
    {
        return array_merge(...array_map(fn (DrilledPane $p): array => $p->fits, array_values($this->panes)));
    }

    /**
     * Where a planner starts: a hole for each drain in a row on the back pane, as high as its edge rule and the weir allow.
     *
     * @return list<Hole>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function proposed(Facts $facts): array
    {
        $facts->need(F::Drains, F::DrainBoreMm, F::WeirBelowRimMm);
        [$width, $height, $round] = self::size($facts, Pane::Back, 0);
        $school = DrainSchool::from($facts->word(F::Drains));
        $serve = [
            ...array_fill(0, BlockedMain::mains($facts), ['main', F::DrainBoreMm]),
            ...$school->hasChannel() ? [['channel', F::ChannelBoreMm]] : [],
            ...$school->hasEmergency() ? [['emergency', F::EmergencyBoreMm]] : [],
        ];
        $sizes = array_map(
            fn (array $pipe): float => self::bulkheadMm(
                $facts->number($facts->knows($pipe[1]) ? $pipe[1] : F::DrainBoreMm),
            ),
            $serve,
        );
        $largest = max([0.0, ...$sizes]);
        $apart = 2 * $largest;
        $y = $height - max(self::EDGE_DIAMETERS * $largest, $facts->number(F::WeirBelowRimMm) + $largest);
        $x = $width / 2 - ($apart * (count($sizes) - 1)) / 2;
        $holes = [];
        foreach ($serve as $i => [$name]) {
            $nth = $name === 'main' && BlockedMain::mains($facts) > 1 ? ' '.($i + 1) : '';
            $holes[] = new Hole("{$name} drain{$nth}", Pane::Back, round($x), round($y), $sizes[$i], $name);
            $x += $apart;
        }

        return $holes;
    }

    /** A start, to the next 5 mm. */
    private static function bulkheadMm(float $boreMm): float
    {
        return 5 * ceil((self::BULKHEAD_SHARE * $boreMm + self::BULKHEAD_MM) / 5);
    }

    /**
     * @return array{0: float, 1: float, 2: bool} width, height, and whether it is round
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function size(Facts $facts, Pane $pane, int $row): array
    {
        $flat = [
            'rectangular' => [Pane::Back, Pane::Front, Pane::Left, Pane::Right, Pane::Floor],
            'bow-front' => [Pane::Back, Pane::Left, Pane::Right, Pane::Floor],
            'l-shape' => [Pane::Back, Pane::Front, Pane::Left, Pane::Right, Pane::Floor],
            'half-cylinder' => [Pane::Back],
            'quarter-cylinder' => [Pane::Back, Pane::Left],
            'cylinder' => [Pane::Floor],
            'filled' => [],
        ];
        if (! in_array($pane, $flat[$facts->word(F::Shape)], true)) {
            throw OutOfRange::field(
                "holes.{$row}.pane",
                Phrase::ThisPaneIsCurved,
                Phrase::AFlatPane,
            );
        }
        if ($facts->word(F::Shape) === 'cylinder') {
            return [$facts->number(F::DiameterMm), $facts->number(F::DiameterMm), true];
        }
        $footprint = DisplayTank::footprint($facts);
        $facts->need(F::HeightMm);
        $wall = $facts->number(F::WallMm);
        // Of an outline that is no rectangle the floor counts as the largest one at its back: a distance is never overstated.
        $deep =
            $footprint instanceof Rectangular
                ? $footprint->boxWidthMm()
                : ($facts->knows(F::WidthMm)
                    ? $facts->number(F::WidthMm)
                    : $footprint->boxWidthMm());

        return match ($pane) {
            Pane::Back => [$footprint->boxLengthMm(), $facts->number(F::HeightMm), false],
            Pane::Front => [
                $footprint instanceof LShape ? $footprint->legLengthMm : $footprint->boxLengthMm(),
                $facts->number(F::HeightMm),
                false,
            ],
            Pane::Left => [
                ($footprint instanceof LShape ? $footprint->boxWidthMm() : $deep) - 2 * $wall,
                $facts->number(F::HeightMm),
                false,
            ],
            Pane::Right => [$deep - 2 * $wall, $facts->number(F::HeightMm), false],
            Pane::Floor => [$footprint->boxLengthMm(), $deep, false],
        };
    }
}
