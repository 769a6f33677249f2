<?php

declare(strict_types=1);

namespace App\Demo;

use App\Alerts\Alarm;
use App\Control\Activate;
use App\Control\Circuit;
use App\Control\Controller;
use App\Control\KeepDraft;
use App\Control\Link\LinkDevice;
use App\Control\Outlet;
use App\Control\Sensor;
use App\Control\Strip;
use App\Systems\Item;
use App\Systems\Judge;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Control\Job;

/** Controllers of the demo world: one in good order but for a guard within the day’s swing, one whose heaters share everything. */
final class Controls
{
    /** @var array<string, Outlet> by name */
    private array $outlets = [];

    /** @var array<string, Sensor> by name */
    private array $sensors = [];

    private function __construct(private readonly System $system, private readonly User $planner, private readonly User $technician)
    {
    }

    public static function make(User $planner, User $technician): void
    {
        self::words();
        foreach (['Window reef', 'Living room'] as $name) {
            $system = System::query()->where('name', $name)->with(['items', 'vessels', 'site'])->first();
            if ($system !== null) {
                (new self($system, $planner, $technician))->tell();
            }
        }
    }

    /** What the registers call their plugs, one record per place and word. */
    private static function words(): void
    {
        DB::statement(
            'insert ignore into outlets (site_id, name, created_at, updated_at) '.
                'select distinct systems.site_id, items.outlet, now(), now() from items '.
                'join systems on systems.id = items.system_id where items.outlet is not null',
        );
        DB::statement(
            'update items join systems on systems.id = items.system_id '.
                'join outlets on outlets.site_id = systems.site_id and outlets.name = items.outlet '.
                'set items.outlet_id = outlets.id where items.outlet_id is null',
        );
    }

    private function tell(): void
    {
        $isSound = $this->system->name === 'Window reef';
        $controller = Controller::query()->create([
            'site_id' => $this->system->site_id,
            'name' => $isSound ? 'Cabinet' : 'Reef cabinet',
            'note' => 'In the cabinet, left door, above the splash line.',
        ]);
        $this->supply($controller, $isSound);
        $this->senses($controller);
        $this->plugIn($isSound);
        $this->lastFortnight($controller);
        $document = ['outlets' => $this->rules($isSound), 'guards' => $this->guards($isSound)];
        KeepDraft::of($controller, $document, 0, $this->technician);
        Activate::of($controller, 'First set-up after the cabinet was rewired.', $this->planner);
        if ($isSound) {
            // A technician is about to give the second heater a lower rung.
            $document['outlets'][1]['rule']['startAt'] = 24.9;
            $document['outlets'][1]['rule']['stopAt'] = 25.2;
            KeepDraft::of($controller, $document, 0, $this->technician);
        }
        $this->alarms($controller, $isSound);
        LinkDevice::query()->create([
            'controller_id' => $controller->id,
            'name' => "{$controller->name}, {$this->system->name}",
            'kind' => LinkDevice::SIMULATED,
            'token_hash' => LinkDevice::hashOf(LinkDevice::token()),
            'every_s' => 15,
            'user_id' => $this->planner->id,
        ]);
    }

    private function supply(Controller $controller, bool $isSound): void
    {
        foreach ($isSound ? ['A' => 'kitchen', 'B' => 'hall'] : ['A' => 'basement', 'B' => 'basement'] as $name => $circuit) {
            $strip = Strip::query()->create([
                'site_id' => $controller->site_id,
                'controller_id' => $controller->id,
                'circuit_id' => Circuit::query()->firstOrCreate(
                    ['site_id' => $controller->site_id, 'name' => $circuit],
                    ['rating_a' => 16, 'residual_ma' => 30, 'confirmed_at' => now(), 'confirmed_by' => $this->technician->id],
                )->id,
                'name' => $name,
                'own_clock' => false,
            ]);
            for ($n = 1; $n <= 5; $n++) {
                $this->outlets["{$name}{$n}"] = Outlet::query()->create([
                    'site_id' => $controller->site_id,
                    'strip_id' => $strip->id,
                    'name' => "{$name}{$n}",
                    'is_labelled' => $n < 5,
                    'confirmed_at' => now(),
                    'confirmed_by' => $this->technician->id,
                ]);
            }
        }
    }

