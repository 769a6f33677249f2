<?php

// bench.php pages URL WORLD OUT: times the main pages. bench.php week OUT: plans next week from nothing, in the environment's database.
// bench.php report DIR: the tables, with the core and the bundle.

declare(strict_types=1);

const LARGE = 'Large plan, recomputed while typing';
const ROUNDS = 30;
/** Passes over all pages, apart in time: a page's p95 is the middle one of them, the worst stands beside it. */
const PASSES = 3;

/** @return array{code: int, ms: float, head: array<string, string>, body: string} */
function call(string $url, string $jar, array $options = []): array
{
    $curl = curl_init();
    $head = [];
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar, CURLOPT_ENCODING => 'gzip',
        CURLOPT_HEADERFUNCTION => function ($c, string $line) use (&$head): int {
            [$name, $value] = array_pad(explode(':', $line, 2), 2, '');
            $head[strtolower(trim($name))] = trim($value);

            return strlen($line);
        }] + $options);
    $body = (string) curl_exec($curl);

    $answer = ['code' => curl_getinfo($curl, CURLINFO_RESPONSE_CODE), 'ms' => 1000 * curl_getinfo($curl, CURLINFO_STARTTRANSFER_TIME), 'head' => $head, 'body' => $body];
    // The jar is written when the handle goes.
    unset($curl);

    return $answer;
}

function token(string $jar): string
{
    return preg_match('/XSRF-TOKEN\t(\S+)/', (string) file_get_contents($jar), $m) === 1 ? urldecode($m[1]) : '';
}

function percentile(array $values, float $share): float
{
    sort($values);

    return $values[(int) floor($share * (count($values) - 1))];
}

/**
 * @param  list<list<float>>  $passes
 * @return array{p50: float, p95: float, worst: float}
 */
function spread(array $passes): array
{
    $each = array_map(fn (array $times): float => percentile($times, 0.95), $passes);

    return ['p50' => percentile(array_merge(...$passes), 0.5), 'p95' => percentile($each, 0.5), 'worst' => max($each)];
}

/** The machine itself: a fixed sum of some 50 ms, over and over, so that a reader can tell its noise from ours. */
function machine(): array
{
    $times = [];
    for ($i = 0; $i < 200; $i++) {
        $from = hrtime(true);
        for ($x = $k = 0; $k < 1_500_000; $k++) {
            $x += $k % 7;
        }
        $times[] = (hrtime(true) - $from) / 1e6;
    }

    return ['p50' => percentile($times, 0.5), 'p95' => percentile($times, 0.95)];
}

function pages(string $base, string $world, string $out): void
{
    $jar = tempnam(sys_get_temp_dir(), 'jar');
    $cold = call("{$base}/sign-in", $jar)['ms'];
    call("{$base}/sign-in", $jar, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode(['email' => 'teodor@merrowick.example', 'password' => 'tide-and-lantern']), CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'X-XSRF-TOKEN: '.token($jar)]]);
    $paths = ['Fleet' => '/systems', 'Section' => '/systems/1', 'Readings' => '/systems/1/readings', 'Register' => '/systems/1/register', 'Places' => '/places', 'Place' => '/sites/1', 'Side by side' => '/sites/1/systems', 'Plans' => '/plans', 'Plan' => '/plans/2', 'Version' => '/plan-versions/3', 'Type-to-go' => '/go?q=wall',
        'Today' => '/', 'Hours in hand, the fleet' => '/risk', 'Hours in hand, a system' => '/systems/1/risk', 'Tasks of a system' => '/systems/1/tasks', 'Board' => '/rounds', 'Due list' => '/rounds/due', 'Water day' => '/water', 'Visit' => '/visits/'.plannedVisit($base, $jar), 'Reports' => '/reports',
        'A year, the fleet' => '/risk/year', 'One thing gone' => '/systems/1/risk/single', 'What to do first' => '/systems/1/risk/measures', 'Storm' => '/risk/storm', 'Stores' => '/stores', 'Control' => '/control', 'A controller' => '/control/2', 'Moves' => '/moves', 'A move' => '/moves/1', 'Plan of a move' => '/moves/1/plan', 'Ready for it' => '/sites/1/ready', 'Incidents' => '/incidents'];
    $result = ['world' => $world, 'cold' => $cold, 'machine' => machine(), 'pages' => []];
    $first = $times = $counts = $last = [];
    foreach ($paths as $name => $path) {
        $first[$name] = call($base.$path, $jar);
        if ($first[$name]['code'] !== 200) {
            fwrite(STDERR, "{$path} answered {$first[$name]['code']}\n");
            exit(1);
        }
    }
    // All pages in turn, so that a stall of the machine falls on all alike and not on the page that happens to be measured.
    for ($i = 0; $i < PASSES * ROUNDS; $i++) {
        foreach ($paths as $name => $path) {
            $last[$name] = call($base.$path, $jar);
            $times[$name][intdiv($i, ROUNDS)][] = $last[$name]['ms'];
            $counts[$name][] = array_map(intval(...), explode(',', $last[$name]['head']['x-bench'] ?? '0,0'));
        }
    }
    foreach (array_keys($paths) as $name) {
        // Once in a few hundred requests old sessions are swept; the page's own count is the smallest.
        $result['pages'][$name] = ['first' => $first[$name]['ms'], ...spread($times[$name]), 'queries' => min(array_column($counts[$name], 0)), 'bytes' => strlen($last[$name]['body']), 'memory' => min(array_column($counts[$name], 1))];
    }
    $result['pages']['Plan, recomputed while typing'] = draft($base, $jar, false);
    $result['pages'][LARGE] = draft($base, $jar, true);
    file_put_contents($out, json_encode($result));
    unlink($jar);
}

