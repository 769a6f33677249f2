<?php

declare(strict_types=1);

namespace App\Demo\Console;

use App\Demo\World;
use App\Team\User;
use Illuminate\Console\Command;
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
        if ($this->option('fresh')) {
            $this->callSilently('migrate:fresh', ['--force' => true]);
            Storage::disk('local')->deleteDirectory('attachments');
        } elseif (User::query()->exists()) {
            if ($this->option('once')) {
                $this->say();

                return self::SUCCESS;
            }
            $this->error('There is a world already. --fresh throws it away and makes a new one.');

            return self::FAILURE;
        }
        $systems = max(1, (int) $this->option('systems'));
        $this->line("Making the demo world, {$systems} systems");
        $bar = $this->output->createProgressBar($systems);
        World::make($systems, (int) $this->option('seed'), function () use ($bar): void {
            $bar->advance();
        });
        $bar->finish();
        $this->newLine();

        return self::SUCCESS;
    }

    private function say(): void
    {
        $made = User::query()->oldest('id')->first()?->created_at;
        $days = $made === null ? 0 : (int) $made->diffInDays(now());
        if ($days >= 7) {
            $this->line("The demo world is {$days} days old; its stories have moved on. bin/start --fresh makes a new one.");
        }
    }
}
