<?php

declare(strict_types=1);

namespace App\Control;

use App\Systems\Reading;
use Illuminate\Support\Collection;

/** What sensors read on a usual day: the second and the 98th of a hundred readings of the last fortnight. */
final class UsualDay
{
    private const HISTORY_DAYS = 14;

    private const LOW_SHARE = 0.02;

    private const HIGH_SHARE = 0.98;

    /**
     * @param  array<array-key, Sensor>  $sensors
     * @return array<int, array<string, array{dailyLow: float, dailyHigh: float, historyDays: float}>> by system and quantity; what
     *                                                                                                nobody has read is not there
     */
    public static function of(array $sensors): array
    {
        $hung = (new Collection($sensors))->filter(fn (Sensor $s): bool => $s->system_id !== null && $s->quantity !== null);
        if ($hung->isEmpty()) {
            return [];
        }
        $readings = Reading::query()
            ->whereIn('system_id', $hung->pluck('system_id')->unique())
            ->whereIn('parameter', $hung->pluck('quantity')->unique())
            ->whereNull('marked_at')
            ->where('taken_at', '>=', now()->subDays(self::HISTORY_DAYS))
            ->toBase()
            ->selectRaw('system_id, parameter, value, date(taken_at) as day')
            ->orderBy('value')
            ->get();
        $values = [];
        $days = [];
        foreach ($readings as $row) {
            $values[(int) $row->system_id][(string) $row->parameter][] = (float) $row->value;
            $days[(int) $row->system_id][(string) $row->parameter][(string) $row->day] = true;
        }
        $usual = [];
        foreach ($values as $system => $parameters) {
            foreach ($parameters as $parameter => $rising) {
                $usual[$system][$parameter] = self::day($rising, count($days[$system][$parameter]));
            }
        }

        return $usual;
    }

    /**
     * @param  non-empty-list<float>  $rising
     * @return array{dailyLow: float, dailyHigh: float, historyDays: float}
     */
    private static function day(array $rising, int $days): array
    {
        $at = fn (float $share): float => $rising[(int) round($share * (count($rising) - 1))] ?? 0.0;

        return [
            'dailyLow' => $at(self::LOW_SHARE),
            'dailyHigh' => $at(self::HIGH_SHARE),
            'historyDays' => (float) $days,
        ];
    }
}
