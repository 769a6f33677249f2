<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Rounds\Due;
use Velbrin\Core\Rounds\NextDue;
use Velbrin\Core\Rounds\Window;

/**
 * A recurring job of one system: its range, its last day, its next window (S-2, X-40).
 *
 * @property list<array<string, mixed>>|null $triggers further reasons besides the days; see TaskTriggers
 */
#[UsePolicy(TaskPolicy::class)]
final class Task extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'task_type_id',
        'triggers',
        'first_on',
        'due_because',
        'every_days',
        'earliest_days',
        'latest_days',
        'reason',
        'turn',
        'litres',
        'until_on',
        'last_done_on',
        'earliest_on',
        'due_on',
        'latest_on',
        'suspended_until',
        'suspended_reason',
        'ended_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'until_on' => 'immutable_date',
            'last_done_on' => 'immutable_date',
            'earliest_on' => 'immutable_date',
            'due_on' => 'immutable_date',
            'latest_on' => 'immutable_date',
            'suspended_until' => 'immutable_date',
            'ended_at' => 'immutable_datetime',
            'turn' => 'integer',
            'first_on' => 'immutable_date',
            'triggers' => 'array',
        ];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<TaskType, $this> */
    public function type(): BelongsTo
    {
        return $this->belongsTo(TaskType::class, 'task_type_id');
    }

    public function isSuspended(): bool
    {
        return $this->suspended_until !== null && $this->suspended_until->isFuture();
    }

    /** The next window: the first of its reasons (S-48); due now where it was never done (S-51). None when it has ended. */
    public function settle(?CarbonImmutable $today = null): void
    {
        $facts = TaskTriggers::facts($this, $today);
        $triggers = TaskTriggers::of($this, $facts);
        $next = NextDue::of($triggers, $facts);
        $window = $next?->window;
        if (
            $this->last_done_on === null &&
            $this->first_on !== null &&
            $window !== null &&
            $next->by->interval !== null
        ) {
            $window = $next->by->interval->from((float) Days::number($this->first_on));
        }
        $isOver =
            NextDue::isOver($triggers, $facts) ||
            ($this->until_on !== null && $window !== null && $window->dueDay > Days::number($this->until_on));
        $days = $isOver ? null : $window?->inDays();
        $on = fn (?float $day): ?string => $day === null ? null : Days::date((int) $day)->toDateString();
        $this->fill([
            'earliest_on' => $on($days?->earliestDay),
            'due_on' => $on($days?->dueDay),
            'latest_on' => $on($days?->latestDay),
            'due_because' => $days === null ? null : $next->by->kind->value,
            'ended_at' => $isOver ? now() : null,
        ]);
    }

    /** Not before that day, as somebody decided; the range stays as wide as it was. */
    public function carryTo(CarbonImmutable $on): void
    {
        $late =
            $this->due_on === null || $this->latest_on === null
                ? 0
                : max(0, Days::number($this->latest_on) - Days::number($this->due_on));
        $this->update([
            'earliest_on' => $on->toDateString(),
            'due_on' => $on->toDateString(),
            'latest_on' => $on->addDays($late)->toDateString(),
        ]);
    }

    public function standing(CarbonImmutable $today): Due
    {
        [$earliest, $due, $latest] = [
            $this->dateText('earliest_on'),
            $this->dateText('due_on'),
            $this->dateText('latest_on'),
        ];
        if ($this->isSuspended()) {
            return Due::Suspended;
        }
        if ($earliest === null || $due === null || $latest === null) {
            return Due::Early;
        }

        return (new Window(Days::ofText($earliest), Days::ofText($due), Days::ofText($latest)))->at(
            Days::number($today->startOfDay()),
        );
    }

    /** A date as it is stored, "2026-03-09": a list reads hundreds, and a calendar object for each is dear. */
    public function dateText(string $column): ?string
    {
        $date = $this->getAttributes()[$column] ?? null;

        return is_string($date) && $date !== '' ? substr($date, 0, 10) : null;
    }
}
