<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Ask\Desk;
use Velbrin\Core\Control\Plant\FaultKind;
use Velbrin\Core\Control\Plant\Happening;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Plant\Run;
use Velbrin\Core\Control\Plant\Simulation;
use Velbrin\Core\Control\Plant\Tank;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Tests\Share;

/** A system of 400 litres over a sump of 60, played with what breaks. */
#[Group('beside')]
final class SimulationTest extends TestCase
{
    /** @return array<string, mixed> */
    public static function plant(): array
    {
        return [
            'display' => ['areaM2' => 0.72, 'crestL' => 380, 'rimMm' => 40, 'weirMm' => 300, 'drainLh' => 6000, 'emergencyLh' => 3500,
                'siphonMm' => 15],
            'sump' => ['fixedL' => 45, 'returnM2' => 0.08, 'allM2' => 0.3, 'baffleMm' => 220, 'rimMm' => 330],
            'room' => ['roomC' => 20, 'swingC' => 1.5, 'outdoorsC' => 5, 'displayWK' => 18, 'sumpWK' => 3, 'openM2' => 0.72,
                'sumpOpenM2' => 0.07],
            'life' => ['alkMeqLDay' => 0.14, 'fishMgH' => 60, 'communityMgH' => 200, 'nitrateMgDay' => 60, 'litHours' => 10],
            'start' => ['minute' => 480, 'tempC' => 25.4, 'salinity' => 35, 'sumpMm' => 150, 'storeL' => 40, 'storeMostL' => 50,
                'alkMeqL' => 2.9, 'ph' => 8.2],
            'devices' => [
                'heater1' => ['job' => 'heater', 'in' => 'sump', 'watts' => 250],
                'heater2' => ['job' => 'heater', 'in' => 'sump', 'watts' => 250],
                'return' => ['job' => 'return-pump', 'in' => 'sump', 'watts' => 50, 'litresPerH' => 2500],
                'stream' => ['job' => 'circulation-pump', 'in' => 'display', 'watts' => 20],
                'skimmer' => ['job' => 'skimmer', 'in' => 'sump', 'watts' => 20, 'litresPerH' => 600],
                'topoff' => ['job' => 'top-off', 'in' => 'sump', 'watts' => 5, 'litresPerH' => 60],
                'alk' => ['job' => 'doser', 'in' => 'sump', 'watts' => 2, 'mlPerMin' => 20, 'alkMeqPerMl' => 3.0, 'dicPerMeq' => 0.5,
                    'vesselMl' => 2000],
                'light' => ['job' => 'light', 'in' => 'display', 'watts' => 200],
            ],
            'probes' => ['t1' => ['quantity' => 'temperature', 'in' => 'sump', 'resolution' => 0.1],
                't2' => ['quantity' => 'temperature', 'in' => 'display', 'resolution' => 0.1]],
            'switches' => ['low' => ['in' => 'return', 'at' => 145], 'high' => ['in' => 'return', 'at' => 150],
                'floor' => ['in' => 'floor', 'at' => 1]],
        ];
    }

    /** @return array<string, mixed> */
    public static function cabinet(): array
    {
        $setup = CheckerTest::sound();
        $setup['outlets'] = array_values(array_filter($setup['outlets'], fn (array $o): bool => $o['id'] !== 'chiller'));
        $setup['outlets'][] = ['id' => 'light', 'place' => 'light', 'lostLink' => 'off',
            'rule' => ['kind' => 'day', 'points' => [['minute' => 600, 'level' => 'on'], ['minute' => 1200, 'level' => 'off']]],
            'hung' => ['job' => 'light', 'watts' => 200, 'labelled' => true]];

        return $setup;
    }

    /**
     * @param  list<array<string, mixed>>  $faults
     * @param  array<string, mixed>  $more
     */
    public static function play(array $faults = [], float $hours = 72, array $more = [], ?array $setup = null, ?array $plant = null): Run
    {
        return Simulation::play(
            SetupReader::read($setup ?? self::cabinet()),
            PlantReader::read($plant ?? self::plant()),
            PlantReader::faults($faults),
            $hours,
            ...$more,
        );
    }

