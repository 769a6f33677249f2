<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\TemperatureFault;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/** Cold is tolerated longer than heat: harm after so many kelvin hours beyond a limit, where the company counts so (R-21). */
final class KelvinHoursTest extends TestCase
{
    #[Test]
    #[DataProvider('faults')]
    public function the_closed_form_is_what_minutes_add_up_to(TemperatureFault $fault, float $limitC, float $kelvinHours): void
    {
        $hours = $fault->hoursBeyond($limitC, $kelvinHours);
        self::assertNotNull($hours);
        $sum = 0.0;
        for ($minute = 0; $minute < $hours * 60; $minute++) {
            $tempC = $fault->afterC(($minute + 0.5) / 60);
            $sum += max(0.0, $fault->warms ? $tempC - $limitC : $limitC - $tempC) / 60;
        }
        self::assertEqualsWithDelta($kelvinHours, $sum, 0.05);
    }

    /** @return iterable<string, array{0: TemperatureFault, 1: float, 2: float}> */
    public static function faults(): iterable
    {
        yield 'cold' => [self::fault(8, 0, false), 18, 12];
        yield 'hot' => [self::fault(24, 300, true), 30, 6];
        yield 'beyond it from the start' => [self::fault(8, 0, false), 26, 5];
        yield 'hardly beyond' => [self::fault(17.5, 0, false), 18, 3];
    }

    #[Test]
    public function none_counted_is_the_crossing_and_more_is_never_sooner(): void
    {
        $fault = self::fault(8, 0, false);
        $last = $fault->hoursTo(18);
        self::assertSame($last, $fault->hoursBeyond(18, 0.0));
        foreach ([1, 5, 20, 100] as $kelvinHours) {
            $now = $fault->hoursBeyond(18, $kelvinHours);
            self::assertGreaterThan($last, $now);
            $last = $now;
        }
        self::assertNull(self::fault(18, 0, false)->hoursBeyond(18, 1.0), 'it never gets there');
    }

    #[Test]
    public function cold_and_heat_are_counted_apart_and_the_page_says_so(): void
    {
        $cold = fn (float $coldKh, float $hotKh): ?float => TimeToHarm::of(Hazard::TooCold, self::tank($coldKh, $hotKh))[0]->hours;
        self::assertSame($cold(0, 0), $cold(0, 50));
        self::assertGreaterThan($cold(0, 0), $cold(12, 0));
        $hours = HoursInHand::of(Hazard::TooCold, self::tank(12, 0), [], new Place(2, [], [], Worlds::ines()));
        self::assertStringContainsString('it has stood 12 K·h beyond 18.0', $hours->finding->why->in(Units::metric()));
    }

    private static function fault(float $roomC, float $powerW, bool $warms): TemperatureFault
    {
        return new TemperatureFault(TankHeat::bare(600, 18, 18, 0), 600, 18, $powerW, $roomC, 25, $warms);
    }

    private static function tank(float $coldKh, float $hotKh): Tonight
    {
        return new Tonight(
            heat: TankHeat::bare(600, 18, 18, 0),
            volumeL: 600,
            surfaceM2: 0.72,
            footprintM2: 0.72,
            lid: false,
            setpointC: 25,
            salinity: 35,
            heaters: [],
            backgroundW: 0,
            roomC: 8,
            lowC: 18,
            highC: 30,
            coldKh: $coldKh,
            hotKh: $hotKh,
        );
    }
}
