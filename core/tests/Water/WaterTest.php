<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Water\ChangeHabit;
use Velbrin\Core\Water\ChangePlan;
use Velbrin\Core\Water\MeasuredVolume;
use Velbrin\Core\Water\Mixing;
use Velbrin\Core\Water\RoOutput;
use Velbrin\Core\Water\SalinityCorrection;
use Velbrin\Core\Water\SalinityDrift;
use Velbrin\Core\Water\WaterChange;

final class WaterTest extends TestCase
{
    #[Test]
    public function a_change_neither_makes_nor_loses_what_is_dissolved(): void
    {
        $change = WaterChange::of(480, [96, 40], ['nitrate' => 20.0], ['nitrate' => 2.0]);
        // Mass left + mass brought by the new water, batch by batch.
        $mass = 480 * 20.0;
        foreach ([96, 40] as $litres) {
            $mass += $litres * (2.0 - $mass / 480);
        }
        self::assertEqualsWithDelta($mass / 480, $change->after['nitrate'], 1e-12);
    }

    #[Test]
    public function many_small_batches_leave_more_than_one_large(): void
    {
        $one = WaterChange::of(500, [250], [], [])->oldShare;
        $two = WaterChange::of(500, [125, 125], [], [])->oldShare;
        $many = WaterChange::of(500, array_fill(0, 250, 1.0), [], [])->oldShare;
        self::assertLessThan($two, $one);
        self::assertLessThan($many, $two);
        self::assertEqualsWithDelta(exp(-0.5), $many, 0.001, 'litre by litre tends to the continuous exchange');
    }

    #[Test]
    public function a_change_plan_lands_on_its_target_with_the_fewest_changes(): void
    {
        foreach (
            [[24, 0, 10, 0.25], [31, 8, 33, 0.2], [30, 35, 34, 0.1], [40, 0, 10, 0.5]] as [$now, $fresh, $target, $max]
        ) {
            $plan = ChangePlan::of(500, $now, $fresh, $target, $max);
            if (! $plan->reachable || $plan->changes === 0) {
                continue;
            }
            self::assertLessThanOrEqual($max + 1e-9, $plan->litresEach / 500);
            $after = WaterChange::of(
                500,
                array_fill(0, (int) $plan->changes, (float) $plan->litresEach),
                ['x' => (float) $now],
                ['x' => (float) $fresh],
            )->after['x'];
            self::assertEqualsWithDelta($target, $after, 1e-9);
            $fewer = WaterChange::of(
                500,
                array_fill(0, $plan->changes - 1, $max * 500),
                ['x' => (float) $now],
                ['x' => (float) $fresh],
            )->after['x'];
            self::assertGreaterThan(abs($target - $fresh), abs($fewer - $fresh), 'one change fewer does not get there');
        }
        self::assertSame(2, ChangePlan::of(500, 40, 0, 10, 0.5)->changes);
        self::assertFalse(ChangePlan::of(500, 10, 10, 5, 0.5)->reachable);
        self::assertFalse(ChangePlan::of(500, 20, 0, 0, 0.5)->reachable);
        self::assertSame(1, ChangePlan::of(500, 20, 0, 0, 1)->changes);
    }

    #[Test]
    public function a_habit_is_where_its_own_changes_lead(): void
    {
        $habit = ChangeHabit::of(0.4, 14, 0.15, 2);
        $value = 2.0;
        for ($i = 0; $i < 400; $i++) {
            $value = ($value + 0.4 * 14) * 0.85 + 2 * 0.15;
        }
        self::assertEqualsWithDelta($habit->afterChange, $value, 1e-6);
        self::assertEqualsWithDelta($habit->peak, $value + 0.4 * 14, 1e-6);
    }

    #[Test]
    public function colder_feed_gives_less_and_the_rated_output_stands_at_25(): void
    {
        self::assertEqualsWithDelta(380, RoOutput::litresPerDay(380, 25), 1e-9);
        self::assertLessThan(RoOutput::litresPerDay(380, 15), RoOutput::litresPerDay(380, 10));
        self::assertGreaterThan(380, RoOutput::litresPerDay(380, 28));
    }

