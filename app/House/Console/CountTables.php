<?php

declare(strict_types=1);

namespace App\House\Console;

use App\House\Database\Counts;
use Illuminate\Console\Command;

final class CountTables extends Command
{
    protected $signature = 'velbrin:count';

    protected $description = 'Lets the database count its tables anew: after a restore, an upgrade or a large import';

    public function handle(): int
    {
        Counts::anew();

        return self::SUCCESS;
    }
}
