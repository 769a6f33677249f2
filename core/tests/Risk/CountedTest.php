<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Counted;

/** What the company's own failures say of a life. */
final class CountedTest extends TestCase
{
    #[Test]
    public function without_wear_the_life_is_years_by_failures(): void
    {
        $counted = Counted::of([...self::running(8, 2.0), ...self::failed(2, 2.0)], 1.0);
        self::assertSame([2, 20.0], [$counted?->failures, $counted?->deviceYears]);
        self::assertEqualsWithDelta(10.0, $counted->scaleYears, 1e-9);
        // χ² of 6 at 0.95 is 12.592, of 4 at 0.05 is 0.7107.
        self::assertEqualsWithDelta(2 * 20 / 12.592, $counted->lowYears, 1e-3);
        self::assertEqualsWithDelta(2 * 20 / 0.7107, $counted->highYears, 0.02);
    }

    #[Test]
    public function with_wear_every_device_counts_by_its_age_to_the_shape(): void
    {
        $counted = Counted::of([...self::running(1, 4.0), ...self::failed(1, 2.0)], 2.5);
        self::assertEqualsWithDelta((4 ** 2.5 + 2 ** 2.5) ** 0.4, $counted?->scaleYears, 1e-9);
    }

    #[Test]
    public function three_failures_say_enough_to_be_taken_over(): void
    {
        $says = fn (int $failures): ?bool => Counted::of([...self::running(5, 3.0), ...self::failed($failures, 2.0)], 2.5)?->isEnough();
        self::assertSame([false, true], [$says(2), $says(3)]);
    }

    #[Test]
    public function where_none_has_failed_only_the_low_end_is_known(): void
    {
        $counted = Counted::of(self::running(10, 3.0), 1.0);
        self::assertNull($counted?->scaleYears);
        self::assertNull($counted->highYears);
        // χ² of 2 at 0.95 is 5.991.
        self::assertEqualsWithDelta(2 * 30 / 5.991, $counted->lowYears, 0.01);
        self::assertNull(Counted::of([], 2.5));
        self::assertNull(Counted::of(self::running(3, 0.0), 2.5));
    }

    #[Test]
    public function a_failure_more_never_lengthens_a_life_and_the_bounds_hold_it(): void
    {
        $last = INF;
        for ($failures = 1; $failures <= 20; $failures++) {
            $counted = Counted::of([...self::running(40 - $failures, 3.0), ...self::failed($failures, 3.0)], 2.5);
            self::assertLessThan($last, $counted?->scaleYears);
            self::assertLessThan($counted->scaleYears, $counted->lowYears);
            self::assertGreaterThan($counted->scaleYears, $counted->highYears);
            $last = $counted->scaleYears;
        }
    }

    #[Test]
    public function an_age_below_nothing_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Counted::of(self::running(1, -0.1), 2.5);
    }

    /** @return list<array{ageYears: float, hasFailed: bool}> */
    private static function running(int $count, float $ageYears): array
    {
        return array_fill(0, $count, ['ageYears' => $ageYears, 'hasFailed' => false]);
    }

    /** @return list<array{ageYears: float, hasFailed: bool}> */
    private static function failed(int $count, float $ageYears): array
    {
        return array_fill(0, $count, ['ageYears' => $ageYears, 'hasFailed' => true]);
    }
}
