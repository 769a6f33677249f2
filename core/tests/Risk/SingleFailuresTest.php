<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Risk\Fault\Draining;
use Velbrin\Core\Risk\Fault\TopUp;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Single\Backup;
use Velbrin\Core\Risk\Single\CriticalFunction;
use Velbrin\Core\Risk\Single\Event;
use Velbrin\Core\Risk\Single\Functions;
use Velbrin\Core\Risk\Single\Loss;
use Velbrin\Core\Risk\Single\Mode;
use Velbrin\Core\Risk\Single\SingleFailures;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Tests\Control\CheckerTest;

/** One thing gone at a time, on the worst day (X-21, X-22, R-46). */
final class SingleFailuresTest extends TestCase
{
    #[Test]
    public function two_heaters_needed_on_the_coldest_night_are_not_two(): void
    {
        $both = [Worlds::heater('a'), Worlds::heater('b', age: 3.0)];
        $cold = self::losses($both, 8.0);
        self::assertEqualsWithDelta(62.3, self::of($cold, 'device:a')->harm?->hours, 0.1);
        self::assertSame([CriticalFunction::Heat], self::of($cold, 'device:a')->functions);
        $mild = self::losses($both, 17.0);
        self::assertFalse(self::of($mild, 'device:a')->harms());
        self::assertSame([], self::of($mild, 'device:a')->functions);
    }

    /** @return iterable<string, array{0: Part}> */
    public static function shared(): iterable
    {
        foreach ([Part::Strip, Part::Circuit, Part::Outlet, Part::Pump, Part::Source, Part::Room] as $part) {
            yield $part->label() => [$part];
        }
    }

    #[Test]
    #[DataProvider('shared')]
    public function one_plug_takes_both_heaters_and_two_plugs_do_not(Part $part): void
    {
        $on = fn (string $name): Hangs => Hangs::onNothing()->on($part, $name);
        $one = [Worlds::heater('a', hangs: $on('x')), Worlds::heater('b', age: 3.0, hangs: $on('x'))];
        $loss = self::of(self::losses($one, 8.0), "{$part->value}:x");
        self::assertEqualsWithDelta(20.1, $loss->harm?->hours, 0.1);
        self::assertSame(['heater a', 'heater b'], $loss->devices);
        $two = [Worlds::heater('a', hangs: $on('x')), Worlds::heater('b', age: 3.0, hangs: $on('y'))];
        self::assertNull(self::find(self::losses($two, 8.0), "{$part->value}:x"), 'a part of one device is that device');
    }

    #[Test]
    public function heaters_on_one_switch_stick_on_together(): void
    {
        $together = [Worlds::heater('a', 300, 'relay'), Worlds::heater('b', 300, 'relay', 3.0)];
        $losses = self::losses($together, 21.0, 21.0);
        self::assertEqualsWithDelta(7.1, self::of($losses, 'switch:relay', Mode::Stuck)->harm?->hours, 0.05);
        self::assertEqualsWithDelta(19.0, self::of($losses, 'device:a', Mode::Stuck)->harm?->hours, 0.05);
        $apart = [Worlds::heater('a', 300), Worlds::heater('b', 300, age: 3.0)];
        self::assertNull(self::find(self::losses($apart, 21.0, 21.0), 'switch:relay'));
    }

    #[Test]
    public function a_seam_that_goes_puts_its_litres_on_the_floor(): void
    {
        $loss = self::of(self::losses([Worlds::heater('a')], 21.0, side: new Waterside(leakL: 480.0)), 'seam');
        self::assertSame(['a seam', 480.0, 0.0], [$loss->name, $loss->floorL, $loss->harm?->hours]);
        self::assertSame(['leaks'], array_map(fn (Event $e): string => $e->code, $loss->events));
        self::assertNull(self::find(self::losses([Worlds::heater('a')], 21.0), 'seam'), 'nobody knows what it holds');
    }

