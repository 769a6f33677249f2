<?php

declare(strict_types=1);

namespace App\Demo;

use App\Alerts\Alarm;
use App\Control\Activate;
use App\Control\Circuit;
use App\Control\Controller;
use App\Control\KeepDraft;
use App\Control\Link\LinkDevice;
use App\Control\Link\TakeBatch;
use App\Control\Outlet;
use App\Control\Sensor;
use App\Control\Strip;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Link\LinkClock;
use Velbrin\Core\Control\Plant\FaultKind;

/**
 * A shop whose controller has all that goes wrong quietly: a return that hunts, a filling line that may run for a day, a relay that has
 * welded under its guard, a counter that began anew; and in the living room a backup that hides a dead heater.
 */
final class ControlStories
{
    /** Rows of each of the two runs. */
    private const ROWS = 20;

    private const EVERY_S = 60;

    /** @var array<string, Outlet> by name */
    private array $outlets = [];

    /** @var array<string, Sensor> by name */
    private array $sensors = [];

    private function __construct(private readonly System $system, private readonly User $planner)
    {
    }

    public static function make(User $planner): void
    {
        self::backupHidesADeadHeater();
        $shop = System::query()->where('name', 'Show tank')->with(['items', 'vessels', 'site'])->first();
        if ($shop !== null) {
            (new self($shop, $planner))->tell();
        }
    }

    private static function backupHidesADeadHeater(): void
    {
        $heater = Outlet::query()
            ->where('name', 'A1')
            ->whereHas('items', fn ($i) => $i->whereHas('system', fn ($s) => $s->where('name', 'Living room')))
            ->first();
        if ($heater !== null) {
            LinkDevice::query()
                ->where('controller_id', $heater->strip()->value('controller_id'))
                ->get()
                ->each(fn (LinkDevice $d) => $d->update(['breaks' => [['kind' => FaultKind::LoadDead->value, 'of' => $heater->key()]]]));
        }
    }

    private function tell(): void
    {
        $controller = Controller::query()->create([
            'site_id' => $this->system->site_id,
            'name' => 'Shop',
            'note' => 'Behind the counter, above the mixing barrel.',
        ]);
        $this->supply($controller);
        $this->senses($controller);
        $this->plugIn();
        KeepDraft::of($controller, ['outlets' => $this->rules(), 'guards' => $this->guards()], 0, $this->planner);
        Activate::of($controller, 'As the shop had it when it became ours.', $this->planner);
        $alarm = Alarm::query()->create([
            'system_id' => $this->system->id,
            'controller_id' => $controller->id,
            'name' => 'Show tank too warm',
            'watches' => [],
            'quantity' => 'temperature',
            'sensor_id' => $this->sensors['display probe']->id,
            'high_limit' => 27.5,
            'delay_min' => 10,
            'on_its_own' => false,
            'message' => 'The show tank warms. Pull the plug of the heater: its relay may have welded.',
        ]);
        $alarm->calls()->create(['user_id' => $this->planner->id, 'position' => 1]);
        $device = LinkDevice::query()->create([
            'controller_id' => $controller->id,
            'name' => 'Shop, Show tank',
            'kind' => LinkDevice::SIMULATED,
            'token_hash' => LinkDevice::hashOf(LinkDevice::token()),
            'every_s' => 15,
            'user_id' => $this->planner->id,
            'breaks' => [['kind' => FaultKind::RelayWelded->value, 'of' => $this->outlets['heater']->key()]],
        ]);
        $this->counterBeganAnew($device);
    }

    private function supply(Controller $controller): void
    {
        $circuit = Circuit::query()->create([
            'site_id' => $controller->site_id,
            'name' => 'shop, back wall',
            'rating_a' => 16,
            'confirmed_at' => now(),
            'confirmed_by' => $this->planner->id,
        ]);
        $strip = Strip::query()->create([
            'site_id' => $controller->site_id,
            'controller_id' => $controller->id,
            'circuit_id' => $circuit->id,
            'name' => 'counter',
            'own_clock' => false,
        ]);
        foreach (['heater', 'return', 'skimmer', 'filling line'] as $n => $name) {
            $this->outlets[$name] = Outlet::query()->create([
                'site_id' => $controller->site_id,
                'strip_id' => $strip->id,
                'name' => 'C'.($n + 1),
                'is_labelled' => $n < 3,
                'confirmed_at' => now(),
                'confirmed_by' => $this->planner->id,
            ]);
        }
    }

