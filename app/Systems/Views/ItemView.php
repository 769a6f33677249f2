<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\House\Money;
use App\Systems\Item;
use App\Team\User;

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
        /** What a dosing head, a reactor or a valve gives. */
        public ?string $doses,
        public ?float $strengthMeqMl,
        public ?float $holdsMl,
    ) {
    }

    public static function of(Item $item, User $user): self
    {
        $price = $user->seesMoney() ? $item->price_minor : null;

        return new self(
            id: $item->id,
            job: $item->job->value,
            jobLabel: $item->job->label(),
            name: $item->name,
            watts: $item->watts,
            installedOn: $item->installed_on?->toDateString(),
            installedPrecision: $item->installed_precision,
            lifeMonths: $item->life_months,
            countedMonths: $item->job->lifeMonths(),
            replaceOn: $item->replace_on?->toDateString(),
            plugLabel: $item->plug_label,
            outlet: $item->outlet,
            circuit: $item->circuit,
            serial: $item->serial,
            spareWhere: $item->spare_where,
            note: $item->note,
            serviceEveryDays: $item->service_every_days,
            lastServiceOn: $item->last_service_on?->toDateString(),
            warrantyUntil: $item->warranty_until?->toDateString(),
            retired: $item->retired_at === null ? null : $item->retired_at->toDateString().': '.$item->retired_reason,
            priceMinor: $price,
            price: $price === null ? null : Money::shown($price),
            photoId: $item->relationLoaded('attachments') ? $item->attachments->first()?->id : null,
            state: $item->state->value,
            stateLabel: $item->state->label(),
            testedResult: $item->tested_result,
            temporaryUntil: $item->temporary_until?->toDateString(),
            temporaryWhy: $item->temporary_why,
            switchedBy: $item->switched_by,
            sensesOwnVessel: $item->senses_own_vessel,
            awaySince: $item->away_since?->toDateString(),
            awayWhere: $item->away_where,
            capacityWh: $item->capacity_wh,
            usableSharePct: $item->usable_share_pct,
            carriesW: $item->carries_w,
            efficiencyPct: $item->efficiency_pct,
            idleW: $item->idle_w,
            vesselId: $item->vessel_id,
            doses: $item->doses?->value,
            strengthMeqMl: $item->strength_meq_ml,
            holdsMl: $item->holds_ml,
        );
    }
}
