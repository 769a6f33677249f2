<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Rounds\NextVisit;
use Velbrin\Core\Rounds\Seat;
use Velbrin\Core\Rounds\TaskLibrary;
use Velbrin\Core\Rounds\VisitLoad;

/**
 * Turns what is due into visits (S-10, S-52): it rides on the place’s next visit, or makes one: one access for all of a place’s systems.
 * Each thing is on exactly one visit that is still to come.
 */
final class VisitMaker
{
    private const AT_ONCE = 100;

    /** Everything that is due by that day at every place. */
    public static function until(CarbonImmutable $day): Made
    {
        // What comes by use or by a vessel's level has moved on since it was last looked at.
        Task::query()
            ->whereNull('ended_at')
            ->whereNotNull('triggers')
            ->with('type')
            ->lazyById()
            ->each(function (Task $task): void {
                $task->settle();
                $task->isDirty() ? $task->save() : null;
            });
        $byTask = Task::query()
            ->whereNull('ended_at')
            ->where('due_on', '<=', $day->toDateString())
            ->select('system_id');
        $byLater = FollowUp::query()
            ->whereNull('done_at')
            ->where('on_site', true)
            ->where('due_on', '<=', $day->toDateString())
            ->select('system_id');
        $sites = DB::table('systems')
            ->whereNull('archived_at')
            ->where(fn ($q) => $q->whereIn('id', $byTask)->orWhereIn('id', $byLater))
            ->distinct()
            ->orderBy('site_id')
            ->pluck('site_id');
        $coming = Visit::query()
            ->whereIn('state', [Visit::OPEN, Visit::PLANNED])
            ->distinct()
            ->pluck('site_id');

        return self::at(
            array_values(
                $sites->concat($coming)->unique()->map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->all(),
            ),
            $day,
        );
    }

    /** @param  list<int>  $siteIds */
    public static function at(array $siteIds, ?CarbonImmutable $day = null): Made
    {
        $day ??= Days::today();
        $made = new Made();
        foreach (array_chunk($siteIds, self::AT_ONCE) as $chunk) {
            DB::transaction(function () use ($chunk, $day, $made): void {
                // Two hands at once: the second waits, and finds what the first has made.
                DB::table('sites')->whereIn('id', $chunk)->orderBy('id')->lockForUpdate()->pluck('id');
                self::missed($chunk);
                $things = DueThings::at($chunk)->groupBy('siteId');
                $visits = Visit::query()
                    ->whereIn('site_id', $chunk)
                    ->whereIn('state', [Visit::OPEN, Visit::PLANNED, Visit::UNDERWAY])
                    ->with(['tasks', 'crew.members', 'crew.vehicle'])
                    ->orderByRaw('coalesce(planned_on, due_on)')
                    ->orderBy('id')
                    ->get()
                    ->groupBy('site_id');
                foreach ($things as $siteId => $ofSite) {
                    self::site((int) $siteId, $ofSite, $visits[$siteId] ?? collect(), Days::number($day), $made);
                }
            });
        }
        VisitSums::keep($made->touched());

        return $made;
    }

    /**
     * Nobody began it on its day: it stays as a record, and what it held is free again.
     *
     * @param  list<int>  $siteIds
     */
    private static function missed(array $siteIds): void
    {
        Visit::query()
            ->whereIn('site_id', $siteIds)
            ->where('state', Visit::PLANNED)
            ->where('planned_on', '<', Days::today()->toDateString())
            ->update(['state' => Visit::MISSED, 'why_unplanned' => 'its day passed and nobody began']);
    }

