<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\DoserLine;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\Pipe;

/** A doser's line that siphons once its head no longer closes the tube (K-18). */
final class DoserLineTest extends TestCase
{
    #[Test]
    public function it_can_siphon_where_its_vessel_stands_over_the_end_and_nothing_lets_air_in(): void
    {
        $can = fn (?float $aboveMm, ?bool $hasBreak): ?bool => (new DoserLine($aboveMm, $hasBreak))->canSiphon();
        self::assertSame([true, false, false], [$can(1, false), $can(0, false), $can(-1, false)]);
        self::assertSame([false, false], [$can(600, true), $can(null, true)]);
        self::assertSame([null, null, null], [$can(null, false), $can(600, null), $can(null, null)]);
        self::assertFalse((new DoserLine(600, false))->lowered()->canSiphon());
        self::assertSame(-20.0, (new DoserLine(-20, false))->lowered()->aboveMm);
    }

    #[Test]
    public function what_comes_a_minute_is_what_its_tube_takes_by_that_fall(): void
    {
        $litresH = DrainCapacity::siphon(Pipe::of(3, 1.4, 0), 0.64);
        self::assertEqualsWithDelta($litresH * 1000 / 60, (new DoserLine(640, false, 3, 1.4))->siphonMlMin(), 1e-9);
        self::assertSame(0.0, (new DoserLine(-100, false, 3, 1.4))->siphonMlMin());
        self::assertNull((new DoserLine(640, false, null, 1.4))->siphonMlMin());
        self::assertNull((new DoserLine(640, false, 3))->siphonMlMin());
        self::assertNull((new DoserLine(null, false, 3, 1.4))->siphonMlMin());
    }
}
