<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\ExpressionLanguage\ExpressionLanguage;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\Surfaces;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Measure\WorkingInput;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Outage;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Response;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;

/** Time to harm, time to help, and what lies between them: cases worked by hand. */
final class HoursInHandTest extends TestCase
{
    #[Test]
    public function a_heater_stuck_on_harms_when_the_course_says_so(): void
    {
        $tank = self::tank(roomC: 24);
        $harm = TimeToHarm::of(Hazard::HeaterStuckOn, $tank)[0];
        // Settles at R + (P − E)/UA; first crossing of 30 °C by τ·ln.
        $settles = 24 + (250 + 60 - $tank->heat->evaporation(25.5, 24)->watts) / $tank->heat->hotUaWK;
        $tau = (400 * 1.0233 * 3990) / 3600 / $tank->heat->hotUaWK;
        self::assertEqualsWithDelta($tau * log((25.5 - $settles) / (30 - $settles)), $harm->hours, 1e-6);
        self::assertEqualsWithDelta(
            $harm->hours,
            self::evaluate($harm),
            1e-6,
            'the working evaluates to its own result',
        );
        self::assertNull(
            TimeToHarm::of(Hazard::HeaterStuckOn, self::tank(roomC: 10))[0]->hours,
            'a cold room holds it',
        );
        self::assertSame([], TimeToHarm::of(Hazard::HeaterStuckOff, self::tank(roomC: 10, heaters: [])));
    }

    #[Test]
    public function a_power_cut_takes_oxygen_first_and_a_battery_gives_hours(): void
    {
        $tank = self::tank(roomC: 17);
        $harms = TimeToHarm::of(Hazard::PowerCut, $tank);
        self::assertSame(['oxygen', 'temperature'], array_map(fn (Harm $h): string => $h->by, $harms));
        self::assertEqualsWithDelta($harms[0]->hours, self::evaluate($harms[0]), 1e-6);
        self::assertGreaterThan($harms[0]->hours, $harms[0]->lossHours);
        $dense = Outage::oxygen(self::tank(roomC: 17, batteryH: 6));
        self::assertGreaterThan($harms[0]->hours, $dense->hours);
        self::assertLessThan(6, $dense->hours, 'this much life uses oxygen faster than one pump brings it');
        $light = self::tank(roomC: 17, batteryH: 6, fishKg: 0.2, community: Community::Few);
        self::assertGreaterThan(6 + 3, Outage::oxygen($light)->hours);
        self::assertLessThan($harms[0]->hours, Outage::oxygen(self::tank(roomC: 17, fishKg: 3))->hours);
        self::assertLessThan(
            Outage::oxygen(self::tank(roomC: 17))->hours,
            Outage::oxygen(self::tank(roomC: 17, altitudeM: 1500))->hours,
        );
        self::assertTrue(Outage::oxygen(self::tank(roomC: 17, fishKg: null))->assumed);
    }

    #[Test]
    public function help_acts_at_the_later_of_travel_and_key_and_half_an_hour(): void
    {
        // 02:00, alarm after 10 min, answered by night after 45, 20 min drive, key: 10 + 45 + 20 + 30 min.
        $ines = new Called('Ines', true, 15, 20, hasKey: true);
        $night = new Place(2, [], [], null);
        self::assertEqualsWithDelta(
            105 / 60,
            Response::of(Hazard::HeaterStuckOn, self::tank(24), [self::alarm([$ines])], $night)->actsH,
            1e-9,
        );
        // The first does not answer: a step of 15 min more, and only then somebody rises.
        $away = new Called('Jory', false, 15);
        self::assertEqualsWithDelta(
            120 / 60,
            Response::of(Hazard::HeaterStuckOn, self::tank(24), [self::alarm([$away, $ines])], $night)->actsH,
            1e-9,
        );
        // No key, opens at 08:00, six hours on.
        $wait = Response::of(
            Hazard::HeaterStuckOn,
            self::tank(24),
            [self::alarm([new Called('Ines', true, 15, 20)])],
            new Place(2, [], [[6.0, 15.0]]),
        );
        self::assertSame([6.5, true], [$wait->actsH, $wait->waitsAtDoor]);
        // By day the ring is answered in 15 min.
        self::assertEqualsWithDelta(
            (10 + 15 + 20 + 30) / 60,
            Response::of(Hazard::HeaterStuckOn, self::tank(24), [self::alarm([$ines])], new Place(14, [], []))->actsH,
            1e-9,
        );
        // The alarm takes 10 min. A day is from seven to ten in the evening, when it rings.
        $heard = fn (float $hour): float => (float) Response::of(
            Hazard::HeaterStuckOn,
            self::tank(24),
            [self::alarm([$ines])],
            new Place($hour, [], []),
        )->noticedH * 60 - 10;
        foreach ([[6.9, 45], [7.1, 15], [21.9, 15], [22.1, 45]] as [$rings, $minutes]) {
            self::assertEqualsWithDelta($minutes, $heard($rings - 10 / 60), 1e-9, "rings at {$rings}");
        }
    }

    #[Test]
    public function a_quarter_of_an_hour_each_and_half_an_hour_to_the_place(): void
    {
        self::assertEquals(new Called('Ines', true, 15, 30), new Called('Ines', true));
    }

