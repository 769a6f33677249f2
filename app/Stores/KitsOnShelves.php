<?php

declare(strict_types=1);

namespace App\Stores;

use App\Systems\Kits;
use App\Systems\System;
use Illuminate\Database\Eloquent\Builder;

/** A kit is known by its name: where every lot of it that goes along, or lies at the place, is out of date, the reading is marked. */
final class KitsOnShelves implements Kits
{
    public function outOfDate(System $system, string $instrument, string $day): ?string
    {
        $stocks = Stock::query()
            ->where('count', '>', 0)
            ->whereHas('part', fn (Builder $p) => $p->current()->whereRaw('lower(name) = ?', [mb_strtolower(trim($instrument))]))
            ->whereHas('place', fn (Builder $p) => $p
                ->where('kind', StockPlace::VAN)
                ->orWhere(fn (Builder $s) => $s->where('kind', StockPlace::SITE)->where('site_id', $system->site_id)))
            ->orderByDesc('expires_on')
            ->get();
        $newest = $stocks->first();
        $isGood = $stocks->contains(fn (Stock $s): bool => $s->expires_on === null || $s->expires_on->toDateString() >= $day);
        if ($newest?->expires_on === null || $isGood) {
            return null;
        }

        return ($newest->lot === null ? '' : "lot {$newest->lot}, ")."out of date since {$newest->expires_on->format('j M Y')}";
    }
}
