<?php

declare(strict_types=1);

namespace Tests\Risk;

use App\Alerts\Alarm;
use App\Risk\Exposure;
use App\Risk\Night;
use App\Risk\TonightReader;
use App\Rounds\FollowUp;
use App\Rounds\OffRecord;
use App\Systems\OffDevices;
use App\Systems\System;
use App\Team\Absence;
use App\Team\Holiday;
use App\Team\OnCall;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Risk\Hazard;

/** Hours in hand from the records: who is called, who is away, who has a key. */
final class RiskTest extends TestCase
{
    private User $planner;

    private User $near;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->planner, $this->near] = [self::user('planner'), self::user('technician')];
        $this->near->update(['home_lat' => 53.6, 'home_lon' => 1.6]);
        $site = self::site();
        $site->update(['lat' => 53.62, 'lon' => 1.62, 'we_hold_key' => true]);
        $this->system = Fixture::system($site, $this->planner);
        $room = $site
            ->rooms()
            ->create([
                'name' => 'Hall',
                'winter_night_c' => 16,
                'summer_night_c' => 24,
                'winter_day_c' => 21,
                'summer_day_c' => 28,
            ]);
        $this->system->update(['room_id' => $room->id]);
        foreach ([400, 400] as $n => $watts) {
            $this->system->items()->create(['job' => 'heater', 'name' => "Heater {$n}", 'watts' => $watts]);
        }
        OnCall::query()->create([
            'user_id' => $this->near->id,
            'from_on' => now()->subDays(2)->toDateString(),
            'until_on' => now()->addDays(9)->toDateString(),
            'position' => 1,
        ]);
    }

    #[Test]
    public function a_holiday_shuts_the_door_and_another_on_call_or_nobody_moves_the_hours(): void
    {
        $site = $this->system->site()->firstOrFail();
        $site->update([
            'we_hold_key' => false,
            'access_hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], '08:00-18:00'),
            'looked_at' => ['08:00'],
        ]);
        $far = self::user('technician');
        $far->update(['home_lat' => 55.0, 'home_lon' => 1.6]);
        $acts = fn (string $asked): ?float => $this->hazard('heater-off', $asked)['actsH'];
        $usual = $acts('night=winter-night');
        self::assertNotNull($usual);
        self::assertGreaterThan($usual, $acts("night=winter-night&oncall={$far->id}"), 'who lives far comes later');
        self::assertSame($usual, $acts("night=winter-night&oncall={$this->near->id}"));
        self::assertNull($acts('night=winter-night&oncall=nobody'));
        self::assertGreaterThan($usual, $acts('night=winter-night&holiday=1'), 'the door stays shut that day');
        $site->update(['we_hold_key' => true]);
        self::assertSame($acts('night=winter-night'), $acts('night=winter-night&holiday=1'), 'a key does not wait for a door');
        $site->update(['we_hold_key' => false]);
        $fault = Night::WinterNight->faultAt($site->timezone);
        Holiday::query()->create(['on' => $fault->toDateString(), 'name' => 'Harbour day']);
        self::assertSame($acts('night=winter-night&holiday=1'), $acts('night=winter-night'), 'a day of the list counts by itself');
    }

    /** X-24: of a leak’s alarm it is asked where its sensor lies, and until that is said it stands as not known. */
    #[Test]
    public function an_alarm_on_the_floor_counts_where_the_floor_is_lowest(): void
    {
        $this->actingAs($this->near);
        $floor = fn (mixed $lowest): array => [
            'name' => 'Floor',
            'watches' => ['leak'],
            'quantity' => 'leak',
            'delay_min' => 0,
            'on_its_own' => true,
            'is_lowest' => $lowest,
            'calls' => [$this->near->id],
        ];
        $this->post("/systems/{$this->system->id}/alarms", $floor(null))->assertSessionHasNoErrors();
        $alarm = Alarm::query()->sole();
        $told = fn (): string => (string) $this->system->logEntries()->latest('id')->firstOrFail()->text;
        $this->post("/alarms/{$alarm->id}/test", ['answered' => false]);
        self::assertStringContainsString('nobody answered', $told());
        self::assertFalse($alarm->refresh()->isTested());
        $this->post("/alarms/{$alarm->id}/test", ['answered' => true])->assertSessionHasNoErrors();
        self::assertStringNotContainsString('nobody answered', $told());
        $shown = fn (): array => self::props($this->get("/systems/{$this->system->id}/risk"))['alarms'][0];
        self::assertNull($shown()['isLowest']);
        self::assertStringContainsString('not known to lie', $shown()['standing']);
        self::assertSame(['watch'], array_column($shown()['findings'], 'severity'));
        $this->put("/alarms/{$alarm->id}", $floor('perhaps'))->assertSessionHasErrors('is_lowest');
        $this->put("/alarms/{$alarm->id}", $floor(false))->assertSessionHasNoErrors();
        self::assertSame(['fix'], array_column($shown()['findings'], 'severity'));
        $this->put("/alarms/{$alarm->id}", $floor(true))->assertSessionHasNoErrors();
        self::assertSame(['tested, reaches somebody', []], [$shown()['standing'], $shown()['findings']]);
    }

    #[Test]
    public function an_alarm_that_reaches_somebody_buys_hours_and_one_that_calls_the_absent_buys_none(): void
    {
        self::assertNull($this->hazard('power-cut')['noticedH'], 'nobody looks, nothing calls');
        $this->actingAs($this->near)
            ->post("/systems/{$this->system->id}/alarms", [
                'name' => 'Call',
                'watches' => ['power-cut'],
                'quantity' => 'power',
                'delay_min' => 10,
                'on_its_own' => true,
                'calls' => [],
            ])
            ->assertSessionHasErrors('calls');
        $this->post("/systems/{$this->system->id}/alarms", [
            'name' => 'Call',
            'watches' => ['power-cut'],
            'quantity' => 'power',
            'delay_min' => 10,
            'on_its_own' => true,
            'calls' => [$this->near->id],
        ])->assertSessionHasNoErrors();
        self::assertNull($this->hazard('power-cut')['noticedH'], 'never made to call, it counts for nothing');
        $alarm = Alarm::query()->sole();
        $this->post("/alarms/{$alarm->id}/test", ['answered' => true])->assertSessionHasNoErrors();
        $cut = $this->hazard('power-cut');
        self::assertLessThan(1.5, $cut['noticedH']);
        self::assertSame($this->near->name, $cut['who']);
        self::assertEqualsWithDelta($cut['harms'][0]['hours'] - $cut['actsH'], $cut['hours'], 1e-9);

        Absence::query()->create([
            'user_id' => $this->near->id,
            'from_on' => now()->subDay()->toDateString(),
            'until_on' => now()->addDays(5)->toDateString(),
            'reason' => 'leave',
        ]);
        self::assertNull($this->hazard('power-cut')['noticedH'], 'it rings at somebody who is away');
    }

    #[Test]
    public function an_empty_house_is_looked_at_before_and_by_nobody_meanwhile(): void
    {
        $site = $this->system->site()->firstOrFail();
        $site->update(['looked_at' => ['07:00', '22:00']]);
        self::assertNotNull($this->hazard('power-cut')['noticedH']);
        $keep = fn (array $away): mixed => $this->put("/sites/{$site->id}", [
            'name' => $site->name,
            'timezone' => 'UTC',
            'looked_at' => ['07:00', '22:00'],
            'away' => $away,
        ]);
        [$from, $until] = [now()->toDateString(), now()->addDays(9)->toDateString()];
        $keep([['from' => $until, 'until' => $from]])->assertSessionHasErrors('away.0.until');
        $keep([['from' => $from, 'until' => $until, 'sitter' => null]])->assertSessionHasNoErrors();
        self::assertNull($this->hazard('power-cut')['noticedH'], 'an empty house sees nothing');
        $look = FollowUp::query()->where('system_id', $this->system->id)->sole();
        self::assertStringContainsString('No risky change now. Nobody looks in.', $look->text);
        $keep([['from' => $from, 'until' => $until, 'sitter' => null]])->assertSessionHasNoErrors();
        self::assertSame(1, FollowUp::query()->count(), 'asked once');
        $keep([['from' => $from, 'until' => $until, 'sitter' => 'the neighbour']])->assertSessionHasNoErrors();
        self::assertNotNull($this->hazard('power-cut')['noticedH'], 'a sitter does');
    }

    #[Test]
    public function the_fleet_is_worked_out_in_lots_and_sorted_by_the_gap(): void
    {
        $cold = Fixture::system(self::site('Other', 'Cold house'), $this->planner, 'Colder');
        $unsaid = Fixture::system(self::site('Third', 'Unsaid house'), $this->planner, 'Unsaid');
        $unsaid->update(['facts' => array_diff_key($unsaid->facts, ['winterC' => 1, 'summerC' => 1])]);
        $this->actingAs($this->near)
            ->post('/risk/work-out', ['night' => 'tonight'])
            ->assertForbidden();
        $this->actingAs($this->planner)
            ->post('/risk/work-out', ['night' => 'tonight'])
            ->assertSessionHas('said', 'Worked out.');
        $lines = self::props($this->get('/risk'))['lines'];
        self::assertSame('Unsaid', end($lines)['name'], 'what cannot be said stands last, with what it needs');
        self::assertStringContainsString('how warm the room', (string) end($lines)['needs']);
        $hours = array_column(array_slice($lines, 0, 2), 'hours');
        self::assertSame($hours, collect($hours)->sort()->values()->all());
        $asked = Exposure::query()->whereIn('hazard', Hazard::ofEverySystem());
        self::assertSame(15, $asked->count(), 'five faults of three systems');
        $this->post('/risk/work-out', ['night' => 'noon'])->assertSessionHasErrors('night');
        self::assertSame($cold->id, $cold->refresh()->id);
    }

    #[Test]
    public function a_fleet_under_way_says_how_far_it_is_is_not_begun_twice_and_can_be_stopped(): void
    {
        for ($n = 1; $n <= 60; $n++) {
            $this->system->replicate()->fill(['name' => "Copy {$n}"])->save();
        }
        config()->set('queue.default', 'database');
        $this->actingAs($this->planner);
        $work = ['night' => 'winter-night'];
        $this->post('/risk/work-out', $work)->assertSessionMissing('said');
        $this->post('/risk/work-out', $work)->assertSessionMissing('said');
        self::assertSame(2, DB::table('jobs')->count(), '61 systems, fifty at a time, begun once');
        $run = fn (): ?array => self::props($this->get('/risk?night=winter-night'))['run'];
        self::assertEqualsWithDelta(0, $run()['share'], 1e-9);
        Artisan::call('queue:work', ['--once' => true, '--quiet' => true]);
        self::assertEqualsWithDelta(0.5, $run()['share'], 1e-9);
        self::assertNull(self::props($this->get('/risk'))['run'], 'another night');

        $this->actingAs($this->near)
            ->post("/risk/work-out/{$run()['id']}/stop")
            ->assertForbidden();
        $this->actingAs($this->planner)
            ->post("/risk/work-out/{$run()['id']}/stop")
            ->assertSessionHas('said');
        self::assertNull($run());
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 2048, '--quiet' => true]);
        self::assertSame(50, DB::table('exposure_worst')->count(), 'what was done stays, the rest is not begun');
        $this->post('/risk/work-out/none/stop')->assertNotFound();
    }

    #[Test]
    public function each_evening_every_night_is_worked_out_once(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-11-27 16:05', 'Europe/London'));
        $asked = array_map(fn (Hazard $h): string => $h->value, Hazard::ofEverySystem());
        $worked = fn (): int => DB::table('exposures')
            ->whereIn('hazard', $asked)
            ->where('computed_at', '>=', now()->subMinute())
            ->count();
        $rows = count(Night::cases()) * count(Hazard::ofEverySystem());
        Artisan::call('velbrin:exposures', ['--night' => 'all', '--due' => true]);
        self::assertSame($rows, $worked());
        $this->travel(50)->minutes();
        Artisan::call('velbrin:exposures', ['--night' => 'all', '--due' => true]);
        self::assertSame(0, $worked(), 'five to five: of this day’s afternoon');
        $this->travel(10)->minutes();
        Artisan::call('velbrin:exposures', ['--night' => 'all', '--due' => true]);
        self::assertSame($rows, $worked(), 'five past five: the evening has come');
        $this->travel(23)->hours();
        Artisan::call('velbrin:exposures', ['--night' => 'all', '--due' => true]);
        self::assertSame(0, $worked());
        $this->travel(1)->hours();
        Artisan::call('velbrin:exposures', ['--night' => 'all', '--due' => true]);
        self::assertSame($rows, $worked());
    }

    #[Test]
    public function the_fleet_is_filtered_by_fault_and_by_who_could_still_act_and_many_with_one_cause_are_one_line(): void
    {
        for ($n = 1; $n <= 4; $n++) {
            Fixture::system(self::site("Client {$n}", "House {$n}"), $this->planner, "Unwatched {$n}");
        }
        $this->near->update(['phone' => '0100 555 0101']);
        $next = self::user('technician');
        $next->update(['phone' => '0100 555 0102']);
        OnCall::query()->create([
            'user_id' => $next->id,
            'from_on' => now()->subDays(2)->toDateString(),
            'until_on' => now()->addDays(9)->toDateString(),
            'position' => 2,
        ]);
        $site = $this->system->site()->firstOrFail();
        $site
            ->client()
            ->firstOrFail()
            ->contacts()
            ->create(['name' => 'Ada Marsh', 'role' => 'caretaker', 'phone' => '0100 555 0199', 'holds_key' => true]);
        $alarm = Alarm::query()->create([
            'system_id' => $this->system->id,
            'name' => 'Call',
            'watches' => ['power-cut'],
            'quantity' => 'power',
            'delay_min' => 5,
            'on_its_own' => true,
            'tested_on' => now()->toDateString(),
            'test_every_days' => 90,
        ]);
        $alarm->calls()->create(['user_id' => $this->near->id, 'position' => 1, 'step_min' => 10]);
        $this->actingAs($this->planner)
            ->post('/risk/work-out', ['night' => 'tonight'])
            ->assertSessionHas('said');

        $all = self::props($this->get('/risk?fault=power-cut'));
        self::assertCount(1, $all['groups'], 'four houses where nobody would notice are one line');
        self::assertStringStartsWith('4 systems run out of air in a power cut', $all['groups'][0]['words']);
        self::assertSame('nobody would notice', $all['groups'][0]['lacks']);
        self::assertSame([$this->system->id], array_column($all['lines'], 'id'));
        $opened = self::props($this->get('/risk?fault=power-cut&cause='.urlencode($all['groups'][0]['code'])));
        self::assertCount(4, $opened['lines']);
        self::assertSame([], $opened['groups']);
        $act = self::props($this->get('/risk?fault=power-cut&act=1'));
        self::assertSame([[$this->system->id], []], [array_column($act['lines'], 'id'), $act['groups']]);

        $ring = $all['lines'][0]['ring'];
        self::assertSame(
            [['0100 555 0101', 'on call'], ['0100 555 0102', 'next'], ['0100 555 0199', 'caretaker, has a key']],
            array_map(fn (array $p): array => [$p['phone'], $p['what']], $ring['people']),
        );
        self::assertSame('we hold a key', $ring['key']);
        $pdf = $this->get('/risk/on-call.pdf?fault=power-cut')->assertOk();
        self::assertSame('application/pdf', $pdf->headers->get('Content-Type'));
        self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
        $this->get('/risk?fault=flood')->assertOk();
    }

    #[Test]
    public function the_page_today_and_the_list_of_alarms_say_the_same_of_one_alarm(): void
    {
        $alarm = Alarm::query()->create([
            'system_id' => $this->system->id,
            'name' => 'Call',
            'watches' => ['power-cut'],
            'quantity' => 'power',
            'delay_min' => 5,
            'on_its_own' => true,
            'tested_on' => now()->subDays(89)->toDateString(),
            'test_every_days' => 90,
        ]);
        $alarm->calls()->create(['user_id' => $this->near->id, 'position' => 1, 'step_min' => 10]);
        $same = function (string $standing, bool $counts) use ($alarm): void {
            $page = self::props($this->actingAs($this->planner)->get("/systems/{$this->system->id}/risk"));
            self::assertSame($standing, $page['alarms'][0]['standing']);
            self::assertSame(
                $counts,
                collect($page['hazards'])->firstWhere('hazard', 'power-cut')['noticedH'] !== null,
                $standing,
            );
            $today = (string) json_encode(
                self::props($this->actingAs(self::user('owner'))->get('/')),
                JSON_UNESCAPED_UNICODE,
            );
            self::assertSame(
                ! $counts,
                str_contains($today, "{$alarm->name}, {$this->system->name}"),
                "Today: {$standing}",
            );
            self::assertSame(! $counts, str_contains($today, $standing), "Today: {$standing}");
        };
        $same('tested, reaches somebody', true);
        $alarm->update(['tested_on' => now()->subDays(90)->toDateString()]);
        $same('not tested in time', false);
        $alarm->update(['tested_on' => now()->toDateString()]);
        $away = Absence::query()->create([
            'user_id' => $this->near->id,
            'from_on' => now()->subDay()->toDateString(),
            'until_on' => now()->addDays(5)->toDateString(),
            'reason' => 'leave',
        ]);
        $same('calls only people who are away tonight', false);
        $away->delete();
        $this->near->forceFill(['archived_at' => now()])->save();
        $same('calls only people who are away tonight', false);
    }

    #[Test]
    public function more_life_breathes_faster_and_a_battery_on_a_pump_holds_it(): void
    {
        $this->actingAs($this->planner);
        $life = fn (float $kg, ?float $battery): mixed => $this->put("/systems/{$this->system->id}/life", [
            'fish_kg' => $kg,
            'small_fish' => true,
            'community' => 'mixed',
            'battery_h' => $battery,
            'battery_pump' => $battery !== null,
        ])->assertSessionHasNoErrors();
        $life(0.1, null);
        $few = $this->hazard('power-cut')['harms'][0]['hours'];
        $life(2.0, null);
        $many = $this->hazard('power-cut')['harms'][0]['hours'];
        self::assertLessThan($few, $many);
        $life(2.0, 8.0);
        self::assertGreaterThan($many, $this->hazard('power-cut')['harms'][0]['hours'] ?? INF);
        $this->put("/systems/{$this->system->id}/life", [
            'fish_kg' => -1,
            'small_fish' => true,
            'battery_pump' => false,
        ])->assertSessionHasErrors('fish_kg');
    }

    /** @return array<string, mixed> */
    private function hazard(string $hazard, string $asked = ''): array
    {
        $page = self::props($this->actingAs($this->planner)->get("/systems/{$this->system->id}/risk?{$asked}"));
        self::assertNull($page['needs']);

        return collect($page['hazards'])->firstWhere('hazard', $hazard);
    }

    #[Test]
    public function a_heater_that_was_switched_off_heats_nothing_until_it_is_on_again(): void
    {
        $watts = fn (): float => collect(app(OffDevices::class)->ids([$this->system->id]))
            ->pipe(fn ($off) => TonightReader::read($this->system->refresh(), Night::WinterNight, $off->all()))
            ->heatersW();
        self::assertSame(800.0, $watts());
        $off = OffRecord::query()->create([
            'visit_id' => Fixture::visit($this->system)->id,
            'system_id' => $this->system->id,
            'item_id' => $this->system->items()->where('job', 'heater')->firstOrFail()->id,
            'what' => 'Heater',
            'off_at' => now(),
            'off_by' => $this->near->id,
            'client_uuid' => (string) Str::uuid(),
        ]);
        self::assertSame(400.0, $watts());
        $off->update(['on_at' => now()]);
        self::assertSame(800.0, $watts());
    }

    #[Test]
    public function a_place_in_the_south_has_its_own_winter_by_its_map_or_its_zone(): void
    {
        $site = $this->system->site()->firstOrFail();
        $this->travelTo(CarbonImmutable::parse('2026-07-10 12:00', 'UTC'));
        // 16 °C is the hall's winter night, 24 °C its summer night.
        $tonight = fn (): ?float => Night::Tonight->roomC($this->system->refresh()->load(['site', 'room']));
        $site->update(['lat' => 53.6, 'lon' => 1.6, 'timezone' => 'Europe/London']);
        self::assertSame(24.0, $tonight());
        $site->update(['lat' => -36.8, 'lon' => 174.7]);
        self::assertSame(16.0, $tonight(), 'by its place on the map');
        $site->update(['lat' => null, 'lon' => null, 'timezone' => 'Pacific/Auckland']);
        self::assertSame(16.0, $tonight(), 'by its time zone');
        $site->update(['timezone' => 'Europe/London']);
        self::assertSame(24.0, $tonight());
        $this->travelTo(CarbonImmutable::parse('2026-12-10 12:00', 'UTC'));
        self::assertSame(16.0, $tonight());
        $site->update(['timezone' => 'Australia/Sydney']);
        self::assertSame(24.0, $tonight());
    }
}
