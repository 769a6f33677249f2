<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Control\Orders\OrderOver;
use App\Control\Orders\OrderOverdue;
use App\Control\Orders\OrderTaken;
use App\Control\Orders\OutletOrder;
use App\House\Days;
use App\Systems\Item;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** What is off by order stands in the off-list like anything switched off by hand, until its controller ended it (X-11). */
final class OffByOrder
{
    private const MINUTES = 20;

    public function taken(OrderTaken $event): void
    {
        $order = $event->order;
        if ($order->level > 0) {
            return;
        }
        foreach ($this->items($order) as $item) {
            if (OffRecord::query()->where('item_id', $item->id)->whereNull('on_at')->doesntExist()) {
                OffRecord::query()->create([
                    'system_id' => $item->system_id,
                    'item_id' => $item->id,
                    'what' => $item->name,
                    'off_at' => $order->answered_at,
                    'off_by' => $order->user_id,
                    'outlet_order_id' => $order->id,
                    'client_uuid' => (string) Str::uuid(),
                ]);
            }
        }
    }

    public function over(OrderOver $event): void
    {
        OffRecord::query()
            ->where('outlet_order_id', $event->order->id)
            ->whereNull('on_at')
            ->get()
            ->each(fn (OffRecord $o) => $o->update(['on_at' => CarbonImmutable::now(), 'on_by' => $event->order->ended_by]));
    }

    /** Nobody knows whether it is back: somebody looks, today. */
    public function overdue(OrderOverdue $event): void
    {
        $order = $event->order;
        $name = $order->outlet()->firstOrFail()->name;
        foreach ($this->items($order)->unique('system_id') as $item) {
            FollowUp::query()->create([
                'system_id' => $item->system_id,
                'kind' => 'verify',
                'on_site' => true,
                'minutes' => self::MINUTES,
                'owner_id' => $order->user_id,
                'due_on' => Days::text(),
                'text' => "{$item->name} ({$name}) was told to be ".($order->level > 0 ? 'on' : 'off')
                    .' for a while, and nobody has heard since. See whether it does what its rule says again.',
            ]);
        }
    }

    /** @return Collection<int, Item> */
    private function items(OutletOrder $order): Collection
    {
        return $order->outlet()->with('items')->firstOrFail()->items->toBase();
    }
}
