<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use App\House\Console\CheckSchema;
use App\House\Schema;
use App\Team\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Router;
use PHPUnit\Framework\Attributes\Test;
use stdClass;
use Tests\TestCase;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Measure\Severity;

/** What an older Velbrin kept is brought up to date, all of it; what cannot be is refused and left as it is. */
final class UpgradeTest extends TestCase
{
    /** The layout every later one is built on: these files are never edited again. */
    private const FROZEN = '2026_11_25_';

    private const FROZEN_SUMS = [
        '2026_11_25_000100_team' => '5bcd1d9e9f5f9430',
        '2026_11_25_000200_clients' => '7369aa5189af74b8',
        '2026_11_25_000400_build' => 'db1e3770660c0023',
        '2026_11_25_000500_systems' => 'c2f3736059264891',
        '2026_11_25_000600_rounds' => '24889778b4d2b63d',
        '2026_11_25_000700_tokens' => 'c54783bb707961d4',
    ];

    protected function tearDown(): void
    {
        config()->set('database.default', 'mariadb');
        foreach (['velbrin_upgrade', 'velbrin_steps'] as $name) {
            DB::connection('mariadb')->statement("DROP DATABASE IF EXISTS {$name}");
        }
        parent::tearDown();
    }

    /** Points at rows of several tables: a kind beside it says which. */
    private const OF_SEVERAL = [
        'feeds.subject_id',
        'attachments.subject_id',
        'activity_log.subject_id',
        'activity_log.causer_id',
        'personal_access_tokens.tokenable_id',
    ];

    #[Test]
    public function whatever_names_a_row_of_another_table_is_held_by_the_database(): void
    {
        $loose = DB::select(
            'select concat(c.table_name, \'.\', c.column_name) as name from information_schema.columns c '.
            'left join information_schema.key_column_usage k on k.table_schema = c.table_schema and k.table_name = c.table_name '.
            'and k.column_name = c.column_name and k.referenced_table_name is not null '.
            'where c.table_schema = database() and c.data_type = \'bigint\' and k.column_name is null '.
            'and (c.column_name like \'%\\_id\' or c.column_name like \'%\\_by\')',
        );
        $names = array_map(fn (stdClass $row): string => (string) $row->name, $loose);
        self::assertEqualsCanonicalizing(self::OF_SEVERAL, $names);
    }

    #[Test]
    public function the_baseline_is_frozen_and_each_later_change_is_a_migration_with_its_word(): void
    {
        $sums = [];
        foreach (glob(database_path('migrations/'.self::FROZEN.'*.php')) ?: [] as $path) {
            $sums[basename($path, '.php')] = substr((string) hash_file('sha256', $path), 0, 16);
        }
        self::assertSame(
            self::FROZEN_SUMS,
            $sums,
            'a layout that stands in other people’s databases is not edited: write a migration',
        );
        $this->on('velbrin_steps');
        $prints = CheckSchema::each(
            fn (string $file): int => Artisan::call('migrate', [
                '--path' => "database/migrations/{$file}.php",
                '--force' => true,
            ]),
        );
        self::assertSame(Schema::known(), $prints, 'run velbrin:schema write on an empty database');
    }

    #[Test]
    public function a_world_of_the_baseline_is_upgraded_and_every_page_of_every_role_opens(): void
    {
        $this->on('velbrin_upgrade');
        $this->import();
        self::assertNull(Schema::against());
        $waived = $this->waive();
        $before = $this->counts();
        self::assertGreaterThan(20, count($before));
        Artisan::call('migrate', ['--force' => true]);
        self::assertSame([], array_diff_assoc($before, $this->counts()), 'every row is there');
        self::assertNull(Schema::against());

        // What it held says the same as before, in the new words.
        self::assertSame(
            0,
            DB::table('follow_ups')->where('kind', 'check-back')->where('on_site', false)->count(),
            'a look needs somebody there',
        );
        self::assertSame(
            0,
            DB::table('visits')->where('state', 'closed')->whereNull('planned_min')->count(),
            'estimates go on learning from what was',
        );
        self::assertSame(0, DB::table('tasks')->whereNull('every_days')->count());
        Artisan::call('velbrin:keep-answers');
        self::assertSame(
            [],
            DB::table('waivers')->where('finding_key', 'regexp', ':[0-9a-f]{8}$')->pluck('finding_key')->all(),
            'every waiver found its Stop, and knows it by name',
        );
        self::assertSame($waived, DB::table('waivers')->pluck('finding_key')->all());
        $accepted = DB::table('plan_versions')->whereNotNull('accepted_at')->orderBy('id')->pluck('id')->all();
        self::assertNotSame([], $accepted);
        self::assertSame(
            $accepted,
            DB::table('kept_answers')->where('how', 'recomputed')->orderBy('plan_version_id')->pluck('plan_version_id')->all(),
            'each accepted version has its whole answer, marked as computed afterwards',
        );
        self::assertGreaterThan(0, DB::table('alarms')->count());
        config()->set('mail.default', 'catcher');
        foreach (['owner', 'planner', 'technician', 'client'] as $role) {
            $user = User::query()->where('role', $role)->orderBy('id')->firstOrFail();
            foreach ($this->pages() as $path) {
                app()->forgetScopedInstances();
                $status = $this->actingAs($user)->get($path)->getStatusCode();
                self::assertContains($status, [200, 302, 403], "{$role} at {$path}");
                self::assertTrue($role !== 'owner' || $status !== 403, "owner at {$path}");
            }
        }
        Artisan::call('velbrin:schema');
        self::assertStringNotContainsString('laid out', Artisan::output());
    }