    #[Test]
    public function an_alarm_counts_only_tested_alive_and_with_somebody_to_answer(): void
    {
        $ines = new Called('Ines', true, 15, 20, hasKey: true);
        $night = new Place(2, [], []);
        $nobody = fn (AlarmWay $a, Hazard $h = Hazard::HeaterStuckOn): ?string => Response::of(
            $h,
            self::tank(24),
            [$a],
            $night,
        )->noticedH === null
            ? Response::of($h, self::tank(24), [$a], $night)->how
            : null;
        self::assertSame(
            'Dialler is untested',
            $nobody(new AlarmWay('Dialler', [Hazard::HeaterStuckOn], 10, false, true, [$ines])),
        );
        self::assertSame(
            'Dialler dies with the power',
            $nobody(new AlarmWay('Dialler', [Hazard::PowerCut], 10, true, false, [$ines]), Hazard::PowerCut),
        );
        self::assertSame(
            'Dialler calls only Jory, who cannot answer',
            $nobody(self::alarm([new Called('Jory', false)])),
        );
        self::assertNull($nobody(self::alarm([$ines])));
        // What watches something else is passed over; the next that would see it says why it does not call.
        $other = new AlarmWay('Float', [Hazard::PowerCut], 10, true, true, [$ines]);
        $untested = new AlarmWay('Dialler', [Hazard::HeaterStuckOn], 10, false, true, [$ines]);
        self::assertSame(
            'Dialler is untested',
            Response::of(Hazard::HeaterStuckOn, self::tank(24), [$other, $untested], $night)->how,
        );
        // Without an alarm the household looks at six in the evening, sixteen hours on, and rings whoever is on call.
        $look = Response::of(Hazard::HeaterStuckOn, self::tank(24), [], new Place(2, [16.0], [], $ines));
        self::assertEqualsWithDelta(16 + 20 / 60 + 0.5, $look->actsH, 1e-9);
    }

    #[Test]
    public function hours_in_hand_are_what_lies_between_and_nobody_means_none(): void
    {
        $tank = self::tank(roomC: 24);
        $alarm = self::alarm([new Called('Ines', true, 15, 20, hasKey: true)]);
        $harm = TimeToHarm::of(Hazard::HeaterStuckOn, $tank)[0]->hours;
        $in = HoursInHand::of(Hazard::HeaterStuckOn, $tank, [$alarm], new Place(2, [], []));
        self::assertEqualsWithDelta($harm - 105 / 60, $in->hours, 1e-9);
        $none = HoursInHand::of(Hazard::HeaterStuckOn, $tank, [], new Place(2, [], []));
        self::assertSame([0.0, Severity::Fix], [$none->hours, $none->finding->severity]);
        self::assertStringContainsString('nobody would notice', $none->finding->what->in(Units::metric()));
        $late = HoursInHand::of(
            Hazard::HeaterStuckOn,
            $tank,
            [],
            new Place(2, [40.0], [[0, 99]], new Called('Ines', true)),
        );
        self::assertLessThan(0, $late->hours);
        self::assertStringContainsString('too late', $late->finding->what->in(Units::us()));
        self::assertSame($late, HoursInHand::worst($in, $late));
        self::assertLessThan($in->rank(), $none->rank());
    }

    /** @param  list<float>  $heaters */
    private static function tank(
        float $roomC,
        array $heaters = [250.0, 250.0],
        float $batteryH = 0,
        ?float $fishKg = 0.6,
        float $altitudeM = 0,
        Community $community = Community::Mixed,
    ): Tonight {
        $vessel = Vessel::of(Rectangular::outer(1200, 600), 550, 12, 12);
        $heat = TankHeat::of(400, [Surfaces::of($vessel, 500, true)]);

        $units = array_map(
            fn (float $w, int $i): Heater => new Heater('heater', $w, "own {$i}"),
            $heaters,
            array_keys($heaters),
        );

        return new Tonight(
            heat: $heat,
            volumeL: 400,
            surfaceM2: 0.68,
            footprintM2: 0.68,
            lid: false,
            setpointC: 25.5,
            salinity: 35,
            heaters: $units,
            backgroundW: 60,
            roomC: $roomC,
            lowC: 18,
            highC: 30,
            fishKg: $fishKg,
            smallFish: false,
            community: $community,
            batteryH: $batteryH,
            batteryPump: true,
            altitudeM: $altitudeM,
        );
    }

    /** @param  list<Called>  $chain */
    private static function alarm(array $chain): AlarmWay
    {
        // Its limits lie at the set point: it calls from the fault on.
        return new AlarmWay(
            name: 'Dialler',
            watches: [Hazard::HeaterStuckOn, Hazard::PowerCut],
            delayMin: 10,
            tested: true,
            onItsOwn: true,
            chain: $chain,
            quantity: AlarmQuantity::Temperature,
            lowLimit: 25.5,
            highLimit: 25.5,
        );
    }

    private static function evaluate(Harm $harm): float
    {
        self::assertInstanceOf(Working::class, $harm->working);
        $language = new ExpressionLanguage();
        $language->register('log', fn (): string => '', fn (array $names, float $x): float => log($x));
        $values = array_combine(
            array_map(fn (WorkingInput $i): string => $i->symbol, $harm->working->inputs),
            array_map(fn (WorkingInput $i): float => $i->quantity->value, $harm->working->inputs),
        );

        return (float) $language->evaluate($harm->working->formula, $values);
    }
}
