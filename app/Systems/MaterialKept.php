<?php

declare(strict_types=1);

namespace App\Systems;

use Illuminate\Foundation\Events\Dispatchable;

/** Something went in or came out: the job it is exchanged with may be due on another day. */
final readonly class MaterialKept
{
    use Dispatchable;

    public function __construct(public int $systemId)
    {
    }
}
