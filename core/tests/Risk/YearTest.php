<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\DosedWater;
use Velbrin\Core\Risk\Fault\Draining;
use Velbrin\Core\Risk\Fault\Fills;
use Velbrin\Core\Risk\Fault\LimeInTopUp;
use Velbrin\Core\Risk\Fault\LostOutlet;
use Velbrin\Core\Risk\Fault\Slow;
use Velbrin\Core\Risk\Fault\TopUp;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\HandState;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Layer\Refused;
use Velbrin\Core\Risk\PeopleHazard;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Standing\Beginning;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\HazardRow;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\Standing\Year;
use Velbrin\Core\Risk\TimeToHarm;

/** Every hazard of a system, over a year: how often, how soon, what stands against it, what it costs (R-1 … R-15, R-25, R-55). */
final class YearTest extends TestCase
{
    #[Test]
    public function every_way_it_begins_is_told_with_what_stands_against_it_then(): void
    {
        $heaters = [Worlds::heater('old', 300.0, age: 6.0), Worlds::heater('new', 300.0, age: 0.5)];
        $row = Year::hazard(
            Hazard::HeaterStuckOn,
            Worlds::standing($heaters),
            [Worlds::moment(21, $heaters, alarm: Worlds::alarm())],
            Rates::assumed(),
        );
        self::assertSame(['heater old', 'heater new'], array_map(fn (Beginning $b): string => $b->by, $row->beginnings ?? []));
        foreach ($row->beginnings as $beginning) {
            self::assertNotNull($beginning->harm?->hours);
            self::assertNotSame([], $beginning->credits);
        }
        $cool = Year::hazard(Hazard::HeaterStuckOn, Worlds::standing([]), [Worlds::moment(21, [])], Rates::assumed());
        self::assertSame([], $cool->beginnings ?? []);
    }

    #[Test]
    public function arrivals_without_quarantine_bring_disease_and_where_nobody_counts_them_they_may(): void
    {
        $row = fn (?float $arrivals, array $set = []): ?HazardRow => Year::hazard(
            Hazard::Arrival,
            Worlds::standing([]),
            [Worlds::moment(21, [], new Waterside(slow: new Slow(Rates::with($set), $arrivals)))],
            Rates::with($set),
        );
        self::assertNull($row(0.0), 'every one is quarantined, or none comes');
        self::assertEqualsWithDelta(0.3, $row(6.0)?->rate->likely, 1e-12);
        self::assertTrue($row(6.0)->rate->isSure());
        self::assertEqualsWithDelta(0.6, $row(6.0, ['arrival' => 0.1])?->rate->high, 1e-12);
        $open = $row(null);
        self::assertEqualsWithDelta([0.0, 0.2, 0.6], [$open->rate->low, $open->rate->likely, $open->rate->high], 1e-9);
        self::assertSame(['how many animals a year come without quarantine'], $open->narrows);
    }

    #[Test]
    public function slow_harms_come_at_the_company_s_own_times(): void
    {
        $slow = new Slow(Rates::with(['lamp-days' => 3.0, 'ammonia-hours' => 12.0, 'arrival-days' => 2.0]), 1.0);
        $tank = Worlds::tank(21, [], new Waterside(hasLamp: true, slow: $slow));
        $hours = fn (Hazard $h): ?float => TimeToHarm::of($h, $tank)[0]->hours;
        self::assertSame([72.0, 12.0, 48.0], [$hours(Hazard::LampDead), $hours(Hazard::Ammonia), $hours(Hazard::Arrival)]);
        $usual = Worlds::tank(21, [], new Waterside(hasLamp: true));
        self::assertSame(168.0, TimeToHarm::of(Hazard::LampDead, $usual)[0]->hours);
    }

    #[Test]
    public function the_usual_room_counts_for_a_year_and_where_only_the_worst_is_known_the_low_end_falls(): void
    {
        $heater = Worlds::heater('1');
        $at = fn (float $roomC, bool $isWorst): HazardRow => Year::hazard(
            Hazard::HeaterStuckOff,
            Worlds::standing([$heater]),
            [self::inRoom($roomC, $heater, $isWorst)],
            Rates::assumed(),
        ) ?? self::fail('it can happen');
        [$usual, $worst] = [$at(8, false), $at(8, true)];
        self::assertSame(0.0, $worst->harms->low, 'in a room that holds it nothing harms');
        self::assertSame($usual->harms->likely, $worst->harms->likely, 'the likely end never flatters');
        self::assertSame($usual->harms->high, $worst->harms->high);
        self::assertSame([], $usual->narrows);
        self::assertSame(['how warm the room usually is'], $worst->narrows);
        self::assertSame([], $at(24.9, true)->narrows, 'it harms in neither');
    }

