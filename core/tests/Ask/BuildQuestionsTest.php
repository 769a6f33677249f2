<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Ask;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\Evaporation;

/** One headline question for each answer a planner gives. */
final class BuildQuestionsTest extends TestCase
{
    use AsksTheDesk;

    private const VALUES = [
        'lengthMm' => 1024,
        'widthMm' => 524,
        'heightMm' => 512,
        'wallMm' => 12,
        'floorMm' => 12,
        'rockKg' => 28,
        'sandDepthMm' => 0,
        'waterGapMm' => 50,
        'standKg' => 60,
        'pumpsW' => 40,
        'lightsW' => 90,
        'winterC' => 18,
        'summerC' => 26,
        'floorType' => 'concrete',
        'storey' => 1,
        'spanMm' => 4000,
        'allowanceKpa' => 3,
    ];

    #[Test]
    public function water_and_heat(): void
    {
        $open = self::ask('evaporation', ['areaM2' => 0.5, 'tempC' => 25.5, 'roomC' => 20]);
        self::assertEqualsWithDelta(Evaporation::of(0.5, 25.5, 20)->litresPerDay, $open['litresPerDay'], 1e-12);
        self::assertEqualsWithDelta(
            $open['litresPerDay'] / 4,
            self::ask('evaporation', ['areaM2' => 0.5, 'tempC' => 25.5, 'roomC' => 20, 'share' => 0.25])[
                'litresPerDay'
            ],
            1e-9,
        );
        $heaters = self::ask('heater-set', [
            'volumeL' => 400,
            'coldUaWK' => 20,
            'hotUaWK' => 15,
            'setpointC' => 25,
            'winterC' => 17,
            'summerC' => 26,
        ]);
        // 20 W/K over 8 K, and nothing evaporates.
        self::assertEqualsWithDelta(160.0, $heaters['needW'], 1e-9);
        self::assertGreaterThanOrEqual(1.2 * 160, $heaters['chosen']['count'] * $heaters['chosen']['wattsEach']);
        self::assertContains(
            ['count' => $heaters['chosen']['count'], 'wattsEach' => $heaters['chosen']['wattsEach']],
            $heaters['passes'],
        );
        self::assertStringContainsString(
            'setpointC',
            self::refused('heater-set', [
                'volumeL' => 400,
                'coldUaWK' => 20,
                'hotUaWK' => 15,
                'setpointC' => 45,
                'winterC' => 17,
                'summerC' => 26,
            ]),
        );
    }

    #[Test]
    public function a_steady_day_gives_the_loss_that_was_put_in(): void
    {
        // 300 W on for a third of the time and 40 W of pumps carry 20 W/K over 7 K: nothing evaporates.
        self::assertEqualsWithDelta(
            20.0,
            self::ask('heat-loss', [
                'hours' => 48,
                'heaterW' => 300,
                'dutyPct' => 100 / 3,
                'otherW' => 40,
                'tempC' => 25,
                'roomC' => 18,
            ])['uaWK'],
            1e-9,
        );
        // With 1 L a day, 2441.8 kJ of it: 28.26 W less.
        self::assertEqualsWithDelta(
            (140 - 2441.775 / 86.4) / 7,
            self::ask('heat-loss', [
                'hours' => 24,
                'heaterW' => 300,
                'dutyPct' => 100 / 3,
                'otherW' => 40,
                'evaporationLd' => 1,
                'tempC' => 25,
                'roomC' => 18,
            ])['uaWK'],
            1e-9,
        );
        self::assertStringContainsString(
            'roomC',
            self::refused('heat-loss', [
                'hours' => 24,
                'heaterW' => 300,
                'dutyPct' => 10,
                'tempC' => 25,
                'roomC' => 24,
            ]),
        );
        $modelled = self::ask('plan', ['values' => self::VALUES])['figures']['lossWinterW']['value'];
        $measured = self::ask('plan', ['values' => [...self::VALUES, 'measuredUaWK' => 60]])['figures']['lossWinterW'][
            'value'
        ];
        self::assertGreaterThan($modelled, $measured, 'what was measured counts instead of the model');
    }

