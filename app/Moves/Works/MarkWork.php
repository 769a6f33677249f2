<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Clients\Attachments;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Work\Mark;
use Velbrin\Core\Moves\Work\Todo;

/** Somebody says of a step that it is done, what was read, how many; or takes it back. */
final class MarkWork
{
    /**
     * @param  array{uuid: string, step: Todo, value: float|null, answer: bool|null, words: string|null,
     *     photo: UploadedFile|null, at: CarbonImmutable}  $said
     */
    public static function of(Work $work, array $said, User $user): void
    {
        DB::transaction(function () use ($work, $said, $user): void {
            $locked = Work::query()->whereKey($work->id)->with('marks')->lockForUpdate()->sole();
            // Sent twice, said once.
            if (WorkMark::query()->where('client_uuid', $said['uuid'])->exists()) {
                return;
            }
            if ($locked->ended_at !== null) {
                throw ValidationException::withMessages(['step' => 'This work has ended.']);
            }
            self::accepted($locked, $said);
            $system = System::query()->findOrFail($locked->system_id);
            $words = $said['step']->says()->in($user->units());
            $photo = $said['photo'] === null
                ? null
                : Attachments::keep($system, $said['photo'], mb_substr("{$locked->name}: {$words}", 0, 200), $user, "work:{$locked->id}");
            WorkMark::query()->create([
                'client_uuid' => $said['uuid'],
                'work_id' => $locked->id,
                'user_id' => $user->id,
                'step' => $said['step'],
                'value' => $said['value'],
                'answer' => $said['answer'],
                'words' => $said['words'],
                'attachment_id' => $photo?->id,
                'at' => $said['at'],
            ]);
            WorkInRounds::set($locked->load('marks'), $user);
        });
    }

    /** @param  array{step: Todo, value: float|null, answer: bool|null, photo: UploadedFile|null, at: CarbonImmutable, ...}  $said */
    private static function accepted(Work $work, array $said): void
    {
        $mark = new Mark($said['step'], (float) $said['at']->getTimestamp(), $said['value'], $said['answer'], $said['photo'] !== null);
        try {
            WorkNow::of($work)->accept($mark);
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages([$e->field => $e->getMessage()]);
        }
    }

    public static function takeBack(WorkMark $mark, User $user): void
    {
        DB::transaction(function () use ($mark, $user): void {
            $work = Work::query()->whereKey($mark->work_id)->lockForUpdate()->sole();
            $mark->update(['taken_back_at' => now()]);
            WorkInRounds::set($work->load('marks'), $user);
        });
    }
}
