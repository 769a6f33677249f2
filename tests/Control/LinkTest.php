<?php

declare(strict_types=1);

namespace Tests\Control;

use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Link\ThinRows;
use App\Rounds\FollowUp;
use App\Systems\System;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** What a device reports: stored once, in its own time, good rows beside bad ones, nobody else’s. */
final class LinkTest extends TestCase
{
    private Controller $controller;

    private LinkDevice $device;

    private string $token = 'vl_this-device';

    private string $probe;

    protected function setUp(): void
    {
        parent::setUp();
        $planner = self::user('planner');
        $this->controller = Fixture::controller(Fixture::system(self::site(), $planner)->site()->firstOrFail());
        $this->device = Fixture::device($this->controller, $planner, $this->token, LinkDevice::REAL);
        $this->probe = $this->controller->sensors()->where('name', 'sump probe')->sole()->key();
    }

    /** @return array<string, mixed> */
    private function reading(int $seq, float $value = 25.4, float $upMs = 1000, array $more = []): array
    {
        return ['seq' => $seq, 'boot' => 1, 'upMs' => $upMs, 'kind' => 'reading', 'id' => $this->probe, 'value' => $value, ...$more];
    }

    /** @param  list<mixed>  $rows */
    private function send(array $rows, array $more = [], ?string $token = null)
    {
        return $this->withToken($token ?? $this->token)->postJson('/api/v1/link/batches', [
            'schema' => 1,
            'run' => 'run-1',
            'boot' => 1,
            'sentUpMs' => 10_000,
            'rows' => $rows,
            ...$more,
        ]);
    }

    #[Test]
    public function a_load_that_does_not_do_what_runs_stands_on_the_page_until_it_does(): void
    {
        $planner = self::user('planner');
        $outlet = $this->controller->strips()->firstOrFail()->outlets()->firstOrFail();
        $system = System::query()->where('site_id', $this->controller->site_id)->firstOrFail();
        $system->items()->create(['job' => 'return-pump', 'name' => 'Return', 'watts' => 60, 'outlet_id' => $outlet->id]);
        $this->actingAs($planner)->put("/control/{$this->controller->id}", ['revision' => 0, 'guards' => [], 'outlets' => [
            ['id' => $outlet->key(), 'place' => 'return pump', 'rule' => ['kind' => 'on'], 'lostLink' => 'on'],
        ]])->assertSessionHasNoErrors();
        $page = fn (): array => self::props($this->actingAs($planner)->get("/control/{$this->controller->id}"));
        $against = fn (): array => array_column($page()['live']['against'], 'what');
        $reports = [
            [true, 0.0, ["return pump is on and draws 0\u{A0}W"]],
            [true, 58.0, []],
            [false, 58.0, ["return pump is off and draws 58\u{A0}W"]],
        ];
        foreach ($reports as $seq => [$on, $watts, $said]) {
            $this->send([['seq' => $seq, 'boot' => 1, 'upMs' => 1000 * ($seq + 1), 'kind' => 'outlet', 'id' => $outlet->key(),
                'on' => $on, 'watts' => $watts]])->assertOk();
            self::assertSame($said, $against());
        }
    }

    #[Test]
    public function a_batch_is_stored_once_however_often_it_comes(): void
    {
        $rows = [$this->reading(0), $this->reading(1, 25.5, 2000)];
        $this->send($rows)->assertOk()->assertJson(['through' => 1, 'stored' => 2, 'repeated' => 0, 'held' => [], 'refused' => []]);
        $this->send($rows)->assertOk()->assertJson(['stored' => 0, 'repeated' => 2]);
        self::assertSame(2, DB::table('link_rows')->count());
        // The same number with other words is refused, and the first word stays.
        $this->send([$this->reading(1, 29)])->assertJson(['stored' => 0, 'refused' => [['seq' => 1, 'code' => 'other-content']]]);
        self::assertSame(25.5, (float) DB::table('link_rows')->where('seq', 1)->value('value'));
        // A counter that was lost begins a run: its numbers are new ones.
        $this->send($rows, ['run' => 'run-2'])->assertJson(['stored' => 2]);
        self::assertSame(4, DB::table('link_rows')->count());
    }