    #[Test]
    public function a_cooling_curve_gives_back_the_loss_that_made_it(): void
    {
        // 400 L lose 20 W/K into a room of 18 °C: T = 18 + 8·e^(−t·UA/C), C = 400·1.024·3990 J/K.
        $after = fn (float $hours): float => 18 + 8 * exp((-$hours * 3600 * 20) / (400 * 1.024 * 3990));
        foreach ([3, 6, 12] as $hours) {
            self::assertEqualsWithDelta(
                20.0,
                self::ask('cooling-curve', [
                    'volumeL' => 400,
                    'hours' => $hours,
                    'fromC' => 26,
                    'toC' => $after($hours),
                    'roomC' => 18,
                ])['uaWK'],
                1e-6,
            );
        }
        // Pumps that heat meanwhile: the same fall means a larger loss, and stepping through it agrees within a per cent.
        $t = 26.0;
        for ($second = 0; $second < 6 * 3600; $second++) {
            $t += (40 - 20 * ($t - 18)) / (400 * 1.024 * 3990);
        }
        self::assertEqualsWithDelta(
            20.0,
            self::ask('cooling-curve', [
                'volumeL' => 400,
                'hours' => 6,
                'fromC' => 26,
                'toC' => $t,
                'roomC' => 18,
                'otherW' => 40,
            ])['uaWK'],
            0.2,
        );
        self::assertStringContainsString(
            'toC',
            self::refused('cooling-curve', [
                'volumeL' => 400,
                'hours' => 6,
                'fromC' => 26,
                'toC' => 25.9,
                'roomC' => 18,
            ]),
        );
        self::assertStringContainsString(
            'roomC',
            self::refused('cooling-curve', ['volumeL' => 400, 'hours' => 6, 'fromC' => 26, 'toC' => 25, 'roomC' => 24]),
        );
    }

    #[Test]
    public function weirs_out_of_level_and_branched_lines(): void
    {
        $level = self::ask('weir-head', ['flowLh' => 2500, 'lengthMm' => 400])['headMm'];
        self::assertEqualsWithDelta(
            $level,
            self::ask('weir-crest', ['form' => 'edge', 'flowLh' => 2500, 'lengthMm' => 400])['headMm'],
            1e-9,
        );
        $tilted = self::ask('weir-crest', ['form' => 'edge', 'flowLh' => 2500, 'lengthMm' => 400, 'tiltMmM' => 10]);
        self::assertEqualsWithDelta(4.0, $tilted['fallMm'], 1e-12);
        self::assertGreaterThan($level, $tilted['headMm']);
        self::assertGreaterThan(
            0,
            self::ask('weir-crest', ['form' => 'standpipe', 'flowLh' => 800, 'boreMm' => 50])['headMm'],
        );

        $line = [
            'curve' => [['flowLh' => 0, 'headM' => 4], ['flowLh' => 6000, 'headM' => 0]],
            'staticM' => 1.4,
            'innerMm' => 27,
            'lengthM' => 2,
            'sumK' => 4,
        ];
        $alike = ['innerMm' => 20, 'lengthM' => 1, 'sumK' => 3];
        $two = self::ask('return-line', [...$line, 'outlets' => [$alike, $alike]]);
        self::assertEqualsWithDelta($two['flowLh'] / 2, $two['outletsLh'][0], 1e-4);
        self::assertEqualsWithDelta(
            4 - $two['flowLh'] / 1500,
            $two['headM'],
            1e-9,
            'on the straight line between its points',
        );
        self::assertLessThan(
            $two['flowLh'],
            self::ask('return-line', [...$line, 'outlets' => [$alike, $alike], 'drawsLh' => 500])['flowLh'],
        );
        self::assertStringContainsString(
            'curve',
            self::refused('return-line', [...$line, 'curve' => [['flowLh' => 0, 'headM' => 4]]]),
        );
    }

    #[Test]
    public function flow_sand_and_light(): void
    {
        self::assertEquals(
            ['perHour' => 30, 'suits' => ['mixed']],
            self::ask('turnover', ['flowLh' => 6000, 'volumeL' => 200]),
        );
        self::assertEqualsWithDelta(0.3717, self::ask('grain-motion', ['grainMm' => 1])['speedMs'], 5e-4);
        $survey = self::ask('light-survey', ['predicted' => [100, 200, 300], 'measured' => [90, 180, 270]]);
        self::assertEqualsWithDelta(0.9, $survey['factor'], 1e-12);
        self::assertTrue($survey['calibrates']);
        self::assertStringContainsString(
            'points',
            self::refused('light-survey', ['predicted' => [100], 'measured' => []]),
        );
    }

