<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\HeaterBank;
use Velbrin\Core\Heat\TankHeat;

/** Heaters that stand in a system: what hangs on one switch fails together (R-50, R-51). */
final class HeaterBankTest extends TestCase
{
    /** Loses 20 W a kelvin in the cold, 15 counted on in the heat, and evaporates nothing. */
    private static function tank(): TankHeat
    {
        return TankHeat::bare(200, 20, 15, 0);
    }

    /** @param  array{0: float, 1: string|null}  ...$heaters */
    private static function bank(array $heaters, float $coldC = 15, float $backgroundW = 0): HeaterBank
    {
        return HeaterBank::of(
            heat: self::tank(),
            heaters: array_map(fn (array $h): Heater => new Heater('h', $h[0], $h[1]), $heaters),
            setpointC: 25,
            coldRoomC: $coldC,
            warmRoomC: 26,
            backgroundW: $backgroundW,
            lowerHarmC: 18,
            upperHarmC: 30,
        );
    }

    #[Test]
    public function what_hangs_on_one_switch_is_lost_and_sticks_together(): void
    {
        $bank = self::bank([[150.0, 'a'], [150.0, 'a'], [100.0, 'b']]);
        self::assertEqualsWithDelta(200.0, $bank->needW, 1e-9);
        self::assertEqualsWithDelta(60.0, $bank->harmNeedW, 1e-9);
        self::assertSame([400.0, 300.0, 100.0], [$bank->totalW, $bank->stuckW, $bank->restW]);
        self::assertFalse($bank->isSwitchUnknown);
        self::assertSame(self::tank()->hotCourse(300, 26, 25, 30)->hoursToLimit, $bank->stuckOnHours);
        self::assertSame('2 × 150 W + 100 W', $bank->words());
    }

    #[Test]
    public function it_holds_with_a_fifth_to_spare_and_not_with_less(): void
    {
        self::assertTrue(self::bank([[240.0, 'a']])->holds);
        self::assertFalse(self::bank([[239.9, 'a']])->holds);
    }

    #[Test]
    public function what_is_left_must_just_keep_them_from_harm(): void
    {
        self::assertTrue(self::bank([[200.0, 'a'], [60.0, 'b']])->survivesOff());
        self::assertFalse(self::bank([[200.0, 'a'], [59.9, 'b']])->survivesOff());
        $mild = self::bank([[200.0, 'a']], 20);
        self::assertSame(0.0, $mild->harmNeedW, 'a room warmer than the limit asks for nothing');
        self::assertTrue($mild->survivesOff());
        self::assertSame(0.0, self::bank([[10.0, 'a']], 26)->needW);
    }

    #[Test]
    public function other_heat_comes_on_top_of_one_that_sticks(): void
    {
        $bank = self::bank([[100.0, 'a']], backgroundW: 80);
        self::assertSame(self::tank()->hotCourse(180, 26, 25, 30)->hoursToLimit, $bank->stuckOnHours);
        self::assertLessThan(self::bank([[100.0, 'a']])->stuckOnHours ?? INF, $bank->stuckOnHours);
    }

    #[Test]
    public function a_switch_nobody_named_counts_as_one_for_all_of_them(): void
    {
        $unknown = self::bank([[150.0, 'a'], [100.0, null]]);
        self::assertTrue($unknown->isSwitchUnknown);
        self::assertSame([250.0, 0.0], [$unknown->stuckW, $unknown->restW]);
        self::assertTrue(self::bank([[150.0, 'a'], [100.0, '']])->isSwitchUnknown);
        self::assertFalse(self::bank([[100.0, null]])->isSwitchUnknown, 'one alone has nothing to hang together with');
        self::assertSame(['alone-0' => 100.0, 'on-a' => 150.0], HeaterBank::groups([new Heater('x', 100), new Heater('y', 150, 'a')]));
        self::assertSame([0.0, 0.0, 'none'], [self::bank([])->stuckW, self::bank([])->restW, self::bank([])->words()]);
    }

    #[Test]
    public function stuck_on_it_is_safe_from_six_hours_on(): void
    {
        $hours = fn (float $watts): float => self::bank([[$watts, 'a']])->stuckOnHours ?? INF;
        [$safe, $not] = [1.0, 2000.0];
        for ($i = 0; $i < 60; $i++) {
            $try = ($safe + $not) / 2;
            $hours($try) >= 6.0 ? $safe = $try : $not = $try;
        }
        self::assertTrue(self::bank([[$safe, 'a']])->isSafeStuckOn());
        self::assertFalse(self::bank([[$not + 1e-6, 'a']])->isSafeStuckOn());
        self::assertTrue(self::bank([[1.0, 'a']])->isSafeStuckOn(), 'it never gets there');
        self::assertNull(self::bank([[1.0, 'a']])->stuckOnHours);
    }
}
