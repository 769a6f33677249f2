<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Plan;
use App\Build\PlanVersion;

final readonly class PlanLineView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $where,
        public string $state,
        public string $by,
        public string $changedAt,
    ) {
    }

    /** The plan is loaded with site.client, user and versions. */
    public static function of(Plan $plan): self
    {
        $last = $plan->versions->first();
        $accepted = $plan->versions->first(fn (PlanVersion $v): bool => $v->accepted_at !== null);
        $state = match (true) {
            $accepted !== null => "version {$accepted->number} accepted",
            $last !== null => "version {$last->number} kept",
            default => 'draft',
        };

        return new self(
            $plan->id,
            $plan->name,
            $plan->site?->client?->name.', '.$plan->site?->name,
            $state,
            (string) $plan->user?->name,
            $plan->updated_at?->toIso8601ZuluString() ?? '',
        );
    }
}
