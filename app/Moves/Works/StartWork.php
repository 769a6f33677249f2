<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Systems\Item;
use App\Systems\System;
use App\Systems\Vessel;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Work\WorkKind;
use Velbrin\Core\Moves\Work\WorkVerb;

/** A work begins: its list stands, and its first visit is owed. */
final class StartWork
{
    /** @param  array<string, mixed>  $facts */
    public static function of(
        System $system,
        WorkKind $kind,
        WorkVerb $verb,
        string $name,
        array $facts,
        ?Item $item,
        ?Vessel $vessel,
        ?CarbonImmutable $on,
        User $user,
    ): Work {
        return DB::transaction(function () use ($system, $kind, $verb, $name, $facts, $item, $vessel, $on, $user): Work {
            System::query()->whereKey($system->id)->lockForUpdate()->sole();
            if (Work::query()->open()->where(['system_id' => $system->id, 'kind' => $kind, 'item_id' => $item?->id])->exists()) {
                throw ValidationException::withMessages(['kind' => 'Such a work is under way here already: end it first.']);
            }
            $work = Work::query()->create([
                'system_id' => $system->id,
                'kind' => $kind,
                'verb' => $verb,
                'name' => $name,
                'facts' => $facts,
                'item_id' => $item?->id,
                'vessel_id' => $vessel?->id,
                'on' => $on,
                'user_id' => $user->id,
            ]);
            self::readable($work);
            $system->logEntries()->create([
                'kind' => 'work',
                'text' => "Begun: {$name}.",
                'happened_at' => now(),
                'user_id' => $user->id,
            ]);
            WorkInRounds::set($work->load('marks'), $user);

            return $work;
        });
    }

    /** @throws ValidationException where its facts give no list */
    private static function readable(Work $work): void
    {
        try {
            $work->plan();
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(["facts.{$e->field}" => ucfirst($e->allowed).', please.']);
        }
    }
}
