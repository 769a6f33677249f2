<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Plant\HarmLimits;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Plant\State;
use Velbrin\Core\Control\Plant\Tank;

/** Where harm begins in a run, on both sides of each usual limit (R-21). */
final class HarmLimitsTest extends TestCase
{
    /** @return iterable<string, array{0: callable(State): mixed, 1: list<string>}> */
    public static function states(): iterable
    {
        $warm = fn (float $c): callable => fn (State $s): float => $s->display->tempC = $c;
        $salty = fn (float $gKg): callable => fn (State $s): float => $s->display->salinity = $gKg;
        $sour = fn (float $ph): callable => fn (State $s): float => $s->display->ph = $ph;
        $airy = fn (float $mgL): callable => fn (State $s): float => $s->display->oxygenMg = $mgL * $s->display->litres;
        yield 'as it began' => [fn (State $s): State => $s, []];
        yield 'cool' => [$warm(18.01), []];
        yield 'cold' => [$warm(18.0), ['cold']];
        yield 'warm' => [$warm(29.99), []];
        yield 'hot' => [$warm(30.0), ['hot']];
        yield 'thin' => [$salty(28.01), []];
        yield 'thinned' => [$salty(28.0), ['salinity low']];
        yield 'strong' => [$salty(38.99), []];
        yield 'too strong' => [$salty(39.0), ['salinity high']];
        yield 'stale' => [$airy(4.01), []];
        yield 'no air' => [$airy(3.99), ['oxygen']];
        yield 'a high pH' => [$sour(8.79), []];
        yield 'a pH that burns' => [$sour(8.8), ['ph']];
        yield 'a wet floor' => [fn (State $s): float => $s->floorL = 0.001, ['water on the floor']];
    }

    /** @param  callable(State): mixed  $change */
    #[Test]
    #[DataProvider('states')]
    public function harm_begins_at_its_limit(callable $change, array $harms): void
    {
        $state = self::begun();
        $change($state);
        self::assertSame($harms, (new HarmLimits())->beyond($state, true, null));
    }

    #[Test]
    public function four_degrees_of_hardness_in_a_day_burn(): void
    {
        $of = fn (?float $riseDkh): array => (new HarmLimits())->beyond(self::begun(), true, $riseDkh === null ? null : $riseDkh / 2.8);
        self::assertSame([[], [], ['alkalinity']], [$of(null), $of(3.99), $of(4.0)]);
    }

    #[Test]
    public function without_a_chemistry_nothing_is_said_of_it(): void
    {
        $state = self::begun();
        [$state->display->oxygenMg, $state->display->ph] = [0.0, 9.5];
        self::assertSame([], (new HarmLimits())->beyond($state, false, null));
    }

    private static function begun(): State
    {
        return (new Tank(PlantReader::read(SimulationTest::plant())))->begun();
    }
}
