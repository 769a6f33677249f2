<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Clients\Site;
use App\House\Days;
use App\Rounds\BoardMove;
use App\Rounds\Crew;
use App\Rounds\Exclusive;
use App\Rounds\Planning;
use App\Rounds\ProposeWeek;
use App\Rounds\SiteWish;
use App\Rounds\Vehicle;
use App\Rounds\Visit;
use App\Rounds\VisitMaker;
use App\Rounds\VisitTask;
use App\Rounds\WeekReader;
use App\Rounds\WeekRun;
use App\Team\Absence;
use App\Team\Holiday;
use App\Team\OnCall;
use App\Team\User;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use RuntimeException;
use Tests\Fixture;
use Tests\TestCase;

/**
 * Nothing planned vanishes or wanders: past, begun, closed, pinned, promised and wished stays; who is away is said (S-22, S-53,
 * S-54, S-56).
 */
final class PlanStaysTest extends TestCase
{
    private User $planner;

    private User $ines;

    private User $jory;

    private Crew $crew;

    private CarbonImmutable $monday;

    protected function setUp(): void
    {
        parent::setUp();
        // A Wednesday, ten o'clock: days behind, a day under way, days ahead.
        CarbonImmutable::setTestNow('2026-03-11 10:00:00');
        Carbon::setTestNow('2026-03-11 10:00:00');
        [$this->planner, $this->ines, $this->jory] = [
            self::user('planner'),
            self::user('technician'),
            self::user('technician'),
        ];
        $this->crew = Fixture::crew($this->ines);
        $this->monday = Days::monday();
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        Carbon::setTestNow();
        parent::tearDown();
    }

    #[Test]
    public function a_proposal_leaves_what_is_past_begun_closed_pinned_and_promised(): void
    {
        $past = $this->visit('Past', 0, '09:00');
        $begun = $this->visit('Begun', 2, '09:00', ['state' => Visit::UNDERWAY, 'opened_at' => '2026-03-11 09:10:00']);
        $closed = $this->visit('Closed', 1, '08:00', [
            'state' => Visit::CLOSED,
            'opened_at' => '2026-03-10 08:20:00',
            'closed_at' => '2026-03-10 09:40:00',
            'actual_min' => 80,
        ]);
        $pinned = $this->visit('Pinned', 3, '13:30', ['pinned' => true]);
        $promised = $this->visit('Promised', 4, '09:00', ['promised_at' => now()]);
        foreach (range(1, 5) as $n) {
            Fixture::task(Fixture::system($this->place("Due {$n}"), $this->planner), 'change', 20);
        }
        $before = fn (Visit ...$visits): array => array_map(
            fn (Visit $v): array => BoardMove::state($v->refresh()),
            $visits,
        );
        $was = $before($begun, $closed, $pinned);
        $proposal = (new Planning())->propose($this->monday);
        self::assertSame(
            7,
            $proposal->placed,
            'the five, and the panes of the past and of the closed visit, due again',
        );
        self::assertSame($was, $before($begun, $closed, $pinned));
        self::assertSame('2026-03-09', $past->refresh()->planned_on?->toDateString(), 'nobody came; the record stays');
        self::assertSame(
            [$this->crew->id, '2026-03-13'],
            [$promised->refresh()->crew_id, $promised->planned_on?->toDateString()],
            'the client’s Friday',
        );
        foreach (
            Visit::query()
                ->where('state', Visit::PLANNED)
                ->whereNotIn('id', [$pinned->id, $promised->id])
                ->get() as $visit
        ) {
            self::assertGreaterThanOrEqual(
                now()->getTimestamp(),
                $visit->starts_at?->getTimestamp(),
                'nothing is planned before now',
            );
        }
    }