    #[Test]
    public function the_mildest_room_is_the_one_its_pumps_and_lights_hold(): void
    {
        self::assertEqualsWithDelta(25.0, Worlds::tank(8)->mildestRoomC(), 1e-6);
        self::assertEqualsWithDelta(20.0, Worlds::tank(8)->with(backgroundW: 90)->mildestRoomC(), 1e-6);
        self::assertEqualsWithDelta(-10.0, Worlds::tank(8)->with(backgroundW: 9000)->mildestRoomC(), 1e-6);
    }

    private static function inRoom(float $roomC, Device $heater, bool $isWorst): Moment
    {
        $moment = Worlds::moment($roomC, [$heater]);

        return new Moment(1.0, $moment->tank, $moment->place, [], $isWorst);
    }

    #[Test]
    public function a_top_off_without_an_end_stands_on_the_floor_after_twenty_five_minutes(): void
    {
        $top = new TopUp(systemL: 600, salinity: 35, litresH: 60, storeL: 40, roomL: 25, chamberL: 12, evaporationLd: 6);
        self::assertEqualsWithDelta(25 / 60, $top->on()[0]->hours, 1e-9);
        self::assertSame(15.0, $top->on()[0]->limit->value, 'litres on the floor');
        self::assertSame(15.0, $top->floorL(10));
        $feed = new TopUp(600, 35, 8, INF, 25, 12, 6);
        self::assertEqualsWithDelta(3.125, $feed->on()[0]->hours, 1e-9);
        self::assertEqualsWithDelta(55, $feed->floorL(10), 1e-9);
        self::assertSame(0.0, $feed->floorL(3.125));
    }

    #[Test]
    public function a_store_no_larger_than_the_room_never_spills_and_thins_only_if_it_holds_enough(): void
    {
        $fits = new TopUp(600, 35, 60, 25, 25, 12, 6);
        self::assertNull($fits->on()[0]->hours);
        self::assertNull($fits->on()[1]->hours, '25 L thin 600 L to 33.6');
        $line = new TopUp(600, 35, 60, INF, 25, 12, 6);
        self::assertEqualsWithDelta(600 * (35 / 28 - 1) / 60, $line->on()[1]->hours, 1e-9);
        self::assertSame(0.0, (new TopUp(600, 28, 60, INF, 25, 12, 6))->on()[1]->hours, 'it is thin already');
    }

    #[Test]
    public function limewater_that_runs_in_harms_long_before_its_salt_is_thin(): void
    {
        $read = new DosedWater(8.4, 8.2);
        $top = fn (?LimeInTopUp $lime, ?float $storeL = INF): TopUp => new TopUp(600, 35, 60, $storeL, 25, 12, 6, $lime);
        $harms = $top(new LimeInTopUp(Liquid::Hydroxide, 0.041, $read))->on();
        self::assertSame(['floor', 'thin salt', 'pH'], array_map(fn (Harm $h): string => $h->by, $harms));
        // 2.09 dKH of 600 L are 448 meq, so 10.9 L of it, in 11 minutes.
        $litres = (float) (new Dose('head', 600, Liquid::Hydroxide, 0.041, null, null, water: $read))->harmsAtMl() / 1000;
        self::assertEqualsWithDelta(10.9, $litres, 0.1);
        self::assertEqualsWithDelta($litres / 60, $harms[2]->hours, 1e-9);
        self::assertLessThan($harms[0]->hours, $harms[2]->hours);
        self::assertNull($top(new LimeInTopUp(Liquid::Hydroxide, 0.041, $read), $litres - 0.01)->on()[2]->hours, 'its store is too small');
        self::assertNotNull($top(new LimeInTopUp(Liquid::Hydroxide, 0.041, $read), $litres + 0.01)->on()[2]->hours);
        self::assertNull($top(new LimeInTopUp(Liquid::Hydroxide, 0.041, $read), 25)->holding(5)->on()[2]->hours);
        self::assertCount(2, $top(null)->on(), 'fresh water');
        $open = $top(new LimeInTopUp(Liquid::Hydroxide, null))->on()[2];
        self::assertEqualsCanonicalizing(
            ['how strong is what the top-off brings', 'the water’s alkalinity', 'the water’s pH'],
            $open->needs,
        );
        self::assertLessThan($harms[2]->hours, $open->hours);
        $soda = $top(new LimeInTopUp(Liquid::Bicarbonate, 0.041, $read))->on()[2];
        self::assertSame(['alkalinity', 4.0], [$soda->by, $soda->limit->value]);
    }

    #[Test]
    public function a_top_off_that_stops_runs_the_return_dry_before_the_salt_is_thick(): void
    {
        $off = (new TopUp(600, 35, 60, 40, 25, 12, 6))->off();
        self::assertEqualsWithDelta(24 * 600 * (1 - 35 / 39) / 6, $off[0]->hours, 1e-9);
        self::assertEqualsWithDelta(48, $off[1]->hours, 1e-9);
        self::assertCount(1, (new TopUp(600, 35, 60, 40, 25, 0, 6))->off(), 'no return, nothing to run dry');
    }

