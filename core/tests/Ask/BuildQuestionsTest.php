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
        'lengthMm' => 1024, 'widthMm' => 524, 'heightMm' => 512, 'wallMm' => 12, 'floorMm' => 12, 'rockKg' => 28, 'sandDepthMm' => 0, 'waterGapMm' => 50, 'standKg' => 60,
        'pumpsW' => 40, 'lightsW' => 90, 'winterC' => 18, 'summerC' => 26, 'floorType' => 'concrete', 'storey' => 1, 'spanMm' => 4000, 'allowanceKpa' => 3,
    ];

    #[Test]
    public function water_and_heat(): void
    {
        $open = self::ask('evaporation', ['areaM2' => 0.5, 'tempC' => 25.5, 'roomC' => 20]);
        self::assertEqualsWithDelta(Evaporation::of(0.5, 25.5, 20)->litresPerDay, $open['litresPerDay'], 1e-12);
        self::assertEqualsWithDelta($open['litresPerDay'] / 4, self::ask('evaporation', ['areaM2' => 0.5, 'tempC' => 25.5, 'roomC' => 20, 'share' => 0.25])['litresPerDay'], 1e-9);
        $heaters = self::ask('heater-set', ['volumeL' => 400, 'coldUaWK' => 20, 'hotUaWK' => 15, 'setpointC' => 25, 'winterC' => 17, 'summerC' => 26]);
        // 20 W/K over 8 K, and nothing evaporates.
        self::assertEqualsWithDelta(160.0, $heaters['needW'], 1e-9);
        self::assertGreaterThanOrEqual(1.2 * 160, $heaters['chosen']['count'] * $heaters['chosen']['wattsEach']);
        self::assertContains(['count' => $heaters['chosen']['count'], 'wattsEach' => $heaters['chosen']['wattsEach']], $heaters['passes']);
        self::assertStringContainsString('setpointC', self::refused('heater-set', ['volumeL' => 400, 'coldUaWK' => 20, 'hotUaWK' => 15, 'setpointC' => 45, 'winterC' => 17, 'summerC' => 26]));
    }

    #[Test]
    public function a_steady_day_gives_the_loss_that_was_put_in(): void
    {
        // 300 W on for a third of the time and 40 W of pumps carry 20 W/K over 7 K: nothing evaporates.
        self::assertEqualsWithDelta(20.0, self::ask('heat-loss', ['hours' => 48, 'heaterW' => 300, 'dutyPct' => 100 / 3, 'otherW' => 40, 'tempC' => 25, 'roomC' => 18])['uaWK'], 1e-9);
        // With 1 L a day, 2441.8 kJ of it: 28.26 W less.
        self::assertEqualsWithDelta((140 - 2441.775 / 86.4) / 7, self::ask('heat-loss', ['hours' => 24, 'heaterW' => 300, 'dutyPct' => 100 / 3, 'otherW' => 40, 'evaporationLd' => 1, 'tempC' => 25, 'roomC' => 18])['uaWK'], 1e-9);
        self::assertStringContainsString('roomC', self::refused('heat-loss', ['hours' => 24, 'heaterW' => 300, 'dutyPct' => 10, 'tempC' => 25, 'roomC' => 24]));
        $modelled = self::ask('plan', ['values' => self::VALUES])['figures']['lossWinterW']['value'];
        $measured = self::ask('plan', ['values' => [...self::VALUES, 'measuredUaWK' => 60]])['figures']['lossWinterW']['value'];
        self::assertGreaterThan($modelled, $measured, 'what was measured counts instead of the model');
    }

    #[Test]
    public function weirs_out_of_level_and_branched_lines(): void
    {
        $level = self::ask('weir-head', ['flowLh' => 2500, 'lengthMm' => 400])['headMm'];
        self::assertEqualsWithDelta($level, self::ask('weir-crest', ['form' => 'edge', 'flowLh' => 2500, 'lengthMm' => 400])['headMm'], 1e-9);
        $tilted = self::ask('weir-crest', ['form' => 'edge', 'flowLh' => 2500, 'lengthMm' => 400, 'tiltMmM' => 10]);
        self::assertEqualsWithDelta(4.0, $tilted['fallMm'], 1e-12);
        self::assertGreaterThan($level, $tilted['headMm']);
        self::assertGreaterThan(0, self::ask('weir-crest', ['form' => 'standpipe', 'flowLh' => 800, 'boreMm' => 50])['headMm']);

        $line = ['curve' => [['flowLh' => 0, 'headM' => 4], ['flowLh' => 6000, 'headM' => 0]], 'staticM' => 1.4, 'innerMm' => 27, 'lengthM' => 2, 'sumK' => 4];
        $alike = ['innerMm' => 20, 'lengthM' => 1, 'sumK' => 3];
        $two = self::ask('return-line', [...$line, 'outlets' => [$alike, $alike]]);
        self::assertEqualsWithDelta($two['flowLh'] / 2, $two['outletsLh'][0], 1e-4);
        self::assertEqualsWithDelta(4 - $two['flowLh'] / 1500, $two['headM'], 1e-9, 'on the straight line between its points');
        self::assertLessThan($two['flowLh'], self::ask('return-line', [...$line, 'outlets' => [$alike, $alike], 'drawsLh' => 500])['flowLh']);
        self::assertStringContainsString('curve', self::refused('return-line', [...$line, 'curve' => [['flowLh' => 0, 'headM' => 4]]]));
    }

    #[Test]
    public function flow_sand_and_light(): void
    {
        self::assertEquals(['perHour' => 30, 'suits' => ['mixed']], self::ask('turnover', ['flowLh' => 6000, 'volumeL' => 200]));
        self::assertEqualsWithDelta(0.3717, self::ask('grain-motion', ['grainMm' => 1])['speedMs'], 5e-4);
        $survey = self::ask('light-survey', ['predicted' => [100, 200, 300], 'measured' => [90, 180, 270]]);
        self::assertEqualsWithDelta(0.9, $survey['factor'], 1e-12);
        self::assertTrue($survey['calibrates']);
        self::assertStringContainsString('points', self::refused('light-survey', ['predicted' => [100], 'measured' => []]));
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
        $stages = fn (array $passed): array => array_column(self::ask('stage-schedule', ['values' => self::VALUES, 'passed' => $passed])['stages'], null, 'key');
        self::assertEqualsWithDelta(28.25, $stages([])['handover']['standsDay'] - $stages(['ordered'])['handover']['standsDay'], 1e-9, 'four weeks of lead and a quarter of a day');
    }
}
