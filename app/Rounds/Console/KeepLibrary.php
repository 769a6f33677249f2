<?php

declare(strict_types=1);

namespace App\Rounds\Console;

use App\Rounds\TaskStart;
use App\Rounds\TaskType;
use Illuminate\Console\Command;

/** For a new company all kinds of job, after an upgrade those the library has more; what the company made of its own stays. */
final class KeepLibrary extends Command
{
    protected $signature = 'velbrin:library';

    protected $description = 'The kinds of job every company has, with their sheets, where they are missing';

    public function handle(): int
    {
        $had = TaskType::query()->count();
        TaskStart::library();
        $made = TaskType::query()->count() - $had;
        if ($made > 0) {
            $this->info("{$made} kinds of job were added from the library, each with its sheet.");
        }

        return self::SUCCESS;
    }
}
