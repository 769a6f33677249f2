<?php

declare(strict_types=1);

namespace App\Front\Today;

use App\Alerts\Alarm;
use App\Alerts\AlarmStanding;
use App\Build\Plan;
use App\Build\PlanVersion;
use App\Front\Views\TodayGroupView;
use App\Front\Views\TodayLineView;
use App\House\Days;
use App\Reports\Report;
use App\Risk\Exposure;
use App\Risk\Night;
use App\Risk\Views\ExposureLineView;
use App\Rounds\FollowUp;
use App\Rounds\Task;
use App\Rounds\Visit;
use App\Systems\OpenRipple;
use App\Systems\System;
use App\Team\Absence;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;

/** The day of those who answer for it: the owner’s exposure and what is late; the planner’s gates and drafts. */
final class OfficeToday
{
    private const SHOWN = 6;

    /** @return list<TodayGroupView> */
    public static function owner(User $user): array
    {
        return [
            ...TroubleNow::groups(),
            ...HarmNow::groups($user),
            ...MovesSoon::groups($user),
            self::exposed($user),
            self::late(),
            self::calls(),
            self::underway(),
            self::reports(),
            self::promises(),
        ];
    }

    /** @return list<TodayGroupView> */
    public static function planner(User $user): array
    {
        return [
            ...TroubleNow::groups(),
            ...HarmNow::groups($user),
            ...MovesSoon::groups($user),
            self::unplanned(),
            self::drafts(),
            self::gates(),
            self::reports(),
            self::underway(),
            self::promises(),
        ];
    }