/** The first planned visit on the boards of this week and the next. */
function plannedVisit(string $base, string $jar): string
{
    foreach (['now', '+7 days'] as $when) {
        $board = html_entity_decode(call("{$base}/rounds?week=".date('Y-m-d', (int) strtotime($when)), $jar)['body']);
        if (preg_match('/"id":(\d+),"place":[^{}]*"state":"planned"/', $board, $m) === 1) {
            return $m[1];
        }
    }
    fwrite(STDERR, "no visit is planned\n");
    exit(1);
}

/** Every visit of the week taken off and planned anew; nothing of it is kept. */
function week(string $out): void
{
    $root = dirname(__DIR__, 2);
    require "{$root}/vendor/autoload.php";
    $app = require "{$root}/bootstrap/app.php";
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
    $monday = App\House\Days::monday()->addWeek();
    Illuminate\Support\Facades\DB::beginTransaction();
    Illuminate\Support\Facades\DB::table('visits')->where('state', 'planned')->update(['state' => 'open', 'crew_id' => null, 'planned_on' => null, 'starts_at' => null]);
    memory_reset_peak_usage();
    $from = hrtime(true);
    activity()->withoutLogs(function () use (&$placed, &$left, $monday): void {
        $proposal = (new App\Rounds\Planning())->propose($monday);
        [$placed, $left] = [$proposal->placed, $proposal->left];
    });
    $seconds = (hrtime(true) - $from) / 1e9;
    Illuminate\Support\Facades\DB::rollBack();
    $result = json_decode((string) file_get_contents($out), true);
    file_put_contents($out, json_encode([...$result, 'week' => ['seconds' => $seconds, 'memory' => memory_get_peak_usage(), 'placed' => $placed, 'left' => $left]]));
}

/** A plan as it stands, or with four vessels, forty devices, twelve lamps and eight holes on it. */
function draft(string $base, string $jar, bool $large): array
{
    $page = html_entity_decode(call("{$base}/plans/2", $jar)['body']);
    preg_match('/"version":"([^"]*)"/', $page, $v);
    preg_match('/"revision":(\d+)/', $page, $r);
    preg_match('/"draft":(\{"values":\{.*?\}),"crumbs":/', $page, $d);
    $sent = json_decode($d[1], true);
    $draft = ['values' => $sent['values'], 'bases' => $sent['bases']] + $sent['tables'];
    if ($large) {
        $draft = [...$draft, ...require __DIR__.'/large-plan.php'];
    }
    $times = [];
    $revision = (int) $r[1];
    for ($i = 0; $i < PASSES * ROUNDS; $i++) {
        $draft['values']['rockKg'] = 100 + $i;
        $answer = call("{$base}/plans/2/draft", $jar, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode(['revision' => $revision] + $draft), CURLOPT_HTTPHEADER => [
            'Content-Type: application/json', 'X-XSRF-TOKEN: '.token($jar), 'X-Inertia: true', "X-Inertia-Version: {$v[1]}", 'X-Inertia-Partial-Component: build/Plan', 'X-Inertia-Partial-Data: live', 'X-Requested-With: XMLHttpRequest',
        ]]);
        $live = json_decode($answer['body'], true)['props']['live'] ?? null;
        if ($live === null || $live['conflict']) {
            fwrite(STDERR, "the draft was not taken: {$answer['code']}\n");
            exit(1);
        }
        $revision = $live['revision'];
        $times[intdiv($i, ROUNDS)][] = $answer['ms'];
    }
    [$queries, $memory] = explode(',', $answer['head']['x-bench'] ?? '0,0');

    return ['first' => $times[0][0], ...spread($times), 'queries' => (int) $queries, 'bytes' => strlen($answer['body']), 'memory' => (int) $memory];
}

