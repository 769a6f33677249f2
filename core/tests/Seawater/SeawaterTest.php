<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Seawater;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Seawater\Conductivity;
use Velbrin\Core\Seawater\Hydrometer;
use Velbrin\Core\Seawater\Seawater;

/** Published check values of EOS-80, PSS-78 and Garcia & Gordon. */
final class SeawaterTest extends TestCase
{
    #[Test]
    public function density_meets_the_published_values(): void
    {
        self::assertEqualsWithDelta(1023.343, Seawater::at(35, 25)->densityKgM3(), 0.001);
        self::assertEqualsWithDelta(1027.675, Seawater::at(35, 5)->densityKgM3(), 0.001);
        self::assertEqualsWithDelta(999.967, Seawater::at(0, 5)->densityKgM3(), 0.001);
    }

    #[Test]
    public function oxygen_meets_the_published_value(): void
    {
        self::assertEqualsWithDelta(274.61, Seawater::at(35, 10)->oxygenSatUmolKg(), 0.01);
    }

    #[Test]
    public function salinity_and_conductivity_are_each_other_s_inverse(): void
    {
        self::assertEqualsWithDelta(35.0, Conductivity::salinity(42.914, 15), 1e-6);
        foreach ([2.5, 10, 30, 35, 41] as $salinity) {
            foreach ([0, 15, 25, 35] as $temp) {
                self::assertEqualsWithDelta(
                    $salinity,
                    Conductivity::salinity(Conductivity::of($salinity, $temp), $temp),
                    1e-9,
                );
            }
        }
    }

    #[Test]
    public function instruments_are_read_by_their_own_reference(): void
    {
        // At its reference temperature a hydrometer reads the specific gravity itself.
        self::assertEqualsWithDelta(35, Hydrometer::salinity(Seawater::at(35, 25)->specificGravity25(), 25), 1e-6);
        self::assertLessThan(Hydrometer::salinity(1.026, 28), Hydrometer::salinity(1.026, 22), 'warm water reads low');
        self::assertEqualsWithDelta(50 * 1.06, Conductivity::raw(50, 28), 1e-12);
        $this->expectException(OutOfRange::class);
        Hydrometer::salinity(0.99, 25);
    }

    #[Test]
    public function it_refuses_water_outside_its_equations(): void
    {
        foreach (
            [
                fn () => Seawater::at(42.1, 25),
                fn () => Seawater::at(35, 40.1),
                fn () => Seawater::at(NAN, 25),
                fn () => Conductivity::salinity(1, 25),
            ] as $call
        ) {
            try {
                $call();
                self::fail('accepted');
            } catch (OutOfRange $e) {
                self::assertNotSame('', $e->allowed);
            }
        }
    }
}
