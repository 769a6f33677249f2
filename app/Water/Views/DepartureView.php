<?php

declare(strict_types=1);

namespace App\Water\Views;

final readonly class DepartureView
{
    public function __construct(
        public string $label,
        public string $at,
        public string $litres,
        public bool $late,
        public ?string $fromStock,
        public string $href,
    ) {
    }
}
