<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\HoursTable;

/** What a phone looks up without signal, against what it was made from. */
final class HoursTableTest extends TestCase
{
    /** Cools towards 10 °C with 20 h as its time. */
    private static function cools(float $from): ?float
    {
        return $from <= 18 ? 0.0 : 20 * log(($from - 10) / 8);
    }

    #[Test]
    public function between_two_rows_it_stays_within_a_thousandth_of_the_course(): void
    {
        $table = HoursTable::of(self::cools(...), 18.0, 25.0);
        for ($value = 18.05; $value < 29.0; $value += 0.237) {
            self::assertEqualsWithDelta(self::cools($value), $table->at($value), 1e-3 * 20);
        }
        self::assertEqualsWithDelta(self::cools(29.0), $table->at(29.0), 1e-9, 'four kelvin beyond where it began');
        self::assertSame($table->at(29.05), $table->at(35.0), 'further nobody looks');
    }

    #[Test]
    public function beyond_the_limit_nothing_is_left_and_never_stays_never(): void
    {
        $table = HoursTable::of(self::cools(...), 18.0, 25.0);
        self::assertSame([0.0, 0.0], [$table->at(18.0), $table->at(12.0)]);
        self::assertNull(HoursTable::of(fn (): ?float => null, 18.0, 25.0)->at(20.0));
        $rises = HoursTable::of(fn (float $v): float => 30 - $v, 30.0, 25.0);
        self::assertEqualsWithDelta([2.25, 0.0, 0.0], [$rises->at(27.75), $rises->at(30.0), $rises->at(31.0)], 1e-9);
    }

    #[Test]
    public function nearer_to_the_limit_never_leaves_more(): void
    {
        $hours = array_column(HoursTable::of(self::cools(...), 18.0, 25.0)->rows, 'hours');
        $sorted = $hours;
        sort($sorted);
        self::assertSame($sorted, $hours);
    }
}