    #[Test]
    public function a_move_by_hand_is_a_promise_until_it_is_released_and_everything_can_be_taken_back(): void
    {
        $visit = $this->visit('Here', 3, '09:00');
        $to = ['crew_id' => $this->crew->id, 'on' => '2026-03-13', 'position' => null];
        $this->actingAs($this->planner)
            ->post("/visits/{$visit->id}/move", $to)
            ->assertSessionHasNoErrors();
        self::assertNotNull($visit->refresh()->promised_at);
        (new Planning())->propose($this->monday, $this->planner);
        self::assertSame('2026-03-13', $visit->refresh()->planned_on?->toDateString());

        Fixture::task(Fixture::system($this->place('New'), $this->planner), 'change', 20);
        $this->post('/rounds/propose', ['week' => $this->monday->toDateString()])->assertSessionHasNoErrors();
        $new = Visit::query()->whereHas('site', fn ($s) => $s->where('name', 'New'))->sole();
        self::assertSame(Visit::PLANNED, $new->state);
        $this->post("/visits/{$new->id}/move", [
            'crew_id' => $this->crew->id,
            'on' => '2026-03-13',
            'position' => 0,
        ])->assertSessionHasNoErrors();
        $this->post('/rounds/undo')->assertSessionHasNoErrors();
        self::assertNotSame('2026-03-13 08:00', $new->refresh()->starts_at?->format('Y-m-d H:i'));
        self::assertNull($new->promised_at, 'the hand move first');
        $this->post('/rounds/undo');
        self::assertSame([Visit::OPEN, null], [$new->refresh()->state, $new->crew_id], 'then the proposal');
        $this->post('/rounds/undo');
        self::assertSame(
            ['2026-03-12', null],
            [$visit->refresh()->planned_on?->toDateString(), $visit->promised_at],
            'then the first move',
        );

        $this->post("/visits/{$visit->id}/move", $to);
        $this->post("/visits/{$visit->id}/release")->assertSessionHasNoErrors();
        self::assertNull($visit->refresh()->promised_at);
    }