    private static function exposed(User $user): TodayGroupView
    {
        $night = Night::Tonight;
        $systems = System::query()
            ->current()
            ->select('systems.*')
            ->join('exposure_worst', 'exposure_worst.system_id', '=', 'systems.id')
            ->where('exposure_worst.night', $night->value)
            ->where('exposure_worst.rank', '<', 0)
            ->join('sites', 'sites.id', '=', 'systems.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->addSelect('clients.name as client_name')
            ->orderBy('exposure_worst.rank')
            ->limit(self::SHOWN)
            ->get();
        $rows = Exposure::query()
            ->where('night', $night->value)
            ->whereIn('system_id', $systems->modelKeys())
            ->get()
            ->toBase()
            ->groupBy('system_id');

        return new TodayGroupView(
            'Who is exposed tonight',
            'Nobody would be harmed before help acts, as far as worked out.',
            array_values(
                $systems
                    ->map(function (System $s) use ($rows, $user): TodayLineView {
                        $line = ExposureLineView::of($s->setRelation('site', null), $rows[$s->id] ?? collect(), $user);

                        return new TodayLineView(
                            $s->name.', '.self::word($s, 'client_name'),
                            $line->words,
                            "/systems/{$s->id}/risk",
                            $line->severity,
                            null,
                            $line->harmH,
                            $line->actsH,
                        );
                    })
                    ->all(),
            ),
            '/risk',
            'the fleet by hours in hand',
        );
    }

    private static function late(): TodayGroupView
    {
        $today = Days::text();
        $tasks = Task::query()
            ->whereNull('ended_at')
            ->where('latest_on', '<', $today)
            ->where(fn ($q) => $q->whereNull('suspended_until')->orWhere('suspended_until', '<=', $today))
            ->join('systems', 'systems.id', '=', 'tasks.system_id')
            ->join('sites', 'sites.id', '=', 'systems.site_id')
            ->join('task_types', 'task_types.id', '=', 'tasks.task_type_id')
            ->select(['tasks.*', 'systems.name as system_name', 'sites.name as place', 'task_types.name as job'])
            ->orderBy('latest_on')
            ->limit(self::SHOWN)
            ->get();

        return new TodayGroupView(
            'Overdue',
            'Nothing is overdue.',
            array_values(
                $tasks
                    ->map(
                        fn (Task $t): TodayLineView => new TodayLineView(
                            self::word($t, 'job').', '.self::word($t, 'system_name'),
                            self::word($t, 'place').', could wait until '.$t->latest_on?->format('j M'),
                            "/systems/{$t->system_id}/tasks",
                            'fix',
                        ),
                    )
                    ->all(),
            ),
            '/rounds/due',
            'the due list',
        );
    }

    /** Alarms that would ring into the void, in the words of the systems’ own pages; how many lack their limit. */
    private static function calls(): TodayGroupView
    {
        $from = Days::text(-1);
        $absences = Absence::query()
            ->where('from_on', '<=', Days::text(2))
            ->where('until_on', '>=', $from)
            ->get()
            ->toBase();
        $alarms = Alarm::query()
            ->current()
            ->with(['system.site', 'calls.user'])
            ->whereHas('system', fn ($s) => $s->current())
            ->where(
                fn ($q) => $q
                    ->untested()
                    ->orWhereDoesntHave(
                        'calls',
                        fn ($c) => $c
                            ->whereNotIn('user_id', $absences->pluck('user_id')->all())
                            ->whereHas('user', fn ($u) => $u->whereNull('archived_at')),
                    ),
            )
            ->orderBy('id')
            ->limit(4 * self::SHOWN)
            ->get();
        $lines = [];
        foreach ($alarms as $alarm) {
            $standing = AlarmStanding::of(
                $alarm,
                $absences,
                Night::Tonight->faultAt($alarm->system->site->timezone ?? Days::zone())->toDateString(),
            );
            if (
                ! in_array($standing, [AlarmStanding::Sound, AlarmStanding::NeedsLimit, AlarmStanding::NeedsPlace], true) &&
                count($lines) < self::SHOWN
            ) {
                $lines[] = new TodayLineView(
                    "{$alarm->name}, {$alarm->system?->name}",
                    $standing->words(),
                    "/systems/{$alarm->system_id}/risk",
                    $standing->mark(),
                );
            }
        }
        $open = Alarm::query()->current()->lacksLimit()->whereHas('system', fn ($s) => $s->current())->count();

        return new TodayGroupView(
            'Alarms nobody would answer',
            'Every alarm is tested and reaches somebody.',
            $lines,
            $open === 0 ? null : '/risk/alarms',
            $open === 0 ? null : ($open === 1 ? 'one alarm lacks its limit' : "{$open} alarms lack their limit"),
        );
    }

    private static function underway(): TodayGroupView
    {
        $visits = self::placed(Visit::query()->where('planned_on', Days::text()))
            ->with('crew')
            ->orderBy('starts_at')
            ->limit(12)
            ->get();

        return new TodayGroupView(
            'On the road today',
            'No visit today.',
            array_values(
                $visits
                    ->map(
                        fn (Visit $v): TodayLineView => new TodayLineView(
                            self::where($v),
                            "{$v->crew?->name}, ".
                                match ($v->state) {
                                    Visit::CLOSED => 'closed',
                                    Visit::UNDERWAY => 'at work',
                                    default => 'planned',
                                },
                            "/visits/{$v->id}",
                            $v->state === Visit::CLOSED ? 'fine' : 'none',
                            $v->starts_at === null ? null : Days::clock(Days::minute($v->starts_at)),
                        ),
                    )
                    ->all(),
            ),
            '/rounds',
            'the board',
        );
    }

    private static function reports(): TodayGroupView
    {
        $reports = Report::query()
            ->whereNull('sent_at')
            ->join('visits', 'visits.id', '=', 'reports.visit_id')
            ->join('sites', 'sites.id', '=', 'reports.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->select([
                'reports.*',
                'sites.name as place',
                'clients.name as client_name',
                'visits.closed_at as visited_at',
            ])
            ->orderBy('reports.id')
            ->limit(self::SHOWN)
            ->get();

        return new TodayGroupView(
            'Reports to send',
            'Every report is sent.',
            array_values(
                $reports
                    ->map(
                        fn (Report $r): TodayLineView => new TodayLineView(
                            self::where($r),
                            'visited '.CarbonImmutable::parse(self::word($r, 'visited_at'))->format('j M'),
                            "/reports/{$r->id}",
                            'watch',
                        ),
                    )
                    ->all(),
            ),
            '/reports',
            'all reports',
        );
    }

    private static function promises(): TodayGroupView
    {
        $later = FollowUp::query()
            ->whereNull('done_at')
            ->where('due_on', '<=', Days::text(2))
            ->join('systems', 'systems.id', '=', 'follow_ups.system_id')
            ->join('users', 'users.id', '=', 'follow_ups.owner_id')
            ->select(['follow_ups.*', 'systems.name as system_name', 'users.name as owner_name'])
            ->orderBy('due_on')
            ->limit(self::SHOWN)
            ->get();

        return new TodayGroupView(
            'Promised for about now',
            'No promise falls due.',
            array_values(
                $later
                    ->map(
                        fn (FollowUp $f): TodayLineView => new TodayLineView(
                            $f->text,
                            self::word($f, 'system_name').
                                ', '.
                                self::word($f, 'owner_name').
                                ", {$f->due_on->format('j M')}",
                            "/systems/{$f->system_id}/tasks",
                            $f->due_on->endOfDay()->isPast() ? 'fix' : 'none',
                        ),
                    )
                    ->all(),
            ),
            '/rounds/due?what=later',
            'every “later”',
        );
    }

