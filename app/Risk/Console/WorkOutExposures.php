<?php

declare(strict_types=1);

namespace App\Risk\Console;

use App\Risk\Exposures;
use App\Risk\Night;
use App\Risk\TonightReader;
use App\Systems\System;
use Illuminate\Console\Command;

final class WorkOutExposures extends Command
{
    protected $signature = 'velbrin:exposures {--night=tonight : which hour, or all}';

    protected $description = 'Works out every system’s hours in hand and keeps them for the fleet';

    public function handle(Exposures $exposures): int
    {
        $nights =
            $this->option('night') === 'all'
                ? [Night::Tonight, Night::WinterNight, Night::SummerDay]
                : [Night::tryFrom(is_string($this->option('night')) ? $this->option('night') : '') ?? Night::Tonight];
        foreach ($nights as $night) {
            System::query()
                ->current()
                ->with(TonightReader::loads())
                ->chunkById(200, fn ($systems) => $exposures->keep($systems->toBase(), $night));
        }

        return self::SUCCESS;
    }
}
