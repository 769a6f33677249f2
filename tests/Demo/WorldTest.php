<?php

declare(strict_types=1);

namespace Tests\Demo;

use App\Demo\Stories;
use App\Demo\World;
use App\House\RuleBook;
use App\Systems\Judge;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\SystemFindings;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Measure\Finding;

/** The stories of the demo world hold, and the pages ask the database the same number of questions whatever its size. */
final class WorldTest extends TestCase
{
    #[Test]
    public function the_stories_of_this_week_hold(): void
    {
        World::make(40, 1, fn (): null => null);
        self::assertSame(41, System::query()->count(), 'forty, and the one opened from the accepted plan');
        self::assertSame(26, DB::table('sites')->count());
        self::assertGreaterThan(420, now()->diffInDays(DB::table('readings')->min('taken_at'), true));

        $window = System::query()->where('name', 'Window reef')->sole();
        $spill = SystemFindings::answers($window->load('vessels'))->figure('downL')?->quantity?->value - SystemFindings::answers($window)->figure('spareL')?->quantity?->value;
        self::assertEqualsWithDelta(Stories::SPILL_L, $spill, 1e-6, 'the drain-down fails by 12 litres');

        $wall = System::query()->where('name', 'Long wall')->sole();
        $alk = $wall->judgements()->where('parameter', 'alkalinity')->sole();
        self::assertFalse($alk->standing->outside());
        self::assertLessThan(14, now()->diffInDays($alk->leaves_at));
        self::assertGreaterThanOrEqual(5, StoredJudgement::query()->whereNotNull('leaves_at')->where('leaves_at', '<', now()->addDays(21))->count());

        $living = System::query()->where('name', 'Living room')->sole();
        self::assertNotEmpty(array_filter(SystemFindings::ages($living->load('items')), fn (Finding $f): bool => str_contains($f->what->template, 'ages out')));

        $stops = System::query()->with('vessels')->get()->filter(fn (System $s): bool => SystemFindings::answers($s)->stops() !== [])->pluck('name')->all();
        self::assertSame(['Window reef'], $stops, 'the town is otherwise built soundly');
    }

    #[Test]
    public function a_world_is_made_where_the_demo_is_on_and_nowhere_else(): void
    {
        config()->set('velbrin.demo', false);
        $this->artisan('velbrin:world', ['--fresh' => true])->assertFailed();
        config()->set('velbrin.demo', true);
        DB::table('demo_worlds')->insert(['systems' => 40, 'seed' => 1, 'finished_at' => now()->subDays(30)]);
        $this->artisan('velbrin:world')->expectsOutputToContain('There is a world already')->assertFailed();
        $this->artisan('velbrin:world', ['--once' => true])->expectsOutputToContain('30 days old')->assertSuccessful();
    }

    #[Test]
    public function bulk_judgements_are_the_ones_the_application_writes(): void
    {
        World::make(3, 7, fn (): null => null);
        $system = System::query()->with('bands')->orderBy('id')->firstOrFail();
        foreach ($system->judgements()->get() as $before) {
            Judge::again($system, $before->parameter);
            $after = $system->judgements()->where('parameter', $before->parameter->key())->sole();
            self::assertEqualsWithDelta($before->slope_per_day, $after->slope_per_day, 1e-6);
            self::assertSame($before->standing, $after->standing);
        }
    }

    #[Test]
    public function pages_ask_the_same_number_of_questions_at_every_size_and_never_more_than_twenty(): void
    {
        World::make(40, 1, fn (): null => null);
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
    public function every_rule_a_finding_quotes_has_its_page(): void
    {
        $quoted = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('core/src'), RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
            preg_match_all("/(?:Severity::\\w+|ruleOfStop|\\?)[^\n]{0,40}'([A-Z]-\\d+)'/", (string) file_get_contents((string) $file), $m);
            array_push($quoted, ...$m[1]);
        }
        $quoted = array_unique($quoted);
        self::assertContains('B-32', $quoted);
        self::assertContains('K-2', $quoted);
        self::assertSame([], array_values(array_diff($quoted, array_keys(RuleBook::all()))));
    }

    /** Copies the town's clients, places and systems until that many systems stand; quick, since no history is copied. */
    private function grow(int $systems): void
    {
        $town = array_map(fn (string $t): int => (int) DB::table($t)->min('id'), ['clients' => 'clients', 'sites' => 'sites', 'systems' => 'systems']);
        $count = ['clients' => 26, 'sites' => 26, 'systems' => 41];
        while (System::query()->count() < $systems) {
            $by = array_map(fn (string $t): int => (int) DB::table($t)->max('id') - $town[$t] + 1, ['clients' => 'clients', 'sites' => 'sites', 'systems' => 'systems']);
            $of = fn (string $t, string $column = 'id'): string => "{$column} BETWEEN {$town[$t]} AND ".($town[$t] + $count[$t] - 1);
            DB::statement("INSERT INTO clients (id, name, created_at, updated_at) SELECT id + {$by['clients']}, CONCAT(name, ' {$by['clients']}'), created_at, updated_at FROM clients WHERE {$of('clients')}");
            DB::statement("INSERT INTO sites (id, client_id, name, timezone, created_at, updated_at) SELECT id + {$by['sites']}, client_id + {$by['clients']}, name, timezone, created_at, updated_at FROM sites WHERE {$of('sites')}");
            DB::statement("INSERT INTO systems (id, site_id, name, kind, regime, started_precision, facts, bases, chambers, true_volume_l, first_leaves_at, created_at, updated_at) SELECT id + {$by['systems']}, site_id + {$by['sites']}, name, kind, regime, started_precision, facts, bases, chambers, true_volume_l, first_leaves_at, created_at, updated_at FROM systems WHERE {$of('systems')}");
            DB::statement("INSERT INTO judgements (system_id, parameter, latest, latest_at, standing, count, steady, leaves_at, judged_at) SELECT system_id + {$by['systems']}, parameter, latest, latest_at, standing, count, steady, leaves_at, judged_at FROM judgements WHERE {$of('systems', 'system_id')}");
        }
        self::assertGreaterThanOrEqual($systems, System::query()->count());
    }

    /** @return array<string, int> */
    private function queries(): array
    {
        $planner = User::query()->where('role', 'planner')->firstOrFail();
        $system = System::query()->orderBy('id')->firstOrFail();
        $system->standingNotes()->create(['text' => 'Left as it is on purpose.', 'user_id' => $planner->id]);
        Fixture::plan($system->site()->firstOrFail(), $planner)->update(['room_id' => $system->room_id]);
        $pages = ['/systems', '/places', '/plans', "/systems/{$system->id}", "/systems/{$system->id}/readings", "/systems/{$system->id}/register", "/systems/{$system->id}/log", "/sites/{$system->site_id}", "/sites/{$system->site_id}/systems", '/plans/'.DB::table('plans')->min('id'), '/plan-versions/'.DB::table('plan_versions')->min('id'), '/go?q=e'];
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
