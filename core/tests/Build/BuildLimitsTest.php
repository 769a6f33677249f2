<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Delivery;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\FloorLoad;
use Velbrin\Core\Build\OtherVessels;
use Velbrin\Core\Build\PlanMass;
use Velbrin\Core\Build\Section;
use Velbrin\Core\Build\Shape;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\Storeys;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;

/** Where a plan's answers change sides, and that a remedy is only offered where it helps. */
final class BuildLimitsTest extends TestCase
{
    /** @return iterable<string, array{0: array<string, mixed>, 1: bool, 2: bool}> facts, raising helps, lowering helps */
    public static function drowned(): iterable
    {
        $open = ['breakBelowRimMm' => 'none'];
        yield 'a deep outlet' => [[...$open, 'outletBelowRimMm' => 150], true, true];
        yield 'a shallow outlet and full pipes' => [[...$open, 'outletBelowRimMm' => 62, 'pipesL' => 64], false, true];
        yield 'a deep outlet over a pump that needs its level' => [
            [...$open, 'outletBelowRimMm' => 150, 'pumpMinLevelMm' => 195],
            true,
            false,
        ];
        yield 'full pipes over a pump that needs its level' => [
            [...$open, 'outletBelowRimMm' => 62, 'pipesL' => 70, 'pumpMinLevelMm' => 195],
            false,
            false,
        ];
    }

    /** @param  array<string, mixed>  $values */
    #[Test]
    #[DataProvider('drowned')]
    public function raising_and_lowering_are_offered_only_where_they_help(array $values, bool $raise, bool $lower): void
    {
        $stop = array_values(
            array_filter(SoundPlan::of(SoundPlan::answer($values), 'B-32'), fn (Finding $f): bool => $f->remedy !== null),
        )[0];
        $says = (string) $stop->remedy?->in(Units::metric());
        self::assertSame($raise, str_contains($says, 'Raise the outlet'), $says);
        self::assertSame($lower, str_contains($says, 'un the return chamber'), $says);
        self::assertSame(! $raise && ! $lower, str_contains($says, 'Neither outlet nor level'), $says);
    }

    #[Test]
    public function raising_is_offered_for_a_clogged_break_only_where_it_would_be_enough(): void
    {
        $clogged = function (array $values): string {
            $found = array_filter(
                SoundPlan::of(SoundPlan::answer($values), 'B-32'),
                fn (Finding $f): bool => str_contains($f->what->in(Units::metric()), 'clogged'),
            );

            return (string) array_values($found)[0]->remedy?->in(Units::metric());
        };
        self::assertStringStartsWith('Raise the outlet by', $clogged(['outletBelowRimMm' => 260]));
        self::assertStringStartsWith(
            'Raising the outlet is not enough',
            $clogged(['outletBelowRimMm' => 66, 'breakBelowRimMm' => 61, 'pipesL' => 120]),
        );
    }

    #[Test]
    public function an_upper_floor_begins_above_the_ground(): void
    {
        $asks = fn (float $storey): bool => in_array(
            'a heavy load on an upper floor',
            self::floor(['storey' => $storey])->reasons,
            true,
        );
        self::assertSame([false, true, true], [$asks(0), $asks(1), $asks(2)]);
    }

    /** @param  array<string, mixed>  $values */
    private static function floor(array $values): FloorLoad
    {
        $facts = Facts::of(SoundPlan::brief($values));

        return FloorLoad::of($facts, PlanMass::of($facts));
    }

    #[Test]
    public function at_least_one_ceiling_is_passed_and_one_more_from_half_a_storey_on(): void
    {
        $ceilings = fn (float $belowMm): int => Storeys::ceilings(Facts::of(SoundPlan::brief(['sumpBelowMm' => $belowMm])));
        self::assertSame([0, 1, 1, 1, 2, 2, 3], array_map($ceilings, [0, 900, 1499, 4499, 4501, 7499, 7501]));
    }

    #[Test]
    public function a_gate_without_a_rule_of_its_own_never_opens_by_numbers(): void
    {
        $gate = new Stage(
            key: 'structure',
            label: 'Structure',
            hours: 1,
            persons: 1,
            proof: 'signed',
            clearRules: [],
            mayBeWaived: false,
        );
        self::assertSame([StageGate::DOCUMENT], StageGate::ways($gate, [SoundPlan::answer()]));
    }

