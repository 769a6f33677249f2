<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\House\Days;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Livestock\AnimalState;

/** An animal enters the list, is changed in it, gets its place, or is gone. */
final class KeepAnimal
{
    /** @param  array<string, mixed>  $given */
    public static function enters(System $system, array $given, User $user): Animal
    {
        return DB::transaction(function () use ($system, $given, $user): Animal {
            $animal = Animal::query()->create([...$given, 'system_id' => $system->id, 'user_id' => $user->id]);
            self::lives($system);

            return $animal;
        });
    }

    /** @param  array<string, mixed>  $given */
    public static function changes(Animal $animal, array $given): void
    {
        DB::transaction(function () use ($animal, $given): void {
            $animal->update($given);
            self::lives($animal->system()->firstOrFail());
        });
    }

    /** So many of them are gone; the rest stays. */
    public static function goes(Animal $animal, int $count, string $why, User $user): void
    {
        DB::transaction(function () use ($animal, $count, $why, $user): void {
            $locked = Animal::query()->whereKey($animal->id)->lockForUpdate()->sole();
            if (! $locked->state->lives() || $count > $locked->count) {
                throw ValidationException::withMessages(['count' => "There are {$locked->count} of them."]);
            }
            $gone = ['state' => AnimalState::Gone, 'out_on' => Days::text(), 'out_why' => $why];
            if ($count < $locked->count) {
                $locked->update(['count' => $locked->count - $count]);
                $locked->replicate(['count', 'split_of_id'])->fill([...$gone, 'count' => $count, 'split_of_id' => $locked->id])->save();
            } else {
                $locked->update($gone);
            }
            $system = $locked->system()->firstOrFail();
            $system->logEntries()->create([
                'kind' => 'observed',
                'text' => mb_substr("{$count} × {$locked->name} gone: {$why}", 0, 1000),
                'happened_at' => now(),
                'user_id' => $user->id,
            ]);
            StockOf::weigh($system);
        });
    }

    private static function lives(System $system): void
    {
        if (! $system->has_animals && Animal::query()->living()->where('system_id', $system->id)->exists()) {
            $system->update(['has_animals' => true]);
        }
        StockOf::weigh($system);
    }
}