function report(string $dir): void
{
    $worlds = array_map(fn (string $w): array => json_decode((string) file_get_contents("{$dir}/result-{$w}.json"), true), ['40', '500', '2000']);
    $cpu = preg_match('/model name\s*:\s*(.+)/', (string) @file_get_contents('/proc/cpuinfo'), $m) === 1 ? $m[1] : 'unknown processor';
    $ram = preg_match('/MemTotal:\s*(\d+)/', (string) @file_get_contents('/proc/meminfo'), $m) === 1 ? round($m[1] / 1048576) : '?';
    echo "# Performance\n\nMeasured by `bin/bench` on ".date('j F Y').': '.trim((string) shell_exec('nproc'))." cores ({$cpu}), {$ram} GiB, Debian ".trim((string) @file_get_contents('/etc/debian_version')).', PHP '.PHP_VERSION.", nginx and php-fpm with four workers, MariaDB, all on one machine over loopback.\nMilliseconds to the first byte; ".PASSES.' × '.ROUNDS.' calls a page, all pages in turn, as a planner; the two plans in a row. The p95 is the middle one of '.PASSES." passes, the worst beside it. Query counts include session and sign-in.\n\n";
    foreach ($worlds as $w) {
        echo "## {$w['world']} systems\n\nFirst request after the start (cold): ".round($w['cold']).' ms. The machine alone, a fixed sum over and over just before: p50 '.round($w['machine']['p50']).', p95 '.round($w['machine']['p95'])." ms.\n\n| page | first | p50 | p95 | worst pass | queries | bytes | peak memory |\n|---|---:|---:|---:|---:|---:|---:|---:|\n";
        foreach ($w['pages'] as $name => $p) {
            printf("| %s | %.0f | %.0f | %.0f | %.0f | %d | %s | %.0f MiB |\n", $name, $p['first'], $p['p50'], $p['p95'], $p['worst'], $p['queries'], number_format($p['bytes'], 0, '.', ' '), $p['memory'] / 1048576);
        }
        echo "\n";
    }
    echo "## Requirements\n\n| what | limit | measured |\n|---|---|---|\n";
    $worst = max(array_map(fn (array $p): float => $p['p95'], array_diff_key($worlds[1]['pages'], [LARGE => 0])));
    printf("| slowest page at 500 systems, p95 | 120 ms | %.0f ms |\n", $worst);
    $four = fn (array $w): string => implode(', ', array_map(fn (string $p): string => lcfirst($p).' '.round($w['pages'][$p]['p95']).' ms', ['Board', 'Due list', 'Water day', 'Visit']));
    printf("| board, due list, water day, visit, each p95 at 500 | 120 ms | %s |\n| the same at 2 000 | 120 ms | %s |\n", $four($worlds[1]), $four($worlds[2]));
    printf("| most queries of a page | 20 | %d |\n", max(array_map(fn (array $p): int => $p['queries'], $worlds[2]['pages'])));
    $ratio = [];
    foreach ($worlds[2]['pages'] as $name => $p) {
        $ratio[$name] = $p['p95'] - (1.25 * $worlds[0]['pages'][$name]['p95'] + 10);
    }
    arsort($ratio);
    printf("| p95 at 2 000 against 1.25 × p95 at 40 + 10 ms, the nearest page (%s) | ≤ 0 ms over | %+.0f ms |\n", array_key_first($ratio), reset($ratio));
    printf("| plan recomputed while typing, p95 at 500 | 150 ms | %.0f ms |\n", $worlds[1]['pages']['Plan, recomputed while typing']['p95']);
    printf("| large plan (4 further vessels, 40 devices, 12 lamps at 5 depths of 60 × 30 points, 8 holes, outlets and joints) recomputed, p50 and peak memory | 150 ms, 64 MiB | %.0f ms, %.0f MiB |\n", $worlds[1]['pages'][LARGE]['p50'], $worlds[1]['pages'][LARGE]['memory'] / 1048576);
    foreach ([[0, 1, '–'], [1, 10, '128 MiB'], [2, null, '–']] as [$n, $limit, $memory]) {
        $w = $worlds[$n]['week'];
        printf("| a week of %s systems planned from nothing: %d visits placed, %d without a place | %s, %s | %.2f s, %.0f MiB |\n", $worlds[$n]['world'], $w['placed'], $w['left'], $limit === null ? '–' : "{$limit} s", $memory, $w['seconds'], $w['memory'] / 1048576);
    }
    echo '| `ask` whole call, median of 15 | 120 ms | '.askStart()." ms |\n| `ask --batch`, simple questions a second | 20 000 | ".number_format(askBatch(), 0, '.', ' ')." |\n";
    echo clones($dir);
    [$js, $chart, $visit] = bundle();
    printf("| first-load JavaScript of the plan page, gzip | 220 kB | %.0f kB (charts, loaded when looked at: %.0f kB) |\n", $js, $chart);
    printf("| the visit page’s own JavaScript beyond the shared, gzip | 120 kB | %.0f kB |\n", $visit);
}

