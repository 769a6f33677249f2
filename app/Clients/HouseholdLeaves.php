<?php

declare(strict_types=1);

namespace App\Clients;

/** A household will be away: whoever keeps its tanks wants to look before (X-48). */
final readonly class HouseholdLeaves
{
    public function __construct(public Site $site, public string $from, public string $until, public ?string $sitter)
    {
    }
}
