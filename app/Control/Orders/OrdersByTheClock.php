<?php

declare(strict_types=1);

namespace App\Control\Orders;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Programme\Order;

/** What happens to orders by the clock: nobody fetched them, they are over, or nobody has heard that they are. */
final class OrdersByTheClock
{
    private const AT_ONCE = 100;

    public static function look(): void
    {
        $now = CarbonImmutable::now();
        OutletOrder::query()
            ->where('state', OrderState::Asked)
            ->where('expires_at', '<=', $now->format('Y-m-d H:i:s.v'))
            ->update(['state' => OrderState::Late, 'over_at' => $now->format('Y-m-d H:i:s.v')]);
        OutletOrder::query()
            ->whereIn('state', [OrderState::Taken, OrderState::Ending])
            ->where('until_at', '<=', $now->format('Y-m-d H:i:s.v'))
            ->with('device')
            ->orderBy('id')
            ->limit(self::AT_ONCE)
            ->get()
            ->each(fn (OutletOrder $o) => DB::transaction(fn () => self::due($o, $now)));
    }

    /** Its end is its controller’s own: believed once that was heard after it. */
    private static function due(OutletOrder $found, CarbonImmutable $now): void
    {
        $order = OutletOrder::query()->with('device')->lockForUpdate()->findOrFail($found->id);
        if ($order->until_at === null || $order->isArchived()) {
            return;
        }
        $heard = $order->device?->heard_at;
        if ($heard !== null && $heard->greaterThan($order->until_at)) {
            AnswerOrder::over($order);
        } elseif ($order->overdue_at === null && $order->until_at->diffInSeconds($now) >= Order::GRACE_S) {
            $order->update(['overdue_at' => $now]);
            OrderOverdue::dispatch($order);
        }
    }
}
