<?php

declare(strict_types=1);

namespace Tests\Demo;

use App\Demo\Stories;
use App\Demo\World;
use App\House\Days;
use App\Reports\Report;
use App\Rounds\Crew;
use App\Rounds\Planning;
use App\Rounds\Unseated;
use App\Rounds\Vehicle;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\SystemFindings;
use App\Team\User;
use App\Water\WaterBooking;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Measure\Finding;

/** The stories of the demo world hold, and the pages ask the database the same number of questions whatever its size. */
final class WorldTest extends TestCase
{
    use InTown;

    #[Test]
    public function the_stories_of_this_week_hold(): void
    {
        self::assertSame(41, System::query()->count(), 'forty, and the one opened from the accepted plan');
        self::assertSame(26, DB::table('sites')->count());
        self::assertGreaterThan(420, now()->diffInDays(DB::table('readings')->min('taken_at'), true));

        $window = System::query()->where('name', 'Window reef')->sole();
        $spill =
            SystemFindings::answers($window->load('vessels'))->figure('downL')?->quantity?->value -
            SystemFindings::answers($window)->figure('spareL')?->quantity?->value;
        self::assertEqualsWithDelta(Stories::SPILL_L, $spill, 1e-6, 'the drain-down fails by 12 litres');

        $wall = System::query()->where('name', 'Long wall')->sole();
        $alk = $wall->judgements()->where('parameter', 'alkalinity')->sole();
        self::assertFalse($alk->standing->outside());
        self::assertLessThan(14, now()->diffInDays($alk->leaves_at));
        self::assertGreaterThanOrEqual(
            5,
            StoredJudgement::query()->whereNotNull('leaves_at')->where('leaves_at', '<', now()->addDays(21))->count(),
        );

        $living = System::query()->where('name', 'Living room')->sole();
        self::assertNotEmpty(
            array_filter(
                SystemFindings::ages($living->load('items')),
                fn (Finding $f): bool => str_contains($f->what->template, 'ages out'),
            ),
        );

        $stops = System::query()
            ->with('vessels')
            ->get()
            ->filter(fn (System $s): bool => SystemFindings::answers($s)->stops() !== [])
            ->pluck('name')
            ->all();
        self::assertSame(['Window reef'], $stops, 'the town is otherwise built soundly');
    }

    #[Test]
    public function the_week_of_the_town_can_be_driven(): void
    {
        $planner = User::query()->where('role', 'planner')->firstOrFail();

        $groups = collect(
            self::props($this->actingAs(User::query()->where('role', 'owner')->firstOrFail())->get('/'))['groups'],
        );
        self::assertSame('Stop: ammonia burns', $groups[0]['title']);
        $calls = $groups->firstWhere('title', 'Alarms nobody would answer')['lines'];
        self::assertContains(
            'calls only people who are away tonight',
            array_column($calls, 'about'),
            'an alarm that only calls someone on leave',
        );
        $boardroom = System::query()->where('name', 'Boardroom')->sole();
        $hazards = self::props($this->actingAs($planner)->get("/systems/{$boardroom->id}/risk"))['hazards'];
        self::assertNotSame('Lukas Ferrin', $hazards[0]['who']);

        self::assertSame(41, DB::table('exposure_worst')->where('night', 'tonight')->count());
        self::assertGreaterThan(3, DB::table('exposure_worst')->where('rank', '<', 0)->count());
        self::assertSame(
            [2, 1],
            [
                Vehicle::query()->where('name', 'like', 'Van%')->count(),
                Vehicle::query()->where('name', 'like', 'Truck%')->count(),
            ],
        );
        self::assertSame(
            5,
            Crew::query()->with('members')->get()->sum(fn (Crew $c): int => $c->members->count()),
            'five technicians',
        );
        self::assertGreaterThanOrEqual(10, Visit::query()->where('state', Visit::PLANNED)->count());
        self::assertTrue(
            Visit::query()->where('isolated', true)->orderByDesc('position')->exists(),
            'the quarantine is driven to last',
        );
        foreach (Visit::query()->where('isolated', true)->where('state', Visit::PLANNED)->get() as $last) {
            self::assertSame(
                $last->position,
                Visit::query()
                    ->where(['crew_id' => $last->crew_id, 'planned_on' => $last->planned_on?->toDateString()])
                    ->max('position'),
            );
        }
        self::assertSame(3, Report::query()->whereNull('sent_at')->count());
        $tolland = User::query()->where('role', 'client')->firstOrFail();
        [$systems, $next, $reports] = self::props($this->actingAs($tolland)->get('/'))['groups'];
        self::assertNotEmpty($systems['lines']);
        self::assertNotEmpty($next['lines']);
        self::assertNotEmpty($reports['lines']);
        self::assertContains(
            'the sump would overflow by 12 L: first the outlet goes up',
            array_column(
                self::props($this->actingAs($planner)->get('/rounds/due?what=suspended'))['tasks'],
                'suspendedReason',
            ),
        );
        self::assertGreaterThan(
            0,
            WaterBooking::query()->whereNull('released_at')->where('purpose', 'routine')->sum('litres'),
        );
    }

