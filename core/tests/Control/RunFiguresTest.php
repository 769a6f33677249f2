<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Control\Plant\Device;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Plant\Run;
use Velbrin\Core\Control\Plant\Simulation;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Measure\Solve;
use Velbrin\Core\Tests\Refuses;

/** What a run comes to, against figures that can be reckoned by hand. */
final class RunFiguresTest extends TestCase
{
    use Refuses;

    /**
     * One water of 200 L as warm as its room, and what hangs on it, all of it on.
     *
     * @param  array<string, array<string, mixed>>  $devices
     * @param  array<string, mixed>  $more
     */
    private static function play(array $devices, float $hours, array $more = []): Run
    {
        $outlets = array_map(
            fn (string $id): array => ['id' => $id, 'place' => $id, 'lostLink' => 'off', 'rule' => ['kind' => 'on']],
            array_keys($devices),
        );

        return Simulation::play(SetupReader::read(['schema' => 1, 'outlets' => $outlets]), PlantReader::read($more + [
            'display' => ['areaM2' => 0.4, 'crestL' => 200, 'rimMm' => 50],
            'room' => ['roomC' => 25, 'displayWK' => 0, 'openM2' => 0],
            'start' => ['tempC' => 25, 'salinity' => 35, 'alkMeqL' => 2.9, 'ph' => 8.2],
            'devices' => $devices,
        ]), [], $hours);
    }

    /** The pH of a water with so much alkalinity, and the carbon that one of 2.9 meq/L has at a pH of 8.2. */
    private static function phOf(float $alkMeqL): float
    {
        $dic = Carbonate::fromProbe(2.9, 35, 25, 8.2)->dicMmolKg;

        return Solve::rising(fn (float $ph): float => $dic - Carbonate::fromProbe($alkMeqL, 35, 25, $ph)->dicMmolKg, 7.0, 10.0, 80);
    }

    #[Test]
    public function water_that_nothing_comes_to_keeps_its_ph(): void
    {
        $run = self::play([], 12);
        self::assertEqualsWithDelta(8.2, $run->extremes['ph']['least'], 1e-5);
        self::assertEqualsWithDelta(8.2, $run->extremes['ph']['most'], 1e-5);
    }

    #[Test]
    public function hydroxide_raises_alkalinity_and_ph_until_its_vessel_is_empty(): void
    {
        $doser = ['job' => 'doser', 'in' => 'display', 'watts' => 2, 'mlPerMin' => 2, 'alkMeqPerMl' => 0.5, 'dicPerMeq' => 0,
            'vesselMl' => 60];
        $run = self::play(['alk' => $doser], 3);
        $end = $run->trace[count($run->trace) - 1];
        self::assertEqualsWithDelta(2.9 + 60 * 0.5 / 200, $end['alkMeqL'], 1e-9);
        self::assertEqualsWithDelta(self::phOf(2.9 + 60 * 0.5 / 200), $end['ph'], 2e-4);
        self::assertGreaterThan(8.25, $end['ph']);
        $half = $run->trace[1];
        self::assertEqualsWithDelta(2.9 + 20 * 0.5 / 200, $half['alkMeqL'], 1e-9, 'ten minutes at two millilitres');
        $endless = self::play(['alk' => array_diff_key($doser, ['vesselMl' => 0])], 3);
        self::assertEqualsWithDelta(2.9 + 360 * 0.5 / 200, $endless->trace[count($endless->trace) - 1]['alkMeqL'], 1e-9);
    }

    #[Test]
    public function fresh_water_comes_as_warm_as_the_room_and_thins_the_salt(): void
    {
        $room = ['roomC' => 15, 'displayWK' => 0, 'openM2' => 0];
        $start = ['tempC' => 25, 'salinity' => 35, 'storeL' => 30, 'storeMostL' => 50];
        $run = self::play(['topoff' => ['job' => 'top-off', 'in' => 'display', 'watts' => 0, 'litresPerH' => 5]], 2, [
            'room' => $room,
            'start' => $start,
        ]);
        $end = $run->trace[count($run->trace) - 1];
        self::assertEqualsWithDelta((200 * 25 + 10 * 15) / 210, $end['displayC'], 1e-6);
        self::assertEqualsWithDelta(35 * 200 / 210, $end['salinity'], 1e-9);
        self::assertEqualsWithDelta(10 / 0.4, $end['displayMm'], 1e-9);
        self::assertEqualsWithDelta(20.0, $end['storeL'], 1e-9);
    }

