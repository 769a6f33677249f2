<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\ComparedWith;
use Velbrin\Core\Water\MixJump;
use Velbrin\Core\Water\MixMatch;

/** What new water is compared with has an age, and what it brings is said before (C-60, W-53). */
final class ChangeComparedTest extends TestCase
{
    #[Test]
    public function readings_of_fourteen_days_count_and_a_temperature_only_of_now(): void
    {
        $with = ComparedWith::of(['temperature' => 0.05, 'salinity' => 14.0, 'alkalinity' => 14.1, 'pH' => null]);
        self::assertSame(['alkalinity'], $with->stale());
        self::assertTrue($with->counts('salinity'));
        self::assertFalse($with->counts('alkalinity'));
        self::assertFalse($with->counts('pH'), 'never read is not stale, and counts for nothing');
        self::assertSame([], ComparedWith::of(['temperature' => 2 / 24])->stale());
        self::assertSame(['temperature'], ComparedWith::of(['temperature' => 2.1 / 24])->stale());
        self::assertStringContainsString('salinity read 14', $with->sentence()->in(Units::metric()));
    }

    #[Test]
    public function one_change_moves_each_value_by_its_share_of_the_difference(): void
    {
        $jumps = MixJump::of(
            0.25,
            35,
            ['alkalinity' => 8.0, 'calcium' => 420.0, 'magnesium' => null],
            ['alkalinity' => 12.0, 'calcium' => 440.0, 'magnesium' => 1400.0],
            ['alkalinity' => 0.9, 'calcium' => 25.0],
        );
        self::assertCount(2, $jumps, 'what is not read is not guessed');
        self::assertEqualsWithDelta([9.0, 425.0], [$jumps[0]->after, $jumps[1]->after], 1e-9);
        self::assertSame([true, false], [$jumps[0]->isTooFar(), $jumps[1]->isTooFar()]);
        self::assertFalse(
            MixJump::of(0.25, 35, ['alkalinity' => 8.0], ['alkalinity' => 12.0], ['alkalinity' => 1.0])[0]->isTooFar(),
            'just the rate',
        );
        self::assertEqualsWithDelta(
            8.0 + 0.25 * ((12 * 33) / 35 - 8),
            MixJump::of(0.25, 33, ['alkalinity' => 8.0], ['alkalinity' => 12.0], [])[0]->after,
            1e-9,
        );
    }

    #[Test]
    public function the_mix_that_disturbs_the_regime_least_comes_first(): void
    {
        $bands = Regime::LowNutrient->bands();
        $mixes = [
            'high' => ['alkalinity' => 12.0, 'calcium' => 460.0, 'magnesium' => 1400.0],
            'near' => ['alkalinity' => 7.3, 'calcium' => 420.0, 'magnesium' => 1300.0],
            'unknown' => ['alkalinity' => null],
        ];
        self::assertSame(['near', 'high'], array_keys(MixMatch::rank($mixes, $bands, 35)));
        // Mixed to 33 g/kg, 8.4 dKH at 35 are 7.92: 0.08 from the middle of 7 to 9, which is 2 wide.
        $one = ['alkalinity' => Band::of(7.5, 8.5, 7, 9)];
        self::assertEqualsWithDelta(0.04, MixMatch::rank(['mix' => ['alkalinity' => 8.4]], $one, 33)['mix'], 1e-9);
        // A quarter of its band off in one, an eighth in the other: the mean of both.
        $two = ['alkalinity' => Band::of(null, null, 7, 9), 'calcium' => Band::of(null, null, 400, 440)];
        self::assertEqualsWithDelta(0.1875, MixMatch::rank(['mix' => ['alkalinity' => 8.5, 'calcium' => 425]], $two, 35)['mix'], 1e-9);
        self::assertSame([], MixMatch::rank(['mix' => ['alkalinity' => 8.4]], ['alkalinity' => Band::of(null, null, 7, null)], 33));
    }
}
