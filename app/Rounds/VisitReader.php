<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\House\Views\FindingView;
use App\Rounds\Views\AmmoniaTableView;
use App\Rounds\Views\FollowUpView;
use App\Rounds\Views\LiftedView;
use App\Rounds\Views\NextStopView;
use App\Rounds\Views\OffView;
use App\Rounds\Views\RunningView;
use App\Rounds\Views\SandView;
use App\Rounds\Views\StepView;
use App\Rounds\Views\VisitSystemView;
use App\Rounds\Views\VisitTaskView;
use App\Systems\AmmoniaWatch;
use App\Systems\Band;
use App\Systems\Http\LogController;
use App\Systems\LogEntry;
use App\Systems\OpenRipple;
use App\Systems\Parameters;
use App\Systems\Product;
use App\Systems\StandingNote;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\Views\LogLineView;
use App\Systems\Views\NoteView;
use App\Systems\Views\ParameterView;
use App\Systems\Views\ProductCardView;
use App\Team\Role;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Rounds\SheetStep;

/** Everything a phone needs to stand alone at a visit, read in a fixed number of queries. */
final class VisitReader
{
    private const CHANGES = 6;

    public readonly ?int $reportId;

    /** @var list<string> what was missing here last time */
    public readonly array $missing;

    public readonly ?NextStopView $next;

    /** @var list<RunningView> */
    public readonly array $running;

    public readonly int $photos;

    private readonly CarbonImmutable $since;

    /** @var array<int, string> */
    private array $staff = [];

    /** @var Collection<array-key, Collection<int, stdClass>> what this place does differently, by kind of job */
    private readonly Collection $own;

    /** @var array<int, ProductCardView> */
    private array $cards = [];

    /** @var array<int, list<string>> */
    private array $locks = [];

    /** @var array<int, list<LiftedView>> */
    private array $lifted = [];

    /** @var array<int, list<string>> media charges, by task */
    private array $charges = [];

    public function __construct(private readonly Visit $visit, private readonly User $user)
    {
        $row = DB::query()
            ->selectSub(DB::table('reports')->where('visit_id', $visit->id)->select('id')->limit(1), 'report_id')
            ->selectSub(
                DB::table('attachments')
                    ->where('subject_type', 'visit')
                    ->where('subject_id', $visit->id)
                    ->whereNull('archived_at')
                    ->selectRaw('count(*)'),
                'photos',
            )
            ->selectSub(self::ownSteps($visit->site_id), 'own')
            ->selectSub(self::locks($visit->site_id), 'locks')
            ->selectSub(
                DB::table('lifted')
                    ->where('visit_id', $visit->id)
                    ->selectRaw(
                        "json_arrayagg(json_object('system_id', system_id, 'uuid', client_uuid, 'what', what, 'place', ".
                        "coalesce(back_place, place), 'back', back_at is not null))",
                    ),
                'lifted',
            )
            ->selectSub(self::bring($visit), 'bring')
            ->selectSub(self::nextStop($visit), 'next')
            ->selectSub(RunningClocks::mixing($visit), 'mixing')
            ->selectSub(RunningClocks::disturbed($visit->site_id), 'disturbed')
            ->selectSub(
                DB::table('visits')
                    ->where('site_id', $visit->site_id)
                    ->where('state', Visit::CLOSED)
                    ->where('id', '<>', $visit->id)
                    ->selectRaw('max(closed_at)'),
                'last',
            )
            ->first();
        $this->reportId = is_numeric($row?->report_id) ? (int) $row->report_id : null;
        $this->photos = is_numeric($row?->photos) ? (int) $row->photos : 0;
        $this->own = self::rows($row?->own)->groupBy('task_type_id');
        foreach (self::rows($row?->locks) as $lock) {
            $this->locks[(int) $lock->system_id][] = Lock::say(
                (string) $lock->what,
                (string) $lock->until,
                (string) $lock->because,
            );
        }
        foreach (self::rows($row?->lifted) as $lifted) {
            $this->lifted[(int) $lifted->system_id][] = LiftedView::of($lifted);
        }
        $this->missing = array_values(
            self::rows($row?->bring)
                ->map(fn (stdClass $b): string => LoadList::missed((string) $b->text))
                ->unique()
                ->all(),
        );
        $next = json_decode(is_string($row?->next) ? $row->next : 'null');
        $this->next = $next instanceof stdClass ? NextStopView::of($visit, $next, $user->units()) : null;
        $this->running = RunningClocks::of(
            $visit,
            self::rows($row?->mixing),
            self::rows($row?->disturbed),
            fn (float $l): string => $user->units()->show(Quantity::of($l, Kind::Volume)),
        );
        $this->since = is_string($row?->last) ? CarbonImmutable::parse($row->last) : CarbonImmutable::now()->subMonth();
    }

