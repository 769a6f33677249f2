<?php

declare(strict_types=1);

namespace App\Rounds;

use Closure;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** One at a time, over all processes: a named lock of the database, gone with its connection. */
final class Exclusive
{
    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function run(string $name, int $waitS, Closure $work): mixed
    {
        $lock = DB::connection()->getDatabaseName().".{$name}";
        $got = DB::selectOne('select get_lock(?, ?) as got', [$lock, $waitS]);
        if ((int) ($got->got ?? 0) !== 1) {
            throw new RuntimeException("{$name} is being worked on by somebody else.");
        }
        try {
            return $work();
        } finally {
            DB::selectOne('select release_lock(?) as gone', [$lock]);
        }
    }
}
