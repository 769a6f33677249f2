<?php

// Times a run of 72 h with 24 outlets over a full system: the whole of it, its physics alone, and the same physics in C.
// bench-plant.php run [TIMES]: milliseconds of each whole run, and the memory it took at most.
// bench-plant.php physics FILE: writes system and deeds for plant.c, and says how long the core's own physics took and how it ended.
// bench-plant.php compare OURS THEIRS: the ratio, refused where the two do not end alike.

declare(strict_types=1);

use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Control\Plant\Broken;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Plant\PlantSpec;
use Velbrin\Core\Control\Plant\Simulation;
use Velbrin\Core\Control\Plant\State;
use Velbrin\Core\Control\Plant\Tank;
use Velbrin\Core\Control\Plant\Warmth;
use Velbrin\Core\Control\Plant\Workshop;
use Velbrin\Core\Control\Programme\Moment;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Seawater\Seawater;

require __DIR__.'/../../vendor/autoload.php';

const HOURS = 72.0;

const STEP_S = 60.0;

function plant(): PlantSpec
{
    $device = fn (string $job, string $in, float $watts, array $more = []): array => ['job' => $job, 'in' => $in, 'watts' => $watts, ...$more];
    $devices = [
        'heater1' => $device('heater', 'sump', 250),
        'heater2' => $device('heater', 'sump', 250),
        'heater3' => $device('heater', 'sump', 150),
        'return1' => $device('return-pump', 'sump', 50, ['litresPerH' => 1500]),
        'return2' => $device('return-pump', 'sump', 35, ['litresPerH' => 1000]),
        'skimmer' => $device('skimmer', 'sump', 20, ['litresPerH' => 600]),
        'topoff' => $device('top-off', 'sump', 5, ['litresPerH' => 60]),
        'ro' => $device('ro-unit', 'sump', 10, ['litresPerH' => 4]),
        'fan' => $device('fan', 'display', 8),
        'alk' => $device('doser', 'sump', 2, ['mlPerMin' => 20, 'alkMeqPerMl' => 3.0, 'dicPerMeq' => 0.5, 'vesselMl' => 2000]),
        'ca' => $device('doser', 'sump', 2, ['mlPerMin' => 20, 'caMgPerMl' => 60.0, 'vesselMl' => 2000]),
    ];
    foreach (range(1, 5) as $n) {
        $devices["light{$n}"] = $device('light', 'display', 60);
    }
    foreach (range(1, 8) as $n) {
        $devices["stream{$n}"] = $device('circulation-pump', 'display', 15);
    }

    return PlantReader::read([
        'display' => ['areaM2' => 0.72, 'crestL' => 380, 'rimMm' => 40, 'weirMm' => 300, 'drainLh' => 6000, 'emergencyLh' => 3500,
            'siphonMm' => 15],
        'sump' => ['fixedL' => 45, 'returnM2' => 0.08, 'allM2' => 0.3, 'baffleMm' => 220, 'rimMm' => 330],
        'room' => ['roomC' => 20, 'swingC' => 1.5, 'outdoorsC' => 5, 'displayWK' => 18, 'sumpWK' => 3, 'openM2' => 0.72,
            'sumpOpenM2' => 0.07],
        'life' => ['alkMeqLDay' => 0.14, 'fishMgH' => 60, 'communityMgH' => 200, 'nitrateMgDay' => 60, 'litHours' => 10],
        'start' => ['minute' => 480, 'tempC' => 25.4, 'salinity' => 35, 'sumpMm' => 150, 'storeL' => 40, 'storeMostL' => 50,
            'alkMeqL' => 2.9, 'ph' => 8.2],
        'devices' => $devices,
        'probes' => ['t1' => ['quantity' => 'temperature', 'in' => 'sump', 'resolution' => 0.1],
            't2' => ['quantity' => 'temperature', 'in' => 'display', 'resolution' => 0.1],
            'ph1' => ['quantity' => 'ph', 'in' => 'display', 'resolution' => 0.01]],
        'switches' => ['low' => ['in' => 'return', 'at' => 145], 'high' => ['in' => 'return', 'at' => 150],
            'floor' => ['in' => 'floor', 'at' => 1]],
    ]);
}

