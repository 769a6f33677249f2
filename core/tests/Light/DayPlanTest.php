<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Light;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Light\DayPlan;
use Velbrin\Core\Light\LightDay;
use Velbrin\Core\Light\LightSeries;
use Velbrin\Core\Measure\OutOfRange;

/** A day channel by channel, and readings beside readings (B-51, B-52). */
final class DayPlanTest extends TestCase
{
    #[Test]
    public function channels_make_the_day_of_all_lamps_when_they_keep_the_same_hours(): void
    {
        $day = LightDay::of(10, 20, 2, 0.8);
        $split = DayPlan::of([['blue', 0.6, $day], ['white', 0.4, $day]]);
        self::assertEqualsWithDelta(DayPlan::single($day)->fullHours(), $split->fullHours(), 1e-12);
        // By hand: 0.8 · (10 − 2) = 6.4 hours; 200 µmol for as long are 4.608 mol.
        self::assertEqualsWithDelta(6.4, $split->fullHours(), 1e-12);
        self::assertEqualsWithDelta((200 * 6.4 * 3600) / 1e6, $split->integralMol(200), 1e-12);
    }

    #[Test]
    public function the_integral_is_the_area_under_what_is_drawn(): void
    {
        $plan = DayPlan::of([
            ['blue', 0.55, LightDay::of(9, 22, 2, 0.9)],
            ['white', 0.45, LightDay::of(11.5, 19.5, 2, 0.6)],
            ['moon', 0.0, LightDay::of(20, 4, 0, 1)],
        ]);
        $area = 0.0;
        for ($minute = 0; $minute < 1440; $minute++) {
            $shares = $plan->at(($minute + 0.5) / 60);
            self::assertLessThanOrEqual(1.0, array_sum($shares));
            $area += array_sum($shares) / 60;
        }
        self::assertEqualsWithDelta($plan->fullHours(), $area, 0.01);
    }

    #[Test]
    public function a_reversed_day_is_lit_while_the_other_is_dark(): void
    {
        $plan = DayPlan::of([['a', 1.0, LightDay::of(8, 20, 1, 1)]]);
        $night = $plan->reversed();
        self::assertNotNull($night);
        for ($h = 0.25; $h < 24; $h += 0.5) {
            self::assertFalse(array_sum($plan->at($h)) > 0 && array_sum($night->at($h)) > 0, "both lit at {$h}");
        }
        self::assertNull(DayPlan::of([['a', 1.0, LightDay::of(0, 24, 0, 1)]])->reversed());
        $hours = fn (?LightDay $d): array => [$d?->fromH, $d?->untilH, $d?->rampH, $d?->topShare];
        self::assertSame([20.0, 8.0, 1.0, 0.7], $hours(LightDay::of(8, 20, 1, 0.7)->reversed()));
        self::assertSame([22.0, 2.0, 2.0, 1.0], $hours(LightDay::of(2, 22, 5)->reversed()), 'half the night at most');
        self::assertSame([6.0, 0.0, 1.0, 1.0], $hours(LightDay::of(0, 6, 1)->reversed()));
        $this->expectException(OutOfRange::class);
        DayPlan::of([['a', 0.7, LightDay::of(8, 20, 1, 1)], ['b', 0.7, LightDay::of(8, 20, 1, 1)]]);
    }

    #[Test]
    public function two_series_are_compared_only_where_both_read(): void
    {
        $before = new LightSeries('', '2026-01-04', [
            [100, 100, 200, 200.0],
            [500, 100, 200, 100.0],
            [900, 300, 200, 50.0],
        ]);
        $after = new LightSeries('', '2026-07-04', [
            [103, 98, 200, 160.0],
            [500, 100, 205, 80.0],
            [900, 300, 400, 500.0],
        ]);
        [$ratio, $n] = (array) $after->against($before);
        self::assertEqualsWithDelta(0.8, $ratio, 1e-12);
        self::assertSame(2, $n, 'the third was read at another depth');
        self::assertEqualsWithDelta(1.25, ((array) $before->against($after))[0], 1e-12);
        self::assertNull($after->against(new LightSeries('', '', [[0, 0, 0, 10.0]])));
    }
}
