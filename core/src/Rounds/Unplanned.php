<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** A visit that found no place, and the day that came nearest. */
final readonly class Unplanned
{
    public function __construct(public Visit $visit, public Refusal $refusal, public ?CrewDay $nearest)
    {
    }
}
