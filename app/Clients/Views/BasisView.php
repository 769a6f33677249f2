<?php

declare(strict_types=1);

namespace App\Clients\Views;

final readonly class BasisView
{
    public function __construct(public string $basis, public string $by, public string $at)
    {
    }
}
