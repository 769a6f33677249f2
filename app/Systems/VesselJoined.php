<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;
use Illuminate\Foundation\Events\Dispatchable;

/** New water runs through a new vessel: somebody looks at it the next day. */
final readonly class VesselJoined
{
    use Dispatchable;

    public function __construct(public System $system, public string $name, public User $by)
    {
    }
}
