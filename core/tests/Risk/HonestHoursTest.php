<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\HeaterBank;
use Velbrin\Core\Heat\NoHeater;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Fault\TopUp;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Outage;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/** What notice really takes, which heaters really stand there, and what would help (R-48 … R-53). */
final class HonestHoursTest extends TestCase
{
    #[Test]
    public function notice_includes_reaching_the_alarm_s_limit(): void
    {
        $in = self::hours(Hazard::HeaterStuckOn, self::hot(), self::alarm(high: 28.0));
        // 400 L, 600 W stuck on beside 60 W: 28 °C first, then ten minutes, three quarters of an hour to be heard, half an hour's drive.
        self::assertEqualsWithDelta(-0.2, $in->hours, 0.05);
        self::assertStringContainsString(
            '13 min too late',
            str_replace("\u{a0}", ' ', $in->finding->what->in(Units::metric())),
        );
        $fromTheFault = self::hours(Hazard::HeaterStuckOn, self::hot(), self::alarm(high: 25.5));
        self::assertEqualsWithDelta(1.8, $fromTheFault->hours, 0.05, 'what is said while the limit is left out');
    }

    #[Test]
    public function a_limit_further_from_the_set_point_never_adds_hours(): void
    {
        $before = INF;
        foreach ([25.5, 26.0, 26.5, 27.0, 28.0, 29.0, 29.9, 30.0, 31.0] as $limit) {
            $hours = self::hours(Hazard::HeaterStuckOn, self::hot(), self::alarm(high: $limit))->hours;
            self::assertLessThanOrEqual($before, $hours, "at {$limit}");
            $before = $hours;
        }
        $before = INF;
        foreach ([25.0, 24.0, 22.0, 20.0, 18.5, 18.0, 17.0] as $limit) {
            $hours = self::hours(Hazard::HeaterStuckOff, self::cold([300.0]), self::alarm(low: $limit))->hours;
            self::assertLessThanOrEqual($before, $hours, "at {$limit}");
            $before = $hours;
        }
    }

    #[Test]
    public function a_limit_beyond_harm_sounds_after_the_harm(): void
    {
        $late = self::hours(Hazard::HeaterStuckOn, self::hot(), self::alarm(high: 30.5));
        self::assertLessThan(0, $late->hours);
        self::assertStringContainsString('sounds after the harm', $late->finding->why->in(Units::metric()));
    }

    #[Test]
    public function a_limit_nobody_entered_is_at_most_and_never_fine(): void
    {
        $open = self::hours(Hazard::HeaterStuckOff, self::cold([300.0]), self::alarm());
        self::assertTrue($open->isAtMost());
        self::assertSame(Severity::Watch, $open->finding->severity);
        self::assertSame('R-48', $open->finding->rule);
        self::assertStringContainsString('at most', $open->finding->what->in(Units::metric()));
        $unsaid = new AlarmWay('Dialler', Hazard::cases(), 10, true, true, [self::ines()]);
        self::assertTrue(
            HoursInHand::of(Hazard::HeaterStuckOff, self::cold([300.0]), [$unsaid], new Place(2, [], []))->isAtMost(),
        );
        // The other limit is not the one it runs into.
        self::assertTrue(self::hours(Hazard::HeaterStuckOff, self::cold([300.0]), self::alarm(high: 28.0))->isAtMost());
        self::assertFalse(self::hours(Hazard::HeaterStuckOff, self::cold([300.0]), self::alarm(low: 24.0))->isAtMost());
    }

    #[Test]
    public function a_power_alarm_counts_from_the_fault_and_sees_nothing_else(): void
    {
        $power = new AlarmWay('Power watch', Hazard::cases(), 10, true, true, [self::ines()], AlarmQuantity::Power);
        $cut = HoursInHand::of(Hazard::PowerCut, self::cold([300.0]), [$power], new Place(2, [], []));
        self::assertEqualsWithDelta((10 + 45 + 30 + 30) / 60, $cut->response->actsH, 1e-9);
        self::assertNull(
            HoursInHand::of(Hazard::HeaterStuckOff, self::cold([300.0]), [$power], new Place(2, [], []))->response
                ->noticedH,
        );
    }

