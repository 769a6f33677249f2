<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Power\Battery;
use Velbrin\Core\Risk\FailureChance;
use Velbrin\Core\Water\AmmoniaChange;
use Velbrin\Core\Water\WaterValues;

/** pH and carbon dioxide, free ammonia, batteries and ageing against published figures. */
final class CarbonateTest extends TestCase
{
    #[Test]
    public function it_meets_the_published_check_values(): void
    {
        foreach ([[400, 8.11], [800, 7.86], [1000, 7.78]] as [$ppm, $ph]) {
            self::assertEqualsWithDelta($ph, Carbonate::fromCo2(2.86, 35, 25, $ppm)->phTotal, 0.01);
        }
    }

    #[Test]
    public function the_three_ways_in_tell_the_same_story(): void
    {
        foreach ([[2.2, 35, 25, 300], [2.86, 33, 20, 800], [3.6, 38, 28, 1500]] as [$alk, $s, $t, $ppm]) {
            $a = Carbonate::fromCo2($alk, $s, $t, $ppm);
            $b = Carbonate::fromDic($alk, $s, $t, $a->dicMmolKg);
            $c = Carbonate::fromProbe($alk, $s, $t, $a->phProbe());
            self::assertEqualsWithDelta([$a->phTotal, $ppm], [$b->phTotal, $b->co2Ppm], 1e-6);
            self::assertEqualsWithDelta([$a->dicMmolKg, $ppm], [$c->dicMmolKg, $c->co2Ppm], 1e-6);
        }
        $this->expectException(OutOfRange::class);
        Carbonate::fromProbe(0.2, 35, 25, 9.4);
    }

    #[Test]
    public function more_carbon_dioxide_more_acid_and_more_alkalinity_less(): void
    {
        self::assertGreaterThan(
            Carbonate::fromCo2(2.86, 35, 25, 900)->phTotal,
            Carbonate::fromCo2(2.86, 35, 25, 500)->phTotal,
        );
        self::assertGreaterThan(
            Carbonate::fromCo2(2.5, 35, 25, 500)->phTotal,
            Carbonate::fromCo2(3.0, 35, 25, 500)->phTotal,
        );
    }

    #[Test]
    public function a_change_that_raises_the_ph_first_makes_ammonia_worse(): void
    {
        // A bagged, acid tank: little is free. Fresh water at pH 8.3 frees it on the way.
        $tank = new WaterValues(26, 35, 7.0, 7.4);
        $fresh = new WaterValues(26, 35, 8.5, 8.4);
        $change = AmmoniaChange::of(2.0, $tank, $fresh);
        self::assertNotNull($change->fraction);
        self::assertGreaterThan($change->freeNowMgL, $change->worstMgL);
        self::assertLessThanOrEqual(FreeAmmonia::ACT_MG_L, $change->freeAfterMgL);
        // Matched water only dilutes: the fraction is the plain one.
        $same = new WaterValues(26, 35, 7.0, 8.2);
        $plain = AmmoniaChange::of(0.6, $same, $same);
        self::assertEqualsWithDelta(1 - 0.02 / $plain->freeNowMgL, $plain->fraction, 0.006);
    }

    #[Test]
    public function batteries_and_ages(): void
    {
        self::assertEqualsWithDelta((480 * 0.9) / 20, Battery::hours(480, 20, 0.9), 1e-9);
        self::assertLessThan(Battery::hours(480, 20, 0.85), Battery::hours(480, 20, 0.85, 10), 'idle watts cost hours');
        self::assertEqualsWithDelta(1 - exp(-1), FailureChance::of(0, 5, 5), 1e-12, '63 % have failed by the scale');
        self::assertGreaterThan(FailureChance::of(1, 1, 5), FailureChance::of(4, 1, 5), 'what is old fails sooner');
        $this->expectException(OutOfRange::class);
        Battery::hours(100, 0, 0.9);
    }
}
