<?php

declare(strict_types=1);

namespace App\House\Console;

use App\House\Schema;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Before anything is migrated: is this a database that can be? And, for whoever writes a migration, the words of all layouts. */
final class CheckSchema extends Command
{
    protected $signature = 'velbrin:schema {action=check : check, pending or write}';

    protected $description = 'Refuses a database that cannot be upgraded; writes the fingerprints of all layouts';

    public function handle(): int
    {
        return match ($this->argument('action')) {
            'pending' => $this->pending(),
            'write' => $this->write(),
            default => $this->check(),
        };
    }

    private function check(): int
    {
        $against = Schema::against();
        if ($against !== null) {
            $this->error($against);

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** Succeeds when there is something to upgrade, and something that could be lost by it. */
    private function pending(): int
    {
        $applied = Schema::applied();

        return $applied !== [] && count($applied) < count(Schema::known()) ? self::SUCCESS : self::FAILURE;
    }

    /** On an empty database: one migration after the other, each layout’s word written down. */
    private function write(): int
    {
        if (DB::getSchemaBuilder()->getTables(DB::connection()->getDatabaseName()) !== []) {
            $this->error('That wants an empty database.');

            return self::FAILURE;
        }
        $prints = self::each(
            fn (string $file): int => $this->callSilently('migrate', [
                '--path' => "database/migrations/{$file}.php",
                '--force' => true,
            ]),
        );
        file_put_contents(
            base_path(Schema::FILE),
            json_encode($prints, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n",
        );
        $this->info('Wrote '.Schema::FILE);

        return self::SUCCESS;
    }

    /**
     * @param  callable(string): mixed  $migrate
     * @return array<string, string> the layout’s word after each migration
     */
    public static function each(callable $migrate): array
    {
        $prints = [];
        foreach (glob(database_path('migrations/*.php')) ?: [] as $path) {
            $name = basename($path, '.php');
            $migrate($name);
            $prints[$name] = Schema::fingerprint();
        }

        return $prints;
    }
}
