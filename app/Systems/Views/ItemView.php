<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\House\Money;
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
        public ?int $priceMinor,
        public ?string $price,
        public ?int $photoId,
        public string $state,
        public string $stateLabel,
        public ?string $testedResult,
        public ?string $temporaryUntil,
        public ?string $temporaryWhy,
        /** The switch, probe or controller it hangs on. */
        public ?string $switchedBy,
        public ?bool $sensesOwnVessel,
        public ?string $awaySince,
        public ?string $awayWhere,
        public ?float $capacityWh,
        public ?float $usableSharePct,
        public ?float $carriesW,
        public ?float $efficiencyPct,
        public ?float $idleW,
        public ?int $vesselId,
    ) {
    }

    public static function of(Item $item): self
    {
        return new self(
            $item->id,
            $item->job->value,
            $item->job->label(),
            $item->name,
            $item->watts,
            $item->installed_on?->toDateString(),
            $item->installed_precision,
            $item->life_months,
            $item->job->lifeMonths(),
            $item->replace_on?->toDateString(),
            $item->plug_label,
            $item->outlet,
            $item->circuit,
            $item->serial,
            $item->spare_where,
            $item->note,
            $item->service_every_days,
            $item->last_service_on?->toDateString(),
            $item->warranty_until?->toDateString(),
            $item->retired_at === null ? null : $item->retired_at->toDateString().': '.$item->retired_reason,
            $item->price_minor,
            $item->price_minor === null ? null : Money::shown($item->price_minor),
            $item->relationLoaded('attachments') ? $item->attachments->first()?->id : null,
            $item->state->value,
            $item->state->label(),
            $item->tested_result,
            $item->temporary_until?->toDateString(),
            $item->temporary_why,
            $item->switched_by,
            $item->senses_own_vessel,
            $item->away_since?->toDateString(),
            $item->away_where,
            $item->capacity_wh,
            $item->usable_share_pct,
            $item->carries_w,
            $item->efficiency_pct,
            $item->idle_w,
            $item->vessel_id,
        );
    }
}