/** Seconds of the two commands in a fresh clone, when they were timed. */
function clones(string $dir): string
{
    $file = "{$dir}/result-clone.json";
    if (! is_file($file)) {
        return '';
    }
    $c = json_decode((string) file_get_contents($file), true);

    return "| `bin/start` in a fresh clone, Debian packages present | – | {$c['start']} s |\n| `bin/start` again | 10 s | {$c['again']} s |\n| `bin/test` in a fresh clone | 720 s | {$c['test']} s |\n";
}

function askStart(): int
{
    $times = [];
    for ($i = 0; $i < 15; $i++) {
        $from = hrtime(true);
        shell_exec('echo \'{"flowLh":4000,"lengthMm":300}\' | '.escapeshellarg(dirname(__DIR__).'/velbrin').' ask weir-head');
        $times[] = (hrtime(true) - $from) / 1e6;
    }

    return (int) round(percentile($times, 0.5));
}

function askBatch(): int
{
    $file = (string) tempnam(sys_get_temp_dir(), 'batch');
    file_put_contents($file, str_repeat('{"question":"seawater","input":{"salinity":35,"tempC":25}}'."\n", 100000));
    $from = hrtime(true);
    $lines = (int) shell_exec(escapeshellarg(dirname(__DIR__).'/velbrin').' ask --batch < '.escapeshellarg($file).' | wc -l');
    $seconds = (hrtime(true) - $from) / 1e9;
    unlink($file);

    return $lines === 100000 ? (int) ($lines / $seconds) : 0;
}

/** @return array{0: float, 1: float, 2: float} kB of everything the plan page loads at first, of the chart, and of the visit page beyond the shared */
function bundle(): array
{
    $root = dirname(__DIR__, 2).'/public/build';
    $manifest = json_decode((string) file_get_contents("{$root}/manifest.json"), true);
    $seen = [];
    $walk = function (string $key) use (&$walk, &$seen, $manifest): void {
        if (isset($seen[$key])) {
            return;
        }
        $seen[$key] = $manifest[$key]['file'];
        foreach ($manifest[$key]['imports'] ?? [] as $import) {
            $walk($import);
        }
    };
    $walk('resources/js/app.ts');
    $shared = $seen;
    $walk('resources/js/rounds/Visit.vue');
    $visit = array_diff_key($seen, $shared);
    $seen = $shared;
    $walk('resources/js/build/Plan.vue');
    $size = fn (string $file): float => strlen((string) gzencode((string) file_get_contents("{$root}/{$file}"), 6)) / 1000;

    return [array_sum(array_map($size, $seen)), $size($manifest['resources/js/shared/TrendChart.vue']['file']), array_sum(array_map($size, $visit))];
}

match ($argv[1] ?? '') {
    'pages' => pages($argv[2], $argv[3], $argv[4]),
    'week' => week($argv[2]),
    'report' => report($argv[2]),
    default => exit(64),
};
