<?php

declare(strict_types=1);

namespace App\Risk;

use Velbrin\Core\Emergency\Storm\DarkTank;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Tonight;

/** What a dark tank's course is worked out from, kept with its hours: so a fleet is asked about any weather without reading each system. */
final class DarkCourse
{
    /** @return array<string, float|null> */
    public static function of(Tonight $tank, HoursInHand $hours): array
    {
        $oxygen = array_values(array_filter($hours->harms, fn (Harm $h): bool => $h->by === 'oxygen'))[0] ?? null;

        return [
            'volumeL' => $tank->volumeL,
            'lossWK' => $tank->heat->coldUaWK,
            'evaporationW' => $tank->heat->evaporation($tank->setpointC, $tank->roomC)->watts,
            'startC' => $tank->setpointC,
            'lowC' => $tank->lowC,
            'highC' => $tank->highC,
            'roomC' => $tank->roomC,
            'oxygenH' => $oxygen?->hours,
            'hasAnimals' => $tank->hasAnimals ? 1.0 : 0.0,
        ];
    }

    /**
     * The tank and the room it stands in; null: it was kept before there were courses, or nothing lives in it.
     *
     * @return array{tank: DarkTank, roomC: float}|null
     */
    public static function read(?string $kept): ?array
    {
        $row = $kept === null ? null : json_decode($kept, true);
        if (! is_array($row) || ($row['hasAnimals'] ?? 0) < 1) {
            return null;
        }
        $of = fn (string $key): float => is_numeric($row[$key] ?? null) ? (float) $row[$key] : 0.0;
        try {
            $tank = new DarkTank(
                volumeL: $of('volumeL'),
                lossWK: $of('lossWK'),
                evaporationW: max(0.0, $of('evaporationW')),
                startC: $of('startC'),
                lowC: $of('lowC'),
                highC: $of('highC'),
                oxygenH: is_numeric($row['oxygenH'] ?? null) ? (float) $row['oxygenH'] : null,
            );
        } catch (OutOfRange) {
            return null;
        }

        return ['tank' => $tank, 'roomC' => $of('roomC')];
    }
}