    private function senses(Controller $controller): void
    {
        $probe = fn (string $name, string $in, string $quantity, float $step, int $ago): array => [
            'kind' => Sensor::PROBE,
            'name' => $name,
            'quantity' => $quantity,
            'resolution' => $step,
            'hangs_in' => $in,
            'calibrated_on' => now()->subDays($ago)->toDateString(),
            'calibrate_every_days' => 90,
        ];
        $float = fn (string $name, string $in, float $at): array => [
            'kind' => Sensor::FLOAT,
            'name' => $name,
            'hangs_in' => $in,
            'at' => $at,
        ];
        $all = [
            $probe('sump probe', 'sump', 'temperature', 0.1, 40),
            $probe('display probe', 'display', 'temperature', 0.1, 40),
            $probe('pH probe', 'sump', 'ph', 0.01, 270),
            $float('top-off low', 'return', 95),
            $float('top-off high', 'return', 100),
            $float('floor', 'floor', 0.5),
        ];
        foreach ($all as $one) {
            $this->sensors[$one['name']] = $controller->sensors()->create(['system_id' => $this->system->id, ...$one]);
        }
    }

    /** What the display probe has read in its last days: warm afternoons reach the guard. */
    private function lastFortnight(Controller $controller): void
    {
        for ($ago = 12; $ago >= 1; $ago--) {
            foreach ([[6, 25.3], [15, 26.2 + 0.1 * ($ago % 4)]] as [$hour, $value]) {
                $at = now()->subDays($ago)->setTime($hour, 0);
                $this->system->readings()->create([
                    'client_uuid' => (string) Str::uuid(),
                    'parameter' => Parameter::Temperature,
                    'taken_at' => $at,
                    'value' => $value,
                    'given_value' => $value,
                    'given_unit' => 'degC',
                    'method' => 'probe',
                    'instrument' => "{$controller->name}, display probe",
                    'user_id' => $this->technician->id,
                    'doubtful' => false,
                ]);
            }
        }
        Judge::again($this->system, Parameter::Temperature);
    }

    /** Where each device hangs; whatever is not named goes on hanging where its register says. */
    private function plugIn(bool $isSound): void
    {
        $plan = [
            'heater' => $isSound ? ['A1', 'B1'] : ['A1', 'A2'],
            'return-pump' => ['A3'],
            'skimmer' => ['A4'],
            'light' => ['B4'],
            'circulation-pump' => ['B2', 'B3'],
            'top-off' => ['B5'],
        ];
        foreach ($plan as $job => $names) {
            $items = $this->system->items->where('job', Job::from($job))->whereNull('retired_at')->values();
            foreach ($names as $n => $name) {
                $item = $items->get($n);
                if ($item instanceof Item) {
                    Item::query()->whereKey($item->id)->update(['outlet' => $name, 'outlet_id' => $this->outlets[$name]->id]);
                }
            }
        }
    }

