<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Livestock\AnimalState;
use Velbrin\Core\Livestock\Transfer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/** One transfer leaves the donor and enters the receiver (L-54); the row is the same afterwards, a part of it becomes a row of its own. */
final class TransferAnimals
{
    /** @return list<Finding> what is minded; nothing of it stopped them */
    public static function of(Animal $animal, System $to, int $count, string $why, User $user): array
    {
        return DB::transaction(function () use ($animal, $to, $count, $why, $user): array {
            $ids = [$animal->system_id, $to->id];
            sort($ids);
            System::query()->whereKey($ids)->orderBy('id')->lockForUpdate()->get();
            $locked = Animal::query()->whereKey($animal->id)->lockForUpdate()->sole();
            $from = System::query()->findOrFail($locked->system_id);
            self::maybe($locked, $from, $to, $count);
            $found = Transfer::findings(StockOf::water($from), StockOf::water($to->refresh()), $locked->toLot($count));
            $stops = array_filter($found, fn (Finding $f): bool => $f->severity === Severity::Stop);
            if ($stops !== []) {
                $words = array_map(fn (Finding $f): string => "{$f->what->in($user->units())}. {$f->why->in($user->units())}", $stops);
                throw ValidationException::withMessages(['to_system_id' => implode(' ', $words)]);
            }
            self::goes($locked, $from, $to, $count, $why, $user);

            return $found;
        });
    }

    /** Into a holding or home from it: what a move has planned is not asked again. */
    public static function planned(Animal $animal, System $to, string $why, User $user): void
    {
        $from = System::query()->findOrFail($animal->system_id);
        self::goes($animal, $from, $to, $animal->count, $why, $user);
    }

    private static function maybe(Animal $animal, System $from, System $to, int $count): void
    {
        $errors = array_filter([
            'count' => $count > $animal->count ? "There are {$animal->count} of them." : null,
            'to_system_id' => $from->id === $to->id ? 'They live there already.' : null,
            'state' => $animal->state->lives() ? null : 'They do not live here.',
        ]);
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
    }

    private static function goes(Animal $animal, System $from, System $to, int $count, string $why, User $user): void
    {
        $went = $animal;
        if ($count < $animal->count) {
            $animal->update(['count' => $animal->count - $count]);
            $went = $animal->replicate(['count', 'system_id', 'split_of_id'])->fill([
                'count' => $count,
                'system_id' => $to->id,
                'split_of_id' => $animal->id,
            ]);
            $went->save();
        }
        $went->update(['system_id' => $to->id, 'state' => AnimalState::Here]);
        AnimalTransfer::query()->create([
            'animal_id' => $went->id,
            'from_system_id' => $from->id,
            'to_system_id' => $to->id,
            'count' => $count,
            'why' => $why,
            'user_id' => $user->id,
        ]);
        foreach ([[$from, "went to {$to->name}"], [$to, "came from {$from->name}"]] as [$system, $words]) {
            $system->logEntries()->create([
                'kind' => 'change',
                'text' => mb_substr("{$count} × {$animal->name} {$words}: {$why}", 0, 1000),
                'happened_at' => now(),
                'user_id' => $user->id,
            ]);
            StockOf::weigh($system);
        }
    }
}
