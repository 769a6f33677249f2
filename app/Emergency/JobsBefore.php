<?php

declare(strict_types=1);

namespace App\Emergency;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** What is done on site before something comes over an area: one job a system that would reach harm, once (E-10). */
final class JobsBefore
{
    private const MINUTES = 20;

    /**
     * @param  list<int>  $systemIds
     * @return int how many were made; what is there already stays as it is
     */
    public static function make(AreaEvent $event, array $systemIds, User $user): int
    {
        $day = $event->starts_at->setTimezone(Days::zone())->subDay()->toDateString();
        $dueOn = max($day, Days::text());
        $made = 0;
        DB::transaction(function () use ($event, $systemIds, $user, $dueOn, &$made): void {
            foreach (System::query()->current()->whereKey($systemIds)->orderBy('id')->get() as $system) {
                $job = FollowUp::query()->firstOrCreate(
                    ['client_uuid' => self::uuid($event, $system)],
                    [
                        'system_id' => $system->id,
                        'kind' => 'one-off',
                        'owner_id' => $system->keeper_id ?? $user->id,
                        'on_site' => true,
                        'minutes' => self::MINUTES,
                        'due_on' => $dueOn,
                        'latest_on' => $dueOn,
                        'text' => self::words($event),
                    ],
                );
                $made += $job->wasRecentlyCreated ? 1 : 0;
            }
            $event->update(['tasks_at' => CarbonImmutable::now()]);
        });

        return $made;
    }

    private static function words(AreaEvent $event): string
    {
        $from = $event->starts_at->setTimezone(Days::zone())->format('j M, H:i');

        return "Before {$event->kind->inWords()} of {$from}: {$event->kind->asks()}.";
    }

    /** The same for the same event and system, so that a second press makes none twice. */
    private static function uuid(AreaEvent $event, System $system): string
    {
        return Uuid::uuid5(Uuid::NAMESPACE_URL, "velbrin:area-event:{$event->id}:{$system->id}")->toString();
    }
}
