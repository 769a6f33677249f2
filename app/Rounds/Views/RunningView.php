<?php

declare(strict_types=1);

namespace App\Rounds\Views;

/** A clock that runs by the record, whoever started it (X-45). */
final readonly class RunningView
{
    public function __construct(public string $label, public string $untilAt)
    {
    }
}
