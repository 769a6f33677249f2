<?php

declare(strict_types=1);

namespace App\Clients\Views;

/** A fact nobody has given yet, and what waits for it. */
final readonly class ToSurveyView
{
    public function __construct(public string $key, public string $label, public string $dependsOn)
    {
    }
}
