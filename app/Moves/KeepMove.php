<?php

declare(strict_types=1);

namespace App\Moves;

use App\Team\User;
use Illuminate\Support\Facades\DB;

/** Keeps a move while it is written. Whoever writes upon the revision he read wins; the other is told. */
final class KeepMove
{
    /**
     * @param  array<array-key, mixed>  $brief
     * @return bool false: somebody else has written since
     */
    public static function of(Move $move, array $brief, int $revision): bool
    {
        return DB::transaction(function () use ($move, $brief, $revision): bool {
            $kept = Move::query()->lockForUpdate()->findOrFail($move->id);
            if ($kept->revision !== $revision) {
                return false;
            }
            $kept->update(['brief' => $brief, 'revision' => $revision + 1]);
            $kept->hands()->sync(self::ours($brief));
            JobsBeforeMove::book($kept);

            return true;
        });
    }

    /**
     * Those of ours who come: their row carries their number.
     *
     * @param  array<array-key, mixed>  $brief
     * @return list<int>
     */
    private static function ours(array $brief): array
    {
        $ids = [];
        foreach (is_array($brief['people'] ?? null) ? $brief['people'] : [] as $one) {
            $id = is_array($one) && is_string($one['id'] ?? null) ? $one['id'] : '';
            if (preg_match('/^u(\d{1,9})$/', $id, $found) === 1) {
                $ids[] = (int) $found[1];
            }
        }

        return array_values(User::query()->whereIn('id', $ids)->whereNull('archived_at')->pluck('id')->map(
            fn (mixed $id): int => is_int($id) ? $id : 0,
        )->all());
    }
}
