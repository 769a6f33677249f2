<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Clients\Site;
use App\House\Days;
use App\Rounds\Crew;
use App\Rounds\DueThing;
use App\Rounds\DueThings;
use App\Rounds\FollowUp;
use App\Rounds\Task;
use App\Rounds\Unseated;
use App\Rounds\Visit;
use App\Rounds\VisitMaker;
use App\Rounds\VisitSums;
use App\Rounds\VisitTask;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** Whatever is due is on exactly one visit, or in the list without a place; a visit is the sum of its jobs (S-52, S-55). */
final class DueReachesVisitTest extends TestCase
{
    private User $planner;

    private User $ines;

    private Crew $crew;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->planner, $this->ines] = [self::user('planner'), self::user('technician')];
        $this->crew = Fixture::crew($this->ines);
    }

    #[Test]
    public function an_overdue_job_rides_on_the_visit_that_comes_anyway(): void
    {
        $system = $this->system('Bar');
        $visit = Fixture::visit($system, $this->crew, 'glass');
        $sand = Fixture::task($system, 'sand-quarter', daysAgo: 60);
        self::assertSame(1, Unseated::until(Days::today())[1], 'said before it is planned');
        // The board stands first; what goes through all that is due comes after it.
        $this->actingAs($this->planner)->get('/rounds')->assertInertia(fn (AssertableInertia $page) => $page
            ->missing('unseated')
            ->missing('announce')
            ->loadDeferredProps(fn (AssertableInertia $late) => $late
                ->where('unseated.count', 1)
                ->has('unseated.shown', 1)
                ->has('announce')));

        VisitMaker::until(Days::today()->addDays(6));
        self::assertSame([$visit->id], VisitTask::query()->where('task_id', $sand->id)->pluck('visit_id')->all());
        self::assertSame(0, Unseated::until(Days::today())[1]);
        // 10 setup, 10 glass, 15 sand, 5 report.
        self::assertSame(40.0, $visit->refresh()->minutes);
        VisitMaker::until(Days::today()->addDays(6));
        self::assertSame(
            1,
            VisitTask::query()->where('task_id', $sand->id)->count(),
            'once, however often it is planned',
        );
    }

    #[Test]
    public function what_the_crew_cannot_do_and_what_comes_too_late_makes_a_visit_of_its_own(): void
    {
        $system = $this->system('Hall');
        $visit = Fixture::visit($system, $this->crew, 'glass');
        $hanging = Fixture::task($system, 'hanging', daysAgo: 400);
        VisitMaker::until(Days::today()->addDays(6));
        $own = VisitTask::query()->where('task_id', $hanging->id)->sole()->visit;
        self::assertNotSame($visit->id, $own?->id, 'two people are needed, the crew is one');
        self::assertSame([Visit::OPEN, 2], [$own?->state, $own?->persons]);

        $far = $this->system('Far');
        $later = Fixture::visit($far, $this->crew, 'glass');
        $later->update(['planned_on' => Days::today()->addDays(12)->toDateString()]);
        $change = Fixture::task($far, 'change', daysAgo: 17);
        VisitMaker::until(Days::today()->addDays(6));
        self::assertNotSame(
            $later->id,
            VisitTask::query()->where('task_id', $change->id)->sole()->visit_id,
            'it would be overdue for more than two days',
        );
    }

    #[Test]
    public function asked_for_once_put_off_and_looked_at_again_they_become_visits_too(): void
    {
        $system = $this->system('Mill');
        $ask = [
            'text' => 'Fit the new lid',
            'owner_id' => $this->ines->id,
            'due_on' => Days::today()->toDateString(),
            'on_site' => true,
            'minutes' => 40,
            'persons' => 2,
        ];
        $this->actingAs($this->planner)
            ->post("/systems/{$system->id}/follow-ups", $ask)
            ->assertSessionHasNoErrors();
        $visit = Visit::query()->where('site_id', $system->site_id)->sole();
        self::assertSame([55.0, 2], [$visit->minutes, $visit->persons], '10 + 40 + 5, and two people');
        self::assertSame('Fit the new lid', $visit->tasks()->sole()->title);

        $long = 'A third of the sand out, '.str_repeat('from one end and never all at once, ', 6).'sifted first.';
        $this->post("/systems/{$system->id}/follow-ups", ['text' => $long] + $ask)->assertSessionHasNoErrors();
        $title = (string) VisitTask::query()->where('title', 'like', 'A third%')->sole()->title;
        self::assertLessThanOrEqual(200, mb_strlen($title));
        self::assertStringEndsWith('…', $title, 'a board says that more was said');
        $jobs = $this->get("/visits/{$visit->id}")->assertOk()->inertiaProps('systems')[0]['tasks'];
        $asked = array_column($jobs, 'asked', 'name');
        self::assertSame(['Fit the new lid' => null, $title => $long], array_intersect_key($asked, ['Fit the new lid' => 1, $title => 1]));

        $again = FollowUp::query()->create([
            'system_id' => $system->id,
            'kind' => 'check-back',
            'text' => 'Look again after: sand',
            'owner_id' => $this->ines->id,
            'due_on' => Days::today()->toDateString(),
            'on_site' => true,
        ]);
        $desk = FollowUp::query()->create([
            'system_id' => $system->id,
            'kind' => 'follow-up',
            'text' => 'Order a hose',
            'owner_id' => $this->planner->id,
            'due_on' => Days::today()->toDateString(),
        ]);
        VisitMaker::until(Days::today());
        self::assertSame([$visit->id], VisitTask::query()->where('follow_up_id', $again->id)->pluck('visit_id')->all());
        self::assertFalse(
            VisitTask::query()->where('follow_up_id', $desk->id)->exists(),
            'a reminder for a desk needs no visit',
        );
        $this->post("/follow-ups/{$again->id}/done")->assertSessionHasNoErrors();
        self::assertFalse(
            VisitTask::query()->where('follow_up_id', $again->id)->exists(),
            'done at the desk, it is off the visit',
        );
    }

    #[Test]
    public function an_emergency_starts_a_visit_now(): void
    {
        $system = $this->system('Bank');
        $this->actingAs($this->ines)
            ->post("/systems/{$system->id}/call-out", ['text' => ''])
            ->assertSessionHasErrors('text');
        $this->post("/systems/{$system->id}/call-out", ['text' => 'Water on the floor'])->assertRedirect();
        $visit = Visit::query()->where('called_out', true)->sole();
        self::assertSame(
            [Visit::UNDERWAY, $this->crew->id, $this->ines->id],
            [$visit->state, $visit->crew_id, $visit->opened_by],
        );
        self::assertSame('Water on the floor', $visit->tasks()->sole()->title);
        self::assertEquals([45, 45], [$visit->minutes, $visit->tasks()->sole()->minutes]);
        $stranger = self::user('technician');
        $this->actingAs($stranger)
            ->get("/visits/{$visit->id}")
            ->assertForbidden();
        // Somebody without a crew goes, too.
        $this->actingAs($stranger)
            ->post("/systems/{$system->id}/call-out", ['text' => 'Smell of burning'])
            ->assertRedirect();
        $own = Visit::query()->where('called_out', true)->latest('id')->firstOrFail();
        $this->get("/visits/{$own->id}")->assertOk();
        $this->post("/systems/{$system->id}/call-out", [
            'text' => 'Send them',
            'crew_id' => $this->crew->id,
        ])->assertSessionHasErrors('crew_id');
        $this->actingAs($this->planner)
            ->post("/systems/{$system->id}/call-out", ['text' => 'Send them', 'crew_id' => $this->crew->id])
            ->assertSessionHasNoErrors();
        self::assertSame(
            [Visit::PLANNED, true],
            [($sent = Visit::query()->latest('id')->firstOrFail())->state, $sent->pinned],
        );
    }

    #[Test]
    public function a_job_is_added_to_a_visit_under_way_and_leaves_the_one_it_was_on(): void
    {
        $system = $this->system('Quay');
        $task = Fixture::task($system, 'photo', daysAgo: 100);
        $planned = Fixture::visit($system, $this->crew, 'glass');
        VisitMaker::until(Days::today());
        $underway = Fixture::visit($system, $this->crew, 'floss');
        $underway->update(['state' => Visit::UNDERWAY, 'opened_at' => now(), 'opened_by' => $this->ines->id]);
        $this->actingAs($this->ines)
            ->post("/visits/{$underway->id}/jobs", ['thing' => "t{$task->id}"])
            ->assertSessionHasNoErrors();
        self::assertSame([$underway->id], VisitTask::query()->where('task_id', $task->id)->pluck('visit_id')->all());
        self::assertNotNull(
            VisitTask::query()->where('task_id', $task->id)->sole()->sheet,
            'its sheet is kept from the moment it is added',
        );
        $this->post("/visits/{$underway->id}/jobs", [
            'system_id' => $system->id,
            'text' => 'Tighten the union',
            'minutes' => 12,
        ])->assertSessionHasNoErrors();
        self::assertSame('one-off', VisitTask::query()->where('title', 'Tighten the union')->sole()->followUp?->kind);
        $other = $this->system('Elsewhere');
        $this->post("/visits/{$underway->id}/jobs", [
            'system_id' => $other->id,
            'text' => 'No',
            'minutes' => 5,
        ])->assertSessionHasErrors('system_id');
        $this->post("/visits/{$underway->id}/jobs", ['thing' => 't999999'])->assertSessionHasErrors('job');
        $planned->update(['state' => Visit::CLOSED]);
        $this->post("/visits/{$planned->id}/jobs", [
            'system_id' => $system->id,
            'text' => 'Late',
            'minutes' => 5,
        ])->assertSessionHasErrors('job');
    }

    #[Test]
    public function a_day_that_passed_without_anybody_frees_what_it_held(): void
    {
        $system = $this->system('Lane');
        $task = Fixture::task($system, 'glass', daysAgo: 20);
        VisitMaker::until(Days::today());
        $missed = Visit::query()->sole();
        $missed->update([
            'state' => Visit::PLANNED,
            'crew_id' => $this->crew->id,
            'planned_on' => Days::today()->subDay()->toDateString(),
        ]);
        self::assertSame(1, Unseated::until(Days::today())[1]);
        VisitMaker::until(Days::today());
        self::assertSame(
            [Visit::MISSED, Days::today()->subDay()->toDateString()],
            [$missed->refresh()->state, $missed->planned_on?->toDateString()],
            'it stays as a record',
        );
        self::assertSame(
            1,
            VisitTask::query()
                ->where('task_id', $task->id)
                ->whereHas('visit', fn ($v) => $v->where('state', Visit::OPEN))
                ->count(),
        );
    }

    #[Test]
    public function never_done_is_due_now_and_the_standard_set_follows_the_record(): void
    {
        $system = $this->system('Attic');
        $system->items()->create(['job' => 'heater', 'name' => 'Heater', 'watts' => 100]);
        $said = $this->actingAs($this->planner)
            ->post("/systems/{$system->id}/tasks", ['standard' => true])
            ->assertSessionHasNoErrors();
        self::assertStringContainsString('no doser in the register', (string) session('said'));
        $keys = Task::query()
            ->where('system_id', $system->id)
            ->with('type')
            ->get()
            ->map(fn (Task $t): string => (string) $t->type?->key)
            ->all();
        self::assertSame([], array_intersect(['vessel-refill', 'alarm-test', 'topoff-test', 'drain-rehearsal'], $keys));
        self::assertSame(
            [null, Days::today()->toDateString()],
            [
                ($glass = Task::query()->where('system_id', $system->id)->firstOrFail())->last_done_on,
                $glass->due_on?->toDateString(),
            ],
        );
        $on = Days::today()->addDays(9)->toDateString();
        $type = Fixture::taskType('carbon');
        $this->post("/systems/{$system->id}/tasks", [
            'task_type_id' => $type->id,
            'every_days' => 30,
            'first_on' => $on,
        ])->assertSessionHasNoErrors();
        self::assertSame(
            $on,
            Task::query()->where('task_type_id', $type->id)->sole()->due_on?->toDateString(),
            'or on its first day',
        );
        self::assertNotNull($said);
    }

    /** @return array<string, array{0: array<string, mixed>, 1: string}> */
    public static function badTriggers(): array
    {
        return [
            'no weekday' => [['kind' => 'weekdays', 'days' => []], 'triggers.0.days'],
            'no limit' => [['kind' => 'reading', 'parameter' => 'nitrate'], 'triggers'],
            'crossed' => [['kind' => 'reading', 'parameter' => 'ph', 'below' => 8.5, 'above' => 8.0], 'triggers'],
            'unknown' => [['kind' => 'moon'], 'triggers.0.kind'],
            'no vessel' => [['kind' => 'run-out', 'mlPerDay' => 20], 'triggers.0.vesselL'],
            'no day' => [['kind' => 'once'], 'triggers.0.on'],
        ];
    }

    /** @param  array<string, mixed>  $trigger */
    #[Test]
    #[DataProvider('badTriggers')]
    public function a_reason_that_says_nothing_is_refused(array $trigger, string $field): void
    {
        $system = $this->system('Shop');
        $type = Fixture::taskType('carbon');
        $this->actingAs($this->planner)
            ->post("/systems/{$system->id}/tasks", ['task_type_id' => $type->id, 'triggers' => [$trigger]])
            ->assertSessionHasErrors($field);
        $this->post("/systems/{$system->id}/tasks", ['task_type_id' => $type->id])->assertSessionHasErrors(
            'every_days',
        );
    }

    #[Test]
    public function a_reading_a_sign_use_and_a_weekday_bring_a_job(): void
    {
        $system = $this->system('Den');
        $make = function (string $key, array $trigger) use ($system): Task {
            $type = Fixture::taskType($key);
            $this->actingAs($this->planner)
                ->post("/systems/{$system->id}/tasks", ['task_type_id' => $type->id, 'triggers' => [$trigger]])
                ->assertSessionHasNoErrors();

            return Task::query()
                ->where(['system_id' => $system->id, 'task_type_id' => $type->id])
                ->sole();
        };
        $carbon = $make('carbon', ['kind' => 'reading', 'parameter' => 'nitrate', 'above' => 20]);
        $glass = $make('glass', ['kind' => 'sign', 'sign' => 'green-algae']);
        $weekly = $make('floss', ['kind' => 'weekdays', 'days' => [2, 4]]);
        $filters = $make('ro-filters', ['kind' => 'run-out', 'vesselL' => 2, 'mlPerDay' => 100, 'leadDays' => 3]);
        self::assertNull($carbon->due_on);
        self::assertNull($glass->due_on);
        self::assertContains($weekly->due_on?->isoWeekday(), [2, 4]);
        self::assertSame(
            Days::today()->addDays(17)->toDateString(),
            $filters->due_on?->toDateString(),
            '2 L at 100 mL last 20 days',
        );

        $visit = Fixture::visit($system, $this->crew, 'photo');
        $send = fn (array $entry): array => (array) $this->actingAs($this->ines)
            ->postJson("/visits/{$visit->id}/entries", [
                'entries' => [['uuid' => Str::uuid()->toString(), 'at' => now()->toIso8601String(), ...$entry]],
            ])
            ->json();
        $send([
            'kind' => 'reading',
            'payload' => [
                'systemId' => $system->id,
                'parameter' => 'nitrate',
                'value' => 25,
                'unit' => 'mg/L',
                'sure' => true,
            ],
        ]);
        $send(['kind' => 'seen', 'payload' => ['systemId' => $system->id, 'sign' => 'green-algae', 'grade' => 'much']]);
        self::assertSame(
            [Days::today()->toDateString(), 'reading'],
            [$carbon->refresh()->due_on?->toDateString(), $carbon->due_because],
        );
        self::assertSame(
            [Days::today()->toDateString(), 'sign'],
            [$glass->refresh()->due_on?->toDateString(), $glass->due_because],
        );
    }

    #[Test]
    public function on_any_world_each_due_thing_is_on_one_visit_and_each_visit_is_its_sum(): void
    {
        mt_srand(5);
        for ($n = 0; $n < 12; $n++) {
            $system = $this->system("S{$n}");
            foreach (['change', 'glass', 'sand-quarter', 'hanging', 'photo'] as $key) {
                if (mt_rand(0, 2) > 0) {
                    Fixture::task($system, $key, daysAgo: mt_rand(0, 200));
                }
            }
            if (mt_rand(0, 1) === 1) {
                $visit = Fixture::visit($system, mt_rand(0, 1) === 1 ? $this->crew : null, 'floss');
                $visit->update(
                    $visit->planned_on === null
                        ? []
                        : ['planned_on' => Days::today()->addDays(mt_rand(0, 15))->toDateString()],
                );
                VisitSums::keep([$visit->id]);
            }
        }
        $until = Days::today()->addDays(6);
        VisitMaker::until($until);
        VisitMaker::until($until);
        $sites = array_values(Site::query()->get()->map(fn (Site $s): int => $s->id)->all());
        $due = DueThings::at($sites)->filter(fn (DueThing $t): bool => $t->window->dueDay <= Days::number($until));
        self::assertGreaterThan(10, $due->count());
        foreach ($due as $thing) {
            self::assertSame(
                1,
                VisitTask::query()
                    ->where('task_id', $thing->taskId)
                    ->where('state', 'open')
                    ->whereHas('visit', fn ($v) => $v->whereIn('state', [Visit::OPEN, Visit::PLANNED]))
                    ->count(),
                $thing->key(),
            );
        }
        self::assertSame(0, Unseated::until($until)[1]);
        foreach (
            Visit::query()
                ->whereIn('state', [Visit::OPEN, Visit::PLANNED])
                ->with('tasks.system.site')
                ->get() as $visit
        ) {
            $load = VisitSums::load($visit, []);
            self::assertNotNull($load);
            self::assertEqualsWithDelta(
                [$load->minutes, $load->saltL, $load->kg, $load->persons],
                [$visit->minutes, $visit->salt_l, $visit->kg, $visit->persons],
                1e-9,
            );
            self::assertEqualsWithDelta(
                (float) $visit->tasks->sum('litres'),
                $visit->salt_l,
                1e-9,
                'its litres are those of its jobs',
            );
        }
    }

    private function system(string $name): System
    {
        return Fixture::system(self::site("Client {$name}", $name), $this->planner, "{$name} reef");
    }
}
