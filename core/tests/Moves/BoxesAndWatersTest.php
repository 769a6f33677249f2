<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Acclimation;
use Velbrin\Core\Moves\AirSupply;
use Velbrin\Core\Moves\AnimalDemand;
use Velbrin\Core\Moves\BoxTemperature;
use Velbrin\Core\Moves\BoxWall;
use Velbrin\Core\Moves\CarryTeam;
use Velbrin\Core\Moves\ContainerHours;
use Velbrin\Core\Moves\Gang;
use Velbrin\Core\Moves\HoldingCare;
use Velbrin\Core\Moves\JoinedVessel;
use Velbrin\Core\Moves\Leg;
use Velbrin\Core\Moves\OldWater;
use Velbrin\Core\Moves\RiserLitres;
use Velbrin\Core\Moves\WaterJump;
use Velbrin\Core\Seawater\Seawater;

/** The stories of moving with their numbers: cold, a box, a holding, water, a refugium; and what holds of any. */
final class BoxesAndWatersTest extends TestCase
{
    /** @param  list<Leg>  $legs */
    private static function box(BoxWall $wall, array $legs): BoxTemperature
    {
        return BoxTemperature::of(28, 1.12, $wall, 25.5, $legs);
    }

    #[Test]
    public function ten_minutes_of_wind_and_a_truck_at_six_below_cool_a_bin_past_what_animals_bear(): void
    {
        $way = [Leg::of(10 / 60, -6, true), Leg::of(75 / 60, -6)];
        $bin = self::box(BoxWall::Bin, $way);
        self::assertEqualsWithDelta([22.2, 14.7], $bin->endsC, 0.05);
        self::assertNotNull($bin->hoursToLimit);
        self::assertEqualsWithDelta(10.6 / 60, $bin->hoursToLimit, 0.05, 'hardly in the truck');
        $foam = self::box(BoxWall::Foam, $way);
        self::assertEqualsWithDelta([25.3, 23.9], $foam->endsC, 0.05);
        self::assertNull($foam->hoursToLimit);
        self::assertEqualsWithDelta(16.2, self::box(BoxWall::Bin, [Leg::of(85 / 60, -6)])->lastC, 0.05, 'one figure flatters');
    }

    #[Test]
    public function walls_pass_what_is_published_and_more_of_them_is_never_worse(): void
    {
        self::assertEqualsWithDelta([7, 19], [BoxWall::Bin->passes(false), BoxWall::Bin->passes(true)], 0.2);
        self::assertEqualsWithDelta([12, 27], [BoxWall::Open->passes(false), BoxWall::Open->passes(true)], 1e-9);
        self::assertEqualsWithDelta(1.0, BoxWall::Foam->passes(false), 0.02);
        mt_srand(7);
        for ($n = 0; $n < 200; $n++) {
            $legs = [Leg::of(mt_rand(1, 30) / 10, mt_rand(-150, 400) / 10, mt_rand(0, 1) === 1, mt_rand(0, 800))];
            $to = $legs[0]->feltC();
            $far = fn (BoxWall $wall): float => abs(self::box($wall, $legs)->lastC - $to);
            self::assertGreaterThanOrEqual($far(BoxWall::Bin) - 1e-9, $far(BoxWall::Foam));
            self::assertGreaterThanOrEqual($far(BoxWall::Open) - 1e-9, $far(BoxWall::Bin));
        }
    }

    #[Test]
    public function a_leg_cut_in_two_is_the_same_leg(): void
    {
        $whole = self::box(BoxWall::Bin, [Leg::of(2, 30, false, 300)]);
        $halves = self::box(BoxWall::Bin, [Leg::of(0.7, 30, false, 300), Leg::of(1.3, 30, false, 300)]);
        self::assertEqualsWithDelta($whole->lastC, $halves->lastC, 1e-9);
        self::assertEqualsWithDelta($whole->hoursToLimit, $halves->hoursToLimit, 1e-9);
        // Sun on it: 30 °C and 0.6 · 300 · 0.13.
        self::assertEqualsWithDelta(53.4, Leg::of(1, 30, false, 300)->feltC(), 1e-9);
    }

