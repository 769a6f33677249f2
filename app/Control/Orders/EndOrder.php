<?php

declare(strict_types=1);

namespace App\Control\Orders;

use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Before its time: one that nobody has fetched is taken back, one that is done is to be ended by its controller. */
final class EndOrder
{
    public function __invoke(OutletOrder $order, User $user): OrderState
    {
        return DB::transaction(function () use ($order, $user): OrderState {
            $locked = OutletOrder::query()->lockForUpdate()->findOrFail($order->id);
            if ($locked->state === OrderState::Asked) {
                $locked->update(['state' => OrderState::Withdrawn, 'over_at' => CarbonImmutable::now(), 'ended_by' => $user->id]);
            } elseif ($locked->state === OrderState::Taken) {
                $locked->update(['state' => OrderState::Ending, 'ended_by' => $user->id]);
            }

            return $locked->state;
        });
    }
}
