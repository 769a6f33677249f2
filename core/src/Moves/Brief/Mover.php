<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** Somebody of the team. */
final readonly class Mover
{
    /** @param  list<string>  $skills */
    public function __construct(public string $id, public string $label, public float $limitKg, public array $skills)
    {
    }
}
