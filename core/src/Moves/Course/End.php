<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** A moment a step has to be done by: the truck is back, the lift slot is over, quiet hours begin. */
final readonly class End
{
    public function __construct(public string $step, public int $atMin, public string $label = '')
    {
    }
}
