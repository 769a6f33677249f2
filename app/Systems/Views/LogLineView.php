<?php

declare(strict_types=1);

namespace App\Systems\Views;

final readonly class LogLineView
{
    public function __construct(
        public int $id,
        public string $at,
        public string $kind,
        public string $text,
        public string $by,
    ) {
    }
}