    #[Test]
    public function bad_rows_are_named_and_the_good_ones_beside_them_are_kept(): void
    {
        $answer = $this->send([
            $this->reading(0),
            'nonsense',
            $this->reading(2, more: ['kind' => 'poem']),
            $this->reading(3, 99.0),
            $this->reading(4, more: ['id' => 's999999']),
            $this->reading(5, more: ['upMs' => null, 'at' => null]),
            $this->reading(6, more: ['colour' => 'blue']),
            $this->reading(7, more: ['upMs' => null, 'at' => 1_700_000_000.0]),
            $this->reading(8, 25.6, 3000),
        ])->assertOk()->json();
        self::assertSame(2, $answer['stored']);
        self::assertSame(
            [3 => 'implausible', 4 => 'unknown', 7 => 'no-time'],
            array_column($answer['held'], 'code', 'seq'),
        );
        self::assertSame([null, 2, 5, 6], array_column($answer['refused'], 'seq'));
        self::assertSame(3, DB::table('link_held')->count());
        $this->send([$this->reading(3, 99.0)]);
        self::assertSame(3, DB::table('link_held')->count());
    }

    #[Test]
    public function what_was_sent_is_judged_as_it_was_sent(): void
    {
        $rows = [$this->reading(0), $this->reading(1, more: ['id' => "{$this->probe} "]), $this->reading(2, more: ['id' => ''])];
        $answer = $this->send($rows)->assertOk()->json();
        self::assertSame([1 => 'unknown'], array_column($answer['held'], 'code', 'seq'), 'a name with a blank behind it is another name');
        self::assertSame([2], array_column($answer['refused'], 'seq'));
        self::assertSame(1, $answer['stored']);
    }

    #[Test]
    public function its_time_is_counted_back_from_when_it_was_sent_and_the_future_is_held(): void
    {
        $this->freezeSecond();
        $now = (float) now()->format('U.u');
        $seconds = fn (mixed $at): float => (float) date_create("{$at} UTC")->format('U.v');
        $this->send([$this->reading(0, 25.4, 4000), $this->reading(1, 25.4, 14_900), $this->reading(2, 25.4, 15_100 + 500)]);
        $at = DB::table('link_rows')->orderBy('seq')->pluck('at')->map($seconds);
        self::assertEqualsWithDelta($now - 6, $at[0], 0.5);
        self::assertSame(2, $at->count(), 'more than five seconds ahead is held');
        self::assertSame('ahead', DB::table('link_held')->value('code'));
        // Of another start its own clock says when, less what that is ahead.
        $this->send([$this->reading(3, more: ['boot' => 0, 'at' => $now + 3600 - 120])], ['sentAt' => $now + 3600])
            ->assertJson(['stored' => 1]);
        $late = $seconds(DB::table('link_rows')->where('seq', 3)->value('at'));
        self::assertEqualsWithDelta($now - 120, $late, 1.0);
    }

    #[Test]
    public function what_is_no_batch_is_refused_whole(): void
    {
        $this->send([], ['schema' => 2])->assertUnprocessable();
        $this->send([], ['run' => 'a run with spaces'])->assertUnprocessable();
        $this->send([], ['rows' => 'x'])->assertUnprocessable();
        $this->send(array_map(fn (int $n): array => $this->reading($n), range(0, 1000)))->assertStatus(413);
        $this->send([$this->reading(0, more: ['code' => str_repeat('x', 300_000)])])->assertStatus(413);
        self::assertSame(0, DB::table('link_rows')->count());
        $this->send([])->assertOk()->assertJson(['through' => -1, 'stored' => 0]);
    }

    #[Test]
    public function only_its_own_token_opens_and_a_new_one_ends_the_old(): void
    {
        $this->send([], token: 'vl_forged')->assertUnauthorized();
        $this->postJson('/api/v1/link/hello', ['run' => 'a'], ['Authorization' => ''])->assertUnauthorized();
        $new = $this->withToken($this->token)->postJson('/api/v1/link/token')->assertOk()->json('token');
        $this->send([$this->reading(0)])->assertOk();
        $this->send([$this->reading(1)], token: $new)->assertOk();
        $this->send([$this->reading(2)])->assertUnauthorized();
        $this->device->update(['revoked_at' => now()]);
        $this->send([], token: $new)->assertUnauthorized();
        // Nobody’s sign-in opens the link, and no device opens the rest of the API.
        $this->withToken($new)->getJson('/api/v1/systems')->assertUnauthorized();
    }

