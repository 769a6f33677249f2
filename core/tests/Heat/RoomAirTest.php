<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\RoomAir;
use Velbrin\Core\Measure\OutOfRange;

/** A tank's water in a room's air. */
final class RoomAirTest extends TestCase
{
    #[Test]
    public function without_a_tank_the_air_stays_and_its_dew_point_is_the_published_one(): void
    {
        // 20 °C at 50 %: 9.27 °C; 25 °C at 60 %: 16.7 °C, as psychrometric tables give.
        self::assertEqualsWithDelta(9.27, RoomAir::of(20, 50, 0, 100, 0.5)->dewPointC, 0.03);
        self::assertEqualsWithDelta(16.7, RoomAir::of(25, 60, 0, 100, 0.5)->dewPointC, 0.05);
        self::assertEqualsWithDelta(20.0, RoomAir::of(20, 100, 0, 100, 0.5)->dewPointC, 1e-6);
    }

    #[Test]
    public function what_goes_in_leaves_with_the_air_that_is_changed(): void
    {
        // By hand: 20 °C holds 17.3 g/m³; 4.8 L a day are 200 g/h into 50 m³/h, 4 g/m³ more: 23.1 points.
        $air = RoomAir::of(20, 40, 4.8, 100, 0.5);
        self::assertEqualsWithDelta(40 + (100 * 4) / 17.27, $air->humidityPct, 0.2);
        // The changes it offers hold what they promise.
        self::assertEqualsWithDelta(55.0, RoomAir::of(20, 40, 4.8, 100, $air->changesFor(55))->humidityPct, 1e-9);
        self::assertSame([99.0, 99.0], [$air->changesFor(40), $air->changesFor(30)], 'no air makes a room drier than it is without');
    }

    #[Test]
    public function more_air_is_never_damper_and_more_water_never_drier(): void
    {
        $last = 101.0;
        foreach ([0.1, 0.3, 0.5, 1, 2, 8] as $changes) {
            $now = RoomAir::of(18, 45, 6, 60, $changes)->humidityPct;
            self::assertLessThanOrEqual($last, $now);
            $last = $now;
        }
        self::assertSame(100.0, RoomAir::of(18, 45, 60, 30, 0.1)->humidityPct, 'air holds no more than that');
        self::assertGreaterThan(
            RoomAir::of(18, 45, 2, 60, 0.5)->humidityPct,
            RoomAir::of(18, 45, 3, 60, 0.5)->humidityPct,
        );
        $this->expectException(OutOfRange::class);
        RoomAir::of(18, 45, 2, 0, 0.5);
    }
}
