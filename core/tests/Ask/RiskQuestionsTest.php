<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Ask;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The questions of risk and emergency, asked as a script would. */
final class RiskQuestionsTest extends TestCase
{
    use AsksTheDesk;

    #[Test]
    public function single_failures_are_asked_by_what_each_thing_hangs_on(): void
    {
        $on = [['part' => 'strip', 'name' => 's1']];
        $answer = self::ask('single-failures', [
            'volumeL' => 600, 'uaWK' => 18, 'surfaceM2' => 0.72, 'setpointC' => 25, 'coldRoomC' => 8, 'hotRoomC' => 26,
            'items' => [
                ['id' => 'h1', 'job' => 'heater', 'watts' => 150, 'on' => $on],
                ['id' => 'h2', 'job' => 'heater', 'watts' => 150, 'on' => $on],
            ],
        ]);
        $by = array_column($answer['losses'], null, 'id');
        self::assertEqualsWithDelta(20.06, $by['strip:s1']['harmH'], 0.05);
        self::assertEqualsWithDelta(62.3, $by['device:h1']['harmH'], 0.1);
        self::assertSame(['heat'], $by['strip:s1']['functions']);
        self::assertStringContainsString(
            'job',
            self::refused(
                'single-failures',
                [
                    'items' => [['id' => 'x', 'job' => 'magic']],
                    'volumeL' => 1,
                    'uaWK' => 1,
                    'surfaceM2' => 1,
                    'setpointC' => 25,
                    'coldRoomC' => 8,
                    'hotRoomC' => 26,
                ],
            ),
        );
    }

    #[Test]
    public function rates_storms_and_readiness_are_asked(): void
    {
        $rates = self::ask('hazard-rates', ['items' => [['id' => 'h', 'job' => 'heater', 'ageYears' => 3]], 'cutHours' => [12]]);
        self::assertEqualsWithDelta(0.2544, ((array) $rates['items'])['h']['likely'], 1e-3);
        self::assertEqualsWithDelta(0.05, ((array) $rates['cutsPerYear'])['12'], 1e-6);
        self::assertStringContainsString('heater-luck', self::refused('hazard-rates', ['items' => [], 'rates' => ['heater-luck' => 1]]));

        $storm = self::ask('storm', [
            'systems' => [
                ['id' => 'a', 'lat' => 0, 'lon' => 0.01, 'harmH' => 2],
                ['id' => 'b', 'lat' => 0, 'lon' => 0.02, 'harmH' => 2, 'loss' => 5],
            ],
            'crews' => [['lat' => 0, 'lon' => 0]],
            'batteries' => 1,
        ]);
        self::assertSame(1.0, $storm['loss'] + 0.0);
        self::assertSame(['a'], $storm['unmet'], 'the dearer gets the battery');

        $ready = self::ask('readiness', [
            'harmH' => ['power-cut' => 2, 'leak' => 1],
            'needs' => [
                ['id' => 'air', 'serves' => 'power-cut', 'has' => 1, 'withinH' => 1, 'good' => true],
                ['id' => 'tray', 'serves' => 'leak'],
            ],
        ]);
        self::assertSame([0.5, ['leak']], [$ready['share'], $ready['unserved']]);
        self::assertStringContainsString('harmH.flood', self::refused('readiness', ['harmH' => ['flood' => 1], 'needs' => []]));
    }

    #[Test]
    public function holding_and_warming_are_asked(): void
    {
        $still = [
            'volumeL' => 300,
            'uaWK' => 0,
            'surfaceM2' => 0.72,
            'startC' => 25,
            'roomC' => 24,
            'fishKg' => 0.4,
            'footprintM2' => 0.72,
        ];
        $hold = self::ask('holding-hours', $still);
        self::assertSame('oxygen', $hold['binds']);
        self::assertEqualsWithDelta(2.2, $hold['oxygenH'], 0.15);
        self::assertGreaterThan($hold['oxygenH'], self::ask('holding-hours', [...$still, 'batteryH' => 3])['oxygenH']);
        $warm = self::ask('rewarm', ['volumeL' => 100, 'uaWK' => 5, 'roomC' => 15, 'fromC' => 18, 'toC' => 24, 'heaterW' => 400]);
        self::assertEqualsWithDelta(6, $warm['hours'], 1e-9);
        self::assertStringContainsString(
            'toC',
            self::refused('rewarm', ['volumeL' => 1, 'uaWK' => 0, 'roomC' => 15, 'fromC' => 20, 'toC' => 19, 'heaterW' => 1]),
        );
    }
}