    /** @return Collection<int, stdClass> */
    private static function rows(mixed $json): Collection
    {
        $rows = json_decode(is_string($json) ? $json : '[]');

        return collect(
            is_array($rows) ? array_values(array_filter($rows, fn (mixed $r): bool => $r instanceof stdClass)) : [],
        );
    }

    private static function locks(int $siteId): Builder
    {
        return DB::table('locks')
            ->join('systems', 'systems.id', '=', 'locks.system_id')
            ->where('systems.site_id', $siteId)
            ->whereNull('locks.lifted_at')
            ->where('locks.until_on', '>=', Days::text())
            ->selectRaw(
                "json_arrayagg(json_object('system_id', locks.system_id, 'what', locks.what, 'because', locks.because, 'until', ".
                'locks.until_on))',
            );
    }

    private static function bring(Visit $visit): Builder
    {
        return DB::table('follow_ups')
            ->join('systems', 'systems.id', '=', 'follow_ups.system_id')
            ->where('systems.site_id', $visit->site_id)
            ->where('follow_ups.kind', 'bring')
            ->whereNull('follow_ups.done_at')
            ->where(fn ($q) => $q->whereNull('follow_ups.visit_id')->orWhere('follow_ups.visit_id', '<>', $visit->id))
            ->selectRaw("json_arrayagg(json_object('text', follow_ups.text))");
    }

    /** The crew’s next stop of that day. */
    private static function nextStop(Visit $visit): Builder
    {
        return DB::table('visits')
            ->join('sites', 'sites.id', '=', 'visits.site_id')
            ->where('visits.crew_id', $visit->crew_id ?? 0)
            ->where('visits.planned_on', $visit->planned_on?->toDateString())
            ->where('visits.id', '<>', $visit->id)
            ->where('visits.state', Visit::PLANNED)
            ->whereNotNull('visits.starts_at')
            ->orderBy('visits.starts_at')
            ->limit(1)
            ->selectRaw(
                "json_object('id', visits.id, 'place', sites.name, 'street', sites.street, 'town', sites.town, 'lat', ".
                "sites.lat, 'lon', sites.lon, 'starts_at', visits.starts_at, 'salt_l', visits.salt_l, 'ro_l', visits.ro_l)",
            );
    }

    /** As one value: a page asks a fixed number of questions. */
    private static function ownSteps(int $siteId): Builder
    {
        return DB::table('site_steps')
            ->where('site_id', $siteId)
            ->whereNull('archived_at')
            ->selectRaw(
                "json_arrayagg(json_object('id', id, 'task_type_id', task_type_id, 'step', step, 'does', does, 'text', text, ".
                "'why', why, 'attachment_id', attachment_id))",
            );
    }

    /** @return array<int, string> who may own what is put off; after the systems are read */
    public function staff(): array
    {
        return $this->staff;
    }

    /** @return list<VisitSystemView> */
    public function systems(): array
    {
        $tasks = $this->visit->loadMissing('tasks.type')->tasks->sortBy('id')->values()->toBase()->groupBy('system_id');
        $ids = $tasks->keys()->all();
        $steps = $tasks->flatten()->mapWithKeys(fn (VisitTask $t): array => [$t->id => $this->steps($t)])->all();
        $this->cards = self::cards($steps);
        $this->charges = MediaCharges::words(
            array_values($tasks->flatten()->map(fn (VisitTask $t): ?int => $t->task_id)->all()),
            $this->user->units(),
        );
        // The devices that run there, as one word list: a cast for each would be dear.
        $systems = System::query()
            ->select('systems.*')
            ->selectSub(
                DB::table('items')
                    ->whereColumn('system_id', 'systems.id')
                    ->whereNull('retired_at')
                    ->selectRaw('group_concat(distinct job)'),
                'jobs',
            )
            ->whereIn('id', $ids)
            ->with([
                'vessels',
                'bands',
                'judgements',
                'ripples',
                'standingNotes' => fn (Relation $notes) => $notes->whereNull('archived_at')->latest('id'),
            ])
            ->orderBy('isolated_since')
            ->orderBy('id')
            ->get();
        $log = LogEntry::query()
            ->whereIn('system_id', $ids)
            ->where('happened_at', '>', $this->since)
            ->where('kind', '<>', 'event')
            ->latest('happened_at')
            ->limit(60)
            ->get();
        $carried = FollowUp::query()
            ->whereIn('system_id', $ids)
            ->whereNull('done_at')
            ->where('due_on', '<=', Days::text(7))
            ->orderBy('due_on')
            ->get();
        $offs = OffRecord::query()->whereIn('system_id', $ids)->whereNull('on_at')->orderBy('off_at')->get();
        $this->people($log, $carried, $offs, $systems);
        [$log, $carried, $offs] = [
            $log->toBase()->groupBy('system_id'),
            $carried->toBase()->groupBy('system_id'),
            $offs->toBase()->groupBy('system_id'),
        ];

        return array_values(
            $systems
                ->map(
                    fn (System $s): VisitSystemView => $this->system(
                        $s,
                        $steps,
                        $tasks[$s->id] ?? collect(),
                        $log[$s->id] ?? collect(),
                        $carried[$s->id] ?? collect(),
                        $offs[$s->id] ?? collect(),
                    ),
                )
                ->all(),
        );
    }

