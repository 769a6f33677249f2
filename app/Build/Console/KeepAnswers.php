<?php

declare(strict_types=1);

namespace App\Build\Console;

use App\Build\KeptAnswer;
use Illuminate\Console\Command;

/** After an upgrade: versions accepted before whole answers were kept get theirs once, by the core of that day, and are marked so. */
final class KeepAnswers extends Command
{
    protected $signature = 'velbrin:keep-answers';

    protected $description = 'Keep whole answers of versions that were accepted before they were kept';

    public function handle(): int
    {
        $n = KeptAnswer::catchUp();
        if ($n > 0) {
            $this->info("{$n} accepted versions: their answers were computed anew, are kept from now on, and say so.");
        }

        return self::SUCCESS;
    }
}
