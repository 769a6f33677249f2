<?php

declare(strict_types=1);

namespace App\Moves;

use App\Clients\Site;
use App\House\Days;
use Carbon\CarbonImmutable;

/** When the light goes at a place on a day: glass, stairs and wet ramps are carried over in it (M-8). */
final class Daylight
{
    private const MIN_PER_H = 60;

    /** Sunset in minutes of that place's day; null: nobody has put it on the map, or the sun does not set there that day. */
    public static function endsMin(?Site $site, ?CarbonImmutable $on): ?int
    {
        if ($site?->lat === null || $site->lon === null || $on === null) {
            return null;
        }
        $zone = $site->timezone ?? Days::zone();
        $noon = CarbonImmutable::parse($on->toDateString().' 12:00', $zone);
        $sets = date_sun_info($noon->getTimestamp(), $site->lat, $site->lon)['sunset'];
        if (is_bool($sets)) {
            return null;
        }
        $there = CarbonImmutable::createFromTimestamp($sets, $zone);

        return self::MIN_PER_H * $there->hour + $there->minute;
    }
}
