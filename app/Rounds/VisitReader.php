<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Rounds\Views\VisitSystemView;
use App\Systems\LogEntry;
use App\Systems\StandingNote;
use App\Systems\System;
use App\Team\Role;
use App\Team\User;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Rounds\SheetStep;

/** Everything a phone needs to stand alone at a visit, read in a fixed number of queries. */
final class VisitReader
{
    public readonly VisitSurroundings $round;

    /** @var array<int, string> */
    private array $staff = [];

    public function __construct(private readonly Visit $visit, private readonly User $user)
    {
        $this->round = new VisitSurroundings($visit, $user);
    }

    /** @return array<int, string> who may own what is put off; after the systems are read */
    public function staff(): array
    {
        return $this->staff;
    }

    /** @return list<VisitSystemView> */
    public function systems(): array
    {
        $tasks = $this->visit->loadMissing(['tasks.type', 'tasks.followUp'])->tasks->sortBy('id')->values()->toBase()->groupBy('system_id');
        $ids = $tasks->keys()->all();
        $steps = $tasks->flatten()->mapWithKeys(fn (VisitTask $t): array => [$t->id => $this->steps($t)])->all();
        $charges = MediaCharges::words(
            array_values($tasks->flatten()->map(fn (VisitTask $t): ?int => $t->task_id)->all()),
            $this->user->units(),
        );
        $reader = new VisitSystemReader($this->round, $this->user, $steps, $charges);
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
            ->where('happened_at', '>', $this->round->since)
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
                    fn (System $s): VisitSystemView => $reader->read(
                        $s,
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
                $this->round->own[$task->task_type_id] ?? collect(),
                $task->type->holds ?? [],
            );
    }
}
