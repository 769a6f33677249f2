<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\Item;

final readonly class ItemView
{
    private function __construct(
        public int $id,
        public string $job,
        public string $jobLabel,
        public string $name,
        public ?float $watts,
        public ?string $installedOn,
        public string $installedPrecision,
        public ?float $lifeMonths,
        public ?int $countedMonths,
        public ?string $replaceOn,
        public ?string $plugLabel,
        public ?string $outlet,
        public ?string $circuit,
        public ?string $serial,
        public ?string $spareWhere,
        public ?string $note,
        public ?int $serviceEveryDays,
        public ?string $lastServiceOn,
        public ?string $warrantyUntil,
        public ?string $retired,
    ) {
    }

    public static function of(Item $item): self
    {
        return new self(
            $item->id, $item->job->value, $item->job->label(), $item->name, $item->watts, $item->installed_on?->toDateString(), $item->installed_precision,
            $item->life_months, $item->job->lifeMonths(), $item->replace_on?->toDateString(), $item->plug_label, $item->outlet, $item->circuit, $item->serial,
            $item->spare_where, $item->note, $item->service_every_days, $item->last_service_on?->toDateString(), $item->warranty_until?->toDateString(), $item->retired_at === null ? null : $item->retired_at->toDateString().': '.$item->retired_reason,
        );
    }
}