    /**
     * @param  Collection<int, DueThing>  $things
     * @param  Collection<int, Visit>  $visits  the next one first
     */
    private static function site(int $siteId, Collection $things, Collection $visits, int $until, Made $made): void
    {
        $today = Days::number(Days::today());
        $seated = $visits
            ->flatMap(
                fn (Visit $v): Collection => $v->tasks
                    ->where('state', 'open')
                    ->map(fn (VisitTask $t): string => $t->thingKey())
                    ->toBase(),
            )
            ->flip();
        $next = $visits->first(fn (Visit $v): bool => $v->state !== Visit::UNDERWAY);
        $nextDay = $next === null ? null : max($today, Days::number($next->planned_on ?? $next->due_on));
        $own = [];
        foreach ($things->sortBy(fn (DueThing $t): float => $t->window->dueDay) as $thing) {
            if (isset($seated[$thing->key()]) || $made->has($thing)) {
                continue;
            }
            $seat = NextVisit::seat(
                $thing->window,
                $today,
                $until,
                $nextDay,
                $next === null || (self::fits($next, $thing) && ! $thing->keepsOff((float) $nextDay)),
                $next?->planned_on !== null,
            );
            if ($seat === Seat::Rides && $next !== null) {
                foreach (self::together($thing, $things, $seated, $made) as $one) {
                    $next->tasks()->create($one->row());
                    $next->salt_l += $one->job->bringsWater ? $one->job->changeL : 0.0;
                    $made->rode($next, $one);
                }
            } elseif ($seat === Seat::OwnVisit) {
                $own[] = $thing;
            }
        }
        if ($own !== []) {
            self::make($siteId, $own, $things, $seated, $made);
        }
    }

    /**
     * A visit for what cannot wait; what may be done by then rides along.
     *
     * @param  non-empty-list<DueThing>  $own
     * @param  Collection<int, DueThing>  $things
     * @param  Collection<string, int>  $seated
     */
    private static function make(int $siteId, array $own, Collection $things, Collection $seated, Made $made): void
    {
        $today = Days::number(Days::today());
        $day = max($today, min(array_map(fn (DueThing $t): float => $t->window->dueDay, $own)));
        $keys = array_flip(array_map(fn (DueThing $t): string => $t->key(), $own));
        $rides = $things->filter(
            fn (DueThing $t): bool => ! isset($seated[$t->key()]) &&
                ! isset($keys[$t->key()]) &&
                ! $made->has($t) &&
                $t->window->rides($day) &&
                ! $t->keepsOff((float) $day),
        );
        $all = [];
        foreach ([...$own, ...array_values($rides->all())] as $thing) {
            foreach (self::together($thing, $things, $seated, $made) as $one) {
                $all[$one->key()] = $one;
            }
        }
        $all = array_values($all);
        $systems = DB::table('systems')
            ->whereIn('id', array_map(fn (DueThing $t): int => $t->systemId, $all))
            ->get(['keeper_id', 'isolated_since']);
        $load = VisitLoad::of(array_map(fn (DueThing $t) => $t->job, $all), $today);
        $visit = Visit::query()->create([
            ...VisitSums::columns($load),
            'site_id' => $siteId,
            'familiar_id' => $systems->pluck('keeper_id')->filter()->first(),
            'isolated' => $systems->contains(fn (object $s): bool => $s->isolated_since !== null),
        ]);
        $visit->tasks()->createMany(array_map(fn (DueThing $t): array => $t->row(), $all));
        $made->visit($visit, $all);
    }

    /**
     * A thing with what travels with it, before it: a sand top-up begins with its change.
     *
     * @param  Collection<int, DueThing>  $things
     * @param  Collection<string, int>  $seated
     * @return non-empty-list<DueThing>
     */
    private static function together(DueThing $thing, Collection $things, Collection $seated, Made $made): array
    {
        $with = TaskLibrary::GOES_WITH[$thing->typeKey] ?? null;
        $mate =
            $with === null
                ? null
                : $things->first(
                    fn (DueThing $t): bool => $t->systemId === $thing->systemId &&
                        $t->typeKey === $with &&
                        ! isset($seated[$t->key()]) &&
                        ! $made->has($t),
                );

        return $mate === null ? [$thing] : [$mate, $thing];
    }

    /** Its crew has the people, the skill and the litres for one thing more. */
    private static function fits(Visit $visit, DueThing $thing): bool
    {
        $crew = $visit->crew;
        if ($crew === null) {
            return true;
        }
        $skills = $crew->members->flatMap(fn ($m): array => $m->skills ?? [])->all();
        $litres = $visit->salt_l + ($thing->job->bringsWater ? $thing->job->changeL : 0.0);

        return $crew->members->count() >= $thing->job->persons &&
            ($thing->job->skill === null || in_array($thing->job->skill, $skills, true)) &&
            ($litres <= ($crew->vehicle->salt_l ?? 0.0) || $thing->job->changeL <= 0);
    }
}
