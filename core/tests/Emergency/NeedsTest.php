<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\Needs;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Risk\Tonight;

/** What has to stand ready, in amounts of the system's own (E-1, W-59). */
final class NeedsTest extends TestCase
{
    #[Test]
    public function water_is_the_larger_of_the_share_and_what_the_boxes_take(): void
    {
        self::assertSame(150.0, self::amount('water', 3.7), 'a quarter of 600 L; boxes take 148');
        self::assertSame(152.0, self::amount('water', 3.8));
        self::assertSame(152.0, self::amount('holding', 3.8));
        self::assertSame(300.0, self::amount('water', 3.8, 0.5));
        self::assertSame(40.0, self::amount('holding', 0.1), 'no box is smaller');
    }

    #[Test]
    public function as_much_again_can_be_made_and_fish_hide_in_their_boxes(): void
    {
        // 152 L of water: 5.78 kg of salt; four boxes of forty.
        self::assertSame([6.0, 152.0, 4.0, 1.0, 1.0], array_map(
            fn (string $code): ?float => self::amount($code, 3.8),
            ['salt', 'ro', 'hides', 'filter', 'power'],
        ));
        self::assertSame([12.0, 300.0], [self::amount('salt', 3.8, 0.5), self::amount('ro', 3.8, 0.5)]);
        self::assertSame(1.0, self::amount('hides', 1.0));
        self::assertSame(2.0, self::amount('hides', 1.1));
        foreach (Needs::of(self::tank(3.8)) as $need) {
            self::assertTrue($need['serves'] !== [] xor $need['for'] !== null, $need['code']);
        }
    }

    #[Test]
    public function where_nothing_lives_no_water_and_no_air_is_kept_for_it(): void
    {
        $codes = array_column(Needs::of(self::tank(3.0, hasAnimals: false)), 'code');
        self::assertSame(['flow', 'floor'], $codes);
    }

    private static function amount(string $code, float $fishKg, ?float $share = null): ?float
    {
        return array_column(Needs::of(self::tank($fishKg), $share), 'amount', 'code')[$code] ?? null;
    }

    private static function tank(float $fishKg, bool $hasAnimals = true): Tonight
    {
        return new Tonight(
            heat: TankHeat::bare(600, 18, 18, 0),
            volumeL: 600,
            surfaceM2: 0.72,
            footprintM2: 0.72,
            lid: false,
            setpointC: 25,
            salinity: 35,
            heaters: [],
            backgroundW: 0,
            roomC: 8,
            lowC: 18,
            highC: 30,
            fishKg: $fishKg,
            hasAnimals: $hasAnimals,
        );
    }
}
