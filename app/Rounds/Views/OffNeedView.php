<?php

declare(strict_types=1);

namespace App\Rounds\Views;

/** What must be off for a job, and why. */
final readonly class OffNeedView
{
    public function __construct(public string $what, public string $why)
    {
    }
}
