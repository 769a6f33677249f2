<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Systems\System;
use Illuminate\Support\Facades\DB;

/** Writes an alarm down, or what changed of it, with the people it calls in their order. */
final class KeepAlarm
{
    /** @param  array<string, mixed>  $given */
    public static function of(System $system, array $given, ?Alarm $alarm = null): Alarm
    {
        $calls = is_array($given['calls'] ?? null) ? array_values($given['calls']) : [];
        $own = array_diff_key($given, ['calls' => 1]);

        return DB::transaction(function () use ($system, $alarm, $own, $calls): Alarm {
            $kept = $alarm ?? new Alarm(['system_id' => $system->id]);
            $kept->fill($own)->save();
            $kept->calls()->delete();
            foreach ($calls as $i => $userId) {
                $kept->calls()->create(['user_id' => $userId, 'position' => $i + 1]);
            }

            return $kept;
        });
    }
}
