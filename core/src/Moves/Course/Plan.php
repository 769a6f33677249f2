<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** Where each step stands and who does it: one way of doing all of it. */
final readonly class Plan
{
    /**
     * @param  array<string, int>  $starts  min, by step
     * @param  array<string, list<string>>  $hands  who does a step
     */
    public function __construct(public array $starts, public array $hands)
    {
    }
}
