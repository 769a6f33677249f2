<?php

declare(strict_types=1);

namespace Tests\Alerts;

use App\Alerts\Alarm;
use App\Alerts\KeepAlarm;
use App\Alerts\Live\AlarmEvent;
use App\Alerts\Live\AlarmNotice;
use App\Alerts\Live\Gateway;
use App\Alerts\Live\Raise;
use App\Alerts\Live\Tick;
use App\Control\Controller;
use App\Emergency\WhoIsNear;
use App\House\Days;
use App\Rounds\Disturbed;
use App\Systems\System;
use App\Team\Absence;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** From a row on the link to somebody who answers: delays, chain, answers, silence, restarts. */
final class LiveAlarmTest extends TestCase
{
    private System $system;

    private Controller $controller;

    private User $owner;

    private User $planner;

    private User $technician;

    private Alarm $alarm;

    private int $seq = 0;

    private float $upMs = 1000;

    protected function setUp(): void
    {
        parent::setUp();
        // At noon: what is said of a day is not cut by midnight while minutes go by.
        $this->travelTo(now()->setTime(12, 0));
        $this->owner = self::user('owner');
        $this->planner = self::user('planner');
        $this->technician = self::user('technician');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->controller = Fixture::controller($this->system->site()->firstOrFail());
        Fixture::device($this->controller, $this->planner, 'vl_alarms', 'real');
        $this->alarm = Alarm::query()->create([
            'system_id' => $this->system->id,
            'controller_id' => $this->controller->id,
            'sensor_id' => $this->controller->sensors()->where('name', 'display probe')->sole()->id,
            'name' => 'Too cold',
            'watches' => [],
            'quantity' => 'temperature',
            'low_limit' => 24.5,
            'delay_min' => 10,
            'message' => 'Look at the heaters.',
        ]);
        foreach ([$this->technician, $this->planner] as $n => $user) {
            $this->alarm->calls()->create(['user_id' => $user->id, 'position' => $n + 1, 'step_min' => 5]);
        }
    }

    /** Each value a minute after the one before. @param  list<float>  $values */
    private function report(array $values, string ...$names): void
    {
        $keys = array_map(
            fn (string $name): string => $this->controller->sensors()->where('name', $name)->sole()->key(),
            $names === [] ? ['display probe'] : $names,
        );
        $rows = [];
        foreach ($values as $value) {
            $this->travel(60)->seconds();
            $this->upMs += 60_000;
            foreach ($keys as $key) {
                $rows[] = ['seq' => $this->seq++, 'boot' => 0, 'upMs' => $this->upMs, 'kind' => 'reading', 'id' => $key, 'value' => $value];
            }
        }
        $this->withToken('vl_alarms')->postJson('/api/v1/link/batches', [
            'schema' => 1, 'run' => 'r', 'boot' => 0, 'sentUpMs' => $this->upMs, 'rows' => $rows,
        ])->assertOk()->assertJson(['stored' => count($rows)]);
    }

    private static function tick(): int
    {
        return app(Tick::class)->once();
    }

    #[Test]
    public function ten_minutes_of_measured_cold_call_and_nine_do_not(): void
    {
        $this->report(array_fill(0, 10, 24.0));
        self::assertSame(0, AlarmEvent::query()->count());
        $this->report([24.0]);
        $event = AlarmEvent::query()->sole();
        self::assertSame(['Look at the heaters.', null, null], [$event->words, $event->cleared_at, $event->acknowledged_at]);
        self::assertSame(1, self::tick());
        self::assertSame([$this->technician->name], DB::table('gateway_messages')->pluck('recipient')->all());
        self::assertSame(0, self::tick(), 'one call is one call');
    }