    #[Test]
    public function the_measured_volume_decides(): void
    {
        // Uncovered hours go with the litres: 350 measured of 500 computed leave 16.9 of 24.2 h.
        $hours = fn (float $litres): ?float => TimeToHarm::of(
            Hazard::HeaterStuckOff,
            self::cold([300.0], litres: $litres),
        )[0]->hours;
        self::assertEqualsWithDelta(($hours(500.0) * 350) / 500, $hours(350.0), 1e-9);
        self::assertEqualsWithDelta(16.9, (24.2 * 350) / 500, 0.05);
    }

    #[Test]
    public function a_thermostat_that_still_works_does_not_carry_it_above_the_set_point(): void
    {
        $off = HoursInHand::of(Hazard::HeaterStuckOff, self::cold([600.0, 600.0]), [], new Place(2, [], []));
        self::assertNull($off->hours);
        self::assertEqualsWithDelta(
            25.5,
            $off->harms[0]->limit->value,
            1e-9,
            '29.8 °C is no place for a heater that failed off',
        );
        self::assertStringContainsString("holds 25.5\u{a0}°C", $off->finding->why->in(Units::metric()));
    }

    #[Test]
    public function heaters_of_one_switch_stick_and_fail_together(): void
    {
        $apart = [new Heater('a', 150, 'one'), new Heater('b', 150, 'two')];
        $together = [new Heater('a', 150, 'one'), new Heater('b', 150, 'one')];
        $cold = fn (array $heaters): Tonight => self::room(8, $heaters, TankHeat::bare(600, 18, 18, 0), 600, set: 25.0);
        // Both run: 24.7 °C; one gone: 16.3 °C after 62.3 h; one plug: 20.1 h.
        self::assertEqualsWithDelta(62.3, TimeToHarm::of(Hazard::HeaterStuckOff, $cold($apart))[0]->hours, 0.1);
        self::assertEqualsWithDelta(20.1, TimeToHarm::of(Hazard::HeaterStuckOff, $cold($together))[0]->hours, 0.1);
        self::assertSame(['on-one' => 300.0], HeaterBank::groups($together));
        $hot = fn (array $heaters): ?float => TimeToHarm::of(
            Hazard::HeaterStuckOn,
            self::room(24, $heaters, TankHeat::bare(600, 18, 14, 0), 600),
        )[0]->hours;
        self::assertLessThan(
            $hot([new Heater('a', 300, 'one'), new Heater('b', 300, 'two')]),
            $hot([new Heater('a', 300, 'one'), new Heater('b', 300, 'one')]),
        );
    }

    #[Test]
    public function a_bank_is_judged_by_its_own_heaters_and_by_what_switches_them(): void
    {
        $heat = TankHeat::bare(500, 15, 12, 0);
        $bank = fn (Heater ...$heaters): HeaterBank => HeaterBank::of(
            heat: $heat,
            heaters: array_values($heaters),
            setpointC: 25.5,
            coldRoomC: 15.0,
            warmRoomC: 28.0,
            backgroundW: 40.0,
            lowerHarmC: 18.0,
            upperHarmC: 30.0,
        );
        $need = 15 * 10.5;
        self::assertEqualsWithDelta($need, $bank()->needW, 1e-9);
        // 1.2 of the need on both sides.
        self::assertTrue(
            $bank(new Heater('a', (1.2 * $need) / 2, 'x'), new Heater('b', (1.2 * $need) / 2, 'y'))->holds,
        );
        self::assertFalse(
            $bank(new Heater('a', (1.19 * $need) / 2, 'x'), new Heater('b', (1.19 * $need) / 2, 'y'))->holds,
        );
        self::assertTrue($bank(new Heater('a', 100, 'x'), new Heater('b', 100, 'y'))->survivesOff());
        self::assertFalse($bank(new Heater('a', 100, 'x'), new Heater('b', 100, 'x'))->survivesOff());
        self::assertFalse(
            $bank(new Heater('a', 100), new Heater('b', 100))->survivesOff(),
            'unknown switches are counted as one',
        );
        self::assertTrue($bank(new Heater('a', 100), new Heater('b', 100))->isSwitchUnknown);
        self::assertFalse($bank(new Heater('a', 1500, 'x'))->passes(), 'one of 1 500 W is no pair of 250');
        self::assertFalse($bank(new Heater('a', 1500, 'x'))->isSafeStuckOn());
        self::assertSame('2 × 400 W', $bank(new Heater('a', 400, 'x'), new Heater('b', 400, 'y'))->words());
    }

