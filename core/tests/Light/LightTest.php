<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Light;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Light\Fixture;
use Velbrin\Core\Light\Hanging;
use Velbrin\Core\Light\LightDay;
use Velbrin\Core\Light\LightField;
use Velbrin\Core\Light\LightMap;
use Velbrin\Core\Light\LightSurvey;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Tests\Refuses;

final class LightTest extends TestCase
{
    use Refuses;

    #[Test]
    public function a_map_has_two_points_each_way_at_least(): void
    {
        $of = fn (int $columns, int $rows): ?string => self::refused(
            fn () => LightMap::of([], 1000, 500, 100, 0.25, $columns, $rows),
        );
        self::assertSame([null, 'columns', 'columns'], [$of(2, 2), $of(1, 30), $of(60, 1)]);
    }

    #[Test]
    public function one_lamp_straight_below_by_hand(): void
    {
        // 60° to half intensity is a Lambertian lamp, m = 1: E = PPF/π/d². 314.159 µmol/s at 0.5 m: 400 in air.
        $lamp = Fixture::of(0, 0, 500, 314.159265, 60);
        self::assertEqualsWithDelta(1.0, $lamp->order, 1e-12);
        self::assertEqualsWithDelta(400.0, LightField::par([$lamp], 0, 0, 0, 0, 0), 1e-4);
        // 0.5 m aside at 0.5 m down: 45°, twice the square of the way, cos once for the beam and once for the floor: a quarter.
        self::assertEqualsWithDelta(100.0, LightField::par([$lamp], 500, 0, 0, 0, 0), 1e-4);
        // Half a metre of water of 0.25 a metre under a surface that sends back 8 %.
        self::assertEqualsWithDelta(100 * 0.92 * exp(-0.125), LightField::par([$lamp], 0, 0, 500, 0.25), 1e-4);
        self::assertGreaterThan(
            LightField::par([$lamp], 0, 0, 500, 0.25),
            LightField::par([$lamp], 0, 0, 500, 0.25, refracted: true),
        );
        // Refracted, half a metre of water is as far as 500/1.34 of air.
        $way = 0.5 + 0.5 / 1.34;
        self::assertEqualsWithDelta(100 / $way ** 2, LightField::par([$lamp], 0, 0, 500, 0, 0, refracted: true), 1e-4);
    }

    #[Test]
    public function what_a_lamp_sends_out_arrives_on_a_floor_that_is_large_enough(): void
    {
        // Photons are conserved: the field over a floor ten times as wide as it hangs high sums to the lamp’s flux.
        $map = LightMap::of(
            fixtures: [Fixture::of(5000, 5000, 500, 200, 30)],
            lengthMm: 10000,
            widthMm: 10000,
            depthMm: 0,
            attenuationPerM: 0,
            columns: 200,
            rowsCount: 200,
            surfaceLoss: 0,
        );
        self::assertEqualsWithDelta(200.0, $map->mean * 100, 1.0);
    }

    #[Test]
    public function higher_is_more_even_and_deeper_is_dimmer(): void
    {
        $at = fn (float $above, float $depth): LightMap => LightMap::of(
            [Fixture::of(300, 300, $above, 200, 45), Fixture::of(900, 300, $above, 200, 45)],
            1200,
            600,
            $depth,
            0.25,
        );
        self::assertGreaterThan($at(150, 300)->uniformity, $at(400, 300)->uniformity);
        self::assertGreaterThan($at(250, 400)->mean, $at(250, 200)->mean);
        $map = $at(250, 300);
        self::assertSame($map->least, min(array_map(min(...), $map->rows)));
        self::assertEqualsWithDelta($map->rows[0][0], $map->rows[29][59], 1e-9, 'two like lamps light both ends alike');
        foreach ($map->groupSharePct() as $share) {
            self::assertThat($share, self::logicalAnd(self::greaterThanOrEqual(0), self::lessThanOrEqual(100)));
        }
    }

    #[Test]
    public function a_group_has_the_share_of_the_water_that_lies_within_its_range(): void
    {
        $lamp = Fixture::of(300, 150, 100, 70, 40);
        $half = [[0.0, 0.0], [300.0, 0.0], [300.0, 300.0], [0.0, 300.0]];
        $map = LightMap::of([$lamp], 600, 300, 100, 0.25, 20, 10, outline: $half);
        $points = array_filter(array_merge(...$map->rows), is_float(...));
        self::assertCount(100, $points, 'half of the grid is tank');
        foreach (LightMap::GROUPS as $group => [$least, $most]) {
            $within = array_filter($points, fn (float $p): bool => $p >= $least && $p <= $most);
            self::assertEqualsWithDelta(count($within), $map->groupSharePct()[$group], 1e-9, $group);
            self::assertGreaterThan(0, count($within), $group);
            self::assertLessThan(100, count($within), $group);
        }
    }

