<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\HoldingCare;
use Velbrin\Core\Moves\HoldingLooks;
use Velbrin\Core\Moves\OriginLeft;

/** How often a holding is tested, and what is open at a place that is left. */
final class LeavingAndHoldingTest extends TestCase
{
    /** Litres so that ammonia needs so many hours to harm. */
    private static function care(float $hours): HoldingCare
    {
        $of = fn (float $litres): HoldingCare => HoldingCare::of($litres, 100, 8.1, 25.5, 35);

        return $of($hours / $of(1.0)->hoursToMost);
    }

    /** @return iterable<string, array{float|null, float}> hours to harm, hours between tests */
    public static function looks(): iterable
    {
        yield 'nobody knows' => [null, 24];
        yield 'a day is the longest' => [49, 24];
        yield 'twice before it harms' => [47.9, 23];
        yield 'by night too' => [17, 8];
        yield 'an hour is the shortest' => [1.5, 1];
    }

    #[Test]
    #[DataProvider('looks')]
    public function it_is_tested_twice_before_ammonia_harms(?float $hours, float $every): void
    {
        self::assertSame((float) $every, HoldingLooks::everyH($hours === null ? null : self::care($hours)));
    }

    #[Test]
    public function what_is_done_says_the_change_and_who_looks(): void
    {
        self::assertSame(
            'Holding: ammonia, temperature, salinity every 8 h; lid, air and heater looked at. Change 71 % every 12 h. Ada looks after it.',
            HoldingLooks::text('Holding', 'Ada', self::care(17), 12),
        );
        self::assertStringNotContainsString('Change', HoldingLooks::text('Holding', null, null, 12));
    }

    #[Test]
    public function a_place_is_left_when_all_is_so_somebody_signed_and_it_was_photographed(): void
    {
        $all = array_map(fn (): bool => true, OriginLeft::ASKED);
        self::assertSame([], OriginLeft::open($all, 'the caretaker', 1));
        foreach (array_keys(OriginLeft::ASKED) as $name) {
            self::assertCount(1, OriginLeft::open([$name => false] + $all, 'the caretaker', 1), $name);
            self::assertCount(1, OriginLeft::open(array_diff_key($all, [$name => 1]), 'the caretaker', 1), $name);
            self::assertCount(1, OriginLeft::open([$name => 'yes'] + $all, 'the caretaker', 1), 'a tick is a tick');
        }
        self::assertSame(['who signed for it'], OriginLeft::open($all, ' ', 1));
        self::assertSame(['a photo of the place as it was left'], OriginLeft::open($all, 'the caretaker', 0));
        self::assertCount(6, OriginLeft::open([], null, 0));
    }
}
