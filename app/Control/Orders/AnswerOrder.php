<?php

declare(strict_types=1);

namespace App\Control\Orders;

use App\Control\Link\LinkDevice;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What a controller answers to an order. Said again it changes nothing. */
final class AnswerOrder
{
    public const TAKEN = 'taken';

    public const REFUSED = 'refused';

    public const LATE = 'late';

    /** @return OrderState where it stands now; one that came too late is to be dropped */
    public static function of(LinkDevice $device, int $orderId, string $answer, ?string $why): OrderState
    {
        return DB::transaction(function () use ($device, $orderId, $answer, $why): OrderState {
            $order = OutletOrder::query()
                ->where('controller_id', $device->controller_id)
                ->lockForUpdate()
                ->findOrFail($orderId);
            if ($order->state === OrderState::Ending) {
                self::over($order);

                return OrderState::Over;
            }
            if ($order->state !== OrderState::Asked) {
                return $order->state;
            }
            $now = CarbonImmutable::now();
            if ($answer === self::LATE || $now->greaterThan($order->expires_at)) {
                $order->update(['state' => OrderState::Late, 'over_at' => $now, 'link_device_id' => $device->id]);

                return OrderState::Late;
            }
            if ($answer === self::REFUSED) {
                $order->update([
                    'state' => OrderState::Refused,
                    'over_at' => $now,
                    'link_device_id' => $device->id,
                    'refused_why' => $why,
                ]);

                return OrderState::Refused;
            }
            $order->update([
                'state' => OrderState::Taken,
                'link_device_id' => $device->id,
                'answered_at' => $now,
                // A simulated hour may be shorter than ours.
                'until_at' => $now->addMilliseconds((int) round($order->for_s * 1000 / ($device->clock_rate ?? 1.0))),
            ]);
            OrderTaken::dispatch($order);

            return OrderState::Taken;
        });
    }

    /** Ends it in the record; whoever hears of it puts back what it took. */
    public static function over(OutletOrder $order): void
    {
        $order->update(['state' => OrderState::Over, 'over_at' => CarbonImmutable::now()]);
        OrderOver::dispatch($order);
    }
}
