<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Takes the values out of lines of the trail. That they were, and that they are gone, stays and can be proved. */
final class Erasure
{
    public const EVENT = 'erased';

    /**
     * @param  Builder<TrailLine>  $lines
     * @return int how many
     */
    public static function ofLines(Builder $lines, string $why): int
    {
        return DB::transaction(function () use ($lines, $why): int {
            $names = $lines->whereNotNull('trail_id')->whereNotNull('salt')->where('event', '<>', self::EVENT)->pluck('trail_id')->all();
            if ($names === []) {
                return 0;
            }
            Trail::write($why, self::EVENT, null, ['lines' => $names]);
            $by = TrailLine::query()->where('event', self::EVENT)->orderByDesc('id')->value('trail_id');
            foreach (array_chunk($names, 1000) as $some) {
                DB::table('activity_log')
                    ->whereIn('trail_id', $some)
                    ->update(['properties' => null, 'salt' => null, 'erased_by' => $by]);
            }

            return count($names);
        });
    }
}