    #[Test]
    public function the_line_of_the_return_comes_off_and_its_chamber_is_on_the_floor(): void
    {
        $pump = new Device('r', 'return', Job::ReturnPump, ageYears: 1.0);
        $losses = fn (Draining $draining, Device ...$all): array => self::losses(
            array_values($all),
            21.0,
            side: new Waterside(draining: $draining),
        );
        $loss = self::of($losses(new Draining(20, 12, 1800, addsL: 30), $pump), 'return-line');
        self::assertSame(['the line of the return', 42.0, 0.0], [$loss->name, $loss->floorL, $loss->harm?->hours]);
        self::assertContains('line-off', array_map(fn (Event $e): string => $e->code, $loss->events));
        self::assertSame(['return'], $loss->devices, 'nothing comes through it any more');
        $without = self::of($losses(new Draining(20, 12, 1800), $pump), 'return-line');
        self::assertSame(12.0, $without->floorL);
        self::assertNull(self::find($losses(new Draining(20, 12, 1800), Worlds::heater('a')), 'return-line'), 'no return lifts anything');
        self::assertNull(self::find(self::losses([$pump], 21.0), 'return-line'), 'nobody knows what its chamber holds');
        self::assertSame([], (new Draining(20, 0, 1800))->lineOff());
        self::assertSame([], (new Draining(20, 12, 0))->lineOff());
        self::assertEqualsWithDelta(12 / 1800, (new Draining(20, 12, 1800))->lineOff()[1]->hours, 1e-12);
    }

    #[Test]
    public function two_at_once_are_named_only_where_they_harm_sooner_than_one(): void
    {
        $pairs = fn (float $roomC, Device ...$devices): array => SingleFailures::pairs(
            Worlds::standing(array_values($devices)),
            Worlds::moment($roomC, array_values($devices))->tank,
            Worlds::moment($roomC, array_values($devices))->tank,
        );
        // At 18 °C one of two holds: both gone do not.
        [$both] = $pairs(12.0, Worlds::heater('a', 300), Worlds::heater('b', 300));
        self::assertSame(['pair:a+b', 'heater a and heater b'], [$both->id, $both->name]);
        self::assertEqualsWithDelta(
            SingleFailures::without(['a', 'b'], Worlds::standing([Worlds::heater('a', 300), Worlds::heater('b', 300)]), ...array_fill(
                0,
                2,
                Worlds::moment(12.0, [Worlds::heater('a', 300), Worlds::heater('b', 300)])->tank,
            ))->harm?->hours,
            $both->harm?->hours,
            1e-9,
        );
        self::assertSame([], $pairs(12.0, Worlds::heater('a', 300)), 'one is no pair');
        $light = new Device('l', 'lamp', Job::Light, ageYears: 1.0);
        // One of 150 W left harms after 62 h, none after 20: a lamp makes neither sooner.
        $named = array_map(fn (Loss $l): string => $l->id, $pairs(8.0, Worlds::heater('a'), Worlds::heater('b'), $light));
        self::assertSame(['pair:a+b'], $named);
        $streams = [
            new Device('s', 'stream', Job::CirculationPump, ageYears: 1.0),
            new Device('t', 'stream 2', Job::CirculationPump, ageYears: 1.0),
        ];
        self::assertSame('oxygen', $pairs(21.0, ...$streams)[0]->harm?->by);
        // Five that all are wanted make ten pairs; eight are told.
        $five = array_map(fn (string $id): Device => Worlds::heater($id, 55), ['a', 'b', 'c', 'd', 'e']);
        self::assertCount(6, $pairs(8.0, ...array_slice($five, 1)));
        self::assertCount(8, $pairs(8.0, ...$five));
        $away = new Device('b', 'heater b', Job::Heater, 300, 3.0, group: 'b', outOf: 'away');
        self::assertSame([], $pairs(12.0, Worlds::heater('a', 300), $away));
    }

