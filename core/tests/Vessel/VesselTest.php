<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Vessel;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Vessel\BowFront;
use Velbrin\Core\Vessel\Cylinder;
use Velbrin\Core\Vessel\Filled;
use Velbrin\Core\Vessel\HalfCylinder;
use Velbrin\Core\Vessel\LShape;
use Velbrin\Core\Vessel\Material;
use Velbrin\Core\Vessel\Outline;
use Velbrin\Core\Vessel\QuarterCylinder;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;
use Velbrin\Core\Vessel\VesselVolume;

final class VesselTest extends TestCase
{
    #[Test]
    public function the_quarter_cylinder_s_inside_is_the_area_counted_point_by_point(): void
    {
        // x ≥ w, y ≥ w, x² + y² ≤ (R − w)² on a millimetre grid.
        [$radius, $wall] = [300, 12];
        $points = 0;
        for ($x = $wall; $x < $radius; $x++) {
            for ($y = $wall; $y < $radius; $y++) {
                $points += ($x + 0.5) ** 2 + ($y + 0.5) ** 2 <= ($radius - $wall) ** 2 ? 1 : 0;
            }
        }
        self::assertEqualsWithDelta($points / 1e6, QuarterCylinder::outer($radius)->insideAreaM2($wall), 1e-4);
        self::assertEqualsWithDelta((M_PI / 4) * 0.09, QuarterCylinder::outer(300)->insideAreaM2(0), 1e-12);
        self::assertSame(0.0, QuarterCylinder::outer(100)->insideAreaM2(60));
    }

    #[Test]
    public function thicker_walls_hold_less_and_weigh_more(): void
    {
        foreach (
            [
                Rectangular::outer(1000, 500),
                Cylinder::outer(800),
                QuarterCylinder::outer(800),
                HalfCylinder::outer(900),
                BowFront::outer(1000, 400, 120),
                LShape::outer(1200, 500, 400, 300),
            ] as $footprint
        ) {
            $thin = Vessel::of($footprint, 500, 8, 8);
            $thick = Vessel::of($footprint, 500, 15, 15);
            self::assertLessThan(VesselVolume::of($thin)->grossL, VesselVolume::of($thick)->grossL);
            self::assertGreaterThan($thin->massKg(), $thick->massKg());
            self::assertLessThan($thin->massKg(), Vessel::of($footprint, 500, 8, 8, Material::Acrylic)->massKg());
            // Glass and inside together fill the outer box of the walls.
            self::assertEqualsWithDelta(
                $footprint->outerAreaM2() * 500,
                $thin->massKg() / 2.5 + $thin->litres(492),
                1e-9,
            );
        }
    }

    #[Test]
    public function every_outline_encloses_the_area_it_states_and_is_as_long_as_it_states(): void
    {
        foreach (
            [
                Rectangular::outer(1000, 500),
                Cylinder::outer(800),
                QuarterCylinder::outer(800),
                HalfCylinder::outer(900),
                BowFront::outer(1000, 400, 120),
                BowFront::outer(800, 300, 400),
                LShape::outer(1200, 500, 400, 300),
            ] as $footprint
        ) {
            foreach ([0, 12] as $wall) {
                $corners = $footprint->insideOutline($wall);
                self::assertEqualsWithDelta(
                    $footprint->insideAreaM2($wall),
                    Outline::areaM2($corners),
                    0.0015 * $footprint->insideAreaM2($wall),
                    $footprint::class,
                );
                $round = 0.0;
                foreach ($corners as $i => [$x, $y]) {
                    [$x1, $y1] = $corners[($i + 1) % count($corners)];
                    $round += hypot($x1 - $x, $y1 - $y);
                }
                self::assertEqualsWithDelta(
                    $footprint->insidePerimeterMm($wall),
                    $round,
                    0.002 * $round,
                    $footprint::class,
                );
                self::assertEqualsWithDelta(
                    $footprint->boxLengthMm() - 2 * $wall,
                    max(array_column($corners, 0)) - min(array_column($corners, 0)),
                    $footprint instanceof QuarterCylinder || $footprint instanceof HalfCylinder ? 4 : 1e-6,
                    $footprint::class,
                );
            }
            self::assertEqualsWithDelta($footprint->outerAreaM2(), $footprint->insideAreaM2(0), 1e-9);
        }
    }

