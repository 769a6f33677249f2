<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Control\Orders\OutletOrder;
use App\House\Days;
use App\Rounds\Crew;
use App\Rounds\Disturbed;
use App\Rounds\FollowUp;
use App\Rounds\MediaCharges;
use App\Rounds\SickNow;
use App\Rounds\SiteEvent;
use App\Rounds\Task;
use App\Rounds\TaskTriggers;
use App\Rounds\Views\AnnounceView;
use App\Rounds\Views\NextStopView;
use App\Rounds\Visit;
use App\Rounds\VisitMaker;
use App\Rounds\VisitReader;
use App\Rounds\VisitTask;
use App\Rounds\WeekReader;
use App\Systems\Material;
use App\Systems\System;
use App\Systems\TakeReading;
use App\Team\Absence;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Rounds\LeaveSafe;
use Velbrin\Core\Rounds\TriggerKind;

/** Messy jobs are announced and keep off what the client holds; media have days of their own; who is away has somebody who knows. */
final class MessyWorkTest extends TestCase
{
    private User $planner;

    private User $ines;

    private User $jory;

    private Crew $crew;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        // A Monday morning: the week lies ahead.
        Carbon::setTestNow('2026-11-30 08:00:00');
        CarbonImmutable::setTestNow('2026-11-30 08:00:00');
        [$this->planner, $this->ines, $this->jory] = [
            self::user('planner'),
            self::user('technician'),
            self::user('technician'),
        ];
        $this->crew = Fixture::crew($this->ines, $this->jory);
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->system->site?->update([
            'lat' => 53.6,
            'lon' => 1.6,
            'access_hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], '8-17'),
        ]);
    }

    #[Test]
    public function a_charge_of_media_brings_its_job_and_is_exchanged_by_it(): void
    {
        Fixture::onCall($this->ines);
        $task = Fixture::task($this->system, 'reactor-media', daysAgo: 10);
        $task->update(['turn' => 1]);
        $charge = [
            'name' => 'Phosphate media',
            'place' => 'left reactor',
            'mass_kg' => 0.5,
            'in_on' => '2026-11-01',
            'life_days' => 30,
            'task_id' => $task->id,
        ];
        $this->actingAs($this->ines)
            ->post("/systems/{$this->system->id}/charges", [...$charge, 'life_days' => null])
            ->assertSessionHasErrors(['life_days' => 'How many days does it last here?']);
        $elsewhere = Fixture::task(Fixture::system(self::site('Another'), $this->planner), 'carbon');
        $this->post("/systems/{$this->system->id}/charges", [
            ...$charge,
            'task_id' => $elsewhere->id,
        ])->assertSessionHasErrors('task_id');
        $this->post("/systems/{$this->system->id}/charges", $charge)->assertSessionHasNoErrors();
        $this->post("/systems/{$this->system->id}/charges", [
            ...$charge,
            'place' => 'right reactor',
        ])->assertSessionHasNoErrors();
        [$left, $right] = Material::charges($this->system->id)->orderBy('id')->get()->all();
        self::assertSame(
            ['2026-12-01', '2026-11-23'],
            [$left->due_on?->toDateString(), $right->due_on?->toDateString()],
            'the second is not exchanged with the first',
        );
        self::assertSame(
            ['2026-11-23', TriggerKind::Charge->value],
            [$task->refresh()->due_on?->toDateString(), $task->due_because],
            'the job is due with the first of them',
        );

        $visit = Fixture::visit($this->system, $this->crew);
        VisitMaker::until(Days::today()->addDays(4));
        $job = VisitTask::query()->where('task_id', $task->id)->sole();
        self::assertSame($visit->id, $job->visit_id);
        $words = MediaCharges::words([$task->id], $this->ines->units())[$task->id];
        self::assertSame(
            [
                'Now: Phosphate media, right reactor, 0.50 kg, in since 1 Nov',
                'Now: Phosphate media, left reactor, 0.50 kg, in since 1 Nov',
            ],
            $words,
        );
        self::assertStringContainsString(
            'right reactor',
            $this->get("/visits/{$visit->id}")
                ->assertOk()
                ->getContent() ?:
            '',
        );

        $left->update(['due_on' => '2026-12-04']);
        self::assertStringStartsWith(
            'Stays until 4 Dec: ',
            MediaCharges::words([$task->id], $this->ines->units())[$task->id][1],
            'one day past the limit it stays',
        );
        $this->work($visit, ['done', ['taskId' => $job->id]], ['close', ['ticked' => array_keys(LeaveSafe::TICKS)]]);
        self::assertSame('2026-11-30', $right->refresh()->out_on?->toDateString());
        self::assertNull($left->refresh()->out_on);
        $fresh = Material::charges($this->system->id)->where('place', 'right reactor')->sole();
        self::assertSame(
            [0.5, '2026-11-30', '2026-12-30', null],
            [$fresh->mass_kg, $fresh->in_on->toDateString(), $fresh->due_on?->toDateString(), $fresh->lot],
        );
        self::assertSame('2026-12-04', $task->refresh()->due_on?->toDateString(), 'the other charge is next');
        $this->get("/systems/{$this->system->id}/tasks")
            ->assertOk()
            ->assertInertia(fn ($page) => $page->has('charges', 2)->where('charges.0.place', 'left reactor'));

        $this->post("/materials/{$left->id}/exchange", ['on' => '2026-12-01'])->assertSessionHasErrors('on');
        $this->post("/materials/{$left->id}/exchange", ['on' => '2026-11-30'])->assertSessionHasNoErrors();
        $this->post("/materials/{$left->id}/exchange", ['on' => '2026-11-30'])->assertSessionHasErrors([
            'on' => 'That charge is out already.',
        ]);
        self::assertSame('2026-12-22', $task->refresh()->due_on?->toDateString(), 'eight days before the right one');
    }

    #[Test]
    public function topped_up_taken_out_and_put_in_again_are_three_things(): void
    {
        $task = Fixture::task($this->system, 'carbon', daysAgo: 10);
        $one = Material::query()->create([
            'system_id' => $this->system->id,
            'kind' => 'media',
            'name' => 'Carbon',
            'place' => 'bag',
            'mass_kg' => 0.3,
            'in_on' => '2026-11-01',
            'life_days' => 20,
            'due_on' => '2026-11-21',
            'task_id' => $task->id,
            'user_id' => $this->ines->id,
        ]);
        $visit = Fixture::visit($this->system, $this->crew);
        $done = fn (?string $turn): VisitTask => new VisitTask([
            'visit_id' => $visit->id,
            'system_id' => $this->system->id,
            'task_id' => $task->id,
            'turn' => $turn,
        ]);
        $now = CarbonImmutable::now();

        MediaCharges::exchange($done('top up'), $now, $this->ines->id);
        self::assertSame(['2026-12-20', null], [$one->refresh()->due_on?->toDateString(), $one->out_on]);
        MediaCharges::exchange($done('out'), $now, $this->ines->id);
        self::assertNull($one->refresh()->out_on, 'it is not due for three weeks');
        $one->update(['due_on' => '2026-11-29']);
        MediaCharges::exchange($done('out'), $now, $this->ines->id);
        self::assertSame(
            ['2026-11-30', 0],
            [$one->refresh()->out_on?->toDateString(), Material::charges($this->system->id)->count()],
        );
        MediaCharges::exchange($done('in'), $now, $this->ines->id);
        self::assertSame('2026-12-20', Material::charges($this->system->id)->sole()->due_on?->toDateString());
        MediaCharges::exchange($done('in'), $now, $this->ines->id);
        self::assertSame(1, Material::charges($this->system->id)->count(), 'in is in');
    }

    #[Test]
    public function a_job_as_needed_begins_at_one_reading_and_ends_at_another(): void
    {
        $type = Fixture::taskType('vessel-refill');
        $row = ['kind' => 'reading', 'parameter' => 'nitrate', 'above' => 10, 'stop' => 2, 'everyDays' => 2];
        $form = ['task_type_id' => $type->id, 'every_days' => null, 'triggers' => [$row]];
        $this->actingAs($this->planner)
            ->post("/systems/{$this->system->id}/tasks", [...$form, 'triggers' => [[...$row, 'stop' => 11]]])
            ->assertSessionHasErrors();
        $this->post("/systems/{$this->system->id}/tasks", $form)
            ->assertRedirect()
            ->assertSessionHasNoErrors();
        $task = Task::query()->where('system_id', $this->system->id)->where('task_type_id', $type->id)->sole();
        self::assertNull($task->due_on, 'not yet');
        self::assertSame('Nitrate above 10, until 2, every 2 d', TaskTriggers::words($task)[0]);
        $read = function (float $value, string $at) use ($task): ?string {
            TakeReading::take(
                system: $this->system->refresh(),
                user: $this->ines,
                parameter: Parameter::Nitrate,
                typed: $value,
                unit: ReadingUnit::MgL,
                at: CarbonImmutable::parse($at),
                uuid: (string) Str::uuid(),
                sure: true,
                method: 'test kit',
            );

            return $task->refresh()->due_on?->toDateString();
        };
        self::assertNull($read(9.0, '2026-11-20 10:00'));
        self::assertSame('2026-11-22', $read(12.0, '2026-11-22 10:00'));
        self::assertSame('2026-11-22', $read(5.0, '2026-11-26 10:00'), 'between the two it goes on');
        self::assertNull($read(1.9, '2026-11-28 10:00'), 'reached');
    }

    #[Test]
    public function what_a_messy_job_leaves_behind_is_announced_kept_and_ends(): void
    {
        $visit = Fixture::visit($this->system, $this->crew);
        $visit
            ->tasks()
            ->create([
                'system_id' => $this->system->id,
                'task_type_id' => Fixture::taskType('glass')->id,
                'minutes' => 8,
                'steps' => [],
            ]);
        self::assertSame([], AnnounceView::coming());
        $sand = Fixture::task($this->system, 'sand-quarter', daysAgo: 40);
        VisitMaker::until(Days::today());
        $announce = AnnounceView::coming();
        self::assertCount(1, $announce);
        self::assertSame(
            1,
            preg_match(
                '/^Mon 30 Nov 09:00: The water is hazy until Mon 30 Nov 2\d:\d\d \(siphon a quarter of the sand\)$/',
                $announce[0]->words,
            ),
            $announce[0]->words,
        );
        $this->actingAs($this->ines)
            ->post("/visits/{$visit->id}/told")
            ->assertForbidden();
        $this->actingAs($this->planner)
            ->post("/visits/{$visit->id}/told")
            ->assertSessionHasNoErrors();
        self::assertSame([], AnnounceView::coming());
        self::assertSame($this->planner->id, $visit->refresh()->told_by);

        foreach ($visit->tasks()->with('type')->get() as $job) {
            // How the sand looked, or why nobody could see it, comes before its first step (S-49).
            $before = ['before', ['taskId' => $job->id, 'because' => 'the lens is fogged']];
            $this->work($visit, ...($job->type?->photo_first === true ? [$before] : []), ...[['done', ['taskId' => $job->id]]]);
        }
        self::assertSame(['the lens is fogged'], $visit->tasks()->pluck('before_because')->filter()->values()->all());
        $this->work($visit, ['close', ['ticked' => array_keys(LeaveSafe::TICKS)]]);
        $left = Disturbed::query()->sole();
        self::assertSame('The water is hazy', $left->looks);
        self::assertEqualsWithDelta(12 * 60, $left->from_at->diffInMinutes($left->until_at), 1);
        self::assertCount(1, Disturbed::at($left->until_at->subMinute())->get());
        self::assertCount(0, Disturbed::at($left->until_at)->get(), 'it has an end');
        $this->actingAs($this->ines)
            ->get("/systems/{$this->system->id}/tasks")
            ->assertInertia(fn ($page) => $page->has('disturbed', 1));
        $again = Fixture::visit($this->system, $this->crew, 'glass');
        $labels = array_map(fn ($r): string => $r->label, (new VisitReader($again->refresh(), $this->ines))->round->running);
        self::assertContains("{$this->system->name}: the water is hazy (siphon a quarter of the sand)", $labels);
        self::assertContains('Vehicle back', $labels);
        $this->post("/disturbed/{$left->id}/end")->assertSessionHasNoErrors();
        $this->post("/disturbed/{$left->id}/end")->assertForbidden();
        self::assertSame($this->ines->id, $left->refresh()->ended_by);
        $this->get("/systems/{$this->system->id}/tasks")->assertInertia(fn ($page) => $page->has('disturbed', 0));
    }

    /** X-45: whatever runs at that place stands in one line, whoever started it. */
    #[Test]
    public function what_cures_and_what_an_outlet_was_told_run_as_clocks_of_the_visit(): void
    {
        $visit = Fixture::visit($this->system, $this->crew);
        $cures = fn (string $text, System $system, ?CarbonImmutable $until, bool $done = false): FollowUp => FollowUp::query()->create([
            'system_id' => $system->id, 'kind' => 'follow-up', 'text' => $text, 'owner_id' => $this->planner->id,
            'due_on' => Days::text(), 'earliest_at' => $until, 'done_at' => $done ? now() : null,
        ]);
        $later = CarbonImmutable::now()->addHours(2);
        $cures('glue', $this->system, $later);
        $cures('over', $this->system, CarbonImmutable::now());
        $cures('done', $this->system, $later, true);
        $cures('any time', $this->system, null);
        $cures('elsewhere', Fixture::system(self::site('Other', 'Other'), $this->planner, 'Other reef'), $later);
        $controller = Fixture::controller($this->system->site()->firstOrFail());
        $outlet = $controller->strips()->firstOrFail()->outlets()->firstOrFail();
        $told = fn (float $level, string $why, int $minutes, bool $isOver = false): OutletOrder => OutletOrder::query()->create([
            'controller_id' => $controller->id, 'outlet_id' => $outlet->id, 'level' => $level, 'for_s' => 600, 'because' => $why,
            'user_id' => $this->planner->id, 'state' => 'taken', 'expires_at' => now(), 'answered_at' => now(),
            'until_at' => now()->addMinutes($minutes), 'over_at' => $isOver ? now() : null,
        ]);
        $told(0, 'feeding', 30);
        $told(1, 'by hand', 90);
        $told(0, 'ended', 30, true);
        $told(0, 'past', 0);
        $running = (new VisitReader($visit->refresh(), $this->ines))->round->running;
        $labels = array_map(fn ($r): string => $r->label, $running);
        self::assertSame(
            ["{$outlet->name} off: feeding", "{$outlet->name} on: by hand", "{$this->system->name}, not before: glue", 'Vehicle back'],
            $labels,
            'the one that ends first comes first',
        );
        self::assertSame($later->toIso8601ZuluString(), $running[2]->untilAt);
    }

    #[Test]
    public function messy_work_keeps_off_the_days_before_what_the_client_holds(): void
    {
        $site = $this->system->site_id;
        $this->actingAs($this->ines)
            ->post("/sites/{$site}/events", ['text' => 'Party', 'on' => '2026-12-05'])
            ->assertForbidden();
        $this->actingAs($this->planner)
            ->post("/sites/{$site}/events", ['text' => '', 'on' => '2026-11-01'])
            ->assertSessionHasErrors(['text', 'on']);
        $this->post("/sites/{$site}/events", ['text' => 'Party', 'on' => '2026-12-03'])->assertSessionHasNoErrors();
        $visit = Fixture::visit($this->system, $this->crew, 'glass');
        $sand = Fixture::task($this->system, 'sand-quarter', daysAgo: 40);
        VisitMaker::until(Days::today()->addDays(4));
        $job = VisitTask::query()->where('task_id', $sand->id)->sole();
        self::assertNotSame($visit->id, $job->visit_id, 'not with the glass, three days before the party');
        self::assertSame('2026-12-04', $job->visit?->earliest_on->toDateString(), 'the day after it');

        // A visit that stands already says so, and the board refuses those days.
        $event = SiteEvent::query()->sole();
        $other = Fixture::visit($this->system, $this->crew);
        $other
            ->tasks()
            ->create([
                'system_id' => $this->system->id,
                'task_type_id' => Fixture::taskType('sand-topup')->id,
                'minutes' => 45,
                'steps' => [],
                'disturbs_h' => 24,
            ]);
        $read = WeekReader::read(Days::monday());
        self::assertStringContainsString(
            'Messy work shortly before “Party” on Thu 3 Dec',
            (string) $read->visits[$other->id]?->asks,
        );
        self::assertSame(
            range(Days::ofText('2026-11-30'), Days::ofText('2026-12-03')),
            $read->visits[$other->id]?->core->keptClear,
        );
        self::assertSame([], $read->visits[$visit->id]?->core->keptClear, 'glass may be cleaned');
        $this->post("/events/{$event->id}/archive")->assertSessionHasNoErrors();
        self::assertNull(WeekReader::read(Days::monday())->visits[$other->id]?->asks);
        $this->get("/sites/{$site}/jobs")
            ->assertOk()
            ->assertInertia(fn ($page) => $page->has('events', 0)->where('clearDays', 7));
    }

    #[Test]
    public function while_the_usual_one_is_away_whoever_knows_the_place_comes_first(): void
    {
        $lone = Fixture::crew($sol = self::user('technician'));
        $this->system->update(['keeper_id' => $this->ines->id]);
        foreach ([$sol->id, $this->jory->id, $this->jory->id] as $n => $by) {
            Fixture::visit($this->system)->update([
                'state' => Visit::CLOSED,
                'closed_at' => now()->subDays(20 + $n),
                'closed_by' => $by,
                'opened_at' => now()->subDays(20 + $n),
            ]);
        }
        $visit = Fixture::visit($this->system, $this->crew, 'glass');
        $visit->update(['familiar_id' => $this->ines->id]);
        $here = WeekReader::read(Days::monday())->visits[$visit->id];
        self::assertSame([$this->ines->id, null], [$here?->core->familiar, $here?->knows]);

        Absence::query()->create([
            'user_id' => $this->ines->id,
            'from_on' => '2026-11-30',
            'until_on' => '2026-12-02',
            'reason' => 'leave',
        ]);
        $away = WeekReader::read(Days::monday())->visits[$visit->id];
        self::assertSame($this->jory->id, $away?->core->familiar, 'twice beats once');
        self::assertSame(
            "{$this->ines->name} is away; {$this->jory->name} knows the place: there 2 times in a year.",
            $away?->knows,
        );
        Absence::query()->create([
            'user_id' => $this->jory->id,
            'from_on' => '2026-11-30',
            'until_on' => '2026-12-02',
            'reason' => 'leave',
        ]);
        self::assertStringContainsString(
            "{$sol->name} knows the place: there once",
            (string) WeekReader::read(Days::monday())->visits[$visit->id]?->knows,
        );
        Visit::query()
            ->where('closed_by', $sol->id)
            ->update(['closed_at' => now()->subMonths(12)->subDay()]);
        self::assertNull(
            WeekReader::read(Days::monday())->visits[$visit->id]?->knows,
            'longer ago it is not known any more',
        );
        $preview = app(SickNow::class)->preview($this->jory, Days::today()->addDay());
        self::assertSame([$visit->id], array_map(fn ($v): int => $v->id, $preview));
        unset($lone);
    }

    #[Test]
    public function after_closing_the_next_stop_says_when_to_leave_and_what_to_take(): void
    {
        $next = Fixture::system(self::site('Another'), $this->planner, 'Next reef');
        $next->site?->update(['lat' => 53.6, 'lon' => 1.7, 'street' => 'Quay 9', 'town' => 'Port']);
        $visit = Fixture::visit($this->system, $this->crew, 'glass');
        self::assertNull((new VisitReader($visit, $this->ines))->round->next, 'none is to come');
        $later = Fixture::visit($next, $this->crew, 'change');
        $later->update(['starts_at' => Days::moment('2026-11-30', 660), 'salt_l' => 62, 'ro_l' => 0]);
        $stop = (new VisitReader($visit->refresh(), $this->ines))->round->next;
        self::assertInstanceOf(NextStopView::class, $stop);
        // 6.6 km as the crow flies, with detour 8.6 km at 35 km/h: 14.7 min, and 5 to park.
        self::assertSame(
            ['11:00', '10:40', ['62 L of salt water'], 'Quay 9, Port'],
            [$stop->at, $stop->leaveBy, $stop->along, $stop->address],
        );
        $next->site?->update(['lat' => null]);
        $leaveBy = (new VisitReader($visit->refresh(), $this->ines))->round->next?->leaveBy;
        self::assertSame('10:35', $leaveBy, 'nobody knows how far: twenty minutes, and five to park');
        $later->update(['state' => Visit::UNDERWAY]);
        self::assertNull((new VisitReader($visit->refresh(), $this->ines))->round->next, 'begun by somebody: not to come');
    }

    /** @param  array{0: string, 1: array<string, mixed>}  ...$entries */
    private function work(Visit $visit, array ...$entries): void
    {
        $body = array_map(
            fn (array $e): array => [
                'uuid' => (string) Str::uuid(),
                'kind' => $e[0],
                'at' => now()->toIso8601String(),
                'payload' => $e[1],
            ],
            array_values($entries),
        );
        $answers = $this->actingAs($this->ines)
            ->postJson("/visits/{$visit->id}/entries", ['entries' => $body])
            ->assertOk()
            ->json('answers');
        self::assertSame(
            array_fill(0, count($entries), 'ok'),
            array_column($answers, 'outcome'),
            json_encode($answers) ?: '',
        );
    }
}
