<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\PlanVersion;

final readonly class VersionLineView
{
    private function __construct(
        public int $id,
        public int $number,
        public ?string $note,
        public string $by,
        public string $at,
        public ?string $acceptedAt,
    ) {
    }

    public static function of(PlanVersion $version): self
    {
        return new self(
            $version->id,
            $version->number,
            $version->note,
            (string) $version->user?->name,
            $version->created_at?->toIso8601ZuluString() ?? '',
            $version->accepted_at?->toIso8601ZuluString(),
        );
    }
}
