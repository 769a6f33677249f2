<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Risk\Proof;
use App\Systems\Item;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Rounds\TaskLibrary;

/** A proof that was done at a visit counts from that day (R-43). */
final class ProvedAtVisit
{
    public function handle(VisitClosed $closed): void
    {
        $done = $closed->visit->tasks()->where('state', 'done')->with('type')->get();
        foreach ($done as $task) {
            $proves = TaskLibrary::PROOFS[$task->type->key ?? ''] ?? null;
            if ($proves === null) {
                continue;
            }
            $row = [
                'system_id' => $task->system_id,
                'method' => $task->type?->name,
                'passed' => true,
                'on' => Days::text(),
                'user_id' => $closed->by->id,
            ];
            $job = Job::tryFrom($proves);
            if ($job === null) {
                Proof::query()->create([...$row, 'what' => $proves]);

                continue;
            }
            $items = Item::query()->where('system_id', $task->system_id)->where('job', $job->value)->whereNull('retired_at')->get();
            foreach ($items as $item) {
                Proof::query()->create([...$row, 'what' => Proof::ITEM, 'item_id' => $item->id]);
            }
        }
    }
}
