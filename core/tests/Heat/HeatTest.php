<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\Surfaces;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;

final class HeatTest extends TestCase
{
    #[Test]
    public function the_u_values_are_the_published_ones(): void
    {
        self::assertEqualsWithDelta(7.0, TankHeat::wallU(10, 1.0), 0.05);
        self::assertEqualsWithDelta(5.1, TankHeat::wallU(12, 0.19), 0.05);
    }

    #[Test]
    public function saturation_pressure_meets_the_tables(): void
    {
        self::assertEqualsWithDelta(3.169, Evaporation::saturationKpa(25), 0.01);
        self::assertEqualsWithDelta(1.228, Evaporation::saturationKpa(10), 0.01);
        self::assertSame(0.0, Evaporation::of(1, 20, 30, 100)->watts);
    }

    #[Test]
    public function the_course_balances_its_heat_at_every_hour(): void
    {
        // Stored heat = heat in − heat out, the loss integrated from the course itself.
        $hours = 5.0;
        $steps = 2000;
        $lost = 0.0;
        for ($i = 0; $i < $steps; $i++) {
            $t = self::course(($hours * ($i + 0.5)) / $steps)->tempC;
            $lost += (21 * ($t - 16) * $hours) / $steps;
        }
        $stored = TemperatureCourse::capacityWhK(520) * (self::course($hours)->tempC - 25.4);
        self::assertEqualsWithDelta((300 - 60) * $hours - $lost, $stored, 0.05);
    }

    #[Test]
    public function hours_to_the_limit_are_the_hours_the_course_takes(): void
    {
        $course = TemperatureCourse::of(
            volumeL: 520,
            uaWK: 21,
            powerW: 600,
            evaporationW: 60,
            roomC: 21,
            startC: 25.4,
            hours: 1,
            limitC: 30,
            limitSide: LimitSide::Upper,
        );
        self::assertNotNull($course->hoursToLimit);
        self::assertEqualsWithDelta(
            30,
            TemperatureCourse::of(
                volumeL: 520,
                uaWK: 21,
                powerW: 600,
                evaporationW: 60,
                roomC: 21,
                startC: 25.4,
                hours: $course->hoursToLimit,
                limitC: 30,
                limitSide: LimitSide::Upper,
            )->tempC,
            1e-9,
        );
        $line = TemperatureCourse::of(
            volumeL: 520,
            uaWK: 0,
            powerW: 600,
            evaporationW: 60,
            roomC: 21,
            startC: 25.4,
            hours: 1,
            limitC: 30,
            limitSide: LimitSide::Upper,
        );
        self::assertNull($line->settlesC);
        self::assertEqualsWithDelta(
            30,
            TemperatureCourse::of(
                volumeL: 520,
                uaWK: 0,
                powerW: 600,
                evaporationW: 60,
                roomC: 21,
                startC: 25.4,
                hours: (float) $line->hoursToLimit,
                limitC: 30,
                limitSide: LimitSide::Upper,
            )->tempC,
            1e-9,
        );
    }

    #[Test]
    public function harm_begins_at_18_and_30_where_nobody_says_otherwise(): void
    {
        self::assertEquals(HeaterChoice::of(self::tank(), 25.5, 14, 27, 60), HeaterChoice::of(self::tank(), 25.5, 14, 27, 60, 18, 30));
    }

    #[Test]
    public function a_chosen_set_passes_its_three_tests_and_a_colder_room_never_needs_less(): void
    {
        $need = 0.0;
        foreach ([22, 20, 18, 16, 14, 10] as $cold) {
            $choice = HeaterChoice::of(self::tank(), 25.5, $cold, 27, 60);
            self::assertGreaterThanOrEqual($need, $choice->needW);
            $need = $choice->needW;
            if ($choice->chosen === null) {
                continue;
            }
            self::assertGreaterThanOrEqual(1.2 * $choice->needW, $choice->chosen->totalW());
            self::assertGreaterThanOrEqual(
                $choice->harmNeedW,
                ($choice->chosen->count - 1) * $choice->chosen->wattsEach,
            );
            $stuck = self::tank()->hotCourse($choice->chosen->wattsEach + 60, 27, 25.5, 30);
            self::assertTrue($stuck->hoursToLimit === null || $stuck->hoursToLimit >= 6);
        }
        self::assertGreaterThan(200, $need);
    }

    private static function course(float $hours): TemperatureCourse
    {
        return TemperatureCourse::of(
            volumeL: 520,
            uaWK: 21,
            powerW: 300,
            evaporationW: 60,
            roomC: 16,
            startC: 25.4,
            hours: $hours,
            limitC: 30,
            limitSide: LimitSide::Upper,
        );
    }

    private static function tank(): TankHeat
    {
        $vessel = Vessel::of(Rectangular::outer(1500, 600), 600, 15, 15);

        return TankHeat::of(520, [Surfaces::of($vessel, 550, true)], 50);
    }
}
