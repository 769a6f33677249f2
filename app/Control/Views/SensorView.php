<?php

declare(strict_types=1);

namespace App\Control\Views;

use App\Control\Sensor;

/** A probe or switch as its line and its form show it. */
final readonly class SensorView
{
    private function __construct(
        public int $id,
        public string $key,
        public string $kind,
        public string $name,
        public ?string $quantity,
        public ?float $resolution,
        public string $hangsIn,
        public ?float $at,
        public ?int $systemId,
        public ?string $calibratedOn,
        public ?int $calibrateEveryDays,
    ) {
    }

    public static function of(Sensor $sensor): self
    {
        return new self(
            id: $sensor->id,
            key: $sensor->key(),
            kind: $sensor->kind,
            name: $sensor->name,
            quantity: $sensor->quantity,
            resolution: $sensor->resolution,
            hangsIn: $sensor->hangs_in,
            at: $sensor->at,
            systemId: $sensor->system_id,
            calibratedOn: $sensor->calibrated_on?->toDateString(),
            calibrateEveryDays: $sensor->calibrate_every_days,
        );
    }
}
