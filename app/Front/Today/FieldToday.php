<?php

declare(strict_types=1);

namespace App\Front\Today;

use App\Front\Views\TodayGroupView;
use App\Front\Views\TodayLineView;
use App\House\Days;
use App\Reports\Report;
use App\Rounds\FollowUp;
use App\Rounds\LoadList;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** The technician’s day in order, with what to load; the client’s systems, reports and dates. */
final class FieldToday
{
    /** @return list<TodayGroupView> */
    public static function technician(User $user): array
    {
        $today = Days::today();
        $visits = Visit::query()
            ->whereBetween('planned_on', [$today->toDateString(), $today->addDays(4)->toDateString()])
            ->where('state', '<>', Visit::MISSED)
            ->where(
                fn ($q) => $q
                    ->whereHas('crew.members', fn ($m) => $m->whereKey($user->id))
                    ->orWhere(fn ($c) => $c->where('called_out', true)->where('opened_by', $user->id)),
            )
            ->with(['site.client', 'tasks.type', 'tasks.system'])
            ->orderBy('planned_on')
            ->orderBy('starts_at')
            ->limit(40)
            ->get();
        $mine = $visits->filter(fn (Visit $v): bool => $v->planned_on?->toDateString() === $today->toDateString());
        $next = $visits->first(fn (Visit $v): bool => $v->planned_on?->toDateString() !== $today->toDateString())
            ?->planned_on;
        $coming = $visits->filter(
            fn (Visit $v): bool => $next !== null && $v->planned_on?->toDateString() === $next->toDateString(),
        );
        $later = FollowUp::query()
            ->whereNull('done_at')
            ->where('owner_id', $user->id)
            ->where('due_on', '<=', $today->addDays(14)->toDateString())
            ->with('system')
            ->orderBy('due_on')
            ->limit(12)
            ->get();

        return [
            ...TroubleNow::groups(),
            ...HarmNow::groups($user),
            ...MovesSoon::groups($user),
            new TodayGroupView(self::head($mine), 'No visit today.', array_values($mine->map(self::visit(...))->all())),
            new TodayGroupView(
                'Into the van',
                $mine->isEmpty() ? 'Nothing to load.' : 'Tools only.',
                array_map(
                    fn (string $l): TodayLineView => new TodayLineView($l, '', null),
                    LoadList::of($mine->toBase(), $user->units()),
                ),
                null,
                null,
                "van-{$today->toDateString()}",
            ),
            new TodayGroupView(
                'Carried over and promised',
                'You promised nothing for the next two weeks.',
                array_values(
                    $later
                        ->map(
                            fn (FollowUp $f): TodayLineView => new TodayLineView(
                                $f->text,
                                "{$f->system?->name}, {$f->due_on->format('j M')}",
                                "/systems/{$f->system_id}/tasks",
                                $f->due_on->endOfDay()->isPast() ? 'fix' : 'none',
                            ),
                        )
                        ->all(),
                ),
                '/rounds/due?what=later',
                'all of mine',
            ),
            new TodayGroupView(
                $next === null ? 'The next days' : $next->format('l j F'),
                'Nothing planned for you yet.',
                array_values($coming->map(self::visit(...))->all()),
            ),
        ];
    }

    /** @param  Collection<int, Visit>  $mine */
    private static function head(Collection $mine): string
    {
        $done = $mine->where('state', Visit::CLOSED)->count();

        return $mine->isEmpty() ? 'My day, in order' : "My day: {$done} of {$mine->count()} done";
    }

