<?php

declare(strict_types=1);

namespace Tests\Control;

use App\Alerts\Alarm;
use App\Alerts\Live\AlarmEvent;
use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A log from a file: looked at without a trace, taken in once, bad lines named beside the good ones, and nobody is called. */
final class LogTest extends TestCase
{
    private const RUN = '0123456789abcdef0123456789abcdef0123';

    private User $planner;

    private System $system;

    private Controller $controller;

    private string $probe;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-20 12:00:00');
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->controller = Fixture::controller($this->system->site()->firstOrFail());
        $this->controller->site()->firstOrFail()->update(['timezone' => 'Europe/Berlin']);
        $this->probe = $this->controller->sensors()->where('name', 'display probe')->sole()->key();
    }

    /** @param  list<mixed>  $rows @param  array<string, mixed>  $more */
    private function send(array $rows, array $more = []): TestResponse
    {
        return $this->actingAs($this->planner)->postJson("/control/{$this->controller->id}/log", [
            'name' => 'november.csv', 'run' => self::RUN, 'order' => 'day-first', 'look' => false, 'rows' => $rows, ...$more,
        ]);
    }

    /** @return array<string, mixed> */
    private function row(int $seq, string $at, float $value = 25.4, ?string $id = null): array
    {
        return ['seq' => $seq, 'at' => $at, 'id' => $id ?? $this->probe, 'value' => $value];
    }

    /** @return iterable<string, array{string, string, 2?: string}> */
    public static function moments(): iterable
    {
        yield 'wall time of the place, summer' => ['2026-07-01 10:00', '2026-07-01 08:00:00'];
        yield 'wall time of the place, winter' => ['2026-11-01 10:00:30', '2026-11-01 09:00:30'];
        yield 'with a zone' => ['2026-11-01T10:00:00+00:00', '2026-11-01 10:00:00'];
        yield 'seconds since 1970' => ['1793527200', '2026-11-01 10:00:00'];
        yield 'day first' => ['03/04/2026 10:00', '2026-04-03 08:00:00'];
        yield 'month first' => ['03/04/2026 10:00', '2026-03-04 09:00:00', 'month-first'];
        yield 'with points' => ['1.11.2026 10:00', '2026-11-01 09:00:00'];
        yield 'no leading zero, month first' => ['7/4/2026 9:05', '2026-07-04 07:05:00', 'month-first'];
        yield 'in two halves of the day' => ['11/01/2026 1:05 PM', '2026-11-01 12:05:00', 'month-first'];
    }

    #[Test]
    #[DataProvider('moments')]
    public function a_moment_is_read_as_it_is_written_there(string $written, string $utc, string $order = 'day-first'): void
    {
        $this->send([$this->row(1, $written)], ['order' => $order])->assertOk()->assertJson(['stored' => 1, 'refused' => []]);
        self::assertStringStartsWith($utc, (string) DB::table('link_rows')->value('at'));
    }

    #[Test]
    public function a_day_that_never_was_is_no_moment(): void
    {
        foreach (['31.02.2026 10:00', '2026-13-01 10:00', '13/13/2026 10:00', '10:00', '2026-11-01'] as $n => $written) {
            $this->send([$this->row($n, $written)])->assertOk()->assertJson(['stored' => 0]);
        }
    }

    #[Test]
    public function it_is_looked_at_first_and_nothing_is_kept(): void
    {
        $this->send([$this->row(1, '2026-11-01 10:00'), $this->row(2, '2026-11-09 10:00')], ['look' => true])
            ->assertOk()
            ->assertJson(['stored' => 2, 'from' => '2026-11-01T09:00:00Z', 'to' => '2026-11-09T09:00:00Z']);
        self::assertSame([0, 0], [DB::table('link_rows')->count(), LinkDevice::query()->count()]);
    }

    #[Test]
    public function the_same_file_is_taken_in_once_and_bad_lines_are_named_beside_the_good_ones(): void
    {
        $rows = [
            $this->row(1, '2026-11-01 10:00'),
            $this->row(2, 'yesterday'),
            $this->row(3, '2026-11-20 13:05:10'),
            $this->row(4, '2026-11-01 10:03', 61),
            $this->row(5, '2026-11-01 10:04', 25, 's9999'),
            $this->row(6, '2026-11-20 13:04:50'),
        ];
        $answer = $this->send($rows)->assertOk()->json();
        self::assertSame([2, 0], [$answer['stored'], $answer['repeated']]);
        self::assertSame([2, 3, 4, 5], array_column($answer['refused'], 'seq'));
        self::assertStringContainsString('lies ahead', $answer['refused'][1]['message']);
        $this->send($rows)->assertOk()->assertJson(['stored' => 0, 'repeated' => 2]);
        self::assertSame(2, DB::table('link_rows')->count());
        self::assertSame(1, LinkDevice::query()->count());
        foreach ([['rows' => []], ['run' => 'x'], ['order' => 'any'], ['rows' => [['seq' => 1]]]] as $wrong) {
            $this->send($rows, $wrong)->assertUnprocessable();
        }
    }

    #[Test]
    public function it_is_the_past_nobody_is_called_and_the_controller_has_not_been_heard(): void
    {
        $alarm = Alarm::query()->create([
            'system_id' => $this->system->id, 'controller_id' => $this->controller->id, 'name' => 'Too cold', 'watches' => [],
            'sensor_id' => $this->controller->sensors()->where('name', 'display probe')->sole()->id, 'quantity' => 'temperature',
            'low_limit' => 24.5, 'delay_min' => 0,
        ]);
        $alarm->calls()->create(['user_id' => $this->planner->id, 'position' => 1]);
        $this->send(array_map(fn (int $n): array => $this->row($n, sprintf('2026-11-20 12:%02d', $n), 20.0), range(0, 50)))->assertOk();
        self::assertSame(0, AlarmEvent::query()->count());
        $device = LinkDevice::query()->sole();
        self::assertNull($device->heard_at);
        self::assertNotNull($device->revoked_at);
        self::assertNull(self::props($this->get("/control/{$this->controller->id}"))['live']);
    }

    #[Test]
    public function whole_days_become_readings_however_old(): void
    {
        $rows = [];
        foreach (['2026-03-09', '2026-03-10'] as $d => $day) {
            foreach (range(0, 23) as $hour) {
                $rows[] = $this->row(100 * $d + $hour, sprintf('%s %02d:30', $day, $hour), 25.0 + $d / 10);
            }
        }
        $this->send($rows)->assertOk()->assertJson(['stored' => 48]);
        $readings = Reading::query()->where('system_id', $this->system->id)->orderBy('taken_at')->get();
        self::assertEqualsWithDelta([25.0, 25.1], $readings->pluck('value')->all(), 1e-9);
        $this->send($rows)->assertOk();
        self::assertSame(2, Reading::query()->count());
    }

    #[Test]
    public function the_wrong_log_is_taken_back_its_readings_are_marked_and_the_right_one_takes_their_place(): void
    {
        $day = fn (float $value): array => array_map(
            fn (int $hour): array => $this->row($hour, sprintf('2026-03-09 %02d:30', $hour), $value),
            range(0, 23),
        );
        $counted = fn (): array => Reading::query()->whereNull('marked_at')->orderBy('id')->pluck('value')->all();
        $this->send($day(21.0))->assertOk();
        $byHand = $this->system->readings()->create(['client_uuid' => (string) Str::uuid(), 'parameter' => 'temperature',
            'taken_at' => '2026-03-09 10:00', 'value' => 25.3, 'given_value' => 25.3, 'given_unit' => 'degC', 'method' => 'thermometer',
            'user_id' => $this->planner->id, 'doubtful' => false]);
        self::assertEqualsWithDelta([21.0, 25.3], $counted(), 1e-9);
        $log = LinkDevice::query()->sole();
        self::assertSame([24, '2026-03-08 23:30', '2026-03-09 22:30'], [$log->log_rows, $log->log_from->format('Y-m-d H:i'),
            $log->log_to->format('Y-m-d H:i')]);
        $url = "/devices/{$log->id}/take-back";
        $this->post($url, ['because' => ''])->assertSessionHasErrors('because');
        $this->post($url, ['because' => 'the room’s column'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta([25.3], $counted(), 1e-9);
        self::assertStringContainsString('the room’s column', Reading::query()->whereNotNull('marked_at')->sole()->marked_reason);
        self::assertSame(24, DB::table('link_rows')->count(), 'what was reported stays');
        $this->post($url, ['because' => 'again'])->assertSessionHasNoErrors();
        self::assertSame('the room’s column', $log->refresh()->taken_back_because);
        // The same file, the right column: another log, and the day has its reading.
        $this->send($day(25.0))->assertOk()->assertJson(['stored' => 24, 'repeated' => 0]);
        self::assertEqualsWithDelta([25.3, 25.0], $counted(), 1e-9);
        $logs = self::props($this->get("/control/{$this->controller->id}"))['logs'];
        self::assertSame([null, 'the room’s column'], array_column($logs, 'because'));
        // What somebody marked by hand stays marked, whatever is taken in.
        Reading::query()->whereNull('marked_at')->where('value', 25.0)->sole()->update(['marked_at' => now(), 'marked_reason' => 'no']);
        $this->send($day(25.2), ['run' => strrev(self::RUN)])->assertOk();
        self::assertEqualsWithDelta([25.3], $counted(), 1e-9);
        self::assertSame($byHand->id, Reading::query()->whereNull('marked_at')->sole()->id);
        // A device that reports is not taken back so.
        $device = Fixture::device($this->controller, $this->planner);
        $this->post("/devices/{$device->id}/take-back", ['because' => 'x'])->assertSessionHasErrors('because');
        $this->actingAs(self::user('technician'))->post($url, ['because' => 'x'])->assertForbidden();
    }

    #[Test]
    public function a_thousand_values_are_taken_at_once_and_not_one_more_of_however_many_days(): void
    {
        $rows = array_map(fn (int $n): array => $this->row($n, gmdate('Y-m-d\\TH:i:s\\Z', 1_780_000_000 - 60 * $n)), range(0, 1000));
        $this->send($rows)->assertUnprocessable();
        $this->send(array_slice($rows, 0, 1000))->assertOk()->assertJson(['stored' => 1000]);
        $values = [];
        // Eight hundred days are read at once; what lies on either side of that is read all the same.
        foreach ([797, 798, 799, 1650] as $ago) {
            foreach (range(0, 11) as $n) {
                $at = now()->subDays(1700 - $ago)->format('Y-m-d').sprintf('T%02d:30:00Z', 6 + $n);
                $values[] = $this->row(5000 + 100 * $ago + $n, $at);
            }
        }
        $values[] = $this->row(9, now()->subDays(1700)->format('Y-m-d').'T12:00:00Z');
        $before = Reading::query()->count();
        $this->send($values, ['run' => strrev(self::RUN)])->assertOk();
        self::assertSame($before + 4, Reading::query()->count());
    }

    #[Test]
    public function only_whoever_writes_its_set_up_takes_a_log_in(): void
    {
        $body = ['name' => 'a', 'run' => self::RUN, 'order' => 'day-first', 'look' => false, 'rows' => [$this->row(1, '2026-11-01 10:00')]];
        $url = "/control/{$this->controller->id}/log";
        $this->actingAs(self::user('client'))->postJson($url, $body)->assertForbidden();
        $this->actingAs(self::user('technician'))->postJson($url, $body)->assertForbidden();
        self::assertSame(0, DB::table('link_rows')->count());
    }
}