    #[Test]
    public function devices_of_one_month_are_a_cause_of_their_own(): void
    {
        $month = [Worlds::heater('a', age: 2.0), Worlds::heater('b', age: 2.25)];
        self::assertEqualsWithDelta(20.1, self::of(self::losses($month, 8.0), 'age:heater')->harm?->hours, 0.1);
        $years = [Worlds::heater('a', age: 2.0), Worlds::heater('b', age: 2.26)];
        self::assertNull(self::find(self::losses($years, 8.0), 'age:heater'));
        $unknown = [Worlds::heater('a', age: null), Worlds::heater('b', age: null)];
        self::assertNull(self::find(self::losses($unknown, 8.0), 'age:heater'));
    }

    #[Test]
    public function a_blocked_drain_is_followed_to_the_dry_pump_and_the_parted_sump(): void
    {
        $side = new Waterside(topUp: new TopUp(600, 35, 60, 40, 25, 12, 6), draining: new Draining(21.6, 12, 1800), hasDrain: true);
        $loss = self::of(self::losses([Worlds::heater('a')], 8.0, side: $side), 'drain');
        self::assertSame(
            ['drain-blocked', 'return-dry', 'no-flow', 'fills-on'],
            array_map(fn (Event $e): string => $e->code, $loss->events),
        );
        self::assertSame(0.0, $loss->floorL);
        $flood = new Waterside(draining: new Draining(10, 12, 1800), hasDrain: true);
        $wet = self::of(self::losses([Worlds::heater('a')], 8.0, side: $flood), 'drain');
        self::assertEqualsWithDelta(2, $wet->floorL, 1e-9);
        self::assertContains('floods', array_map(fn (Event $e): string => $e->code, $wet->events));
    }

    #[Test]
    public function one_strip_for_all_pumps_takes_the_air(): void
    {
        $on = Hangs::onNothing()->on(Part::Strip, 's');
        $pumps = [
            new Device('r', 'return', Job::ReturnPump, 20, 1.0, hangs: $on),
            new Device('c', 'stream', Job::CirculationPump, 12, 2.0, hangs: $on),
        ];
        $loss = self::of(self::losses($pumps, 21.0), 'strip:s');
        self::assertSame('oxygen', $loss->harm?->by);
        self::assertContains(CriticalFunction::Air, $loss->functions);
        $apart = [$pumps[0], new Device('c', 'stream', Job::CirculationPump, 12, 2.0, hangs: Hangs::onNothing()->on(Part::Strip, 't'))];
        self::assertNotContains(CriticalFunction::Air, self::of(self::losses($apart, 21.0), 'device:r')->functions);
    }

    #[Test]
    public function without_what_cools_the_hottest_room_decides(): void
    {
        $chiller = new Device('c', 'chiller', Job::Chiller, 300, 2.0);
        $fan = new Device('f', 'fan', Job::Fan, 20, 4.0);
        $codes = fn (Loss $l): array => array_map(fn (Event $e): string => $e->code, $l->events);
        $one = self::of(self::losses([Worlds::heater('a'), $chiller], 20.0, 34.0), 'device:c');
        self::assertContains('no-cooling', $codes($one));
        $tank = Worlds::moment(34.0, [Worlds::heater('a')])->tank;
        self::assertEqualsWithDelta($tank->heat->hotCourse(0, 34.0, 25, 30)->hoursToLimit, $one->harm?->hours, 1e-6);
        $two = self::of(self::losses([Worlds::heater('a'), $chiller, $fan], 20.0, 34.0), 'device:c');
        self::assertNotContains('no-cooling', $codes($two), 'the fan still cools');
        self::assertNull(self::of(self::losses([Worlds::heater('a'), $chiller], 20.0, 26.0), 'device:c')->harm?->hours);
    }