    #[Test]
    public function a_blocked_drain_runs_the_pump_dry_in_twenty_four_seconds_and_floods_nothing(): void
    {
        $drain = new Draining(headroomL: 21.6, chamberL: 12, returnLh: 1800);
        self::assertEqualsWithDelta(24, 3600 * (float) $drain->dryH(), 1e-9);
        self::assertNull($drain->floodsH());
        self::assertSame(0.0, $drain->floorL());
        $more = new Draining(21.6, 21.7, 1800);
        self::assertEqualsWithDelta(43.2, 3600 * (float) $more->floodsH(), 1e-9);
        self::assertEqualsWithDelta(0.1, $more->floorL(), 1e-9);
        self::assertNull((new Draining(21.6, 21.6, 1800))->floodsH(), 'the chamber holds just what fits');
        self::assertNull((new Draining(21.6, 40, 1800, 1800))->floodsH(), 'the others take it all');
        self::assertEqualsWithDelta(15, (new Draining(0, 10, 1800, 0, 5))->floorL(), 1e-9, 'the top-off pours after it');
    }

    #[Test]
    public function a_dosing_vessel_too_small_to_harm_does_not(): void
    {
        $water = new DosedWater(8.4, 8.2);
        $ml = (new Dose('head', 600, Liquid::Carbonate, 1.0, null, null, water: $water))->harmsAtMl();
        self::assertEqualsWithDelta(4 / 2.8 * 600, (float) $ml, 1e-9);
        $dose = fn (float $holds): Dose => new Dose('head', 600, Liquid::Carbonate, 1.0, $holds, 50, water: $water);
        self::assertNull($dose((float) $ml - 0.1)->harm()->hours);
        self::assertEqualsWithDelta((float) $ml / 50 / 60, $dose((float) $ml)->harm()->hours, 1e-9);
        self::assertFalse((new Dose('head', 600, Liquid::Calcium, 1.0, 5000, 50))->mayHarm());
        self::assertTrue((new Dose('head', 600, null, 1.0, 5000, 50))->mayHarm(), 'nobody has said what it gives');
    }

    #[Test]
    public function what_takes_carbon_dioxide_brings_ph_to_its_limit_first(): void
    {
        $dose = fn (?Liquid $liquid, DosedWater $water, ?float $mlDay = null): Dose => new Dose(
            name: 'head',
            systemL: 600,
            liquid: $liquid,
            strengthMeqMl: 1.0,
            holdsMl: 3000,
            mlPerMin: 50,
            mlDay: $mlDay,
            water: $water,
        );
        $read = new DosedWater(8.4, 8.2);
        $lye = $dose(Liquid::Hydroxide, $read)->harm();
        self::assertSame(['pH', 8.8, []], [$lye->by, $lye->limit->value, $lye->needs]);
        // So much of it, and the solver of the whole carbonate system reads 8.8 too.
        $meqL = $lye->hours * 60 * 50 / 600;
        $dic = Carbonate::fromProbe(3.0, 35, 25, 8.2)->dicMmolKg;
        self::assertEqualsWithDelta(8.8, Carbonate::fromDic(3.0 + $meqL, 35, 25, $dic)->phProbe(), 1e-6);
        self::assertEqualsWithDelta(2.09, 2.8 * $meqL, 0.01);
        $soda = $dose(Liquid::Carbonate, $read)->harm();
        self::assertSame(['alkalinity', 4.0], [$soda->by, $soda->limit->value]);
        self::assertEqualsWithDelta(4 / 2.8 * 600 / 50 / 60, $soda->hours, 1e-9);
        self::assertSame($soda->hours, $dose(Liquid::Bicarbonate, new DosedWater(8.4, 9.4))->harm()->hours, 'its carbon holds pH');
        $evening = $dose(Liquid::Carbonate, new DosedWater(7.0, 8.5))->harm();
        self::assertSame('pH', $evening->by);
        self::assertLessThan($soda->hours, $evening->hours);
        self::assertSame(0.0, $dose(Liquid::Hydroxide, new DosedWater(8.4, 9.0))->harm()->hours, 'it reads that already');
        // What nobody has read leaves no more, and is asked for.
        foreach ([[null, 8.2, ['the water’s alkalinity']], [8.4, null, ['the water’s pH']]] as [$alk, $ph, $asks]) {
            $open = $dose(Liquid::Hydroxide, new DosedWater($alk, $ph))->harm();
            self::assertSame($asks, $open->needs);
            self::assertLessThan($lye->hours, $open->hours);
        }
        $unnamed = $dose(null, $read)->harm();
        self::assertSame(['what head gives'], $unnamed->needs);
        self::assertEqualsWithDelta($lye->hours, $unnamed->hours, 1e-9, 'it may be lye');
        self::assertLessThan((float) $dose(Liquid::Carbonate, $read)->harmsAtMl(), (float) $dose(Liquid::Hydroxide, $read)->harmsAtMl());
    }

