<?php

declare(strict_types=1);

namespace App\Moves;

use App\Rounds\Crew;
use App\Rounds\Visit;
use App\Team\Role;
use App\Team\User;

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
        $busy = [];
        if ($move->on !== null) {
            $crews = Crew::query()
                ->whereIn('id', Visit::query()
                    ->where('planned_on', $move->on->toDateString())
                    ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY])
                    ->select('crew_id'))
                ->with('members')
                ->get();
            foreach ($crews as $crew) {
                foreach ($crew->members as $member) {
                    $busy[$member->id] = 'has visits that day';
                }
            }
            $others = Move::query()->current()->where('on', $move->on->toDateString())->whereKeyNot($move->id)->with('hands')->get();
            foreach ($others as $other) {
                foreach ($other->hands as $hand) {
                    $busy[$hand->id] = "goes to {$other->name}";
                }
            }
        }

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
}