    #[Test]
    public function retiring_a_heater_never_improves_the_cold_night(): void
    {
        $all = [150.0, 200.0, 100.0];
        foreach ([4.0, 8.0, 12.0, 16.0] as $room) {
            $hours = fn (array $watts): float => min(
                array_map(fn (Hazard $h): float => TimeToHarm::of($h, self::cold($watts, $room))[0]->hours ?? INF, [
                    Hazard::HeaterStuckOff,
                    Hazard::TooCold,
                ]) ?: [INF],
            );
            $without = fn (int $gone): array => array_values(array_diff_key($all, [$gone => 0]));
            foreach (array_keys($all) as $gone) {
                self::assertLessThanOrEqual(
                    $hours($all),
                    min(
                        $hours($without($gone)),
                        TimeToHarm::of(Hazard::TooCold, self::cold($without($gone), $room))[0]->hours ?? INF,
                    ),
                );
            }
        }
    }

    #[Test]
    public function an_empty_register_in_a_cold_room_is_a_hazard_and_on_purpose_is_an_answer(): void
    {
        $none = HoursInHand::of(Hazard::TooCold, self::cold([], 12.0), [], new Place(2, [], []));
        self::assertSame(0.0, $none->hours);
        self::assertSame(Severity::Fix, $none->finding->severity);
        self::assertStringContainsString('A heater of', (string) $none->finding->remedy?->in(Units::metric()));
        self::assertNull(
            HoursInHand::of(Hazard::TooCold, self::cold([], 19.0), [], new Place(2, [], []))->hours,
            'the room holds it above 18',
        );

        $answered = fn (bool $overdue): HoursInHand => HoursInHand::of(
            Hazard::TooCold,
            self::cold(
                [],
                12.0,
                noHeater: new NoHeater('the hall is heated', 'the hall is heated all winter', $overdue),
            ),
            [],
            new Place(2, [], []),
        );
        self::assertNull($answered(false)->hours);
        self::assertSame(
            ['R-50', Severity::Watch],
            [$answered(false)->finding->rule, $answered(false)->finding->severity],
        );
        self::assertStringContainsString(
            'the hall is heated all winter',
            $answered(false)->finding->why->in(Units::metric()),
        );
        self::assertSame(0.0, $answered(true)->hours, 'it comes back when its day has passed');
    }

    #[Test]
    public function where_nothing_lives_there_is_no_harm_to_rank(): void
    {
        foreach (Hazard::ofEverySystem() as $hazard) {
            $in = HoursInHand::of($hazard, self::cold([300.0], 8.0, animals: false), [], new Place(2, [], []));
            self::assertNull($in->hours);
            self::assertSame('R-51', $in->finding->rule);
        }
        self::assertNotNull(
            HoursInHand::of(Hazard::PowerCut, self::cold([300.0]), [], new Place(2, [], []))->hours,
            'unknown stock counts as stock',
        );
    }

