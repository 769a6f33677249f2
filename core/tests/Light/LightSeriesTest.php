<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Light;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Light\LightSeries;

/** Two meters, or one on two days, by the points both read (B-52). */
final class LightSeriesTest extends TestCase
{
    #[Test]
    public function readings_within_a_centimetre_are_of_one_point_on_each_axis(): void
    {
        $one = new LightSeries('a', '2030-05-01', [[100, 200, 300, 150]]);
        $by = fn (float $x, float $y, float $depth): ?array => $one->against(new LightSeries('b', '2030-05-02', [[$x, $y, $depth, 100]]));
        self::assertSame([1.5, 1], $by(100, 200, 300));
        self::assertSame([1.5, 1], $by(109.9, 190.1, 309.9));
        self::assertSame([null, null, null], [$by(110, 200, 300), $by(100, 190, 300), $by(100, 200, 310)]);
    }

    #[Test]
    public function the_mean_of_all_points_both_read_and_of_no_others(): void
    {
        $one = new LightSeries('a', '2030-05-01', [[0, 0, 100, 120], [500, 0, 100, 90], [900, 0, 100, 50]]);
        $other = new LightSeries('b', '2030-05-02', [[500, 5, 100, 100], [0, 0, 100, 100], [0, 400, 100, 80], [900, 0, 100, 0]]);
        self::assertEqualsWithDelta([1.05, 2], $one->against($other), 1e-12);
    }
}