    /**
     * Everybody who wrote, owns or switched, in one question.
     *
     * @param  EloquentCollection<int, LogEntry>  $log
     * @param  EloquentCollection<int, FollowUp>  $carried
     * @param  EloquentCollection<int, OffRecord>  $offs
     * @param  EloquentCollection<int, System>  $systems
     */
    private function people(
        EloquentCollection $log,
        EloquentCollection $carried,
        EloquentCollection $offs,
        EloquentCollection $systems,
    ): void {
        $notes = $systems->flatMap(fn (System $s): Collection => $s->standingNotes->toBase());
        $named = array_unique([
            ...$notes->pluck('user_id'),
            ...$log->pluck('user_id'),
            ...$carried->pluck('owner_id'),
            ...$offs->pluck('off_by'),
            ...$offs->pluck('owner_id')->filter(),
        ]);
        // Plain rows: a large company has hundreds, and only a few are named here.
        $rows = DB::table('users')
            ->where(fn ($q) => $q->whereNull('archived_at')->where('role', '<>', Role::Client->value))
            ->orWhereIn('id', $named)
            ->orderBy('name')
            ->get(['id', 'name', 'role', 'archived_at']);
        foreach ($rows as $row) {
            if ($row->archived_at === null && $row->role !== Role::Client->value) {
                $this->staff[(int) $row->id] = (string) $row->name;
            }
        }
        $users = User::hydrate($rows->whereIn('id', $named)->all())->keyBy('id');
        $notes->each(fn (StandingNote $n): StandingNote => $n->setRelation('user', $users[$n->user_id] ?? null));
        $log->each(fn (LogEntry $e): LogEntry => $e->setRelation('user', $users[$e->user_id] ?? null));
        $carried->each(
            fn (FollowUp $f): FollowUp => $f
                ->setRelation('owner', $users[$f->owner_id] ?? null)
                ->setRelation('system', $systems->find($f->system_id)),
        );
        $offs->each(
            fn (OffRecord $o): OffRecord => $o
                ->setRelation('by', $users[$o->off_by] ?? null)
                ->setRelation('owner', $users[$o->owner_id ?? 0] ?? null),
        );
    }

    /** @return list<SheetStep> as kept when the visit began; before that, as they stand now */
    private function steps(VisitTask $task): array
    {
        $kept = $task->sheet;

        return $kept !== null
            ? JobSheets::read($kept['steps'])
            : JobSheets::at(
                $task->type->steps ?? [],
                $task->type->products ?? [],
                $this->own[$task->task_type_id] ?? collect(),
                $task->type->holds ?? [],
            );
    }

    /**
     * @param  array<int, list<SheetStep>>  $steps
     * @return array<int, ProductCardView>
     */
    private static function cards(array $steps): array
    {
        $ids = array_unique(
            array_filter(array_map(fn (SheetStep $s): ?int => $s->product, array_merge(...array_values($steps)))),
        );

        return $ids === []
            ? []
            : Product::query()
                ->withSheet()
                ->whereIntegerInRaw('products.id', $ids)
                ->get()
                ->mapWithKeys(fn (Product $p): array => [$p->id => ProductCardView::of($p)])
                ->all();
    }

