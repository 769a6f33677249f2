<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Team\User;
use Illuminate\Support\Facades\DB;

/** Who is away today, marked wherever people are chosen. */
final class Away
{
    /** @return array<int, string> staff by number, "Lukas Ferrin (away until 9 Dec)" */
    public static function people(): array
    {
        $today = Days::today()->toDateString();
        $until = DB::table('absences')
            ->where('from_on', '<=', $today)
            ->where('until_on', '>=', $today)
            ->groupBy('user_id')
            ->selectRaw('user_id, max(until_on) as until')
            ->pluck('until', 'user_id');
        $people = [];
        foreach (
            User::query()
                ->current()
                ->whereIn('role', ['owner', 'planner', 'technician'])
                ->orderBy('name')
                ->pluck('name', 'id') as $id => $name
        ) {
            $gone = $until->get($id);
            $people[(int) $id] =
                (is_string($name) ? $name : '').
                (is_string($gone) ? ' (away until '.date('j M', (int) strtotime($gone)).')' : '');
        }

        return $people;
    }
}