    #[Test]
    public function without_a_fault_it_stays_in_its_band_and_nothing_is_told(): void
    {
        $run = self::play();
        self::assertSame([], $run->harmS);
        self::assertSame(0.0, $run->floorL);
        $told = array_filter($run->happened, fn (Happening $h): bool => in_array($h->kind, ['alarm', 'guard', 'latched'], true));
        self::assertSame([], $told);
        self::assertGreaterThan(25.3 - 0.15, $run->extremes['sumpC']['least']);
        self::assertLessThan(25.6 + 0.35, $run->extremes['sumpC']['most']);
        self::assertEqualsWithDelta(148, $run->extremes['sumpMm']['least'], 6);
    }

    /** @return iterable<string, array{array<string, mixed>}> each fault there is, two hours into the run */
    public static function faults(): iterable
    {
        $of = ['outlet' => 'heater1', 'probe' => 't1', 'switch' => 'low', 'pause' => 'feeding'];
        $value = ['probe-drift' => -2, 'switch-stuck' => 1, 'drain-blocked' => 1, 'room-climate' => 8, 'doser-siphon' => 50];
        foreach (FaultKind::cases() as $kind) {
            $on = match ($kind) {
                FaultKind::VesselEmpty, FaultKind::DoserSiphon => 'alk',
                default => $of[$kind->sitsOn() ?? ''] ?? null,
            };
            yield $kind->value => [['kind' => $kind->value, 'of' => $on, 'fromS' => 7200, 'value' => $value[$kind->value] ?? 0]];
        }
    }

    /** @param  array<string, mixed>  $fault */
    #[Test]
    #[DataProvider('faults')]
    public function whatever_breaks_nothing_is_made_or_lost(array $fault): void
    {
        $run = self::play([$fault], 30);
        foreach ($run->books as $what => $missing) {
            self::assertLessThan($what === 'heat' ? 1e-3 : 1e-6, $missing, $what);
        }
        self::assertContains('fault', array_map(fn (Happening $h): string => $h->kind, $run->happened));
    }

    #[Test]
    public function lamps_that_hang_on_no_outlet_burn_by_the_hour_and_what_is_lit_gives_oxygen(): void
    {
        $dark = self::plant();
        unset($dark['devices']['light']);
        $lit = array_replace_recursive($dark, ['life' => ['litFromMin' => 1200]]);
        $oxygen = fn (array $plant): array => array_column(
            self::play([], 12, ['everyS' => 3600.0], plant: $plant)->trace,
            'oxygenMgL',
        );
        [$without, $with] = [$oxygen($dark), $oxygen($lit)];
        // It begins at 8:00: until 20:00 it is dark either way.
        self::assertSame($without[11], $with[11]);
        $burning = $oxygen(array_replace_recursive($dark, ['life' => ['litFromMin' => 480]]));
        self::assertGreaterThan($without[9] + 0.1, $burning[9]);
        // Ten hours long, past midnight too.
        self::assertLessThan($burning[9] - 0.1, $burning[12]);
        $night = $oxygen(array_replace_recursive($dark, ['life' => ['litFromMin' => 1380]]));
        self::assertGreaterThan($without[1] + 0.01, $night[1], 'on since 23:00, until 9:00');
    }

    #[Test]
    public function a_ramp_rises_between_two_looks_though_nothing_else_moves(): void
    {
        $setup = ['schema' => 1, 'probes' => [], 'guards' => [], 'alarms' => [], 'outlets' => [
            ['id' => 'light', 'place' => 'light', 'lostLink' => 'off', 'rule' => ['kind' => 'day', 'ramp' => true, 'points' => [
                ['minute' => 480, 'level' => 0.0], ['minute' => 600, 'level' => 1.0], ['minute' => 1200, 'level' => 0.0]]]],
        ]];
        $plant = self::plant();
        $plant['devices'] = ['light' => $plant['devices']['light']];
        $plant['probes'] = $plant['switches'] = [];
        // Two hours from nothing to 200 W: half of it on the average, each minute at the level of its beginning.
        $run = self::play([], 2, setup: $setup, plant: $plant);
        self::assertEqualsWithDelta(200.0, $run->drawnWh, 2.0);
        self::assertEqualsWithDelta(0.5, array_column($run->outlets['light'], 'level', 'fromS')[3600], 1e-6);
    }

