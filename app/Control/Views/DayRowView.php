<?php

declare(strict_types=1);

namespace App\Control\Views;

/** One line of the day: a level over 24 hours, or moments. */
final readonly class DayRowView
{
    /**
     * @param  list<array{minute: float, level: float}>  $points  of a level
     * @param  list<float>  $moments  minutes of the day
     */
    public function __construct(public string $label, public array $points, public array $moments)
    {
    }
}
