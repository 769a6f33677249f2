<?php

declare(strict_types=1);

namespace App\Moves;

use App\Alerts\Alarm;
use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Moves\AfterMove;

/**
 * A move is over: what is owed afterwards is booked, and a system that stands somewhere else now is on record there. What moved is
 * mounted and no more until it is powered, calibrated and tested (M-31).
 */
final class CloseMove
{
    public static function of(Move $move, string $words, bool $standsThere, User $user): void
    {
        DB::transaction(function () use ($move, $words, $standsThere, $user): void {
            $move->update(['closed_at' => now(), 'closed_by' => $user->id, 'closed_words' => $words]);
            $system = $move->system()->lockForUpdate()->first();
            if ($system === null) {
                return;
            }
            if ($standsThere && $move->to_site_id !== null) {
                self::goes($system, $move->to_site_id);
            }
            self::owes($move, $system, $user);
        });
    }

    private static function goes(System $system, int $siteId): void
    {
        $system->update(['site_id' => $siteId, 'room_id' => null]);
        $system->vessels()->update(['room_id' => null]);
        foreach ($system->items()->whereNull('retired_at')->get() as $item) {
            $item->update([
                'state' => Installed::Mounted,
                'tested_result' => null,
                'outlet' => null,
                'circuit' => null,
                'outlet_id' => null,
                'circuit_id' => null,
            ]);
        }
        // A head that stayed behind no longer sees this water; an alarm of its own has to be made to call again.
        Alarm::query()->current()->where('system_id', $system->id)->get()->each(function (Alarm $alarm): void {
            $alarm->controller_id === null ? $alarm->update(['tested_on' => null]) : $alarm->archive();
        });
        // Its jobs at visits to the old place come due at the new one.
        VisitTask::query()
            ->where('system_id', $system->id)
            ->where('state', 'open')
            ->whereHas('visit', fn ($v) => $v->whereIn('state', [Visit::OPEN, Visit::PLANNED]))
            ->delete();
    }

    private static function owes(Move $move, System $system, User $user): void
    {
        $day = $move->on ?? Days::today();
        $owed = AfterMove::owed($move->kind);
        if ($owed === []) {
            return;
        }
        $system->update(['settling_until' => $day->addDays(AfterMove::SETTLES_DAYS)->toDateString()]);
        $owner = $move->hands()->orderBy('users.id')->value('users.id') ?? $user->id;
        $on = fn (int $after): string => CarbonImmutable::parse($day->toDateString())->addDays($after)->toDateString();
        foreach ($owed as $one) {
            FollowUp::query()->create([
                'system_id' => $system->id,
                'kind' => 'check-back',
                'text' => $one->text,
                'owner_id' => $owner,
                'earliest_on' => $on($one->fromDay),
                'due_on' => $on($one->dueDay),
                'latest_on' => $on($one->latestDay),
                'on_site' => $one->isOnSite,
                'minutes' => $one->minutes,
            ]);
        }
    }
}
