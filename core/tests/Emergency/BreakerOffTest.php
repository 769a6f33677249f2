<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\BreakerOff;
use Velbrin\Core\Emergency\Course;
use Velbrin\Core\Emergency\Entry;
use Velbrin\Core\Emergency\Said;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;

final class BreakerOffTest extends TestCase
{
    #[Test]
    public function what_comes_down_is_held_against_what_the_sump_takes(): void
    {
        $said = fn (float $down, float $spare): string => BreakerOff::comesDown($down, $spare)->in(Units::metric());
        self::assertStringContainsString('the sump takes', $said(40, 40));
        self::assertStringNotContainsString('floor', $said(40, 40));
        self::assertStringContainsString("2\u{A0}L go on the floor", $said(42, 40));
        self::assertStringContainsString("42\u{A0}L go on the floor", $said(42, -3), 'a sump that is full takes nothing');
        $this->expectException(OutOfRange::class);
        BreakerOff::comesDown(-1, 40);
    }

    #[Test]
    public function it_is_out_since_somebody_first_said_so(): void
    {
        $did = fn (float $atS, string $of): Entry => new Entry(Said::Did, $atS, $of);
        self::assertNull(Course::of([$did(100, 'all-sources')], 0)->breakerOffS);
        self::assertSame(200.0, Course::of([$did(300, 'board-off'), $did(200, 'board-if-wet')], 0)->breakerOffS);
    }
}
