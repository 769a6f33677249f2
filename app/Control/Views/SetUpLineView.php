<?php

declare(strict_types=1);

namespace App\Control\Views;

use App\Control\SetUp;

/** A set-up in the history. */
final readonly class SetUpLineView
{
    /** @param  list<string>  $changes  against the one before it, in sentences */
    public function __construct(
        public int $number,
        public string $state,
        public ?string $why,
        public ?string $by,
        public ?string $activatedAt,
        public ?string $hash,
        public array $changes,
    ) {
    }

    /** @param  list<string>  $changes */
    public static function of(SetUp $setUp, array $changes): self
    {
        return new self(
            number: $setUp->number,
            state: $setUp->state,
            why: $setUp->why,
            by: $setUp->user?->name,
            activatedAt: $setUp->activated_at?->toIso8601ZuluString(),
            hash: $setUp->hash === null ? null : substr($setUp->hash, 0, 12),
            changes: $changes,
        );
    }
}