    #[Test]
    public function pages_ask_the_same_number_of_questions_at_every_size_and_never_more_than_twenty(): void
    {
        // What is looked up every half minute only is looked up before, and on a slow machine no half minute passes in between.
        $this->freezeTime();
        $this->queries();
        $small = $this->queries();
        $this->grow(500);
        self::assertSame($small, $this->queries(), 'at 500 systems');
        $this->grow(2000);
        $large = $this->queries();
        self::assertSame($small, $large, 'at 2 000 systems');
        foreach ($large as $page => $count) {
            self::assertLessThanOrEqual(20, $count, $page);
        }
    }

    #[Test]
    public function in_worlds_of_forty_and_five_hundred_each_due_thing_has_one_place_and_nothing_promised_moves(): void
    {
        $this->holds(Days::monday()->addWeek());
        $this->grow(500);
        DB::table('visits')
            ->where('state', Visit::OPEN)
            ->whereNotIn('id', DB::table('visit_tasks')->select('visit_id'))
            ->delete();
        DB::table('sites')
            ->whereNull('access_hours')
            ->limit(100)
            ->update([
                'access_hours' => json_encode(array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], '08:00-17:00')),
                'lat' => 53.6,
                'lon' => 1.6,
            ]);
        $this->holds(Days::monday()->addWeek());
    }

    /** A proposal of that week, and all that must be true after it (S-52, S-53, S-55). */
    private function holds(CarbonImmutable $monday): void
    {
        $last = $monday->addDays(4);
        $planned = Visit::query()
            ->where('state', Visit::PLANNED)
            ->where('planned_on', '>=', $monday->toDateString())
            ->orderBy('id')
            ->limit(4)
            ->get();
        $planned->take(2)->each(fn (Visit $v) => $v->update(['pinned' => true]));
        $planned->skip(2)->each(fn (Visit $v) => $v->update(['promised_at' => now()]));
        $facts = Visit::query()
            ->whereIn('state', [Visit::CLOSED, Visit::UNDERWAY])
            ->orWhere('planned_on', '<', Days::today()->toDateString())
            ->orderBy('id')
            ->get();
        $was = $facts
            ->mapWithKeys(
                fn (Visit $v): array => [
                    $v->id => [$v->crew_id, $v->planned_on?->toDateString(), (string) $v->starts_at],
                ],
            )
            ->all();
        (new Planning())->propose($monday);
        $is = Visit::query()
            ->whereIntegerInRaw('id', array_keys($was))
            ->orderBy('id')
            ->get()
            ->mapWithKeys(
                fn (Visit $v): array => [
                    $v->id => [$v->crew_id, $v->planned_on?->toDateString(), (string) $v->starts_at],
                ],
            )
            ->all();
        self::assertSame($was, $is, 'what is past, begun or closed');
        foreach ($planned as $visit) {
            $now = $visit->fresh();
            self::assertSame(
                [$visit->crew_id, $visit->planned_on?->toDateString()],
                [$now?->crew_id, $now?->planned_on?->toDateString()],
                'pinned or promised',
            );
            self::assertTrue(! $visit->pinned || (string) $visit->starts_at === (string) $now?->starts_at);
        }
        self::assertSame(0, Unseated::until($last)[1], 'every due thing is on a visit, with or without a place');
        $twice = DB::table('visit_tasks')
            ->join('visits', 'visits.id', '=', 'visit_tasks.visit_id')
            ->whereIn('visits.state', [Visit::OPEN, Visit::PLANNED])
            ->where('visit_tasks.state', 'open')
            ->whereNotNull('task_id')
            ->groupBy('task_id')
            ->havingRaw('count(*) > 1')
            ->pluck('task_id')
            ->all();
        self::assertSame([], $twice, 'and on one only');
        $unsaid = Visit::query()
            ->where('state', Visit::OPEN)
            ->whereNull('why_unplanned')
            ->where('earliest_on', '<=', $last->toDateString())
            ->count();
        self::assertSame(0, $unsaid, 'whatever has no place says why');
        foreach (
            Visit::query()
                ->where('state', Visit::PLANNED)
                ->where('planned_on', '>=', $monday->toDateString())
                ->with('tasks.system.site')
                ->limit(40)
                ->get() as $visit
        ) {
            $litres = $visit->tasks->sum(
                fn (VisitTask $t): float => $t->system?->site?->makes_water === true ? 0.0 : (float) $t->litres,
            );
            self::assertEqualsWithDelta($litres, $visit->salt_l, 1e-6);
        }
    }

    /** Copies the town's clients, places and systems until that many systems stand; quick, since no history is copied. */
    private function grow(int $systems): void
    {
        $town = array_map(fn (string $t): int => (int) DB::table($t)->min('id'), [
            'clients' => 'clients',
            'sites' => 'sites',
            'systems' => 'systems',
        ]);
        $count = ['clients' => 26, 'sites' => 26, 'systems' => 41];
        while (System::query()->count() < $systems) {
            $by = array_map(fn (string $t): int => (int) DB::table($t)->max('id') - $town[$t] + 1, [
                'clients' => 'clients',
                'sites' => 'sites',
                'systems' => 'systems',
            ]);
            $of = fn (string $t, string $column = 'id'): string => "{$column} BETWEEN {$town[$t]} AND ".
                ($town[$t] + $count[$t] - 1);
            DB::statement(
                "INSERT INTO clients (id, name, created_at, updated_at) SELECT id + {$by['clients']}, CONCAT(name, ' ".
                "{$by['clients']}'), created_at, updated_at FROM clients WHERE {$of(
                    'clients',
                )}",
            );
            DB::statement(
                "INSERT INTO sites (id, client_id, name, timezone, created_at, updated_at) SELECT id + {$by['sites']}, ".
                "client_id + {$by['clients']}, name, timezone, created_at, updated_at FROM sites WHERE {$of(
                    'sites',
                )}",
            );
            DB::statement(
                'INSERT INTO systems (id, site_id, name, kind, regime, started_precision, facts, bases, chambers, '.
                "true_volume_l, first_leaves_at, created_at, updated_at) SELECT id + {$by['systems']}, site_id + ".
                "{$by['sites']}, name, kind, regime, started_precision, facts, bases, chambers, true_volume_l, first_leaves_at, ".
                "created_at, updated_at FROM systems WHERE {$of(
                    'systems',
                )}",
            );
            DB::statement(
                'INSERT INTO judgements (system_id, parameter, latest, latest_at, standing, count, steady, leaves_at, '.
                "judged_at) SELECT system_id + {$by['systems']}, parameter, latest, latest_at, standing, count, steady, ".
                "leaves_at, judged_at FROM judgements WHERE {$of(
                    'systems',
                    'system_id',
                )}",
            );
        }
        self::assertGreaterThanOrEqual($systems, System::query()->count());
        $first = (int) DB::table('systems')->min('id');
        foreach (
            DB::table('systems')
                ->where('id', '>=', $first + 41)
                ->whereNotIn('id', DB::table('tasks')->select('system_id'))
                ->orderBy('id')
                ->pluck('site_id', 'id') as $id => $siteId
        ) {
            $like = $first + (($id - $first) % 41);
            DB::statement(
                'INSERT INTO tasks (system_id, task_type_id, every_days, last_done_on, earliest_on, due_on, latest_on, '.
                "created_at, updated_at) SELECT {$id}, task_type_id, every_days, last_done_on, earliest_on, due_on, latest_on, ".
                "created_at, updated_at FROM tasks WHERE system_id = {$like}",
            );
            DB::statement(
                "INSERT INTO exposure_worst (system_id, night, `rank`) SELECT {$id}, night, `rank` FROM exposure_worst WHERE ".
                "system_id = {$like}",
            );
        }
        DB::statement(
            'INSERT INTO visits (site_id, minutes, state, earliest_on, due_on, latest_on, skills, created_at, updated_at) '.
            "SELECT id, 60, 'open', CURDATE(), CURDATE(), CURDATE() + INTERVAL 9 DAY, '[]', NOW(), NOW() FROM sites WHERE id ".
            'NOT IN (SELECT site_id FROM visits)',
        );
    }

    /** @return array<string, int> */
    private function queries(): array
    {
        $planner = User::query()->where('role', 'planner')->firstOrFail();
        $system = System::query()->orderBy('id')->firstOrFail();
        $system->standingNotes()->create(['text' => 'Left as it is on purpose.', 'user_id' => $planner->id]);
        Fixture::plan($system->site()->firstOrFail(), $planner)->update(['room_id' => $system->room_id]);
        $visit = Visit::query()->where('state', Visit::PLANNED)->orderBy('id')->firstOrFail();
        $today = Days::today()->toDateString();
        // One that waits for a place, so that the board has the same to show at every size.
        $waits = Visit::query()->create([
            'site_id' => $visit->site_id,
            'minutes' => 30,
            'state' => Visit::OPEN,
            'earliest_on' => $today,
            'due_on' => $today,
            'latest_on' => $today,
            'skills' => [],
        ]);
        $waits
            ->tasks()
            ->create([
                'system_id' => $system->id,
                'task_type_id' => DB::table('task_types')->min('id'),
                'minutes' => 5,
                'steps' => [],
            ]);
        $pages = [
            '/',
            '/risk',
            "/systems/{$system->id}/risk",
            "/systems/{$system->id}/tasks",
            '/rounds',
            '/rounds/due',
            '/water',
            "/visits/{$visit->id}",
            '/reports',
            '/reports/'.Report::query()->min('id'),
            '/systems',
            '/places',
            '/plans',
            "/systems/{$system->id}",
            "/systems/{$system->id}/readings",
            "/systems/{$system->id}/register",
            "/systems/{$system->id}/log",
            "/sites/{$system->site_id}",
            "/sites/{$system->site_id}/systems",
            '/plans/'.DB::table('plans')->min('id'),
            '/plan-versions/'.DB::table('plan_versions')->min('id'),
            '/go?q=e',
        ];
        $counts = [];
        foreach ($pages as $page) {
            app()->forgetScopedInstances();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->actingAs($planner)->get($page)->assertOk();
            $counts[(string) preg_replace('/\d+/', 'N', $page)] = count(DB::getQueryLog());
            DB::disableQueryLog();
        }

        return $counts;
    }
}