    #[Test]
    public function what_is_used_in_the_meantime_does_not_rise(): void
    {
        $water = new DosedWater(8.4, 8.2);
        $dose = fn (float $mlPerMin, float $mlDay, float $holds): Dose => new Dose(
            name: 'head',
            systemL: 600,
            liquid: Liquid::Bicarbonate,
            strengthMeqMl: 1.0,
            holdsMl: $holds,
            mlPerMin: $mlPerMin,
            mlDay: $mlDay,
            water: $water,
        );
        $hours = fn (float $mlPerMin, float $mlDay, float $holds = 50_000): ?float => $dose($mlPerMin, $mlDay, $holds)->harm()->hours;
        self::assertEqualsWithDelta(4 / 2.8 * 600 / (2 - 1) / 60, $hours(2.0, 1440.0), 1e-9);
        self::assertNull($hours(1.0, 1440.0), 'it gives what is used, and no more');
        $givesMl = 4 / 2.8 * 600 * 2;
        self::assertNull($hours(2.0, 1440.0, $givesMl - 0.1), 'its vessel is empty first');
        self::assertNotNull($hours(2.0, 1440.0, $givesMl + 0.1));
    }

    #[Test]
    public function a_head_that_stands_still_leaves_what_is_used_in_the_meantime(): void
    {
        // 60 mL a day of 1 meq/mL in 600 L: 0.28 dKH a day, so 2 dKH in 7.14 days.
        $dose = new Dose('head', 600, Liquid::Carbonate, 1.0, 3000, 50, 60);
        self::assertEqualsWithDelta(24 * 2 / 0.28, $dose->stops(2.0)->hours, 1e-9);
        self::assertSame([], $dose->stops(2.0)->needs);
        self::assertLessThan($dose->stops(2.0)->hours, $dose->stops(1.9)->hours);
        $open = (new Dose('head', 600, Liquid::Carbonate, 1.0, 3000, 50))->stops(2.0);
        self::assertSame(['what head gives in a day'], $open->needs);
        self::assertLessThanOrEqual($dose->stops(2.0)->hours, $open->hours, 'a fact less never leaves more');
        $hours = function (Waterside $side, array $rates = []): ?float {
            $tank = Worlds::tank(21, [], $side);

            return (TimeToHarm::of(Hazard::DoseStops, $tank)[0] ?? null)?->hours;
        };
        self::assertEqualsWithDelta(24 * 2 / 0.28, $hours(new Waterside(doses: [$dose])), 1e-9);
        self::assertNull($hours(new Waterside(doses: [new Dose('head', 600, Liquid::Calcium, 1.0, 3000, 50, 60)])));
        // Four fifths of what a head fails of: its other fifth runs on.
        $rows = fn (?Dose $of): array => array_column(array_map(
            fn (HazardRow $r): array => [$r->hazard->value, $r->rate->likely],
            Year::of(
                Worlds::standing([]),
                [Worlds::moment(8.0, [], $of === null ? new Waterside() : new Waterside(doses: [$of]))],
                Rates::assumed(),
            ),
        ), 1, 0);
        self::assertGreaterThan(0, $rows($dose)['dose-stops']);
        self::assertArrayNotHasKey('dose-stops', $rows(null));
        self::assertFalse(Hazard::DoseStops->ranks(), 'days, and whoever reads finds it');
    }

    #[Test]
    public function a_reactor_that_runs_away_gives_as_much_again_and_no_vessel_ends_it(): void
    {
        // 50 mL a minute of 0.008 meq/mL in 600 L: 0.4 meq a minute; 4 dKH are 857 meq, so 35.7 h.
        $reactor = Dose::ofReactor('Reactor', 600, Liquid::Bicarbonate, 0.008, 50);
        self::assertEqualsWithDelta(4 / 2.8 * 600 / 0.4 / 60, $reactor->harm()->hours, 1e-9);
        self::assertSame([], $reactor->harm()->needs);
        self::assertSame($reactor, $reactor->holding(10), 'no smaller vessel helps');
        // Its gas ends: 576 meq a day are used on, 2.69 dKH.
        self::assertEqualsWithDelta(24 * 2 / (2.8 * 0.008 * 50 * 1440 / 600), $reactor->stops(2.0)->hours, 1e-9);
        $missing = [[null, 50.0, 'how strong is what Reactor gives'], [0.008, null, 'what Reactor gives in a minute']];
        foreach ($missing as [$meq, $ml, $asks]) {
            $open = Dose::ofReactor('Reactor', 600, Liquid::Bicarbonate, $meq, $ml)->harm();
            self::assertSame([$asks], $open->needs);
            self::assertLessThan($reactor->harm()->hours, $open->hours, 'a fact less never leaves more');
            self::assertGreaterThan(0.5, $open->hours, 'nor is it read as a dosing head’s');
        }
        self::assertFalse(Dose::ofReactor('Carbon', 600, Liquid::Other, null, null)->mayHarm());
        self::assertTrue(Dose::ofReactor('Nobody knows', 600, null, null, null)->mayHarm());
        // Nobody fills it by mistake; a worn one counts by its own age.
        $rate = fn (Dose $of, array $devices): float => array_column(array_map(
            fn (HazardRow $r): array => [$r->hazard->value, $r->rate->likely],
            Year::of(
                Worlds::standing($devices),
                [Worlds::moment(8.0, [], new Waterside(doses: [$of]))],
                Rates::assumed(),
            ),
        ), 1, 0)['overdose'];
        $device = fn (Job $job): array => [new Device('r', 'Reactor', $job, ageYears: 2.0)];
        $head = new Dose('Reactor', 600, Liquid::Bicarbonate, 0.008, PHP_FLOAT_MAX, 50);
        self::assertGreaterThan($rate($reactor, $device(Job::Reactor)), $rate($head, $device(Job::Doser)), 'vessels are mixed up');
        self::assertGreaterThan(
            $rate($reactor, [new Device('r', 'Reactor', Job::Reactor, ageYears: 0.1)]),
            $rate($reactor, [new Device('r', 'Reactor', Job::Reactor, ageYears: 9.0)]),
        );
    }

