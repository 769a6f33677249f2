<?php

// Makes devices for the measurement of the link, and counts afterwards what is stored and how fast the alarm called.

declare(strict_types=1);

use App\Alerts\Alarm;
use App\Control\Activate;
use App\Control\Controller;
use App\Control\KeepDraft;
use App\Control\Link\LinkDevice;
use App\Control\Outlet;
use App\Control\Strip;
use App\Systems\System;
use App\Team\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

/** A device with five sensors and two alarms at each of the first places. */
function prepare(int $count, float $delayMin): void
{
    $user = User::query()->firstOrFail();
    $devices = [];
    foreach (System::query()->orderBy('id')->limit($count)->get() as $n => $system) {
        $controller = Controller::query()->create(['site_id' => $system->site_id, 'name' => "Bench {$n}"]);
        $keys = [];
        foreach (['temperature', 'temperature', 'ph', 'salinity', 'oxygen'] as $s => $quantity) {
            $keys[] = $controller->sensors()->create(['system_id' => $system->id, 'kind' => 'probe', 'name' => "probe {$s}",
                'quantity' => $quantity, 'resolution' => 0.1, 'hangs_in' => 'sump'])->key();
        }
        foreach ([0, 1] as $s) {
            $alarm = Alarm::query()->create(['system_id' => $system->id, 'controller_id' => $controller->id,
                'sensor_id' => (int) substr($keys[$s], 1), 'name' => "Bench cold {$s}", 'watches' => [], 'quantity' => 'temperature',
                'low_limit' => 24.0, 'delay_min' => $delayMin, 'message' => 'Look.']);
            $alarm->calls()->create(['user_id' => $user->id, 'position' => 1]);
        }
        $token = LinkDevice::token();
        LinkDevice::query()->create(['controller_id' => $controller->id, 'name' => "Bench {$n}", 'kind' => 'real',
            'token_hash' => LinkDevice::hashOf($token), 'user_id' => $user->id]);
        $devices[] = ['name' => "Bench {$n}", 'token' => $token, 'sensors' => $keys];
    }
    echo json_encode($devices);
}

/** What was sent against what is stored. */
function counted(string $file): void
{
    $sent = json_decode((string) file_get_contents($file), true);
    $stored = DB::table('link_rows')->where('run', 'bench')->count();
    $event = DB::table('alarm_events')->join('alarms', 'alarms.id', '=', 'alarm_events.alarm_id')->where('alarms.name', 'like', 'Bench cold%')
        ->orderBy('alarm_events.id')->first();
    $message = DB::table('gateway_messages')->orderBy('id')->first();
    $seconds = fn (?string $at): float => $at === null ? NAN : (float) (new DateTimeImmutable("{$at} UTC"))->format('U.v');
    printf(
        '%d rows acknowledged, %d stored, %.0f rows/s over %.0f s; batch p50 %.1f ms, p95 %.1f ms, p99 %.1f ms, worst %.0f ms; %d failed; '.
            "%d alarms raised; first one from its last row to the gateway %.2f s\n",
        $sent['stored'], $stored, $sent['measured'] / $sent['seconds'], $sent['seconds'], $sent['p50'], $sent['p95'], $sent['p99'], $sent['worst'],
        $sent['failed'], DB::table('alarm_events')->count(), $seconds($message->at ?? null) - $seconds($event->raised_at ?? null),
    );
    exit($stored === $sent['stored'] && $sent['failed'] === 0 ? 0 : 1);
}

