<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Hydraulics;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Hydraulics\DrainDown;
use Velbrin\Core\Hydraulics\PumpCurve;

/** What is spare enough, and pumps beside each other. */
final class MarginTest extends TestCase
{
    #[Test]
    public function fifteen_in_a_hundred_must_stay_spare(): void
    {
        // A square metre of sump, 400 mm under its rim: 400 L take 340.
        $down = fn (float $litres): DrainDown => DrainDown::of(1.0, 0.0, $litres, 0.0, 1.0, 500.0, 100.0);
        self::assertTrue($down(340.0)->holds());
        self::assertFalse($down(340.1)->holds());
        self::assertEqualsWithDelta(15.0, $down(340.0)->marginPct, 1e-9);
        self::assertEqualsWithDelta(100.0, $down(340.0)->highestLevelMm, 1e-9, 'the level it may run at');
        self::assertSame([0.0, 0.5], [$down(400.0)->overflowL, $down(400.5)->overflowL]);
    }

    #[Test]
    public function what_comes_down_is_head_depth_and_pipes(): void
    {
        self::assertEqualsWithDelta(0.72 * (12 + 20) + 5, DrainDown::of(0.72, 12, 20, 5, 1, 500, 100)->downL, 1e-9);
    }

    #[Test]
    public function pumps_beside_each_other_give_more_water_not_more_head(): void
    {
        foreach ([PumpCurve::parabola(4, 6000), PumpCurve::through([[0.0, 4.0], [3000.0, 3.0], [6000.0, 0.5]])] as $one) {
            $two = $one->beside(2);
            self::assertEqualsWithDelta(2 * $one->runOutLh(), $two->runOutLh(), 1e-9);
            foreach ([0.0, 1000.0, 2500.0, 5000.0] as $flowLh) {
                self::assertEqualsWithDelta($one->headM($flowLh), $two->headM(2 * $flowLh), 1e-9);
            }
            self::assertGreaterThan($one->headM(5000.0), $two->headM(5000.0));
        }
    }
}
