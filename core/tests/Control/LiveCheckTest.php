<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Programme\AlarmSight;
use Velbrin\Core\Control\Programme\LiveCheck;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/** What is reported against what was told, on both sides of each limit; a fact that is missing never says that all is well. */
final class LiveCheckTest extends TestCase
{
    /**
     * @param  array<string, array{on: bool, w: float, knownW: float}>  $draws
     * @param  array<string, float>  $more  t1, t1 an hour
     * @param  array<string, mixed>  $facts
     * @return list<string>
     */
    private static function says(array $draws, array $more = [], array $facts = []): array
    {
        $setup = SetupReader::read(array_replace_recursive(CheckerTest::sound(), ['facts' => $facts]));
        $sight = new AlarmSight(
            probes: ['t1' => $more['t1'] ?? 25.4],
            ratesPerH: isset($more['perH']) ? ['t1' => $more['perH']] : [],
            draws: $draws,
        );

        return array_map(fn (Finding $f): string => "{$f->subject} {$f->what->code}", LiveCheck::of($setup, $sight));
    }

    /** @return array{on: bool, w: float, knownW: float} */
    private static function draws(bool $on, float $watts, float $knownW = 100): array
    {
        return ['on' => $on, 'w' => $watts, 'knownW' => $knownW];
    }

    /** @return iterable<string, array{list<string>, array<string, array{on: bool, w: float, knownW: float}>, 2?: array<string, float>}> */
    public static function reports(): iterable
    {
        $off = ['heater1 control.is-off-and-draws'];
        yield 'off, and a tenth' => [[], ['heater1' => self::draws(false, 10)]];
        yield 'off, and more than a tenth' => [$off, ['heater1' => self::draws(false, 10.1)]];
        yield 'off, a small load and its meter' => [[], ['alk' => self::draws(false, 2, 4)]];
        yield 'off, a small load' => [['alk control.is-off-and-draws'], ['alk' => self::draws(false, 2.1, 4)]];
        $dead = ['return control.is-on-and-draws-nothing'];
        yield 'on, and a tenth' => [[], ['return' => self::draws(true, 10)]];
        yield 'on, and less' => [$dead, ['return' => self::draws(true, 9.9)]];
        yield 'on, and nobody knows what it should' => [[], ['return' => self::draws(true, 0, 0)]];
        // Heater 1 stops by itself at 27.0; half a degree below it may have opened.
        yield 'its thermostat may be open' => [[], ['heater1' => self::draws(true, 0)], ['t1' => 26.5]];
        yield 'its thermostat must be closed' => [
            ['heater1 control.is-on-and-draws-nothing'],
            ['heater1' => self::draws(true, 0)],
            ['t1' => 26.49],
        ];
        yield 'a heater without one' => [['heater2 control.is-on-and-draws-nothing'], ['heater2' => self::draws(true, 0)], ['t1' => 27]];
        // 20 W/K over 13.4 K less 60 W: 208 W leave.
        $two = fn (float $watts): array => ['heater1' => self::draws(true, $watts), 'heater2' => self::draws(true, 100)];
        $cools = ['heater1 control.heats-and-the-water-cools', 'heater2 control.heats-and-the-water-cools'];
        yield 'more than leaves, and it falls' => [$cools, $two(108.1), ['perH' => -0.21]];
        yield 'less than leaves' => [[], $two(107.9), ['perH' => -0.21]];
        yield 'two steps in an hour are the probe' => [[], $two(108.1), ['perH' => -0.2]];
        yield 'it rises' => [[], $two(108.1), ['perH' => 0.5]];
        yield 'nobody knows how fast' => [[], $two(108.1)];
        yield 'a pump draws and it falls' => [[], ['return' => self::draws(true, 500)], ['perH' => -1]];
    }

    /**
     * @param  list<string>  $said
     * @param  array<string, array{on: bool, w: float, knownW: float}>  $draws
     * @param  array<string, float>  $more
     */
    #[Test]
    #[DataProvider('reports')]
    public function a_load_that_does_not_do_what_it_was_told_is_named(array $said, array $draws, array $more = []): void
    {
        self::assertSame($said, self::says($draws, $more));
    }

    #[Test]
    public function a_thermostat_nobody_has_tried_is_asked_about_and_not_called_dead(): void
    {
        $setup = SetupReader::read(CheckerTest::sound());
        $of = fn (string $outlet): Finding => LiveCheck::of($setup, new AlarmSight(
            probes: ['t1' => 25.0],
            draws: [$outlet => self::draws(true, 0)],
        ))[0];
        self::assertSame(Severity::Fix, $of('heater1')->severity, 'stops by itself at 27.0: at 25.0 it must be closed');
        self::assertSame(Severity::Watch, $of('heater2')->severity, 'nobody has tried');
        self::assertSame(Severity::Fix, $of('return')->severity, 'a pump has none');
    }

    #[Test]
    public function what_nobody_has_written_down_says_nothing(): void
    {
        $two = ['heater1' => self::draws(true, 200), 'heater2' => self::draws(true, 200)];
        self::assertCount(2, self::says($two, ['perH' => -1]));
        foreach (['lossWK', 'coldestC'] as $fact) {
            self::assertSame([], self::says($two, ['perH' => -1], [$fact => null]), $fact);
        }
        self::assertSame([], self::says(['other' => self::draws(false, 500)]));
    }
}
