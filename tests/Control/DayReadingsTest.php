<?php

declare(strict_types=1);

namespace Tests\Control;

use App\Alerts\Alarm;
use App\Alerts\AlarmsOfController;
use App\Control\Controller;
use App\Control\Link\DayReadings;
use App\Control\Link\LinkDevice;
use App\Control\Sensor;
use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Chemistry\Parameter;

/** A day of a probe becomes one reading of its system, once, and nobody’s name stands at it. */
final class DayReadingsTest extends TestCase
{
    private User $planner;

    private System $system;

    private Controller $controller;

    private LinkDevice $device;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->controller = Fixture::controller($this->system->site()->firstOrFail());
        $this->controller->sensors()->update(['archived_at' => now()]);
        $this->device = Fixture::device($this->controller, $this->planner, 'vl_day', LinkDevice::REAL);
    }

    #[Test]
    public function a_day_is_kept_once_and_stands_in_the_trend(): void
    {
        $probe = $this->probe('temperature', 'display');
        $this->report($probe, array_map(fn (int $n): float => 25 + $n / 100, range(0, 20)));
        (new DayReadings())->handle();
        (new DayReadings())->handle();
        $reading = Reading::query()->sole();
        self::assertSame(Parameter::Temperature, $reading->parameter);
        self::assertSame([null, $this->device->id], [$reading->user_id, $reading->link_device_id]);
        self::assertEqualsWithDelta(25.10, $reading->value, 1e-9);
        self::assertSame($this->day()->toDateString(), $reading->taken_at->setTimezone($this->zone())->toDateString());
        self::assertEqualsWithDelta(25.10, $this->system->judgements()->where('parameter', 'temperature')->value('latest'), 1e-9);
        $url = "/systems/{$this->system->id}/readings?parameter=temperature";
        $page = self::props($this->actingAs($this->planner)->get($url)->assertOk());
        self::assertStringContainsString('a probe', json_encode($page, JSON_THROW_ON_ERROR));
    }

    #[Test]
    public function the_display_speaks_before_the_sump_and_the_room_never(): void
    {
        $this->report($this->probe('temperature', 'sump'), array_fill(0, 15, 27.0));
        $this->report($this->probe('temperature', 'room'), array_fill(0, 15, 18.0));
        $this->report($this->probe('temperature', 'display'), array_fill(0, 15, 25.0));
        (new DayReadings())->handle();
        self::assertSame(25.0, (float) Reading::query()->sole()->value);
    }

    #[Test]
    public function too_few_values_and_impossible_ones_leave_no_reading(): void
    {
        $this->report($this->probe('temperature', 'display'), array_fill(0, 11, 25.0));
        $this->report($this->probe('salinity', 'display'), array_fill(0, 15, 500.0));
        (new DayReadings())->handle();
        self::assertSame(0, Reading::query()->count());
    }

    #[Test]
    public function a_server_that_slept_makes_a_week_good_and_no_more(): void
    {
        $probe = $this->probe('temperature', 'display');
        foreach ([1, 7, 8] as $back) {
            $this->report($probe, array_fill(0, 15, 25.0), $back);
        }
        (new DayReadings())->handle();
        self::assertSame(2, Reading::query()->count());
    }

    #[Test]
    public function how_long_a_probe_stood_still_is_looked_for_in_the_last_fortnight(): void
    {
        foreach (['display' => [13, true], 'sump' => [15, false]] as $water => [$back, $isLookedAt]) {
            $probe = $this->probe('temperature', $water);
            $this->report($probe, array_fill(0, 15, 25.0), $back);
            (new DayReadings())->handle();
            self::assertSame($isLookedAt, $probe->refresh()->still_s !== null, "{$back} days ago");
        }
    }

    #[Test]
    public function a_reading_is_of_a_person_or_of_a_device_and_never_of_both_or_none(): void
    {
        $row = [
            'system_id' => $this->system->id, 'parameter' => 'temperature', 'taken_at' => now(), 'value' => 25, 'given_value' => 25,
            'given_unit' => '°C', 'method' => 'kit',
        ];
        foreach ([[null, null], [$this->planner->id, $this->device->id]] as $i => [$user, $device]) {
            try {
                DB::table('readings')->insert([
                    ...$row,
                    'user_id' => $user,
                    'link_device_id' => $device,
                    'client_uuid' => sprintf('00000000-0000-4000-8000-00000000000%d', $i),
                ]);
                self::fail('it was kept');
            } catch (QueryException) {
                self::assertSame(0, Reading::query()->count());
            }
        }
    }

    #[Test]
    public function a_probe_counts_as_frozen_after_three_times_its_own_longest_stretch(): void
    {
        $probe = $this->probe('temperature', 'display');
        $alarm = Alarm::query()->create([
            'system_id' => $this->system->id, 'controller_id' => $this->controller->id, 'sensor_id' => $probe->id, 'watches' => [],
            'name' => 'Frozen', 'is_frozen' => true, 'delay_min' => 10,
        ]);
        $delayS = fn (): float => AlarmsOfController::document($alarm, $this->controller->refresh())['delayS'];
        self::assertSame(21_600.0, $delayS(), 'nobody knows yet how long it stands still');
        $this->report($probe, [25.0, 25.1, 25.1, 25.1, 25.1, 25.2]);
        (new DayReadings())->handle();
        self::assertSame(10_800.0, $probe->refresh()->still_s);
        self::assertSame(32_400.0, $delayS());
    }

    private function probe(string $quantity, string $in): Sensor
    {
        return $this->controller->sensors()->create([
            'system_id' => $this->system->id,
            'kind' => Sensor::PROBE,
            'name' => "{$quantity} {$in}",
            'quantity' => $quantity,
            'hangs_in' => $in,
        ]);
    }

    /** @param  list<float>  $values */
    private function report(Sensor $probe, array $values, int $daysBack = 1): void
    {
        static $seq = 0;
        foreach ($values as $n => $value) {
            DB::table('link_rows')->insert([
                'link_device_id' => $this->device->id,
                'run' => 'run-1',
                'seq' => $seq++,
                'at' => $this->day($daysBack)->addMinutes(30 + 60 * $n)->utc()->format('Y-m-d H:i:s'),
                'kind' => 'reading',
                'channel' => $probe->key(),
                'value' => $value,
                'digest' => '0000000000000000',
            ]);
        }
    }

    private function zone(): string
    {
        return $this->system->site()->firstOrFail()->timezone;
    }

    private function day(int $back = 1): CarbonImmutable
    {
        return CarbonImmutable::now($this->zone())->subDays($back)->startOfDay();
    }
}
