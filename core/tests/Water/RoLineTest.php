<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\RoLine;

/** A line from the mains: how long it may run, what it brings till then, where that goes (W-63). */
final class RoLineTest extends TestCase
{
    #[Test]
    public function it_may_run_a_fifth_longer_than_it_needs_at_its_coldest(): void
    {
        self::assertEqualsWithDelta(144.0, (new RoLine(20, 10))->limitMin(), 1e-9);
        self::assertNull((new RoLine(20, 10))->worstL(), 'nothing ends it');
        self::assertEqualsWithDelta(24.0, (new RoLine(20, 10, 144))->worstL(), 1e-9);
        self::assertEqualsWithDelta(4.0, (new RoLine(20, 10, 144, 20))->floorL(), 1e-9);
        self::assertSame(0.0, (new RoLine(20, 10, 144, 24))->floorL());
        self::assertNull((new RoLine(20, 10, 144))->floorL(), 'nobody has said what a tray takes');
    }

    #[Test]
    #[DataProvider('limits')]
    public function each_limit_holds_on_both_sides(RoLine $line, Severity $worst, string $says): void
    {
        $findings = $line->findings();
        self::assertSame($worst, $findings[0]->severity);
        $words = implode(' ', array_map(fn (Finding $f): string => $f->what->in(Units::metric()), $findings));
        self::assertStringContainsString($says, $words);
    }

    /** @return iterable<string, array{0: RoLine, 1: Severity, 2: string}> */
    public static function limits(): iterable
    {
        yield 'no limit' => [new RoLine(20, 10, null, 50, false), Severity::Fix, 'no run limit'];
        yield 'as long as it may' => [new RoLine(20, 10, 144, 50, false), Severity::Fine, 'no longer than'];
        yield 'a minute too long' => [new RoLine(20, 10, 145, 50, false), Severity::Fix, 'longer than it ever needs'];
        yield 'just taken' => [new RoLine(20, 10, 144, 24, false), Severity::Fine, 'find a place'];
        yield 'a little more' => [new RoLine(20, 10, 144, 23.9, false), Severity::Fix, 'on the floor'];
        yield 'what takes it is open' => [new RoLine(20, 10, 144, null, false), Severity::Watch, 'is open'];
        yield 'a float alone' => [new RoLine(20, 10, 144, 50, true, false), Severity::Fix, 'Waste water'];
        yield 'a float and a feed stop' => [new RoLine(20, 10, 144, 50, true, true), Severity::Fine, 'no longer than'];
        yield 'whether there is a float is open' => [new RoLine(20, 10, 144, 50), Severity::Watch, 'shuts its feed is open'];
        yield 'whether the feed is shut is open' => [new RoLine(20, 10, 144, 50, true), Severity::Watch, 'shuts its feed is open'];
    }

    #[Test]
    public function a_rate_that_moved_by_more_than_a_tenth_wants_its_limit_anew(): void
    {
        self::assertFalse(RoLine::hasMoved(10, 11));
        self::assertTrue(RoLine::hasMoved(10, 11.1));
        self::assertFalse(RoLine::hasMoved(10, 9));
        self::assertTrue(RoLine::hasMoved(10, 8.9));
        self::assertTrue(RoLine::hasMoved(0, 8));
    }

    #[Test]
    public function a_line_without_a_rate_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        new RoLine(20, 0);
    }
}
