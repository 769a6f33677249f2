<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** One value at one time; days count from any fixed moment. */
final readonly class Reading
{
    private function __construct(public float $day, public float $value, public bool $marked)
    {
    }

    /**
     * @param  bool  $marked  set aside: kept, shown, but not judged
     *
     * @throws OutOfRange
     */
    public static function at(float $day, float $value, bool $marked = false): self
    {
        return new self(Guard::finite('day', $day), Guard::finite('value', $value), $marked);
    }
}
