<?php

declare(strict_types=1);

namespace App\Api\Views;

use App\Systems\System;

/** A system as other programs read it: the core's units in the names. */
final readonly class ApiSystem
{
    private function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $regime,
        public int $siteId,
        public string $site,
        public string $client,
        public ?float $volumeL,
        public ?string $startedOn,
        public ?string $firstLeavesBandAt,
    ) {
    }

    /** The system is loaded with site.client and vessels. */
    public static function of(System $s): self
    {
        $leaves = $s->getAttribute('first_leaves_at');

        return new self(
            id: $s->id,
            name: $s->name,
            kind: (string) $s->kind,
            regime: $s->regime->value,
            siteId: $s->site_id,
            site: (string) $s->site?->name,
            client: (string) $s->site?->client?->name,
            volumeL: $s->volumeL(),
            startedOn: $s->started_on?->toDateString(),
            firstLeavesBandAt: $leaves === null ? null : \Carbon\CarbonImmutable::parse($leaves)->toIso8601ZuluString(),
        );
    }
}
