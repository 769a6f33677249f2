<?php

declare(strict_types=1);

namespace App\Systems;

use App\Systems\Views\SettingView;
use Illuminate\Support\Collection;

/** What the devices of a system are set to now, each with what it was before. */
final class Settings
{
    /** @return list<SettingView> by device, then by name */
    public static function of(System $system): array
    {
        $views = [];
        foreach (self::history($system)->groupBy(fn (ItemSetting $s): string => "{$s->item_id} {$s->name}") as $values) {
            $all = array_values($values->all());
            if ($all !== []) {
                $views[] = SettingView::of($all);
            }
        }

        return $views;
    }

    /** @return Collection<int, ItemSetting> of devices that stand there, the newest first */
    private static function history(System $system): Collection
    {
        return ItemSetting::query()
            ->whereHas('item', fn ($i) => $i->where('system_id', $system->id)->whereNull('retired_at'))
            ->with(['item', 'user'])
            ->orderBy('item_id')
            ->orderBy('name')
            ->orderByDesc('set_at')
            ->orderByDesc('id')
            ->get()
            ->toBase();
    }
}