    #[Test]
    public function floor_year_and_course_of_a_plan(): void
    {
        $floor = self::ask('floor-load', ['values' => self::VALUES]);
        self::assertContains($floor['word'], ['within', 'ask', 'never']);
        self::assertEqualsWithDelta($floor['bendingKpa'] / 3, $floor['use'], 1e-9);
        self::assertStringContainsString('heightMm', self::refused('floor-load', ['values' => ['lengthMm' => 1000]]));
        $year = array_column(self::ask('running-year', ['values' => self::VALUES])['lines'], 'value', 'key');
        self::assertGreaterThan(0, $year['power']);
        $stages = fn (array $passed): array => array_column(
            self::ask('stage-schedule', ['values' => self::VALUES, 'passed' => $passed])['stages'],
            null,
            'key',
        );
        self::assertEqualsWithDelta(
            28.25,
            $stages([])['handover']['standsDay'] - $stages(['ordered'])['handover']['standsDay'],
            1e-9,
            'four weeks of lead and a quarter of a day',
        );
    }

    #[Test]
    public function a_piece_passes_a_door_or_not_and_turns_or_not(): void
    {
        $door = self::ask('access', [
            'lengthMm' => 1200,
            'widthMm' => 600,
            'heightMm' => 550,
            'openingWidthMm' => 880,
            'openingHeightMm' => 2000,
        ]);
        self::assertEqualsWithDelta(880 - 550, $door['openingMm'], 1e-9);
        self::assertNull($door['cornerMm']);
        // Both corridors alike: by symmetry tightest at 45°, ℓ = (2·a·cos45° − w)/(sin45°·cos45°) = 2·(√2·a − w).
        $corner = self::ask('access', [
            'lengthMm' => 1200,
            'widthMm' => 600,
            'heightMm' => 550,
            'openingWidthMm' => 880,
            'openingHeightMm' => 2000,
            'corridorAMm' => 1000,
            'corridorBMm' => 1000,
        ]);
        self::assertEqualsWithDelta(2 * (sqrt(2) * 1000 - 550) - 1200, $corner['cornerMm'], 0.01);
        self::assertFalse(
            self::ask('access', [
                'lengthMm' => 2400,
                'widthMm' => 800,
                'heightMm' => 700,
                'openingWidthMm' => 690,
                'openingHeightMm' => 2000,
            ])['passes'],
        );
    }

    #[Test]
    public function circuits_and_a_refill(): void
    {
        $plugs = [
            ['kind' => 'heater', 'watts' => 2300, 'circuit' => 1, 'strip' => 1],
            ['kind' => 'return', 'watts' => 690, 'circuit' => 1, 'strip' => 2],
            ['kind' => 'light', 'watts' => 230, 'circuit' => 2, 'strip' => 3],
        ];
        $tree = self::ask('circuit-load', ['loads' => $plugs]);
        self::assertEquals(['1' => 13.0, '2' => 1.0], $tree['circuitA']);
        self::assertEquals(['1' => 19.0, '2' => 1.0], $tree['startA']);
        self::assertSame([1], $tree['overloaded'], '13 A are over 12.8');
        self::assertSame([1], $tree['overloadedStrips']);
        self::assertEqualsWithDelta((2990 + 1380) / 0.8, $tree['generatorW'], 1e-9);
        self::assertStringContainsString(
            'loads.1.circuit',
            self::refused('circuit-load', ['loads' => [$plugs[0], [...$plugs[1], 'circuit' => 2, 'strip' => 1]]]),
        );
        // W-36 by hand: 3000·(1 − 20/80) = 2250 L/h; at 600 L/h the pump may give 600/0.75 = 800.
        $refill = self::ask('refill', [
            'pumpLh' => 3000,
            'refillLh' => 600,
            'chamberL' => 20,
            'missingL' => 80,
            'spareL' => 100,
            'downL' => 40,
        ]);
        self::assertFalse($refill['holds']);
        self::assertEqualsWithDelta(2250.0, $refill['needsLh'], 1e-9);
        self::assertEqualsWithDelta(800.0, $refill['pumpLh'], 1e-9);
        self::assertEqualsWithDelta((60 * (0.85 * 100 - 40)) / 600, $refill['shutAfterMin'], 1e-9);
        self::assertTrue(
            self::ask('refill', [
                'pumpLh' => 800,
                'refillLh' => 600,
                'chamberL' => 20,
                'missingL' => 80,
                'spareL' => 100,
                'downL' => 40,
            ])['holds'],
        );
    }
}