    #[Test]
    public function what_an_ro_unit_makes_comes_from_the_mains_and_runs_over_a_full_store(): void
    {
        $run = self::play(['ro' => ['job' => 'ro-unit', 'in' => 'display', 'watts' => 10, 'litresPerH' => 4]], 5, [
            'start' => ['tempC' => 25, 'storeL' => 40, 'storeMostL' => 50],
        ]);
        $end = $run->trace[count($run->trace) - 1];
        self::assertEqualsWithDelta([50.0, 10.0], [$end['storeL'], $end['floorL']], 1e-9);
        self::assertLessThan(1e-12, $run->books['water']);
        self::assertEqualsWithDelta(50.0, $run->drawnWh, 1e-6);
    }

    #[Test]
    public function what_is_not_known_of_a_water_is_not_made_up(): void
    {
        $life = ['alkMeqLDay' => 0.2, 'fishMgH' => 60, 'communityMgH' => 100, 'litHours' => 10];
        $run = self::play([], 5, ['start' => ['tempC' => 25, 'salinity' => 35], 'life' => $life]);
        foreach (['alkMeqL', 'ph', 'oxygenMgL', 'calciumMgL'] as $unknown) {
            self::assertArrayNotHasKey($unknown, $run->extremes);
            self::assertNull($run->trace[3][$unknown]);
        }
        self::assertArrayNotHasKey('alkalinity', $run->books);
        self::assertSame([], $run->harmS);
    }

    #[Test]
    public function what_evaporates_of_a_sump_cools_both_waters(): void
    {
        $pump = ['return' => ['job' => 'return-pump', 'in' => 'sump', 'watts' => 0, 'litresPerH' => 1000]];
        $run = self::play($pump, 1, [
            'display' => ['areaM2' => 0.4, 'crestL' => 200, 'rimMm' => 50, 'weirMm' => 300, 'drainLh' => 3000],
            'sump' => ['fixedL' => 40, 'returnM2' => 0.08, 'allM2' => 0.3, 'baffleMm' => 220, 'rimMm' => 330],
            'start' => ['tempC' => 25, 'salinity' => 35, 'sumpMm' => 150],
            'room' => ['roomC' => 25, 'displayWK' => 0, 'sumpWK' => 0, 'openM2' => 0, 'sumpOpenM2' => 0.3],
        ]);
        $watts = Evaporation::of(0.3, 25, 25)->watts;
        $end = $run->trace[count($run->trace) - 1];
        $litres = 252 + 0.4 * $run->trace[0]['displayMm'];
        self::assertEqualsWithDelta(-$watts * 3600 / ($litres * 1.025 * 3990), $end['displayC'] - 25, 0.01);
        self::assertLessThan(24.9, $end['displayC']);
        self::assertLessThan($end['displayC'], $end['sumpC']);
        self::assertLessThan(1e-9, $run->books['heat']);
    }

    #[Test]
    public function stony_growth_takes_calcium_with_its_alkalinity_and_a_dose_brings_it_back(): void
    {
        $life = ['alkMeqLDay' => 0.5, 'fishMgH' => 0, 'communityMgH' => 0, 'nitrateMgDay' => 0, 'litHours' => 10, 'litFromMin' => 480];
        $falls = function (Run $run, string $of): float {
            return $run->trace[0][$of] - $run->trace[count($run->trace) - 1][$of];
        };
        $run = self::play([], 24, ['life' => $life]);
        self::assertEqualsWithDelta(0.5, $falls($run, 'alkMeqL'), 1e-6);
        // A meq of carbonate is half a mmol, and so much calcium: 20.04 mg.
        self::assertEqualsWithDelta(20.04 * 0.5, $falls($run, 'calciumMgL'), 1e-4);
        // A kit tells 0.1 dKH apart, 0.0357 meq/L, and 5 mg/L of calcium, which are 0.25 meq/L.
        $moved = fn (float $usedMeqL): array => self::play([], 24, ['life' => ['alkMeqLDay' => $usedMeqL] + $life])->chemistryMoved();
        self::assertSame([[], [Parameter::Alkalinity]], [$moved(0.035), $moved(0.037)]);
        self::assertSame([Parameter::Alkalinity], $moved(0.248));
        self::assertSame([Parameter::Alkalinity, Parameter::Calcium], $moved(0.252));
        $doser = ['job' => 'doser', 'in' => 'display', 'watts' => 2, 'mlPerMin' => 1, 'caMgPerMl' => 37, 'vesselMl' => 100];
        self::assertEqualsWithDelta(-37 * 100 / 200, $falls(self::play(['ca' => $doser], 24), 'calciumMgL'), 0.01);
    }

