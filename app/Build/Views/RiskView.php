<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\AcceptedRisk;

/** What a client declined or put off, signed. */
final readonly class RiskView
{
    private function __construct(
        public int $id,
        public bool $unfinished,
        public ?string $liable,
        public string $declined,
        public string $risk,
        public string $reviewOn,
        public bool $isDue,
        public string $signedBy,
        public string $signedOn,
    ) {
    }

    public static function of(AcceptedRisk $risk): self
    {
        return new self(
            id: $risk->id,
            unfinished: $risk->kind === AcceptedRisk::UNFINISHED,
            liable: $risk->liable,
            declined: $risk->declined,
            risk: $risk->risk,
            reviewOn: $risk->review_on->toDateString(),
            isDue: $risk->review_on->isPast(),
            signedBy: $risk->signed_by,
            signedOn: $risk->signed_on->toDateString(),
        );
    }
}
