<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Order;

/** One thing bought, and whether its stage still waits for it. */
final readonly class OrderView
{
    private function __construct(
        public int $id,
        public string $what,
        public string $supplier,
        public string $stage,
        public string $orderedOn,
        public string $promisedOn,
        public ?string $receivedOn,
        public bool $isWhole,
        public ?string $place,
        public ?string $note,
        public bool $isOut,
        public bool $isLate,
        public ?int $usualDays,
    ) {
    }

    /** The order is asked with its supplier’s usual days. */
    public static function of(Order $order): self
    {
        return new self(
            id: $order->id,
            what: $order->what,
            supplier: $order->supplier,
            stage: $order->stage,
            orderedOn: $order->ordered_on->toDateString(),
            promisedOn: $order->promised_on->toDateString(),
            receivedOn: $order->received_on?->toDateString(),
            isWhole: $order->is_whole,
            place: $order->place,
            note: $order->note,
            isOut: $order->delivery()->isOut(),
            isLate: $order->received_on === null && $order->promised_on->endOfDay()->isPast(),
            usualDays: is_int($order->getAttribute('usual_days')) ? $order->getAttribute('usual_days') : null,
        );
    }
}
