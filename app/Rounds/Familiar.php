<?php

declare(strict_types=1);

namespace App\Rounds;

use Illuminate\Support\Facades\DB;
use stdClass;

/** Whoever usually goes to a place; while they are away, who knows it best of those who are there (S-23). */
final readonly class Familiar
{
    /** A place is known from the visits of the last so many months. */
    private const MONTHS = 12;

    private function __construct(public int $userId, public ?string $words)
    {
    }

    /**
     * @param  array<int, int>  $usual  who usually goes there, by place
     * @param  list<int>  $away  who is not there in the time looked at
     * @return array<int, self> by place; only places where somebody stands in
     */
    public static function instead(array $usual, array $away): array
    {
        $missing = array_intersect($usual, $away);
        if ($missing === []) {
            return [];
        }
        $found = [];
        foreach (self::known($missing, $away) as $row) {
            $siteId = (int) $row->site_id;
            $times = (int) $row->times === 1 ? 'once' : "{$row->times} times";
            $found[$siteId] ??= new self(
                (int) $row->user_id,
                (string) ($row->who ?? 'Whoever usually goes there').
                    " is away; {$row->name} knows the place: there {$times} in a year.",
            );
        }

        return $found;
    }

    /**
     * Visits each person closed or was in the crew of, most first.
     *
     * @param  array<int, int>  $missing  who usually goes there, by place
     * @param  list<int>  $away
     * @return list<stdClass>
     */
    private static function known(array $missing, array $away): array
    {
        return array_values(
            DB::table('visits')
                ->join('users', 'users.id', '=', 'visits.closed_by')
                ->whereIntegerInRaw('visits.site_id', array_keys($missing))
                ->where('visits.state', Visit::CLOSED)
                ->where('visits.closed_at', '>=', now()->subMonths(self::MONTHS))
                ->whereNull('users.archived_at')
                ->where('users.role', '<>', 'client')
                ->whereNotIn('visits.closed_by', $away)
                ->groupBy('visits.site_id', 'visits.closed_by', 'users.name')
                ->orderByDesc('times')
                ->orderBy('visits.closed_by')
                ->selectRaw('visits.site_id, visits.closed_by as user_id, users.name, count(*) as times')
                ->selectSub(
                    DB::table('sites as s')
                        ->join('systems', 'systems.site_id', '=', 's.id')
                        ->join('users as u', 'u.id', '=', 'systems.keeper_id')
                        ->whereColumn('s.id', 'visits.site_id')
                        ->whereIntegerInRaw('u.id', array_values($missing))
                        ->limit(1)
                        ->select('u.name'),
                    'who',
                )
                ->get()
                ->all(),
        );
    }
}