    #[Test]
    public function a_delivery_is_late_from_the_day_after_it_was_promised(): void
    {
        $said = fn (int $today): array => Delivery::findings([new Delivery('tank', 'set', 10)], [], $today);
        self::assertSame([0, 0, 1], [count($said(9)), count($said(10)), count($said(11))]);
        self::assertSame([], Delivery::findings([new Delivery('tank', 'set', 10, 30)], [], 40), 'it came');
        self::assertCount(1, Delivery::findings([new Delivery('tank', 'set', 10, 9, isWhole: false)], [], 9));
    }

    private const FRAG = [
        'name' => 'frag tank',
        'lengthMm' => 1020,
        'widthMm' => 520,
        'heightMm' => 400,
        'wallMm' => 10,
        'waterMm' => 300,
        'bottomMm' => 900,
        'downMm' => 20,
        'ownPump' => true,
    ];

    #[Test]
    public function pumps_that_stop_together_send_down_what_each_sends(): void
    {
        // 1 m × 0.5 m, 20 mm and 8 mm: 10 L by its own pump, 4 L with the return.
        $vessels = [self::FRAG, [...self::FRAG, 'name' => 'refugium', 'ownPump' => false, 'downMm' => 8]];
        $stops = OtherVessels::stops(Facts::of(SoundPlan::brief([], ['vessels' => $vessels])), 30.0);
        self::assertEqualsWithDelta(
            [['frag tank’s' => 10.0], ['the return' => 34.0], ['the return, frag tank’s' => 44.0]],
            array_map(fn (array $s): array => [implode(', ', $s['pumps']) => $s['litres']], $stops),
            1e-9,
        );
    }

    #[Test]
    public function the_drawing_shows_the_litres_and_kilograms_it_was_given(): void
    {
        $heap = function (float $rockKg): float {
            $area = 0.0;
            foreach (self::shapes(['rockKg' => $rockKg], 'rock') as $shape) {
                foreach ($shape->points as $i => [$x, $y]) {
                    [$nextX, $nextY] = $shape->points[($i + 1) % count($shape->points)];
                    $area += ($x * $nextY - $nextX * $y) / 2;
                }
            }

            return abs($area) / 1e6;
        };
        // A heap of 1.1 kg a litre, cut through the middle of a tank 576 mm deep inside, as a share of its litres.
        self::assertEqualsWithDelta(40 / 1.1 / 1000 / 0.576, $heap(40), 0.05 * $heap(40));
        self::assertEqualsWithDelta(2.0, $heap(40) / $heap(20), 0.05, 'half the rock is half the heap');

        $water = array_values(
            array_filter(
                self::shapes([], 'water', ['vessels' => [self::FRAG]]),
                fn (Shape $s): bool => $s->key === 'other-0',
            ),
        )[0];
        self::assertEqualsWithDelta(300.0, $water->points[1][1] - $water->points[0][1], 1e-9, 'its water stands in it');
        self::assertEqualsWithDelta(1000.0, $water->points[1][0] - $water->points[0][0], 1e-9);
    }

    #[Test]
    public function a_pipe_that_is_half_described_is_not_drawn(): void
    {
        $three = ['drains' => 'siphon-channel-emergency'];
        $dry = fn (array $more): int => count(self::shapes([...$three, ...$more], 'dry'));
        $without = $dry([]);
        self::assertSame($without, $dry(['channelBoreMm' => 26]));
        self::assertSame($without, $dry(['channelBelowRimMm' => 48]));
        self::assertSame($without + 1, $dry(['channelBoreMm' => 26, 'channelBelowRimMm' => 48]));
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     * @return list<Shape>
     */
    private static function shapes(array $values, string $role, array $tables = []): array
    {
        $section = SoundPlan::answer($values, $tables)->section;
        self::assertInstanceOf(Section::class, $section);

        return array_values(array_filter($section->shapes, fn (Shape $s): bool => $s->role === $role));
    }
}
