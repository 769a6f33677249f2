<?php

declare(strict_types=1);

namespace App\Clients\Views;

/** That a code exists; what it is comes on demand. */
final readonly class CodeView
{
    public function __construct(public int $id, public string $label)
    {
    }
}