    #[Test]
    public function the_chain_walks_until_somebody_answers(): void
    {
        $this->report(array_fill(0, 11, 24.0));
        $system = System::query()->findOrFail(AlarmEvent::query()->sole()->alarm()->firstOrFail()->system_id);
        $next = fn (): ?string => WhoIsNear::nextCall($system)['who'] ?? null;
        self::assertSame($this->technician->name, $next());
        self::tick();
        self::assertSame($this->planner->name, $next());
        $this->travel(299)->seconds();
        self::assertSame(0, self::tick());
        $this->travel(1)->seconds();
        self::assertSame(1, self::tick());
        self::assertSame(
            [$this->technician->name, $this->planner->name],
            DB::table('gateway_messages')->orderBy('id')->pluck('recipient')->all(),
        );
        $event = AlarmEvent::query()->sole();
        $this->actingAs($this->technician)->post("/alarm-events/{$event->id}/acknowledge")->assertSessionHasNoErrors();
        self::assertSame($this->technician->id, $event->refresh()->acknowledged_by);
        self::assertNull($next(), 'somebody has answered');
        $this->travel(59)->minutes();
        self::assertSame(0, self::tick());
        // Whoever comes second changes nothing of it.
        $this->actingAs($this->planner)->post("/alarm-events/{$event->id}/acknowledge");
        self::assertSame($this->technician->id, $event->refresh()->acknowledged_by);
    }

    #[Test]
    public function whoever_is_on_leave_is_left_out_and_at_last_the_owner_is_called(): void
    {
        $today = Days::text();
        Absence::query()->create(['user_id' => $this->technician->id, 'from_on' => $today, 'until_on' => $today, 'reason' => 'leave']);
        $this->report(array_fill(0, 11, 24.0));
        $called = AlarmNotice::query()->orderBy('due_at')->pluck('user_id')->all();
        self::assertSame([$this->planner->id, $this->planner->id, $this->owner->id], $called);
        $this->travel(1)->days();
        self::tick();
        self::assertSame(3, DB::table('gateway_messages')->count());
    }

    #[Test]
    public function it_is_over_after_ten_minutes_of_good_values_and_back_within_half_an_hour_the_same(): void
    {
        $this->report([...array_fill(0, 11, 24.0), ...array_fill(0, 10, 25.0)]);
        self::assertNull(AlarmEvent::query()->sole()->cleared_at);
        $this->report([25.0]);
        self::assertNotNull(AlarmEvent::query()->sole()->cleared_at);
        $this->report(array_fill(0, 11, 24.0));
        self::assertNull(AlarmEvent::query()->sole()->cleared_at);
    }

    #[Test]
    public function two_troubles_of_one_place_within_two_minutes_have_one_call(): void
    {
        $second = Alarm::query()->create([...$this->alarm->only(['system_id', 'controller_id', 'watches', 'quantity', 'delay_min']),
            'sensor_id' => $this->controller->sensors()->where('name', 'sump probe')->sole()->id,
            'name' => 'Sump too cold', 'low_limit' => 24.5]);
        $second->calls()->create(['user_id' => $this->planner->id, 'position' => 1]);
        $this->report(array_fill(0, 11, 24.0), 'display probe', 'sump probe');
        [$first, $joined] = AlarmEvent::query()->orderBy('id')->get()->all();
        self::assertSame($first->id, $joined->joined_id);
        self::assertSame(0, $joined->notices()->count());
        $open = self::props($this->actingAs($this->planner)->get('/alarms'))['open'];
        self::assertSame([['Sump too cold']], array_column($open, 'joined'));
        $this->post("/alarm-events/{$joined->id}/acknowledge");
        self::assertNotNull($first->refresh()->acknowledged_at);
    }

    /** @return iterable<string, array{int, bool}> seconds between the two, one call */
    public static function apart(): iterable
    {
        yield 'just two minutes' => [119, true];
        yield 'a little more' => [121, false];
    }

    #[Test]
    #[DataProvider('apart')]
    public function a_trouble_joins_what_was_raised_up_to_two_minutes_ago(int $seconds, bool $joins): void
    {
        $raise = app(Raise::class);
        $this->travelTo(now()->startOfSecond());
        $raise->of($this->alarm, now()->getTimestamp());
        $second = Alarm::query()->create([...$this->alarm->only(['system_id', 'controller_id', 'watches', 'quantity', 'delay_min']),
            'name' => 'Sump too cold', 'low_limit' => 24.5]);
        $this->travel($seconds)->seconds();
        $raise->of($second, now()->getTimestamp());
        self::assertSame($joins, AlarmEvent::query()->where('alarm_id', $second->id)->sole()->joined_id !== null);
    }

