<?php

declare(strict_types=1);

namespace App\Systems;

use Illuminate\Foundation\Events\Dispatchable;

/** A reading was kept and judged: whatever waits for it may be due now. */
final readonly class ReadingKept
{
    use Dispatchable;

    public function __construct(public int $systemId)
    {
    }
}