    #[Test]
    public function a_fish_of_eighteen_centimetres_has_an_hour_and_a_quarter_without_air(): void
    {
        $grams = AnimalDemand::grams(18);
        self::assertEqualsWithDelta(117, $grams, 0.5);
        self::assertEqualsWithDelta(175, AnimalDemand::grams(18, true), 0.5);
        $mgH = AnimalDemand::mgH($grams, 25);
        self::assertEqualsWithDelta(52.5, $mgH, 0.05);
        $hours = ContainerHours::of(
            litres: 28,
            demandMgH: $mgH,
            oxygenStartMgL: 6.43,
            oxygenMinMgL: 4,
            airHours: 0,
            totalStartMgL: 0,
            ph: 8.2,
            tempC: 25,
            salinity: 35,
            freeLimitMgL: 0.05,
            uaWK: 0,
            startC: 25,
            airC: 25,
            lowerC: 22,
            upperC: 28,
        );
        self::assertEqualsWithDelta([1.30, 6.26], [$hours->oxygenH, $hours->ammoniaH], 0.01);
        self::assertSame('oxygen', $hours->binds);
        // Small fish breathe more for their weight, and twice as much ten degrees on.
        self::assertEqualsWithDelta(0.5 * 19.9 * 1.5, AnimalDemand::mgH(19.9, 25), 1e-9);
        self::assertEqualsWithDelta(0.3 * 20 * 1.5, AnimalDemand::mgH(20, 25), 1e-9);
        self::assertEqualsWithDelta(2 * $mgH, AnimalDemand::mgH($grams, 35), 1e-9);
    }

    #[Test]
    public function a_litre_of_air_carries_a_third_of_what_it_breathes(): void
    {
        $carries = AirSupply::carriesMgH(1, 0.12, 4, Seawater::at(35, 25)->oxygenSatMgL());
        self::assertEqualsWithDelta(20, $carries, 0.2);
        self::assertEqualsWithDelta(2.6, 52.5 / $carries, 0.05);
        self::assertSame(0.0, AirSupply::carriesMgH(1, 0.12, 7, 6.5));
        self::assertSame([0.7, 0.85, 0.85, 1.0], array_map(AirSupply::coldShare(...), [-0.1, 0.0, 9.9, 10.0]));
    }

    #[Test]
    public function a_holding_of_four_hundred_litres_wants_a_change_every_night(): void
    {
        $bare = HoldingCare::of(400, 131, 8.1, 25.5, 35);
        self::assertEqualsWithDelta(0.52, $bare->riseMgLDay, 0.005);
        self::assertEqualsWithDelta(0.372, $bare->mostMgL, 0.0015);
        self::assertEqualsWithDelta(17, $bare->hoursToMost, 0.3);
        self::assertEqualsWithDelta(0.70, $bare->changeShare, 0.005);
        self::assertEqualsWithDelta(0.28, HoldingCare::of(400, 131, 8.1, 25.5, 35, 0.8, 24)->changeShare, 0.005);
        self::assertSame(INF, HoldingCare::of(400, 131, 8.1, 25.5, 35, 1)->hoursToMost);
    }

