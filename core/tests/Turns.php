<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests;

use Closure;

/** Where an answer turns while one number of the question is moved. */
trait Turns
{
    /**
     * @param  Closure(float): mixed  $says  what is answered at a value; a yes or no is yes at the first one, so that a limit whose
     *                                       sides were changed does not pass
     * @return float the last value, from the first one on, at which it is as at the first one; to three hundred-thousandths of the way
     */
    private static function turning(Closure $says, float $from, float $to): float
    {
        $before = $says($from);
        self::assertNotSame($before, $says($to), "nothing turns between {$from} and {$to}");
        if (is_bool($before)) {
            self::assertTrue($before, "at {$from} it is not as it should be");
        }
        [$one, $other] = [$from, $to];
        while (abs($other - $one) > abs($to - $from) * 3e-5) {
            $middle = ($one + $other) / 2;
            [$one, $other] = $says($middle) === $before ? [$middle, $other] : [$one, $middle];
        }

        return $one;
    }
}