    /** @return list<array<string, mixed>> */
    private function rules(bool $isSound): array
    {
        $hold = fn (string $probe, float $start, float $stop): array => [
            'kind' => 'hold', 'probe' => $this->sensors[$probe]->key(), 'startAt' => $start, 'stopAt' => $stop, 'blind' => 'off',
        ];
        // By a feeder each hour, or by hand in the evening.
        $feeding = fn (int $minutes): array => ['feeding' => [
            'state' => 'off', 's' => $minutes * 60, 'timesADay' => $isSound ? 1 : 24,
        ]];
        $refill = [
            'kind' => 'refill',
            'low' => $this->sensors['top-off low']->key(),
            'high' => $this->sensors['top-off high']->key(),
            'dryS' => 10,
            'restS' => 600,
            'litresPerH' => 60,
            ...$isSound ? ['longestS' => 240, 'mostL' => 14] : [],
        ];
        $stream = $isSound ? [] : ['pauses' => $feeding(12)];
        $second = $isSound ? 'B1' : 'A2';

        return [
            $this->outlet('A1', 'heater 1, sump', $hold('sump probe', 25.3, 25.6), 'off', ['pauses' => $feeding(12)]),
            $this->outlet($second, 'heater 2, sump', $hold('sump probe', 25.1, 25.4), 'off', ['pauses' => $feeding(12)]),
            $this->outlet('A3', 'return pump', ['kind' => 'on'], 'on', ['powerReturnS' => 10, 'pauses' => $feeding(12)]),
            $this->outlet('A4', 'skimmer', ['kind' => 'follow', 'outlet' => $this->outlets['A3']->key(), 'onDelayS' => 600], 'off', [
                'powerReturnS' => 400,
                'pauses' => $feeding($isSound ? 24 : 12),
            ]),
            $this->outlet('B2', 'stream left', ['kind' => 'on'], 'on', ['powerReturnS' => 20, ...$stream]),
            $this->outlet('B3', 'stream right', ['kind' => 'on'], 'on', ['powerReturnS' => 30, ...$stream]),
            $this->outlet('B4', 'lamps', ['kind' => 'day', 'ramp' => true, 'points' => [
                ['minute' => 600, 'level' => 'off'],
                ['minute' => 690, 'level' => 'on'],
                ['minute' => 1200, 'level' => 'on'],
                ['minute' => 1290, 'level' => 'off'],
            ]], 'off', $isSound ? ['comesBack' => 'plan'] : []),
            $this->outlet('B5', 'top-off', $refill, 'off', $isSound ? ['pauses' => $feeding(20)] : []),
        ];
    }

    /**
     * @param  array<string, mixed>  $rule
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function outlet(string $name, string $place, array $rule, string $lost, array $more = []): array
    {
        return ['id' => $this->outlets[$name]->key(), 'place' => $place, 'rule' => $rule, 'lostLink' => $lost, ...$more];
    }

    /** @return list<array<string, mixed>> */
    private function guards(bool $isSound): array
    {
        $heater = $this->outlets['A1']->key();

        return [[
            'id' => "{$heater}-1",
            'outlet' => $heater,
            'when' => [['probe' => $this->sensors[$isSound ? 'display probe' : 'sump probe']->key(), 'above' => $isSound ? 26.8 : 26.0]],
            'forS' => 60,
            'then' => 'off',
            'rank' => 'animals',
            'blind' => 'off',
        ]];
    }

    private function alarms(Controller $controller, bool $isSound): void
    {
        $people = $isSound ? [$this->technician->id, $this->planner->id] : [$this->technician->id];
        $alarm = function (string $name, array $more) use ($controller, $people): void {
            $kept = Alarm::query()->create([
                'system_id' => $this->system->id,
                'controller_id' => $controller->id,
                'name' => $name,
                'watches' => [],
                'delay_min' => 10,
                'on_its_own' => false,
                'tested_on' => now()->subDays(30)->toDateString(),
                ...$more,
            ]);
            foreach ($people as $n => $id) {
                $kept->calls()->create(['user_id' => $id, 'position' => $n + 1]);
            }
        };
        $alarm('Display too cold', [
            'quantity' => 'temperature',
            'sensor_id' => $this->sensors['display probe']->id,
            'low_limit' => 24.5,
            'message' => 'The display cools. Look at both heaters, then at the return; the spare heater is in the cabinet.',
        ]);
        $alarm('Display too warm', [
            'quantity' => 'temperature',
            'sensor_id' => $this->sensors['display probe']->id,
            'high_limit' => 27.5,
            'message' => 'The display warms. Pull the plug of heater 1, open the hood.',
        ]);
        $alarm('Water on the floor', [
            'quantity' => 'leak',
            'sensor_id' => $this->sensors['floor']->id,
            'is_lowest' => true,
            'delay_min' => 0,
            'message' => 'Breaker of the wet gear off first, from a dry place. Then the top-off.',
        ]);
        if ($isSound) {
            $alarm('Cabinet silent', [
                'delay_min' => 15,
                'message' => 'Nothing is heard from the cabinet: power, or its line. Ring the restaurant.',
            ]);
            $alarm('Heater guard has acted', [
                'act' => "{$this->outlets['A1']->key()}-1",
                'message' => 'Heater 1 was cut. Somebody looks before it goes on again.',
            ]);
        }
    }
}