    #[Test]
    public function a_room_whose_climate_fails_takes_the_water_with_it(): void
    {
        $side = new Waterside(roomTempered: true, roomUntemperedC: 5.0);
        $loss = self::of(self::losses([Worlds::heater('a')], 20.0, side: $side), 'room-climate');
        self::assertSame(['room'], array_map(fn (Event $e): string => $e->code, $loss->events));
        self::assertNotNull($loss->harm?->hours);
        $open = self::losses([Worlds::heater('a')], 20.0, side: new Waterside(roomTempered: false));
        self::assertNull(self::find($open, 'room-climate'));
    }

    #[Test]
    public function an_emergency_drain_takes_what_the_blocked_one_does_not(): void
    {
        $side = new Waterside(draining: new Draining(21.6, 12, 1800), hasDrain: true);
        $tank = Worlds::moment(21.0, [Worlds::heater('a')], $side)->tank;
        $blocked = fn (bool $hasEmergency): Loss => self::of(SingleFailures::of(
            new Standing(devices: [Worlds::heater('a')], systemYears: 4.0, hasEmergencyDrain: $hasEmergency),
            $tank,
            $tank,
        ), 'drain');
        self::assertSame(['drain-blocked'], array_map(fn (Event $e): string => $e->code, $blocked(true)->events));
        self::assertNull($blocked(true)->harm);
        self::assertContains('return-dry', array_map(fn (Event $e): string => $e->code, $blocked(false)->events));
        self::assertEqualsWithDelta(12 / 1800, $blocked(false)->harm?->hours, 1e-6, 'the sump is empty before the display runs over');
    }

    #[Test]
    public function a_silent_controller_leaves_each_outlet_as_it_is_set_for_that(): void
    {
        $setUp = fn (?string $lost, ?string $summer = null): array => ['c1' => SetupReader::read(array_replace_recursive(
            CheckerTest::sound(),
            ['outlets' => [0 => ['lostLink' => $lost, 'lostLinkSummer' => $summer]]],
        ))];
        $outlet = CheckerTest::sound()['outlets'][0]['id'];
        $heater = new Device(
            id: 'a',
            name: 'heater a',
            job: Job::Heater,
            watts: 600,
            ageYears: 1.0,
            hangs: Hangs::onNothing()->on(Part::Controller, 'c1'),
            group: 'a',
            outlet: $outlet,
            ownThermostat: false,
        );
        $loss = function (?string $lost, float $roomC, ?string $summer = null) use ($setUp, $heater): Loss {
            $tank = Worlds::moment($roomC, [$heater])->tank;

            return self::of(
                SingleFailures::of(new Standing(devices: [$heater], setUps: $setUp($lost, $summer), systemYears: 4.0), $tank, $tank),
                'controller:c1',
            );
        };
        $codes = fn (Loss $l): array => array_map(fn (Event $e): string => $e->code, $l->events);
        self::assertContains('no-heat', $codes($loss('off', 5.0)));
        self::assertNotContains('no-heat', $codes($loss('on', 24.0)), 'it runs on, and nothing stops it');
        self::assertNotNull($loss('on', 24.0)->harm?->hours);
        self::assertContains('what heater a does when the link is lost', $loss(null, 5.0)->needs);
        self::assertSame([], $loss('off', 24.9)->needs);
        $both = $codes($loss('off', 24.0, 'on'));
        self::assertContains('no-heat', $both);
        self::assertNotNull($loss('off', 24.0, 'on')->harm?->hours, 'on in the warm months it cooks them');
        self::assertNull($loss('off', 24.0, 'off')->harm?->hours);
    }

    #[Test]
    public function what_is_away_carries_nothing(): void
    {
        $away = new Device('b', 'heater b', Job::Heater, 150, 3.0, group: 'b', outOf: 'away');
        $losses = self::losses([Worlds::heater('a'), $away], 17.0);
        self::assertTrue(self::of($losses, 'device:a')->harms());
        self::assertNull(self::find($losses, 'device:b'));
    }