    /**
     * @param  array<int, list<SheetStep>>  $steps  by task
     * @param  Collection<int, VisitTask>  $tasks
     * @param  Collection<int, LogEntry>  $log
     * @param  Collection<int, FollowUp>  $carried
     * @param  Collection<int, OffRecord>  $offs
     */
    private function system(
        System $system,
        array $steps,
        Collection $tasks,
        Collection $log,
        Collection $carried,
        Collection $offs,
    ): VisitSystemView {
        $litres = $system->volumeL();
        $user = $this->user;
        $jobs = explode(',', (string) $system->getAttributes()['jobs']);
        [$readings, $others] = self::readings($system, $tasks, $user);
        $ammonia = AmmoniaWatch::of($system)?->finding;

        return new VisitSystemView(
            id: $system->id,
            name: $system->name,
            volume: $litres === null ? null : $user->units()->show(Quantity::of($litres, Kind::Volume)),
            isolated: $system->isolated_since === null ? null : (string) $system->isolated_reason,
            settling: $system->isSettling() ? 'settling until '.$system->settling_until?->format('j M') : null,
            notes: array_values($system->standingNotes->map(fn (StandingNote $n): NoteView => NoteView::of($n))->all()),
            changes: array_values(
                $log
                    ->take(self::CHANGES)
                    ->map(
                        fn (LogEntry $e): LogLineView => new LogLineView(
                            $e->id,
                            $e->happened_at->toIso8601ZuluString(),
                            LogController::KINDS[$e->kind] ?? $e->kind,
                            $e->text,
                            (string) $e->user?->name,
                        ),
                    )
                    ->all(),
            ),
            carried: array_values($carried->map(fn (FollowUp $f): FollowUpView => FollowUpView::of($f))->all()),
            offs: array_values($offs->map(fn (OffRecord $o): OffView => OffView::of($o))->all()),
            tasks: array_values(
                $tasks
                    ->map(
                        fn (VisitTask $t): VisitTaskView => VisitTaskView::of(
                            $t,
                            $system,
                            $jobs,
                            $user,
                            array_map(
                                fn (SheetStep $step): StepView => StepView::of($step, $this->cards),
                                $steps[$t->id] ?? [],
                            ),
                            $this->charges[$t->task_id ?? 0] ?? [],
                        ),
                    )
                    ->all(),
            ),
            readings: $readings,
            others: $others,
            ripples: array_values($system->ripples->map(fn (OpenRipple $r): string => "{$r->label}: {$r->check}")->all()),
            ammonia: self::ammonia($system, $user),
            ammoniaStands: $ammonia === null || $ammonia->severity === Severity::Fine
                ? null
                : FindingView::of($ammonia, $user->units()),
            locks: $this->locks[$system->id] ?? [],
            lifted: $this->lifted[$system->id] ?? [],
            sand: $tasks->contains(fn (VisitTask $t): bool => $t->type?->key === SandJob::KEY)
                ? SandView::of($this->profiles($system), $user->units())
                : null,
        );
    }

    /**
     * What the jobs ask for first, then whatever this system tracks; all the rest may be read too (C-60).
     *
     * @param  Collection<int, VisitTask>  $tasks
     * @return array{0: list<ParameterView>, 1: list<ParameterView>}
     */
    private static function readings(System $system, Collection $tasks, User $user): array
    {
        $asked = $tasks
            ->flatMap(fn (VisitTask $t): array => array_filter($t->type->readings ?? [], is_string(...)))
            ->unique()
            ->all();
        $tracked = $system->bands
            ->filter(fn (Band $b): bool => (bool) $b->getAttributes()['tracked'])
            ->map(fn (Band $b): string => (string) $b->getAttributes()['parameter'])
            ->all();
        $judged = AmmoniaWatch::judged($system);
        $view = fn (Measured $p): ParameterView => ParameterView::of(
            $p,
            Band::for($system, $p),
            StoredJudgement::for($system, $p),
            $user,
            $judged,
            $system->ammonia_at,
        );
        $first = array_values(array_unique([...$asked, ...$tracked]));
        $followed = array_filter(array_map(fn (string $key): ?Measured => Parameters::here()->find($key), $first));
        $others = array_filter(Parameters::here()->all(), fn (Measured $p): bool => ! in_array($p->key(), $first, true));

        return [array_values(array_map($view, $followed)), array_values(array_map($view, $others))];
    }

    private static function ammonia(System $system, User $user): ?AmmoniaTableView
    {
        $table = AmmoniaWatch::table($system);
        $fresh = function (Parameter $parameter) use ($system): ?float {
            $judgement = StoredJudgement::for($system, $parameter);

            return $judgement !== null && $judgement->latest_at->isAfter(CarbonImmutable::now()->subDay())
                ? $judgement->latest
                : null;
        };

        return $table === null
            ? null
            : AmmoniaTableView::of(
                $table,
                $system->volumeL(),
                $fresh(Parameter::Ph),
                $fresh(Parameter::Temperature),
                $user->units(),
            );
    }

    /** @return list<SandProfile> the newest two */
    private function profiles(System $system): array
    {
        return array_values(
            SandProfile::query()
                ->where('system_id', $system->id)
                ->latest('measured_on')
                ->latest('id')
                ->limit(2)
                ->get()
                ->all(),
        );
    }
}
