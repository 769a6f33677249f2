<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\Systems\System;
use Velbrin\Core\Livestock\Lot;
use Velbrin\Core\Livestock\Water;

/** What lives in a system, as transfers and risk see it. */
final class StockOf
{
    public static function water(System $system): Water
    {
        $lots = self::lots($system);
        // A list nobody has begun says nothing of what swims there.
        $listed = $lots === [] && $system->has_animals ? null : Lot::gramsOf($lots);

        return new Water(
            name: $system->name,
            litres: $system->measured_volume_l ?? $system->true_volume_l,
            fishG: $listed ?? ($system->fish_kg === null ? null : 1000 * $system->fish_kg),
            isIsolated: $system->isolated_since !== null,
        );
    }

    /** @return list<Lot> that live in it */
    private static function lots(System $system): array
    {
        return array_values(Animal::query()
            ->living()
            ->where('system_id', $system->id)
            ->get()
            ->map(fn (Animal $a): Lot => $a->toLot())
            ->all());
    }

    /** Hours in hand rest on what the fish weigh: once all of them are measured, the list says it. */
    public static function weigh(System $system): void
    {
        $lots = self::lots($system);
        $isListed = $lots !== []
            || Animal::query()->where('system_id', $system->id)->exists()
            || AnimalTransfer::query()->where('from_system_id', $system->id)->exists();
        $grams = $isListed ? Lot::gramsOf($lots) : null;
        if ($grams !== null) {
            $system->update(['fish_kg' => round($grams / 1000, 3)]);
        }
    }
}
