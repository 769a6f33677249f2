<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;
use Velbrin\Core\Vessel\VesselVolume;
use Velbrin\Core\Water\ChangeMethod;
use Velbrin\Core\Water\Hose;
use Velbrin\Core\Water\LevelFall;
use Velbrin\Core\Water\Refill;
use Velbrin\Core\Water\ShockCheck;
use Velbrin\Core\Water\ShockLimits;
use Velbrin\Core\Water\SumpChange;
use Velbrin\Core\Water\WaterValues;

/** What a change does inside a visit: methods side by side, shock, sump only, refilling with the return on. */
final class VisitWaterTest extends TestCase
{
    #[Test]
    public function the_same_water_in_more_portions_changes_less(): void
    {
        [$one, $two, $five, $slow] = ChangeMethod::compare(400, 200, 40, 0);
        self::assertSame([0.5, 0.5625], [$one->oldShare, $two->oldShare]);
        self::assertEqualsWithDelta([0.9 ** 5, exp(-0.5)], [$five->oldShare, $slow->oldShare], 1e-12);
        self::assertSame(20.0, $one->after);
        self::assertGreaterThan($two->after, $slow->after);
    }

    #[Test]
    public function a_change_that_would_shock_says_which_value_and_what_would_do(): void
    {
        // A quarter of 20 °C water into 25.4 °C: falls 1.35. Warm it to 25.4 − 1/0.25 = 21.4 °C.
        $check = ShockCheck::of(0.25, new WaterValues(25.4, 35, 8), new WaterValues(20, 35, 8.4), ShockLimits::stony());
        self::assertEqualsWithDelta(-1.35, $check->moves['tempC'], 1e-9);
        self::assertSame(2, $check->portions);
        self::assertSame(Severity::Fix, $check->findings[0]->severity);
        self::assertStringContainsString('21.4', (string) $check->findings[0]->remedy?->in(Units::metric()));
        self::assertArrayNotHasKey('ph', $check->moves, 'without a pH nothing is said of it');

        // Just at the bound it is fine.
        self::assertSame(
            1,
            ShockCheck::of(0.25, new WaterValues(25.4, 35, 8), new WaterValues(21.4, 35, 8.4), ShockLimits::stony())
                ->portions,
        );
    }

    #[Test]
    public function ph_follows_from_mixed_alkalinity_and_carbon_and_ammonia_outranks_it(): void
    {
        $tank = new WaterValues(25, 35, 8, 7.6);
        $fresh = new WaterValues(25, 35, 8, 8.3);
        $half = ShockCheck::of(0.5, $tank, $fresh);
        self::assertGreaterThan(7.6, $half->after->ph);
        self::assertLessThan(8.3, $half->after->ph);
        self::assertGreaterThan(1, $half->portions);
        self::assertSame(1, ShockCheck::of(0.5, $tank, $fresh, ammoniaEmergency: true)->portions);
        self::assertGreaterThan(
            1,
            ShockCheck::of(0.5, new WaterValues(25, 35), new WaterValues(20, 35), ammoniaEmergency: true)->portions,
            'but not temperature',
        );
    }

    #[Test]
    public function a_sump_gives_what_stands_over_the_pumps_and_takes_what_a_power_cut_leaves(): void
    {
        $sump = SumpChange::of(20, 60, 30);
        self::assertEqualsWithDelta([20, 0.85 * 60 - 30], [$sump->outL, $sump->backL], 1e-9);
        self::assertSame(3, $sump->portions(45));
        self::assertNull(SumpChange::of(0, 60, 30)->portions(45));
    }

    #[Test]
    public function refilling_with_the_return_on_agrees_with_the_water_s_own_book_keeping(): void
    {
        foreach (
            [[3000, 900, 25, 30], [3000, 400, 25, 30], [1500, 800, 10, 40], [2000, 100, 60, 30]] as [$pump, $refill, $chamber, $missing]
        ) {
            $dry = false;
            [$inChamber, $short] = [(float) $chamber, (float) $missing];
            $dt = 0.05 / 3600;
            for ($minutes = 0.0; $short > 0 && ! $dry; $minutes += $dt * 60) {
                $inChamber += ($refill - $pump) * $dt;
                $short -= $pump * $dt;
                $dry = $inChamber < 0;
            }
            $says = Refill::of($pump, $refill, $chamber, $missing, 60, 30);
            self::assertSame(! $dry, $says->holds, "{$pump} against {$refill}");
            if (! $dry) {
                self::assertEqualsWithDelta($minutes, $says->minutesToWeir, 0.01);
            } elseif ($says->pumpLh !== null) {
                self::assertTrue(
                    Refill::of($says->pumpLh * 0.999, $refill, $chamber, $missing, 60, 30)->holds,
                    'the pump speed it names is enough',
                );
            }
        }
        self::assertEqualsWithDelta(
            (60 * (0.85 * 60 - 30)) / 600,
            Refill::of(3000, 600, 25, 30, 60, 30)->shutAfterMin,
            1e-9,
        );
    }

    #[Test]
    public function a_hose_empties_a_vessel_as_its_steady_flows_add_up(): void
    {
        $area = 0.6;
        $closed = Hose::emptyingMin(16, 4, $area, 0.8, 0.5);
        $minutes = 0.0;
        for ($h = 0.8; $h > 0.5; $h -= 0.0005) {
            $minutes += (60 * 0.5 * $area) / Hose::flowLh(16, 4, $h);
        }
        self::assertEqualsWithDelta($minutes, $closed, 0.01 * $minutes);
        self::assertGreaterThan(Hose::flowLh(13, 4, 0.6), Hose::flowLh(19, 4, 0.6));
        self::assertSame(600.0, Hose::bucket(10, 60));
    }

    #[Test]
    public function a_fall_of_the_level_is_litres_of_open_water(): void
    {
        // 1 m² inside, 500 mm of water, 140 kg of rock displace 50 L of 500: a tenth.
        $volume = VesselVolume::of(Vessel::of(Rectangular::outer(1000, 1000), 500, 0, 0), rockKg: 140);
        self::assertEqualsWithDelta(0.9, LevelFall::netAreaM2($volume), 1e-12);
        self::assertEqualsWithDelta(45.0, LevelFall::litres(0.9, 50), 1e-12);
        $this->expectException(OutOfRange::class);
        LevelFall::litres(0.9, -1);
    }
}
