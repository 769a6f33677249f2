<?php

declare(strict_types=1);

namespace App\House\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses what would be written while there is still room to say so: a full disk breaks the database in the middle. */
final class RoomOnDisk
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        abort_if(! $request->isMethodSafe() && self::freeMb() < config()->integer('velbrin.disk_floor_mb'), 507);

        return $next($request);
    }

    /** Free on the disk the records stand on, MB. */
    public static function freeMb(): int
    {
        $free = disk_free_space(storage_path());

        return $free === false ? 0 : (int) ($free / 1_000_000);
    }
}
