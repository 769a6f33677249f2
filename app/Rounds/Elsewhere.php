<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\Absence;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Who is not there for a round, and why: away for days, or with a move on its day. Nobody is in both at once. */
final readonly class Elsewhere
{
    public const AWAY = 'away';

    /**
     * @param  array<int, list<array{from: string, until: string, where: string}>>  $times  by person; plain dates: they are compared
     *     for every crew and day
     */
    private function __construct(private array $times)
    {
    }

    /** @param  Absence|null  $asIf  an absence not on record, to see what it would do */
    public static function between(CarbonImmutable $first, CarbonImmutable $last, ?Absence $asIf = null): self
    {
        $moves = self::withMoves()
            ->whereBetween('moves.on', [$first->toDateString(), $last->toDateString()])
            ->select(['move_hands.user_id', 'moves.on as from_on', 'moves.on as until_on', 'moves.name as move']);
        $rows = DB::table('absences')
            ->where('from_on', '<=', $last->toDateString())
            ->where('until_on', '>=', $first->toDateString())
            ->select(['user_id', 'from_on', 'until_on', DB::raw('null as move')])
            ->unionAll($moves)
            ->get();
        $times = [];
        foreach ($rows as $row) {
            $times[(int) $row->user_id][] = self::time($row);
        }
        if ($asIf !== null) {
            $times[$asIf->user_id][] = [
                'from' => $asIf->from_on->toDateString(),
                'until' => $asIf->until_on->toDateString(),
                'where' => self::AWAY,
            ];
        }

        return new self($times);
    }

    /** Rows of those who come to a move that has a day and was not given up. */
    public static function withMoves(): Builder
    {
        return DB::table('move_hands')->join('moves', 'moves.id', '=', 'move_hands.move_id')->whereNull('moves.archived_at');
    }

    /** @return array{from: string, until: string, where: string} */
    private static function time(stdClass $row): array
    {
        return [
            'from' => substr((string) $row->from_on, 0, 10),
            'until' => substr((string) $row->until_on, 0, 10),
            'where' => $row->move === null ? self::AWAY : "at “{$row->move}”",
        ];
    }

    /** "away", "at “The cold move”"; null: there. Who is away is away from the move too. */
    public function where(int $userId, string $date): ?string
    {
        $where = null;
        foreach ($this->times[$userId] ?? [] as $time) {
            if ($time['from'] <= $date && $time['until'] >= $date) {
                $where = $time['where'] === self::AWAY ? self::AWAY : $where ?? $time['where'];
            }
        }

        return $where;
    }

    /**
     * @param  list<int>  $userIds
     * @return array<int, string> those of them who are not there that day, and why
     */
    public function of(array $userIds, string $date): array
    {
        $where = [];
        foreach ($userIds as $id) {
            $place = $this->where($id, $date);
            if ($place !== null) {
                $where[$id] = $place;
            }
        }

        return $where;
    }

    /** @return list<int> away for at least a day of it; a day with a move leaves a week's visits with whom they know */
    public function away(): array
    {
        $isAway = fn (array $times): bool => in_array(self::AWAY, array_column($times, 'where'), true);

        return array_keys(array_filter($this->times, $isAway));
    }
}
