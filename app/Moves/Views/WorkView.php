<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\Moves\Works\Work;
use App\Moves\Works\WorkMark;
use App\Moves\Works\WorkNow;
use App\Team\User;
use Velbrin\Core\Moves\Work\StepState;

/** A work with its whole list. */
final readonly class WorkView
{
    /** @param  list<WorkStepView>  $steps */
    private function __construct(
        public int $id,
        public string $name,
        public string $what,
        public int $systemId,
        public string $system,
        public string $begunOn,
        public ?string $on,
        public ?string $endedAt,
        public ?string $endedBecause,
        public int $done,
        public bool $isComplete,
        /** The step that comes next. */
        public ?string $next,
        /** Device that is exchanged, as the register calls it; null: this work exchanges none. */
        public ?string $device,
        public bool $bringsNew,
        public array $steps,
        public bool $mayRecord,
        public bool $mayEnd,
    ) {
    }

    /** The work is loaded with system, item, vessel, marks.user and marks.work. */
    public static function of(Work $work, User $user): self
    {
        $course = WorkNow::of($work);
        $of = fn (StepState $s): array => array_values(
            $work->marks->filter(fn (WorkMark $m): bool => $m->step === $s->step->todo)->all(),
        );

        return new self(
            id: $work->id,
            name: $work->name,
            what: "{$work->verb->label()}: {$work->kind->label()}",
            systemId: $work->system_id,
            system: (string) $work->system?->name,
            begunOn: (string) $work->created_at?->toDateString(),
            on: $work->on?->toDateString(),
            endedAt: $work->ended_at?->toIso8601String(),
            endedBecause: $work->ended_because,
            done: $course->done(),
            isComplete: $course->isComplete(),
            next: $course->next((float) now()->getTimestamp())?->step->todo->value,
            device: $work->kind->device() === null ? null : ($work->item->name ?? $work->kind->label()),
            bringsNew: $work->verb->brings(),
            steps: array_map(fn (StepState $s): WorkStepView => WorkStepView::of($s, $of($s), $user), $course->states),
            mayRecord: $user->can('record', $work),
            mayEnd: $user->can('update', $work),
        );
    }
}
