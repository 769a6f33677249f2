<?php

declare(strict_types=1);

namespace App\House\Views;

/** One step of "where am I". */
final readonly class CrumbView
{
    public function __construct(public string $label, public ?string $href)
    {
    }
}
