<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\AlarmLimits;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Hazard;

/** Alarm limits lie between harm and set point (X-25). */
final class AlarmLimitsTest extends TestCase
{
    /** @return iterable<string, array{0: float|null, 1: float|null, 2: string}> low, high, what is said */
    public static function limits(): iterable
    {
        yield 'in their order' => [24.0, 27.0, ''];
        yield 'low just over harm' => [18.1, 27.0, ''];
        yield 'low at harm' => [18.0, 27.0, 'low limit lies at or under harm'];
        yield 'low just under the set point' => [25.4, 27.0, ''];
        yield 'low at the set point' => [25.5, 27.0, 'low limit lies at or over the set point'];
        yield 'high at the set point' => [24.0, 25.5, 'high limit lies at or under the set point'];
        yield 'high just under harm' => [24.0, 29.9, ''];
        yield 'high at harm' => [24.0, 30.0, 'high limit lies at or over harm'];
        yield 'one of two' => [24.0, null, ''];
        yield 'neither' => [null, null, 'nobody has said at which limit'];
    }

    #[Test]
    #[DataProvider('limits')]
    public function each_limit_on_both_sides(?float $low, ?float $high, string $words): void
    {
        $said = implode(
            ' | ',
            array_map(
                fn (Finding $f): string => $f->what->in(Units::metric()),
                AlarmLimits::findings('Dialler', AlarmQuantity::Temperature, $low, $high, 18.0, 25.5, 30.0),
            ),
        );
        $words === '' ? self::assertSame('', $said) : self::assertStringContainsString($words, $said);
    }

    #[Test]
    public function what_calls_at_once_has_no_limit_to_ask_for(): void
    {
        self::assertSame([], AlarmLimits::findings('Power watch', AlarmQuantity::Power, null, null, 18.0, 25.5, 30.0));
        self::assertCount(1, AlarmLimits::findings('Old one', null, null, null, 18.0, 25.5, 30.0));
    }

    /** @return iterable<string, array{0: bool|null, 1: Severity|null}> */
    public static function leaks(): iterable
    {
        yield 'where the floor is lowest' => [true, null];
        yield 'elsewhere' => [false, Severity::Fix];
        yield 'nobody has looked' => [null, Severity::Watch];
    }

    /** X-24: the sensor of a leak lies at the lowest point, or it counts for nothing. */
    #[Test]
    #[DataProvider('leaks')]
    public function a_leak_is_noticed_where_the_floor_is_lowest(?bool $isLowest, ?Severity $severity): void
    {
        $said = AlarmLimits::findings('Floor', AlarmQuantity::Leak, null, null, 18.0, 25.5, 30.0, $isLowest);
        self::assertSame($severity, $said[0]->severity ?? null);
        $way = new AlarmWay('Floor', [], 0, true, true, [], AlarmQuantity::Leak, isLowest: $isLowest);
        self::assertSame($isLowest === true, $way->sees(Hazard::Leak));
        self::assertSame($isLowest === true, $way->calling([])->sees(Hazard::Leak), 'whoever it calls');
        $level = new AlarmWay('Level', [Hazard::TopOffOn], 0, true, true, [], AlarmQuantity::Level);
        self::assertTrue($level->sees(Hazard::TopOffOn), 'what hangs in the water has no floor');
    }
}