    #[Test]
    public function what_nobody_wrote_down_takes_the_soonest_and_names_what_would_narrow_it(): void
    {
        $open = (new Dose('Head 2', 600, Liquid::Carbonate, null, 2000, 50, water: new DosedWater(8.4, 8.2)))->harm();
        self::assertSame(['how strong is what Head 2 gives'], $open->needs);
        self::assertEqualsWithDelta(4 / 2.8 * 600 / 4 / 50 / 60, $open->hours, 1e-9);
        self::assertNull($open->latestH, 'weak enough, it never harms');
        $in = HoursInHand::of(
            Hazard::TopOffOn,
            Worlds::tank(21, [], new Waterside(topUp: new TopUp(600, 35, null, 40, 25, 12, 6))),
            [],
            new Place(2, [0.1], [], Worlds::ines()),
        );
        self::assertSame(HandState::Open, $in->state());
        self::assertNotSame(Severity::Fine, $in->finding->severity);
        self::assertStringContainsString('what the top-off’s pump gives', $in->finding->why->in(Units::metric()));
    }

    /** @return iterable<string, array{0: string}> */
    public static function facts(): iterable
    {
        yield 'pump' => ['litresH'];
        yield 'store' => ['storeL'];
        yield 'room' => ['roomL'];
        yield 'chamber' => ['chamberL'];
        yield 'evaporation' => ['evaporationLd'];
    }

    #[Test]
    #[DataProvider('facts')]
    public function a_fact_removed_never_makes_the_hours_longer(string $gone): void
    {
        $facts = ['litresH' => 40.0, 'storeL' => 60.0, 'roomL' => 20.0, 'chamberL' => 12.0, 'evaporationLd' => 6.0];
        $of = function (array $f): TopUp {
            return new TopUp(600, 35, $f['litresH'], $f['storeL'], $f['roomL'], $f['chamberL'], $f['evaporationLd']);
        };
        $known = $of($facts);
        $less = $of([...$facts, $gone => null]);
        foreach (['on', 'off'] as $way) {
            foreach ($known->{$way}() as $i => $harm) {
                self::assertLessThanOrEqual($harm->hours ?? INF, $less->{$way}()[$i]->hours ?? INF, "{$way} {$harm->by}");
            }
        }
    }

    #[Test]
    public function where_nothing_lives_water_on_the_floor_still_harms(): void
    {
        $side = new Waterside(topUp: new TopUp(600, 35, 60, 200, 25, 12, 6), doses: [new Dose('h', 600, null, null, null, null)]);
        $empty = Worlds::tank(21, [], $side, animals: false);
        self::assertSame(['floor'], array_map(fn ($h): string => $h->by, TimeToHarm::of(Hazard::TopOffOn, $empty)));
        self::assertSame([], TimeToHarm::of(Hazard::Overdose, $empty));
        self::assertSame([], TimeToHarm::of(Hazard::PowerCut, $empty));
    }

    #[Test]
    public function heaters_that_hold_alone_cost_nothing_apart_and_something_together(): void
    {
        // Each alone holds a room of 18 °C: 18·7 = 126 W.
        $two = [Worlds::heater('a'), Worlds::heater('b')];
        $off = self::row(Hazard::HeaterStuckOff, $two, 17.0);
        self::assertGreaterThan(0, $off->loss?->likely);
        $rate = Rates::assumed()->yearly(Job::Heater, 1.0, 4.0)->likely ?? 0.0;
        self::assertEqualsWithDelta(0.3 * 0.7 * $rate, $off->harms->likely, 1e-9, 'twins: three of ten failures take both');
        $apart = [Worlds::heater('a'), Worlds::heater('b', age: 3.0)];
        self::assertEqualsWithDelta(0.1 * 0.7 * $rate, self::row(Hazard::HeaterStuckOff, $apart, 17.0)->harms->likely, 1e-9);
        $one = self::row(Hazard::HeaterStuckOff, [Worlds::heater('a')], 17.0);
        self::assertEqualsWithDelta(0.7 * $rate, $one->harms->likely, 1e-9);
    }

