<?php

declare(strict_types=1);

namespace App\Reports\Views;

final readonly class ReportReadingView
{
    public function __construct(public string $label, public string $value, public string $words)
    {
    }
}
