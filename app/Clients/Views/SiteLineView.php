<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Site;

final readonly class SiteLineView
{
    private function __construct(
        public int $id,
        public string $name,
        public ?string $town,
        public int $systems,
        public int $plans,
    ) {
    }

    /** @param  array<string, array<int, int>>  $counts by content, then site */
    public static function of(Site $site, array $counts): self
    {
        return new self(
            $site->id,
            $site->name,
            $site->town,
            $counts['systems'][$site->id] ?? 0,
            $counts['plans'][$site->id] ?? 0,
        );
    }
}
