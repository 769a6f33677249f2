<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;

/** An emergency starts a visit now: for whoever goes, with its own job, outside every plan (S-52). */
final class CallOut
{
    /** Planned for a first look. */
    private const MINUTES = 45.0;

    public function start(System $system, string $text, User $by, ?Crew $crew): Visit
    {
        return DB::transaction(function () use ($system, $text, $by, $crew): Visit {
            $today = Days::text();
            $type = TaskStart::kind('call-out');
            $mine =
                $crew ??
                Crew::query()
                    ->where('from_on', '<=', $today)
                    ->where(fn ($q) => $q->whereNull('until_on')->orWhere('until_on', '>=', $today))
                    ->whereHas('members', fn ($m) => $m->whereKey($by->id))
                    ->orderBy('id')
                    ->first();
            $goesNow = $crew === null;
            $follow = FollowUp::query()->create([
                'system_id' => $system->id,
                'task_type_id' => $type->id,
                'kind' => 'call-out',
                'text' => $text,
                'owner_id' => $by->id,
                'due_on' => $today,
                'on_site' => true,
                'minutes' => self::MINUTES,
            ]);
            $visit = Visit::query()->create([
                'site_id' => $system->site_id,
                'crew_id' => $mine?->id,
                'called_out' => true,
                'pinned' => true,
                'state' => $goesNow ? Visit::UNDERWAY : Visit::PLANNED,
                'planned_on' => $today,
                'starts_at' => now(),
                'position' => 0,
                'opened_at' => $goesNow ? now() : null,
                'opened_by' => $goesNow ? $by->id : null,
                'minutes' => self::MINUTES,
                'planned_min' => self::MINUTES,
                'skills' => [],
                'earliest_on' => $today,
                'due_on' => $today,
                'latest_on' => $today,
            ]);
            $visit->tasks()->create([
                'system_id' => $system->id,
                'follow_up_id' => $follow->id,
                'task_type_id' => $type->id,
                'title' => FollowUp::title($text),
                'minutes' => self::MINUTES,
                'steps' => [],
                'earliest_on' => $today,
                'due_on' => $today,
                'latest_on' => $today,
            ]);
            if ($goesNow) {
                JobSheets::keep($visit, now()->toImmutable());
            }
            $system
                ->logEntries()
                ->create([
                    'kind' => 'event',
                    'text' => "Call-out: {$text}",
                    'happened_at' => now(),
                    'user_id' => $by->id,
                ]);

            return $visit;
        });
    }
}
