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
        return new self(
            $parameter->key(), $parameter->label(), $parameter->kind()->value, $band !== null && $band->tracked, $band?->aim_low, $band?->aim_high, $band?->fine_low,
            $band?->fine_high, $band?->act_low, $band?->act_high, $band?->rate_per_day, $band?->reason, $band?->holds_while, $band?->user_id !== null,
        );
    }
}
