<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;
use Illuminate\Foundation\Events\Dispatchable;

/** One thing that a change re-opened was looked at. */
final readonly class RippleConfirmed
{
    use Dispatchable;

    public function __construct(public System $system, public User $by)
    {
    }
}
