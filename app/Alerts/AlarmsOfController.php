<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Control\Controller;
use App\Control\Watches;
use App\House\Days;
use Velbrin\Core\Risk\AlarmQuantity;

/** Alarms that watch a controller’s sensors, or an act of its set-up. */
final class AlarmsOfController implements Watches
{
    public function of(Controller $controller): array
    {
        $alarms = Alarm::query()
            ->current()
            ->where('controller_id', $controller->id)
            ->with('calls')
            ->orderBy('id')
            ->get();

        return array_values($alarms->map(fn (Alarm $alarm): array => self::document($alarm, $controller))->all());
    }

    /** @return array<string, mixed> one alarm as a set-up has it */
    public static function document(Alarm $alarm, Controller $controller): array
    {
        $sensor = $controller->sensors->firstWhere('id', $alarm->sensor_id);
        $watches = match (true) {
            $alarm->act !== null => ['act' => $alarm->act],
            $sensor === null => ['silence' => true],
            $sensor->kind === 'switch' => ['switch' => $sensor->key(), 'closed' => $alarm->quantity !== AlarmQuantity::Level],
            default => ['probe' => $sensor->key()],
        };
        $isProbe = isset($watches['probe']);

        return array_filter([
            'id' => $alarm->name,
            ...$watches,
            'low' => $isProbe ? $alarm->low_limit : null,
            'high' => $isProbe ? $alarm->high_limit : null,
            'ratePerH' => $isProbe ? $alarm->rate_per_h : null,
            'frozen' => $isProbe && $alarm->is_frozen ? true : null,
            'calls' => $alarm->calls->count(),
            'testedDaysAgo' => $alarm->tested_on === null
                ? null
                : (float) (Days::number(Days::today()) - Days::number($alarm->tested_on)),
            'delayS' => $alarm->delay_min * 60,
            'message' => $alarm->message,
        ], fn (mixed $v): bool => $v !== null);
    }
}