    #[Test]
    public function a_salinity_correction_is_the_exchange_that_lands_on_its_target(): void
    {
        foreach ([[33.0, 35.0, 45.0], [37.5, 35.0, 0.0]] as [$now, $target, $other]) {
            $correction = SalinityCorrection::of(480, $now, $target, $other);
            self::assertNotNull($correction->exchangeL);
            self::assertEqualsWithDelta(
                $target,
                WaterChange::of(480, [$correction->exchangeL], ['s' => $now], ['s' => $other])->after['s'],
                1e-9,
            );
            self::assertSame((int) ceil(abs($target - $now)), $correction->days);
        }
        self::assertEqualsWithDelta(
            (((480 * 38.5) / 35) * 2) / 1000,
            SalinityCorrection::of(480, 33, 35, 45)->saltKg,
            1e-12,
        );
        self::assertNull(SalinityCorrection::of(480, 33, 35, 34)->exchangeL, 'out of reach of that water');
        self::assertSame(0.0, SalinityCorrection::of(480, 35, 35, 0)->exchangeL);
    }

    #[Test]
    public function salt_stays_while_water_leaves_and_a_stuck_top_off_spills_it(): void
    {
        self::assertEqualsWithDelta(35 * 500, SalinityDrift::withoutTopOff(500, 35, 6, 5) * 470, 1e-9);
        $days = SalinityDrift::daysToLimit(500, 35, 6, 39);
        self::assertEqualsWithDelta(39, SalinityDrift::withoutTopOff(500, 35, 6, (float) $days), 1e-9);
        self::assertEqualsWithDelta((35 * 500) / 520, SalinityDrift::topOffStuckOn(500, 35, 20, 60), 1e-12);
        self::assertEqualsWithDelta(
            ((35 * 500) / 560) * exp(-40 / 560),
            SalinityDrift::topOffStuckOn(500, 35, 100, 60),
            1e-12,
        );
    }

    #[Test]
    public function a_usual_mix_is_38_5_grams_to_the_litre(): void
    {
        self::assertEqualsWithDelta(1000 * 35 / 38.5, MeasuredVolume::bySalt(1, 33, 34)->litres, 1e-9);
        self::assertEqualsWithDelta(480 * 38.5 / 35 * 2 / 1000, SalinityCorrection::of(480, 33, 35, 60)->saltKg, 1e-9);
    }

    #[Test]
    public function mixing_adds_up(): void
    {
        $mixing = Mixing::of(
            litres: 300,
            mixGramsPerL: 38.5,
            roRatedLd: 400,
            roWaterC: 10,
            vesselL: 100,
            mixHours: 6,
            heatW: 300,
            startC: 10,
            targetC: 25,
        );
        self::assertSame(3, $mixing->batches);
        // 300 L by 15 °C with 300 W, a tenth of which is lost to the room.
        self::assertEqualsWithDelta(300 * 1.0233 * 3990 * 15 / (0.9 * 300) / 3600, $mixing->heatHours, 1e-9);
        self::assertEqualsWithDelta($mixing->roHours + 3 * max(6, $mixing->heatHours / 3), $mixing->totalHours, 1e-9);
        self::assertSame(0, Mixing::of(
            litres: 0,
            mixGramsPerL: 38.5,
            roRatedLd: 400,
            roWaterC: 10,
            vesselL: 100,
            mixHours: 6,
            heatW: 300,
            startC: 10,
            targetC: 25,
        )->batches);
        self::assertSame(0.0, Mixing::of(
            litres: 10,
            mixGramsPerL: 38.5,
            roRatedLd: 400,
            roWaterC: 10,
            vesselL: 100,
            mixHours: 6,
            heatW: 0,
            startC: 25,
            targetC: 25,
        )->heatHours);
    }
}
