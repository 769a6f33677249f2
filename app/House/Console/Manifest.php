<?php

declare(strict_types=1);

namespace App\House\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Finder\Finder;
use Velbrin\Core\Version;

/** What a backup holds, row by row and file by file: written beside it, and held against what was restored. */
final class Manifest extends Command
{
    /** Raised when a backup can no longer be read by an older Velbrin. */
    private const FORMAT = 1;

    protected $signature = 'velbrin:manifest {action : write, check or readable} {file : the manifest} '.
        '{--files= : the folder the attachments lie in}';

    protected $description = 'Writes what the database and the attachments hold, or compares them with what was written';

    public function handle(): int
    {
        $file = $this->text($this->argument('file'));

        return match ($this->argument('action')) {
            'write' => $this->write($file),
            'check' => $this->check($file),
            'readable' => $this->readable($file),
            default => $this->refuse('write, check or readable?'),
        };
    }

    private function write(string $file): int
    {
        $manifest = [
            'format' => self::FORMAT,
            'version' => Version::NUMBER,
            'madeAt' => now()->toIso8601ZuluString(),
            ...$this->held(),
        ];
        file_put_contents(
            $file,
            json_encode($manifest, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES),
        );
        $rows = array_sum(array_column($manifest['tables'], 'rows'));
        $this->line(
            sprintf('%d rows in %d tables, %d files.', $rows, count($manifest['tables']), count($manifest['files'])),
        );

        return self::SUCCESS;
    }

    private function check(string $file): int
    {
        $was = $this->read($file);
        $is = $this->held();
        $wrong = [];
        foreach (['tables', 'files'] as $part) {
            $before = is_array($was[$part] ?? null) ? $was[$part] : [];
            foreach ($before + $is[$part] as $name => $ignored) {
                if (($before[$name] ?? null) !== ($is[$part][$name] ?? null)) {
                    $wrong[] = "{$part}: {$name}";
                }
            }
        }
        if ($wrong !== []) {
            return $this->refuse(
                'What was restored is not what was kept: '.implode(', ', array_slice($wrong, 0, 8)).'.',
            );
        }
        $this->line('Every row and every file is as it was kept.');

        return self::SUCCESS;
    }

    /** May this Velbrin restore it at all? */
    private function readable(string $file): int
    {
        $was = $this->read($file);
        $known = array_map(
            fn (string $path): string => basename($path, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );
        $migrations = is_array($was['migrations'] ?? null) ? $was['migrations'] : [];
        $newer = array_diff(array_filter($migrations, is_string(...)), $known);

        return match (true) {
            ($was['format'] ?? null) !== self::FORMAT => $this->refuse(
                'This backup is of another kind than this Velbrin can read.',
            ),
            $migrations === [] => $this->refuse(
                'This backup does not say how its database is laid out: it is damaged.',
            ),
            $newer !== [] => $this->refuse(
                "This backup was made by a newer Velbrin ({$this->text(
                    $was['version'] ?? '',
                )}). Update this one first, then restore it.",
            ),
            default => self::SUCCESS,
        };
    }

    /** @return array{migrations: list<string>, tables: array<string, array{rows: int, sum: string}>, files: array<string, string>} */
    private function held(): array
    {
        $tables = [];
        foreach (DB::select('show full tables where Table_type = ?', ['BASE TABLE']) as $row) {
            $name = (string) array_values((array) $row)[0];
            $sum = DB::selectOne("checksum table `{$name}`");
            $tables[$name] = ['rows' => DB::table($name)->count(), 'sum' => (string) ($sum->Checksum ?? '')];
        }
        ksort($tables);
        $files = [];
        $folder =
            $this->option('files') === null ? Storage::disk('local')->path('') : $this->text($this->option('files'));
        foreach (is_dir($folder) ? Finder::create()->files()->in($folder)->sortByName() : [] as $found) {
            $files[$found->getRelativePathname()] = (string) hash_file('sha256', $found->getPathname());
        }

        return [
            'migrations' => array_values(
                array_map(
                    fn (mixed $m): string => $this->text($m),
                    DB::table('migrations')->orderBy('id')->pluck('migration')->all(),
                ),
            ),
            'tables' => $tables,
            'files' => $files,
        ];
    }

    /** @return array<mixed> */
    private function read(string $file): array
    {
        $read = json_decode((string) @file_get_contents($file), true);

        return is_array($read) ? $read : [];
    }

    private function refuse(string $words): int
    {
        $this->error($words);

        return self::FAILURE;
    }

    private function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