    #[Test]
    public function what_nobody_will_come_to_says_so_and_a_proposal_gives_it_to_somebody_else(): void
    {
        $other = $this->secondCrew();
        $alone = $this->visit('Alone', 3, '09:00');
        $ids = fn (): array => array_column(
            self::props($this->actingAs($this->planner)->get("/rounds?week={$this->monday->toDateString()}"))['board'][
                'unplanned'
            ],
            'why',
            'id',
        );
        self::assertSame([], $ids());
        Absence::query()->create([
            'user_id' => $this->ines->id,
            'from_on' => '2026-03-11',
            'until_on' => '2026-03-13',
            'reason' => 'leave',
        ]);
        self::assertStringContainsString('crew away', (string) $ids()[$alone->id]);
        $board = self::props($this->get("/rounds?week={$this->monday->toDateString()}"))['board'];
        self::assertStringContainsString(
            $this->ines->name.' away',
            json_encode($board['crews'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        );
        $this->post('/rounds/propose', ['week' => $this->monday->toDateString()]);
        self::assertSame($other->id, $alone->refresh()->crew_id);
        self::assertSame([], $ids());
        self::assertStringContainsString(
            'Alone (crew away',
            (string) WeekRun::query()->latest('id')->firstOrFail()->said[1].
                WeekRun::query()->latest('id')->firstOrFail()->said[2],
        );

        $moved = $this->visit('Rescued', 3, '13:00');
        $stays = $this->visit('Stays', 4, '09:00', ['crew_id' => $other->id]);
        $this->post('/rounds/rescue', ['week' => $this->monday->toDateString()])->assertSessionHasNoErrors();
        self::assertSame([$other->id, null], [$moved->refresh()->crew_id, $moved->why_unplanned]);
        self::assertSame(['2026-03-13', $other->id], [$stays->refresh()->planned_on?->toDateString(), $stays->crew_id]);

        $struck = $this->visit('Struck', 4, '09:00');
        $this->crew->update(['until_on' => '2026-03-12']);
        self::assertStringContainsString('struck', (string) $ids()[$struck->id]);
        Holiday::query()->create(['on' => '2026-03-13', 'name' => 'Founders’ day']);
        self::assertStringContainsString('Founders’ day', (string) $ids()[$struck->id]);

        $pair = Fixture::crew($this->ines, $this->jory);
        $two = $this->visit('Two', 3, '14:00', ['persons' => 2, 'crew_id' => $pair->id]);
        self::assertStringContainsString('needs two people', (string) $ids()[$two->id], 'half of the crew is ill');
    }

    #[Test]
    public function ill_from_now_is_seen_before_it_is_done_and_moves_as_little_as_can_be(): void
    {
        $other = $this->secondCrew();
        $theirs = $this->visit('Theirs', 3, '09:00');
        $kept = $this->visit('Kept', 3, '09:30', ['crew_id' => $other->id]);
        OnCall::query()->create([
            'user_id' => $this->ines->id,
            'from_on' => '2026-03-09',
            'until_on' => '2026-03-15',
            'position' => 1,
        ]);
        $this->jory->update(['phone' => '0100 555 0211']);
        $see = self::props($this->actingAs($this->planner)->get("/rounds/sick?who={$this->ines->id}&until=2026-03-13"));
        self::assertSame(['Theirs'], array_column($see['visits'], 'place'));
        self::assertStringContainsString($other->name, (string) $see['visits'][0]['becomes']);
        self::assertSame([$this->jory->id], array_column($see['standIns'], 'id'));
        self::assertSame($this->crew->id, $theirs->refresh()->crew_id, 'looking moves nothing');
        self::assertSame(0, Absence::query()->count());

        $this->post('/rounds/sick', ['who' => $this->ines->id, 'until' => '2026-03-01'])->assertSessionHasErrors(
            'until',
        );
        $this->post('/rounds/sick', [
            'who' => $this->ines->id,
            'until' => '2026-03-13',
            'stand_in' => $this->ines->id,
        ])->assertSessionHasErrors('stand_in');
        $this->post('/rounds/sick', [
            'who' => $this->ines->id,
            'until' => '2026-03-13',
            'stand_in' => $this->jory->id,
        ])->assertSessionHasNoErrors();
        $absence = Absence::query()->sole();
        self::assertSame(
            [Days::text(), '2026-03-13'],
            [$absence->from_on->toDateString(), $absence->until_on->toDateString()],
            'away from this moment on',
        );
        self::assertSame([$other->id, $other->id], [$theirs->refresh()->crew_id, $kept->refresh()->crew_id]);
        self::assertSame(
            ['2026-03-11', '2026-03-13'],
            [
                ($night = OnCall::query()->where('user_id', $this->jory->id)->sole())->from_on->toDateString(),
                $night->until_on->toDateString(),
            ],
        );
        $tell = self::props($this->get('/rounds'))['tell'];
        self::assertSame(['Theirs'], array_column($tell, 'place'), 'only whose hour has changed is told');
        $this->post("/rounds/moves/{$tell[0]['id']}/told")->assertSessionHasNoErrors();
        self::assertSame([], self::props($this->get('/rounds'))['tell']);
        $this->post('/rounds/undo');
        self::assertSame($this->crew->id, $theirs->refresh()->crew_id);
        $this->actingAs($this->ines)->get('/rounds/sick')->assertForbidden();
    }

    #[Test]
    public function the_board_opens_on_the_week_that_is_and_at_the_weekend_on_the_one_to_come(): void
    {
        $opens = function (string $at): string {
            CarbonImmutable::setTestNow($at);
            Carbon::setTestNow($at);

            return self::props($this->actingAs($this->planner)->get('/rounds'))['monday'];
        };
        self::assertSame('2026-03-09', $opens('2026-03-13 17:00:00'), 'Friday');
        self::assertSame('2026-03-16', $opens('2026-03-14 09:00:00'), 'Saturday');
        self::assertSame('2026-03-16', $opens('2026-03-15 20:00:00'), 'Sunday');
        self::assertSame('2026-03-16', $opens('2026-03-16 07:00:00'), 'Monday');
        $asked = self::props($this->get('/rounds?week=2026-03-11'))['monday'];
        self::assertSame('2026-03-09', $asked, 'the week asked for');
    }

    #[Test]
    public function a_standing_wish_is_kept_by_every_proposal_until_it_is_released(): void
    {
        $place = $this->place('Mornings');
        $this->actingAs($this->planner)
            ->post("/sites/{$place->id}/wishes", ['text' => 'call before', 'weekdays' => []])
            ->assertSessionHasErrors('weekdays');
        $this->post("/sites/{$place->id}/wishes", [
            'text' => 'Fridays before eleven',
            'weekdays' => [5],
            'hours' => 'early',
        ])->assertSessionHasErrors('hours');
        $this->post("/sites/{$place->id}/wishes", [
            'text' => 'Fridays before eleven',
            'weekdays' => [5],
            'hours' => '8-11',
        ])->assertSessionHasNoErrors();
        Fixture::task(Fixture::system($place, $this->planner), 'change', 20);
        (new Planning())->propose($this->monday);
        $visit = Visit::query()->where('site_id', $place->id)->sole();
        self::assertSame('2026-03-13', $visit->planned_on?->toDateString());
        self::assertLessThanOrEqual(
            '11:00',
            $visit->starts_at?->addMinutes((int) $visit->minutes)->setTimezone(Days::zone())->format('H:i'),
        );

        SiteWish::query()
            ->where('site_id', $place->id)
            ->update(['weekdays' => json_encode([1])]);
        $visit->update(['state' => Visit::OPEN, 'crew_id' => null, 'planned_on' => null, 'starts_at' => null]);
        self::assertSame(1, (new Planning())->propose($this->monday)->left);
        self::assertStringContainsString('standing wish', (string) $visit->refresh()->why_unplanned);
        $wish = SiteWish::query()->where('site_id', $place->id)->sole();
        $this->post("/wishes/{$wish->id}/release")->assertSessionHasNoErrors();
        self::assertSame(0, (new Planning())->propose($this->monday)->left);

        $mine = $this->place('Mine');
        $this->post("/sites/{$mine->id}/wishes", [
            'text' => 'only Jory',
            'weekdays' => [],
            'person_id' => $this->jory->id,
        ])->assertSessionHasNoErrors();
        Fixture::task(Fixture::system($mine, $this->planner), 'change', 20);
        self::assertSame(1, (new Planning())->propose($this->monday)->left, 'nobody else will do');
        $this->secondCrew();
        self::assertSame(0, (new Planning())->propose($this->monday)->left);
    }

    #[Test]
    public function hours_and_places_nobody_knows_are_assumed_aloud(): void
    {
        $place = $this->place('Unknown');
        $place->update(['access_hours' => null, 'lat' => null, 'lon' => null]);
        Fixture::task(Fixture::system($place, $this->planner), 'glass', 20);
        VisitMaker::until($this->monday->addDays(4));
        $stop = self::props($this->actingAs($this->planner)->get("/rounds?week={$this->monday->toDateString()}"))[
            'board'
        ]['unplanned'][0];
        self::assertStringContainsString('opening hours are not known', $stop['asks']);
        self::assertStringContainsString('not on the map', $stop['asks']);
        $minutes = fn (): float => WeekReader::read($this->monday)->visits->first()?->core->minutes ?? 0.0;
        $unknown = $minutes();
        $place->update(['lat' => 53.6, 'lon' => 1.6]);
        self::assertSame(40.0, $unknown - $minutes(), 'so long is the way counted');
        $place->update(['lat' => null, 'lon' => null]);
        self::assertSame(0, (new Planning())->propose($this->monday)->left, 'and planned all the same');
        $place->update(['access_hours' => ['mon' => 'closed', 'thu' => '9-12, 14-18']]);
        $open = WeekReader::read($this->monday)->visits->first()?->core->open;
        self::assertSame(
            [[540.0, 720.0], [840.0, 1080.0]],
            $open[Days::number($this->monday) + 3] ?? null,
            'several openings a day',
        );
        self::assertArrayNotHasKey(Days::number($this->monday), (array) $open);
    }

    #[Test]
    public function a_person_or_a_vehicle_is_in_one_crew_at_a_time(): void
    {
        $van = Vehicle::query()->create(['name' => 'Second', 'payload_kg' => 800, 'salt_l' => 200, 'ro_l' => 50]);
        $crew = [
            'name' => 'Two',
            'depot_id' => $this->crew->depot_id,
            'vehicle_id' => $van->id,
            'members' => [$this->ines->id],
            'from_on' => '2026-03-12',
            'until_on' => null,
            'starts_min' => 480,
            'ends_min' => 990,
            'break_min' => 30,
        ];
        $this->actingAs($this->planner)->post('/rounds/crews', $crew)->assertSessionHasErrors('members');
        $this->post('/rounds/crews', [
            ...$crew,
            'members' => [$this->jory->id],
            'vehicle_id' => $this->crew->vehicle_id,
        ])->assertSessionHasErrors('vehicle_id');
        $this->post('/rounds/crews', [...$crew, 'members' => [$this->jory->id]])->assertSessionHasNoErrors();
        $this->crew->update(['until_on' => '2026-03-20']);
        $this->post('/rounds/crews', [
            ...$crew,
            'name' => 'Later',
            'from_on' => '2026-03-21',
            'vehicle_id' => $this->crew->vehicle_id,
        ])->assertSessionHasNoErrors();
    }

    #[Test]
    public function the_week_is_worked_out_beside_the_page_once_at_a_time_and_can_be_stopped(): void
    {
        Fixture::task(Fixture::system($this->place('Due'), $this->planner), 'change', 20);
        Queue::fake();
        $this->actingAs($this->planner)
            ->post('/rounds/propose', ['week' => $this->monday->toDateString()])
            ->assertSessionHasNoErrors();
        $this->post('/rounds/propose', ['week' => $this->monday->toDateString()]);
        self::assertSame(1, WeekRun::query()->count(), 'a second press makes no second one');
        $run = WeekRun::query()->sole();
        self::assertTrue(self::props($this->get('/rounds'))['run']['isOpen']);
        $this->post("/rounds/runs/{$run->id}/stop")->assertSessionHasNoErrors();
        (new ProposeWeek($run->id))->handle(new Planning());
        self::assertSame(
            [WeekRun::CANCELLED, 0],
            [$run->refresh()->state, Visit::query()->count()],
            'stopped before it began, it does nothing',
        );
        $next = WeekRun::query()->create(['monday' => $this->monday->toDateString(), 'user_id' => $this->planner->id]);
        (new ProposeWeek($next->id))->handle(new Planning());
        self::assertSame([WeekRun::DONE, 1.0], [$next->refresh()->state, $next->share]);
        self::assertStringContainsString('1 visit found a place', $next->said[1] ?? '');
    }

    #[Test]
    public function a_job_carried_to_a_day_is_not_booked_earlier(): void
    {
        $system = Fixture::system($this->place('Bar'), $this->planner);
        $visit = Fixture::visit($system, $this->crew, 'change');
        $task = $visit->tasks()->sole()->task ?? throw new LogicException('no task');
        $task->update(['due_on' => '2026-03-01', 'latest_on' => '2026-03-05']);
        $entry = fn (string $kind, array $payload): array => [
            'uuid' => (string) Str::uuid(),
            'kind' => $kind,
            'at' => now()->toIso8601String(),
            'payload' => $payload,
        ];
        $job = $visit->tasks()->sole();
        $this->actingAs($this->ines)
            ->postJson("/visits/{$visit->id}/entries", [
                'entries' => [$entry('skip', ['taskId' => $job->id, 'reason' => 'guests', 'againOn' => '2026-03-17'])],
            ])
            ->assertOk();
        $visit->update(['state' => Visit::CLOSED]);
        (new Planning())->propose($this->monday);
        self::assertFalse(
            VisitTask::query()->where('task_id', $task->id)->where('state', 'open')->exists(),
            'it is overdue, and still not booked this week',
        );
        (new Planning())->propose($this->monday->addWeek());
        $next = VisitTask::query()->where('task_id', $task->id)->where('state', 'open')->sole()->visit;
        self::assertGreaterThanOrEqual('2026-03-17', $next?->planned_on?->toDateString());
    }

    #[Test]
    public function two_who_plan_at_once_wait_for_each_other(): void
    {
        config()->set('database.connections.second', config('database.connections.mariadb'));
        $second = DB::connection('second');
        $name = DB::connection()->getDatabaseName().'.week';
        self::assertSame(1, (int) ($second->selectOne('select get_lock(?, 0) as got', [$name])->got ?? 0));
        try {
            Exclusive::run('week', 0, fn (): int => 1);
            self::fail('the second must wait');
        } catch (RuntimeException $e) {
            self::assertStringContainsString('somebody else', $e->getMessage());
        }
        $second->selectOne('select release_lock(?) as gone', [$name]);
        $second->disconnect();
        self::assertSame(7, Exclusive::run('week', 0, fn (): int => 7));
        self::assertSame(8, Exclusive::run('week', 0, fn (): int => 8), 'and it is given back');
    }

    #[Test]
    public function a_job_not_yet_due_rides_on_the_next_visit_when_somebody_says_so(): void
    {
        $visit = $this->visit('Early', 4, '09:00');
        $task = Fixture::task($visit->tasks()->sole()->system()->firstOrFail(), 'photo', 0);
        $this->actingAs($this->planner)
            ->post("/tasks/{$task->id}/ride")
            ->assertSessionHasNoErrors();
        self::assertSame([$visit->id], VisitTask::query()->where('task_id', $task->id)->pluck('visit_id')->all());
        $alone = Fixture::task(Fixture::system($this->place('Alone'), $this->planner), 'photo', 0);
        $this->post("/tasks/{$alone->id}/ride")->assertSessionHasNoErrors();
        self::assertSame(
            Visit::OPEN,
            VisitTask::query()->where('task_id', $alone->id)->sole()->visit?->state,
            'where none comes, one is made',
        );
    }

    /** @return array<string, array{0: string, 1: string, 2: string}> zone, day, the moment of 09:30 there */
    public static function clockDays(): array
    {
        return [
            'Cairo, an hour lost at midnight' => ['Africa/Cairo', '2026-04-24', '2026-04-24 06:30'],
            'Cairo, an hour twice' => ['Africa/Cairo', '2026-10-30', '2026-10-30 07:30'],
            'Sydney, an hour twice' => ['Australia/Sydney', '2026-04-05', '2026-04-04 23:30'],
            'Sydney, an hour lost' => ['Australia/Sydney', '2026-10-04', '2026-10-03 22:30'],
            'Auckland, an hour twice' => ['Pacific/Auckland', '2026-04-05', '2026-04-04 21:30'],
            'Auckland, an hour lost' => ['Pacific/Auckland', '2026-09-27', '2026-09-26 20:30'],
            'Los Angeles, an hour lost' => ['America/Los_Angeles', '2026-03-08', '2026-03-08 16:30'],
            'Los Angeles, an hour twice' => ['America/Los_Angeles', '2026-11-01', '2026-11-01 17:30'],
        ];
    }

    #[Test]
    #[DataProvider('clockDays')]
    public function on_a_day_of_twenty_three_or_twenty_five_hours_half_past_nine_is_half_past_nine(
        string $zone,
        string $on,
        string $utc,
    ): void {
        config()->set('velbrin.timezone', $zone);
        $moment = Days::moment($on, 570);
        self::assertSame($utc, $moment->format('Y-m-d H:i'));
        self::assertSame(570.0, Days::minute($moment));
        self::assertSame(Days::ofText($on), Days::ofMoment($moment->format('Y-m-d H:i:s')));
        self::assertSame(
            Days::ofText($on) + 1,
            Days::number(Days::moment($on, 1440 + 30)->setTimezone($zone)),
            'past midnight is the next day',
        );
    }

    private function place(string $name): Site
    {
        $site = self::site("Client {$name}", $name);
        $site->update([
            'lat' => 53.6,
            'lon' => 1.6,
            'access_hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], '08:00-17:00'),
        ]);

        return $site;
    }

    private function secondCrew(): Crew
    {
        $crew = Fixture::crew($this->jory);
        $crew->update(['name' => 'Second crew']);

        return $crew;
    }

    /** @param  array<string, mixed>  $more */
    private function visit(string $name, int $day, string $at, array $more = []): Visit
    {
        $visit = Fixture::visit(Fixture::system($this->place($name), $this->planner), $this->crew, 'glass');
        $on = $this->monday->addDays($day)->toDateString();
        [$hour, $minute] = array_map(intval(...), explode(':', $at));
        $visit->update([
            'planned_on' => $on,
            'starts_at' => Days::moment($on, 60 * $hour + $minute),
            'due_on' => $on,
            'latest_on' => $this->monday->addDays(9)->toDateString(),
            ...$more,
        ]);

        return $visit;
    }
}