/** A simulated controller with a heater, a return and two probes at each of the first systems. */
function simulated(int $count): void
{
    $user = User::query()->firstOrFail();
    foreach (System::query()->with('items')->whereHas('vessels')->orderBy('id')->limit($count)->get() as $n => $system) {
        $controller = Controller::query()->create(['site_id' => $system->site_id, 'name' => "Bench {$n}"]);
        $strip = Strip::query()->create(['site_id' => $system->site_id, 'controller_id' => $controller->id, 'name' => "bench {$n}"]);
        $probe = fn (string $in) => $controller->sensors()->create(['system_id' => $system->id, 'kind' => 'probe', 'name' => "probe {$in}",
            'quantity' => 'temperature', 'resolution' => 0.1, 'hangs_in' => $in])->key();
        $hold = ['kind' => 'hold', 'probe' => $probe('sump'), 'startAt' => 25.0, 'stopAt' => 25.4, 'blind' => 'off'];
        $probe('display');
        $outlets = [];
        foreach (['heater' => $hold, 'return-pump' => ['kind' => 'on'], 'skimmer' => ['kind' => 'on']] as $job => $rule) {
            $outlet = Outlet::query()->create(['site_id' => $system->site_id, 'strip_id' => $strip->id, 'name' => "bench {$n} {$job}"]);
            $system->items()->where('job', $job)->limit(1)->update(['outlet_id' => $outlet->id]);
            $outlets[] = ['id' => $outlet->key(), 'place' => $job, 'rule' => $rule, 'lostLink' => 'off'];
        }
        KeepDraft::of($controller, ['outlets' => $outlets, 'guards' => []], 0, $user);
        Activate::of($controller, 'Bench.', $user);
        LinkDevice::query()->create(['controller_id' => $controller->id, 'name' => "Bench {$n}", 'kind' => LinkDevice::SIMULATED,
            'token_hash' => LinkDevice::hashOf(LinkDevice::token()), 'user_id' => $user->id]);
    }
}

/** After kills: every row acknowledged is stored, once; every call that was due has gone out, once. */
function settled(string $file): void
{
    $sent = json_decode((string) file_get_contents($file), true);
    foreach ($sent['acknowledged'] as $name => $rows) {
        $stored = DB::table('link_rows')
            ->join('link_devices', 'link_devices.id', '=', 'link_rows.link_device_id')
            ->where('link_devices.name', $name)
            ->where('link_rows.run', 'kills');
        $missing = $rows - (clone $stored)->where('seq', '<', $rows)->distinct()->count('seq');
        $twice = (clone $stored)->count() - (clone $stored)->distinct()->count('seq');
        if ($rows === 0 || $missing > 0 || $twice > 0) {
            fwrite(STDERR, "{$name}: {$rows} rows acknowledged, {$missing} lost, {$twice} twice.\n");
            exit(1);
        }
    }
    $roots = DB::table('alarm_events')->whereNull('joined_id')->count();
    $called = fn () => DB::table('alarm_notices')->whereNotNull('sent_at')->count();
    $open = fn () => DB::table('alarm_notices')->whereNull('sent_at')->whereNull('dropped_at')->where('due_at', '<=', now())->count();
    for ($n = 0; $n < 100 && $open() > 0; $n++) {
        usleep(100_000);
    }
    $messages = DB::table('gateway_messages')->count();
    $once = DB::table('gateway_messages')->distinct()->count('alarm_notice_id');
    if ($roots === 0 || $open() > 0 || $messages !== $called() || $messages !== $once) {
        fwrite(STDERR, "{$roots} alarms, {$called()} calls, {$open()} still due, {$messages} handed over, {$once} of them different.\n");
        exit(1);
    }
    printf(
        "%d kills: of %d acknowledged rows none is lost or there twice, %d batches were sent again; %d calls went out, each once.\n",
        $sent['killed'],
        array_sum($sent['acknowledged']),
        $sent['again'],
        $messages,
    );
}

match ($argv[1] ?? '') {
    'simulated' => simulated((int) ($argv[2] ?? 40)),
    'stored' => print(DB::table('link_rows')->count().' rows stored, '.DB::table('link_held')->count()." held back\n"),
    'settled' => settled($argv[2] ?? ''),
    'prepare' => prepare((int) ($argv[2] ?? 40), (float) ($argv[3] ?? 0.1)),
    'count' => counted($argv[2] ?? ''),
    default => exit(64),
};