    #[Test]
    public function where_nobody_said_how_often_an_alarm_is_tested_every_ninety_days(): void
    {
        $due = fn (array $said): ?string => Alarm::query()->create([
            ...$this->alarm->only(['system_id', 'watches', 'quantity']), 'name' => 'Other', 'tested_on' => '2026-03-01', ...$said,
        ])->refresh()->test_due_on?->toDateString();
        self::assertSame(['2026-05-30', '2026-03-31'], [$due([]), $due(['test_every_days' => 30])]);
    }

    #[Test]
    public function a_call_that_does_not_get_through_hands_on_at_once_and_is_tried_again(): void
    {
        $this->app->bind(Gateway::class, fn () => new class() implements Gateway
        {
            public function hand(AlarmNotice $notice, string $words): bool
            {
                return false;
            }
        });
        $this->report(array_fill(0, 11, 24.0));
        self::assertSame(0, self::tick());
        $this->app->forgetInstance(Tick::class);
        [$first, $second] = AlarmNotice::query()->orderBy('id')->get()->all();
        self::assertSame([1, null], [$first->tries, $first->sent_at]);
        self::assertTrue($second->due_at->lessThanOrEqualTo(now()->addSecond()));
    }

    #[Test]
    public function a_worker_that_dies_between_the_gateway_and_its_note_calls_once(): void
    {
        $this->report(array_fill(0, 11, 24.0));
        $notice = AlarmNotice::query()->orderBy('id')->firstOrFail();
        app(Gateway::class)->hand($notice->load('user'), 'first, and then the power went');
        self::tick();
        self::assertSame(1, DB::table('gateway_messages')->where('alarm_notice_id', $notice->id)->count());
    }

    #[Test]
    public function what_comes_late_is_on_record_and_calls_nobody(): void
    {
        $this->report(array_fill(0, 3, 25.4));
        $key = $this->controller->sensors()->findOrFail($this->alarm->sensor_id)->key();
        $row = ['boot' => 0, 'kind' => 'reading', 'id' => $key, 'value' => 20.0];
        $rows = array_map(fn (int $n): array => [...$row, 'seq' => 1000 + $n, 'upMs' => 61_000 - 2000 * $n], range(1, 20));
        $batch = ['schema' => 1, 'run' => 'r', 'boot' => 0, 'sentUpMs' => $this->upMs, 'rows' => $rows];
        $this->withToken('vl_alarms')->postJson('/api/v1/link/batches', $batch)->assertJson(['stored' => 20]);
        self::assertSame(0, AlarmEvent::query()->count());
    }

    #[Test]
    public function what_a_big_change_moves_waits_for_its_end_and_calls_if_it_is_still_so(): void
    {
        $this->disturb(['temperature', 'salinity', 'ph'], hours: 6);
        $this->report(array_fill(0, 11, 24.0));
        $event = AlarmEvent::query()->sole();
        self::assertNotNull($event->held_until);
        self::tick();
        self::assertSame(0, DB::table('gateway_messages')->count());
        $this->travel(6)->hours();
        self::tick();
        self::assertSame(1, DB::table('gateway_messages')->count());
        self::assertNull($event->refresh()->held_until);
    }

    #[Test]
    public function what_is_over_before_the_end_calls_nobody_and_harm_calls_whatever_is_expected(): void
    {
        $this->disturb(['temperature'], hours: 6);
        $this->report([...array_fill(0, 11, 24.0), ...array_fill(0, 11, 25.5)]);
        $this->travel(7)->hours();
        self::tick();
        self::assertSame(0, DB::table('gateway_messages')->count());
        $this->disturb(['temperature'], hours: 6);
        $this->report(array_fill(0, 11, 17.9));
        self::tick();
        self::assertSame(1, DB::table('gateway_messages')->count());
    }

    #[Test]
    public function another_quantity_and_an_ended_disturbance_hold_nothing_back(): void
    {
        $this->disturb(['ph'], hours: 6);
        $this->disturb(['temperature'], hours: 6)->update(['ended_at' => now()]);
        $this->report(array_fill(0, 11, 24.0));
        self::tick();
        self::assertSame(1, DB::table('gateway_messages')->count());
    }

    /** @param  list<string>  $holds */
    private function disturb(array $holds, int $hours): Disturbed
    {
        return Disturbed::query()->create(['system_id' => $this->system->id, 'because' => 'big change', 'looks' => 'Corals stay closed',
            'holds' => $holds, 'from_at' => now(), 'until_at' => now()->addHours($hours)]);
    }