    #[Test]
    public function a_truck_of_a_thousand_and_fifty_leaves_room_for_old_water(): void
    {
        self::assertEqualsWithDelta(448, OldWater::mostL(1050, 547), 0.5);
        self::assertSame(0.0, OldWater::mostL(500, 547));
        $jump = WaterJump::of(200, 400, ['alk' => 7.5, 'T' => 25], ['alk' => 8.4, 'T' => 25], ['alk' => 0.5]);
        self::assertEqualsWithDelta(8.25, $jump->freshMost['alk'], 1e-9);
        self::assertEqualsWithDelta([8.1, 0.6], [$jump->after['alk'], $jump->jump['alk']], 1e-9);
        self::assertSame(['alk'], $jump->over);
        self::assertSame([], WaterJump::of(200, 400, ['alk' => 7.5], ['alk' => 8.25], ['alk' => 0.5])->over);
        self::assertNull(WaterJump::of(200, 0, ['alk' => 7.5], ['alk' => 9], ['alk' => 0.5])->freshMost['alk']);
        $this->expectException(OutOfRange::class);
        WaterJump::of(200, 400, ['alk' => 7.5], []);
    }

    #[Test]
    public function a_refugium_of_a_hundred_litres_fits_only_behind_its_valve(): void
    {
        $joined = JoinedVessel::of(480, 100, 0.62, 136, 48);
        self::assertEqualsWithDelta([161, 79.5, 0.83], [$joined->riseMm, $joined->fitsL, $joined->overdoseFactor], 0.5);
        self::assertFalse($joined->fits);
        self::assertTrue(JoinedVessel::of(480, 79.5, 0.62, 136, 48)->fits);
        self::assertEqualsWithDelta(1, $joined->growth * $joined->overdoseFactor, 1e-12);
    }

    #[Test]
    public function minutes_go_by_the_longest_and_ammonia_waits_for_nobody(): void
    {
        $minutes = fn (float $c, float $s, float $ph): float => Acclimation::of(25, $c, 35, $s, 8.0, $ph)->minutes;
        self::assertEqualsWithDelta([30, 45, 30], [$minutes(23, 35, 8), $minutes(25, 32, 8), $minutes(25, 35, 8.2)], 1e-9);
        // 1 mg/L at pH 7.4 harms little; at the pH of the tank it burns.
        self::assertFalse(Acclimation::of(25, 25, 35, 35, 7.4, 7.4, 1)->isStraight);
        self::assertTrue(Acclimation::of(25, 25, 35, 35, 7.4, 8.3, 1)->isStraight);
    }

    #[Test]
    public function a_riser_holds_its_section_and_an_open_one_seven_parts_of_twenty_four(): void
    {
        self::assertEqualsWithDelta(M_PI * 0.4 ** 2 / 4 * 10, RiserLitres::of(40, 1000), 1e-9);
        self::assertEqualsWithDelta(7 / 24, RiserLitres::of(40, 1000, true) / RiserLitres::of(40, 1000), 1e-12);
    }

    #[Test]
    public function unequal_people_carry_what_their_limits_allow_together(): void
    {
        self::assertSame([1, 2, 3, null], array_map(fn (float $kg): ?int => Gang::of($kg, false, [25, 25, 25]), [25, 33.3, 37.5, 37.6]));
        self::assertSame(CarryTeam::of(33, true)->persons, Gang::of(33, true, [25, 25, 25]));
        self::assertSame(1, Gang::of(30, false, [16, 30]), 'the strongest first');
        self::assertNull(Gang::of(34, false, [25, 25]), 'a third would carry it, and is not there');
    }

    #[Test]
    public function more_air_never_shortens_the_hours_of_a_box(): void
    {
        mt_srand(3);
        for ($n = 0; $n < 100; $n++) {
            $hours = fn (float $air): float => ContainerHours::of(
                litres: 28,
                demandMgH: mt_rand(10, 100),
                oxygenStartMgL: 6.4,
                oxygenMinMgL: 4,
                airHours: $air,
                totalStartMgL: 0.1,
                ph: 8.2,
                tempC: 25,
                salinity: 35,
                freeLimitMgL: 0.05,
                uaWK: 5,
                startC: 25.5,
                airC: 15,
                lowerC: 22,
                upperC: 28,
            )->hours;
            mt_srand($n);
            $without = $hours(0);
            mt_srand($n);
            self::assertGreaterThanOrEqual($without, $hours(2));
        }
    }
}
