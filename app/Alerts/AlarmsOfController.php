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
        $sensors = $controller->sensors->keyBy('id');
        $documents = [];
        foreach ($alarms as $alarm) {
            $sensor = $sensors->get($alarm->sensor_id ?? 0);
            $watches = match (true) {
                $alarm->act !== null => ['act' => $alarm->act],
                $sensor === null => ['silence' => true],
                $sensor->kind === 'switch' => ['switch' => $sensor->key(), 'closed' => $alarm->quantity !== AlarmQuantity::Level],
                default => ['probe' => $sensor->key()],
            };
            $documents[] = array_filter([
                'id' => $alarm->name,
                ...$watches,
                'low' => isset($watches['probe']) ? $alarm->low_limit : null,
                'high' => isset($watches['probe']) ? $alarm->high_limit : null,
                'ratePerH' => isset($watches['probe']) ? $alarm->rate_per_h : null,
                'frozen' => isset($watches['probe']) && $alarm->is_frozen ? true : null,
                'calls' => $alarm->calls->count(),
                'testedDaysAgo' => $alarm->tested_on === null
                    ? null
                    : (float) (Days::number(Days::today()) - Days::number($alarm->tested_on)),
                'delayS' => $alarm->delay_min * 60,
                'message' => $alarm->message,
            ], fn (mixed $v): bool => $v !== null);
        }

        return $documents;
    }
}
