<?php

declare(strict_types=1);

namespace App\Control\Orders;

use Illuminate\Foundation\Events\Dispatchable;

/** The controller does what was asked. */
final readonly class OrderTaken
{
    use Dispatchable;

    public function __construct(public OutletOrder $order)
    {
    }
}