    #[Test]
    public function a_dead_return_takes_the_air_where_nothing_else_moves_the_display(): void
    {
        // 300 L, .72 m², 336 mg/h, 6.75 mg/L: 2.23 h still.
        $tank = fn (?int $movers, float $fishKg = 0.5): Tonight => new Tonight(
            heat: TankHeat::bare(300, 18, 18, 0),
            volumeL: 300,
            surfaceM2: 0.72,
            footprintM2: 0.72,
            lid: false,
            setpointC: 25,
            salinity: 35,
            heaters: [],
            backgroundW: 0,
            roomC: 25,
            lowC: 18,
            highC: 30,
            fishKg: $fishKg,
            movers: $movers,
        );
        $air = function (Tonight $tank): ?Harm {
            $oxygen = array_filter(TimeToHarm::of(Hazard::ReturnDead, $tank), fn (Harm $h): bool => $h->by === 'oxygen');

            return array_values($oxygen)[0] ?? null;
        };
        $still = (float) Outage::hoursTo($tank(1), Outage::STRESS_MG_L);
        $moved = $air($tank(1));
        self::assertNotNull($moved);
        self::assertGreaterThan($still, $moved->hours);
        self::assertSame([], $moved->needs);
        $open = $air($tank(null));
        self::assertEqualsWithDelta($still, $open?->hours, 1e-9, 'as still as in a power cut');
        self::assertSame([$moved->hours, ['a pump that moves the display by itself']], [$open?->likelyH, $open?->needs]);
        // Two bring 1.7 times as much: more than 0.1 kg and a mixed reef breathe.
        self::assertNotNull($air($tank(1, 0.1)));
        self::assertNull($air($tank(2, 0.1)));
        self::assertGreaterThan($air($tank(1))?->hours, $air($tank(2))?->hours);
    }

    #[Test]
    public function salt_thickens_in_a_long_power_cut(): void
    {
        $by = fn (?TopUp $topUp): array => array_map(
            fn (Harm $h): string => $h->by,
            TimeToHarm::of(Hazard::PowerCut, Worlds::tank(21, side: new Waterside(topUp: $topUp))),
        );
        self::assertContains('thick salt', $by(new TopUp(600, 35, 60, 40, 25, 12, 6)));
        self::assertNotContains('dry pump', $by(new TopUp(600, 35, 60, 40, 25, 12, 6)), 'its pump stands');
        self::assertNotContains('thick salt', $by(null));
    }

    #[Test]
    public function a_dead_return_leaves_the_heat_in_the_sump(): void
    {
        $display = TankHeat::bare(500, 15, 12, 0);
        $sump = TankHeat::bare(60, 3, 3, 0);
        $heaters = [new Heater('a', 300, 'x', inSump: true)];
        $tank = self::room(
            21,
            $heaters,
            TankHeat::bare(560, 18, 15, 0),
            560,
            display: $display,
            sump: $sump,
            set: 25.0,
        );
        $harms = TimeToHarm::of(Hazard::ReturnDead, $tank);
        // 60 L alone with 300 W: 30 °C after 1.2 h.
        self::assertSame('sump', $harms[0]->by);
        self::assertEqualsWithDelta(1.2, $harms[0]->hours, 0.05);
        $beside = self::room(
            21,
            [new Heater('a', 300, 'x', inSump: true, sensesOwnVessel: true)],
            TankHeat::bare(560, 18, 15, 0),
            560,
            display: $display,
            sump: $sump,
            set: 25.0,
        );
        self::assertSame(
            ['temperature'],
            array_values(array_diff(
                array_map(fn (Harm $h): string => $h->by, TimeToHarm::of(Hazard::ReturnDead, $beside)),
                ['oxygen'],
            )),
            'its own thermostat stops it; the display cools',
        );
        $inDisplay = self::room(
            21,
            [new Heater('a', 300, 'x')],
            TankHeat::bare(560, 18, 15, 0),
            560,
            display: $display,
            sump: $sump,
        );
        self::assertSame(['oxygen'], array_map(fn (Harm $h): string => $h->by, TimeToHarm::of(Hazard::ReturnDead, $inDisplay)));
    }

    #[Test]
    public function a_remedy_is_not_what_is_there_already(): void
    {
        $place = new Place(2, [20.0], [], self::ines());
        $said = fn (Tonight $tank): string => str_replace(
            "\u{a0}",
            ' ',
            (string) HoursInHand::of(Hazard::PowerCut, $tank, [], $place)->finding->remedy?->in(Units::metric()),
        );
        $breathing = fn (float $battery, bool $pump, float $surface): Tonight => self::cold(
            [300.0],
            18.0,
            fishKg: 0.2,
            batteryH: $battery,
            batteryPump: $pump,
            surface: $surface,
        );
        self::assertStringContainsString('A battery air stone', $said($breathing(0, true, 1.6)));
        $long = $said($breathing(12, true, 0.5));
        self::assertStringContainsString(
            'Its battery lasts 12',
            $long,
            'a system with a battery is not told to get one',
        );
        self::assertStringNotContainsString('A battery on a pump', $long);
        self::assertStringContainsString('breaks the surface', $said($breathing(12, false, 0.5)));
    }

