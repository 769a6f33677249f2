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
use Velbrin\Core\Chemistry\DayMedian;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingCheck;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Measure\OutOfRange;

/** What probes reported of a day becomes readings, once: a trend has days, not seconds (C-5). */
final class DayReadings implements ShouldQueue
{
    use Queueable;

    /** So far back days are made good after a server slept; rows are thinned after a fortnight. */
    private const BACK_DAYS = 7;

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
        if ($this->controllerId === null) {
            HowStill::look();
        } else {
            $this->goOn($this->controllerId);
        }
    }

    /** A log over more days than are read at once goes on in a job of its own. */
    private function goOn(int $controllerId): void
    {
        $next = $this->from === null ? null : CarbonImmutable::parse($this->from)->addDays(self::MOST_DAYS - 1);
        if ($next !== null && $this->to !== null && $next <= CarbonImmutable::parse($this->to)->addDay()) {
            self::dispatch($controllerId, $next->toDateString(), $this->to);
        }
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
            $uuid = DayReadingName::of($sensor, $day, $median->half);
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
        $from = $day->getTimestamp();

        return array_values(
            DB::table('link_rows')
                ->whereIn('link_device_id', LinkDevice::thatCount($sensor->controller_id))
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
