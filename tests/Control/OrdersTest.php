<?php

declare(strict_types=1);

namespace Tests\Control;

use App\Alerts\Live\Tick;
use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Link\SimulatedController;
use App\Control\Orders\OrderState;
use App\Control\Orders\OutletOrder;
use App\Control\Outlet;
use App\Control\Views\OrderView;
use App\Control\WholeSetUp;
use App\Rounds\FollowUp;
use App\Rounds\OffRecord;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** Something else for a while, asked over the link: it has an end, it is on record, and what is off stays in everybody's sight. */
final class OrdersTest extends TestCase
{
    private User $planner;

    private System $system;

    private Controller $controller;

    private Outlet $outlet;

    private Item $pump;

    private LinkDevice $device;

    private string $token = 'vl_orders';

    private int $seq = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->controller = Fixture::controller($this->system->site()->firstOrFail());
        $this->outlet = $this->controller->strips()->firstOrFail()->outlets()->firstOrFail();
        $this->pump = $this->system->items()->create([
            'job' => 'skimmer',
            'name' => 'Skimmer',
            'watts' => 30,
            'outlet_id' => $this->outlet->id,
        ]);
        $this->device = Fixture::device($this->controller, $this->planner, $this->token, LinkDevice::REAL);
        $this->runs(['rule' => ['kind' => 'on'], 'override' => 'works-there']);
        $this->report();
    }

    /** @param  array<string, mixed>  $does */
    private function runs(array $does): void
    {
        $this->actingAs($this->planner)->put("/control/{$this->controller->id}", [
            'revision' => $this->controller->setUps()->where('state', 'draft')->value('revision') ?? 0,
            'guards' => [],
            'outlets' => [['id' => $this->outlet->key(), 'place' => 'skimmer', 'lostLink' => 'off', ...$does]],
        ])->assertSessionHasNoErrors();
        $this->post("/control/{$this->controller->id}/activate", ['why' => 'test', 'entered' => true])->assertSessionHasNoErrors();
    }

    /** @return list<array<string, mixed>> the orders it is told of */
    private function report(): array
    {
        $answer = $this->withToken($this->token)->postJson('/api/v1/link/batches', [
            'schema' => 1,
            'run' => 'run-1',
            'boot' => 1,
            'sentUpMs' => 1000 * ++$this->seq,
            'rows' => [[
                'seq' => $this->seq,
                'boot' => 1,
                'upMs' => 1000 * $this->seq,
                'kind' => 'outlet',
                'id' => $this->outlet->key(),
                'on' => true,
            ]],
        ])->assertOk();

        return $answer->json('orders');
    }

    private function answer(OutletOrder $order, string $answer, ?string $why = null): TestResponse
    {
        return $this->withToken($this->token)->postJson("/api/v1/link/orders/{$order->id}", ['answer' => $answer, 'why' => $why]);
    }

    /** @param  array<string, mixed>  $more */
    private function ask(array $more = [], ?User $who = null): TestResponse
    {
        return $this->actingAs($who ?? $this->planner)->post("/control/{$this->controller->id}/orders", [
            'outlet_id' => $this->outlet->id,
            'level' => 0,
            'for_min' => 30,
            'because' => 'its cup is full',
            ...$more,
        ]);
    }

    #[Test]
    public function what_is_asked_is_fetched_done_ends_by_itself_and_stands_in_the_off_list_meanwhile(): void
    {
        $this->ask()->assertSessionHasNoErrors();
        $order = OutletOrder::query()->sole();
        $told = $this->report();
        self::assertSame(
            [[
                'id' => $order->id,
                'place' => $this->outlet->key(),
                'want' => 0,
                'forS' => 1800,
                'by' => $this->planner->name,
                'why' => 'its cup is full',
            ]],
            array_map(fn (array $o): array => array_diff_key($o, ['ttlS' => 1]), $told),
        );
        self::assertEqualsWithDelta(120, $told[0]['ttlS'], 2);
        self::assertSame(0, OffRecord::query()->count(), 'asked is not done');
        $this->answer($order, 'taken')->assertExactJson(['state' => 'taken']);
        $this->answer($order, 'taken')->assertExactJson(['state' => 'taken']);
        self::assertSame([], $this->report(), 'told once');
        $off = OffRecord::query()->sole();
        self::assertSame([$this->pump->id, $this->planner->id, null], [$off->item_id, $off->off_by, $off->on_at]);
        self::assertTrue($off->hangs(), 'no visit is closed over it');
        $this->travel(31)->minutes();
        app(Tick::class)->once();
        self::assertSame(OrderState::Taken, $order->refresh()->state, 'nobody has heard since');
        $this->report();
        app(Tick::class)->once();
        self::assertSame(OrderState::Over, $order->refresh()->state);
        self::assertNotNull($off->refresh()->on_at);
        self::assertSame(0, FollowUp::query()->count());
    }

    #[Test]
    public function what_is_over_stands_on_the_page_for_twelve_hours(): void
    {
        $this->ask();
        $order = OutletOrder::query()->sole();
        $order->update(['state' => OrderState::Refused]);
        $shown = function (int $minutesAgo) use ($order): int {
            OutletOrder::query()->whereKey($order->id)->update(['created_at' => now()->subMinutes($minutesAgo)]);

            return count(OrderView::all($this->controller));
        };
        self::assertSame([1, 0], [$shown(719), $shown(721)]);
        $order->update(['state' => OrderState::Asked]);
        self::assertSame(1, $shown(721), 'what is open stays');
    }

    #[Test]
    public function an_end_nobody_has_heard_of_is_somebody_s_job_today(): void
    {
        $this->ask();
        $order = OutletOrder::query()->sole();
        $this->answer($order, 'taken');
        $this->travelTo($order->refresh()->until_at->addSeconds(299));
        app(Tick::class)->once();
        self::assertSame(0, FollowUp::query()->count());
        $this->travel(1)->seconds();
        app(Tick::class)->once();
        app(Tick::class)->once();
        $look = FollowUp::query()->sole();
        self::assertStringContainsString('nobody has heard since', $look->text);
        self::assertSame(20.0, $look->minutes);
        self::assertTrue(self::props($this->actingAs($this->planner)->get("/control/{$this->controller->id}"))['orders'][0]['isOverdue']);
    }

    #[Test]
    public function nobody_fetches_it_in_time_or_it_is_refused_or_taken_back(): void
    {
        $state = fn (): OrderState => OutletOrder::query()->latest('id')->firstOrFail()->state;
        $this->ask();
        $this->travel(119)->seconds();
        app(Tick::class)->once();
        self::assertSame(OrderState::Asked, $state());
        $this->travel(2)->seconds();
        app(Tick::class)->once();
        self::assertSame(OrderState::Late, $state());
        self::assertSame([], $this->report());
        $this->answer(OutletOrder::query()->sole(), 'taken')->assertExactJson(['state' => 'late']);

        // Its answer may be quicker than whoever tidies up.
        foreach ([[121, 'late'], [118, 'taken']] as [$seconds, $then]) {
            $this->ask();
            $this->travel($seconds)->seconds();
            $this->answer(OutletOrder::query()->latest('id')->first(), 'taken')->assertExactJson(['state' => $then]);
        }
        $taken = OutletOrder::query()->latest('id')->first();
        $this->post("/outlet-orders/{$taken->id}/end");
        $this->answer($taken, 'taken')->assertExactJson(['state' => 'over']);

        $this->ask();
        $this->answer(OutletOrder::query()->latest('id')->first(), 'refused', 'locked by hand')->assertExactJson(['state' => 'refused']);
        self::assertSame('locked by hand', OutletOrder::query()->latest('id')->first()->refused_why);

        $this->ask();
        $asked = OutletOrder::query()->latest('id')->first();
        $this->post("/outlet-orders/{$asked->id}/end")->assertSessionHasNoErrors();
        self::assertSame(OrderState::Withdrawn, $state());
        $this->post("/outlet-orders/{$asked->id}/end")->assertForbidden();
        self::assertSame(1, OffRecord::query()->count(), 'only what was taken was off');
        // A newer one takes the place of what nobody has fetched; over what is done none is laid.
        $this->ask();
        $this->ask(['because' => 'second thought'])->assertSessionHasNoErrors();
        self::assertSame(['second thought'], array_column($this->report(), 'why'));
        $this->answer(OutletOrder::query()->latest('id')->first(), 'taken');
        $this->ask()->assertSessionHasErrors('outlet_id');
    }

    #[Test]
    public function ended_before_its_time_its_controller_is_told_to_obey_its_rule_again(): void
    {
        $this->ask();
        $order = OutletOrder::query()->sole();
        $this->answer($order, 'taken');
        $this->post("/outlet-orders/{$order->id}/end");
        self::assertSame([null], array_column($this->report(), 'want'));
        $this->answer($order, 'taken')->assertExactJson(['state' => 'over']);
        self::assertNotNull(OffRecord::query()->sole()->on_at);
        self::assertSame([], $this->report());
    }

    #[Test]
    public function who_may_not_is_told_why_and_nothing_is_asked_of_what_gives_or_of_what_nothing_stops(): void
    {
        $technician = Fixture::onCall(self::user('technician'));
        $this->ask([], $technician)->assertSessionHasNoErrors();
        foreach ([['planners', 'planners only'], [null, 'Nobody has said'], ['nobody', 'overridden by nobody']] as [$may, $says]) {
            $this->runs(array_filter(['rule' => ['kind' => 'on'], 'override' => $may, 'powerReturnS' => random_int(1, 9999)]));
            $this->ask([], $technician)->assertSessionHasErrors('outlet_id');
            self::assertStringContainsString($says, session('errors')->first('outlet_id'));
        }
        $this->ask()->assertSessionHasErrors('outlet_id');
        $this->pump->update(['job' => 'heater']);
        $this->runs(['rule' => ['kind' => 'off'], 'override' => 'planners']);
        $this->ask(['level' => 1])->assertSessionHasErrors('outlet_id');
        self::assertStringContainsString('nothing that stops it', session('errors')->first('outlet_id'));
        $this->pump->update(['thermostat_c' => 27.5, 'thermostat_tried_on' => '2026-01-01']);
        $this->ask(['level' => 1])->assertSessionHasNoErrors();
        $this->pump->update(['job' => 'doser']);
        $this->ask(['level' => 1])->assertSessionHasErrors('outlet_id');
        self::assertStringContainsString('without an end', session('errors')->first('outlet_id'));
        $this->ask(['level' => 0])->assertSessionHasNoErrors();
        $this->ask(['for_min' => 0.9])->assertSessionHasErrors('for_min');
        $this->ask(['for_min' => 240.1])->assertSessionHasErrors('for_min');
        $this->ask(['for_min' => 240])->assertSessionHasNoErrors();
        $this->ask(['because' => ''])->assertSessionHasErrors('because');
        $theirs = Fixture::controller(Fixture::system(self::site('Other', 'Other'), $this->planner)->site()->firstOrFail());
        $foreign = $theirs->strips()->firstOrFail()->outlets()->firstOrFail();
        $this->ask(['outlet_id' => $foreign->id])->assertSessionHasErrors('outlet_id');
        $this->actingAs(self::user('technician'))->post("/control/{$this->controller->id}/orders")->assertForbidden();
    }

    #[Test]
    public function another_s_device_sees_and_answers_nothing_and_what_is_no_answer_is_refused(): void
    {
        $this->ask();
        $order = OutletOrder::query()->sole();
        $this->answer($order, 'perhaps')->assertStatus(422);
        $this->answer($order, 'refused', str_repeat('x', 201))->assertStatus(422);
        $theirs = Fixture::controller(Fixture::system(self::site('Other', 'Other'), $this->planner)->site()->firstOrFail());
        Fixture::device($theirs, $this->planner, 'vl_theirs', LinkDevice::REAL);
        $this->withToken('vl_theirs')->postJson("/api/v1/link/orders/{$order->id}", ['answer' => 'taken'])->assertNotFound();
        self::assertSame(OrderState::Asked, $order->refresh()->state);
        // Where nothing reports, nobody would obey.
        DB::table('link_devices')->where('id', $this->device->id)->update(['revoked_at' => now()]);
        $this->ask()->assertSessionHasErrors('outlet_id');
    }

    #[Test]
    public function a_simulated_controller_obeys_for_as_long_as_it_was_told(): void
    {
        $this->device->forceFill(['kind' => LinkDevice::SIMULATED])->save();
        Http::fake(function (Request $request) {
            $path = (string) parse_url($request->url(), PHP_URL_PATH);
            $answer = $this->withHeaders(['Authorization' => $request->header('Authorization')[0]])->postJson($path, $request->data());

            return Http::response((string) $answer->getContent(), $answer->getStatusCode());
        });
        $running = SimulatedController::of($this->device, 'http://link.test', 600.0, app(WholeSetUp::class));
        self::assertInstanceOf(SimulatedController::class, $running);
        $running->step();
        $isOn = function () use ($running): bool {
            $running->step();

            return DB::table('link_rows')->where('channel', $this->outlet->key())->orderByDesc('id')->value('on') === 1;
        };
        self::assertTrue($isOn());
        $this->ask(['for_min' => 240])->assertSessionHasNoErrors();
        $running->step();
        self::assertSame(OrderState::Taken, OutletOrder::query()->sole()->state);
        self::assertFalse($isOn());
        $this->post('/outlet-orders/'.OutletOrder::query()->value('id').'/end');
        $running->step();
        self::assertTrue($isOn());
    }
}