    #[Test]
    public function a_refill_at_its_days_cap_begins_again_when_a_day_is_over_though_nothing_else_moves(): void
    {
        $setup = ['schema' => 1, 'probes' => [], 'guards' => [], 'alarms' => [], 'outlets' => [
            ['id' => 'topoff', 'place' => 'top-off', 'lostLink' => 'off', 'rule' => ['kind' => 'refill', 'low' => 'low', 'high' => 'high',
                'dryS' => 5, 'longestS' => 120, 'restS' => 60, 'litresPerH' => 60, 'mostL' => 0.5]],
        ]];
        $plant = self::plant();
        $plant['devices'] = ['topoff' => $plant['devices']['topoff']];
        $plant['probes'] = [];
        $plant['start']['sumpMm'] = 100;
        $plant['display']['siphonMm'] = 0;
        $run = self::play([], 30, setup: $setup, plant: $plant);
        $changes = array_values(array_filter($run->outlets['topoff'], fn (array $c): bool => $c['fromS'] > 0));
        self::assertSame([1.0, 0.0, 1.0, 0.0], array_slice(array_column($changes, 'level'), 0, 4), 'half a litre, and again a day later');
        self::assertEqualsWithDelta($changes[1]['fromS'] + 86_400, $changes[2]['fromS'], 61.0);
    }

    #[Test]
    public function a_tank_without_a_sump_has_no_other_water_than_its_own(): void
    {
        $plant = self::plant();
        unset($plant['sump']);
        foreach (['heater1', 'heater2', 'return', 'skimmer', 'topoff', 'alk'] as $id) {
            unset($plant['devices'][$id]);
        }
        $begun = (new Tank(PlantReader::read($plant)))->begun();
        self::assertSame([0.0, 420.0], [$begun->sump->litres, $begun->allL()], 'the tank and what stands in store');
        self::assertSame(0.0, $begun->sump->saltG);
    }

    #[Test]
    public function a_pump_that_dies_stops_at_once_though_no_outlet_is_told_otherwise(): void
    {
        $setup = ['schema' => 1, 'probes' => [], 'guards' => [], 'alarms' => [], 'outlets' => [
            ['id' => 'return', 'place' => 'return pump', 'lostLink' => 'on', 'rule' => ['kind' => 'on']],
        ]];
        $plant = self::plant();
        $plant['devices'] = ['return' => $plant['devices']['return']];
        $plant['probes'] = $plant['switches'] = [];
        $dead = [['kind' => 'load-dead', 'of' => 'return', 'fromS' => 3600, 'untilS' => 7200]];
        $flow = array_column(self::play($dead, 3, ['everyS' => 60.0], $setup, $plant)->trace, 'returnLh', 'atS');
        self::assertSame([2500.0, 0.0, 0.0, 2500.0], [$flow[3600], $flow[3660], $flow[7200], $flow[7260]]);
    }

    #[Test]
    public function an_alarm_is_raised_on_the_second_its_delay_is_over(): void
    {
        $setup = self::cabinet();
        $setup['alarms'] = [['id' => 'too warm', 'probe' => 't2', 'high' => 27.5, 'delayS' => 95, 'calls' => 1]];
        $drift = [['kind' => 'probe-drift', 'of' => 't2', 'fromS' => 7200, 'value' => 5]];
        $told = array_filter(self::play($drift, 3, setup: $setup)->happened, fn (Happening $h): bool => $h->kind === 'alarm');
        self::assertEqualsWithDelta([7295.0], array_column($told, 'atS'), 0.01);
    }

    #[Test]
    public function the_same_run_twice_is_the_same_run_and_so_is_one_with_noise(): void
    {
        $fault = [['kind' => 'probe-drift', 'of' => 't1', 'fromS' => 7200, 'value' => -1]];
        self::assertEquals(self::play($fault, 20), self::play($fault, 20));
        $noisy = self::plant();
        $noisy['probes']['t1']['noise'] = 0.2;
        $one = self::play($fault, 20, ['seed' => 7], plant: $noisy);
        self::assertEquals($one, self::play($fault, 20, ['seed' => 7], plant: $noisy));
        self::assertNotEquals($one->trace, self::play($fault, 20, ['seed' => 8], plant: $noisy)->trace);
    }

