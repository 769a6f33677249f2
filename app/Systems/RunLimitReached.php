<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;
use Illuminate\Foundation\Events\Dispatchable;

/** A line from the mains ran until its limit ended it (W-63). */
final readonly class RunLimitReached
{
    use Dispatchable;

    public function __construct(public Item $item, public User $by)
    {
    }
}
