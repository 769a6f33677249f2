<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\RemoteAccess;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Something switched off from afar stands in the off-list like anything switched off by hand: who, why, until when (X-11, X-58). */
final class RemoteAct
{
    /** @param  array{item_id: int, because: string, until: string}  $given */
    public static function off(RemoteAccess $access, System $system, array $given, User $user): OffRecord
    {
        return DB::transaction(function () use ($access, $system, $given, $user): OffRecord {
            $item = Item::query()->where('system_id', $system->id)->lockForUpdate()->findOrFail($given['item_id']);
            if (OffRecord::query()->where('item_id', $item->id)->whereNull('on_at')->exists()) {
                throw ValidationException::withMessages(['item_id' => "{$item->name} is off already."]);
            }

            return OffRecord::query()->create([
                'system_id' => $system->id,
                'item_id' => $item->id,
                'what' => $item->name,
                'off_at' => CarbonImmutable::now(),
                'off_by' => $user->id,
                'stays_because' => $given['because'],
                'owner_id' => $user->id,
                'review_on' => $given['until'],
                'remote_access_id' => $access->id,
                'client_uuid' => (string) Str::uuid(),
            ]);
        });
    }
}
