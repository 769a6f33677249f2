<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Sensor;
use App\Systems\Reading;
use Carbon\CarbonImmutable;
use Ramsey\Uuid\Uuid;

/**
 * What a day's reading of a probe is known by, so that it is made once. One that was marked because its log was taken back leaves its
 * place to another; one that somebody marked by hand does not.
 */
final class DayReadingName
{
    public static function of(Sensor $sensor, CarbonImmutable $day, string $half): string
    {
        $base = "velbrin:day-reading:{$sensor->controller_id}:{$sensor->key()}:{$day->toDateString()}:{$half}";
        $name = $base;
        do {
            $uuid = Uuid::uuid5(Uuid::NAMESPACE_URL, $name)->toString();
            $log = Reading::query()->where('client_uuid', $uuid)->value('marked_log_id');
            $name = is_int($log) ? "{$base}:after-{$log}" : '';
        } while (is_int($log));

        return $uuid;
    }
}
