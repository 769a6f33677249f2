<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\Systems\Judge;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Rounds\Due;
use Velbrin\Core\Rounds\Interval;
use Velbrin\Core\Rounds\Recurrence;
use Velbrin\Core\Rounds\Window;

/** A recurring job of one system: its range, its last day, its next window (S-2, X-40). */
#[UsePolicy(TaskPolicy::class)]
final class Task extends Model
{
    use Audited;

    protected $fillable = ['system_id', 'task_type_id', 'every_days', 'earliest_days', 'latest_days', 'reason', 'turn', 'litres', 'until_on', 'last_done_on', 'earliest_on', 'due_on', 'latest_on', 'suspended_until', 'suspended_reason', 'ended_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until_on' => 'immutable_date', 'last_done_on' => 'immutable_date', 'earliest_on' => 'immutable_date', 'due_on' => 'immutable_date', 'latest_on' => 'immutable_date', 'suspended_until' => 'immutable_date', 'ended_at' => 'immutable_datetime', 'turn' => 'integer'];
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

    /** The core's recurrence; the type is loaded. */
    public function recurrence(): Recurrence
    {
        $turns = array_values(array_filter($this->type->turns ?? [], is_string(...)));

        return new Recurrence(Interval::of($this->every_days, $this->earliest_days, $this->latest_days), $turns, $this->until_on === null ? null : Judge::day($this->until_on));
    }

    public function isSuspended(): bool
    {
        return $this->suspended_until !== null && $this->suspended_until->isFuture();
    }

    /** The next window follows from the last day; none when it has ended. */
    public function settle(): void
    {
        if ($this->last_done_on === null) {
            return;
        }
        [$window] = $this->recurrence()->after(Judge::day($this->last_done_on));
        $on = fn (?float $day): ?string => $day === null ? null : Judge::moment($day)->toDateString();
        $this->fill(['earliest_on' => $on($window?->earliestDay), 'due_on' => $on($window?->dueDay), 'latest_on' => $on($window?->latestDay), 'ended_at' => $window === null ? now() : null]);
    }

    public function standing(CarbonImmutable $today): Due
    {
        [$earliest, $due, $latest] = [$this->dateText('earliest_on'), $this->dateText('due_on'), $this->dateText('latest_on')];
        if ($this->isSuspended() || $earliest === null || $due === null || $latest === null) {
            return Due::Suspended;
        }

        return (new Window(Days::ofText($earliest), Days::ofText($due), Days::ofText($latest)))->at(Days::number($today->startOfDay()));
    }

    /** A date as it is stored, "2026-03-09": a list reads hundreds, and a calendar object for each is dear. */
    public function dateText(string $column): ?string
    {
        $date = $this->getAttributes()[$column] ?? null;

        return is_string($date) && $date !== '' ? substr($date, 0, 10) : null;
    }
}