    #[Test]
    public function a_skimmer_in_too_deep_a_water_boils_over_at_twenty_litres_an_hour(): void
    {
        $skimmer = ['skimmer' => ['job' => 'skimmer', 'in' => 'sump', 'watts' => 20, 'litresPerH' => 600]];
        $boils = fn (float $sumpMm): Run => self::play($skimmer, 1, [
            'sump' => ['fixedL' => 40, 'returnM2' => 0.4, 'allM2' => 0.4, 'baffleMm' => 200, 'rimMm' => 400, 'cupL' => 2],
            'start' => ['tempC' => 25, 'salinity' => 35, 'sumpMm' => $sumpMm],
        ]);
        // 20 mm over the baffle it begins; 60 mm over that there are 24 L to take: the cup takes the first two.
        self::assertEqualsWithDelta(18.0, $boils(280)->floorL, 0.1);
        self::assertSame(0.0, $boils(219.9)->floorL);
        self::assertLessThan(1e-9, $boils(280)->books['water']);
    }

    #[Test]
    public function a_run_is_a_fortnight_long_at_most(): void
    {
        $asks = fn (float $hours): ?string => self::refused(fn (): Run => Simulation::play(
            SetupReader::read(SimulationTest::cabinet()),
            PlantReader::read(SimulationTest::plant()),
            [],
            $hours,
            everyS: 0.5,
        ));
        self::assertSame('everyS', $asks(336), 'so long it may be');
        self::assertSame('hours', $asks(336.1));
        self::assertSame('hours', $asks(0.009));
    }

    #[Test]
    public function a_chiller_takes_out_two_and_a_half_times_what_it_draws_and_warms_the_room(): void
    {
        $fallsK = function (array $said): float {
            $run = self::play(['chiller' => ['job' => 'chiller', 'in' => 'display', 'watts' => 100] + $said], 1);

            return 25 - $run->trace[count($run->trace) - 1]['displayC'];
        };
        $kPerW = 3600 / (200 * 1.0233 * 3990);
        self::assertEqualsWithDelta(0.0, $fallsK([]), 1e-9, 'what nobody has said is not counted');
        self::assertEqualsWithDelta(250 * $kPerW, $fallsK(['coolsW' => Device::coolsByDraw(100)]), 0.01);
        self::assertEqualsWithDelta(180 * $kPerW, $fallsK(['coolsW' => 180]), 0.01);
        // Its pump stands beside the water.
        self::assertEqualsWithDelta((250 - 30) * $kPerW, $fallsK(['coolsW' => 250, 'heatShare' => 0.3]), 0.01);
    }

    #[Test]
    public function a_fan_moves_the_air_at_one_and_a_half_metres_a_second(): void
    {
        $room = ['roomC' => 25, 'humidityPct' => 50, 'displayWK' => 0, 'openM2' => 0.4];
        foreach ([[[], 0.1], [['fan' => ['job' => 'fan', 'in' => 'display', 'watts' => 0]], 1.5]] as [$devices, $airMs]) {
            $run = self::play($devices, 0.1, ['room' => $room]);
            $watts = 0.4 * Evaporation::wattsM2(25, 0.5 * Evaporation::saturationKpa(25), $airMs);
            $fallK = 25 - $run->trace[count($run->trace) - 1]['displayC'];
            self::assertEqualsWithDelta($watts * 360 / (200 * 1.0233 * 3990), $fallK, 0.01 * $fallK, "{$airMs} m/s");
        }
    }

    #[Test]
    public function fish_breathe_more_in_warm_water(): void
    {
        $life = ['alkMeqLDay' => 0, 'fishMgH' => 100, 'communityMgH' => 0, 'litHours' => 10, 'movedMH' => 0, 'stillMH' => 0];
        foreach ([25 => 1.0, 30 => 2 ** 0.5, 20 => 2 ** -0.5] as $tempC => $times) {
            $run = self::play([], 2, [
                'life' => $life,
                'room' => ['roomC' => $tempC, 'displayWK' => 0, 'openM2' => 0],
                'start' => ['tempC' => $tempC, 'salinity' => 35, 'alkMeqL' => 2.9, 'ph' => 8.2],
            ]);
            $taken = $run->trace[0]['oxygenMgL'] - $run->trace[count($run->trace) - 1]['oxygenMgL'];
            self::assertEqualsWithDelta($times * 100 * 2 / 200, $taken, 1e-6, "{$tempC} °C");
        }
    }
}
