<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\Storm\DarkHarm;
use Velbrin\Core\Emergency\Storm\DarkRoom;
use Velbrin\Core\Emergency\Storm\DarkTank;
use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\OutOfRange;

/** A tank in a dark house that follows the weather: against a course worked out minute by minute, and against the steady room. */
final class DarkTankTest extends TestCase
{
    #[Test]
    #[DataProvider('courses')]
    public function the_closed_form_is_what_minutes_add_up_to(DarkRoom $room, float $lossWK, float $evaporationW): void
    {
        $tank = new DarkTank(600, $lossWK, $evaporationW, 25, 18, 30, null);
        $temp = 25.0;
        for ($minute = 0; $minute < 72 * 60; $minute++) {
            $roomC = $room->at(($minute + 0.5) / 60);
            $temp -= ($lossWK * ($temp - $roomC) + $evaporationW) / TemperatureCourse::capacityWhK(600) / 60;
        }
        self::assertEqualsWithDelta($temp, $tank->tempC($room, 72), 0.01);
    }

    /** @return iterable<string, array{0: DarkRoom, 1: float, 2: float}> */
    public static function courses(): iterable
    {
        yield 'a cold night' => [new DarkRoom(19, -8, 24), 18, 0];
        yield 'with evaporation' => [new DarkRoom(19, -8, 24), 18, 40];
        yield 'a heat wave' => [new DarkRoom(24, 38, 12), 18, 40];
        yield 'as slow as the tank' => [new DarkRoom(19, -8, TemperatureCourse::capacityWhK(600) / 18), 18, 0];
        yield 'a tent' => [new DarkRoom(19, -8, 0.2), 18, 0];
    }

    #[Test]
    public function a_steady_room_harms_when_the_usual_course_says(): void
    {
        $usual = TemperatureCourse::of(600, 18, 0, 0, 8, 25, 24, 18, LimitSide::Lower)->hoursToLimit;
        $harm = (new DarkTank(600, 18, 0, 25, 18, 30, null))->harm(DarkRoom::steady(8), 240);
        self::assertSame(DarkHarm::TEMPERATURE, $harm?->by);
        self::assertEqualsWithDelta($usual, $harm->hours, 1e-3);
        self::assertNull((new DarkTank(600, 18, 0, 25, 18, 30, null))->harm(DarkRoom::steady(8), $usual - 0.01));
        self::assertNotNull((new DarkTank(600, 18, 0, 25, 18, 30, null))->harm(DarkRoom::steady(8), $usual + 0.01));
        self::assertNull((new DarkTank(600, 18, 0, 25, 18, 30, null))->harm(DarkRoom::steady(18), 240), 'it never gets there');
    }

    #[Test]
    public function colder_outside_or_a_thinner_house_is_never_later(): void
    {
        $tank = new DarkTank(300, 14, 20, 25, 18, 30, null);
        $hours = fn (DarkRoom $room): float => $tank->harm($room, 240)->hours ?? INF;
        $last = 0.0;
        foreach ([-20, -10, 0, 5, 10, 15] as $outside) {
            $now = $hours(new DarkRoom(19, $outside, 24));
            self::assertGreaterThanOrEqual($last, $now);
            $last = $now;
        }
        $last = 0.0;
        foreach ([2, 6, 24, 96] as $roomHours) {
            $now = $hours(new DarkRoom(19, -10, $roomHours));
            self::assertGreaterThanOrEqual($last, $now);
            $last = $now;
        }
    }

    #[Test]
    public function what_comes_first_is_named_and_a_heat_wave_harms_at_the_upper_end(): void
    {
        $cold = new DarkRoom(10, -10, 12);
        self::assertSame([2.0, DarkHarm::OXYGEN], array_values((array) (new DarkTank(600, 18, 0, 25, 18, 30, 2.0))->harm($cold, 24)));
        self::assertSame(DarkHarm::TEMPERATURE, (new DarkTank(60, 18, 0, 25, 18, 30, 20.0))->harm($cold, 24)?->by);
        self::assertNull((new DarkTank(600, 18, 0, 25, 18, 30, 24.1))->harm(DarkRoom::steady(25), 24));
        self::assertNotNull((new DarkTank(600, 18, 0, 25, 18, 30, 24.0))->harm(DarkRoom::steady(25), 24), 'in the last minute');
        $hot = (new DarkTank(60, 18, 0, 25, 18, 27, null))->harm(new DarkRoom(24, 38, 6), 48);
        self::assertSame(DarkHarm::TEMPERATURE, $hot?->by);
        self::assertSame(0.0, (new DarkTank(60, 18, 0, 17, 18, 27, null))->harm($cold, 24)?->hours, 'too cold already');
    }

    #[Test]
    public function a_house_that_takes_no_time_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        new DarkRoom(20, 0, 0);
    }
}