    #[Test]
    public function a_battery_is_sized_by_its_load_until_help(): void
    {
        $place = new Place(2, [20.0], [], self::ines());
        $tank = self::cold([300.0], 18.0, fishKg: 0.2, batteryH: 12, loadW: 18.0);
        $in = HoursInHand::of(Hazard::PowerCut, $tank, [], $place);
        $wh = ceil((18 / 0.9) * (float) $in->response->actsH);
        self::assertStringContainsString((string) $wh, (string) $in->finding->remedy?->in(Units::metric()));
        self::assertGreaterThanOrEqual(Outage::neededExchangeM3H($tank), Outage::PUMP_MH * Outage::surfaceM2($tank));
    }

    private static function hours(Hazard $hazard, Tonight $tank, AlarmWay $alarm): HoursInHand
    {
        return HoursInHand::of($hazard, $tank, [$alarm], new Place(2, [], []));
    }

    private static function alarm(?float $low = null, ?float $high = null): AlarmWay
    {
        return new AlarmWay(
            name: 'Thermometer',
            watches: Hazard::cases(),
            delayMin: 10,
            tested: true,
            onItsOwn: true,
            chain: [self::ines()],
            quantity: AlarmQuantity::Temperature,
            lowLimit: $low,
            highLimit: $high,
        );
    }

    private static function ines(): Called
    {
        return new Called('Ines', true, 15, 30, hasKey: true);
    }

    private static function hot(): Tonight
    {
        return self::room(25, [new Heater('a', 600, 'x')], TankHeat::bare(400, 12, 12, 0.5), 400);
    }

    /** @param  list<float>  $watts */
    private static function cold(
        array $watts,
        float $room = 12.0,
        float $litres = 500.0,
        ?NoHeater $noHeater = null,
        bool $animals = true,
        float $fishKg = 0.5,
        float $batteryH = 0.0,
        bool $batteryPump = true,
        ?float $loadW = null,
        float $surface = 0.5,
    ): Tonight {
        $heaters = array_map(
            fn (float $w, int $i): Heater => new Heater("h{$i}", $w, "own {$i}"),
            $watts,
            array_keys($watts),
        );

        return self::room(
            $room,
            $heaters,
            TankHeat::bare($litres, 15, 12, 0),
            $litres,
            noHeater: $noHeater,
            animals: $animals,
            fishKg: $fishKg,
            batteryH: $batteryH,
            batteryPump: $batteryPump,
            loadW: $loadW,
            background: 0.0,
            surface: $surface,
        );
    }

    /** @param  list<Heater>  $heaters */
    private static function room(
        float $room,
        array $heaters,
        TankHeat $heat,
        float $litres,
        ?TankHeat $display = null,
        ?TankHeat $sump = null,
        ?NoHeater $noHeater = null,
        bool $animals = true,
        float $fishKg = 0.5,
        float $batteryH = 0.0,
        bool $batteryPump = true,
        ?float $loadW = null,
        ?float $background = null,
        float $set = 25.5,
        float $surface = 0.5,
    ): Tonight {
        return new Tonight(
            heat: $heat,
            volumeL: $litres,
            surfaceM2: $surface,
            footprintM2: 0.5,
            lid: false,
            setpointC: $set,
            salinity: 35,
            heaters: $heaters,
            backgroundW: $background ?? ($room >= 24 ? 60.0 : 0.0),
            roomC: $room,
            lowC: 18,
            highC: 30,
            fishKg: $fishKg,
            community: Community::Few,
            batteryH: $batteryH,
            batteryPump: $batteryPump,
            displayHeat: $display,
            sumpHeat: $sump,
            hasAnimals: $animals,
            noHeater: $noHeater,
            batteryLoadW: $loadW,
        );
    }
}
