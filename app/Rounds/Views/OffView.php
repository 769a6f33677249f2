<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\OffRecord;

final readonly class OffView
{
    private function __construct(
        public int $id,
        public string $uuid,
        public int $systemId,
        public string $what,
        public string $at,
        public string $by,
        public ?string $staysBecause,
        public ?string $substitute,
        public ?string $reviewOn,
        public ?string $owner,
    ) {
    }

    /** The record is loaded with by and owner. */
    public static function of(OffRecord $o): self
    {
        return new self(
            id: $o->id,
            uuid: $o->client_uuid,
            systemId: $o->system_id,
            what: $o->what,
            at: $o->off_at->toIso8601ZuluString(),
            by: (string) $o->by?->name,
            staysBecause: $o->stays_because,
            substitute: $o->substitute,
            reviewOn: $o->review_on?->toDateString(),
            owner: $o->owner?->name,
        );
    }
}