    private static function unplanned(): TodayGroupView
    {
        $visits = self::placed(
            Visit::query()
                ->where('state', Visit::OPEN)
                ->where('due_on', '<=', Days::text(7)),
        )
            ->orderBy('due_on')
            ->limit(self::SHOWN)
            ->get();

        return new TodayGroupView(
            'Due this week, without a place',
            'Every visit of the week has a crew and a day.',
            array_values(
                $visits
                    ->map(
                        fn (Visit $v): TodayLineView => new TodayLineView(
                            self::where($v),
                            'due '.
                                $v->due_on->format('j M').
                                ($v->why_unplanned === null ? '' : ", {$v->why_unplanned}"),
                            '/rounds',
                            $v->due_on->endOfDay()->isPast() ? 'fix' : 'watch',
                        ),
                    )
                    ->all(),
            ),
            '/rounds',
            'the board',
        );
    }

    private static function drafts(): TodayGroupView
    {
        $plans = Plan::query()
            ->whereNull('plans.archived_at')
            ->whereDoesntHave('versions', fn ($v) => $v->whereNotNull('accepted_at'))
            ->join('sites', 'sites.id', '=', 'plans.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->select([
                'plans.id',
                'plans.name',
                'plans.updated_at',
                'sites.name as place',
                'clients.name as client_name',
            ])
            ->latest('plans.updated_at')
            ->limit(self::SHOWN)
            ->get();

        return new TodayGroupView(
            'Plans in the making',
            'No plan is open.',
            array_values(
                $plans
                    ->map(
                        fn (Plan $p): TodayLineView => new TodayLineView(
                            $p->name,
                            self::where($p).', touched '.$p->updated_at?->diffForHumans(),
                            "/plans/{$p->id}",
                        ),
                    )
                    ->all(),
            ),
            '/plans',
            'all plans',
        );
    }

    /** What waits for somebody's word: versions not accepted yet, checks a change re-opened. */
    private static function gates(): TodayGroupView
    {
        $versions = PlanVersion::query()
            ->whereNull('accepted_at')
            ->whereHas(
                'plan',
                fn ($p) => $p
                    ->whereNull('archived_at')
                    ->whereDoesntHave('versions', fn ($v) => $v->whereNotNull('accepted_at')),
            )
            ->join('plans', 'plans.id', '=', 'plan_versions.plan_id')
            ->join('sites', 'sites.id', '=', 'plans.site_id')
            ->select(['plan_versions.id', 'plan_versions.number', 'plans.name as plan_name', 'sites.name as place'])
            ->latest('plan_versions.id')
            ->limit(self::SHOWN)
            ->get();
        $ripples = OpenRipple::query()
            ->whereNull('confirmed_at')
            ->with('system')
            ->oldest('id')
            ->limit(self::SHOWN)
            ->get();
        /** @var Collection<int, TodayLineView> $lines */
        $lines = $versions
            ->toBase()
            ->map(
                fn (PlanVersion $v): TodayLineView => new TodayLineView(
                    self::word($v, 'plan_name').", version {$v->number}",
                    self::word($v, 'place').', waits to be accepted',
                    "/plan-versions/{$v->id}",
                    'watch',
                ),
            )
            ->concat(
                $ripples
                    ->toBase()
                    ->map(
                        fn (OpenRipple $r): TodayLineView => new TodayLineView(
                            "{$r->label}, {$r->system?->name}",
                            "re-opened by: {$r->cause}",
                            "/systems/{$r->system_id}",
                            'watch',
                        ),
                    ),
            );

        return new TodayGroupView('Waits for a word', 'Nothing waits.', array_values($lines->all()));
    }

    /**
     * With the names of place and client in the row itself.
     *
     * @param  Builder<Visit>  $visits
     * @return Builder<Visit>
     */
    private static function placed(Builder $visits): Builder
    {
        return $visits
            ->join('sites', 'sites.id', '=', 'visits.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->select(['visits.*', 'sites.name as place', 'clients.name as client_name']);
    }

    private static function where(Model $row): string
    {
        return implode(', ', array_filter([self::word($row, 'place'), self::word($row, 'client_name')]));
    }

    private static function word(Model $row, string $name): string
    {
        $word = $row->getAttribute($name);

        return is_string($word) ? $word : '';
    }
}
