<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Vessel;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Vessel\Cylinder;
use Velbrin\Core\Vessel\Material;
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
        self::assertEqualsWithDelta(M_PI / 4 * 0.09, QuarterCylinder::outer(300)->insideAreaM2(0), 1e-12);
        self::assertSame(0.0, QuarterCylinder::outer(100)->insideAreaM2(60));
    }

    #[Test]
    public function thicker_walls_hold_less_and_weigh_more(): void
    {
        foreach ([Rectangular::outer(1000, 500), Cylinder::outer(800), QuarterCylinder::outer(800)] as $footprint) {
            $thin = Vessel::of($footprint, 500, 8, 8);
            $thick = Vessel::of($footprint, 500, 15, 15);
            self::assertLessThan(VesselVolume::of($thin)->grossL, VesselVolume::of($thick)->grossL);
            self::assertGreaterThan($thin->massKg(), $thick->massKg());
            self::assertLessThan($thin->massKg(), Vessel::of($footprint, 500, 8, 8, Material::Acrylic)->massKg());
            // Glass and inside together fill the outer box of the walls.
            self::assertEqualsWithDelta($footprint->outerAreaM2() * 500, $thin->massKg() / 2.5 + $thin->litres(492), 1e-9);
        }
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
        foreach ([fn () => Vessel::of(Rectangular::outer(100, 100), 100, 50), fn () => Vessel::of(Cylinder::outer(100), 100, 0, 100), fn () => Rectangular::outer(0, 5), fn () => Cylinder::outer(NAN), fn () => VesselVolume::of(Vessel::of(Cylinder::outer(100), 100), 100)] as $impossible) {
            try {
                $impossible();
                self::fail('accepted');
            } catch (OutOfRange $e) {
                self::assertNotSame('', $e->field);
            }
        }
    }
}