    #[Test]
    public function the_set_up_it_runs_is_handed_out_once_and_unchanged_costs_nothing(): void
    {
        $this->withToken($this->token)->getJson('/api/v1/link/programme')->assertNotFound();
        $document = ['outlets' => [], 'guards' => []];
        $this->controller->setUps()->create(['number' => 1, 'state' => 'running', 'document' => $document,
            'user_id' => $this->device->user_id, 'hash' => \App\Control\SetUp::hashOf($document)]);
        $first = $this->getJson('/api/v1/link/programme')->assertOk();
        $tag = (string) $first->headers->get('ETag');
        self::assertSame(1, $first->json('schema'));
        $this->getJson('/api/v1/link/programme', ['If-None-Match' => $tag])->assertStatus(304);
        $this->getJson('/api/v1/link/programme', ['If-None-Match' => '"other"'])->assertOk();
    }

    #[Test]
    public function a_simulated_device_lives_in_a_time_of_its_own_and_a_real_one_does_not(): void
    {
        $clock = ['run' => 'run-1', 'clock' => ['epoch' => 1_900_000_000.0, 'rate' => 60]];
        $this->withToken($this->token)->postJson('/api/v1/link/hello', $clock)->assertOk();
        self::assertNull($this->device->refresh()->clock_epoch_s);
        $this->device->update(['kind' => LinkDevice::SIMULATED]);
        $this->postJson('/api/v1/link/hello', $clock)->assertOk();
        $this->send([$this->reading(0, 25.4, 9_000)])->assertJson(['stored' => 1]);
        self::assertStringStartsWith('2030-03-17', (string) DB::table('link_rows')->value('at'));
        $this->postJson('/api/v1/link/hello', ['run' => 'no run at all, this'])->assertUnprocessable();
    }

    #[Test]
    public function it_is_described_with_its_true_types(): void
    {
        $document = $this->getJson('/api/openapi.json')->assertOk()->json();
        $answer = $document['paths']['/link/batches']['post']['responses']['200']['content']['application/json']['schema'];
        self::assertEqualsCanonicalizing($answer['required'], array_keys($this->send([$this->reading(0)])->json()));
        foreach (['/link/hello', '/link/programme', '/link/token'] as $path) {
            self::assertArrayHasKey($path, $document['paths']);
        }
    }

    #[Test]
    public function what_is_old_is_thinned_and_no_extreme_is_lost(): void
    {
        $rows = [];
        mt_srand(3);
        foreach ([20 => 0, 3 => 1000] as $days => $from) {
            for ($n = 0; $n < 300; $n++) {
                $rows[] = ['link_device_id' => $this->device->id, 'run' => 'r', 'seq' => $from + $n,
                    'kind' => 'reading', 'channel' => $this->probe,
                    'at' => now()->subDays($days)->startOfHour()->addSeconds(36 * $n)->format('Y-m-d H:i:s.v'), 'digest' => 'x',
                    'value' => 25 + mt_rand(-1000, 1000) / 1000];
            }
        }
        DB::table('link_rows')->insert($rows);
        $old = fn () => DB::table('link_rows')->where('at', '<', now()->subDays(14));
        $before = [$old()->min('value'), $old()->max('value')];
        (new ThinRows())->handle();
        self::assertSame($before, [$old()->min('value'), $old()->max('value')]);
        self::assertLessThanOrEqual(12, $old()->count());
        self::assertGreaterThanOrEqual(6, $old()->count());
        self::assertSame(300, DB::table('link_rows')->where('seq', '>=', 1000)->count());
        $left = DB::table('link_rows')->count();
        (new ThinRows())->handle();
        self::assertSame($left, DB::table('link_rows')->count());
    }

    #[Test]
    public function a_head_that_started_again_is_verified_once(): void
    {
        $system = System::query()->where('site_id', $this->controller->site_id)->sole();
        $this->controller->sensors()->update(['system_id' => $system->id]);
        $verify = fn (): int => FollowUp::query()->where('system_id', $system->id)->where('kind', 'verify')->count();
        $this->send([$this->reading(1)])->assertOk();
        $this->send([$this->reading(2)])->assertOk();
        self::assertSame(0, $verify());
        $this->send([$this->reading(3)], ['boot' => 2])->assertOk();
        self::assertSame(1, $verify());
        $this->send([$this->reading(4)], ['boot' => 3])->assertOk();
        self::assertSame(1, $verify(), 'one task until it is done');
        FollowUp::query()->where('kind', 'verify')->update(['done_at' => now()]);
        $this->send([$this->reading(5)], ['boot' => 1, 'run' => 'run-2'])->assertOk();
        $this->send([$this->reading(6)], ['boot' => 0, 'run' => 'run-2'])->assertOk();
        self::assertSame(1, $verify(), 'a lost counter begins another run');
        $this->send([$this->reading(7)], ['boot' => 1, 'run' => 'run-2'])->assertOk();
        self::assertSame(2, $verify());
    }
}
