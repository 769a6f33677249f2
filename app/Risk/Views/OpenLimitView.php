<?php

declare(strict_types=1);

namespace App\Risk\Views;

use App\Alerts\Alarm;

/** An alarm whose limit is not entered. */
final readonly class OpenLimitView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $system,
        public string $where,
        public int $systemId,
        public ?string $quantity,
        public ?float $lowLimit,
        public ?float $highLimit,
    ) {
    }

    /** The alarm is loaded with system.site.client. */
    public static function of(Alarm $alarm): self
    {
        return new self(
            id: $alarm->id,
            name: $alarm->name,
            system: (string) $alarm->system?->name,
            where: "{$alarm->system?->site?->client?->name}, {$alarm->system?->site?->name}",
            systemId: $alarm->system_id,
            quantity: $alarm->quantity?->value,
            lowLimit: $alarm->low_limit,
            highLimit: $alarm->high_limit,
        );
    }
}
