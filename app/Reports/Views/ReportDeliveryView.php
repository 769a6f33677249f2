<?php

declare(strict_types=1);

namespace App\Reports\Views;

use App\Reports\ReportDelivery;

/** How far a report is on its way to one reader. */
final readonly class ReportDeliveryView
{
    private function __construct(
        public string $address,
        /** waiting, gone or failed. */
        public string $state,
        public ?string $goneAt,
    ) {
    }

    public static function of(ReportDelivery $delivery): self
    {
        return new self($delivery->address, $delivery->state, $delivery->sent_at?->toIso8601ZuluString());
    }
}
