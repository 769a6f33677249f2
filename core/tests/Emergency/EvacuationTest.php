<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Emergency\Evacuation;
use Velbrin\Core\Emergency\EvacuationBox;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Moves\AnimalDemand;
use Velbrin\Core\Moves\BoxWall;
use Velbrin\Core\Moves\Brief\Animal;
use Velbrin\Core\Risk\Tonight;
use Velbrin\Core\Seawater\Seawater;

/** If they have to go (E-9): in which order, into what, for how long. */
final class EvacuationTest extends TestCase
{
    #[Test]
    public function a_box_holds_as_long_as_its_air_its_ammonia_and_its_warmth(): void
    {
        $go = Evacuation::of([self::fish('tang', 1, 20)], self::tank(24.0), 8.2);
        [$box] = $go->boxes;
        $demand = AnimalDemand::mgH(AnimalDemand::grams(20), 25);
        $sat = Seawater::at(35, 25)->oxygenSatMgL();
        self::assertEqualsWithDelta((0.95 * $sat - 4) * 40 / $demand, $box->stillH, 1e-9);
        self::assertEqualsWithDelta(0.05 / FreeAmmonia::mgL(1, 8.2, 25, 35) * 40 / (0.066 * $demand), $box->airedH, 1e-9);
        self::assertLessThan($box->airedH, $box->stillH);
        $evening = Evacuation::of([self::fish('tang', 1, 20)], self::tank(24.0), 8.5)->boxes[0];
        self::assertLessThan($box->airedH, $evening->airedH, 'ammonia harms more at a higher pH');
        self::assertSame($evening->airedH, Evacuation::of([self::fish('tang', 1, 20)], self::tank(24.0), null)->boxes[0]->airedH);
        $cold = Evacuation::of([self::fish('tang', 1, 5)], self::tank(2.0), 8.0)->boxes[0];
        $warm = Evacuation::of([self::fish('tang', 1, 5)], self::tank(24.0), 8.0)->boxes[0];
        self::assertLessThan($warm->airedH, $cold->airedH, 'in a cold room it cools before its water is foul');
    }

    #[Test]
    public function what_breathes_most_is_caught_first_and_corals_last(): void
    {
        $go = Evacuation::of([
            self::coral('soft coral', 4),
            self::fish('chromis', 5, 6),
            self::fish('tang', 1, 22),
        ], self::tank(22.0), 8.2);
        $order = array_map(
            fn (EvacuationBox $b): array => array_map(fn (Animal $a): string => $a->label, $b->animals),
            $go->boxes,
        );
        self::assertSame([['tang'], ['chromis'], ['soft coral']], $order, 'a tang eats what is a third of it');
        self::assertNull($go->boxes[2]->stillH);
        self::assertSame([], $go->unboxed);
        // Six fish of 3 min, four corals of 1, three boxes of 5.
        self::assertEqualsWithDelta((6 * 3 + 4 + 3 * 5) / 60, $go->catchH, 1e-9);
        self::assertSame(min(array_filter(array_map(fn (EvacuationBox $b): ?float => $b->hours(), $go->boxes))), $go->holdH);
    }

    #[Test]
    public function corals_alone_last_as_long_as_they_stay_warm(): void
    {
        $mild = Evacuation::of([self::coral('soft coral', 2)], self::tank(22.0), null);
        self::assertSame([null, null, 60], [$mild->boxes[0]->airedH, $mild->holdH, $mild->readEveryMin]);
        $cold = Evacuation::of([self::coral('soft coral', 2)], self::tank(2.0), null);
        $return = fn (Units $units): string => str_replace("\u{a0}", ' ', $cold->return->in($units));
        self::assertStringContainsString('box and tank are within 1.0 °C.', $return(Units::metric()));
        self::assertStringContainsString('box and tank are within 1.8 °F.', $return(Units::us()));
        self::assertNotNull($cold->boxes[0]->airedH);
        self::assertSame($cold->boxes[0]->airedH, $cold->holdH);
        // 40 L lose through 1.12 m² of foam box; 25 to 18 °C in a room of 2.
        $passesWK = 1.12 * BoxWall::Foam->passes(false);
        self::assertEqualsWithDelta(TemperatureCourse::capacityWhK(40) / $passesWK * log(23 / 16), $cold->holdH, 1e-9);
        $hot = Evacuation::of([self::coral('soft coral', 2)], self::tank(38.0), null);
        self::assertNotNull($hot->holdH);
        self::assertSame([[], 0.0, null], (fn (Evacuation $e): array => [$e->boxes, $e->catchH, $e->holdH])(
            Evacuation::of([], self::tank(22.0), null),
        ));
    }

    #[Test]
    public function what_no_usual_box_takes_and_what_nobody_measured_is_named(): void
    {
        $go = Evacuation::of([
            self::fish('eel', 1, 23),
            self::fish('fits', 1, 21),
            new Animal('goby', 'goby', false, 1, null, false, false, false, false, null),
        ], self::tank(22.0), 8.2);
        self::assertSame(['eel', 'goby'], $go->unboxed);
        self::assertCount(1, $go->boxes);
    }

    /** @return iterable<string, array{float, int}> length of one fish, minutes */
    public static function reads(): iterable
    {
        yield 'a large one' => [21.0, 15];
        yield 'a small one' => [5.0, 60];
    }

    #[Test]
    #[DataProvider('reads')]
    public function a_box_is_read_four_times_before_it_ends(float $lengthCm, int $minutes): void
    {
        $go = Evacuation::of([self::fish('fish', 1, $lengthCm)], self::tank(22.0), 8.2);
        self::assertSame($minutes, $go->readEveryMin);
        $between = Evacuation::of([self::fish('fish', 1, 18)], self::tank(22.0), 8.2);
        self::assertSame(0, $between->readEveryMin % 5);
        self::assertLessThanOrEqual(60 * (float) $between->holdH / 4, $between->readEveryMin);
    }

    #[Test]
    public function it_says_when_they_go_back(): void
    {
        $says = Evacuation::of([self::fish('tang', 1, 20)], self::tank(22.0), 8.2)->return->in(Units::metric());
        self::assertStringContainsString('18', $says);
        self::assertStringContainsString('30', $says);
    }

    private static function fish(string $name, int $count, float $lengthCm): Animal
    {
        return self::animal($name, $count, $lengthCm, false);
    }

    private static function coral(string $name, int $count): Animal
    {
        return self::animal($name, $count, null, true);
    }

    private static function animal(string $name, int $count, ?float $lengthCm, bool $isCoral): Animal
    {
        return new Animal(
            id: $name,
            label: $name,
            isCoral: $isCoral,
            count: $count,
            lengthCm: $lengthCm,
            isDeep: false,
            isAlone: false,
            isGlued: false,
            isToxic: false,
            box: null,
        );
    }

    private static function tank(float $roomC): Tonight
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
            roomC: $roomC,
            lowC: 18,
            highC: 30,
        );
    }
}
