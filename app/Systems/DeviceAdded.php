<?php

declare(strict_types=1);

namespace App\Systems;

use Illuminate\Foundation\Events\Dispatchable;

/** A device is new in the register: what it protects, and whether it does, is tried from now on. */
final readonly class DeviceAdded
{
    use Dispatchable;

    public function __construct(public Item $item)
    {
    }
}
