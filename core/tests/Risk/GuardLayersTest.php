<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Risk\Fault\Draining;
use Velbrin\Core\Risk\Fault\LostOutlet;
use Velbrin\Core\Risk\Fault\TopUp;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Credit;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Layer\Refused;
use Velbrin\Core\Risk\Measures\Judged;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Measures\School;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Single\Loss;
use Velbrin\Core\Risk\Single\SingleFailures;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\Standing\Year;
use Velbrin\Core\Tests\Control\CheckerTest;

/** What a set-up protects against, found by the failure it stops, and what it cannot (X-20, R-33). */
final class GuardLayersTest extends TestCase
{
    #[Test]
    public function a_guard_that_opens_the_relay_that_welded_is_none(): void
    {
        $credits = self::credits(Hazard::HeaterStuckOn, [self::heater(null)], new Waterside());
        self::assertSame(Refused::SharesFault, $credits['guard-hot']->refused);
    }

    #[Test]
    public function a_thermostat_of_its_own_behind_the_relay_counts_and_one_nobody_spoke_of_may_not_be_there(): void
    {
        $fails = function (?bool $own): ?float {
            $credits = self::credits(Hazard::HeaterStuckOn, [self::heater($own)], new Waterside());

            return isset($credits['thermostat-heater1']) ? $credits['thermostat-heater1']->fails : null;
        };
        self::assertLessThan(0.5, $fails(true));
        self::assertSame(1.0, $fails(null));
        self::assertNull($fails(false));
    }

    #[Test]
    public function a_float_in_the_display_stops_the_return_if_it_acts_before_the_rim(): void
    {
        $guard = fn (float $forS): array => [
            'id' => 'rim',
            'outlet' => 'return',
            'when' => [['switch' => 'rim', 'closed' => true]],
            'forS' => $forS,
            'then' => 'off',
            'rank' => 'people',
            'blind' => 'off',
        ];
        $return = new Device('r', 'return', Job::ReturnPump, 50, 1.0, outlet: 'return');
        $side = new Waterside(draining: new Draining(21.6, 40, 1800), hasDrain: true);
        $refused = fn (float $forS): ?Refused => self::credits(Hazard::DrainBlocked, [$return], $side, $guard($forS))['guard-rim']->refused;
        self::assertNull($refused(43.2), 'as the water stands at the rim');
        self::assertSame(Refused::TooLate, $refused(43.3));
    }

    #[Test]
    public function the_longest_run_of_a_top_off_goes_through_its_own_relay(): void
    {
        $top = new Device('t', 'top-off', Job::TopOff, 5, 8.0, outlet: 'topoff');
        $side = new Waterside(topUp: new TopUp(430, 35, 60, 40, 25, 12, 6));
        self::assertSame(Refused::SharesFault, self::credits(Hazard::TopOffOn, [$top], $side)['longest-topoff']->refused);
        $plain = new Device('t', 'top-off', Job::TopOff, 5, 8.0);
        self::assertNull(self::credits(Hazard::TopOffOn, [$plain], $side)['longest-topoff']->refused);
    }

    #[Test]
    public function a_dead_head_and_a_dead_probe_take_what_the_set_up_says_they_take(): void
    {
        $on = Hangs::onNothing()->on(Part::Controller, 'c1')->on(Part::Probe, 't1');
        $heaters = [self::heater(true, $on), self::heater(true, $on, 'heater2')];
        $losses = fn (array $change): array => array_column(
            array_map(
                fn (Loss $l): array => ['id' => $l->id, 'devices' => $l->devices, 'needs' => $l->needs],
                SingleFailures::of(
                    self::standing($heaters, $change),
                    Worlds::moment(8.0, $heaters)->tank,
                    Worlds::moment(24.0, $heaters)->tank,
                ),
            ),
            null,
            'id',
        );
        $off = $losses(['outlets' => [0 => ['lostLink' => 'off'], 1 => ['lostLink' => 'off']]]);
        self::assertSame(['heater heater1', 'heater heater2'], $off['controller:c1']['devices']);
        self::assertSame(['heater heater1', 'heater heater2'], $off['probe:t1']['devices'], 'blind: off');
        $left = $losses(['outlets' => [0 => ['lostLink' => 'on'], 1 => ['lostLink' => 'on']]]);
        self::assertSame([], $left['controller:c1']['devices'], 'on, by thermostats of their own');
    }

