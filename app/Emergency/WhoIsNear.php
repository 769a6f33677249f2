<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Alerts\Live\AlarmEvent;
use App\Alerts\Live\AlarmNotice;
use App\Clients\Site;
use App\House\Days;
use App\Rounds\Visit;
use App\Systems\System;
use App\Team\Absence;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Rounds\Spot;

/** Who of the company could stand there soonest, from where their round has them, else from home; whom the alarm calls next (E-3). */
final class WhoIsNear
{
    private const MOST = 4;

    /** A round is believed so long after a visit's planned end. */
    private const AFTER_MIN = 60.0;

    private const LONGEST_H = 12;

    /** @return list<array{name: string, phone: string|null, from: string, minutes: float}> the nearest first */
    public static function of(Site $site): array
    {
        if ($site->lat === null || $site->lon === null) {
            return [];
        }
        $there = new Spot($site->lat, $site->lon);
        $rounds = self::rounds();
        $away = Absence::query()
            ->where('from_on', '<=', Days::text())
            ->where('until_on', '>=', Days::text())
            ->pluck('user_id')
            ->all();
        $near = [];
        foreach (User::query()->current()->whereNull('client_id')->whereNotIn('id', $away)->orderBy('id')->get() as $user) {
            $at = $rounds->get($user->id);
            $home = $user->home_lat === null || $user->home_lon === null ? null : new Spot($user->home_lat, $user->home_lon);
            $spot = $at === null ? $home : new Spot((float) $at->lat, (float) $at->lon);
            if ($spot === null) {
                continue;
            }
            $isThere = $at?->id === $site->id;
            $near[] = [
                'name' => $user->name,
                'phone' => $user->phone,
                'from' => match (true) {
                    $isThere => 'there now by the round',
                    $at !== null => "at {$at->name} by the round",
                    default => 'from home',
                },
                'minutes' => $isThere ? 0.0 : $spot->minutesTo($there) + Spot::PARKING_MIN,
            ];
        }
        usort($near, fn (array $a, array $b): int => $a['minutes'] <=> $b['minutes']);

        return array_slice($near, 0, self::MOST);
    }

    /**
     * Whom an alarm of it calls next, and when; null: none rings, or somebody has answered.
     *
     * @return array{who: string, at: string}|null
     */
    public static function nextCall(System $system): ?array
    {
        $next = AlarmNotice::query()
            ->whereIn('alarm_event_id', AlarmEvent::query()
                ->whereHas('alarm', fn ($a) => $a->where('system_id', $system->id))
                ->whereNull('cleared_at')
                ->whereNull('acknowledged_at')
                ->select('id'))
            ->whereNull('sent_at')
            ->whereNull('dropped_at')
            ->with('user')
            ->orderBy('due_at')
            ->first();

        return $next === null ? null : ['who' => (string) $next->user?->name, 'at' => $next->due_at->toIso8601ZuluString()];
    }

    /** @return Collection<int, Site> where each is by the round, by user: the visit that began last and is not long over */
    private static function rounds(): Collection
    {
        $now = CarbonImmutable::now();
        /** @var Collection<int, Site> $at */
        $at = collect();
        $visits = Visit::query()
            ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY, Visit::CLOSED])
            ->whereBetween('starts_at', [$now->subHours(self::LONGEST_H), $now])
            ->with(['site', 'crew.members'])
            ->orderBy('starts_at')
            ->get();
        foreach ($visits as $visit) {
            $isOver = $visit->starts_at?->addMinutes((int) ($visit->minutes + self::AFTER_MIN))->isBefore($now) ?? true;
            if (($isOver && $visit->state !== Visit::UNDERWAY) || $visit->site?->lat === null || $visit->site->lon === null) {
                continue;
            }
            foreach ($visit->crew->members ?? [] as $member) {
                $at->put($member->id, $visit->site);
            }
        }

        return $at;
    }
}
