<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\Band;
use Velbrin\Core\Chemistry\Measured;

/** The limits of one parameter, in the core's unit; the screen converts. */
final readonly class BandView
{
    private function __construct(
        public string $parameter,
        public string $label,
        public string $kind,
        public bool $tracked,
        public ?float $aimLow,
        public ?float $aimHigh,
        public ?float $fineLow,
        public ?float $fineHigh,
        public ?float $actLow,
        public ?float $actHigh,
        public ?float $ratePerDay,
        public ?string $reason,
        public ?string $holdsWhile,
        public bool $own,
    ) {
    }

    public static function of(Measured $parameter, ?Band $band): self
    {
        $shown = fn (?float $limit): ?float => $limit === null ? null : self::toResolution($limit, $parameter);

        return new self(
            parameter: $parameter->key(),
            label: $parameter->label(),
            kind: $parameter->kind()->value,
            tracked: $band !== null && $band->tracked,
            aimLow: $shown($band?->aim_low),
            aimHigh: $shown($band?->aim_high),
            fineLow: $shown($band?->fine_low),
            fineHigh: $shown($band?->fine_high),
            actLow: $shown($band?->act_low),
            actHigh: $shown($band?->act_high),
            ratePerDay: $band?->rate_per_day,
            reason: $band?->reason,
            holdsWhile: $band?->holds_while,
            own: $band?->user_id !== null,
        );
    }

    /** With as many digits as its kit can tell apart: no limit of 413.333 mg/L (C-61). */
    public static function toResolution(float $limit, Measured $parameter): float
    {
        return round($limit, max(0, (int) ceil(-log10($parameter->resolution()) - 1e-9)));
    }
}
