<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Programme\Starts;
use Velbrin\Core\Measure\OutOfRange;

/** Where new limits begin: round the set point, in their order. */
final class StartsTest extends TestCase
{
    #[Test]
    public function they_stand_round_the_set_point(): void
    {
        $starts = Starts::of(25.5);
        self::assertSame([25.3, 25.7, 26.5], [$starts->startC, $starts->stopC, $starts->guardC]);
        self::assertSame([23.8, 24.2, 25.0], array_values((array) Starts::of(24)));
        $this->expectException(OutOfRange::class);
        Starts::of(41);
    }
}