    #[Test]
    public function the_table_of_functions_says_what_stands_behind_each(): void
    {
        $pair = [Worlds::heater('a'), Worlds::heater('b', age: 3.0)];
        $rows = fn (array $devices, float $room, array $shelf = []): array => Functions::of(
            Worlds::standing($devices),
            self::losses($devices, $room),
            Worlds::moment($room, $devices, alarm: Worlds::alarm()),
            $shelf,
        );
        $mild = $rows($pair, 17.0)[0];
        self::assertSame([CriticalFunction::Heat, Backup::RunningPair], [$mild->function, $mild->backup]);
        self::assertSame(true, $mild->survives);
        $cold = $rows($pair, 8.0)[0];
        self::assertSame([Backup::None, false], [$cold->backup, $cold->survives]);
        self::assertSame(['Dialler'], $cold->detects);
        self::assertContains('heater a', $cold->breaks);
        self::assertSame(Backup::ShelfUnit, $rows($pair, 8.0, [Job::Heater])[0]->backup);
        $unsaid = array_map(
            fn (string $id): Device => Worlds::heater($id, age: $id === 'a' ? 1.0 : 3.0, hangs: Hangs::onNothing()->on(Part::Strip, null)),
            ['a', 'b'],
        );
        self::assertNull($rows($unsaid, 17.0)[0]->survives, 'nobody wrote down on which strip they hang');
    }

    #[Test]
    public function several_gone_at_once_harm_no_later_than_one(): void
    {
        $three = [Worlds::heater('a'), Worlds::heater('b', age: 3.0), Worlds::heater('c', age: 5.0)];
        $cold = Worlds::moment(8.0, $three)->tank;
        $standing = Worlds::standing($three);
        $hours = fn (string ...$ids): float => SingleFailures::without(array_values($ids), $standing, $cold, $cold)->harm->hours ?? INF;
        self::assertLessThanOrEqual($hours('a'), $hours('a', 'b'));
        self::assertLessThanOrEqual($hours('a', 'b'), $hours('a', 'b', 'c'));
    }

    #[Test]
    public function forty_items_on_twenty_five_causes_take_less_than_a_second(): void
    {
        $devices = [];
        for ($i = 0; $i < 40; $i++) {
            $job = [Job::Heater, Job::ReturnPump, Job::CirculationPump, Job::Doser, Job::Light, Job::TopOff][$i % 6];
            $hangs = Hangs::onNothing()->on(
                Part::Strip,
                (string) ($i % 12),
            )->on(Part::Circuit, (string) ($i % 5))->on(Part::Outlet, (string) $i);
            $devices[] = new Device((string) $i, "item {$i}", $job, 20, $i / 4, hangs: $hangs, group: (string) ($i % 8));
        }
        $began = hrtime(true);
        $losses = self::losses($devices, 8.0, 28.0);
        self::assertGreaterThan(60, count($losses));
        self::assertLessThan(1.0, (hrtime(true) - $began) / 1e9);
    }

    /**
     * @param  list<Device>  $devices
     * @return list<Loss>
     */
    private static function losses(array $devices, float $coldC, float $hotC = 26.0, ?Waterside $side = null): array
    {
        return SingleFailures::of(
            Worlds::standing($devices),
            Worlds::moment($coldC, $devices, $side)->tank,
            Worlds::moment($hotC, $devices, $side)->tank,
        );
    }

    /** @param  list<Loss>  $losses */
    private static function of(array $losses, string $id, Mode $mode = Mode::Dead): Loss
    {
        return self::find($losses, $id, $mode) ?? self::fail("{$id} was not taken away");
    }

    /** @param  list<Loss>  $losses */
    private static function find(array $losses, string $id, ?Mode $mode = null): ?Loss
    {
        foreach ($losses as $loss) {
            if ($loss->id === $id && ($mode === null || $loss->mode === $mode)) {
                return $loss;
            }
        }

        return null;
    }
}
