<?php

declare(strict_types=1);

namespace Tests;

use App\Alerts\Alarm;
use App\Alerts\Live\AlarmEvent;
use App\Build\Plan;
use App\Clients\Site;
use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Orders\OrderState;
use App\Control\Orders\OutletOrder;
use App\Control\Outlet;
use App\Control\Strip;
use App\Demo\Builds;
use App\House\Days;
use App\Moves\Works\MarkWork;
use App\Moves\Works\StartWork;
use App\Moves\Works\Work;
use App\Reports\DraftReport;
use App\Reports\Report;
use App\Rounds\Crew;
use App\Rounds\Task;
use App\Rounds\TaskStart;
use App\Rounds\TaskType;
use App\Rounds\Vehicle;
use App\Rounds\Visit;
use App\Systems\Stock\Animal;
use App\Systems\Stock\KeepAnimal;
use App\Systems\System;
use App\Systems\SystemFacts;
use App\Systems\SystemStart;
use App\Team\OnCall;
use App\Team\User;
use App\Water\Depot;
use App\Water\SaltMix;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Velbrin\Core\Moves\Work\Todo;
use Velbrin\Core\Moves\Work\WorkKind;
use Velbrin\Core\Moves\Work\WorkVerb;

/** Records the tests share. */
final class Fixture
{
    /** @param  array<string, float|string>  $changed */
    public static function plan(Site $site, User $user, array $changed = [], string $build = 'standard'): Plan
    {
        $values = [...Builds::facts($build), ...Builds::cabinet($build), ...$changed];
        self::door($site);

        return Plan::query()->create([
            'site_id' => $site->id,
            'name' => 'Plan '.uniqid(),
            'user_id' => $user->id,
            'revision' => 1,
            'draft' => ['values' => $values, 'bases' => [], 'chambers' => Builds::chambers($build)],
        ]);
    }

    /** A way in that every usual piece passes. */
    public static function door(Site $site): void
    {
        $site
            ->passages()
            ->firstOrCreate(['name' => 'Front door'], ['width_mm' => 880.0, 'height_mm' => 2000.0, 'position' => 0]);
    }

    public static function system(Site $site, User $user, string $name = 'Reef', string $regime = 'natural'): System
    {
        $system = SystemStart::directly(
            $site,
            ['name' => $name, 'kind' => 'mixed reef', 'regime' => $regime, 'started_precision' => 'day'],
            $user,
        );
        SystemFacts::write($system, Builds::facts('standard'), [], Builds::chambers('standard'));

        return $system->refresh();
    }

    /** @param  array<string, mixed>  $more */
    public static function animal(System $system, User $user, array $more = []): Animal
    {
        return KeepAnimal::enters($system, [
            'name' => 'Chromis',
            'kind' => 'fish',
            'count' => 3,
            'length_cm' => 10.0,
            'deep' => false,
            'state' => 'here',
            ...$more,
        ], $user);
    }

    /** A lamp is exchanged, one step of it said. */
    public static function work(System $system, User $user): Work
    {
        $lamp = $system->items()->create(['job' => 'light', 'name' => 'Old lamp', 'watts' => 90, 'plug_label' => 'L1']);
        $work = StartWork::of(
            system: $system,
            kind: WorkKind::Lamp,
            verb: WorkVerb::Replace,
            name: 'New lamp',
            facts: [],
            item: $lamp,
            vessel: null,
            on: null,
            user: $user,
        );
        MarkWork::of($work, [
            'uuid' => (string) Str::uuid(),
            'step' => Todo::LightRead,
            'value' => null,
            'answer' => null,
            'words' => null,
            'photo' => null,
            'at' => CarbonImmutable::now(),
        ], $user);

        return $work->refresh();
    }

    /** A head with one strip of six outlets, two probes and two switches. */
    public static function controller(Site $site): Controller
    {
        $n = Controller::query()->count() + 1;
        $controller = Controller::query()->create(['site_id' => $site->id, 'name' => "Head {$n}"]);
        $strip = Strip::query()->create(['site_id' => $site->id, 'controller_id' => $controller->id, 'name' => "S{$n}-"]);
        for ($plug = 1; $plug <= 6; $plug++) {
            Outlet::query()->create([
                'site_id' => $site->id,
                'strip_id' => $strip->id,
                'name' => "S{$n}-{$plug}",
                'is_labelled' => true,
                'confirmed_at' => now(),
            ]);
        }
        $system = $site->hasMany(System::class)->first();
        foreach (['sump', 'display'] as $in) {
            $controller->sensors()->create([
                'kind' => 'probe',
                'name' => "{$in} probe",
                'quantity' => 'temperature',
                'resolution' => 0.1,
                'hangs_in' => $in,
                'system_id' => $system?->getKey(),
                'calibrated_on' => Days::text(),
                'calibrate_every_days' => 90,
            ]);
        }
        foreach (['low' => 95, 'high' => 100] as $name => $at) {
            $controller->sensors()->create(['kind' => 'switch', 'name' => $name, 'hangs_in' => 'return', 'at' => $at]);
        }

        return $controller->refresh();
    }

    public static function device(Controller $controller, User $user, string $token = 'vl_test', string $kind = 'simulated'): LinkDevice
    {
        return LinkDevice::query()->create([
            'controller_id' => $controller->id,
            'name' => 'Device '.LinkDevice::query()->count(),
            'kind' => $kind,
            'token_hash' => LinkDevice::hashOf($token === 'vl_test' ? 'vl_test'.uniqid() : $token),
            'user_id' => $user->id,
        ]);
    }

