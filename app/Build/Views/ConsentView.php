<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Consent;

final readonly class ConsentView
{
    private function __construct(
        public int $id,
        public string $of,
        public string $words,
        public ?string $givenOn,
        public ?string $conditions,
        public ?string $document,
    ) {
    }

    public static function of(Consent $consent): self
    {
        return new self(
            $consent->id,
            $consent->of,
            $consent->words(),
            $consent->given_on?->toDateString(),
            $consent->conditions,
            $consent->attachment_id === null ? null : "/attachments/{$consent->attachment_id}",
        );
    }
}
