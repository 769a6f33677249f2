<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Risk\Fault\DosedWater;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Outage;

/** What a battery moves in an outage, and what little alkalinity is counted with (R-20, R-2). */
final class MovedByBatteryTest extends TestCase
{
    #[Test]
    public function a_pump_breaks_the_surface_more_than_three_times_as_well_as_a_stone(): void
    {
        $by = fn (bool $isPump): float => Outage::batteryExchangeMh(Worlds::tank(21, batteryPump: $isPump));
        self::assertSame([0.1, 0.03], [$by(true), $by(false)]);
    }

    #[Test]
    public function alkalinity_counts_as_one_degree_at_least(): void
    {
        $alk = fn (float $dkh): float => (new DosedWater(alkDkh: $dkh))->facts(null)['alk']->likely * ReadingUnit::DKH_PER_MEQ;
        self::assertEqualsWithDelta([1.0, 1.0, 1.01, 8.0], [$alk(0.2), $alk(1.0), $alk(1.01), $alk(8.0)], 1e-9);
    }

    #[Test]
    public function a_battery_bought_gives_four_fifths_of_what_it_holds(): void
    {
        // 300 Wh, 0.8 of them, 0.9 of that into 12 W.
        $with = MeasureKind::BatteryAir->onMoment(Worlds::moment(21, []));
        self::assertEqualsWithDelta(300 * 0.8 * 0.9 / 12, $with->tank->batteryH, 1e-9);
    }
}
