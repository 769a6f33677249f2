<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\BestMeasures;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\DosedWater;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\HandState;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Measure;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Outage;
use Velbrin\Core\Risk\Tonight;
use Velbrin\Core\Tests\Refuses;
use Velbrin\Core\Tests\Turns;

/** Figures of risk that can be reckoned by hand, on both sides where they decide (R-2, R-20, R-48, R-53). */
final class RiskFiguresTest extends TestCase
{
    use Refuses;
    use Turns;

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

    #[Test]
    public function half_of_a_surface_breathes_under_a_lid(): void
    {
        self::assertSame([0.72, 0.36], [
            Outage::surfaceM2(Worlds::tank(21)),
            Outage::surfaceM2(new Tonight(...['lid' => true] + get_object_vars(Worlds::tank(21)))),
        ]);
    }

    #[Test]
    public function an_alarm_that_is_bought_calls_a_kelvin_off_the_set_point(): void
    {
        $alarms = MeasureKind::TemperatureAlarm->onMoment(Worlds::moment(21, []))->alarms;
        self::assertEquals([24, 26], [$alarms[0]->lowLimit, $alarms[0]->highLimit]);
    }

    #[Test]
    public function fish_nobody_has_weighed_count_as_a_gram_in_each_litre(): void
    {
        $demand = fn (?float $kg): float => Outage::demandMgH(new Tonight(...['fishKg' => $kg] + get_object_vars(Worlds::tank(21))));
        self::assertEqualsWithDelta($demand(0.6), $demand(null), 1e-9);
    }

    #[Test]
    public function small_fish_breathe_more_for_their_weight(): void
    {
        $demand = fn (bool $isSmall, float $kg): float => Outage::demandMgH(
            new Tonight(...['fishKg' => $kg, 'smallFish' => $isSmall] + get_object_vars(Worlds::tank(21))),
        );
        self::assertEqualsWithDelta(300.0, $demand(false, 2) - $demand(false, 1), 1e-9);
        self::assertEqualsWithDelta(500.0, $demand(true, 2) - $demand(true, 1), 1e-9);
    }

    #[Test]
    public function a_second_pump_brings_seven_tenths_of_the_first(): void
    {
        foreach ([2 => 0.17, 3 => 0.24] as $movers => $exchangeMh) {
            $tank = fn (float $kg): Tonight => new Tonight(...['fishKg' => $kg, 'movers' => $movers] + get_object_vars(Worlds::tank(21)));
            $kg = self::turning(fn (float $kg): bool => Outage::withoutReturn($tank($kg)) === [], 0.01, 5.0);
            self::assertEqualsWithDelta($exchangeMh * 0.72, Outage::neededExchangeM3H($tank($kg)), 1e-3, "{$movers} pumps");
        }
    }

    #[Test]
    public function a_smaller_vessel_holds_nine_tenths_of_what_harms(): void
    {
        $dose = new Dose('head', 600, Liquid::Carbonate, 2, 4000, 60, 90);
        $moment = Worlds::moment(21, [], new Waterside(doses: [$dose]));
        $smaller = MeasureKind::SmallVessel->onMoment($moment)->tank->waterside->doses[0];
        self::assertEqualsWithDelta(0.9 * $dose->harmsAtMl(), $smaller->holdsMl, 1e-9);
    }

    #[Test]
    public function less_than_two_hours_in_hand_are_short(): void
    {
        $minutes = self::turning(fn (float $m): Severity => self::hand($m)->finding->severity, 10, 60 * self::hand(0)->hours - 1);
        self::assertEqualsWithDelta(2.0, self::hand($minutes)->hours, 0.01);
        self::assertSame(Severity::Fine, self::hand($minutes)->finding->severity);
        self::assertSame(HandState::Short, self::hand($minutes + 1)->state());
    }

    #[Test]
    public function a_limit_within_half_a_kelvin_of_the_set_point_is_no_remedy(): void
    {
        $limit = fn (float $minutes): float => preg_match('/limit at ([0-9.]+)/', (string) self::hand($minutes, 19.0)->finding->remedy
            ?->in(Units::metric()), $found) === 1 ? (float) $found[1] : NAN;
        $minutes = self::turning(fn (float $m): bool => ! is_nan($limit($m)), 200, 1600);
        self::assertSame(24.5, $limit($minutes));
    }

    #[Test]
    public function of_twenty_measures_the_best_are_found_and_of_more_nobody_is_made_to_wait(): void
    {
        $asks = fn (int $count): ?string => self::refused(fn (): array => BestMeasures::of(
            ['cold' => 100.0],
            array_map(fn (int $n): Measure => new Measure("m{$n}", 10.0, ['cold' => 0.5], 0.0), range(1, $count)),
            30.0,
        ));
        self::assertSame([null, 'measures'], [$asks(20), $asks(21)]);
    }

    /** A tank that gets cold, an alarm, and whoever needs so long to it. */
    private static function hand(float $travelMin, float $lowC = 24.0): HoursInHand
    {
        $moment = Worlds::moment(15, [], alarm: Worlds::alarm());
        $way = new Called('Ines', true, 15, $travelMin, true);
        $called = new AlarmWay(...['chain' => [$way], 'lowLimit' => $lowC] + get_object_vars($moment->alarms[0]));

        return HoursInHand::of(Hazard::TooCold, Worlds::tank(10), [$called], $moment->place);
    }
}