    #[Test]
    public function a_guard_that_acts_calls_at_once(): void
    {
        $act = Alarm::query()->create([...$this->alarm->only(['system_id', 'controller_id', 'watches']), 'act' => 'o1-1', 'name' => 'Cut',
            'delay_min' => 0]);
        $act->calls()->create(['user_id' => $this->technician->id, 'position' => 1]);
        $send = fn (int $seq, string $code) => $this->withToken('vl_alarms')->postJson('/api/v1/link/batches', [
            'schema' => 1, 'run' => 'r', 'boot' => 0, 'sentUpMs' => 5000.0 + $seq * 1000,
            'rows' => [['seq' => $seq, 'boot' => 0, 'upMs' => 5000.0 + $seq * 1000, 'kind' => 'event', 'id' => 'o1-1', 'code' => $code]],
        ])->assertOk();
        $send(1, 'act');
        self::assertSame('Cut', AlarmEvent::query()->sole()->alarm?->name);
    }

    #[Test]
    public function a_heater_that_is_on_and_draws_nothing_is_told(): void
    {
        $outlet = $this->controller->strips()->firstOrFail()->outlets()->firstOrFail();
        $this->system->items()->create(['job' => 'heater', 'name' => 'Heater', 'watts' => 200, 'outlet_id' => $outlet->id]);
        $this->actingAs($this->planner)->post("/control/{$this->controller->id}/alarms", ['system_id' => $this->system->id,
            'name' => 'Heater dead', 'outlet_id' => $outlet->id, 'is_frozen' => false, 'delay_min' => 0, 'message' => 'Change it.',
            'calls' => [$this->technician->id]])->assertSessionHasNoErrors();
        $send = fn (int $seq, bool $on, float $watts) => $this->withToken('vl_alarms')->postJson('/api/v1/link/batches', [
            'schema' => 1, 'run' => 'r', 'boot' => 0, 'sentUpMs' => 5000.0 + $seq * 1000,
            'rows' => [['seq' => $seq, 'boot' => 0, 'upMs' => 5000.0 + $seq * 1000, 'kind' => 'outlet', 'id' => $outlet->key(), 'on' => $on,
                'watts' => $watts]],
        ])->assertOk()->assertJson(['stored' => 1]);
        $send(1, true, 195);
        $send(2, false, 0);
        self::assertSame(0, AlarmEvent::query()->count());
        $this->travel(5)->seconds();
        $send(3, true, 0);
        self::assertSame('Heater dead', AlarmEvent::query()->sole()->alarm?->name);
        self::tick();
        self::assertSame(1, DB::table('gateway_messages')->count());
    }

    /** @param  array<string, mixed>  $more */
    private function writeDown(array $more): TestResponse
    {
        return $this->actingAs($this->planner)->post("/control/{$this->controller->id}/alarms", [
            'system_id' => $this->system->id,
            'name' => 'Watch it',
            'is_frozen' => false,
            'delay_min' => 0,
            'message' => 'Look.',
            'calls' => [$this->technician->id],
            ...$more,
        ]);
    }

    #[Test]
    public function a_load_that_draws_more_than_it_may_is_told(): void
    {
        $outlet = $this->controller->strips()->firstOrFail()->outlets()->firstOrFail();
        $this->system->items()->create(['job' => 'heater', 'name' => 'Heater', 'watts' => 200, 'outlet_id' => $outlet->id]);
        $this->writeDown(['most_w' => 230])->assertSessionHasErrors('most_w');
        $this->writeDown(['outlet_id' => $outlet->id, 'most_w' => 230])->assertSessionHasNoErrors();
        foreach ([[1, 0.0, 0], [2, 230.0, 0], [3, 230.5, 1]] as [$seq, $watts, $told]) {
            $this->withToken('vl_alarms')->postJson('/api/v1/link/batches', [
                'schema' => 1, 'run' => 'r', 'boot' => 0, 'sentUpMs' => 5000.0 + $seq * 1000,
                'rows' => [['seq' => $seq, 'boot' => 0, 'upMs' => 5000.0 + $seq * 1000, 'kind' => 'outlet', 'id' => $outlet->key(),
                    'on' => true, 'watts' => $watts]],
            ])->assertOk();
            self::assertSame($told, AlarmEvent::query()->count(), "at {$watts} W");
        }
    }

