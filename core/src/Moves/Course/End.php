<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** A moment a step has to be done by: the truck is back, the lift slot is over, quiet hours begin. */
final readonly class End
{
    /** @param  float|null  $perH  what each hour past it costs; null: nobody has asked, or no money moves it */
    public function __construct(public string $step, public int $atMin, public string $label = '', public ?float $perH = null)
    {
    }

    /** What it costs to be so late; null: nobody has asked. */
    public function costs(int $lateMin): ?float
    {
        return $this->perH === null ? null : $this->perH * max(0, $lateMin) / 60;
    }
}
