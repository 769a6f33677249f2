<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Alerts\Live\ChainOfAlarm;
use App\Control\Controller;
use App\Control\Watches;
use App\House\Days;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Control\StillStretch;
use Velbrin\Core\Risk\AlarmQuantity;

/** Alarms that watch a controller’s sensors, or an act of its set-up. */
final class AlarmsOfController implements Watches
{
    public function __construct(private readonly ChainOfAlarm $chain)
    {
    }

    public function of(array $controllers): array
    {
        $alarms = Alarm::query()
            ->current()
            ->whereIn('controller_id', array_column($controllers, 'id'))
            ->with('calls')
            ->orderBy('id')
            ->get()
            ->groupBy('controller_id');
        $documents = [];
        foreach ($controllers as $controller) {
            $documents[$controller->id] = [];
            foreach ($alarms->get($controller->id) ?? [] as $alarm) {
                $documents[$controller->id][] = self::document($alarm, $controller);
            }
        }

        return $documents;
    }

    public function chain(Controller $controller, CarbonImmutable $at): ?array
    {
        $alarm = Alarm::query()->current()->where('controller_id', $controller->id)->with('calls.user')->orderBy('id')->first();
        if ($alarm === null) {
            return null;
        }
        $chain = $this->chain->at($alarm, $at);
        $names = User::query()->whereIn('id', array_column($chain->calls, 'who'))->pluck('name', 'id');
        $called = array_column($chain->calls, 'who');
        $away = $alarm->calls->reject(fn (AlarmCall $c): bool => in_array((string) $c->user_id, $called, true));

        return [
            'alarm' => $alarm->name,
            'calls' => array_map(fn (array $c): array => [
                'who' => (string) $names->get((int) $c['who']),
                'afterMin' => $c['atS'] / 60,
            ], $chain->calls),
            'away' => array_values($away->map(fn (AlarmCall $c): string => (string) $c->user?->name)->unique()->all()),
        ];
    }

    /** @return array<string, mixed> one alarm as a set-up has it */
    public static function document(Alarm $alarm, Controller $controller): array
    {
        $sensor = $controller->sensors->firstWhere('id', $alarm->sensor_id);
        $watches = match (true) {
            $alarm->act !== null => ['act' => $alarm->act],
            $alarm->outlet_id !== null => array_filter(['outlet' => "o{$alarm->outlet_id}", 'mostW' => $alarm->most_w]),
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
            'calls' => $alarm->relationLoaded('calls') ? $alarm->calls->count() : 0,
            'testedDaysAgo' => $alarm->tested_on === null
                ? null
                : (float) (Days::number(Days::today()) - Days::number($alarm->tested_on)),
            'delayS' => $isProbe && $alarm->is_frozen
                ? StillStretch::frozenAfterS($alarm->delay_min * 60, $sensor?->still_s)
                : $alarm->delay_min * 60,
            'message' => $alarm->message,
        ], fn (mixed $v): bool => $v !== null);
    }
}
