<?php

declare(strict_types=1);

namespace App\Control\Orders;

use Illuminate\Foundation\Events\Dispatchable;

/** What was asked is over, and the controller was heard since. */
final readonly class OrderOver
{
    use Dispatchable;

    public function __construct(public OutletOrder $order)
    {
    }
}