    #[Test]
    public function a_bow_without_depth_is_a_rectangle_and_half_a_cylinder_is_half_of_one(): void
    {
        self::assertEqualsWithDelta(0.4, BowFront::outer(1000, 400, 0.001)->outerAreaM2(), 1e-6);
        // By hand: chord 1000, sagitta 100 → R 1300; segment R²·asin(500/1300) − 500·1200 = 67 197 mm².
        self::assertEqualsWithDelta(0.467197, BowFront::outer(1000, 400, 100)->outerAreaM2(), 1e-6);
        self::assertEqualsWithDelta(
            Cylinder::outer(900)->outerAreaM2() / 2,
            HalfCylinder::outer(900)->outerAreaM2(),
            1e-12,
        );
        // Two rectangles: 1180 × 480 and 380 × 300 inside 10 mm walls.
        self::assertEqualsWithDelta(
            1.18 * 0.48 + 0.38 * 0.3,
            LShape::outer(1200, 500, 400, 300)->insideAreaM2(10),
            1e-12,
        );
        $inside = LShape::outer(1200, 500, 400, 300)->insideOutline(10);
        self::assertEqualsWithDelta([[0, 1180]], Outline::stretches($inside, 200), 1e-9);
        [[$from, $to]] = Outline::stretches($inside, 700);
        self::assertTrue($from <= 200 && $to > 200 && $to < 700, 'one leg of it');
        self::assertSame([], Outline::stretches($inside, 900), 'in front of it there is none');
        $bay = [[0.0, 0.0], [900.0, 0.0], [900.0, 600.0], [600.0, 600.0], [600.0, 300.0], [300.0, 300.0], [300.0, 600.0], [0.0, 600.0]];
        self::assertSame([[0.0, 300.0], [600.0, 900.0]], Outline::stretches($bay, 450), 'a bay between two legs');
    }

    #[Test]
    public function what_was_filled_holds_what_went_in(): void
    {
        $filled = Filled::of(180, 500, 900, 500, 10);
        // 180 L over 500 mm are 0.36 m²; 2 · (900 + 500 − 20) of wall, 10 thick, go round them.
        self::assertEqualsWithDelta(0.3876, $filled->outerAreaM2(), 1e-9);
        self::assertEqualsWithDelta(0.45, Filled::of(210, 500, 900, 500, 10)->outerAreaM2(), 0.006, 'never more than its box');
        self::assertEqualsWithDelta(180, Vessel::of($filled, 510, 10, 10)->litres(500), 1e-9);
        $this->expectException(OutOfRange::class);
        Filled::of(250, 500, 900, 500, 10);
    }

    #[Test]
    public function water_rock_and_sand_share_the_inside(): void
    {
        $vessel = Vessel::of(Rectangular::outer(1000, 500), 500, 10, 10);
        $volume = VesselVolume::of($vessel, 50, 28, 40);
        self::assertEqualsWithDelta($volume->grossL, $volume->netL + $volume->rockL + $volume->sandGrainL, 1e-9);
        self::assertEqualsWithDelta(10, $volume->rockL, 1e-12);
        self::assertGreaterThan($volume->netL, VesselVolume::of($vessel, 50, 10, 40)->netL);
        self::assertGreaterThan($volume->netL, VesselVolume::of($vessel, 30, 28, 40)->netL);
    }

    #[Test]
    public function a_vessel_must_leave_something_inside(): void
    {
        foreach (
            [
                fn () => Vessel::of(Rectangular::outer(100, 100), 100, 50),
                fn () => Vessel::of(Cylinder::outer(100), 100, 0, 100),
                fn () => Rectangular::outer(0, 5),
                fn () => Cylinder::outer(NAN),
                fn () => VesselVolume::of(Vessel::of(Cylinder::outer(100), 100), 100),
            ] as $impossible
        ) {
            try {
                $impossible();
                self::fail('accepted');
            } catch (OutOfRange $e) {
                self::assertNotSame('', $e->field);
            }
        }
    }
}
