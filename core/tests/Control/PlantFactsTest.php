<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Control\Plant\PlantFacts;
use Velbrin\Core\Tests\Build\SoundPlan;

/** The plant that is simulated is the system that is written down: its litres, walls and surfaces, none lost on the way (K-30, K-31). */
final class PlantFactsTest extends TestCase
{
    private const NO_SUMP = ['sumpLengthMm' => null, 'sumpWidthMm' => null, 'sumpHeightMm' => null, 'returnLevelMm' => null];

    #[Test]
    public function all_of_its_water_is_in_its_two_bodies(): void
    {
        $facts = Facts::of(SoundPlan::brief());
        $plant = PlantFacts::of($facts, 21.0);
        $starts = PlantFacts::startsMm($facts);
        $sump = $plant['sump'] ?? self::fail('a sump is described');
        self::assertEqualsWithDelta(SumpWater::of($facts)->waterL(), $sump['fixedL'] + $sump['returnM2'] * $starts, 1e-9);
        self::assertSame(100.0, $starts, '200 of level, 100 at which the pump draws air');
        $head = Overflow::of($facts)->headMm;
        $display = $plant['display'];
        self::assertEqualsWithDelta(Volumes::displayL($facts), $display['crestL'] + $display['areaM2'] * $head, 1e-9);
        self::assertEqualsWithDelta(SumpWater::of($facts)->areaM2(), $sump['allM2'], 1e-9);
        self::assertEqualsWithDelta(SumpWater::of($facts)->rimMm - 100, $sump['rimMm'], 1e-9);
    }

    #[Test]
    public function what_the_whole_loses_is_parted_between_them(): void
    {
        $facts = Facts::of(SoundPlan::brief());
        $room = PlantFacts::of($facts, 21.0)['room'];
        self::assertEqualsWithDelta(Warmth::heat($facts)->coldUaWK, $room['displayWK'] + $room['sumpWK'], 1e-9);
        self::assertGreaterThan($room['sumpWK'], $room['displayWK']);
        self::assertSame([21.0, 50.0], [$room['roomC'], $room['humidityPct']]);
        $measured = PlantFacts::of(Facts::of(SoundPlan::brief(['measuredUaWK' => 20])), 21.0)['room'];
        self::assertEqualsWithDelta(20.0, $measured['displayWK'] + $measured['sumpWK'], 1e-9, 'what was measured goes before');
    }

    #[Test]
    public function without_a_sump_it_is_one_body(): void
    {
        $facts = Facts::of(SoundPlan::brief(self::NO_SUMP));
        $plant = PlantFacts::of($facts, 18.0);
        self::assertArrayNotHasKey('sump', $plant);
        self::assertEqualsWithDelta(Volumes::displayL($facts), $plant['display']['crestL'], 1e-9);
        self::assertArrayNotHasKey('weirMm', $plant['display']);
        self::assertSame(0.0, $plant['room']['sumpWK']);
        self::assertEqualsWithDelta(Warmth::heat($facts)->coldUaWK, $plant['room']['displayWK'], 1e-9);
        self::assertSame(0.0, PlantFacts::startsMm($facts));
    }

    #[Test]
    public function its_drain_carries_what_the_pipes_say(): void
    {
        $one = PlantFacts::of(Facts::of(SoundPlan::brief(['drainCount' => 1])), 21.0)['display'];
        $two = PlantFacts::of(Facts::of(SoundPlan::brief(['drainCount' => 2])), 21.0)['display'];
        self::assertEqualsWithDelta(2 * $one['drainLh'], $two['drainLh'], 1e-6);
        self::assertGreaterThan(3000, $one['drainLh']);
        $open = PlantFacts::of(Facts::of(SoundPlan::brief(['drains' => 'open', 'drainCount' => 1])), 21.0)['display'];
        self::assertLessThan($one['drainLh'], $open['drainLh'], 'an open channel carries less than a siphon');
        self::assertGreaterThan(0, $one['emergencyLh']);
        $none = PlantFacts::of(Facts::of(SoundPlan::brief(['emergencyBoreMm' => null])), 21.0)['display'];
        self::assertSame(0.0, $none['emergencyLh']);
        self::assertSame(400.0, $one['weirMm']);
    }
}
