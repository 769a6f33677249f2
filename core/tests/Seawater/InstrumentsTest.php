<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Seawater;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Seawater\Air;
use Velbrin\Core\Seawater\Refractometer;
use Velbrin\Core\Vessel\SandBed;
use Velbrin\Core\Water\MeasuredVolume;
use Velbrin\Core\Water\SalinityCorrection;

/** Instruments and what is measured with them, against published values and sums made by hand. */
final class InstrumentsTest extends TestCase
{
    #[Test]
    public function the_refractive_index_is_the_published_one(): void
    {
        // Pure water at 20 °C, 589.3 nm: 1.33299 (CRC Handbook); sea water of 35 stands 0.0064 above it.
        self::assertEqualsWithDelta(1.33299, Refractometer::index(0, 20), 2e-5);
        self::assertEqualsWithDelta(1.3394, Refractometer::index(35, 20), 1e-4);
        self::assertGreaterThan(Refractometer::index(35, 25), Refractometer::index(35, 15), 'colder water bends more');
    }

    #[Test]
    public function a_scale_for_salt_solution_reads_sea_water_high(): void
    {
        // Known in the trade: sea water of 35 reads a good point and a half too high on a salt scale.
        self::assertEqualsWithDelta(35, Refractometer::salinity(36.8, true), 0.4);
        self::assertSame(
            34.0,
            Refractometer::salinity(35, false, fluidRead: 36, fluidTrue: 35),
            'its fluid read one too high, so does the water',
        );
        $last = -1.0;
        for ($reading = 0; $reading <= 42; $reading += 3) {
            $now = Refractometer::salinity($reading, true);
            self::assertGreaterThan($last, $now);
            $last = $now;
        }
        $this->expectException(OutOfRange::class);
        Refractometer::salinity(0.5, false, fluidRead: 37, fluidTrue: 35);
    }

    #[Test]
    public function oxygen_thins_with_altitude(): void
    {
        self::assertEqualsWithDelta(89.875, Air::pressureKpa(1000), 0.01, 'ISO 2533 at 1000 m');
        self::assertSame(1.0, Air::share(0, 25));
        self::assertEqualsWithDelta((89.875 - 3.167) / (101.325 - 3.167), Air::share(1000, 25), 1e-4);
    }

    #[Test]
    public function sand_and_volume_come_back_from_what_was_measured(): void
    {
        // 0.6 m² short of 12 mm on average: 7.2 L, 10.8 kg dry.
        $bed = SandBed::short(0.6, [20, 30, 16, 22, 2], 30);
        self::assertEqualsWithDelta([18, 7.2, 10.8], [$bed->meanMm, $bed->litresShort, $bed->kgShort], 1e-9);
        self::assertSame($bed->kgShort, $bed->working->result->value);
        self::assertSame(0.0, SandBed::short(0.6, [40, 50, 60], 30)->kgShort);
        self::assertEqualsWithDelta(7.2 * 1.7, SandBed::short(0.6, [20, 30, 16, 22, 2], 30, SandBed::LIVE_KG_L)->kgShort, 1e-9);

        self::assertEqualsWithDelta(1000 * 35 / 38.5, MeasuredVolume::bySalt(1, 34, 35)->litres, 1e-9, 'of a salt nobody has named');
        // The salt that a correction asks for measures the litres it was computed for.
        $salt = SalinityCorrection::of(512, 34, 35, 40)->saltKg;
        $measured = MeasuredVolume::bySalt($salt, 34, 35);
        self::assertEqualsWithDelta(512, $measured->litres, 1e-9);
        self::assertEqualsWithDelta(51.2, $measured->uncertainL, 1e-9);
        self::assertSame(90.0, MeasuredVolume::byFlow(600, 9)->litres);
        $this->expectException(OutOfRange::class);
        MeasuredVolume::bySalt(0.1, 35, 35.1);
    }
}
