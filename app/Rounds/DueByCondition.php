<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\ReadingKept;

/** What waits for a reading, a sign or use is looked at again when one of them is written down (S-48). */
final class DueByCondition
{
    public function handle(ReadingKept $kept): void
    {
        self::again($kept->systemId);
    }

    public static function again(int $systemId): void
    {
        $tasks = Task::query()->where('system_id', $systemId)->whereNull('ended_at')->whereNotNull('triggers')->with('type')->get();
        foreach ($tasks as $task) {
            $task->settle();
            $task->isDirty() ? $task->save() : null;
        }
    }
}
