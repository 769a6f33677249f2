<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\Clock;
use Velbrin\Core\Emergency\Storm\Aid;
use Velbrin\Core\Risk\PartAway;

/** How long a part, a helper's work and a clock count (R-24, E-3, E-5). */
final class PartAwayTest extends TestCase
{
    #[Test]
    public function a_part_is_at_hand_on_the_road_or_ordered(): void
    {
        self::assertSame(0.0, PartAway::lying(true, 90.0), 'it lies there, wherever its shelf is');
        self::assertSame(0.25 + 0.5, PartAway::lying(false, 30.0));
        self::assertSame(0.25, PartAway::lying(false, 0.0), 'it still has to be loaded');
        self::assertSame(1.25, PartAway::lying(false, null), 'a drive nobody can work out is an hour');
        self::assertSame(48.0, PartAway::ordered(2));
    }

    #[Test]
    public function a_generator_takes_longer_than_a_battery(): void
    {
        self::assertSame([15.0, 35.0, 30.0], array_map(fn (Aid $a): float => $a->minutes(), Aid::cases()));
    }

    #[Test]
    public function what_is_three_days_away_is_the_last_that_is_a_clock(): void
    {
        self::assertTrue(Clock::isNear(72.0));
        self::assertFalse(Clock::isNear(72.1));
        self::assertTrue(Clock::isNear(0.0));
        self::assertFalse(Clock::isNear(null));
    }
}
