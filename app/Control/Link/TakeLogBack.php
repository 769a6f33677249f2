<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Sensor;
use App\Systems\AmmoniaWatch;
use App\Systems\Judge;
use App\Systems\Reading;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Chemistry\DayMedian;
use Velbrin\Core\Chemistry\Measured;

/** A log that was the wrong file or the wrong column: its rows stay and count no more, what was made of them is marked. */
final class TakeLogBack
{
    /** @return bool false: it was taken back before */
    public static function of(LinkDevice $log, string $because, User $user): bool
    {
        $isDone = DB::transaction(function () use ($log, $because, $user): bool {
            $locked = LinkDevice::query()->lockForUpdate()->findOrFail($log->id);
            if ($locked->taken_back_at !== null) {
                return false;
            }
            $locked->update(['taken_back_at' => now(), 'taken_back_by' => $user->id, 'taken_back_because' => $because]);
            self::mark($locked);

            return true;
        });
        if ($isDone && $log->log_from !== null && $log->log_to !== null) {
            // What else was reported of those days makes readings of its own again.
            DayReadings::dispatch($log->controller_id, $log->log_from->toDateString(), $log->log_to->toDateString());
        }

        return $isDone;
    }

    private static function mark(LinkDevice $log): void
    {
        foreach (Sensor::query()->where('controller_id', $log->controller_id)->with('system.site')->get() as $sensor) {
            $system = $sensor->system;
            $days = $system === null ? [] : self::days($log, $sensor, $system->site->timezone ?? 'UTC');
            if ($system === null || $days === []) {
                continue;
            }
            $names = [];
            foreach ($days as $day) {
                foreach (DayMedian::halves() as $half) {
                    $names[] = DayReadingName::of($sensor, $day, $half);
                }
            }
            $readings = Reading::query()->whereIn('client_uuid', $names)->whereNull('marked_at')->get();
            foreach ($readings as $reading) {
                $reading->update([
                    'marked_at' => now(),
                    'marked_reason' => mb_substr("{$log->name} taken back: {$log->taken_back_because}", 0, 200),
                    'marked_log_id' => $log->id,
                ]);
            }
            foreach ($readings->map(fn (Reading $r): Measured => $r->parameter)->unique()->all() as $parameter) {
                Judge::again($system, $parameter);
                AmmoniaWatch::hangsOn($parameter) && AmmoniaWatch::again($system);
            }
        }
    }

    /** @return list<CarbonImmutable> of the place, in which it has a value of that probe */
    private static function days(LinkDevice $log, Sensor $sensor, string $zone): array
    {
        $days = DB::table('link_rows')
            ->where('link_device_id', $log->id)
            ->where('channel', $sensor->key())
            ->pluck('at')
            ->map(fn (mixed $at): string => CarbonImmutable::parse(is_string($at) ? $at : '', 'UTC')->setTimezone($zone)->toDateString())
            ->unique();

        return array_values($days->map(fn (string $d): CarbonImmutable => CarbonImmutable::parse($d, $zone))->all());
    }
}
