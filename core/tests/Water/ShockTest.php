<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Tests\Refuses;
use Velbrin\Core\Water\ShockCheck;
use Velbrin\Core\Water\ShockLimits;
use Velbrin\Core\Water\WaterValues;

/** How far one change may move each value, which way to bring the new water, and in how many portions it would do (W-33). */
final class ShockTest extends TestCase
{
    use Refuses;

    private static function check(WaterValues $fresh, float $fraction = 0.5, ?ShockLimits $limits = null): ShockCheck
    {
        return ShockCheck::of($fraction, new WaterValues(25, 35, 8), $fresh, $limits ?? new ShockLimits());
    }

    private static function said(ShockCheck $check, string $about): Finding
    {
        foreach ($check->findings as $finding) {
            if ($finding->about === $about) {
                return $finding;
            }
        }
        self::fail("nothing of {$about}");
    }

    #[Test]
    public function values_mix_by_their_shares(): void
    {
        $after = self::check(new WaterValues(27, 31, 12), 0.25)->after;
        self::assertEqualsWithDelta([25.5, 34.0, 9.0], [$after->tempC, $after->salinity, $after->alkDkh], 1e-9);
        self::assertNull(self::check(new WaterValues(27, 31))->after->alkDkh, 'nobody measured the new water');
        $unmeasured = ShockCheck::of(0.5, new WaterValues(25, 35), new WaterValues(25, 35, 8));
        self::assertNull($unmeasured->after->alkDkh, 'nor the tank');
    }

    #[Test]
    public function a_share_is_more_than_nothing_and_at_most_all(): void
    {
        $of = fn (float $fraction): ?string => self::refused(fn () => self::check(new WaterValues(25, 35), $fraction));
        self::assertSame(['fraction', null, null, 'fraction'], array_map($of, [0.0, 0.001, 1.0, 1.001]));
    }

    /** @return iterable<string, array{WaterValues, string, string, string}> */
    public static function ways(): iterable
    {
        yield 'cold' => [new WaterValues(22, 35, 8), 'tempC', 'warm', '23'];
        yield 'hot' => [new WaterValues(28, 35, 8), 'tempC', 'cool', '27'];
        yield 'thin' => [new WaterValues(25, 32, 8), 'salinity', 'raise', '33'];
        yield 'strong' => [new WaterValues(25, 38, 8), 'salinity', 'thin', '37'];
        yield 'low in alkalinity' => [new WaterValues(25, 35, 5), 'alkDkh', 'raise its alkalinity', '6'];
        yield 'high in alkalinity' => [new WaterValues(25, 35, 11), 'alkDkh', 'choose a mix', '10'];
    }

    #[Test]
    #[DataProvider('ways')]
    public function the_new_water_is_brought_to_the_tank_never_away_from_it(
        WaterValues $fresh,
        string $about,
        string $way,
        string $bound,
    ): void {
        $finding = self::said(self::check($fresh), $about);
        self::assertSame(Severity::Fix, $finding->severity);
        $remedy = mb_strtolower((string) $finding->remedy?->in(Units::metric()));
        self::assertStringStartsWith($way, $remedy);
        self::assertStringContainsString(" {$bound}.0\u{00A0}", $remedy, 'two away from the tank at most, half of it changed');
        self::assertSame(2, self::check($fresh)->portions, 'a degree and a half, where one is allowed');
    }

    #[Test]
    public function at_the_limit_it_is_fine_and_beyond_it_is_not(): void
    {
        $rows = [[27.0, Severity::Fine, 1], [27.01, Severity::Fix, 2], [31.0, Severity::Fix, 3], [31.1, Severity::Fix, 4]];
        foreach ($rows as [$c, $is, $n]) {
            $check = self::check(new WaterValues($c, 35, 8));
            self::assertSame([$is, $n], [self::said($check, 'tempC')->severity, $check->portions], "{$c} °C");
            $remedy = (string) self::said($check, 'tempC')->remedy?->in(Units::metric());
            self::assertSame($n > 1, str_contains($remedy, " {$n} portions"), $remedy);
        }
        $stony = self::check(new WaterValues(25, 35, 9.5), limits: ShockLimits::stony());
        self::assertSame(Severity::Fix, self::said($stony, 'alkDkh')->severity);
        self::assertStringContainsString('9.0', (string) self::said($stony, 'alkDkh')->remedy?->in(Units::metric()));
        self::assertSame(Severity::Fine, self::said(self::check(new WaterValues(25, 35, 9.5)), 'alkDkh')->severity);
    }

    #[Test]
    public function in_an_ammonia_emergency_warmth_and_salt_still_bind_and_the_rest_is_watched(): void
    {
        $check = ShockCheck::of(0.5, new WaterValues(25, 35, 8), new WaterValues(28, 35, 14), ammoniaEmergency: true);
        self::assertSame(Severity::Fix, self::said($check, 'tempC')->severity);
        self::assertSame(Severity::Watch, self::said($check, 'alkDkh')->severity);
        self::assertSame(2, $check->portions, 'of warmth alone: the alkalinity would ask for three');
    }
}