    public static function outletOrder(Controller $controller, User $user): OutletOrder
    {
        return OutletOrder::query()->create([
            'controller_id' => $controller->id,
            'outlet_id' => $controller->strips()->firstOrFail()->outlets()->firstOrFail()->id,
            'level' => 0,
            'for_s' => 1200,
            'because' => 'its cup is full',
            'user_id' => $user->id,
            'state' => OrderState::Asked,
            'expires_at' => now()->addMinutes(2),
        ]);
    }

    public static function alarmEvent(System $system): AlarmEvent
    {
        $alarm = Alarm::query()->create(['system_id' => $system->id, 'name' => 'Too cold', 'watches' => []]);

        return AlarmEvent::query()->create([
            'alarm_id' => $alarm->id,
            'at' => now(),
            'raised_at' => now(),
            'words' => 'It cools.',
        ]);
    }

    public static function mix(): SaltMix
    {
        return SaltMix::query()->firstOrCreate(
            ['name' => 'Plain'],
            ['grams_per_l' => 38.5, 'usable_from_h' => 4, 'usable_until_h' => 336],
        );
    }

    public static function depot(): Depot
    {
        return Depot::query()->firstOrCreate(
            ['name' => 'Yard'],
            [
                'lat' => 53.6,
                'lon' => 1.6,
                'ro_rated_ld' => 1200,
                'feed_c' => 15,
                'ro_stored_l' => 400,
                'ro_tank_l' => 600,
                'vessels_l' => [300, 300],
                'heat_w' => 2000,
                'target_c' => 25,
                'reserve_ro_l' => 0,
            ],
        );
    }

    /** A crew that drives every day, of these people or of nobody. */
    /** Whoever is on call writes everywhere. */
    public static function onCall(User $technician): User
    {
        OnCall::query()->create([
            'user_id' => $technician->id,
            'from_on' => Days::today()->subDay()->toDateString(),
            'until_on' => Days::today()->addDays(400)->toDateString(),
            'position' => 1,
        ]);

        return $technician;
    }

    public static function crew(User ...$members): Crew
    {
        $n = Crew::query()->count() + 1;
        $vehicle = Vehicle::query()->create(['name' => "Van {$n}", 'payload_kg' => 900, 'salt_l' => 300, 'ro_l' => 60]);
        $crew = Crew::query()->create([
            'name' => "Crew {$n}",
            'depot_id' => self::depot()->id,
            'vehicle_id' => $vehicle->id,
            'from_on' => '2020-01-01',
        ]);
        $crew->members()->sync(array_map(fn (User $u): int => $u->id, $members));

        return $crew->refresh();
    }

    public static function taskType(string $key): TaskType
    {
        return TaskStart::kind($key);
    }

    public static function task(System $system, string $key, int $daysAgo = 14): Task
    {
        $type = self::taskType($key);
        $task = new Task([
            'system_id' => $system->id,
            'task_type_id' => $type->id,
            'every_days' => $type->every_days,
            'last_done_on' => Days::today()->subDays($daysAgo)->toDateString(),
        ]);
        $task->setRelation('type', $type)->settle();
        $task->save();

        return $task->refresh();
    }

    /** A planned visit of today with these jobs of one system. */
    public static function visit(System $system, ?Crew $crew = null, string ...$keys): Visit
    {
        $today = Days::today();
        $visit = Visit::query()->create([
            'site_id' => $system->site_id,
            'crew_id' => $crew?->id,
            'planned_on' => $crew === null ? null : $today->toDateString(),
            'starts_at' => $crew === null ? null : Days::moment($today->toDateString(), 540),
            'minutes' => 60,
            'state' => $crew === null ? Visit::OPEN : Visit::PLANNED,
            'earliest_on' => $today->subDays(2)->toDateString(),
            'due_on' => $today->toDateString(),
            'latest_on' => $today->addDays(9)->toDateString(),
            'skills' => [],
            'kg' => 15,
        ]);
        foreach ($keys as $key) {
            $task = self::task($system, $key);
            $visit
                ->tasks()
                ->create([
                    'system_id' => $system->id,
                    'task_id' => $task->id,
                    'task_type_id' => $task->task_type_id,
                    'minutes' => 10,
                    'steps' => [],
                    'litres' => $key === 'change' ? 40 : null,
                    'reason' => $key === 'change' ? 'routine' : null,
                ]);
        }

        return $visit->refresh();
    }

    /** The report of a closed visit, with a photo. */
    public static function report(System $system, User $by, bool $sent): Report
    {
        $visit = self::visit($system, null, 'glass');
        $visit->tasks()->update(['state' => 'done', 'done_at' => now(), 'done_by' => $by->id]);
        $visit->update([
            'state' => Visit::CLOSED,
            'opened_at' => now()->subHour(),
            'closed_at' => now(),
            'closed_by' => $by->id,
            'actual_min' => 60,
        ]);
        Storage::disk('local')->put(
            'attachments/photo',
            (string) base64_decode(
                'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
                true,
            ),
        );
        $visit
            ->attachments()
            ->create([
                'kind' => 'photo',
                'original_name' => 'a.png',
                'mime' => 'image/png',
                'bytes' => 70,
                'sha256' => str_repeat('1', 64),
                'path' => 'attachments/photo',
                'user_id' => $by->id,
            ]);
        $report = DraftReport::of($visit);
        if ($sent) {
            $report->update(['sent_at' => now(), 'sent_by' => $by->id, 'sent_to' => ['a@b.example']]);
        }

        return $report->refresh();
    }
}