    #[Test]
    public function moments_are_weighted_by_their_share_of_the_year(): void
    {
        $heaters = [Worlds::heater('a')];
        $moments = [
            Worlds::moment(8.0, $heaters, share: Moment::WINTER_NIGHT),
            Worlds::moment(24.0, $heaters, share: 1 - Moment::WINTER_NIGHT),
        ];
        $row = Year::hazard(Hazard::HeaterStuckOff, Worlds::standing($heaters), $moments, Rates::assumed());
        self::assertEqualsWithDelta(Moment::WINTER_NIGHT * $row->rate->likely, $row->harms->likely, 1e-9);
        $all = Moment::WINTER_NIGHT + Moment::WINTER_DAY + Moment::SUMMER_NIGHT + Moment::SUMMER_DAY;
        self::assertEqualsWithDelta(1.0, $all, 1e-12);
        self::assertEqualsWithDelta(
            [0.219, 0.365, 0.156, 0.260],
            [Moment::WINTER_NIGHT, Moment::WINTER_DAY, Moment::SUMMER_NIGHT, Moment::SUMMER_DAY],
            5e-4,
        );
    }

    #[Test]
    public function a_cold_season_without_a_heater_comes_once_however_short_its_nights(): void
    {
        $moments = [Worlds::moment(8.0, [], share: 0.2), Worlds::moment(10.0, [], share: 0.3), Worlds::moment(22.0, [], share: 0.5)];
        $row = Year::hazard(Hazard::TooCold, Worlds::standing([]), $moments, Rates::assumed());
        self::assertEqualsWithDelta(1.0, $row->rate->likely, 1e-9);
        self::assertEqualsWithDelta(8000, $row->loss->likely, 1e-6);
    }

    #[Test]
    public function a_power_cut_is_charged_once_at_the_hour_it_harms(): void
    {
        $row = self::row(Hazard::PowerCut, [], 21.0);
        $harm = TimeToHarm::of(Hazard::PowerCut, Worlds::tank(21))[0]->hours ?? 0.0;
        self::assertEqualsWithDelta(8000 * Rates::assumed()->outagesOf($harm), $row->loss->likely, 1e-6);
    }

    #[Test]
    public function a_battery_nobody_proved_counts_little_and_a_proved_one_much(): void
    {
        $with = function (?float $proven): float {
            $battery = new Device('b', 'battery', Job::Battery, ageYears: 3.0, provenYears: $proven);
            $moment = Worlds::moment(21.0, [$battery]);
            $moment = new Moment(1.0, $moment->tank->with(batteryH: 6.0), $moment->place, []);

            return Year::hazard(Hazard::PowerCut, Worlds::standing([$battery]), [$moment], Rates::assumed())->loss->likely ?? 0.0;
        };
        self::assertLessThan($with(null), $with(0.5));
        self::assertLessThan(self::row(Hazard::PowerCut, [], 21.0)->loss->likely, $with(null));
    }

    #[Test]
    public function whoever_comes_with_empty_hands_is_no_answer_to_a_power_cut(): void
    {
        $loss = function (?bool $brings): array {
            $standing = new Standing(devices: [], animalsWorth: 8000.0, helpBringsAir: $brings);
            $moment = Worlds::moment(21.0, [], alarm: new \Velbrin\Core\Risk\AlarmWay(
                name: 'Power watch',
                watches: Hazard::cases(),
                delayMin: 1,
                tested: true,
                onItsOwn: true,
                chain: [Worlds::ines()],
                quantity: \Velbrin\Core\Risk\AlarmQuantity::Power,
            ));
            $row = Year::hazard(Hazard::PowerCut, $standing, [$moment], Rates::assumed());

            return [$row->loss->likely, $row->loss->high];
        };
        self::assertLessThan($loss(false)[0], $loss(true)[0]);
        self::assertSame($loss(false)[1], $loss(null)[1], 'nobody has said: at its bad end they bring nothing');
        self::assertSame($loss(true)[0], $loss(null)[0]);
        self::assertLessThan($loss(null)[1], $loss(true)[1], 'known to bring air, they count at the bad end too');
    }

