<?php

declare(strict_types=1);

namespace App\House\Views;

final readonly class RuleView
{
    public function __construct(
        public string $number,
        public string $title,
        public string $says,
        public string $why,
        public ?string $formula,
        public ?string $source,
    ) {
    }
}
