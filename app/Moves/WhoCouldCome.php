<?php

declare(strict_types=1);

namespace App\Moves;

use App\Rounds\Crew;
use App\Rounds\Visit;
use App\Team\Absence;
use App\Team\Role;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Those of ours for a move, with what else they have that day: nobody is in two places. */
final class WhoCouldCome
{
    /**
     * Those of ours who could come, with what else they have that day.
     *
     * @return list<array{id: int, name: string, skills: list<string>, busy: string|null}>
     */
    public static function of(Move $move): array
    {
        $busy = $move->on === null ? [] : self::busy($move, $move->on);

        return array_values(User::query()
            ->whereIn('role', Role::ours())
            ->whereNull('archived_at')
            ->orderBy('name')
            ->get()
            ->map(fn (User $u): array => [
                'id' => $u->id,
                'name' => $u->name,
                'skills' => array_values(array_filter($u->skills ?? [], is_string(...))),
                'busy' => $busy[$u->id] ?? null,
            ])->all());
    }

    /** @return array<int, string> by person; away before another move, another move before visits */
    private static function busy(Move $move, CarbonImmutable $on): array
    {
        $day = $on->toDateString();
        $absent = Absence::query()->where('from_on', '<=', $day)->where('until_on', '>=', $day)->pluck('user_id')->all();
        $busy = array_fill_keys($absent, 'away that day');
        $others = Move::query()->current()->where('on', $day)->whereKeyNot($move->id)->with('hands')->get();
        foreach ($others as $other) {
            foreach ($other->hands as $hand) {
                $busy[$hand->id] ??= "goes to {$other->name}";
            }
        }
        $gone = [...array_keys($busy), ...$move->hands()->pluck('users.id')->all()];

        return $busy + self::withVisits($day, $gone);
    }

    /**
     * Whose crew has visits that day which the others of it could not do without them.
     *
     * @param  array<array-key, mixed>  $gone  who is not with their crew anyway
     * @return array<int, string>
     */
    private static function withVisits(string $day, array $gone): array
    {
        $needs = DB::table('visits')
            ->where('planned_on', $day)
            ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY])
            ->whereNotNull('crew_id')
            ->groupBy('crew_id')
            ->selectRaw('crew_id, greatest(1, max(persons)) as persons')
            ->pluck('persons', 'crew_id');
        $busy = [];
        foreach (Crew::query()->whereIn('id', $needs->keys())->with('members')->get() as $crew) {
            $there = $crew->members->whereNotIn('id', $gone);
            foreach ($crew->members as $member) {
                if ($there->where('id', '!=', $member->id)->count() < $needs[$crew->id]) {
                    $busy[$member->id] = 'has visits that day';
                }
            }
        }

        return $busy;
    }
}
