<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Chemistry\Judgement;
use Velbrin\Core\Chemistry\OxygenCourse;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\Reading;
use Velbrin\Core\Chemistry\ReadingFinding;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Chemistry\Standing;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;

final class ChemistryTest extends TestCase
{
    #[Test]
    public function a_falling_series_says_when_it_leaves_the_band(): void
    {
        // A plain line of −0.09 dKH a day: from 8.10 it meets 7.0 after 12.2 days; one wild reading does not bend it.
        $readings = [];
        foreach ([0, 2, 4, 6, 8] as $day) {
            $readings[] = Reading::at($day, 8.1 - 0.09 * $day);
        }
        $clean = Judgement::of($readings, Band::around(7, 8.5), 0.1, 8);
        $readings[2] = Reading::at(4, 9.9);
        $wild = Judgement::of($readings, Band::around(7, 8.5), 0.1, 8);

        self::assertEqualsWithDelta(-0.09, $clean->slopePerDay, 1e-9);
        self::assertFalse($clean->steady);
        self::assertEqualsWithDelta((7 - 7.38) / -0.09, $clean->daysToLeave, 1e-9);
        self::assertEqualsWithDelta(-0.09, $wild->slopePerDay, 0.03);
        self::assertEqualsWithDelta(0.05, $clean->scatter, 1e-9, 'never below half the resolution');
        self::assertTrue($clean->doubts(7.8, 7.38));
        self::assertFalse($clean->doubts(7.45, 7.38));
    }

    #[Test]
    public function it_asks_for_more_readings_and_leaves_marked_old_and_later_ones_out(): void
    {
        $band = Band::around(7, 8.5);
        self::assertNull(Judgement::of([Reading::at(0, 8), Reading::at(9, 7.9)], $band, 0.1, 9)->slopePerDay);
        self::assertNull(
            Judgement::of([Reading::at(0, 8), Reading::at(1, 8), Reading::at(2, 8)], $band, 0.1, 2)->slopePerDay,
            'under three days',
        );
        $judged = Judgement::of(
            [
                Reading::at(0, 3),
                Reading::at(61, 8),
                Reading::at(64, 5, true),
                Reading::at(66, 8),
                Reading::at(70, 8),
                Reading::at(90, 2),
            ],
            $band,
            0.1,
            70,
        );
        self::assertSame(3, $judged->count);
        self::assertTrue($judged->steady);
        self::assertNull($judged->daysToLeave);
        $this->expectException(OutOfRange::class);
        Judgement::of([Reading::at(1, 8, true)], $band, 0.1, 2);
    }

    #[Test]
    public function a_series_speaks_by_where_it_stands_where_it_goes_and_how_fast(): void
    {
        $say = fn (float $v, ?float $slope, ?float $days, ?float $rate = null): ?string => ReadingFinding::of(
            Parameter::Alkalinity,
            $v,
            Regime::Natural->bands()['alkalinity']->standing($v),
            $slope,
            false,
            $days,
            $rate,
        )?->what->in(Units::metric());

        self::assertNull($say(7.8, -0.01, 80, 0.5));
        self::assertSame("Alkalinity leaves the band in 5\u{00A0}days", $say(7.4, -0.09, 5));
        self::assertSame('Alkalinity leaves the band today', $say(7.01, -0.09, 0.1));
        self::assertSame('Alkalinity leaves the band today', $say(7.01, -0.09, 0.49));
        self::assertSame("Alkalinity leaves the band in 0.5\u{00A0}days", $say(7.01, -0.09, 0.51));
        self::assertSame("Alkalinity moves faster than 0.5\u{00A0}dKH a day", $say(7.8, 0.6, 20, 0.5));
        self::assertStringContainsString('below the act limit', (string) $say(6.1, -0.1, 0));
    }

    #[Test]
    public function outside_the_band_no_days_are_left(): void
    {
        $judged = Judgement::of(
            [Reading::at(0, 7.2), Reading::at(3, 7.0), Reading::at(6, 6.8)],
            Band::around(7, 8.5),
            0.1,
            6,
        );
        self::assertSame(0.0, $judged->daysToLeave);
        self::assertSame(Standing::Low, $judged->standing);
    }

    #[Test]
    public function units_of_readings_convert_both_ways_by_their_published_ties(): void
    {
        self::assertEqualsWithDelta(2.8, ReadingUnit::MeqL->canonical(1), 1e-12);
        self::assertEqualsWithDelta(2.8, ReadingUnit::PpmCaco3->canonical(50.04), 1e-12);
        self::assertEqualsWithDelta(4.427, ReadingUnit::NitrateN->canonical(1), 1e-12);
        self::assertEqualsWithDelta(0.03066, ReadingUnit::PhosphatePpb->canonical(10), 1e-12);
        self::assertEqualsWithDelta(35, ReadingUnit::SpecificGravity->canonical(1.02637), 0.02);
        foreach (Parameter::cases() as $parameter) {
            foreach (ReadingUnit::for($parameter) as $unit) {
                self::assertEqualsWithDelta(
                    20.0,
                    $unit->canonical($unit->shown(20.0)),
                    1e-6,
                    "{$parameter->value} {$unit->value}",
                );
            }
        }
    }

    #[Test]
    public function regimes_stand_as_the_handbook_gives_them(): void
    {
        $alk = Regime::Natural->bands()['alkalinity'];
        self::assertEqualsWithDelta(
            [7.5, 8.0, 6.625, 8.875],
            [$alk->aimLow, $alk->aimHigh, $alk->actLow, $alk->actHigh],
            1e-9,
        );
        self::assertSame(7.75, Regime::Raised->bands()['ph']->actLow);
        self::assertSame(0.0, Regime::FishOnly->bands()['nitrate']->actLow, 'never below 0');
        self::assertSame(20.0, Regime::Natural->bands(settling: true)['nitrate']->fineHigh);
        self::assertEquals(Regime::Natural->bands()['salinity'], Regime::Natural->bands(settling: true)['salinity']);
        self::assertArrayNotHasKey('redox', Regime::Natural->bands(), 'not tracked on purpose');
        $this->expectException(OutOfRange::class);
        Band::of(8, 7, null, null);
    }

    #[Test]
    public function more_movement_never_shortens_the_oxygen_and_still_water_runs_straight(): void
    {
        $still = OxygenCourse::of(500, 0, 6.7, 6.4, 200, 4);
        self::assertEqualsWithDelta((2.4 * 500) / 200, $still->hoursToLimit, 1e-9);
        $hours = 0.0;
        foreach ([0.005, 0.01, 0.02, 0.05] as $exchange) {
            $next = OxygenCourse::of(500, $exchange, 6.7, 6.4, 200, 4)->hoursToLimit;
            self::assertGreaterThan($hours, $next);
            $hours = (float) $next;
        }
        self::assertNull(OxygenCourse::of(500, 0.2, 6.7, 6.4, 200, 4)->hoursToLimit);
        self::assertSame(0.0, OxygenCourse::of(500, 0.2, 6.7, 3.9, 200, 4)->hoursToLimit);
    }
}
