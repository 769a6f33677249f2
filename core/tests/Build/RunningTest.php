<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\RunningCost;
use Velbrin\Core\Hydraulics\GrainMotion;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/** What a plan draws, moves and takes once it runs. */
final class RunningTest extends TestCase
{
    /** 1 m × 0.5 m × 0.45 m of water, no rock, no sand: 225 L. */
    private const TANK = [
        'lengthMm' => 1024,
        'widthMm' => 524,
        'heightMm' => 512,
        'wallMm' => 12,
        'floorMm' => 12,
        'rockKg' => 0,
        'sandDepthMm' => 0,
        'waterGapMm' => 50,
        'standKg' => 60,
        'pumpsW' => 40,
        'lightsW' => 90,
        'otherW' => 20,
        'lightHours' => 10,
        'lightRampH' => 1.5,
        'lightTopPct' => 100,
        'residual' => 'yes',
        'circuits' => 2,
    ];

    #[Test]
    public function sand_begins_to_move_where_shields_says(): void
    {
        // By hand, 1 mm of aragonite: D* 26.60, θ 0.03180, τ 0.5538 N/m², u* 0.02324 m/s, ln 600 over 0.4.
        self::assertEqualsWithDelta(0.5538, GrainMotion::thresholdPa(1.0), 5e-4);
        self::assertEqualsWithDelta(0.3717, GrainMotion::speedMs(1.0), 5e-4);
        $before = 0.0;
        foreach ([0.3, 0.5, 1.0, 2.0, 5.0] as $grain) {
            self::assertGreaterThan($before, $before = GrainMotion::speedMs($grain), 'coarser sand lies longer');
        }
        $blown = self::findings(['sandDepthMm' => 30, 'grainMm' => 0.5, 'nearBedMs' => 0.5], 'B-31');
        self::assertSame(Severity::Fix, $blown[0]->severity);
        self::assertSame(
            Severity::Fine,
            self::findings(['sandDepthMm' => 30, 'grainMm' => 3, 'nearBedMs' => 0.1], 'B-31')[0]->severity,
        );
        self::assertSame(
            [],
            self::findings(['sandDepthMm' => 30, 'grainMm' => 0.5], 'B-31'),
            'without a measured speed nothing is said',
        );
    }

    #[Test]
    public function flow_is_judged_by_what_is_kept(): void
    {
        // 225 L net: 6750 L/h is 30 times an hour.
        self::assertSame(
            Severity::Fine,
            self::findings(['streamLh' => 6750, 'livestock' => 'mixed'], 'B-60')[0]->severity,
        );
        self::assertSame(
            Severity::Watch,
            self::findings(['streamLh' => 6750, 'livestock' => 'stony'], 'B-60')[0]->severity,
        );
        self::assertSame(
            Severity::Watch,
            self::findings(['streamLh' => 6750, 'livestock' => 'soft'], 'B-60')[0]->severity,
        );
        self::assertEqualsWithDelta(
            30.0,
            Plan::answer(self::brief(['streamLh' => 6750]))->figure('streamTurnover')?->quantity?->value,
            1e-9,
        );
    }

    #[Test]
    public function a_warm_room_draws_what_pumps_gear_and_light_draw(): void
    {
        // In a room of 32 °C nothing heats: 40 + 20 W all day, 90 W for the 8.5 hours its ramps amount to.
        $warm = Plan::answer(self::brief(['winterC' => 32, 'summerC' => 32]));
        self::assertEqualsWithDelta(
            ((60 + (90 * 8.5) / 24) * 730.5) / 1000,
            $warm->figure('energyKwh')?->quantity?->value,
            1e-6,
        );
        $cold = Plan::answer(self::brief(['winterC' => 16, 'summerC' => 24]));
        self::assertGreaterThan(
            $warm->figure('energyKwh')?->quantity?->value,
            $cold->figure('energyKwh')?->quantity?->value,
            'a colder room draws more',
        );
        self::assertEqualsWithDelta(
            (2 * 40) / 230 / 2,
            $cold->figure('startA')?->quantity?->value - $cold->figure('circuitA')?->quantity?->value,
            1e-9,
        );
    }

    #[Test]
    public function a_circuit_is_full_at_four_fifths(): void
    {
        $load = fn (float $rated): Severity => self::findings(
            ['winterC' => 16, 'summerC' => 24, 'circuitA' => $rated],
            'B-61',
        )[0]->severity;
        $amps =
            Plan::answer(self::brief(['winterC' => 16, 'summerC' => 24]))->figure('circuitA')?->quantity->value ?? 0.0;
        self::assertSame(Severity::Fix, $load(max(1.0, $amps / 0.81)));
        self::assertNotSame(Severity::Fix, $load($amps / 0.79));
    }

    #[Test]
    public function the_hottest_day_asks_for_a_fan_before_a_chiller(): void
    {
        $hot = ['winterC' => 20, 'summerC' => 28, 'pumpsW' => 60, 'upperHarmC' => 35];
        $open = self::findings($hot, 'B-42')[0];
        self::assertSame(Severity::Watch, $open->severity);
        self::assertStringContainsString('fan', (string) $open->remedy?->template);
        self::assertStringContainsString(
            'chiller',
            (string) self::findings([...$hot, 'top' => 'closed'], 'B-42')[0]->remedy?->template,
        );
        $need = fn (float $summer): float => Plan::answer(self::brief([...$hot, 'summerC' => $summer]))->figure(
            'coolingW',
        )?->quantity->value ?? NAN;
        self::assertSame(0.0, $need(20.0));
        self::assertGreaterThan($need(27.0), $need(29.0), 'a hotter room never needs less');
    }

    #[Test]
    public function a_year_is_twelve_months_of_it(): void
    {
        $year = RunningCost::of(
            self::brief([
                'winterC' => 32,
                'summerC' => 32,
                'changePct' => 25,
                'visitsMonth' => 2,
                'careMin' => 45,
                'wastePerL' => 2,
            ]),
        );
        $of = array_map(fn ($l): float => $l->quantity->value, array_column($year->lines, null, 'key'));
        self::assertSame([], $year->waits);
        // Three whole systems of 225 L a year, at 38.5 g/L.
        self::assertEqualsWithDelta((3 * 225 * 38.5) / 1000, $of['salt'], 0.06);
        self::assertEqualsWithDelta(((60 + (90 * 8.5) / 24) * 24 * 365.25) / 1000, $of['power'], 0.06);
        self::assertEqualsWithDelta(2 * $of['ro-water'], $of['waste-water'], 0.2);
        self::assertGreaterThan(3 * 225, $of['ro-water'], 'evaporation comes on top');
        self::assertEqualsWithDelta(2.25, $of['media'], 0.06, 'by the hundred litres');
        self::assertEqualsWithDelta(2.25, $of['wear'], 0.06);
        self::assertEqualsWithDelta(18.0, $of['labour'], 1e-9);
        self::assertContains('winterC', RunningCost::of(self::brief([]))->waits['power']);
    }

    /** @param  array<string, int|float|string>  $more */
    private static function brief(array $more): PlanBrief
    {
        return SoundPlan::confirmed([...self::TANK, ...$more]);
    }

    /**
     * @param  array<string, int|float|string>  $more
     * @return list<Finding>
     */
    private static function findings(array $more, string $rule): array
    {
        return array_values(
            array_filter(Plan::answer(self::brief($more))->findings, fn (Finding $f): bool => $f->rule === $rule),
        );
    }
}
