<?php

declare(strict_types=1);

namespace App\Systems\Views;

final readonly class ReadingView
{
    public function __construct(
        public int $id,
        public string $at,
        public float $value,
        public string $text,
        public string $typed,
        public string $method,
        public ?string $instrument,
        public string $by,
        public bool $doubtful,
        public ?string $marked,
    ) {
    }
}
