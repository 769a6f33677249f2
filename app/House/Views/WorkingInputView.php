<?php

declare(strict_types=1);

namespace App\House\Views;

final readonly class WorkingInputView
{
    public function __construct(
        public string $symbol,
        public string $label,
        public string $value,
        public string $basis,
        public bool $assumed,
    ) {
    }
}
