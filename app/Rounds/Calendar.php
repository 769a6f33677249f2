<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/**
 * A crew's or a client's visits as iCalendar (RFC 5545), times in UTC, and the days of moves. A client's says where and when, never how
 * to get in.
 */
final class Calendar
{
    private const BACK_DAYS = 60;

    private const MOST = 500;

    public static function of(Feed $feed): string
    {
        $crew = $feed->kind === Feed::CREW;
        $visits = Visit::query()
            ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY, Visit::CLOSED])
            ->whereNotNull('starts_at')
            ->where('starts_at', '>=', CarbonImmutable::now()->subDays(self::BACK_DAYS))
            ->when(
                $crew,
                fn ($q) => $q->where('crew_id', $feed->subject_id),
                fn ($q) => $q->whereHas('site', fn ($s) => $s->where('client_id', $feed->subject_id)),
            )
            ->with(['site.client', 'tasks.type', 'tasks.system'])
            ->orderBy('starts_at')
            ->limit(self::MOST)
            ->get();
        $calendar = new VCalendar(['PRODID' => '-//Velbrin//Rounds//EN']);
        $calendar->remove('CALSCALE');
        $calendar->add('CALSCALE', 'GREGORIAN');
        foreach ($visits as $visit) {
            $starts = $visit->starts_at ?? CarbonImmutable::now();
            $jobs = $visit->tasks
                ->map(fn (VisitTask $t): string => "{$t->system?->name}: {$t->type?->name}")
                ->unique()
                ->implode("\n");
            $calendar->add('VEVENT', [
                'UID' => "visit-{$visit->id}@velbrin",
                'DTSTAMP' => ($visit->updated_at ?? CarbonImmutable::now())->utc()->toDateTime(),
                'DTSTART' => $starts->utc()->toDateTime(),
                'DTEND' => $starts->addMinutes((int) ceil($visit->minutes))->utc()->toDateTime(),
                'SUMMARY' => $crew
                    ? "{$visit->site?->name}, {$visit->site?->client?->name}"
                    : "Aquarium visit, {$visit->site?->name}",
                'LOCATION' => trim("{$visit->site?->street}, {$visit->site?->town}", ', '),
                'DESCRIPTION' => $crew
                    ? $jobs
                    : $visit->tasks
                        ->map(fn (VisitTask $t): string => (string) $t->system?->name)
                        ->unique()
                        ->implode(', '),
                'STATUS' => 'CONFIRMED',
                'SEQUENCE' => $visit->updated_at?->getTimestamp() ?? 0,
            ]);
        }

        self::moves($feed, $calendar);

        return $calendar->serialize();
    }

    /** Days on which somebody of the crew goes to a move, or something of the client's moves: the whole day, its hours stand with it. */
    private static function moves(Feed $feed, VCalendar $calendar): void
    {
        $isCrew = $feed->kind === Feed::CREW;
        foreach (self::days($feed)->get() as $move) {
            $where = $move->from.($move->to === null ? '' : " to {$move->to}");
            $changed = CarbonImmutable::parse((string) $move->updated_at, 'UTC');
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "move-{$move->id}@velbrin",
                'DTSTAMP' => $changed->toDateTime(),
                'SUMMARY' => $isCrew ? "{$move->name}: {$where}" : "Aquarium move, {$where}",
                'LOCATION' => trim("{$move->street}, {$move->town}", ', '),
                'STATUS' => 'CONFIRMED',
                'SEQUENCE' => $changed->getTimestamp(),
                ...$isCrew ? ['DESCRIPTION' => (string) $move->who] : [],
            ]);
            if ($event instanceof VEvent) {
                $event->add('DTSTART', str_replace('-', '', substr((string) $move->on, 0, 10)), ['VALUE' => 'DATE']);
            }
            $calendar->add($event);
        }
    }

    /** Moves that concern whoever reads, and who of the crew goes. */
    private static function days(Feed $feed): Builder
    {
        $goes = DB::table('move_hands')
            ->join('users', 'users.id', '=', 'move_hands.user_id')
            ->whereColumn('move_hands.move_id', 'moves.id')
            ->whereIn('users.id', DB::table('crew_user')->where('crew_id', $feed->subject_id)->select('user_id'))
            ->selectRaw("group_concat(users.name order by users.name separator ', ')");

        return DB::table('moves')
            ->join('sites as from', 'from.id', '=', 'moves.from_site_id')
            ->leftJoin('sites as to', 'to.id', '=', 'moves.to_site_id')
            ->whereNull('moves.archived_at')
            ->where('moves.on', '>=', Days::text(-self::BACK_DAYS))
            ->select(['moves.id', 'moves.name', 'moves.on', 'moves.updated_at', 'from.name as from', 'from.street', 'from.town'])
            ->addSelect('to.name as to')
            ->when(
                $feed->kind === Feed::CREW,
                fn (Builder $q) => $q->selectSub($goes, 'who')->having('who', '!=', ''),
                fn (Builder $q) => $q->where(fn (Builder $any) => $any
                    ->where('from.client_id', $feed->subject_id)
                    ->orWhere('to.client_id', $feed->subject_id)),
            )
            ->orderBy('moves.on')
            ->limit(self::MOST);
    }
}
