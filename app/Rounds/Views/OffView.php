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
            $o->id,
            $o->client_uuid,
            $o->system_id,
            $o->what,
            $o->off_at->toIso8601ZuluString(),
            (string) $o->by?->name,
            $o->stays_because,
            $o->substitute,
            $o->review_on?->toDateString(),
            $o->owner?->name,
        );
    }
}
