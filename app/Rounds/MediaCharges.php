<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Rounds\Views\ChargeView;
use App\Systems\Material;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Trigger;

/** Charges of media and the job they are exchanged with (S-48): those due that day, the others stay on purpose. */
final class MediaCharges
{
    /** Turns of a job after which the charge stays, comes out, or goes in; any other turn exchanges it. */
    private const TOP_UP = 'top up';

    private const OUT = 'out';

    private const IN = 'in';

    /** Before the task is settled anew. */
    public static function exchange(VisitTask $done, CarbonImmutable $at, int $userId): void
    {
        $task = $done->task;
        if ($task === null) {
            return;
        }
        $on = CarbonImmutable::parse($at->setTimezone(Days::zone())->toDateString());
        if ($done->turn === self::IN) {
            // What came out last time went in again, fresh.
            $last = Material::query()
                ->current()
                ->where('task_id', $task->id)
                ->whereNotNull('out_on')
                ->latest('out_on')
                ->latest('id')
                ->first();
            $isIn = Material::charges($task->system_id)->where('task_id', $task->id)->exists();
            $isIn ? null : $last?->exchange($on, $userId);

            return;
        }
        foreach (self::due($task, $on)->get() as $charge) {
            match ($done->turn) {
                self::TOP_UP => self::toppedUp($charge, $on),
                self::OUT => $charge->update(['out_on' => $on->toDateString()]),
                default => $charge->exchange($on, $userId),
            };
        }
    }

    private static function toppedUp(Material $charge, CarbonImmutable $on): void
    {
        $charge->settleDue($on);
        $charge->save();
    }

    /** @return Builder<Material> */
    private static function due(Task $task, CarbonImmutable $on): Builder
    {
        $by = $on->addDays((int) Trigger::WITHIN_DAYS)->toDateString();

        return Material::charges($task->system_id)
            ->where('task_id', $task->id)
            ->where('due_on', '<=', $by)
            ->orderBy('due_on')
            ->orderBy('id');
    }

    /**
     * What a technician is to exchange, and what stays.
     *
     * @param  array<int, int|null>  $taskIds
     * @return array<int, list<string>> by task
     */
    public static function words(array $taskIds, Units $units): array
    {
        $by = Days::today()->addDays((int) Trigger::WITHIN_DAYS)->toDateString();
        $charges = Material::query()
            ->current()
            ->whereIn('task_id', array_filter($taskIds))
            ->whereNull('out_on')
            ->whereNotNull('due_on')
            ->orderBy('due_on')
            ->orderBy('id')
            ->get();

        return $charges
            ->groupBy('task_id')
            ->map(
                fn (Collection $of): array => array_values(
                    $of
                        ->map(function (Material $m) use ($by, $units): string {
                            $isDue = $m->due_on !== null && $m->due_on->toDateString() <= $by;

                            return ($isDue ? 'Now: ' : "Stays until {$m->due_on?->format('j M')}: ").
                                $m->words(ChargeView::mass($m, $units) ?? '');
                        })
                        ->all(),
                ),
            )
            ->all();
    }
}
