<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A job within a visit, with its steps and what became of it.
 *
 * @property array{version: int, on: string|null, steps: list<array<string, mixed>>, cautions: list<string>}|null $sheet as it was
 *     when the visit began
 */
#[UsePolicy(VisitTaskPolicy::class)]
final class VisitTask extends Row
{
    protected $fillable = [
        'visit_id',
        'system_id',
        'task_id',
        'follow_up_id',
        'task_type_id',
        'title',
        'turn',
        'minutes',
        'litres',
        'kg',
        'disturbs_h',
        'persons',
        'skill',
        'earliest_on',
        'due_on',
        'latest_on',
        'out_l',
        'in_l',
        'reason',
        'state',
        'steps',
        'sheet',
        'note',
        'done_at',
        'done_by',
        'client_uuid',
        'before_photo',
        'before_because',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'steps' => 'array',
            'sheet' => 'array',
            'done_at' => 'immutable_datetime',
            'persons' => 'integer',
            'earliest_on' => 'immutable_date',
            'due_on' => 'immutable_date',
            'latest_on' => 'immutable_date',
        ];
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<FollowUp, $this> */
    public function followUp(): BelongsTo
    {
        return $this->belongsTo(FollowUp::class);
    }

    /** In the words it was asked for, else the kind of job; the type is loaded. */
    public function name(): string
    {
        return $this->title ?? (string) $this->type?->name;
    }

    /** Which due thing it is; see DueThing. */
    public function thingKey(): string
    {
        return match (true) {
            $this->task_id !== null => "t{$this->task_id}",
            $this->follow_up_id !== null => "f{$this->follow_up_id}",
            default => "v{$this->id}",
        };
    }

    /** @return BelongsTo<TaskType, $this> */
    public function type(): BelongsTo
    {
        return $this->belongsTo(TaskType::class, 'task_type_id');
    }
}