    #[Test]
    public function a_database_that_cannot_be_upgraded_is_refused_in_a_sentence_and_left_as_it_is(): void
    {
        $this->on('velbrin_upgrade');
        self::assertNull(Schema::against(), 'an empty one is begun');
        $this->import();
        // Before the baseline: the same names of migrations, a table less.
        DB::statement('ALTER TABLE sites DROP COLUMN enquiry');
        $print = Schema::fingerprint();
        self::assertStringContainsString('before databases could be upgraded', (string) Schema::against());
        self::assertSame(1, Artisan::call('velbrin:schema'));
        self::assertSame($print, Schema::fingerprint());
        DB::statement('ALTER TABLE sites ADD COLUMN enquiry LONGTEXT NULL');
        DB::table('migrations')->where('migration', '2026_11_25_000400_build')->delete();
        self::assertStringContainsString('only in part', (string) Schema::against());
        DB::table('migrations')->insert(['migration' => '2099_01_01_000000_tomorrow', 'batch' => 9]);
        self::assertStringContainsString('newer Velbrin', (string) Schema::against());
        DB::table('migrations')->delete();
        self::assertStringContainsString('not Velbrin’s', (string) Schema::against());
    }

    private function on(string $database): void
    {
        DB::connection('mariadb')->statement("DROP DATABASE IF EXISTS {$database}");
        DB::connection('mariadb')->statement(
            "CREATE DATABASE {$database} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci",
        );
        config()->set("database.connections.{$database}", [
            ...config()->array('database.connections.mariadb'),
            'database' => $database,
        ]);
        config()->set('database.default', $database);
        config()->set('velbrin.trail_database', 'trail_velbrin_test');
        DB::purge($database);
    }

    /** A world of the baseline: a line break inside a value stands escaped in the dump, so each statement ends its line. */
    private function import(): void
    {
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        foreach (
            explode(";\n", (string) gzdecode((string) file_get_contents(__DIR__.'/baseline-0.2.0.sql.gz'))) as $statement
        ) {
            if (preg_match('/^(DROP|CREATE|INSERT)/', ltrim($statement)) === 1) {
                DB::unprepared($statement);
            }
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
    }

    /** @return array<string, int> rows by table */
    private function counts(): array
    {
        $counts = [];
        foreach (DB::getSchemaBuilder()->getTables(DB::connection()->getDatabaseName()) as $table) {
            if ($table['name'] !== 'migrations') {
                $counts[$table['name']] = DB::table($table['name'])->count();
            }
        }

        return $counts;
    }

    /** @return list<string> every page that can be looked at, with the first record of each kind */
    private function pages(): array
    {
        $ids = [
            'system' => 'systems',
            'site' => 'sites',
            'client' => 'clients',
            'plan' => 'plans',
            'version' => 'plan_versions',
            'visit' => 'visits',
            'report' => 'reports',
            'taskType' => 'task_types',
            'product' => 'products',
        ];
        $pages = [];
        foreach (Router::getRoutes()->getRoutes() as $route) {
            /** @var Route $route */
            $uri = $route->uri();
            $isPage =
                in_array('GET', $route->methods(), true) &&
                str_contains(implode(' ', $route->gatherMiddleware()), 'auth') &&
                ! str_starts_with($uri, 'api/') &&
                ! str_ends_with($uri, '.pdf') &&
                ! str_ends_with($uri, '/photo');
            if (! $isPage) {
                continue;
            }
            $path = preg_replace_callback(
                '/\{(\w+)\??\}/',
                fn (array $m): string => isset($ids[$m[1]]) ? (string) DB::table($ids[$m[1]])->min('id') : '{}',
                $uri,
            );
            if ($path !== null && ! str_contains($path, '{}')) {
                $pages[] = '/'.$path;
            }
        }
        self::assertGreaterThan(30, count($pages));

        return $pages;
    }

    /**
     * A Stop of a stored version is waived as it was done then: by a digest of its words.
     *
     * @return list<string> the names these Stops have today
     */
    private function waive(): array
    {
        foreach (DB::table('plan_versions')->orderBy('id')->get(['id', 'brief', 'user_id']) as $version) {
            $brief = json_decode((string) $version->brief, true);
            foreach (Plan::findings(PlanBrief::read(is_array($brief) ? $brief : [])) as $finding) {
                if ($finding->severity === Severity::Stop) {
                    DB::table('waivers')->insert([
                        'plan_version_id' => $version->id,
                        'finding_key' => $finding->voice(),
                        'rule' => $finding->rule,
                        'what' => 'as it was said then',
                        'kind' => 'reason',
                        'reason' => 'the client knows',
                        'signed_by' => 'A. Client',
                        'signed_on' => '2026-11-01',
                        'user_id' => $version->user_id,
                    ]);

                    return [$finding->key()];
                }
            }
        }
        self::fail('no stored version has a Stop');
    }
}
