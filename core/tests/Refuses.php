<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests;

use Closure;
use Velbrin\Core\Measure\OutOfRange;

/** Of a test that wants to know what is refused, and what just is not. */
trait Refuses
{
    private static function refusal(Closure $ask): ?OutOfRange
    {
        try {
            $ask();

            return null;
        } catch (OutOfRange $e) {
            return $e;
        }
    }

    /** The field that is refused; null: taken. */
    private static function refused(Closure $ask): ?string
    {
        return self::refusal($ask)?->field;
    }
}
