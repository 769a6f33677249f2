<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Plant\Happening;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Plant\Run;
use Velbrin\Core\Control\Plant\Simulation;
use Velbrin\Core\Control\Programme\SetupReader;

/** While no limit is crossed and nothing waits a run looks at nothing; and misses nothing. */
#[Group('beside')]
final class QuietStepsTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $plant
     * @param  array<string, mixed>  $setup
     * @param  array<string, mixed>  $more
     */
    private static function play(array $plant, array $setup, float $hours, array $more = []): Run
    {
        return Simulation::play(SetupReader::read($setup), PlantReader::read($plant), [], $hours, ...$more);
    }

    /**
     * One water of 200 L in a room, with a heater.
     *
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function tank(array $more = []): array
    {
        return $more + [
            'display' => ['areaM2' => 0.4, 'crestL' => 200, 'rimMm' => 50],
            'room' => ['roomC' => 20, 'displayWK' => 12, 'openM2' => 0],
            'start' => ['tempC' => 25],
            'devices' => ['heater' => ['job' => 'heater', 'in' => 'display', 'watts' => 200]],
            'probes' => ['t1' => ['quantity' => 'temperature', 'in' => 'display', 'resolution' => 0.1]],
        ];
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function held(float $startAt, float $stopAt, array $more = []): array
    {
        return $more + [
            'schema' => 1,
            'probes' => [['id' => 't1', 'quantity' => 'temperature', 'resolution' => 0.1]],
            'outlets' => [['id' => 'heater', 'place' => 'heater', 'lostLink' => 'off', 'rule' => ['kind' => 'hold', 'probe' => 't1',
                'startAt' => $startAt, 'stopAt' => $stopAt, 'blind' => 'off']]],
        ];
    }

    /** @return array<string, mixed> nothing at all hangs on a value */
    private static function nothing(): array
    {
        return ['schema' => 1, 'probes' => [['id' => 't1', 'quantity' => 'temperature', 'resolution' => 0.1]], 'outlets' => []];
    }

    #[Test]
    public function a_limit_between_two_steps_of_its_probe_turns_where_the_reading_does(): void
    {
        $on = self::play(self::tank(), self::held(24.7, 25.2), 48);
        $between = self::play(self::tank(), self::held(24.75, 25.15), 48);
        self::assertGreaterThan(4, count($on->outlets['heater']));
        self::assertSame(array_column($on->outlets['heater'], 'level'), array_column($between->outlets['heater'], 'level'));
        foreach ($on->outlets['heater'] as $n => $change) {
            $why = 'what shows tenths is at 24.75 or less when it shows 24.7, and at 25.15 or more when it shows 25.2';
            self::assertEqualsWithDelta($change['fromS'], $between->outlets['heater'][$n]['fromS'], 2.0, $why);
        }
        self::assertEqualsWithDelta(24.75, $on->extremes['displayC']['least'], 0.02);
        self::assertEqualsWithDelta(25.15, $on->extremes['displayC']['most'], 0.02);
    }

    /**
     * A room between 22 and 29 °C and a tank that follows it: every limit is passed both ways, each by itself.
     *
     * @return array<string, mixed>
     */
    private static function bothWays(): array
    {
        $hold = fn (float $from, float $to): array => ['kind' => 'hold', 'probe' => 't1', 'startAt' => $from, 'stopAt' => $to,
            'blind' => 'off'];
        $outlet = fn (string $id, array $rule): array => ['id' => $id, 'place' => $id, 'lostLink' => 'off', 'rule' => $rule];
        $guard = fn (string $id, string $outlet, array $when, array $clears): array => ['id' => $id, 'outlet' => $outlet,
            'when' => [['probe' => 't1'] + $when], 'clears' => ['probe' => 't1'] + $clears, 'forS' => 0, 'then' => 'off',
            'rank' => 'animals', 'blind' => 'off'];

        return [
            'outlets' => [
                $outlet('warms', $hold(24.5, 25.1)), $outlet('cools', $hold(26.1, 25.3)),
                $outlet('low', ['kind' => 'on']), $outlet('high', ['kind' => 'on']),
            ],
            'guards' => [
                $guard('too low', 'low', ['below' => 24.7], ['above' => 24.9]),
                $guard('too high', 'high', ['above' => 25.7], ['below' => 25.5]),
            ],
            'alarms' => [['id' => 'off', 'calls' => 1, 'probe' => 't1', 'low' => 24.3, 'high' => 25.9, 'delayS' => 0]],
        ] + self::nothing();
    }

    #[Test]
    public function whatever_goes_by_a_limit_turns_when_a_run_that_looks_at_every_step_says_so(): void
    {
        $names = ['warms', 'cools', 'low', 'high'];
        $plant = self::tank([
            'room' => ['roomC' => 25.5, 'swingC' => 3.5, 'displayWK' => 40, 'openM2' => 0],
            'devices' => array_fill_keys($names, ['job' => 'circulation-pump', 'in' => 'display', 'watts' => 0]),
        ]);
        $long = self::play($plant, self::bothWays(), 48);
        // A breath of noise, and it is read at every step.
        $plant['probes']['t1']['noise'] = 1e-9;
        $short = self::play($plant, self::bothWays(), 48, ['stepS' => 6.0]);
        foreach ($names as $name) {
            self::assertGreaterThan(2, count($short->outlets[$name]), $name);
            self::assertSame(array_column($short->outlets[$name], 'level'), array_column($long->outlets[$name], 'level'), $name);
            foreach ($short->outlets[$name] as $n => $change) {
                self::assertEqualsWithDelta($change['fromS'], $long->outlets[$name][$n]['fromS'], 45, "{$name} {$n}");
            }
        }
        $told = fn (Run $run): array => array_map(fn (Happening $h): string => "{$h->kind} {$h->of}", $run->happened);
        self::assertGreaterThan(8, count($short->happened));
        self::assertSame($told($short), $told($long));
        foreach ($short->happened as $n => $happening) {
            self::assertEqualsWithDelta($happening->atS, $long->happened[$n]->atS, 45, $happening->kind);
        }
    }

    #[Test]
    public function a_limit_passed_where_nothing_turns_cuts_no_step(): void
    {
        $warm = self::tank(['start' => ['tempC' => 26]]);
        $rests = self::play($warm, self::held(23.0, 25.2), 12);
        self::assertLessThan(25.0, $rests->extremes['displayC']['least'], 'past where it would stop');
        self::assertSame(12 * 60, $rests->steps);
        $starts = self::play($warm, self::held(25.5, 25.9), 12);
        self::assertGreaterThan(12 * 60, $starts->steps, 'past where it starts');
    }

    #[Test]
    public function what_is_reported_is_read_then_though_nothing_has_turned_for_hours(): void
    {
        $run = Simulation::begin(SetupReader::read(self::nothing()), PlantReader::read(self::tank()));
        foreach ([3600, 10_800] as $atS) {
            $run->to($atS);
            $isC = 20 + 5 * exp(-12 * $atS / (200 * 1.025 * 3990));
            self::assertEqualsWithDelta($isC, (float) $run->reports()->probes['t1'], 0.06);
        }
        self::assertSame(24.3, round((float) $run->reports()->probes['t1'], 6));
    }

    #[Test]
    public function an_order_decides_by_what_is_read_then(): void
    {
        $run = Simulation::begin(SetupReader::read(self::held(23.0, 25.0)), PlantReader::read(self::tank(['start' => ['tempC' => 23.4]])));
        $run->to(5000);
        self::assertSame(0.0, $run->reports()->levels['heater']);
        $run->order('heater', 1.0, 60);
        $run->to(5070);
        self::assertSame(0.0, $run->reports()->levels['heater'], 'above its start it rests again');
    }

    #[Test]
    public function water_on_the_floor_is_harm_though_no_switch_lies_there(): void
    {
        $plant = self::tank([
            'start' => ['tempC' => 25, 'storeL' => 49.8, 'storeMostL' => 50],
            'devices' => ['ro' => ['job' => 'ro-unit', 'in' => 'display', 'watts' => 10, 'litresPerH' => 4]],
        ]);
        $setup = ['outlets' => [['id' => 'ro', 'place' => 'RO', 'lostLink' => 'off', 'rule' => ['kind' => 'on']]]] + self::nothing();
        $run = self::play($plant, $setup, 2);
        self::assertEqualsWithDelta(180, $run->harmS['water on the floor'], 60, '0.2 L at 4 L an hour');
        self::assertEqualsWithDelta(8 - 0.2, $run->floorL, 1e-6);
    }

    #[Test]
    public function alkalinity_that_adds_up_over_a_day_is_harm(): void
    {
        $dosed = fn (float $meqMin): array => ['life' => ['alkMeqLDay' => 0, 'litHours' => 10]] + self::tank([
            'start' => ['tempC' => 25, 'salinity' => 35, 'alkMeqL' => 2.9, 'ph' => 8.2],
            'devices' => ['alk' => ['job' => 'doser', 'in' => 'display', 'watts' => 2, 'mlPerMin' => 2 * $meqMin, 'alkMeqPerMl' => 0.5,
                'dicPerMeq' => 1]],
        ]);
        $setup = ['outlets' => [['id' => 'alk', 'place' => 'doser', 'lostLink' => 'off', 'rule' => ['kind' => 'on']]]] + self::nothing();
        $run = self::play($dosed(1), $setup, 8);
        // A meq a minute into 200 L: 4 dKH, 1.4286 meq/L, after 286 minutes.
        self::assertEqualsWithDelta(200 * 4 / 2.8 * 60, $run->harmS['alkalinity'], 120);
        // As much in 22 h harms; in 26 h no day has so much of it, however long it goes on.
        $in = fn (float $hours): float => 200 * 4 / 2.8 / (60 * $hours);
        self::assertArrayHasKey('alkalinity', self::play($dosed($in(22)), $setup, 30)->harmS);
        self::assertArrayNotHasKey('alkalinity', self::play($dosed($in(26)), $setup, 60)->harmS);
    }

    #[Test]
    public function a_probe_that_never_reads_the_same_twice_is_read_at_every_step(): void
    {
        $still = ['room' => ['roomC' => 25, 'displayWK' => 12, 'openM2' => 0]];
        $probe = ['quantity' => 'temperature', 'in' => 'display', 'resolution' => 0.1];
        $calm = self::play(self::tank($still), self::held(24.9, 25.1), 4);
        $noisy = self::play(self::tank($still + ['probes' => ['t1' => ['noise' => 0.1] + $probe]]), self::held(24.9, 25.1), 4);
        self::assertLessThan(3, count($calm->outlets['heater']));
        self::assertGreaterThan(6, count($noisy->outlets['heater']));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function limits(): iterable
    {
        $told = ['id' => 'too warm', 'calls' => 2, 'probe' => 't1', 'high' => 26.4, 'delayS' => 300];
        yield 'an alarm' => [['alarms' => [$told]], 'alarm'];
        yield 'a guard' => [['guards' => [['id' => 'hot', 'outlet' => 'heater', 'when' => [['probe' => 't1', 'above' => 26.4]],
            'forS' => 300, 'then' => 'off', 'rank' => 'animals', 'blind' => 'off']]], 'guard'];
    }

    /** @param  array<string, mixed>  $more */
    #[Test]
    #[DataProvider('limits')]
    public function an_alarm_and_a_guard_act_as_soon_as_their_limit_is_read(array $more, string $kind): void
    {
        $hot = self::tank(['room' => ['roomC' => 32, 'displayWK' => 12, 'openM2' => 0]]);
        $run = self::play($hot, self::held(24.0, 24.4, $more), 24);
        $told = array_values(array_filter($run->happened, fn (Happening $h): bool => $h->kind === $kind));
        // From 25 °C towards 32: it reads 26.5 from 26.45 on; the probe follows half a minute behind.
        $crossedS = log(7 / (32 - 26.45)) * 200 * 1.025 * 3990 / 12;
        self::assertEqualsWithDelta($crossedS + 30 + 300, $told[0]->atS, 40);
    }

    #[Test]
    public function a_probe_that_drifts_is_read_at_every_step(): void
    {
        $drift = PlantReader::faults([['kind' => 'probe-drift', 'of' => 't1', 'fromS' => 0, 'value' => -0.53]]);
        $run = Simulation::play(SetupReader::read(self::held(24.8, 25.2)), PlantReader::read(self::tank()), $drift, 48);
        // Tenths less 0.53: it shows 25.17 below 25.75, and 25.27 from there on.
        self::assertGreaterThan(4, count($run->outlets['heater']));
        self::assertEqualsWithDelta(25.75, $run->extremes['displayC']['most'], 0.02);
    }

    #[Test]
    public function how_fast_a_value_goes_is_watched_where_nothing_else_is(): void
    {
        $cold = self::tank(['room' => ['roomC' => 5, 'displayWK' => 30, 'openM2' => 0]]);
        $told = ['id' => 'falls fast', 'calls' => 1, 'probe' => 't1', 'ratePerH' => 1.5, 'delayS' => 900];
        $run = self::play($cold, ['alarms' => [$told]] + self::nothing(), 4);
        $raised = array_values(array_filter($run->happened, fn (Happening $h): bool => $h->kind === 'alarm'));
        self::assertCount(1, $raised, '600 W out of 200 L: 2.6 K an hour');
        self::assertEqualsWithDelta(1800 + 900, $raised[0]->atS, 61, 'known after half an hour, told a quarter later');
    }

    #[Test]
    public function a_sump_that_is_pumped_to_its_intake_loses_nothing(): void
    {
        $plant = SimulationTest::plant();
        $plant['sump']['fixedL'] = 20;
        $plant['start']['sumpMm'] = 60;
        unset($plant['devices']['topoff']);
        $setup = SimulationTest::cabinet();
        $setup['outlets'] = [['id' => 'return', 'place' => 'return pump', 'lostLink' => 'on', 'rule' => ['kind' => 'on']]];
        $setup['guards'] = $setup['alarms'] = [];
        $run = self::play($plant, $setup, 72);
        self::assertLessThan(0.0, $run->extremes['sumpMm']['least'], 'what evaporates of the sump is taken from below the intake');
        self::assertLessThan(2000, $run->trace[count($run->trace) - 1]['returnLh'], 'the pump moves what reaches it');
        foreach ($run->books as $what => $missing) {
            self::assertLessThan(1e-6, $missing, $what);
        }
    }

    #[Test]
    public function a_tank_without_a_sump_loses_nothing_over_a_surface_it_does_not_have(): void
    {
        $room = ['roomC' => 20, 'displayWK' => 12, 'openM2' => 0.3, 'sumpOpenM2' => 0.2];
        $run = self::play(self::tank(['room' => $room]), self::nothing(), 24);
        self::assertLessThan(1e-9, $run->books['water']);
        self::assertLessThan(1e-9, $run->books['heat']);
    }
}
