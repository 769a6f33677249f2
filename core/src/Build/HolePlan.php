<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Holes in the panes with their distances to edges and to each other (B-24). Flat panes and the round floor of a cylinder; curved walls
 * are the maker's. Side panes stand between front and back.
 */
final readonly class HolePlan
{
    /** Centre to edge, in hole diameters. */
    public const EDGE_DIAMETERS = 1.5;

    /** A bulkhead's hole as a share of the pipe's bore, and what its thread takes besides, mm: a start, the bulkhead's own figure counts. */
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
        $kinds = match ($facts->word(F::Drains)) {
            'open-emergency', 'siphon-emergency' => ['main' => F::DrainBoreMm, 'emergency' => F::EmergencyBoreMm],
            'siphon-channel-emergency' => ['main' => F::DrainBoreMm, 'channel' => F::ChannelBoreMm, 'emergency' => F::EmergencyBoreMm],
            default => ['main' => F::DrainBoreMm],
        };
        $sizes = array_map(fn (F $bore): float => 5 * ceil((self::BULKHEAD_SHARE * ($facts->knows($bore) ? $facts->number($bore) : $facts->number(F::DrainBoreMm)) + self::BULKHEAD_MM) / 5), $kinds);
        $largest = max($sizes);
        $apart = 2 * $largest;
        $y = $height - max(self::EDGE_DIAMETERS * $largest, $facts->number(F::WeirBelowRimMm) + $largest);
        $x = $width / 2 - $apart * (count($sizes) - 1) / 2;
        $holes = [];
        foreach ($sizes as $name => $size) {
            $holes[] = new Hole("{$name} drain", Pane::Back, round($x), round($y), $size);
            $x += $apart;
        }

        return $holes;
    }

    /**
     * @return array{0: float, 1: float, 2: bool} width, height, and whether it is round
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function size(Facts $facts, Pane $pane, int $row): array
    {
        $shape = $facts->word(F::Shape);
        if ($shape === 'cylinder' && $pane === Pane::Floor) {
            return [$facts->number(F::DiameterMm), $facts->number(F::DiameterMm), true];
        }
        if ($shape !== 'rectangular') {
            throw OutOfRange::field("holes.{$row}.pane", 'A curved pane is not drilled from a plan: ask the maker', 'a flat pane');
        }
        $facts->need(F::LengthMm, F::WidthMm, F::HeightMm);
        $between = $facts->number(F::WidthMm) - 2 * $facts->number(F::WallMm);

        return match ($pane) {
            Pane::Back, Pane::Front => [$facts->number(F::LengthMm), $facts->number(F::HeightMm), false],
            Pane::Left, Pane::Right => [$between, $facts->number(F::HeightMm), false],
            Pane::Floor => [$facts->number(F::LengthMm), $facts->number(F::WidthMm), false],
        };
    }
}