function setup(): Setup
{
    $hold = fn (float $from, float $to): array => ['kind' => 'hold', 'probe' => 't1', 'startAt' => $from, 'stopAt' => $to, 'blind' => 'off'];
    $pulse = ['kind' => 'pulse', 'minutes' => [60, 600], 's' => 30, 'mlPerMin' => 20, 'capMl' => 40];
    $rules = [
        'heater1' => $hold(25.3, 25.6),
        'heater2' => $hold(25.0, 25.4),
        'heater3' => $hold(24.8, 25.2),
        'skimmer' => ['kind' => 'follow', 'outlet' => 'return1', 'onDelayS' => 300],
        'topoff' => ['kind' => 'refill', 'low' => 'low', 'high' => 'high', 'dryS' => 5, 'longestS' => 120, 'restS' => 600,
            'litresPerH' => 60, 'mostL' => 8],
        'fan' => $hold(27.0, 26.6),
        'alk' => $pulse,
        'ca' => $pulse,
    ];
    $outlets = [];
    foreach (plant()->devices as $id => $device) {
        $day = ['kind' => 'day', 'points' => [['minute' => 600, 'level' => 'on'], ['minute' => 1200, 'level' => 'off']]];
        $usual = str_starts_with((string) $id, 'light') ? $day : ['kind' => 'on'];
        $outlets[] = ['id' => (string) $id, 'place' => (string) $id, 'lostLink' => 'off', 'rule' => $rules[$id] ?? $usual];
    }
    usort($outlets, fn (array $a, array $b): int => ($a['rule']['kind'] === 'follow') <=> ($b['rule']['kind'] === 'follow'));
    $told = fn (string $id, array $of): array => ['id' => $id, 'calls' => 2, ...$of];

    return SetupReader::read([
        'schema' => 1,
        'probes' => [
            ['id' => 't1', 'quantity' => 'temperature', 'resolution' => 0.1],
            ['id' => 't2', 'quantity' => 'temperature', 'resolution' => 0.1],
            ['id' => 'ph1', 'quantity' => 'ph', 'resolution' => 0.01],
        ],
        'outlets' => $outlets,
        'guards' => [['id' => 'hot', 'outlet' => 'heater1', 'when' => [['probe' => 't1', 'above' => 26.5]], 'forS' => 60, 'then' => 'off',
            'rank' => 'animals', 'blind' => 'off']],
        'alarms' => [
            $told('too warm', ['probe' => 't2', 'high' => 27.5]),
            $told('too cold', ['probe' => 't2', 'low' => 23.4]),
            $told('wet floor', ['switch' => 'floor']),
            $told('silent', ['silence' => true]),
        ],
    ]);
}

/** @return list<float> every number of a system in the order plant.c reads them */
function numbers(PlantSpec $p): array
{
    [$sump, $life] = [$p->sump, $p->life];
    $dosers = [$p->devices['alk'], $p->devices['ca']];

    return [
        $p->display->areaM2, $p->display->crestL, $p->display->rimMm, (float) $p->display->crest?->lengthMm, $p->display->drainLh,
        $p->display->emergencyLh, $p->display->siphonMm,
        $sump->fixedL, $sump->returnM2, $sump->allM2, $sump->baffleMm, $sump->rimMm, $sump->skimmerMm, $sump->cupL,
        $p->room->roomC, $p->room->swingC, $p->room->humidityPct, $p->room->displayWK, $p->room->sumpWK, $p->room->openM2,
        $p->room->sumpOpenM2, $p->room->evaporationScale,
        $life->alkMeqLDay, $life->litHours, $life->fishMgH, $life->communityMgH, $life->nitrateMgDay, $life->movedMH, $life->stillMH,
        $life->co2Ppm,
        $p->start->storeMostL, $p->start->minute, Seawater::NEAR_DENSITY_KG_L, Warmth::J_PER_L_K,
        ...array_map(fn ($d) => $d->alkMeqPerMl, $dosers), ...array_map(fn ($d) => $d->dicPerMeq, $dosers),
        ...array_map(fn ($d) => $d->caMgPerMl, $dosers),
    ];
}

/** @return list<float> every number of a state in the order plant.c keeps them */
function stateOf(State $s): array
{
    $both = [];
    foreach (['tempC', 'saltG', 'alkMeq', 'dicMmol', 'caMg', 'oxygenMg', 'ph', 'salinity'] as $amount) {
        array_push($both, $s->display->{$amount}, $s->sump->{$amount});
    }

    return [
        $s->overMm, $s->returnL, $s->storeL, $s->floorL, $s->cupL, $s->returnLh, $s->drainLh, ...$both, $s->vesselMl['alk'], $s->vesselMl['ca'],
    ];
}

/** @return list<array<string, float>> the levels of each step, as a whole run told its outlets */
function levels(PlantSpec $plant): array
{
    $told = Simulation::play(setup(), $plant, [], HOURS)->outlets;
    $levels = [];
    for ($step = 0; $step < HOURS * 3600 / STEP_S; $step++) {
        $now = [];
        foreach ($told as $outlet => $changes) {
            foreach ($changes as $change) {
                $now[$outlet] = $change['fromS'] <= $step * STEP_S + 1e-6 ? $change['level'] : ($now[$outlet] ?? 0.0);
            }
        }
        $levels[] = $now;
    }

    return $levels;
}

