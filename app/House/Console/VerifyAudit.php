<?php

declare(strict_types=1);

namespace App\House\Console;

use App\House\LedgerCheck;
use Illuminate\Console\Command;

/** Proves the audit trail, or names what does not fit. */
final class VerifyAudit extends Command
{
    private const SHOWN = 50;

    protected $signature = 'velbrin:audit-verify';

    protected $description = 'Holds the audit trail against its digests and seals';

    public function handle(): int
    {
        $check = LedgerCheck::run();
        foreach (array_slice($check->faults, 0, self::SHOWN) as $fault) {
            $this->error($fault);
        }
        $more = count($check->faults) - self::SHOWN;
        if ($more > 0) {
            $this->error("… and {$more} more.");
        }
        $this->line("{$check->lines} lines looked at, {$check->sealed} of them sealed, {$check->erased} emptied by an erasure.");

        return $check->faults === [] ? self::SUCCESS : self::FAILURE;
    }
}
