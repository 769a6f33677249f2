<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\House\Money;
use App\House\Views\FindingView;
use App\Systems\Item;
use App\Team\User;
use Velbrin\Core\Measure\Finding;

final readonly class ItemView
{
    /** @param  list<FindingView>  $roFindings */
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
        public ?string $awayInstead,
        public ?int $awayHandDays,
        public ?string $awayHandOn,
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
        public ?float $mlPerMin,
        /** Of a dosing head: its vessel over the end of its line, a break for air, the tube. */
        public ?float $vesselAboveMm,
        public ?bool $lineBreak,
        public ?float $lineBoreMm,
        public ?float $lineLengthM,
        /** Of a filling line: litres from low to high, litres an hour, its run limit, what tray and drain take. */
        public ?float $roSpanL,
        public ?float $roLh,
        public ?float $roLimitMin,
        public ?float $roTakesL,
        public ?bool $roFloat,
        public ?bool $roFeedStop,
        /** What its run limit may be and whether what it brings finds a place. */
        public array $roFindings,
        /** Not as it came: its rating is lost. */
        public ?string $changedHow,
        public ?string $changedOn,
        /** A heater's own thermostat: whether there is one, where it stopped, when somebody saw that. */
        public ?bool $ownThermostat,
        public ?float $thermostatC,
        public ?string $thermostatTriedOn,
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
            awayInstead: $item->away_instead?->value,
            awayHandDays: $item->away_hand_days,
            awayHandOn: $item->away_hand_on?->toDateString(),
            capacityWh: $item->capacity_wh,
            usableSharePct: $item->usable_share_pct,
            carriesW: $item->carries_w,
            efficiencyPct: $item->efficiency_pct,
            idleW: $item->idle_w,
            vesselId: $item->vessel_id,
            doses: $item->doses?->value,
            strengthMeqMl: $item->strength_meq_ml,
            holdsMl: $item->holds_ml,
            mlPerMin: $item->ml_per_min,
            vesselAboveMm: $item->vessel_above_mm,
            lineBreak: $item->line_break,
            lineBoreMm: $item->line_bore_mm,
            lineLengthM: $item->line_length_m,
            roSpanL: $item->ro_span_l,
            roLh: $item->ro_lh,
            roLimitMin: $item->ro_limit_min,
            roTakesL: $item->ro_takes_l,
            roFloat: $item->ro_float,
            roFeedStop: $item->ro_feed_stop,
            roFindings: array_map(
                fn (Finding $f): FindingView => FindingView::of($f, $user->units()),
                $item->roLine()?->findings() ?? [],
            ),
            changedHow: $item->changed_how,
            changedOn: $item->changed_on?->toDateString(),
            ownThermostat: $item->own_thermostat,
            thermostatC: $item->thermostat_c,
            thermostatTriedOn: $item->thermostat_tried_on?->toDateString(),
        );
    }
}