    #[Test]
    public function a_value_that_goes_faster_than_it_may_is_told(): void
    {
        $sensor = $this->controller->sensors()->where('name', 'display probe')->sole();
        $this->writeDown(['sensor_id' => $sensor->id, 'rate_per_h' => 2.0])->assertSessionHasNoErrors();
        $climb = fn (float $perH): array => array_map(fn (int $n): float => 25 + $n * $perH / 60, range(0, 40));
        $this->report($climb(1.9));
        self::assertSame(0, AlarmEvent::query()->count());
        $this->report($climb(2.5));
        self::assertSame('Watch it', AlarmEvent::query()->sole()->alarm?->name);
    }

    #[Test]
    public function silence_is_missed_and_over_when_it_is_heard_again(): void
    {
        $silence = Alarm::query()->create([...$this->alarm->only(['system_id', 'controller_id', 'watches']), 'name' => 'Silent',
            'delay_min' => 15]);
        $silence->calls()->create(['user_id' => $this->technician->id, 'position' => 1]);
        $this->report([25.4]);
        self::tick();
        $this->travel(14)->minutes();
        self::tick();
        self::assertSame(0, AlarmEvent::query()->count());
        $this->travel(61)->seconds();
        self::tick();
        self::assertSame('Silent', AlarmEvent::query()->sole()->alarm?->name);
        self::assertSame(1, DB::table('gateway_messages')->count());
        $this->report([25.4]);
        self::tick();
        $this->travel(4)->minutes();
        $this->report([25.4]);
        self::tick();
        $this->travel(2)->minutes();
        self::tick();
        self::assertNotNull(AlarmEvent::query()->sole()->cleared_at);
    }

    #[Test]
    public function the_page_says_what_is_measured_now_and_who_would_be_called_on_a_night_to_come(): void
    {
        $this->report([25.4]);
        $then = now()->addDays(9)->toDateString();
        Absence::query()->create(['user_id' => $this->technician->id, 'from_on' => $then, 'until_on' => $then, 'reason' => 'leave']);
        $this->actingAs($this->planner);
        $now = self::props($this->get("/control/{$this->controller->id}"));
        self::assertSame("25.4\u{A0}°C", $now['live']['values']["s{$this->alarm->sensor_id}"]);
        self::assertSame([$this->technician->name, $this->planner->name], array_slice(array_column($now['chain']['calls'], 'who'), 0, 2));
        self::assertEquals([0, 5], array_slice(array_column($now['chain']['calls'], 'afterMin'), 0, 2));
        $later = self::props($this->get("/control/{$this->controller->id}?at={$then}T03:00"))['chain'];
        self::assertSame($this->planner->name, $later['calls'][0]['who']);
        self::assertSame([$this->technician->name], $later['away']);
        $this->get("/control/{$this->controller->id}?at=never")->assertSessionHasErrors('at');
    }

    #[Test]
    public function trouble_stands_first_on_the_day_of_whoever_can_answer(): void
    {
        $this->report(array_fill(0, 11, 24.0));
        foreach ([$this->owner, $this->planner, $this->technician] as $user) {
            $groups = self::props($this->actingAs($user)->get('/'))['groups'];
            self::assertSame('Trouble now', $groups[0]['title'], $user->name);
            self::assertStringContainsString('Too cold', $groups[0]['lines'][0]['what']);
        }
        $client = self::user('client', $this->system->site?->client_id);
        self::assertNotContains('Trouble now', array_column(self::props($this->actingAs($client)->get('/'))['groups'], 'title'));
    }

    #[Test]
    public function an_answer_holds_for_an_hour_and_then_what_is_still_so_calls_again(): void
    {
        $this->report(array_fill(0, 11, 24.0));
        self::tick();
        $event = AlarmEvent::query()->sole();
        $this->actingAs($this->technician)->post("/alarm-events/{$event->id}/acknowledge")->assertSessionHasNoErrors();
        $this->travel(3599)->seconds();
        self::assertSame(0, self::tick());
        $this->travel(1)->seconds();
        self::assertSame(1, self::tick());
        self::assertNull($event->refresh()->acknowledged_at);
        $this->actingAs($this->planner)->post("/alarm-events/{$event->id}/acknowledge")->assertSessionHasNoErrors();
        // What is over does not call again.
        $event->update(['cleared_at' => now()]);
        $this->travel(2)->hours();
        self::assertSame(0, self::tick());
    }

