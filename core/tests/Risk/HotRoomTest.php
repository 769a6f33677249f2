<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Risk\AlarmLimits;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/** Without power a tank goes to its room, whichever side that lies on. */
final class HotRoomTest extends TestCase
{
    /** @return iterable<string, array{0: float, 1: bool}> room °C, whether the water warms */
    public static function rooms(): iterable
    {
        yield 'a cold hall' => [8.0, false];
        yield 'just under the set point' => [25.4, false];
        yield 'at the set point' => [25.5, false];
        yield 'just over the set point' => [25.6, true];
        yield 'under a glass roof in July' => [42.0, true];
    }

    #[Test]
    #[DataProvider('rooms')]
    public function a_power_cut_warms_where_the_room_is_warmer(float $roomC, bool $warms): void
    {
        $tank = self::tank($roomC);
        self::assertSame($warms, Hazard::PowerCut->warms($tank), 'the limit its alarm runs into');
        $course = TimeToHarm::temperature(Hazard::PowerCut, $tank);
        self::assertSame($warms, $course?->warms);
    }

    #[Test]
    public function in_a_hot_room_the_upper_limit_is_reached_and_in_a_cold_one_the_lower(): void
    {
        foreach ([[45.0, 30.0], [5.0, 18.0]] as [$roomC, $limitC]) {
            $harms = TimeToHarm::of(Hazard::PowerCut, self::tank($roomC));
            $byHeat = array_values(array_filter($harms, fn ($h): bool => $h->by === 'temperature'))[0];
            self::assertSame($limitC, $byHeat->limit->value);
            self::assertNotNull($byHeat->hours, "in a room of {$roomC} °C");
        }
    }

    #[Test]
    public function one_heater_failed_off_leaves_the_others_and_one_stuck_on_is_one(): void
    {
        // Two of 300 W, each on its own: off leaves one, on adds one.
        $off = TimeToHarm::temperature(Hazard::HeaterStuckOff, self::tank(12));
        $on = TimeToHarm::temperature(Hazard::HeaterStuckOn, self::tank(12));
        self::assertSame([300.0 + 40, 300.0 + 40], [$off?->powerW, $on?->powerW]);
        self::assertSame(600.0 + 40, TimeToHarm::temperature(Hazard::TooCold, self::tank(12))?->powerW);
    }

    #[Test]
    public function one_limit_entered_is_a_limit(): void
    {
        $open = fn (?float $low, ?float $high): array => array_map(
            fn (Finding $f): string => $f->rule,
            AlarmLimits::findings('Probe', AlarmQuantity::Temperature, $low, $high, 18, 25.5, 30),
        );
        self::assertContains('R-48', $open(null, null));
        self::assertNotContains('R-48', $open(null, 28.0));
        self::assertNotContains('R-48', $open(23.0, null));
        // At harm it is not sound, a tenth inside it is.
        self::assertSame([['X-25'], []], [$open(18.0, null), $open(18.1, null)]);
        self::assertSame([['X-25'], []], [$open(null, 30.0), $open(null, 29.9)]);
    }

    private static function tank(float $roomC): Tonight
    {
        return new Tonight(
            heat: TankHeat::bare(400, 15, 15, 0),
            volumeL: 400,
            surfaceM2: 0.7,
            footprintM2: 0.7,
            lid: false,
            setpointC: 25.5,
            salinity: 35,
            heaters: [new Heater('a', 300, 'own a'), new Heater('b', 300, 'own b')],
            backgroundW: 40,
            roomC: $roomC,
            lowC: 18,
            highC: 30,
        );
    }
}
