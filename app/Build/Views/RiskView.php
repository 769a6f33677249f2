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
            $risk->id,
            $risk->kind === AcceptedRisk::UNFINISHED,
            $risk->liable,
            $risk->declined,
            $risk->risk,
            $risk->review_on->toDateString(),
            $risk->review_on->isPast(),
            $risk->signed_by,
            $risk->signed_on->toDateString(),
        );
    }
}
