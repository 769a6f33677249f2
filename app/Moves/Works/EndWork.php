<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A work ends when all of its list is done; or is given up, and the record says why. */
final class EndWork
{
    public static function of(Work $work, ?string $because, User $user): void
    {
        DB::transaction(function () use ($work, $because, $user): void {
            $locked = Work::query()->whereKey($work->id)->with('marks')->lockForUpdate()->sole();
            $course = WorkNow::of($locked);
            if (! $course->isComplete() && $because === null) {
                $open = count($course->states) - $course->done();
                throw ValidationException::withMessages([
                    'because' => "{$open} of its list are open. Or say why it is given up as it stands.",
                ]);
            }
            $locked->update(['ended_at' => now(), 'ended_because' => $because]);
            System::query()->findOrFail($locked->system_id)->logEntries()->create([
                'kind' => 'work',
                'text' => mb_substr("{$locked->name}: ".($because === null ? 'all of its list is done.' : "given up. {$because}"), 0, 1000),
                'happened_at' => now(),
                'user_id' => $user->id,
            ]);
            WorkInRounds::set($locked, $user);
        });
    }
}
