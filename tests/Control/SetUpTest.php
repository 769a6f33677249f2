<?php

declare(strict_types=1);

namespace Tests\Control;

use App\Alerts\Alarm;
use App\Alerts\AlarmsOfController;
use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Outlet;
use App\Control\Sensor;
use App\Control\SetUp;
use App\Control\StandardSetUp;
use App\House\Days;
use App\Rounds\Task;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Illuminate\Http\UploadedFile;
use LogicException;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A set-up from nothing: outlets, rules, what stands against them, set to work, kept as it was. */
final class SetUpTest extends TestCase
{
    private User $planner;

    private System $system;

    private Controller $controller;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->controller = Fixture::controller($this->system->site()->firstOrFail());
        $this->actingAs($this->planner);
    }

    private function outlet(int $n): Outlet
    {
        return $this->controller->strips()->firstOrFail()->outlets()->get()[$n - 1];
    }

    private function sensor(string $name): string
    {
        return $this->controller->sensors()->where('name', $name)->sole()->key();
    }

    private function device(string $job, int $outlet, float $watts = 100): Item
    {
        $item = $this->system->items()->create(['job' => $job, 'name' => ucfirst($job), 'watts' => $watts]);
        $this->put("/outlets/{$this->outlet($outlet)->id}", [
            'name' => $this->outlet($outlet)->name,
            'strip_id' => $this->outlet($outlet)->strip_id,
            'is_labelled' => true,
            'items' => [...$this->outlet($outlet)->items()->pluck('id'), $item->id],
        ])->assertSessionHasNoErrors();

        return $item->refresh();
    }

    /** @return array<string, mixed> */
    private function hold(int $outlet = 1, float $start = 25.3, float $stop = 25.6): array
    {
        return [
            'id' => $this->outlet($outlet)->key(),
            'place' => "heater {$outlet}, sump",
            'rule' => ['kind' => 'hold', 'probe' => $this->sensor('sump probe'), 'startAt' => $start, 'stopAt' => $stop, 'blind' => 'off'],
            'lostLink' => 'off',
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $outlets
     * @param  list<array<string, mixed>>  $guards
     * @return array<string, mixed> what the page was handed
     */
    private function keep(array $outlets, array $guards = [], ?int $revision = null): array
    {
        $revision ??= $this->controller->setUps()->where('state', SetUp::DRAFT)->value('revision') ?? 0;

        return self::props($this->put("/control/{$this->controller->id}", [
            'revision' => $revision,
            'outlets' => $outlets,
            'guards' => $guards,
        ]));
    }

    #[Test]
    public function an_outlet_is_told_what_it_does_and_the_page_says_it_in_a_sentence(): void
    {
        $heater = $this->device('heater', 1, 200);
        $props = $this->keep([$this->hold()]);
        $outlet = $props['strips'][0]['outlets'][0];
        self::assertSame("starts below 25.3\u{A0}°C, stops at 25.6\u{A0}°C", $outlet['does']);
        self::assertSame('off', $outlet['lost']);
        self::assertSame('Heater', $outlet['load']);
        self::assertTrue($outlet['isSet']);
        self::assertSame($this->outlet(1)->id, $heater->outlet_id);
        self::assertSame(1, $props['controller']['revision']);
        self::assertFalse($props['conflict']);
        // The page read again says the same.
        $again = self::props($this->get("/control/{$this->controller->id}"));
        self::assertSame($outlet, $again['strips'][0]['outlets'][0]);
        self::assertSame($props['written'], $again['written']);
    }

    #[Test]
    public function whatever_stands_against_it_is_said_at_once_and_a_correction_answers_it(): void
    {
        $this->device('top-off', 2, 5);
        $topOff = [
            'id' => $this->outlet(2)->key(),
            'place' => 'top-off',
            'lostLink' => 'on',
            'rule' => ['kind' => 'refill', 'low' => $this->sensor('low'), 'high' => $this->sensor('high'), 'litresPerH' => 60],
        ];
        $props = $this->keep([$topOff]);
        $lost = collect($props['findings'])->firstWhere('what', 'Without its link top-off stays on and adds without an end');
        self::assertSame('stop', $lost['severity']);
        self::assertSame('stop', $props['strips'][0]['outlets'][1]['mark']);
        $correction = $props['corrections'][$lost['key']];
        self::assertSame([['id' => $topOff['id'], 'path' => 'lostLink', 'value' => 'off']], $correction['changes']);
        $corrected = $this->keep([['lostLink' => 'off'] + $topOff]);
        self::assertNotContains($lost['key'], array_column($corrected['findings'], 'key'));
    }

    #[Test]
    public function what_cannot_be_is_kept_as_typed_and_said_beside_its_outlet(): void
    {
        $this->device('heater', 1);
        $this->device('heater', 2);
        $wrong = $this->hold(1);
        $wrong['rule']['stopAt'] = $wrong['rule']['startAt'];
        $props = $this->keep([$wrong, $this->hold(2)]);
        self::assertStringContainsString('the same', $props['strips'][0]['outlets'][0]['wrong']);
        self::assertNull($props['strips'][0]['outlets'][1]['wrong']);
        self::assertTrue($props['strips'][0]['outlets'][1]['isSet']);
        self::assertEquals($wrong, SetUp::query()->sole()->document['outlets'][0]);
        // Two that follow each other are no set-up at all, and nothing of them is lost.
        $follow = fn (int $of, int $whom): array => ['id' => $this->outlet($of)->key(), 'place' => "p{$of}",
            'rule' => ['kind' => 'follow', 'outlet' => $this->outlet($whom)->key()]];
        $circle = $this->keep([$follow(1, 2), $follow(2, 1)]);
        self::assertStringContainsString('circle', $circle['wrong']['all']);
        self::assertCount(2, SetUp::query()->sole()->document['outlets']);
    }

    #[Test]
    public function whoever_writes_on_top_of_something_else_is_told_and_nothing_is_overwritten(): void
    {
        $this->keep([$this->hold()], revision: 0);
        $second = $this->keep([], revision: 0);
        self::assertTrue($second['conflict']);
        self::assertCount(1, SetUp::query()->sole()->document['outlets']);
        self::assertFalse($this->keep([], revision: 1)['conflict']);
    }

    #[Test]
    public function a_technician_drafts_and_a_planner_sets_it_to_work_and_what_ran_is_never_changed(): void
    {
        $technician = Fixture::onCall(self::user('technician'));
        $this->actingAs($technician);
        $this->keep([$this->hold()]);
        $this->post("/control/{$this->controller->id}/activate", ['why' => 'new', 'entered' => true])->assertForbidden();
        $this->actingAs($this->planner);
        $this->post("/control/{$this->controller->id}/activate", ['why' => 'new'])->assertSessionHasErrors('entered');
        $this->post("/control/{$this->controller->id}/activate", ['why' => 'first', 'entered' => true])->assertSessionHasNoErrors();
        $first = SetUp::query()->sole();
        self::assertSame([SetUp::RUNNING, 64], [$first->state, strlen((string) $first->hash)]);
        $this->post("/control/{$this->controller->id}/activate", ['why' => 'again', 'entered' => true])->assertSessionHasErrors('why');

        $this->keep([$this->hold(start: 25.1)], revision: 0);
        $props = self::props($this->get("/control/{$this->controller->id}"));
        self::assertSame([1, 2, 1], [$props['controller']['running'], $props['controller']['draft'], $props['controller']['differs']]);
        self::assertStringContainsString('was:', $props['history'][0]['changes'][0]);
        $this->post("/control/{$this->controller->id}/activate", ['why' => 'lower', 'entered' => true]);
        self::assertSame([SetUp::PAST, SetUp::RUNNING], SetUp::query()->orderBy('number')->pluck('state')->all());
        self::assertSame(25.3, $first->refresh()->document['outlets'][0]['rule']['startAt']);
        $this->expectException(LogicException::class);
        $first->update(['document' => ['outlets' => [], 'guards' => []]]);
    }

    #[Test]
    public function a_dropped_draft_leaves_what_runs(): void
    {
        $this->keep([$this->hold()]);
        $this->post("/control/{$this->controller->id}/activate", ['why' => 'first', 'entered' => true]);
        $this->keep([], revision: 0);
        $this->post("/control/{$this->controller->id}/discard");
        self::assertSame([SetUp::RUNNING], SetUp::query()->pluck('state')->all());
        self::assertCount(1, self::props($this->get("/control/{$this->controller->id}"))['written']['outlets']);
    }

    #[Test]
    public function a_plug_of_another_place_is_not_taken_and_one_that_leaves_hangs_loose(): void
    {
        $elsewhere = Fixture::system(self::site('Other', 'There'), $this->planner)
            ->items()
            ->create(['job' => 'heater', 'name' => 'Theirs']);
        $heater = $this->device('heater', 1);
        $url = "/outlets/{$this->outlet(1)->id}";
        $given = ['name' => $this->outlet(1)->name, 'strip_id' => null, 'is_labelled' => false];
        $this->put($url, [...$given, 'items' => [$elsewhere->id]])->assertSessionHasErrors('items.0');
        $this->put($url, [...$given, 'items' => []])->assertSessionHasNoErrors();
        self::assertSame([null, null], [$heater->refresh()->outlet_id, $heater->outlet]);
    }

    #[Test]
    public function words_of_the_register_become_records_that_somebody_confirms_once(): void
    {
        foreach (['strip A, 1', ' strip A, 1 ', 'strip A, 2'] as $n => $word) {
            $this->post("/systems/{$this->system->id}/items", ['job' => 'heater', 'name' => "H{$n}", 'outlet' => $word,
                'circuit' => 'kitchen', 'installed_precision' => 'day', 'state' => 'mounted'])->assertSessionHasNoErrors();
        }
        $open = Outlet::query()->whereNull('confirmed_at')->orderBy('name')->get();
        self::assertSame(['strip A, 1', 'strip A, 2'], $open->pluck('name')->all());
        self::assertSame(2, $open[0]->items()->count());
        $place = collect(self::props($this->get('/control'))['places'])->firstWhere('siteId', $this->system->site_id);
        self::assertSame(['strip A, 1', 'strip A, 2', 'kitchen'], array_column($place['words'], 'name'));
        self::assertSame(['H0', 'H1'], $place['words'][0]['items']);
        $this->post('/systems/'.Fixture::system($this->system->site()->firstOrFail(), $this->planner, 'Other')->id.'/items', [
            'job' => 'heater', 'name' => 'H0', 'outlet' => 'strip A, 1', 'installed_precision' => 'day', 'state' => 'mounted',
        ])->assertSessionHasNoErrors();
        $place = collect(self::props($this->get('/control'))['places'])->firstWhere('siteId', $this->system->site_id);
        $named = ["H0 of {$this->system->name}", "H1 of {$this->system->name}", 'H0 of Other'];
        self::assertEqualsCanonicalizing($named, $place['words'][0]['items'], 'two systems have one of that name');
        $strip = $this->controller->strips()->firstOrFail();
        $this->post("/outlets/{$open[0]->id}/confirm", ['strip_id' => $strip->id])->assertSessionHasNoErrors();
        self::assertSame($this->planner->id, $open[0]->refresh()->confirmed_by);
        $place = collect(self::props($this->get('/control'))['places'])->firstWhere('siteId', $this->system->site_id);
        self::assertSame(['strip A, 2', 'kitchen'], array_column($place['words'], 'name'));
    }

    #[Test]
    public function an_alarm_on_a_sensor_is_part_of_what_is_checked(): void
    {
        $this->device('heater', 1);
        $guard = ['id' => "{$this->outlet(1)->key()}-1", 'outlet' => $this->outlet(1)->key(), 'forS' => 60, 'then' => 'off',
            'rank' => 'animals', 'blind' => 'off', 'when' => [['probe' => $this->sensor('display probe'), 'above' => 26.8]]];
        $untold = $this->keep([$this->hold()], [$guard]);
        $says = fn (array $props): bool => collect($props['findings'])->contains(
            fn (array $f): bool => str_contains($f['what'], 'nobody will know why'),
        );
        self::assertTrue($says($untold));
        $alarm = ['system_id' => $this->system->id, 'name' => 'Heater cut', 'act' => $guard['id'], 'is_frozen' => false,
            'delay_min' => 0, 'calls' => [$this->planner->id]];
        $this->post("/control/{$this->controller->id}/alarms", $alarm)->assertSessionHasErrors('message');
        $this->post("/control/{$this->controller->id}/alarms", [...$alarm, 'message' => 'Look.'])->assertSessionHasNoErrors();
        $told = self::props($this->get("/control/{$this->controller->id}"));
        self::assertFalse($says($told));
        self::assertSame('the guard of heater 1, sump acts', $told['alarms'][0]['says']);
        self::assertSame(1, Alarm::query()->sole()->calls()->count());
        self::assertFalse(Alarm::query()->sole()->on_its_own, 'it goes dark with its controller');
    }

    /** Still for as long as was asked, for some hours at least, and for longer than it ever stood of itself: then it is told. */
    #[Test]
    public function a_value_that_stands_still_waits_for_its_own_time(): void
    {
        $sensor = Sensor::query()->whereKey((int) substr($this->sensor('display probe'), 1))->firstOrFail();
        $alarm = Alarm::query()->create(['system_id' => $this->system->id, 'controller_id' => $this->controller->id,
            'sensor_id' => $sensor->id, 'name' => 'Still', 'watches' => [], 'quantity' => 'temperature', 'is_frozen' => true,
            'delay_min' => 600, 'message' => 'Look.']);
        $delayS = fn (): float => (float) AlarmsOfController::document(
            $alarm->refresh(),
            $this->controller->load('sensors'),
        )['delayS'];
        self::assertSame(600 * 60.0, $delayS());
        $sensor->forceFill(['still_s' => 40_000])->save();
        self::assertGreaterThan(40_000.0, $delayS());
        $alarm->update(['is_frozen' => false]);
        self::assertSame(600 * 60.0, $delayS());
    }

    #[Test]
    public function it_leaves_as_a_file_and_comes_back_at_another_place_by_its_names(): void
    {
        $this->device('heater', 1);
        $this->keep([$this->hold()]);
        $file = (string) $this->get("/control/{$this->controller->id}/set-up.json")->getContent();
        self::assertStringContainsString('"sump probe"', $file);
        self::assertStringNotContainsString($this->outlet(1)->key().'"', $file);

        $other = Fixture::controller(Fixture::system(self::site('Second', 'Second'), $this->planner)->site()->firstOrFail());
        $strip = $other->strips()->firstOrFail();
        $strip->outlets()->firstOrFail()->update(['name' => $this->outlet(1)->name]);
        $give = fn (string $text) => $this->post("/control/{$other->id}/set-up", [
            'file' => UploadedFile::fake()->createWithContent('set-up.json', $text),
            'revision' => 0,
        ]);
        $give('no json')->assertSessionHasErrors('file');
        $give('{"schema":1,"outlets":[],"colour":"blue"}')->assertSessionHasErrors('file');
        self::assertSame(0, $other->setUps()->count());
        $give($file)->assertSessionHasNoErrors();
        $read = $other->setUps()->sole()->document['outlets'][0];
        self::assertSame($strip->outlets()->firstOrFail()->key(), $read['id']);
        self::assertSame($other->sensors()->where('name', 'sump probe')->sole()->key(), $read['rule']['probe']);
        self::assertArrayNotHasKey('hung', $read);
    }

    #[Test]
    public function the_sheet_for_hands_and_the_labels_are_printed(): void
    {
        $this->device('heater', 1);
        $this->keep([$this->hold()]);
        $pdf = $this->get("/control/{$this->controller->id}/by-hand.pdf")->assertOk();
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        $labels = self::props($this->get("/control/{$this->controller->id}/labels"))['labels'];
        self::assertSame(['heater 1, sump', 'off'], [$labels[0]['purpose'], $labels[0]['lost']]);
        self::assertStringEndsWith("/control/{$this->controller->id}#{$this->outlet(1)->key()}", $labels[0]['address']);
        self::assertSame('free', $labels[1]['purpose']);
    }

    #[Test]
    public function a_visit_on_the_phone_has_the_sheet_for_hands_of_its_place(): void
    {
        $visit = Fixture::visit($this->system);
        $props = self::props($this->get("/visits/{$visit->id}"));
        self::assertSame([['id' => $this->controller->id, 'name' => $this->controller->name]], $props['controllers']);
        $this->controller->archive();
        self::assertSame([], self::props($this->get("/visits/{$visit->id}"))['controllers']);
    }

    #[Test]
    public function what_the_record_knows_of_the_system_decides_what_is_said(): void
    {
        // 40 L with 2 000 W in a band of three tenths switches a relay to pieces; the litres stand in the record.
        $this->device('heater', 1, 2000);
        $this->system->forceFill(['true_volume_l' => 400.0])->save();
        $worn = fn (array $props): bool => in_array('K-55', array_column($props['findings'], 'rule'), true);
        self::assertFalse($worn($this->keep([$this->hold()])));
        $this->system->forceFill(['true_volume_l' => 40.0])->save();
        self::assertTrue($worn(self::props($this->get("/control/{$this->controller->id}"))));
        $this->controller->strips()->firstOrFail()->update(['rated_w' => 1999]);
        $strip = collect(self::props($this->get("/control/{$this->controller->id}"))['findings'])->firstWhere('severity', 'stop');
        self::assertStringContainsString('carries', $strip['what']);
        $this->controller->strips()->firstOrFail()->update(['rated_w' => 2000]);
        $now = self::props($this->get("/control/{$this->controller->id}"))['findings'];
        self::assertNull(collect($now)->firstWhere('severity', 'stop'));
    }

    #[Test]
    public function an_outlet_says_how_far_what_hangs_there_is_proved(): void
    {
        $says = fn (): ?string => self::props($this->get("/control/{$this->controller->id}"))['strips'][0]['outlets'][0]['notProved'];
        self::assertNull($says(), 'nothing hangs there');
        $heater = $this->device('heater', 1);
        $heater->update(['state' => 'mounted']);
        self::assertSame('mounted, not tested', $says());
        $heater->update(['state' => 'calibrated']);
        $second = $this->device('heater', 1);
        $second->update(['state' => 'powered']);
        self::assertSame('powered, not tested', $says());
        $second->update(['state' => 'tested']);
        self::assertSame('calibrated, not tested', $says());
        $heater->update(['state' => 'run-in']);
        self::assertNull($says());
        $second->update(['job' => 'light', 'state' => 'mounted']);
        self::assertNull($says(), 'nobody’s life hangs on a lamp’s test');
    }

    #[Test]
    public function a_heater_s_own_thermostat_counts_once_somebody_has_seen_it_stop(): void
    {
        $heater = $this->device('heater', 1, 200);
        $guard = ['id' => "{$this->outlet(1)->key()}-1", 'outlet' => $this->outlet(1)->key(), 'forS' => 60, 'then' => 'off',
            'rank' => 'animals', 'blind' => 'off', 'when' => [['probe' => $this->sensor('display probe'), 'above' => 26.8]]];
        $standsK48 = fn (): bool => in_array('K-48', array_column($this->keep([$this->hold()], [$guard])['findings'], 'rule'), true);
        self::assertTrue($standsK48());
        $write = fn (array $more) => $this->put("/items/{$heater->id}", ['job' => 'heater', 'name' => 'Heater', 'watts' => 200,
            'installed_precision' => 'day', 'reason' => 'looked', ...$more]);
        $write(['own_thermostat' => true, 'thermostat_c' => 27.5])->assertSessionHasNoErrors();
        self::assertTrue($standsK48(), 'nobody has tried it');
        $write(['thermostat_tried_on' => '2026-01-01'])->assertSessionHasErrors('thermostat_c');
        $write(['thermostat_c' => 9.9])->assertSessionHasErrors('thermostat_c');
        $write(['thermostat_c' => 40.1])->assertSessionHasErrors('thermostat_c');
        $write(['own_thermostat' => true, 'thermostat_c' => 27.5, 'thermostat_tried_on' => '2026-01-01'])->assertSessionHasNoErrors();
        self::assertFalse($standsK48());
        // A second heater on the same outlet has none: together they do not stop.
        $second = $this->device('heater', 1, 100);
        self::assertTrue($standsK48());
        $second->update(['thermostat_c' => 27.0, 'thermostat_tried_on' => '2026-01-01', 'own_thermostat' => false]);
        self::assertTrue($standsK48(), 'it was taken out');
        $second->update(['own_thermostat' => true]);
        self::assertFalse($standsK48());
    }

    #[Test]
    public function a_battery_s_last_test_and_the_controller_s_own_clock_reach_the_checker(): void
    {
        $this->device('battery', 1, 5);
        $this->device('light', 2);
        $says = function (array $props, string $rule): array {
            $of = array_filter($props['findings'], fn (array $f): bool => $f['rule'] === $rule);

            return array_values(array_column($of, 'what'));
        };
        $lamp = ['id' => $this->outlet(2)->key(), 'place' => 'lamp', 'lostLink' => 'off', 'minimumOffS' => 600, 'comesBack' => 'plan',
            'rule' => ['kind' => 'day', 'points' => [['minute' => 600, 'level' => 1], ['minute' => 1200, 'level' => 0]]]];
        $battery = ['id' => $this->outlet(1)->key(), 'place' => 'battery', 'rule' => ['kind' => 'off'], 'lostLink' => 'off'];
        $props = $this->keep([$battery, $lamp]);
        self::assertContains('battery has never been tried under load', $says($props, 'K-20'));
        self::assertSame([], $says($props, 'K-64'));
        // Tried 181 days ago it is due; tried yesterday nothing is said.
        $task = Task::query()->create([
            'system_id' => $this->system->id,
            'task_type_id' => Fixture::taskType('battery-test')->id,
            'every_days' => 180,
            'last_done_on' => Days::today()->subDays(181),
        ]);
        $now = fn (): array => self::props($this->get("/control/{$this->controller->id}"));
        self::assertContains("battery was tried under load 181\u{A0}days ago", $says($now(), 'K-20'));
        $task->update(['last_done_on' => Days::today()->subDay()]);
        self::assertSame([], array_filter($says($now(), 'K-20'), fn (string $w): bool => str_contains($w, 'under load')));

        $device = Fixture::device($this->controller, $this->planner, 'a-token-of-some-length', LinkDevice::REAL);
        foreach ([false => ['lamp stand still: the controller does not know what time it is'], true => []] as $valid => $said) {
            $this->withToken('a-token-of-some-length')
                ->postJson('/api/v1/link/hello', ['run' => "run-{$valid}", 'clockValid' => (bool) $valid])
                ->assertOk();
            self::assertSame((bool) $valid, $device->refresh()->clock_valid);
            $this->actingAs($this->planner);
            self::assertSame($said, $says($now(), 'K-64'));
        }
    }

    #[Test]
    public function a_standard_is_taken_over_elsewhere_by_what_hangs_where_and_looked_at_again(): void
    {
        $this->device('heater', 2);
        $this->device('return-pump', 3);
        $written = [
            $this->hold(2),
            ['id' => $this->outlet(3)->key(), 'place' => 'return', 'rule' => ['kind' => 'on'], 'lostLink' => 'on'],
            ['id' => $this->outlet(6)->key(), 'place' => 'nothing hangs there', 'rule' => ['kind' => 'off'], 'lostLink' => 'off'],
        ];
        $guard = ['id' => 'g1', 'outlet' => $this->outlet(2)->key(), 'when' => [['probe' => $this->sensor('sump probe'), 'above' => 26.5]],
            'forS' => 60, 'then' => 'off', 'rank' => 'animals', 'blind' => 'off'];
        $this->put("/control/{$this->controller->id}", ['outlets' => $written, 'guards' => [$guard], 'revision' => 0])->assertOk();
        $this->post("/control/{$this->controller->id}/standards", ['name' => ''])->assertSessionHasErrors('name');
        $this->post("/control/{$this->controller->id}/standards", ['name' => 'Cabinet'])->assertSessionHasNoErrors();
        $standard = StandardSetUp::query()->sole();
        self::assertSame(['heater#1', 'return-pump#1'], array_column($standard->document['outlets'], 'id'));
        self::assertSame('probe temperature sump#1', $standard->document['outlets'][0]['rule']['probe']);

        // Elsewhere its heater is on another plug, and nobody has a return pump.
        $there = Fixture::controller($this->system->site()->firstOrFail());
        $plug = $there->strips()->firstOrFail()->outlets()->get()[4];
        $this->system->items()->create(['job' => 'heater', 'name' => 'Other heater', 'watts' => 100, 'outlet_id' => $plug->id]);
        $this->post("/control/{$there->id}/standards/{$standard->id}", ['revision' => 0])
            ->assertSessionHas('said', fn (string $said): bool => str_contains($said, 'Not here: return-pump 1'));
        $draft = $there->load('setUps')->draft();
        $own = $there->sensors()->where('name', 'sump probe')->sole()->key();
        self::assertSame([$plug->key()], array_column($draft->document['outlets'] ?? [], 'id'));
        self::assertSame($own, $draft->document['outlets'][0]['rule']['probe'] ?? null);
        self::assertSame($own, $draft->document['guards'][0]['when'][0]['probe'] ?? null);
        // Somebody who has read an older page is told.
        $this->post("/control/{$there->id}/standards/{$standard->id}", ['revision' => 7])->assertSessionHasErrors('revision');
        $this->post("/standards/{$standard->id}/archive")->assertSessionHasNoErrors();
        self::assertSame([], self::props($this->get("/control/{$there->id}"))['standards']);
    }
}
