<?php

declare(strict_types=1);

namespace Tests\Moves;

use App\Clients\Attachment;
use App\House\Days;
use App\Moves\Works\Work;
use App\Moves\Works\WorkMark;
use App\Rounds\FollowUp;
use App\Systems\Item;
use App\Systems\ItemSetting;
use App\Systems\OpenRipple;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A running system is changed: what comes before what, what the register and the rounds say of it. */
final class WorksTest extends TestCase
{
    private User $planner;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->actingAs($this->planner);
    }

    /** @param  array<string, mixed>  $given */
    private function begin(array $given): Work
    {
        $this->post("/systems/{$this->system->id}/works", $given + ['name' => 'A change'])
            ->assertSessionHasNoErrors()
            ->assertRedirectContains('/works/');

        return Work::query()->latest('id')->firstOrFail();
    }

    /** @param  array<string, mixed>  $more */
    private function say(Work $work, string $step, array $more = []): void
    {
        $this->post("/works/{$work->id}/marks", ['uuid' => (string) Str::uuid(), 'step' => $step, ...$more])
            ->assertSessionHasNoErrors();
    }

    /** @param  array<string, mixed>  $more */
    private function refused(Work $work, string $field, string $step, array $more = []): void
    {
        $before = WorkMark::query()->count();
        $this->post("/works/{$work->id}/marks", ['uuid' => (string) Str::uuid(), 'step' => $step, ...$more])
            ->assertSessionHasErrors($field);
        self::assertSame($before, WorkMark::query()->count());
    }

    private function pump(): Item
    {
        return $this->system->items()->create(['job' => 'return-pump', 'name' => 'Old pump', 'watts' => 60, 'plug_label' => 'R1',
            'outlet' => 'strip A, 3', 'service_every_days' => 90]);
    }

    #[Test]
    public function a_return_pump_is_exchanged_in_turn_and_the_register_the_settings_and_the_rounds_follow(): void
    {
        $pump = $this->pump();
        foreach (['80 %', '70 %'] as $value) {
            ItemSetting::query()->create(['item_id' => $pump->id, 'name' => 'speed', 'value' => $value, 'why' => 'tuned', 'set_at' => now(),
                'user_id' => $this->planner->id]);
        }
        $work = $this->begin(['kind' => 'return', 'verb' => 'replace', 'item_id' => $pump->id, 'facts' => ['flowLh' => 3000],
            'on' => Days::text(3)]);
        $job = FollowUp::query()->findOrFail($work->follow_up_id);
        self::assertSame([Days::text(3), Days::text(3)], [$job->earliest_on?->toDateString(), $job->due_on?->toDateString()]);
        self::assertStringContainsString('A change, next: Copy what the old one is set to', $job->text);

        $this->say($work, 'settings-copied');
        self::assertSame([Days::text(7), 60.0], [$this->due($work), $job->minutes], 'begun, it goes on within a week');
        $this->refused($work, 'step', 'dry-fitted');
        $this->say($work, 'packet-counted');
        $this->say($work, 'dry-fitted');
        $this->say($work, 'off-list', ['words' => 'doser, feeder']);
        $this->say($work, 'heaters-cool');
        self::assertEqualsWithDelta(15.0, now()->diffInMinutes($job->refresh()->earliest_at), 0.1, 'to the minute, not to the day');
        $new = ['name' => 'New pump', 'watts' => 40, 'serial' => 'A-1', 'why' => 'quieter'];
        $this->post("/works/{$work->id}/exchange", $new)->assertSessionHasErrors('name');
        $this->travel(15)->minutes();
        $this->post("/works/{$work->id}/exchange", ['why' => ''] + $new)->assertSessionHasErrors('why');
        $this->post("/works/{$work->id}/exchange", $new)->assertSessionHasNoErrors();
        $this->post("/works/{$work->id}/exchange", $new)->assertSessionHasErrors('name');

        self::assertSame('quieter', $pump->refresh()->retired_reason);
        $now = $this->system->items()->where('name', 'New pump')->sole();
        $carried = [$now->plug_label, $now->outlet, $now->service_every_days, $now->state->value];
        self::assertSame(['R1', 'strip A, 3', 90, 'mounted'], $carried);
        self::assertSame(['70 %'], ItemSetting::query()->where('item_id', $now->id)->pluck('value')->all(), 'the last of each');
        $waiting = OpenRipple::query()->where('system_id', $this->system->id)->whereNull('confirmed_at');
        self::assertGreaterThan(0, (clone $waiting)->count());

        $this->refused($work, 'step', 'joints-dry');
        $this->travel(1)->hours();
        $this->say($work, 'joints-dry');
        self::assertNull($job->refresh()->earliest_at, 'nothing cures any more');
        $this->refused($work, 'value', 'flow-read');
        $this->say($work, 'flow-read', ['value' => '1500']);
        $this->refused($work, 'step', 'back-on');
        $this->say($work, 'flow-read', ['value' => '2900']);
        $this->say($work, 'cut-rehearsed');
        $this->say($work, 'back-on');
        $this->refused($work, 'step', 'ripples-confirmed');
        foreach ($waiting->get() as $ripple) {
            $this->post("/ripples/{$ripple->id}/confirm", ['found' => 'looked at'])->assertSessionHasNoErrors();
        }
        self::assertSame(Days::text(1), $this->due($work));
        $this->refused($work, 'step', 'looked-next-day');
        $this->travel(1)->days();
        $this->say($work, 'looked-next-day');
        self::assertSame(Days::text(6), $this->due($work));
        $this->post("/works/{$work->id}/end")->assertSessionHasErrors('because');
        $this->travel(6)->days();
        $this->say($work, 'looked-after-a-week');
        self::assertNotNull(FollowUp::query()->findOrFail($work->refresh()->follow_up_id)->done_at);
        $this->post("/works/{$work->id}/end")->assertRedirect("/systems/{$this->system->id}/works");
        self::assertNull($work->refresh()->ended_because);
        self::assertNotNull($work->ended_at);
        $this->post("/works/{$work->id}/marks", ['uuid' => (string) Str::uuid(), 'step' => 'off-list'])->assertForbidden();
    }

    private function due(Work $work): ?string
    {
        return FollowUp::query()->findOrFail($work->refresh()->follow_up_id)->due_on?->toDateString();
    }

    #[Test]
    public function what_is_sent_twice_is_said_once_and_what_is_taken_back_opens_the_list_again(): void
    {
        $work = Fixture::work($this->system, $this->planner);
        $uuid = (string) Str::uuid();
        foreach ([1, 2] as $ignored) {
            $this->post("/works/{$work->id}/marks", ['uuid' => $uuid, 'step' => 'settings-copied'])->assertSessionHasNoErrors();
        }
        $mark = $work->marks()->where('step', 'settings-copied')->sole();
        $this->say($work, 'hung');
        $this->post("/work-marks/{$mark->id}/take-back")->assertSessionHasNoErrors();
        self::assertSame(['light-read', 'hung'], $work->marks()->get()->map(fn (WorkMark $m): string => $m->step->value)->all());
        $this->post("/works/{$work->id}/exchange", ['name' => 'Lamp', 'why' => 'brighter'])->assertSessionHasNoErrors();
        $this->get("/works/{$work->id}")->assertInertia(fn ($page) => $page
            ->component('moves/Work')
            ->where('work.next', 'settings-copied')
            ->where('work.device', 'Old lamp')
            ->where('work.steps.0.state', 'done'));
        $this->post("/work-marks/{$mark->id}/take-back")->assertForbidden();
    }

    #[Test]
    public function what_waited_on_a_phone_counts_from_when_it_was_said(): void
    {
        $work = $this->begin(['kind' => 'return', 'verb' => 'replace', 'item_id' => $this->pump()->id, 'facts' => ['flowLh' => 3000]]);
        $begun = $work->refresh()->created_at;
        self::assertNotNull($begun);
        $this->travel(3)->hours();
        $phone = function (string $to, array $said, int $status = 200) use ($work): TestResponse {
            return $this->post("/works/{$work->id}/{$to}", $said, ['Accept' => 'application/json'])->assertStatus($status);
        };
        $mark = fn (string $step, array $more = []): array => ['uuid' => (string) Str::uuid(), 'step' => $step, ...$more];
        $ago = fn (int $minutes): string => now()->subMinutes($minutes)->toIso8601ZuluString();
        $phone('marks', $mark('settings-copied', ['at' => $ago(600)]))->assertExactJson(['outcome' => 'ok']);
        $said = fn (): CarbonImmutable => WorkMark::query()->latest('id')->firstOrFail()->at;
        self::assertSame($begun->timestamp, $said()->timestamp, 'no earlier than the work began');
        $phone('marks', $mark('packet-counted', ['at' => $ago(-60)]));
        self::assertSame(now()->timestamp, $said()->timestamp, 'nor later than now');
        $phone('marks', $mark('dry-fitted', ['at' => $ago(90), 'sent_at' => $ago(30)]));
        self::assertSame(now()->subMinutes(60)->timestamp, $said()->timestamp, 'its clock is half an hour behind');
        $phone('marks', $mark('off-list', ['at' => 'noon-ish']), 422)->assertJsonValidationErrors('at');
        $phone('marks', $mark('joints-dry'), 422)->assertJsonValidationErrors('step');
        $phone('marks', $mark('off-list', ['words' => 'doser']));
        // A quarter of an hour has passed since they went off, and she said so then.
        $phone('marks', $mark('heaters-cool', ['at' => $ago(20)]));
        $new = ['name' => 'New pump', 'watts' => '40', 'why' => 'quieter', 'uuid' => (string) Str::uuid(), 'at' => $ago(6)];
        $phone('exchange', ['at' => $ago(6)] + $new, 422)->assertJsonValidationErrors('name');
        $phone('exchange', ['at' => $ago(4)] + $new)->assertExactJson(['outcome' => 'ok']);
        $phone('exchange', ['at' => $ago(4)] + $new)->assertExactJson(['outcome' => 'ok']);
        self::assertSame(1, $this->system->items()->where('name', 'New pump')->count(), 'sent twice, done once');
        self::assertSame(now()->subMinutes(4)->timestamp, $work->refresh()->exchanged_at?->timestamp);
        $phone('exchange', ['uuid' => (string) Str::uuid()] + $new, 422)->assertJsonValidationErrors('name');
        $this->actingAs(self::user('client'));
        $phone('marks', $mark('joints-dry'), 403);
    }

    #[Test]
    public function an_inspection_keeps_its_photo_and_a_no_stops_the_drill(): void
    {
        $work = $this->begin(['kind' => 'conversion', 'verb' => 'replace', 'facts' => ['hadCopper' => false]]);
        $this->refused($work, 'photo', 'inspected', ['answer' => '1']);
        $this->refused($work, 'answer', 'inspected', ['photo' => UploadedFile::fake()->image('seam.jpg', 80, 60)]);
        $this->refused($work, 'photo', 'inspected', ['answer' => '1', 'photo' => UploadedFile::fake()->create('seam.exe', 3)]);
        $seam = UploadedFile::fake()->image('seam.jpg', 80, 60);
        $this->say($work, 'inspected', ['answer' => '1', 'photo' => $seam, 'words' => 'silicone firm']);
        $photo = Attachment::query()->findOrFail($work->marks()->firstOrFail()->attachment_id);
        self::assertSame(["work:{$work->id}", 'system'], [$photo->about, $photo->subject_type]);
        $this->say($work, 'toughened-tried', ['answer' => '0']);
        $this->get("/works/{$work->id}")->assertInertia(fn ($page) => $page->where(
            'work.steps',
            fn ($steps) => collect($steps)->firstWhere('key', 'toughened-tried')['state'] === 'refused'
                && collect($steps)->doesntContain('key', 'copper-read-again'),
        ));
        $this->say($work, 'copper-asked', ['words' => 'its builder']);
        $this->say($work, 'soaked');
        $this->travel(2)->days();
        $this->say($work, 'copper-read', ['value' => '0.02']);
        $this->refused($work, 'step', 'drilled');
        $this->say($work, 'copper-read', ['value' => '0']);
        foreach (['holes-signed', 'packet-counted'] as $step) {
            $this->say($work, $step);
        }
        $this->refused($work, 'step', 'drilled');
        $this->say($work, 'toughened-tried', ['answer' => '1']);
        $this->say($work, 'drilled');
    }

    #[Test]
    public function a_vessel_joins_where_the_record_says_so_and_leaves_by_name(): void
    {
        $work = $this->begin(['kind' => 'vessel', 'verb' => 'add', 'name' => 'Refugium']);
        $state = fn (Work $of): string => collect($this->get("/works/{$of->id}")->inertiaProps()['work']['steps'])
            ->firstWhere('key', 'vessel-on-record')['state'];
        self::assertSame('later', $state($work));
        $this->travel(1)->minutes();
        $vessel = $this->system->vessels()->create(['role' => 'other', 'name' => 'Refugium', 'facts' => [], 'bases' => [],
            'joined_on' => Days::text()]);
        self::assertSame('done', $state($work));
        $this->post("/systems/{$this->system->id}/works", ['kind' => 'vessel', 'verb' => 'retire', 'name' => 'Out'])
            ->assertSessionHasErrors('vessel_id');
        $this->post("/works/{$work->id}/end", ['because' => 'tried'])->assertSessionHasNoErrors();
        $out = $this->begin(['kind' => 'vessel', 'verb' => 'retire', 'name' => 'Out', 'vessel_id' => $vessel->id]);
        self::assertSame('later', $state($out));
        $this->say($out, 'off-list');
        $this->say($out, 'vessel-emptied');
        self::assertSame('open', $state($out));
        $this->post("/vessels/{$vessel->id}/leave", ['because' => 'too small'])->assertSessionHasNoErrors();
        self::assertSame('done', $state($out->refresh()));
    }

    #[Test]
    public function what_cannot_be_is_refused_and_one_of_a_kind_is_enough(): void
    {
        $ask = fn (array $given) => $this->post("/systems/{$this->system->id}/works", $given + ['name' => 'A', 'kind' => 'return',
            'verb' => 'add']);
        $ask(['kind' => 'meteorite'])->assertSessionHasErrors('kind');
        $ask(['kind' => 'swap', 'verb' => 'retire'])->assertSessionHasErrors('verb');
        $ask(['verb' => 'replace'])->assertSessionHasErrors('item_id');
        $other = Fixture::system(self::site('Other', 'There'), $this->planner);
        $foreign = $other->items()->create(['job' => 'return-pump', 'name' => 'Theirs']);
        $ask(['verb' => 'replace', 'item_id' => $foreign->id])->assertSessionHasErrors('item_id');
        $ask(['facts' => ['leakH' => 12]])->assertSessionHasErrors('facts.leakH');
        $ask(['facts' => ['leakH' => 169]])->assertSessionHasErrors('facts.leakH');
        $ask(['facts' => ['secret' => 1]])->assertSessionHasErrors('facts');
        $ask(['on' => '2026-02-31'])->assertSessionHasErrors('on');
        $ask([])->assertSessionHasNoErrors();
        $ask([])->assertSessionHasErrors('kind');
        $work = Work::query()->sole();
        $this->refused($work, 'step', 'meteorite');
        $this->refused($work, 'step', 'drilled');
        $this->refused($work, 'step', 'exchanged');
        $this->post("/works/{$work->id}/end", ['because' => 'the client waits'])->assertSessionHasNoErrors();
        self::assertSame('the client waits', $work->refresh()->ended_because);
        self::assertNotNull(FollowUp::query()->findOrFail($work->follow_up_id)->done_at, 'nothing of it is owed any more');
        $ask([])->assertSessionHasNoErrors();
    }

    #[Test]
    public function works_stand_at_the_moves_and_at_their_system(): void
    {
        Fixture::work($this->system, $this->planner);
        $this->get('/moves')->assertInertia(fn ($page) => $page->has('works', 1)->where('works.0.done', 1));
        $this->get("/systems/{$this->system->id}/works")->assertInertia(fn ($page) => $page
            ->component('moves/Works')
            ->where('works.0.name', 'New lamp')
            ->has('kinds', 7));
    }
}
