<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\Task;
use App\Rounds\TaskTriggers;
use Carbon\CarbonImmutable;
use Velbrin\Core\Rounds\TriggerKind;

/** One recurring job and where it stands. */
final readonly class TaskLineView
{
    private function __construct(
        public int $id,
        public int $systemId,
        public string $system,
        public string $where,
        public string $type,
        public int $typeId,
        public ?string $turn,
        public string $standing,
        public string $standingWords,
        public ?string $lastDoneOn,
        public ?string $dueOn,
        public ?string $latestOn,
        public ?float $everyDays,
        public ?float $earliestDays,
        public ?float $latestDays,
        public ?float $standardDays,
        public ?string $reason,
        public ?string $suspendedUntil,
        public ?string $suspendedReason,
        public ?float $litres,
        /**
         * Further reasons, in words
         *
         * @var list<string>
         */
        public array $reasons,
        /** @var list<TriggerView> */
        public array $triggers,
        /** The reason that asks for it now, where it is not its days. */
        public ?string $because,
    ) {
    }

    /** The task is loaded with type and system.site.client. */
    public static function of(Task $task, CarbonImmutable $today): self
    {
        $standing = $task->standing($today);
        $turns = $task->type->turns ?? [];
        $turn = $turns[$task->turn] ?? null;

        return new self(
            id: $task->id,
            systemId: $task->system_id,
            system: (string) $task->system?->name,
            where: trim("{$task->system?->site?->client?->name}, {$task->system?->site?->name}", ', '),
            type: (string) $task->type?->name,
            typeId: $task->task_type_id,
            turn: is_string($turn) ? $turn : null,
            standing: $standing->value,
            standingWords: $standing->label(),
            lastDoneOn: $task->dateText('last_done_on'),
            dueOn: $task->dateText('due_on'),
            latestOn: $task->dateText('latest_on'),
            everyDays: $task->every_days,
            earliestDays: $task->earliest_days,
            latestDays: $task->latest_days,
            standardDays: $task->type->every_days ?? $task->every_days,
            reason: $task->reason,
            suspendedUntil: $task->isSuspended() ? $task->suspended_until?->toDateString() : null,
            suspendedReason: $task->suspended_reason,
            litres: $task->litres,
            reasons: TaskTriggers::words($task),
            triggers: array_map(TriggerView::of(...), $task->triggers ?? []),
            because: $task->due_because === null || $task->due_because === TriggerKind::Every->value
                ? null
                : TriggerKind::tryFrom($task->due_because)?->label(),
        );
    }
}
