<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Vessel;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Vessel\Outline;

/** What of a line lies inside an outline with slanted sides, and how much all of it is. */
final class OutlineTest extends TestCase
{
    #[Test]
    public function a_line_runs_between_slanted_sides(): void
    {
        $wedge = [[0.0, 0.0], [1000.0, 0.0], [800.0, 400.0], [100.0, 400.0]];
        self::assertEqualsWithDelta([[25.0, 950.0]], Outline::stretches($wedge, 100), 1e-9);
        self::assertEqualsWithDelta([[75.0, 850.0]], Outline::stretches($wedge, 300), 1e-9);
        self::assertSame([[], []], [Outline::stretches($wedge, -1), Outline::stretches($wedge, 401)]);
        self::assertEqualsWithDelta((1000 + 700) / 2 * 400 / 1e6, Outline::areaM2($wedge), 1e-12);
    }

    #[Test]
    public function a_bay_parts_it_in_two(): void
    {
        $u = [[0.0, 0.0], [900.0, 0.0], [900.0, 300.0], [600.0, 300.0], [600.0, 100.0], [300.0, 100.0], [300.0, 300.0], [0.0, 300.0]];
        self::assertEqualsWithDelta([[0.0, 900.0]], Outline::stretches($u, 50), 1e-9);
        self::assertEqualsWithDelta([[0.0, 300.0], [600.0, 900.0]], Outline::stretches($u, 200), 1e-9);
    }
}