    /** @param  array<string, mixed>  $fault */
    #[Test]
    #[DataProvider('faults')]
    public function a_minute_a_step_says_what_a_quarter_of_one_does(array $fault): void
    {
        $hours = Share::of(14, 8);
        $minute = self::play([$fault], $hours);
        $quarter = self::play([$fault], $hours, ['stepS' => 15.0]);
        self::assertEqualsWithDelta($quarter->extremes['displayC']['least'], $minute->extremes['displayC']['least'], 0.02);
        self::assertEqualsWithDelta($quarter->extremes['displayC']['most'], $minute->extremes['displayC']['most'], 0.02);
        self::assertEqualsWithDelta($quarter->floorL, $minute->floorL, max(0.1, 0.01 * $quarter->floorL));
        self::assertEqualsWithDelta($quarter->extremes['ph']['most'], $minute->extremes['ph']['most'], 0.01);
        self::assertSame(array_keys($quarter->harmS), array_keys($minute->harmS));
        foreach ($quarter->harmS as $what => $atS) {
            self::assertEqualsWithDelta($atS - 7200, $minute->harmS[$what] - 7200, max(60.0, 0.01 * ($atS - 7200)), $what);
        }
    }

    /** One water, a heater that never stops, no evaporation: the closed form says when it is too hot. */
    #[Test]
    public function a_welded_heater_over_one_water_follows_the_closed_form(): void
    {
        $plant = self::bare();
        $run = self::play([['kind' => 'relay-welded', 'of' => 'heater1', 'fromS' => 0]], 60, setup: self::heaterOnly(), plant: $plant);
        $closed = TemperatureCourse::of(
            volumeL: 200,
            uaWK: 12,
            powerW: 200,
            evaporationW: 0,
            roomC: 20,
            startC: 25,
            hours: 24,
            limitC: 30,
            limitSide: LimitSide::Upper,
        );
        self::assertEqualsWithDelta((float) $closed->hoursToLimit * 3600, $run->harmS['hot'], 0.01 * (float) $closed->hoursToLimit * 3600);
        self::assertEqualsWithDelta(200 * 60, $run->drawnWh, 1);
    }