    #[Test]
    public function a_value_that_harms_calls_whoever_has_answered_and_once(): void
    {
        [$low] = $this->system->regime->harmC();
        $this->report(array_fill(0, 11, 24.0));
        self::tick();
        $event = AlarmEvent::query()->sole();
        $this->actingAs($this->technician)->post("/alarm-events/{$event->id}/acknowledge");
        $this->report([$low + 0.1]);
        self::assertSame(0, self::tick());
        $this->report([$low]);
        self::assertSame(1, self::tick(), 'it harms now');
        $this->actingAs($this->technician)->post("/alarm-events/{$event->id}/acknowledge");
        $this->report([$low - 0.1]);
        self::assertSame(0, self::tick(), 'and says so once');
    }

    #[Test]
    public function what_may_wait_waits_until_seven_and_harm_does_not(): void
    {
        $this->alarm->update(['waits_at_night' => true]);
        $this->travelTo(Days::moment('2026-11-03', 22 * 60 + 30));
        $this->report(array_fill(0, 11, 24.0));
        self::assertSame(0, self::tick());
        self::assertSame('07:00', AlarmEvent::query()->sole()->held_until?->setTimezone(Days::zone())->format('H:i'));
        $this->travelTo(Days::moment('2026-11-04', 7 * 60));
        self::assertSame(1, self::tick());
    }

    #[Test]
    public function at_night_a_value_that_comes_to_harm_no_longer_waits(): void
    {
        $this->alarm->update(['waits_at_night' => true]);
        $this->travelTo(Days::moment('2026-11-03', 22 * 60 + 30));
        $this->report(array_fill(0, 11, 24.0));
        self::assertSame(0, self::tick());
        $this->report([$this->system->regime->harmC()[0]]);
        self::assertSame(1, self::tick());
    }

    #[Test]
    public function only_a_value_may_wait_until_morning(): void
    {
        $given = ['system_id' => $this->system->id, 'name' => 'Silent', 'is_frozen' => false, 'delay_min' => 10, 'message' => 'Look.',
            'calls' => [$this->owner->id], 'waits_at_night' => true];
        $this->actingAs($this->planner)->post("/control/{$this->controller->id}/alarms", $given)->assertSessionHasErrors('waits_at_night');
        $this->post("/control/{$this->controller->id}/alarms", [...$given, 'sensor_id' => $this->alarm->sensor_id])
            ->assertSessionHasNoErrors();
    }

    #[Test]
    public function silencing_is_a_right_of_its_own(): void
    {
        $this->report(array_fill(0, 11, 24.0));
        $event = AlarmEvent::query()->sole();
        $this->actingAs($this->owner)
            ->put("/settings/people/{$this->technician->id}", ['skills' => [], 'may_silence' => false])
            ->assertSessionHasNoErrors();
        $this->actingAs($this->technician->refresh())->post("/alarm-events/{$event->id}/acknowledge")->assertForbidden();
        $this->actingAs($this->planner)->post("/alarm-events/{$event->id}/acknowledge")->assertSessionHasNoErrors();
    }

    #[Test]
    public function another_limit_chain_or_delay_makes_an_alarm_untested(): void
    {
        $keep = function (array $change): ?string {
            $this->alarm->update(['tested_on' => Days::text()]);
            $calls = [$this->technician->id, $this->planner->id];

            $kept = KeepAlarm::of($this->system, ['calls' => $calls, ...$change], $this->alarm);

            return $kept->refresh()->tested_on?->toDateString();
        };
        self::assertSame(Days::text(), $keep(['name' => 'Too cold by far']));
        self::assertSame(Days::text(), $keep(['low_limit' => 24.5]));
        self::assertNull($keep(['low_limit' => 24.4]));
        self::assertNull($keep(['delay_min' => 11]));
        self::assertNull($keep(['calls' => [$this->planner->id, $this->technician->id]]));
        $this->alarm->calls()->delete();
        self::assertNull($keep([]), 'a chain nobody was on');
    }
}
