<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\DayMedian;
use Velbrin\Core\Chemistry\Parameter;

/** A day of a probe as one reading, of pH as two. */
final class DayMedianTest extends TestCase
{
    #[Test]
    public function the_middle_value_speaks_for_the_day_whatever_one_spike_says(): void
    {
        $values = array_map(fn (int $n): array => ['hour' => (float) $n, 'value' => 25.0 + $n / 100], range(0, 12));
        $values[] = ['hour' => 13.0, 'value' => 99.0];
        [$day] = DayMedian::of(Parameter::Temperature, $values);
        self::assertEqualsWithDelta(25.065, $day->value, 1e-9);
        self::assertSame(['day', 12.0, 14], [$day->half, $day->hour, $day->count]);
        self::assertEquals(DayMedian::of(Parameter::Temperature, array_reverse($values)), [$day]);
    }

    #[Test]
    public function eleven_values_say_nothing_and_twelve_do(): void
    {
        $values = array_fill(0, 11, ['hour' => 3.0, 'value' => 25.0]);
        self::assertSame([], DayMedian::of(Parameter::Temperature, $values));
        self::assertSame([], DayMedian::of(Parameter::Temperature, [...$values, ['hour' => 3.0, 'value' => NAN]]));
        self::assertCount(1, DayMedian::of(Parameter::Temperature, [...$values, ['hour' => 3.0, 'value' => 25.0]]));
    }

    #[Test]
    public function ph_has_a_morning_and_an_evening_and_nothing_between(): void
    {
        $at = fn (float $hour, float $ph): array => array_fill(0, 12, ['hour' => $hour, 'value' => $ph]);
        $both = DayMedian::of(
            Parameter::Ph,
            [...$at(4.0, 7.9), ...$at(12.0, 5.0), ...$at(21.99, 8.3), ...$at(22.0, 5.0), ...$at(3.99, 5.0)],
        );
        $told = array_map(fn (DayMedian $m): array => [$m->half, $m->value, $m->hour], $both);
        self::assertSame([['morning', 7.9, 7.0], ['evening', 8.3, 19.0]], $told);
    }
}
