<?php

declare(strict_types=1);

namespace App\Systems;

use Illuminate\Foundation\Events\Dispatchable;

/** A device of the register is written down, or what changed of it. */
final readonly class ItemKept
{
    use Dispatchable;

    public function __construct(public Item $item)
    {
    }
}
