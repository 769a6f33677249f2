<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Seals what has settled since the last seal. One at a time: a seal is built on the one before. */
final class SealTrail implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $uniqueFor = 600;

    public int $timeout = 120;

    public function handle(): void
    {
        while (Ledger::seal() > 0);
    }
}
