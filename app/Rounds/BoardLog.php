<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Keeps each change of the board with its way back, takes the newest one back, and knows which clients must be told. */
final class BoardLog
{
    /** Told about changes of the last days. */
    private const TELL_DAYS = 3;

    /** A visit that begins so much earlier or later on its day is told too. */
    private const TELL_MIN = 30;

    private const LISTED = 40;

    /** @param  array<int, array<string, mixed>>  $before  what each visit was, by number */
    public static function keep(string $kind, string $words, ?User $by, array $before): ?BoardChange
    {
        $visits = Visit::query()->whereIntegerInRaw('id', array_keys($before))->get();
        $moves = [];
        foreach ($visits as $visit) {
            $became = BoardMove::state($visit);
            if ($before[$visit->id] !== $became) {
                $moves[] = ['visit_id' => $visit->id, 'was' => $before[$visit->id], 'became' => $became];
            }
        }
        if ($moves === []) {
            return null;
        }
        $change = BoardChange::query()->create([
            'kind' => $kind,
            'words' => mb_substr($words, 0, 300),
            'user_id' => $by?->id,
        ]);
        $change->moves()->createMany($moves);

        return $change;
    }

    /** The newest change that nobody has taken back. */
    public static function newest(): ?BoardChange
    {
        return BoardChange::query()
            ->whereNull('undone_at')
            ->where('created_at', '>', now()->subDays(self::TELL_DAYS))
            ->latest('id')
            ->first();
    }

    /**
     * Takes the newest change back; a visit that has moved on since stays.
     *
     * @return array{0: int, 1: int} taken back, left where they are
     */
    public static function undo(BoardChange $change): array
    {
        return DB::transaction(function () use ($change): array {
            $moves = $change->moves()->get();
            $visits = Visit::query()
                ->whereIntegerInRaw('id', $moves->pluck('visit_id'))
                ->lockForUpdate()
                ->get()
                ->keyBy('id');
            $back = 0;
            foreach ($moves as $move) {
                $visit = $visits->get($move->visit_id);
                // Marks of a proposal may be gone by then: where and when it stands decides.
                if ($visit !== null && self::place(BoardMove::state($visit)) === self::place($move->became)) {
                    $visit->update($move->was);
                    $back++;
                }
            }
            $change->update(['undone_at' => now()]);
            Bookings::follow(array_values($visits->map(fn (Visit $v): int => $v->id)->all()));

            return [$back, $moves->count() - $back];
        });
    }

    /**
     * @param  array<string, mixed>  $state
     * @return list<mixed>
     */
    private static function place(array $state): array
    {
        return [
            $state['crew_id'] ?? null,
            $state['planned_on'] ?? null,
            $state['starts_at'] ?? null,
            $state['state'] ?? null,
        ];
    }

    /**
     * @param  array<string, mixed>  $was
     * @param  array<string, mixed>  $became
     * @param  Collection<int, Crew>  $crews
     */
    public static function between(array $was, array $became, Collection $crews): string
    {
        $say = function (array $state) use ($crews): string {
            $at = is_string($state['starts_at'] ?? null) ? ' '.Days::clock(Days::minuteOf($state['starts_at'])) : '';
            $on = is_string($state['planned_on'] ?? null)
                ? CarbonImmutable::parse($state['planned_on'])->format('D j M')
                : 'without a day';

            return $on.$at.', '.($crews->firstWhere('id', $state['crew_id'])->name ?? 'nobody');
        };

        return $say($was).' to '.$say($became);
    }

    /** @return Collection<int, BoardMove> of visits that had a day, have another day or hour now, and whose client nobody has told */
    public static function toTell(): Collection
    {
        $moves = BoardMove::query()
            ->whereNull('told_at')
            ->where('created_at', '>', now()->subDays(self::TELL_DAYS))
            ->whereHas('change', fn ($c) => $c->whereNull('undone_at'))
            ->whereHas('visit', fn ($v) => $v->whereIn('state', [Visit::PLANNED, Visit::OPEN]))
            ->with(['change', 'visit.site.client.contacts', 'visit.crew'])
            ->orderBy('id')
            ->limit(500)
            ->get()
            ->toBase();

        return $moves
            ->groupBy('visit_id')
            ->map(fn (Collection $of): ?BoardMove => self::news($of))
            ->filter()
            ->values()
            ->take(self::LISTED);
    }

    /** @param  Collection<int, BoardMove>  $moves  of one visit, oldest first: the client knows the first state, and hears the last. */
    private static function news(Collection $moves): ?BoardMove
    {
        $known = $moves->first()->was ?? [];
        $last = $moves->last();
        foreach ($moves as $move) {
            // A move by hand is a promise: the client has it from whoever made it.
            $known = $move->change?->kind === BoardChange::MOVE ? $move->became : $known;
        }
        if ($last === null || ($known['state'] ?? null) !== Visit::PLANNED) {
            return null;
        }
        $last->setAttribute('was', $known);
        $at = fn (array $state): ?CarbonImmutable => is_string($state['starts_at'] ?? null)
            ? CarbonImmutable::parse($state['starts_at'], 'UTC')
            : null;
        [$was, $is] = [$at($known), $last->visit?->starts_at];

        return $was !== null && $is !== null && abs($was->diffInMinutes($is)) < self::TELL_MIN ? null : $last;
    }

    public static function told(BoardMove $move, User $by): void
    {
        BoardMove::query()
            ->where('visit_id', $move->visit_id)
            ->whereNull('told_at')
            ->where('id', '<=', $move->id)
            ->update(['told_at' => now(), 'told_by' => $by->id]);
    }
}
