<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Database\Eloquent\Model;

/** What people argue about and no change of a record tells: who came in, who was refused, what left the house. */
final class Trail
{
    /** @param  array<string, mixed>  $more */
    public static function write(string $words, string $event, ?Model $about = null, array $more = []): void
    {
        $entry = activity()->event($event)->withProperties($more);
        if ($about !== null) {
            $entry->performedOn($about);
        }
        $entry->log($words);
    }
}