    #[Test]
    public function a_dead_controller_harms_by_what_its_outlets_then_do(): void
    {
        $lost = fn (
            ?float $level,
            Job $job = Job::Heater,
        ): Waterside => new Waterside(lost: [new LostOutlet('heater a', $job, $level, 150)]);
        $heaters = [Worlds::heater('a')];
        $hours = fn (Waterside $side): ?float => TimeToHarm::of(
            Hazard::ControllerDead,
            Worlds::moment(8.0, $heaters, $side)->tank,
        )[0]->hours ?? null;
        $off = $hours($lost(0.0));
        self::assertEqualsWithDelta(20.1, (float) $off, 0.1, 'heaters off in a cold room');
        self::assertNull($hours(new Waterside(lost: [new LostOutlet('heater a', Job::Heater, 1.0, 150, ownThermostat: true)])));
        $open = TimeToHarm::of(Hazard::ControllerDead, Worlds::moment(8.0, $heaters, $lost(null))->tank);
        self::assertSame(['what heater a does when the link is lost'], $open[0]->needs);
        self::assertLessThanOrEqual($off, $open[0]->hours, 'nobody has said: the worse of both');
        self::assertSame([], TimeToHarm::of(Hazard::ControllerDead, Worlds::tank(8)));
        // What is left on while its water is gone, and a line without an end, spill (X-26).
        $spills = fn (LostOutlet ...$outlets): bool => array_filter(
            TimeToHarm::of(Hazard::ControllerDead, Worlds::tank(21, side: new Waterside(
                fills: [new Fills(Span::sure(10.0), Span::sure(60.0), 'room', 'flow')],
                skimmer: Fills::skimmer(),
                lost: array_values($outlets),
            ))),
            fn (Harm $h): bool => $h->spills,
        ) !== [];
        $return = fn (?float $level): LostOutlet => new LostOutlet('return', Job::ReturnPump, $level);
        $skimmer = fn (?float $level): LostOutlet => new LostOutlet('skimmer', Job::Skimmer, $level);
        self::assertTrue($spills($return(0.0), $skimmer(1.0)));
        self::assertTrue($spills($return(null), $skimmer(1.0)), 'nobody has said');
        self::assertFalse($spills($return(1.0), $skimmer(1.0)));
        self::assertFalse($spills($return(0.0), $skimmer(0.0)));
        self::assertTrue($spills(new LostOutlet('RO', Job::RoUnit, 1.0)));
        self::assertFalse($spills(new LostOutlet('RO', Job::RoUnit, 0.0)));
    }

    #[Test]
    public function stops_of_one_principle_fail_together_and_a_tray_lowers_the_loss_not_the_chance(): void
    {
        $side = new Waterside(topUp: new TopUp(600, 35, 60, 60, 25, 12, 6));
        $row = fn (FeedLayer ...$layers): HazardRow => Year::hazard(
            Hazard::TopOffOn,
            new Standing(
                devices: [new Device('t', 'top-off', Job::TopOff, ageYears: 2.0)],
                feedLayers: array_values($layers),
                animalsWorth: 0.0,
                floorWorth: 3000.0,
            ),
            [Worlds::moment(21.0, [], $side)],
            Rates::assumed(),
        ) ?? self::fail('none');
        $none = $row()->harms->likely;
        $twoKinds = $row(FeedLayer::Float, FeedLayer::Timer)->harms->likely;
        $oneKind = $row(FeedLayer::Sensor, FeedLayer::TwoLevel)->harms->likely;
        self::assertLessThan($none, $twoKinds);
        self::assertLessThan($oneKind, $twoKinds);
        self::assertSame($none, $row(FeedLayer::NonReturn)->harms->likely, 'a non-return valve stops no overfilling');
        self::assertSame($none, $row(FeedLayer::Tray)->harms->likely);
        self::assertEqualsWithDelta(0.3 * ($row()->loss->likely ?? 0.0), $row(FeedLayer::Tray)->loss->likely, 1e-9);
    }

    #[Test]
    public function nobody_has_said_what_is_at_stake_so_no_money_is_shown(): void
    {
        $row = Year::hazard(Hazard::PowerCut, Worlds::standing([], null), [Worlds::moment(21.0, [])], Rates::assumed());
        self::assertNull($row?->loss);
        self::assertGreaterThan(0, $row->harms->likely);
    }

    #[Test]
    public function a_chain_that_comes_too_late_does_not_count_and_says_so(): void
    {
        $heaters = [Worlds::heater('a', 1200.0)];
        $row = Year::hazard(
            Hazard::HeaterStuckOn,
            Worlds::standing($heaters),
            [Worlds::moment(28.0, $heaters, alarm: Worlds::alarm())],
            Rates::assumed(),
        );
        $chain = $row->credits()[0] ?? self::fail('no chain');
        $harm = TimeToHarm::of(Hazard::HeaterStuckOn, Worlds::moment(28.0, $heaters)->tank)[0]->hours;
        self::assertSame($harm < $chain->layer->actsH ? Refused::TooLate : null, $chain->refused);
    }

