<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Chemistry\Judgement;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\Reading;
use Velbrin\Core\Chemistry\ReadingCheck;
use Velbrin\Core\Chemistry\Standing;
use Velbrin\Core\Measure\Units;

/** Where a value changes sides, how many readings make a line, and a decimal mark in the wrong place. */
final class LimitsTest extends TestCase
{
    /** @return iterable<string, array{0: float, 1: Standing}> */
    public static function values(): iterable
    {
        yield 'under act' => [6.499, Standing::ActLow];
        yield 'on act' => [6.5, Standing::Low];
        yield 'under the band' => [6.999, Standing::Low];
        yield 'on the band' => [7.0, Standing::Fine];
        yield 'under the aim' => [7.499, Standing::Fine];
        yield 'on the aim' => [7.5, Standing::Aim];
        yield 'on the aim above' => [8.0, Standing::Aim];
        yield 'over the aim' => [8.001, Standing::Fine];
        yield 'on the band above' => [8.5, Standing::Fine];
        yield 'over the band' => [8.501, Standing::High];
        yield 'on act above' => [9.0, Standing::High];
        yield 'over act' => [9.001, Standing::ActHigh];
    }

    #[Test]
    #[DataProvider('values')]
    public function a_value_on_a_limit_is_inside(float $value, Standing $standing): void
    {
        self::assertSame($standing, Band::of(7.5, 8.0, 7.0, 8.5, 6.5, 9.0)->standing($value));
    }

    #[Test]
    public function the_last_eight_readings_make_the_line(): void
    {
        $band = Band::around(7, 8.5);
        $readings = array_map(fn (int $day): Reading => Reading::at($day, 8.0 + 0.05 * $day), range(10, 17));
        $eight = Judgement::of($readings, $band, 0.01, 17);
        self::assertSame(8, $eight->count);
        self::assertEqualsWithDelta(0.05, (float) $eight->slopePerDay, 1e-9);
        $older = array_map(fn (int $day): Reading => Reading::at($day, 12.0 - 0.4 * $day), range(0, 9));
        $all = Judgement::of([...$older, ...$readings], $band, 0.01, 17);
        self::assertSame(8, $all->count, 'what came before them no longer bends it');
        self::assertEqualsWithDelta(0.05, (float) $all->slopePerDay, 1e-9);
        $seven = Judgement::of(array_slice($readings, 1), $band, 0.01, 17);
        self::assertSame(7, $seven->count);
    }

    /** @return iterable<string, array{0: float, 1: bool}> */
    public static function typed(): iterable
    {
        yield 'a tenth of what is usual' => [0.8, true];
        yield 'ten times what is usual' => [80.0, true];
        yield 'in the band' => [8.0, false];
        yield 'low, and ten times it is no better' => [0.5, false];
        yield 'high, and a tenth of it is no better' => [99.0, false];
    }

    #[Test]
    #[DataProvider('typed')]
    public function a_decimal_mark_in_the_wrong_place_is_asked_for_either_way(float $value, bool $isSlip): void
    {
        $doubt = ReadingCheck::doubt(Parameter::Alkalinity, $value, Band::of(null, null, 7.0, 9.0, 1.0, 70.0), null);
        self::assertSame($isSlip, str_contains((string) $doubt?->in(Units::metric()), 'ten times off'));
    }

    #[Test]
    public function what_it_moved_by_counts_a_week_and_a_month(): void
    {
        $moved = function (float $daysAgo): array {
            $judged = Judgement::of([Reading::at(100 - $daysAgo, 9.0), Reading::at(100, 8.0)], Band::around(7, 8.5), 0.01, 100);

            return [$judged->spread7, $judged->spread30];
        };
        self::assertSame([1.0, 1.0], $moved(7.0));
        self::assertSame([null, 1.0], $moved(7.1));
        self::assertSame([null, 1.0], $moved(30.0));
        self::assertSame([null, null], $moved(30.1));
    }
}