/** @return list<string> tables of constants and of oxygen, as the core fills its own */
function tables(): array
{
    [$cFrom, $cCount, $sFrom, $sCount] = [230, 60, 330, 50];
    [$oFrom, $oCount, $osFrom, $osCount] = [2400, 400, 3400, 300];
    $lines = [implode(' ', [$cFrom, $cCount, $sFrom, $sCount, $oFrom, $oCount, $osFrom, $osCount])];
    for ($c = 0; $c < $cCount; $c++) {
        for ($s = 0; $s < $sCount; $s++) {
            $k = Carbonate::constants(($sFrom + $s) / 10, ($cFrom + $c) / 10);
            $lines[] = exact([$k['K0'], $k['K1'], $k['K2'], $k['KB'], $k['KW'], $k['BT']]);
        }
    }
    for ($c = 0; $c < $oCount; $c++) {
        $row = [];
        for ($s = 0; $s < $osCount; $s++) {
            $row[] = Seawater::at(($osFrom + $s) / 100, ($oFrom + $c) / 100)->oxygenSatMgL();
        }
        $lines[] = exact($row);
    }

    return $lines;
}

/** @param  list<float>  $numbers */
function exact(array $numbers): string
{
    return implode(' ', array_map(fn (float $n): string => sprintf('%.17g', $n), $numbers));
}

function run(int $times): void
{
    $took = [];
    Simulation::play(setup(), plant(), [], HOURS);
    for ($n = 0; $n < $times; $n++) {
        $from = hrtime(true);
        $run = Simulation::play(setup(), plant(), [], HOURS);
        $took[] = (hrtime(true) - $from) / 1e6;
    }
    sort($took);
    printf("%.1f %.1f %.1f %d\n", $took[0], $took[intdiv($times, 2)], memory_get_peak_usage() / 1_048_576, $run->steps);
}

function physics(string $file): void
{
    $plant = plant();
    $levels = levels($plant);
    $tank = new Tank($plant);
    $broken = Broken::at([], 0.0);
    $workshop = new Workshop($plant);
    $begins = new Moment(0.0, 0, $plant->start->minute);
    $begun = $tank->begun();
    $best = INF;
    for ($time = 0; $time < 7; $time++) {
        $from = hrtime(true);
        $s = $begun;
        foreach ($levels as $n => $now) {
            $s = $tank->after($s, $now, $broken, $begins->minuteAfter(($n + 1) * STEP_S), STEP_S);
        }
        $best = min($best, (hrtime(true) - $from) / 1e6);
    }
    $deeds = [];
    foreach ($levels as $now) {
        $d = $workshop->deeds($now, $broken, $begun);
        $deeds[] = exact([
            $d->returnLh, $d->topOffLh, $d->roLh, $d->skimmerLh, (float) $d->isMoved, (float) $d->isFanned, $d->light, $d->heatW,
            $d->sumpHeatW, $d->dosesMlMin['alk'] ?? 0.0, $d->dosesMlMin['ca'] ?? 0.0,
        ]);
    }
    file_put_contents($file, implode("\n", [
        exact(numbers($plant)), exact(stateOf($begun)), ...tables(), exact([(float) count($levels), STEP_S]), ...$deeds,
    ])."\n");
    printf("%.6f %s\n", $best, exact(stateOf($s)));
}

function compare(string $ours, string $theirs): void
{
    [$mine, $other] = [array_map(floatval(...), explode(' ', $ours)), array_map(floatval(...), explode(' ', $theirs))];
    $apart = 0.0;
    foreach (array_slice($mine, 1) as $n => $value) {
        $apart = max($apart, abs($value - ($other[$n + 1] ?? NAN)) / max(1e-6, abs($value)));
    }
    if (! ($apart < 1e-7) || count($mine) !== count($other)) {
        fwrite(STDERR, "The two do not end alike: apart by {$apart} of a value.\n{$ours}\n{$theirs}\n");
        exit(1);
    }
    printf("physics alone %.1f ms, the same loop in C %.2f ms: %.0f times; ends apart by %.0e\n", $mine[0], $other[0], $mine[0] / $other[0], $apart);
}

match ($argv[1] ?? '') {
    'run' => run((int) ($argv[2] ?? 9)),
    'physics' => physics($argv[2]),
    'compare' => compare($argv[2], $argv[3]),
    default => exit(2),
};
