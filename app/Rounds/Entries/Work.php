<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\AddJob;
use App\Rounds\DueThings;
use App\Rounds\FollowUp;
use App\Rounds\JobSheets;
use App\Rounds\OffRecord;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Systems\Item;
use Illuminate\Support\Str;
use Velbrin\Core\Rounds\OffWhile;
use Velbrin\Core\Rounds\SheetStep;

/** Steps and jobs: ticked, done, not done after all, put off, added. */
final class Work
{
    public function __construct(private readonly AddJob $add)
    {
    }

    public function step(Sent $sent): Outcome
    {
        $task = $sent->task();
        $index = $sent->number('step', 0, 40);
        if ($task === null || $index === null) {
            return Outcome::refused('That step is not of this visit.');
        }
        $steps = array_values(array_unique([...array_filter($task->steps, is_int(...)), (int) $index]));
        $task->update(['steps' => $sent->yes('undone') ? array_values(array_diff($steps, [(int) $index])) : $steps]);

        return Outcome::ok();
    }

    /** How it looked before the first step, or why nobody could keep that (S-49). */
    public function before(Sent $sent): Outcome
    {
        $task = $sent->task();
        $photo = $sent->payload['photo'] ?? null;
        $because = $sent->text('because', 200);
        if ($task === null) {
            return Outcome::refused('That job is not of this visit.');
        }
        if (! (is_string($photo) && Str::isUuid($photo)) && $because === null) {
            return Outcome::refused('Take the photo, or say why there is none.');
        }
        $task->update(is_string($photo) && Str::isUuid($photo) ? ['before_photo' => $photo] : ['before_because' => $because]);

        return Outcome::ok();
    }

    public function done(Sent $sent): Outcome
    {
        $task = $sent->task();
        if ($task === null) {
            return Outcome::refused('That job is not of this visit.');
        }
        if (! $sent->late && $task->type?->photo_first === true && $task->before_photo === null && $task->before_because === null) {
            return Outcome::refused('Not yet: a photo of how it looked before the first step, or why there is none.');
        }
        $holds = self::holds($task, $sent);
        if ($holds !== []) {
            return Outcome::refused('Not yet: tick “'.implode('”, “', $holds).'” first.');
        }
        $litres = $this->litres($sent, $task);
        if ($litres !== null) {
            return $litres;
        }
        $missing = $sent->late ? [] : $this->mustBeOff($task);
        if ($missing !== []) {
            return Outcome::refused(
                'Not yet: '.
                    implode(', ', $missing).
                    ' must have been off for this. Put it on the off line first, or say it was not needed.',
            );
        }
        if ($task->state !== 'done') {
            $task->update([
                'state' => 'done',
                'done_at' => $sent->at,
                'done_by' => $sent->user->id,
                'note' => $sent->text('note') ?? $task->note,
            ]);
            if ($sent->late) {
                Late::settle($task, $sent);
            }
        }

        return Outcome::ok();
    }