    /** @return list<TodayGroupView> */
    public static function client(User $user): array
    {
        $systems = System::query()
            ->current()
            ->whereHas('site', fn ($s) => $s->where('client_id', $user->client_id))
            ->with(['site', 'judgements'])
            ->orderBy('name')
            ->limit(60)
            ->get();
        $reports = Report::query()
            ->whereNotNull('sent_at')
            ->whereHas('site', fn ($s) => $s->where('client_id', $user->client_id))
            ->with(['site', 'visit'])
            ->latest('sent_at')
            ->limit(6)
            ->get();
        $visits = Visit::query()
            ->where('state', Visit::PLANNED)
            ->where('starts_at', '>=', now())
            ->whereHas('site', fn ($s) => $s->where('client_id', $user->client_id))
            ->with('site')
            ->orderBy('starts_at')
            ->limit(6)
            ->get();

        return [
            new TodayGroupView(
                'Your systems',
                'No system is kept here for you yet.',
                array_values(
                    $systems
                        ->map(function (System $s): TodayLineView {
                            $out = $s->judgements->filter(fn (StoredJudgement $j): bool => $j->standing->asksToAct());
                            $watched = $s->judgements->filter(fn (StoredJudgement $j): bool => $j->standing->outside());

                            return new TodayLineView(
                                $s->name,
                                $out->isNotEmpty()
                                    ? $out
                                        ->map(
                                            fn (StoredJudgement $j): string => $j->parameter->label().
                                                ' '.
                                                $j->standing->plain(),
                                        )
                                        ->take(2)
                                        ->implode('; ')
                                    : ($watched->isNotEmpty()
                                        ? $watched
                                            ->map(
                                                fn (StoredJudgement $j): string => $j->parameter->label().
                                                    ' '.
                                                    $j->standing->plain(),
                                            )
                                            ->take(2)
                                            ->implode('; ')
                                        : ($s->judgements->isEmpty()
                                            ? 'not measured yet'
                                            : 'all values as they should be')),
                                "/systems/{$s->id}",
                                $out->isNotEmpty() ? 'fix' : ($watched->isNotEmpty() ? 'watch' : 'fine'),
                            );
                        })
                        ->all(),
                ),
                '/systems',
                'all of them',
            ),
            new TodayGroupView(
                'When we come',
                'No date is set. We write to you.',
                array_values(
                    $visits
                        ->map(
                            fn (Visit $v): TodayLineView => new TodayLineView(
                                ($v->starts_at ?? CarbonImmutable::now())
                                    ->setTimezone($v->site->timezone ?? Days::zone())
                                    ->format('l j F'),
                                (string) $v->site?->name,
                                null,
                                'none',
                                ($v->starts_at ?? CarbonImmutable::now())
                                    ->setTimezone($v->site->timezone ?? Days::zone())
                                    ->format('H:i'),
                            ),
                        )
                        ->all(),
                ),
                '/rounds/feeds',
                'have it in your calendar',
            ),
            new TodayGroupView(
                'Reports',
                'The first report comes after the next visit.',
                array_values(
                    $reports
                        ->map(
                            fn (Report $r): TodayLineView => new TodayLineView(
                                'Visit of '.($r->visit->closed_at ?? CarbonImmutable::now())->format('j F'),
                                (string) $r->site?->name,
                                "/reports/{$r->id}",
                            ),
                        )
                        ->all(),
                ),
                '/reports',
                'all reports',
            ),
        ];
    }

    private static function visit(Visit $v): TodayLineView
    {
        $names = $v->tasks->map(fn (VisitTask $t): string => lcfirst($t->name()))->unique();
        $open = $v->tasks->where('state', 'open');
        $work = $names->take(5)->implode(', ').($names->count() > 5 ? ' and more' : '');
        $about = match ($v->state) {
            Visit::CLOSED => 'done'.($v->closed_at === null ? '' : ', '.Days::clock(Days::minute($v->closed_at))),
            Visit::UNDERWAY => $open->isEmpty()
                ? 'at work; only leaving is left'
                : "at work; still open: {$open->map(fn (VisitTask $t): string => lcfirst($t->name()))->unique()->take(
                    4,
                )->implode(', ')}",
            default => "{$work}, about ".round($v->minutes).' min',
        };
        $mark = match ($v->state) {
            Visit::CLOSED => 'fine',
            Visit::UNDERWAY => 'watch',
            default => 'none',
        };

        return new TodayLineView(
            "{$v->site?->name}, {$v->site?->client?->name}",
            $about,
            "/visits/{$v->id}",
            $mark,
            $v->starts_at === null ? null : Days::clock(Days::minute($v->starts_at)),
            siteId: $v->site_id,
        );
    }
}
