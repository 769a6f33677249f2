<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\MeasuredLoss;
use Velbrin\Core\Heat\Surfaces;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Tests\Refuses;
use Velbrin\Core\Vessel\Material;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;

/** What a tank loses, read from a day of heating or from a falling curve instead of computed (B-76). */
final class MeasuredLossTest extends TestCase
{
    use Refuses;

    #[Test]
    public function a_day_of_heating_says_what_went_through_the_walls(): void
    {
        $loss = MeasuredLoss::of(24, 300, 50, 40, 2, 25, 20);
        $through = 150 + 40 - 2 * (2500.9 - 2.365 * 25) / 86.4;
        self::assertEqualsWithDelta($through / 5, $loss->uaWK, 1e-6);
        self::assertEqualsWithDelta($through / 5 * 0.2 / 5, $loss->uncertainWK, 1e-6);
    }

    #[Test]
    public function less_than_a_day_and_less_than_two_kelvin_say_nothing(): void
    {
        $of = fn (float $hours, float $roomC): ?string => self::refused(fn () => MeasuredLoss::of($hours, 300, 50, 0, 0, 25, $roomC));
        self::assertSame([null, 'hours'], [$of(24, 20), $of(23.9, 20)]);
        self::assertSame([null, 'roomC'], [$of(24, 23), $of(24, 23.1)]);
    }

    #[Test]
    public function more_evaporation_than_there_is_heat_is_refused_with_what_would_go(): void
    {
        $refusal = self::refusal(fn () => MeasuredLoss::of(24, 300, 50, 40, 10, 25, 20));
        self::assertSame('evaporationLd', $refusal?->field);
        self::assertStringContainsString(sprintf('%.1f', 190 * 86.4 / (2500.9 - 2.365 * 25)), $refusal->allowed);
    }

    #[Test]
    public function a_cooling_curve_says_the_same_as_newton(): void
    {
        $loss = MeasuredLoss::fromCooling(200, 4, 25, 23, 18, 30, 1);
        $mean = 2 / log(7 / 5);
        $through = 200 * 1.024 * 1000 * 3.99 * 2 / (4 * 3600) + 30 - (2500.9 - 2.365 * 24) / 86.4;
        self::assertEqualsWithDelta($through / $mean, $loss->uaWK, 1e-6);
    }

    #[Test]
    public function a_short_curve_a_small_fall_and_a_room_as_warm_are_refused(): void
    {
        $of = fn (float $hours, float $toC, float $roomC): ?string => self::refused(
            fn () => MeasuredLoss::fromCooling(200, $hours, 25, $toC, $roomC),
        );
        self::assertSame([null, 'hours'], [$of(2, 24, 18), $of(1.9, 24, 18)]);
        self::assertSame([null, 'toC'], [$of(4, 24.5, 18), $of(4, 24.6, 18)]);
        self::assertSame([null, 'roomC'], [$of(4, 24, 22), $of(4, 24, 22.1)]);
    }

    #[Test]
    public function an_open_surface_gives_by_air_and_by_radiation_and_a_hood_keeps_it(): void
    {
        $vessel = Vessel::of(Rectangular::outer(1020, 520), 610, 10, 10);
        self::assertSame([50.0, 50.0], [TankHeat::of(200, [])->humidityPct, TankHeat::bare(200, 20, 15, 1)->humidityPct], 'a usual room');
        $of = fn (bool $open): TankHeat => TankHeat::of(200, [Surfaces::of($vessel, 500, $open)]);
        // Inside 1 m by 0.5 m, half a metre of water; a wall between its two films.
        $solid = 1.5 * 1 / (0.133 + 0.01 / Material::Glass->conductivityWMK()) + 0.5 * 1.5;
        self::assertEqualsWithDelta($solid + 0.5 * (8 + 5.7), $of(true)->coldUaWK, 1e-9);
        self::assertEqualsWithDelta($solid + 0.5 * 2, $of(false)->coldUaWK, 1e-9);
        self::assertEqualsWithDelta(0.8 * $solid + 0.5 * (5 + 5.7), $of(true)->hotUaWK, 1e-9);
        self::assertEqualsWithDelta(0.8 * $solid + 0.5 * 2, $of(false)->hotUaWK, 1e-9);
        self::assertSame([0.5, 0.125], [$of(true)->evaporatingM2, $of(false)->evaporatingM2]);
    }
}
