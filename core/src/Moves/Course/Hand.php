<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** Somebody of the team, and what they can do. */
final readonly class Hand
{
    /** @param  list<string>  $skills */
    public function __construct(public string $id, public array $skills = [])
    {
    }
}
