<?php

declare(strict_types=1);

namespace App\Build\Console;

use App\Build\KeptAnswer;
use App\Build\Waiver;
use Illuminate\Console\Command;

/** After an upgrade: versions accepted before whole answers were kept get theirs once, by the core of that day, and are marked so. */
final class KeepAnswers extends Command
{
    protected $signature = 'velbrin:keep-answers';

    protected $description = 'After an upgrade: whole answers of accepted versions and names of waived Stops, where not kept yet';

    public function handle(): int
    {
        $n = KeptAnswer::catchUp();
        if ($n > 0) {
            $this->info("{$n} accepted versions: their answers were computed anew, are kept from now on, and say so.");
        }

        $named = Waiver::catchUp();
        if ($named > 0) {
            $this->info("{$named} waivers: each now knows its Stop by name, whatever its words.");
        }

        return self::SUCCESS;
    }
}
