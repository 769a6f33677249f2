<?php

declare(strict_types=1);

namespace App\Api;

use Attribute;

/** What a route of the API does, for its description; the description is made from these, so it cannot go stale. */
#[Attribute(Attribute::TARGET_METHOD)]
final readonly class Describes
{
    /**
     * @param  class-string|null  $of  the view answered, alone or in a list
     * @param  array<string, array{0: string, 1: string}>  $query  name → JSON type and what it is
     */
    public function __construct(
        public string $summary,
        public string $ability,
        public ?string $of = null,
        public bool $many = false,
        public array $query = [],
        public bool $csv = false,
    ) {
    }
}
