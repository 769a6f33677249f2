<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\AlarmLimits;
use Velbrin\Core\Risk\AlarmQuantity;

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
}