    #[Test]
    public function the_same_system_without_its_controller_has_no_head_to_lose(): void
    {
        $heaters = [self::heater(true)];
        $side = new Waterside(lost: [new LostOutlet('heater heater1', Job::Heater, 0.0, 150)]);
        $moment = Worlds::moment(8.0, $heaters, $side, alarm: Worlds::alarm(Hangs::onNothing()->on(Part::Controller, 'c1')));
        $with = new Judged(self::standing($heaters), [$moment], Rates::assumed());
        $without = $with->withoutController() ?? self::fail('a controller drives it');
        self::assertGreaterThan(0, $with->harms(Hazard::ControllerDead, []));
        self::assertSame(0.0, $without->harms(Hazard::ControllerDead, []));
        self::assertGreaterThan(
            $with->harms(Hazard::HeaterStuckOff, []),
            $without->harms(Hazard::HeaterStuckOff, []),
            'its alarm went with it',
        );
        self::assertGreaterThan(0, $without->year(true));
        self::assertNull((new Judged(Worlds::standing($heaters), [$moment], Rates::assumed()))->withoutController());
    }

    #[Test]
    public function few_things_and_many_layers_are_judged_by_the_same_arithmetic(): void
    {
        $heaters = [self::heater(true)];
        $side = new Waterside(lost: [new LostOutlet('heater heater1', Job::Heater, 0.0, 150)]);
        $moment = Worlds::moment(8.0, $heaters, $side, alarm: Worlds::alarm(Hangs::onNothing()->on(Part::Controller, 'c1')));
        $judged = new Judged(self::standing($heaters), [$moment], Rates::assumed());
        [$stands, $simple, $layered] = $judged->schools(false);
        self::assertSame([School::STANDS, School::SIMPLE, School::LAYERED], [$stands->name, $simple->name, $layered->name]);
        self::assertSame([$judged->year(false), [], 0.0, 0], [$stands->year, $stands->measures, $stands->upkeepMin, $stands->devices]);
        $bare = $judged->withoutController() ?? self::fail('a controller drives it');
        self::assertSame($bare->year(false, $simple->measures), $simple->year);
        self::assertSame([], array_filter($simple->measures, fn (MeasureKind $k): bool => $k->addsDevices() > 0));
        self::assertSame(-1, $simple->devices, 'its controller is gone');
        self::assertSame($judged->fitting(), $layered->measures);
        self::assertSame(array_sum(array_map(fn (MeasureKind $k): int => $k->addsDevices(), $layered->measures)), $layered->devices);
        self::assertSame(array_sum(array_map(fn (MeasureKind $k): float => $k->upkeepMin(), $layered->measures)), $layered->upkeepMin);
        self::assertGreaterThan($simple->upkeepMin, $layered->upkeepMin);
        self::assertLessThan($stands->year, $layered->year);
        // Where nothing is driven by a controller, keeping it simple takes none away.
        $plain = (new Judged(Worlds::standing($heaters), [$moment], Rates::assumed()))->schools(false);
        self::assertSame(0, $plain[1]->devices);
    }

    private static function heater(?bool $own, ?Hangs $hangs = null, string $outlet = 'heater1'): Device
    {
        return new Device(
            id: $outlet,
            name: "heater {$outlet}",
            job: Job::Heater,
            watts: 150,
            ageYears: 1.0,
            provenYears: 0.5,
            hangs: $hangs,
            group: $outlet,
            outlet: $outlet,
            ownThermostat: $own,
        );
    }

    /**
     * @param  list<Device>  $devices
     * @param  array<string, mixed>  $change
     */
    private static function standing(array $devices, array $change = []): Standing
    {
        $setUp = SetupReader::read(array_replace_recursive(CheckerTest::sound(), $change));

        return new Standing(devices: $devices, setUps: ['c1' => $setUp], systemYears: 4.0, animalsWorth: 8000.0, floorWorth: 3000.0);
    }

    /**
     * @param  list<Device>  $devices
     * @param  array<string, mixed>|null  $guard
     * @return array<string, Credit> by layer
     */
    private static function credits(Hazard $hazard, array $devices, Waterside $side, ?array $guard = null): array
    {
        $sound = CheckerTest::sound();
        if ($guard !== null) {
            $sound['guards'][] = $guard;
        }
        $setUp = SetupReader::read($sound);
        $row = Year::hazard(
            $hazard,
            new Standing(devices: $devices, setUps: ['c1' => $setUp], systemYears: 4.0, animalsWorth: 8000.0, floorWorth: 3000.0),
            [Worlds::moment(24.0, $devices, $side)],
            Rates::assumed(),
        );
        $credits = [];
        foreach ($row?->credits() ?? [] as $credit) {
            $credits[$credit->layer->id] = $credit;
        }

        return $credits;
    }
}
