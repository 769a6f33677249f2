<?php

declare(strict_types=1);

// Plants each fault of a list into a copy, runs its tests there, and counts what they let through.
// Usage: php mutate.php core|app DIR WORKERS [WORDS]. Ends with 1 when more than one in ten survives.

use Symfony\Component\Process\Process;

const ROOT = __DIR__.'/../..';
const SURVIVE_AT_MOST = 0.1;
const LONGEST_S = 300.0;

require ROOT.'/vendor/autoload.php';

[, $what, $dir, $workers] = $argv;
$words = $argv[4] ?? '';
$list = $what === 'core' ? ROOT.'/core/mutants.php' : ROOT.'/tests/mutants.php';

/** @var list<array{name: string, file: string, from: string, to: string, tests: string}> $mutants */
$mutants = array_values(array_filter(require $list, fn (array $m): bool => $words === '' || str_contains($m['name'], $words)));
if ($mutants === []) {
    exit("No fault of that name.\n");
}

/** @param  array{name: string, file: string, from: string, to: string, tests: string}  $mutant */
function plant(string $copy, array $mutant): string
{
    $path = "{$copy}/{$mutant['file']}";
    $sound = (string) file_get_contents($path);
    if (substr_count($sound, $mutant['from']) !== 1) {
        throw new RuntimeException("“{$mutant['name']}”: its place is not found once in {$mutant['file']}");
    }
    file_put_contents($path, str_replace($mutant['from'], $mutant['to'], $sound));

    return $sound;
}

function tests(string $what, string $dir, int $n, string $filter): Process
{
    // One after another, ended by the first that notices.
    $config = $what === 'core' ? 'phpunit-core.xml' : 'phpunit.xml';
    $tests = str_contains($filter, '/') ? [$filter] : ['--filter', $filter];
    $process = new Process(
        ['vendor/bin/phpunit', '-c', $config, '--stop-on-defect', '--no-progress', '--do-not-cache-result', '--exclude-group', 'beside', ...$tests],
        "{$dir}/copy{$n}",
        ['DB_DATABASE' => "velbrin_test_mutate_{$n}", 'LARAVEL_STORAGE_PATH' => "{$dir}/storage{$n}"],
    );
    $process->setTimeout(LONGEST_S);
    $process->start();

    return $process;
}

// A test that fails without any fault would call every fault noticed.
foreach (array_unique(array_column($mutants, 'tests')) as $filter) {
    $sound = tests($what, $dir, 1, $filter);
    $sound->wait();
    if ($sound->getExitCode() !== 0) {
        echo $sound->getOutput(), $sound->getErrorOutput();
        throw new RuntimeException("Without any fault these tests do not hold: {$filter}");
    }
}

/** @var array<int, array{mutant: array{name: string, file: string, from: string, to: string, tests: string}, sound: string, process: Process}> $busy */
$busy = [];
$survived = [];
$done = 0;
$queue = $mutants;
while ($queue !== [] || $busy !== []) {
    for ($n = 1; $n <= (int) $workers; $n++) {
        if (! isset($busy[$n]) && $queue !== []) {
            $mutant = array_shift($queue);
            $sound = plant("{$dir}/copy{$n}", $mutant);
            $busy[$n] = ['mutant' => $mutant, 'sound' => $sound, 'process' => tests($what, $dir, $n, $mutant['tests'])];
        }
    }
    foreach ($busy as $n => $one) {
        try {
            $one['process']->checkTimeout();
        } catch (Symfony\Component\Process\Exception\ProcessTimedOutException) {
            // It never ended: noticed.
        }
        if ($one['process']->isRunning()) {
            continue;
        }
        unset($busy[$n]);
        file_put_contents("{$dir}/copy{$n}/{$one['mutant']['file']}", $one['sound']);
        $output = $one['process']->getOutput();
        if (str_contains($output, 'No tests executed')) {
            throw new RuntimeException("“{$one['mutant']['name']}”: no test is called {$one['mutant']['tests']}");
        }
        $lives = $one['process']->getExitCode() === 0;
        if ($lives) {
            $survived[] = $one['mutant'];
        }
        printf("%3d of %d  %-9s %s\n", ++$done, count($mutants), $lives ? 'SURVIVES' : 'dies', $one['mutant']['name']);
    }
    usleep(100_000);
}
$share = count($survived) / count($mutants);
printf("\n%d of %d faults die, %.0f %%.\n", count($mutants) - count($survived), count($mutants), 100 * (1 - $share));
foreach ($survived as $mutant) {
    echo "  survives: {$mutant['name']} ({$mutant['file']}; looked for by {$mutant['tests']})\n";
}
exit($share > SURVIVE_AT_MOST ? 1 : 0);
