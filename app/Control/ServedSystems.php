<?php

declare(strict_types=1);

namespace App\Control;

use App\Systems\Item;
use App\Systems\System;
use Illuminate\Database\Eloquent\Collection;

/** The systems a controller reads or switches something of; of one that nothing is known of yet, all of its site. */
final class ServedSystems
{
    /** @return Collection<int, System> the one it has most to do with first */
    public static function of(Controller $controller): Collection
    {
        $systems = System::query()->current()->where('site_id', $controller->site_id)->orderBy('name')->get();
        $sensors = $controller->sensors()->whereNull('archived_at')->whereNotNull('system_id')->pluck('system_id');
        $hung = Item::query()
            ->whereNull('retired_at')
            ->whereIn('outlet_id', Outlet::query()->whereIn('strip_id', $controller->strips()->select('id'))->select('id'))
            ->pluck('system_id');
        $things = array_count_values($sensors->concat($hung)->all());
        $served = $systems->filter(fn (System $s): bool => isset($things[$s->id]));

        return $served->isEmpty()
            ? $systems
            : $served->sortByDesc(fn (System $s): int => $things[$s->id] ?? 0)->values();
    }
}
