<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\CoolByChange;
use Velbrin\Core\Emergency\Rewarm;

/** Cooler matched water brings heat down no faster than 1 °C an hour (E-7). */
final class CoolByChangeTest extends TestCase
{
    #[Test]
    public function one_hour_s_change_lowers_by_one_degree_and_no_more(): void
    {
        // 600 L at 30 °C, water of 24 °C: 600 · 1/6.
        $change = CoolByChange::of(600, 30, 25, 24);
        self::assertEqualsWithDelta(100.0, $change?->litres, 1e-9);
        self::assertSame(1.0, $change->dropK);
        // Mixed by hand: (500 · 30 + 100 · 24) / 600.
        self::assertEqualsWithDelta(29.0, (500 * 30 + 100 * 24) / 600, 1e-9);
        self::assertEqualsWithDelta(30.0, CoolByChange::of(600, 25.3, 25, 19.3)?->litres, 1e-9, 'only what lacks: 0.3 °C');
    }

    #[Test]
    public function water_that_is_no_cooler_and_a_tank_that_is_not_too_warm_ask_for_none(): void
    {
        self::assertNull(CoolByChange::of(600, 25, 25, 20));
        self::assertNull(CoolByChange::of(600, 24, 25, 20));
        self::assertNotNull(CoolByChange::of(600, 25.4, 25, 24.9));
        self::assertNull(CoolByChange::of(600, 25.4, 25, 24.91), 'less than half a degree');
        self::assertNotNull(CoolByChange::of(600, 30, 25, 29));
        self::assertNull(CoolByChange::of(600, 30, 25, 29.1), 'not even all of it lowers by a degree');
    }

    #[Test]
    public function half_a_degree_too_warm_is_worth_a_change_and_a_degree_too_cold_the_way_back(): void
    {
        self::assertSame([], CoolByChange::offered(600, 25.49, 25));
        self::assertSame([25.0, 21.0], array_map(fn (CoolByChange $c): float => $c->freshC, CoolByChange::offered(600, 25.5, 25)));
        self::assertSame([25.0, 21.0], array_map(fn (CoolByChange $c): float => $c->freshC, CoolByChange::offered(600, 31, 25)));
        self::assertTrue(Rewarm::isAsked(24, 25));
        self::assertFalse(Rewarm::isAsked(24.01, 25));
    }

    #[Test]
    public function cooler_water_takes_less_and_more_tank_takes_more(): void
    {
        $last = INF;
        for ($fresh = 28.0; $fresh >= 15; $fresh -= 1) {
            $litres = CoolByChange::of(600, 30, 25, $fresh)->litres ?? 0.0;
            self::assertLessThan($last, $litres);
            self::assertLessThanOrEqual(600, $litres);
            self::assertEqualsWithDelta(2 * $litres, CoolByChange::of(1200, 30, 25, $fresh)?->litres, 1e-9);
            $last = $litres;
        }
    }
}
