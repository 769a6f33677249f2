<?php

declare(strict_types=1);

namespace App\Front\Views;

/** One thing to go to. */
final readonly class FoundView
{
    public function __construct(public string $kind, public string $label, public string $where, public string $href)
    {
    }
}
