<?php

declare(strict_types=1);

namespace App\Front\Views;

final readonly class StationView
{
    public function __construct(public string $key, public string $label, public string $href)
    {
    }
}
