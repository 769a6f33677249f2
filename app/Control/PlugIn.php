<?php

declare(strict_types=1);

namespace App\Control;

use App\Systems\Item;
use App\Team\User;
use Illuminate\Support\Facades\DB;

/** Says what is plugged in at an outlet; what was there and is not named any more hangs loose. */
final class PlugIn
{
    /** @param  array<string, mixed>  $given  name, strip_id, is_labelled, items */
    public static function at(Outlet $outlet, array $given, User $user): void
    {
        $ids = is_array($given['items'] ?? null) ? array_values(array_filter($given['items'], is_int(...))) : [];
        DB::transaction(function () use ($outlet, $given, $ids, $user): void {
            $outlet->update([
                ...array_diff_key($given, ['items' => 1]),
                'confirmed_at' => $outlet->confirmed_at ?? now(),
                'confirmed_by' => $outlet->confirmed_by ?? $user->id,
            ]);
            $outlet->items()->whereNotIn('id', $ids)->get()->each(fn (Item $i) => $i->update(['outlet' => null, 'outlet_id' => null]));
            Item::query()->whereIn('id', $ids)->get()->each(
                fn (Item $i) => $i->update(['outlet' => $outlet->name, 'outlet_id' => $outlet->id]),
            );
        });
    }
}
