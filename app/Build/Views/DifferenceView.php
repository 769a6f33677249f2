<?php

declare(strict_types=1);

namespace App\Build\Views;

final readonly class DifferenceView
{
    public function __construct(public string $label, public string $before, public string $after)
    {
    }
}
