<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\House\Trail;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Somebody has answered: whoever would have been called next is left to sleep for an hour. The alarm itself goes on until it is
 * over; what is still so then calls again.
 */
final class Acknowledge
{
    /** An answer holds so long, min. */
    public const SILENT_MIN = 60;

    public static function of(AlarmEvent $event, User $user): void
    {
        DB::transaction(function () use ($event, $user): void {
            $root = AlarmEvent::query()->lockForUpdate()->findOrFail($event->joined_id ?? $event->id);
            if ($root->acknowledged_at !== null) {
                return;
            }
            $now = CarbonImmutable::now();
            AlarmEvent::query()
                ->where(fn ($q) => $q->whereKey($root->id)->orWhere('joined_id', $root->id))
                ->whereNull('acknowledged_at')
                ->update([
                    'acknowledged_at' => $now,
                    'acknowledged_by' => $user->id,
                    'silent_until' => $now->addMinutes(self::SILENT_MIN)->format('Y-m-d H:i:s.v'),
                ]);
            AlarmNotice::query()
                ->where('alarm_event_id', $root->id)
                ->whereNull('sent_at')
                ->update(['dropped_at' => $now->format('Y-m-d H:i:s.v')]);
            Trail::write('alarm answered', 'alarm-answered', $root->alarm, ['event' => $root->id]);
        });
    }
}
