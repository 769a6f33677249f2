<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Systems\System;
use Illuminate\Support\Facades\DB;

/** Writes an alarm down, or what changed of it, with the people it calls in their order. */
final class KeepAlarm
{
    /** What a test was made with: whoever changes it has an untested alarm. */
    private const TESTED_WITH = [
        'quantity',
        'low_limit',
        'high_limit',
        'delay_min',
        'rate_per_h',
        'most_w',
        'is_frozen',
        'controller_id',
        'sensor_id',
        'outlet_id',
        'act',
    ];

    /** @param  array<string, mixed>  $given */
    public static function of(System $system, array $given, ?Alarm $alarm = null): Alarm
    {
        $calls = is_array($given['calls'] ?? null) ? array_values($given['calls']) : [];
        $own = array_diff_key($given, ['calls' => 1]);

        return DB::transaction(function () use ($system, $alarm, $own, $calls): Alarm {
            $kept = $alarm ?? new Alarm(['system_id' => $system->id]);
            $before = $kept->exists ? $kept->calls()->pluck('user_id')->all() : [];
            $kept->fill($own);
            if ($kept->isDirty(self::TESTED_WITH) || ($kept->exists && $before != $calls)) {
                $kept->tested_on = null;
            }
            $kept->save();
            $kept->calls()->delete();
            foreach ($calls as $i => $userId) {
                $kept->calls()->create(['user_id' => $userId, 'position' => $i + 1]);
            }

            return $kept;
        });
    }
}
