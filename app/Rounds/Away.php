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
            ->selectRaw('user_id, max(until_on) as until');
        $staff = User::query()
            ->current()
            ->whereIn('role', ['owner', 'planner', 'technician'])
            ->leftJoinSub($until, 'away', 'away.user_id', '=', 'users.id')
            ->orderBy('name')
            ->toBase()
            ->get(['users.id', 'users.name', 'away.until']);
        $people = [];
        foreach ($staff as $one) {
            $people[(int) $one->id] = $one->name
                .(is_string($one->until) ? ' (away until '.date('j M', (int) strtotime($one->until)).')' : '');
        }

        return $people;
    }
}
