<?php

declare(strict_types=1);

namespace App\Control;

use App\Systems\Item;
use App\Systems\ItemKept;

/** The words somebody writes for a plug and a circuit become records of the place, each confirmed once by somebody who looks. */
final class PlugWords
{
    public function handle(ItemKept $kept): void
    {
        $item = $kept->item;
        $siteId = $item->system()->value('site_id');
        if (! is_int($siteId)) {
            return;
        }
        $links = [
            'outlet_id' => $this->link($item, 'outlet', $siteId, Outlet::class),
            'circuit_id' => $this->link($item, 'circuit', $siteId, Circuit::class),
        ];
        $changed = array_filter($links, fn (?int $id, string $key): bool => $item->getAttribute($key) !== $id, ARRAY_FILTER_USE_BOTH);
        if ($changed !== []) {
            Item::query()->whereKey($item->id)->update($links);
            $item->forceFill($links)->syncOriginal();
        }
    }

    /**
     * A word that was not touched leaves a link that was made by hand as it is.
     *
     * @param  class-string<Outlet>|class-string<Circuit>  $of
     */
    private function link(Item $item, string $word, int $siteId, string $of): ?int
    {
        $name = trim((string) $item->getAttribute($word));
        $now = $item->getAttribute("{$word}_id");
        if ($name === '' || (! $item->wasRecentlyCreated && ! $item->wasChanged($word))) {
            return is_int($now) && ($name !== '' || ! $item->wasChanged($word)) ? $now : null;
        }

        return $of::query()->firstOrCreate(['site_id' => $siteId, 'name' => $name])->id;
    }
}
