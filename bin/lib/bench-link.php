<?php

// Makes devices for the measurement of the link, and counts afterwards what is stored and how fast the alarm called.

declare(strict_types=1);

use App\Alerts\Alarm;
use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Systems\System;
use App\Team\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

/** A device with five sensors and two alarms at each of the first places. */
function prepare(int $count): void
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
                'low_limit' => 24.0, 'delay_min' => 0.1, 'message' => 'Look.']);
            $alarm->calls()->create(['user_id' => $user->id, 'position' => 1]);
        }
        $token = LinkDevice::token();
        LinkDevice::query()->create(['controller_id' => $controller->id, 'name' => "Bench {$n}", 'kind' => 'real',
            'token_hash' => LinkDevice::hashOf($token), 'user_id' => $user->id]);
        $devices[] = ['token' => $token, 'sensors' => $keys];
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

match ($argv[1] ?? '') {
    'prepare' => prepare((int) ($argv[2] ?? 40)),
    'count' => counted($argv[2] ?? ''),
    default => exit(64),
};