    #[Test]
    public function each_hazard_says_where_it_is_weakest(): void
    {
        $side = new Waterside(
            topUp: new TopUp(600, 35, 60, 60, 25, 12, 6),
            draining: new Draining(10, 30, 1800),
            doses: [new Dose('head', 600, Liquid::Carbonate, 2, 2000, 50)],
            fills: [new Fills(\Velbrin\Core\Risk\Rate\Span::sure(40), \Velbrin\Core\Risk\Rate\Span::sure(8), 'room', 'flow')],
            skimmer: Fills::skimmer(),
            lost: [],
            hasLamp: true,
            leakL: 500,
            roomTempered: true,
            roomUntemperedC: 6.0,
            hasDrain: true,
        );
        $rows = Year::of(Worlds::standing([Worlds::heater('a')]), [Worlds::moment(8.0, [Worlds::heater('a')], $side)], Rates::assumed());
        $hazards = array_map(fn (HazardRow $r): string => $r->hazard->value, $rows);
        foreach (
            [
                Hazard::Leak,
                Hazard::SkimmerOverflow,
                Hazard::LineOverflow,
                Hazard::LampDead,
                Hazard::RoomClimate,
                Hazard::DrainBlocked,
            ] as $one
        ) {
            self::assertContains($one->value, $hazards);
        }
        foreach ($rows as $row) {
            self::assertNotSame('', $row->weakest->in(Units::metric()), $row->hazard->value);
            self::assertLessThanOrEqual($row->harms->high + 1e-12, $row->harms->low);
            self::assertLessThanOrEqual($row->rate->high + 1e-12, $row->harms->high);
        }
        $losses = array_map(fn (HazardRow $r): float => $r->loss->likely ?? 0.0, $rows);
        $sorted = $losses;
        rsort($sorted);
        self::assertSame($sorted, $losses, 'the dearest first');
    }

    #[Test]
    public function an_independent_alarm_never_raises_a_loss_and_nearer_help_never_lowers_hours(): void
    {
        $heaters = [Worlds::heater('a', 300.0)];
        foreach ([5.0, 15.0, 21.0, 28.0] as $room) {
            foreach (Hazard::ofEverySystem() as $hazard) {
                $loss = fn (bool $alarm): float => Year::hazard(
                    $hazard,
                    Worlds::standing($heaters),
                    [Worlds::moment($room, $heaters, alarm: $alarm ? Worlds::alarm() : null)],
                    Rates::assumed(),
                )->loss->likely ?? 0.0;
                self::assertLessThanOrEqual($loss(false) + 1e-9, $loss(true), "{$hazard->value} at {$room}");
            }
        }
    }

    #[Test]
    public function an_alarm_beside_somebody_who_looks_never_raises_the_chance(): void
    {
        $heaters = [Worlds::heater('a', 300.0)];
        foreach ([[1.0], [6.0], [20.0]] as $looks) {
            foreach (Hazard::ofEverySystem() as $hazard) {
                $moment = Worlds::moment(12.0, $heaters);
                $place = new Place(2, $looks, [[0.0, 100.0]], Worlds::ines());
                $harms = fn (array $alarms): float => Year::hazard(
                    $hazard,
                    Worlds::standing($heaters),
                    [new Moment(1.0, $moment->tank, $place, $alarms)],
                    Rates::assumed(),
                )->harms->likely ?? 0.0;
                self::assertLessThanOrEqual($harms([]) + 1e-12, $harms([Worlds::alarm()]), "{$hazard->value}, look at {$looks[0]}");
            }
        }
    }

    #[Test]
    public function what_can_hurt_people_is_open_until_somebody_competent_has_answered(): void
    {
        foreach (PeopleHazard::cases() as $hazard) {
            self::assertSame(Severity::Fix, $hazard->finding(null)->severity);
            self::assertSame(Severity::Stop, $hazard->finding(false)->severity);
            self::assertSame(Severity::Fine, $hazard->finding(true)->severity);
            self::assertNotNull($hazard->finding(null)->remedy);
        }
    }

    #[Test]
    public function a_seam_of_unknown_age_is_no_younger_than_its_system(): void
    {
        $leak = fn (?float $years): HazardRow => Year::hazard(
            Hazard::Leak,
            new Standing(devices: [], systemYears: 4.0, seamYears: $years, floorWorth: 3000.0, animalsWorth: 0.0),
            [Worlds::moment(21.0, [], new Waterside(leakL: 500))],
            Rates::assumed(),
        ) ?? self::fail('none');
        self::assertSame($leak(4.0)->rate->likely, $leak(null)->rate->low);
        self::assertSame($leak(14.0)->rate->likely, $leak(null)->rate->high);
        self::assertSame(Assumed::SeamShape->usual(), 4.0);
    }

    /** @param  list<Device>  $devices */
    private static function row(Hazard $hazard, array $devices, float $roomC): HazardRow
    {
        return Year::hazard($hazard, Worlds::standing($devices), [Worlds::moment($roomC, $devices)], Rates::assumed())
            ?? self::fail('it cannot happen');
    }
}
