<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Sensor;
use App\House\Days;
use App\Systems\AmmoniaWatch;
use App\Systems\Judge;
use App\Systems\Reading;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use Velbrin\Core\Chemistry\DayMedian;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingCheck;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Control\StillStretch;
use Velbrin\Core\Measure\OutOfRange;

/** What probes reported of a day becomes readings, once: a trend has days, not seconds (C-5). */
final class DayReadings implements ShouldQueue
{
    use Queueable;

    /** So far back days are made good after a server slept; rows are thinned after a fortnight. */
    private const BACK_DAYS = 7;

    /** Rows are thinned after so many. */
    private const STILL_DAYS = 14;

    /** Of several probes of one water the first that hangs there speaks. */
    private const SPEAKS = ['display' => 0, 'sump' => 1];

    private const QUANTITIES = [
        'temperature' => [Parameter::Temperature, ReadingUnit::Celsius],
        'ph' => [Parameter::Ph, ReadingUnit::PhUnit],
        'salinity' => [Parameter::Salinity, ReadingUnit::GramsPerKg],
        'oxygen' => [Parameter::Oxygen, ReadingUnit::MgL],
    ];

    /** So many days of a log are made readings at once. */
    private const MOST_DAYS = 800;

    public int $timeout = 600;

    /**
     * Of all controllers and the last days, or of one and the days of a log.
     *
     * @param  string|null  $from  a date
     * @param  string|null  $to  a date
     */
    public function __construct(
        private readonly ?int $controllerId = null,
        private readonly ?string $from = null,
        private readonly ?string $to = null,
    ) {
    }

    public function handle(): void
    {
        foreach (self::sensors() as $sensor) {
            if ($this->controllerId !== null && $sensor->controller_id !== $this->controllerId) {
                continue;
            }
            $device = LinkDevice::query()->where('controller_id', $sensor->controller_id)->orderByDesc('heard_at')->first();
            $system = $sensor->system()->with('site')->first();
            if ($device === null || $system === null || $system->archived_at !== null) {
                continue;
            }
            foreach ($this->days($system->site->timezone ?? Days::zone()) as $day) {
                $this->keep($sensor, $device, $system, $day);
            }
        }
        $this->controllerId === null && self::lookHowStill();
    }

    /** @return list<CarbonImmutable> whole days that are over, the earliest first */
    private function days(string $zone): array
    {
        $today = CarbonImmutable::now($zone)->startOfDay();
        $first = $this->from === null ? $today->subDays(self::BACK_DAYS) : CarbonImmutable::parse($this->from, $zone)->subDay();
        $last = $this->to === null ? $today->subDay() : CarbonImmutable::parse($this->to, $zone)->addDay();
        $days = [];
        for ($day = $first; $day <= $last && $day < $today && count($days) < self::MOST_DAYS; $day = $day->addDay()) {
            $days[] = $day;
        }

        return $days;
    }

    /** How long each probe stood still at most, for alarms that tell a frozen one. */
    private static function lookHowStill(): void
    {
        foreach (Sensor::query()->current()->where('kind', Sensor::PROBE)->orderBy('id')->cursor() as $sensor) {
            $devices = LinkDevice::query()->where('controller_id', $sensor->controller_id)->pluck('id');
            $rows = DB::table('link_rows')
                ->whereIn('link_device_id', $devices)
                ->where('channel', $sensor->key())
                ->where('kind', 'reading')
                ->whereNotNull('value')
                ->where('at', '>=', now()->subDays(self::STILL_DAYS))
                ->orderBy('at')
                ->select(['at', 'value'])
                ->cursor()
                ->map(fn (object $r): array => [
                    'atS' => (float) CarbonImmutable::parse((string) $r->at, 'UTC')->format('U.u'),
                    'value' => (float) $r->value,
                ]);
            if ($rows->isNotEmpty()) {
                $sensor->newQuery()->whereKey($sensor->id)->update([
                    'still_s' => StillStretch::longestS($rows, max(1e-6, $sensor->resolution ?? 0.1)),
                ]);
            }
        }
    }

    /** @return list<Sensor> one for each water and quantity */
    private static function sensors(): array
    {
        $first = [];
        $sensors = Sensor::query()
            ->current()
            ->where('kind', Sensor::PROBE)
            ->whereNotNull('system_id')
            ->whereIn('quantity', array_keys(self::QUANTITIES))
            ->whereIn('hangs_in', array_keys(self::SPEAKS))
            ->orderBy('id')
            ->get();
        foreach ($sensors as $sensor) {
            $key = "{$sensor->system_id}:{$sensor->quantity}";
            $rank = self::SPEAKS[(string) $sensor->hangs_in];
            if (! isset($first[$key]) || $rank < $first[$key][0]) {
                $first[$key] = [$rank, $sensor];
            }
        }

        return array_column($first, 1);
    }

    private function keep(Sensor $sensor, LinkDevice $device, System $system, CarbonImmutable $day): void
    {
        [$parameter, $unit] = self::QUANTITIES[(string) $sensor->quantity];
        foreach (DayMedian::of($parameter, self::values($sensor, $day)) as $median) {
            $uuid = Uuid::uuid5(
                Uuid::NAMESPACE_URL,
                "velbrin:day-reading:{$device->controller_id}:{$sensor->key()}:{$day->toDateString()}:{$median->half}",
            )->toString();
            try {
                ReadingCheck::plausible($parameter, $median->value);
            } catch (OutOfRange) {
                continue;
            }
            DB::transaction(function () use ($sensor, $device, $system, $day, $parameter, $unit, $median, $uuid): void {
                $reading = Reading::query()->firstOrCreate(['client_uuid' => $uuid], [
                    'system_id' => $system->id,
                    'parameter' => $parameter,
                    'taken_at' => $day->addMinutes((int) (60 * $median->hour))->utc(),
                    'value' => $median->value,
                    'given_value' => $median->value,
                    'given_unit' => $unit->value,
                    'method' => 'probe',
                    'instrument' => mb_substr("{$device->name}, {$sensor->name}: middle of {$median->count} values", 0, 120),
                    'link_device_id' => $device->id,
                    'doubtful' => false,
                ]);
                if ($reading->wasRecentlyCreated) {
                    Judge::again($system, $parameter);
                    AmmoniaWatch::hangsOn($parameter) && AmmoniaWatch::again($system);
                }
            });
        }
    }

    /** @return list<array{hour: float, value: float}> */
    private static function values(Sensor $sensor, CarbonImmutable $day): array
    {
        $devices = LinkDevice::query()->where('controller_id', $sensor->controller_id)->pluck('id');
        $from = $day->getTimestamp();

        return array_values(
            DB::table('link_rows')
                ->whereIn('link_device_id', $devices)
                ->where('channel', $sensor->key())
                ->where('kind', 'reading')
                ->whereNotNull('value')
                ->where('at', '>=', $day->utc()->format('Y-m-d H:i:s'))
                ->where('at', '<', $day->addDay()->utc()->format('Y-m-d H:i:s'))
                ->get(['at', 'value'])
                ->map(fn (object $r): array => [
                    'hour' => (CarbonImmutable::parse((string) $r->at, 'UTC')->getTimestamp() - $from) / 3600,
                    'value' => (float) $r->value,
                ])
                ->all(),
        );
    }
}
