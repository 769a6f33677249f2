<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;
use Illuminate\Foundation\Events\Dispatchable;

/** A device was taken out of service: what kept animals alive by it wants another. */
final readonly class DeviceRetired
{
    use Dispatchable;

    public function __construct(public Item $item, public User $by)
    {
    }
}
