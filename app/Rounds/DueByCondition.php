<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\Material;
use App\Systems\MaterialKept;
use App\Systems\ReadingKept;

/** What waits for a reading, a sign, use or a charge of media is looked at again when one of them is written down (S-48). */
final class DueByCondition
{
    public function handle(ReadingKept|MaterialKept $kept): void
    {
        self::again($kept->systemId);
    }

    public static function again(int $systemId): void
    {
        $tasks = Task::query()
            ->where('system_id', $systemId)
            ->whereNull('ended_at')
            ->where(
                fn ($q) => $q
                    ->whereNotNull('triggers')
                    ->orWhereIn(
                        'id',
                        Material::query()->where('system_id', $systemId)->whereNotNull('task_id')->select('task_id'),
                    ),
            )
            ->with('type')
            ->get();
        foreach ($tasks as $task) {
            $task->settle();
            $task->isDirty() ? $task->save() : null;
        }
    }
}