    /** @return array<string, mixed> */
    private static function bare(): array
    {
        return [
            'display' => ['areaM2' => 0.4, 'crestL' => 200, 'rimMm' => 50],
            'room' => ['roomC' => 20, 'displayWK' => 12, 'openM2' => 0],
            'start' => ['tempC' => 25],
            'devices' => ['heater1' => ['job' => 'heater', 'in' => 'display', 'watts' => 200]],
            'probes' => ['t1' => ['quantity' => 'temperature', 'in' => 'display', 'resolution' => 0.1]],
        ];
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function heaterOnly(array $more = []): array
    {
        return $more + [
            'schema' => 1,
            'probes' => [['id' => 't1', 'quantity' => 'temperature', 'resolution' => 0.1]],
            'outlets' => [['id' => 'heater1', 'place' => 'heater', 'lostLink' => 'off', 'rule' => ['kind' => 'hold', 'probe' => 't1',
                'startAt' => 24.8, 'stopAt' => 25.2, 'blind' => 'off']]],
        ];
    }

    #[Test]
    public function a_heater_under_control_takes_what_leaves_through_the_walls(): void
    {
        $run = self::play([], 240, setup: self::heaterOnly(), plant: self::bare());
        self::assertSame([], $run->harmS);
        // 12 W/K at 5 K: 60 W, ten days long.
        self::assertEqualsWithDelta(60 * 240, $run->drawnWh, 0.01 * 60 * 240);
    }

    #[Test]
    public function its_own_thermostat_stops_a_heater_whose_relay_is_welded_until_that_is_welded_too(): void
    {
        $plant = self::bare();
        $plant['devices']['heater1']['thermostatC'] = 26.0;
        $relay = ['kind' => 'relay-welded', 'of' => 'heater1', 'fromS' => 0];
        $held = self::play([$relay], 60, setup: self::heaterOnly(), plant: $plant);
        self::assertArrayNotHasKey('hot', $held->harmS);
        self::assertLessThan(26.1, $held->extremes['displayC']['most']);
        $both = self::play([$relay, ['kind' => 'thermostat-welded', 'of' => 'heater1', 'fromS' => 0]], 60,
            setup: self::heaterOnly(), plant: $plant);
        self::assertArrayHasKey('hot', $both->harmS);
    }

    #[Test]
    public function what_is_asked_of_an_outlet_ends_to_the_second_or_when_it_is_taken_back(): void
    {
        $run = Simulation::begin(SetupReader::read(self::cabinet()), PlantReader::read(self::plant()));
        $level = fn (): float => $run->reports()->levels['stream'];
        $run->to(100);
        $run->order('stream', 0.0, 1000);
        self::assertSame(0.0, $level());
        $run->to(1099.9);
        self::assertSame(0.0, $level());
        $run->to(1100);
        self::assertSame(1.0, $level());
        $run->order('stream', 0.0, 1000);
        $run->order('stream', null);
        self::assertSame(1.0, $level());
    }

    #[Test]
    public function it_reports_what_is_drawn_and_not_what_was_told(): void
    {
        $plant = self::bare();
        $plant['devices']['heater1']['thermostatC'] = 26.0;
        $begin = fn (array $faults): Simulation => Simulation::begin(
            SetupReader::read(self::heaterOnly()),
            PlantReader::read($plant),
            PlantReader::faults($faults),
        );
        // At 25.0 its rule rests; welded it draws all the same, until its own thermostat opens.
        self::assertSame([0.0, 0.0], [$begin([])->reports()->levels['heater1'], $begin([])->reports()->watts['heater1']]);
        $welded = $begin([['kind' => 'relay-welded', 'of' => 'heater1', 'fromS' => 0]]);
        self::assertSame([0.0, 200.0], [$welded->reports()->levels['heater1'], $welded->reports()->watts['heater1']]);
        $welded->to(60 * 3600);
        self::assertEqualsWithDelta(26.0, $welded->reports()->probes['t1'], 0.11);
        $dead = $begin([['kind' => 'load-dead', 'of' => 'heater1', 'fromS' => 0]]);
        $dead->to(12 * 3600);
        self::assertSame([1.0, 0.0], [$dead->reports()->levels['heater1'], $dead->reports()->watts['heater1']]);
        self::assertSame(0.0, $begin([['kind' => 'outage', 'fromS' => 0]])->reports()->watts['heater1']);
    }

    #[Test]
    public function a_guard_outranks_what_is_asked(): void
    {
        $run = Simulation::begin(SetupReader::read(self::cabinet()), PlantReader::read(self::plant()));
        $run->order('heater1', 1.0, 14_400);
        $run->order('heater2', 1.0, 14_400);
        $hottest = 0.0;
        for ($s = 600; $s <= 14_000; $s += 600) {
            $run->to($s);
            $hottest = max($hottest, $run->reports()->probes['t1']);
        }
        self::assertGreaterThan(26.4, $hottest, 'past where its rule stops');
        self::assertSame(0.0, $run->reports()->levels['heater1'], 'the guard speaks first');
        self::assertSame(1.0, $run->reports()->levels['heater2'], 'none stands before this one');
    }

    #[Test]
    public function a_guard_cannot_open_the_relay_it_works_through(): void
    {
        $guard = ['id' => 'hot', 'outlet' => 'heater1', 'when' => [['probe' => 't1', 'above' => 26]], 'forS' => 0, 'then' => 'off',
            'rank' => 'animals', 'blind' => 'off'];
        $setup = self::heaterOnly(['guards' => [$guard]]);
        $drift = self::play([['kind' => 'relay-welded', 'of' => 'heater1', 'fromS' => 0]], 40, setup: $setup, plant: self::bare());
        self::assertArrayHasKey('hot', $drift->harmS);
        self::assertContains('guard', array_map(fn (Happening $h): string => $h->kind, $drift->happened));
    }

    /** @return iterable<string, array{array<string, mixed>, float}> */
    public static function tops(): iterable
    {
        yield 'a limit of its run stops it' => [['longestS' => 120], 0.0];
        yield 'so does a cap on 24 hours' => [['longestS' => null, 'mostL' => 8], 0.0];
        yield 'with neither the whole store is on the floor or in the sump' => [['longestS' => null, 'mostL' => null], 1.0];
    }

    /** @param  array<string, mixed>  $rule */
    #[Test]
    #[DataProvider('tops')]
    public function a_top_off_whose_low_switch_hangs_dry(array $rule, float $leastFloorL): void
    {
        $setup = self::cabinet();
        foreach ($setup['outlets'] as &$outlet) {
            if ($outlet['id'] === 'topoff') {
                $outlet['rule'] = array_filter([...$outlet['rule'], ...$rule], fn (mixed $v): bool => $v !== null);
            }
        }
        $stuck = [
            ['kind' => 'switch-stuck', 'of' => 'low', 'fromS' => 3600, 'value' => 0],
            ['kind' => 'switch-stuck', 'of' => 'high', 'fromS' => 3600, 'value' => 0],
        ];
        $plant = self::plant();
        $plant['sump']['rimMm'] = 240;
        $run = self::play($stuck, 40, setup: $setup, plant: $plant);
        $leastFloorL > 0 ? self::assertGreaterThan($leastFloorL, $run->floorL) : self::assertSame(0.0, $run->floorL);
    }

    #[Test]
    public function both_drains_blocked_the_display_runs_over_until_the_last_chamber_is_empty(): void
    {
        $plant = self::plant();
        $plant['display']['emergencyLh'] = 0;
        $plant['display']['rimMm'] = 12;
        $run = self::play([['kind' => 'drain-blocked', 'fromS' => 3600, 'value' => 1]], 3, plant: $plant);
        // 150 mm of 0.08 m² is all there is to pump, less the room up to the rim, and what the top-off adds until its limit stops it.
        $hasL = 150 * 0.08 + 5;
        self::assertGreaterThan(4.0, $run->floorL);
        self::assertLessThanOrEqual($hasL + 8, $run->floorL);
        self::assertEqualsWithDelta(3600, $run->harmS['water on the floor'], 180);
        self::assertLessThan(2500, $run->extremes['returnLh']['least']);
    }

    #[Test]
    public function somebody_who_comes_mends_it_and_says_when(): void
    {
        $fault = [['kind' => 'load-dead', 'of' => 'return', 'fromS' => 7200]];
        $alone = self::play($fault, 40);
        $helped = self::play($fault, 40, ['arrivesS' => 3600.0]);
        self::assertLessThan($helped->extremes['displayC']['least'], $alone->extremes['displayC']['least']);
        $came = array_values(array_filter($helped->happened, fn (Happening $h): bool => $h->kind === 'came'));
        $called = array_values(array_filter($helped->happened, fn (Happening $h): bool => $h->kind === 'call'));
        self::assertCount(1, $came);
        self::assertEqualsWithDelta($called[0]->atS + 3600, $came[0]->atS, 1);
    }

    #[Test]
    public function an_outage_cools_the_room_too_and_a_fish_room_runs_out_of_air(): void
    {
        $run = self::play([['kind' => 'outage', 'fromS' => 7200]], 30);
        self::assertLessThan(9, $run->extremes['roomC']['least']);
        self::assertArrayHasKey('oxygen', $run->harmS);
        self::assertLessThan($run->harmS['cold'], $run->harmS['oxygen']);
    }

    #[Test]
    public function a_run_reaches_no_further_than_a_fortnight_and_steps_a_minute_at_most(): void
    {
        foreach ([['hours' => 337.0], ['hours' => 0.0]] as $bad) {
            try {
                Simulation::play(SetupReader::read(self::cabinet()), PlantReader::read(self::plant()), [], $bad['hours']);
                self::fail('not refused');
            } catch (OutOfRange $e) {
                self::assertStringContainsString('hours', $e->getMessage());
            }
        }
        $this->expectException(OutOfRange::class);
        self::play([], 1, ['stepS' => 61.0]);
    }

    #[Test]
    public function it_is_asked_for_headless_and_what_is_not_known_is_refused(): void
    {
        $given = ['setup' => self::cabinet(), 'plant' => self::plant(), 'hours' => 6,
            'faults' => [['kind' => 'drain-blocked', 'fromS' => 600, 'value' => 1]]];
        $answer = json_decode((new Desk())->ask('simulate', (string) json_encode($given))[0], true);
        self::assertCount(37, $answer['trace']);
        self::assertSame(0.0, (float) $answer['floorL']);
        self::assertLessThan(1e-6, $answer['books']['water']);
        $given['plant']['display']['colour'] = 'blue';
        $refused = json_decode((new Desk())->ask('simulate', (string) json_encode($given))[0], true);
        self::assertSame('plant.display.colour', $refused['error']['field']);
    }
}
