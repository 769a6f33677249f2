<?php

declare(strict_types=1);

namespace App\Control\Orders;

use Illuminate\Foundation\Events\Dispatchable;

/** What was asked should be over, and nobody has heard that it is. */
final readonly class OrderOverdue
{
    use Dispatchable;

    public function __construct(public OutletOrder $order)
    {
    }
}