    #[Test]
    public function an_isoline_runs_where_the_field_has_its_value(): void
    {
        $lamp = Fixture::of(600, 300, 300, 200, 45);
        $map = LightMap::of([$lamp], 1200, 600, 200, 0.25, 120, 60);
        $lines = $map->isoline(120);
        self::assertGreaterThan(40, count($lines));
        foreach ($lines as [$x, $y]) {
            self::assertEqualsWithDelta(120, LightField::par([$lamp], $x, $y, 200, 0.25), 1.2);
        }
        self::assertSame([], $map->isoline(10000));
    }

    #[Test]
    public function a_day_of_ramps_is_the_area_under_its_course(): void
    {
        $day = LightDay::of(10, 20, 2, 0.8);
        $sum = 0.0;
        for ($n = 0; $n < 24000; $n++) {
            $sum += $day->at(($n + 0.5) / 1000) / 1000;
        }
        self::assertEqualsWithDelta($sum, $day->fullHours(), 1e-3);
        self::assertEqualsWithDelta(6.4, $day->fullHours(), 1e-12);
        // 200 µmol/m²/s for 6.4 full hours: 4.6 mol.
        self::assertEqualsWithDelta(4.608, $day->integralMol(200), 1e-12);
        self::assertSame([0.0, 0.4, 0.8, 0.0], [$day->at(9), $day->at(11), $day->at(15), $day->at(21)]);
        // A refugium through the night.
        $night = LightDay::of(21, 9, 0);
        self::assertSame([12.0, 1.0, 1.0, 0.0], [$night->hours(), $night->at(23), $night->at(3), $night->at(12)]);
        $this->expectException(OutOfRange::class);
        LightDay::of(10, 14, 3);
    }

    /** @return iterable<string, array{0: int, 1: bool, 2: float}> fixings, evened out, kg each for 20 kg */
    public static function fixings(): iterable
    {
        yield 'one carries all' => [1, false, 100.0];
        yield 'two, a tenth off centre' => [2, false, 60.0];
        yield 'three' => [3, false, 40.0];
        yield 'four rigid: two may carry all' => [4, false, 50.0];
        yield 'four evened out' => [4, true, 30.0];
    }

    #[Test]
    #[DataProvider('fixings')]
    public function five_times_the_worst_share_must_hold(int $fixings, bool $equalised, float $needed): void
    {
        self::assertEqualsWithDelta($needed, Hanging::of(20, $fixings, 0, $equalised)->neededKgEach, 1e-9);
        self::assertTrue(Hanging::of(20, $fixings, $needed, $equalised)->ok);
        self::assertFalse(Hanging::of(20, $fixings, $needed - 0.01, $equalised)->ok);
    }

    #[Test]
    public function a_sheave_adds_to_the_pull_and_doubles_on_its_hook(): void
    {
        self::assertEqualsWithDelta(10 / 0.96 ** 2, Hanging::cableKg(20, 2, 2), 1e-12);
        self::assertEqualsWithDelta(20.0, Hanging::sheaveKg(10, 180), 1e-12, 'turned right round, both runs pull');
        self::assertEqualsWithDelta(10 * M_SQRT2, Hanging::sheaveKg(10, 90), 1e-12);
        $this->expectException(OutOfRange::class);
        Hanging::of(20, 0, 100);
    }

    #[Test]
    public function a_survey_gives_one_factor_and_says_how_far_it_scatters(): void
    {
        $even = LightSurvey::of([100, 200, 50, 400], [80, 160, 40, 320]);
        self::assertEqualsWithDelta(0.8, $even->factor, 1e-12);
        self::assertEqualsWithDelta(0.0, $even->scatterPct, 1e-9);
        // By hand: (100·110 + 200·180) / (100² + 200²) = 0.94; off by 16 and −8: √160 of 141.
        $off = LightSurvey::of([100, 200], [110, 180]);
        self::assertEqualsWithDelta(0.94, $off->factor, 1e-12);
        self::assertEqualsWithDelta((100 * sqrt(160)) / 141, $off->scatterPct, 1e-9);
        self::assertFalse($off->calibrates());
        self::assertTrue($even->calibrates());
    }
}
