<?php

declare(strict_types=1);

namespace App\Demo\Console;

use App\Demo\World;
use App\House\Database\Counts;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

final class MakeWorld extends Command
{
    protected $signature = 'velbrin:world
        {--systems=40 : how many systems the world holds}
        {--seed=1 : the same seed gives the same world on the same day}
        {--once : do nothing when a world is there}
        {--fresh : empty the database first; every record in it is lost}';

    protected $description = 'Makes the demo world: an invented company in an invented town';

    public function handle(): int
    {
        if (! config('velbrin.demo')) {
            $this->error('The demo world is only made where VELBRIN_DEMO is on.');

            return self::FAILURE;
        }
        $whole = Schema::hasTable('demo_worlds') && DB::table('demo_worlds')->exists();
        if ($whole && $this->option('once')) {
            $this->age();

            return self::SUCCESS;
        }
        if ($whole && ! $this->option('fresh')) {
            $this->error('There is a world already. --fresh throws it away and makes a new one.');

            return self::FAILURE;
        }
        $this->callSilently('migrate:fresh', ['--force' => true]);
        Storage::disk('local')->deleteDirectory('attachments');
        $systems = max(1, (int) $this->option('systems'));
        $this->line("Making the demo world, {$systems} systems");
        $bar = $this->output->createProgressBar($systems);
        World::make($systems, (int) $this->option('seed'), function () use ($bar): void {
            $bar->advance();
        });
        $bar->finish();
        $this->newLine();
        DB::table('demo_worlds')->insert([
            'systems' => $systems,
            'seed' => (int) $this->option('seed'),
            'finished_at' => now(),
        ]);

        Counts::anew();

        return self::SUCCESS;
    }

    private function age(): void
    {
        $made = DB::table('demo_worlds')->value('finished_at');
        $days = is_string($made) ? (int) CarbonImmutable::parse($made)->diffInDays(now()) : 0;
        if ($days >= 7) {
            $this->line(
                "The demo world is {$days} days old; its stories have moved on. bin/start --fresh makes a new one.",
            );
        }
    }
}