    /**
     * Steps nothing may be done without, and which nobody has ticked (X-42). What a phone of an older page sends names no steps.
     *
     * @return list<string>
     */
    private static function holds(VisitTask $task, Sent $sent): array
    {
        if ($sent->late) {
            return [];
        }
        $type = $task->type;
        $steps = match (true) {
            $task->sheet !== null => JobSheets::read($task->sheet['steps']),
            $type !== null => JobSheets::at($type->steps, $type->products, collect(), $type->holds),
            default => [],
        };
        $open = array_filter(
            $steps,
            fn (SheetStep $s, int $n): bool => $s->hold && ! $s->left && ! in_array($n, $task->steps, true),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_values(array_map(fn (SheetStep $s): string => $s->text, $open));
    }

    /** A change is done with its litres, out and in; null: they are there. */
    private function litres(Sent $sent, VisitTask $task): ?Outcome
    {
        if ($task->litres === null || ($task->out_l !== null && $task->in_l !== null)) {
            return null;
        }
        $out = $sent->number('outL', 0, 1e6) ?? $task->out_l;
        $in = $sent->number('inL', 0, 1e6) ?? $task->in_l;
        if ($sent->late) {
            $task->update(['out_l' => $out, 'in_l' => $in]);

            return null;
        }
        if ($out === null || $in === null) {
            return Outcome::refused('Not yet: how many litres went out, and how many in?');
        }
        $task->update(['out_l' => $out, 'in_l' => $in]);

        return null;
    }

    /** Done or put off by mistake: open again, until the visit is closed. */
    public function undo(Sent $sent): Outcome
    {
        $task = $sent->task();
        if ($task === null) {
            return Outcome::refused('That job is not of this visit.');
        }
        if ($task->state === 'skipped') {
            FollowUp::query()
                ->where('visit_id', $sent->visit->id)
                ->where('system_id', $task->system_id)
                ->where('task_type_id', $task->task_type_id)
                ->where('kind', 'carry-over')
                ->whereNull('done_at')
                ->update(['done_at' => $sent->at, 'done_by' => $sent->user->id]);
            $task->task?->settle();
            $task->task?->save();
        }
        $task->update(['state' => 'open', 'note' => null, 'done_at' => null, 'done_by' => null]);

        return Outcome::ok();
    }

    /** A job nobody planned, added where somebody stands (S-52). */
    public function job(Sent $sent, Visit $visit): Outcome
    {
        $system = $sent->system();
        $text = $sent->text('text', 200);
        $minutes = $sent->number('minutes', 1, AddJob::MOST_MIN) ?? DueThings::ERRAND_MIN;
        if ($system === null || $text === null) {
            return Outcome::refused('Say what, on which system.');
        }
        $this->add->once($visit, $system, $sent->user, $text, $minutes, null, $sent->uuid);

        return Outcome::ok('It is on this visit.');
    }

    /** Not now, because…: a carry-over with a day, which comes back by itself. */
    public function skip(Sent $sent): Outcome
    {
        $task = $sent->task();
        $reason = $sent->text('reason', 200);
        if ($task === null || $reason === null) {
            return Outcome::refused($task === null ? 'That job is not of this visit.' : 'Say why, in a few words.');
        }
        if ($task->state === 'done') {
            return Outcome::refused('It is done already.');
        }
        $on = $sent->day('againOn') ?? Days::today()->addDays(7);
        $task->update(['state' => 'skipped', 'note' => $reason, 'done_at' => $sent->at, 'done_by' => $sent->user->id]);
        // What recurs comes back by itself, not before that day; whatever was asked for once stays asked for.
        $task->task?->carryTo($on);
        $task->followUp?->update(['due_on' => $on->toDateString(), 'earliest_on' => $on->toDateString()]);
        if ($task->follow_up_id === null) {
            FollowUp::query()->firstOrCreate(
                ['client_uuid' => $sent->uuid],
                [
                    'system_id' => $task->system_id,
                    'visit_id' => $sent->visit->id,
                    'task_type_id' => $task->task_type_id,
                    'kind' => 'carry-over',
                    'text' => "{$task->name()}: {$reason}",
                    'owner_id' => $sent->user->id,
                    'due_on' => $on->toDateString(),
                    'earliest_on' => $on->toDateString(),
                    'on_site' => $task->task_id === null,
                ],
            );
        }

        return Outcome::ok('Carried over to '.$on->format('D j M').'.');
    }

    /**
     * What should have been off for a job and was not, on systems that have it at all.
     *
     * @return list<string>
     */
    private function mustBeOff(VisitTask $task): array
    {
        $jobs = array_filter($task->type->off ?? [], is_string(...));
        if ($jobs === []) {
            return [];
        }
        $has = Item::query()
            ->where('system_id', $task->system_id)
            ->whereNull('retired_at')
            ->whereIn('job', $jobs)
            ->pluck('job')
            ->map(fn (mixed $j): string => $j instanceof \BackedEnum ? (string) $j->value : (is_string($j) ? $j : ''))
            ->unique();
        $went = OffRecord::query()
            ->where('system_id', $task->system_id)
            ->where(fn ($q) => $q->where('visit_id', $task->visit_id)->orWhereNull('on_at'))
            ->pluck('what')
            ->map(fn (mixed $w): string => is_string($w) ? $w : '')
            ->all();

        return array_values(
            array_filter(
                array_map(
                    fn (string $job): ?string => $has->contains($job) &&
                    ! in_array(Offs::name($job), $went, true) &&
                    OffWhile::tryFrom($job) !== OffWhile::BaredHeaters
                        ? lcfirst(Offs::name($job))
                        : null,
                    $jobs,
                ),
            ),
        );
    }
}