    private function senses(Controller $controller): void
    {
        $probe = ['kind' => Sensor::PROBE, 'quantity' => 'temperature', 'resolution' => 0.1, 'calibrate_every_days' => 365,
            'calibrated_on' => now()->subDays(90)->toDateString()];
        $float = ['kind' => Sensor::FLOAT];
        $all = [
            'sump probe' => ['hangs_in' => 'sump'] + $probe,
            'display probe' => ['hangs_in' => 'display'] + $probe,
            'return dry' => ['hangs_in' => 'return', 'at' => 60] + $float,
            'barrel low' => ['hangs_in' => 'store', 'at' => 20] + $float,
            'barrel high' => ['hangs_in' => 'store', 'at' => 45] + $float,
        ];
        foreach ($all as $name => $one) {
            $this->sensors[$name] = $controller->sensors()->create(['system_id' => $this->system->id, 'name' => $name, ...$one]);
        }
    }

    private function plugIn(): void
    {
        $line = $this->system->items()->create([
            'job' => Job::RoUnit,
            'name' => 'Filling line of the barrel',
            'watts' => 15,
            'installed_precision' => 'about',
            'ro_span_l' => 25,
            'ro_lh' => 8,
            'ro_limit_min' => 1440,
            'ro_takes_l' => 10,
            'ro_float' => false,
            'ro_feed_stop' => false,
        ]);
        $first = fn (Job $job): ?Item => $this->system->items->where('job', $job)->whereNull('retired_at')->first();
        $hangs = [
            'heater' => $first(Job::Heater),
            'return' => $first(Job::ReturnPump),
            'skimmer' => $first(Job::Skimmer),
            'filling line' => $line,
        ];
        foreach ($hangs as $name => $item) {
            $item?->update(['outlet' => $this->outlets[$name]->name, 'outlet_id' => $this->outlets[$name]->id]);
        }
    }

    /** @return list<array<string, mixed>> */
    private function rules(): array
    {
        $outlet = fn (string $name, string $place, array $rule, string $lost): array => [
            'id' => $this->outlets[$name]->key(),
            'place' => $place,
            'rule' => $rule,
            'lostLink' => $lost,
        ];
        $hold = ['kind' => 'hold', 'probe' => $this->sensors['sump probe']->key(), 'startAt' => 25.2, 'stopAt' => 25.6, 'blind' => 'off'];
        // A whole day: nobody is told before a barrel has run over for hours.
        $fill = ['kind' => 'refill', 'low' => $this->sensors['barrel low']->key(), 'high' => $this->sensors['barrel high']->key(),
            'dryS' => 30, 'longestS' => 86_400, 'restS' => 0, 'litresPerH' => 8];

        return [
            $outlet('heater', 'heater, sump', $hold, 'off'),
            $outlet('return', 'return pump', ['kind' => 'on'], 'on'),
            $outlet('skimmer', 'skimmer', ['kind' => 'follow', 'outlet' => $this->outlets['return']->key(), 'onDelayS' => 600], 'off'),
            $outlet('filling line', 'filling line, barrel', $fill, 'off'),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function guards(): array
    {
        $dry = ['switch' => $this->sensors['return dry']->key(), 'closed' => false];
        $guard = fn (string $name, array $when, array $more): array => [
            'id' => "{$this->outlets[$name]->key()}-1",
            'outlet' => $this->outlets[$name]->key(),
            'when' => [$when],
            'then' => 'off',
            'blind' => 'off',
            ...$more,
        ];

        return [
            // It lifts the chamber as it stops the pump, clears itself and starts again.
            $guard('return', $dry, ['forS' => 5, 'rank' => 'equipment', 'clears' => [...$dry, 'closed' => true]]),
            $guard('heater', ['probe' => $this->sensors['display probe']->key(), 'above' => 26.8], ['forS' => 60, 'rank' => 'animals']),
        ];
    }

    /** The device lost its counter and counts from nought again: another run, and none of its rows is taken for a repeat. */
    private function counterBeganAnew(LinkDevice $device): void
    {
        $nowS = (float) now()->format('U');
        foreach (['before the cut', 'after the cut'] as $n => $run) {
            $firstS = $nowS - (2 - $n) * self::ROWS * self::EVERY_S;
            $rows = array_map(fn (int $seq): array => [
                'seq' => $seq,
                'boot' => 0,
                'at' => $firstS + $seq * self::EVERY_S,
                'kind' => 'reading',
                'id' => $this->sensors['display probe']->key(),
                'value' => 25.4 + 0.1 * (($seq >> 2) % 2),
            ], range(0, self::ROWS - 1));
            TakeBatch::of($device, str_replace(' ', '-', $run), new LinkClock($nowS, 0, null, 0.0, null), $rows, 0.0);
        }
    }
}
