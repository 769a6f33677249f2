<?php

declare(strict_types=1);

namespace App\Alerts\Console;

use App\Alerts\Live\Tick;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Sleep;

/** The clock of the alarms: one look a second, for as long as it is let. */
final class TickCommand extends Command
{
    /** When it looked last, for whoever watches over us. */
    public const BEAT = 'beat-ticker';

    protected $signature = 'velbrin:tick {--once : look once and end} {--for=3600 : seconds, then it ends and is begun again}';

    protected $description = 'Hand over alarm calls that are due, and miss whoever has fallen silent';

    public function handle(Tick $tick): int
    {
        $endsS = time() + (int) $this->option('for');
        do {
            $tick->once();
            Cache::put(self::BEAT, time(), 86_400);
            if ($this->option('once')) {
                return self::SUCCESS;
            }
            Sleep::for(1)->second();
        } while (time() < $endsS);

        return self::SUCCESS;
    }
}
