<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanDefaults;

/** What is assumed where nobody has said: a number that moves here moves every plan that rests on it. */
final class PlanDefaultsTest extends TestCase
{
    private const ASSUMED = [
        'waterGapMm' => 40.0,
        'sandDepthMm' => 30.0,
        'salinity' => 35.0,
        'setpointC' => 25.5,
        'mixGramsPerL' => 38.5,
        'weirTiltMmM' => 0.0,
        'drainSumK' => 2.0,
        'drainCount' => 1.0,
        'returnSumK' => 5.0,
        'pipesL' => 4.0,
        'sumpWallMm' => 8.0,
        'sumpFloorMm' => 8.0,
        'sumpBaseMm' => 20.0,
        'sumpBelowMm' => 0.0,
        'baffleMm' => 6.0,
        'pumpMinLevelMm' => 100.0,
        'lightSharePct' => 45.0,
        'humidityPct' => 50.0,
        'upperHarmC' => 30.0,
        'standHeightMm' => 800.0,
        'equipmentKg' => 30.0,
        'roFeedC' => 12.0,
        'attenuationPerM' => 0.25,
        'lightHours' => 10.0,
        'lightRampH' => 1.5,
        'lightTopPct' => 100.0,
        'handMm' => 90.0,
        'standingMm' => 0.0,
        'shoulderMm' => 1400.0,
        'armMm' => 700.0,
        'toolMm' => 0.0,
        'cablesPerSheave' => 1.0,
        'cabinetTolMm' => 5.0,
        'otherW' => 20.0,
        'mainsV' => 230.0,
        'circuitA' => 16.0,
        'circuits' => 1.0,
        'stripA' => 10.0,
        'roRatedKpa' => 350.0,
        'airChangesH' => 0.5,
        'changePct' => 20.0,
        'wastePerL' => 3.0,
        'visitsMonth' => 2.0,
        'careMin' => 45.0,
    ];

    #[Test]
    public function the_numbers_are_those_that_were_agreed(): void
    {
        $assumed = array_filter(self::for([]), is_float(...));
        self::assertEqualsCanonicalizing(self::ASSUMED, array_intersect_key($assumed, self::ASSUMED));
        self::assertSame(['drainLengthM' => 1.0], array_diff_key($assumed, self::ASSUMED), 'a metre under a usual stand');
        foreach (self::ASSUMED as $field => $value) {
            self::assertSame($value, $assumed[$field], $field);
        }
    }

    #[Test]
    public function what_follows_from_the_tank_follows_it(): void
    {
        $of = self::for(['lengthMm' => 1200, 'widthMm' => 600, 'heightMm' => 550, 'spanMm' => 4000]);
        self::assertSame(65.0, $of['standKg'], '90 kg a square metre');
        self::assertSame(40.0, $of['rockKg'], 'a tenth of a kilogram a litre of the box');
        self::assertSame(2.0, $of['returnLengthM'], 'stand, tank and 60 cm');
        self::assertSame(2000.0, $of['fromSupportMm'], 'the middle of the span');
        self::assertSame($of['wallMm'], $of['floorMm']);
        $raised = self::for(['heightMm' => 550, 'standHeightMm' => 900, 'sumpBelowMm' => 2500, 'wallMm' => 15]);
        self::assertSame([4.6, 3.6, 15.0], [$raised['returnLengthM'], $raised['drainLengthM'], $raised['floorMm']]);
    }

    #[Test]
    public function glass_grows_with_the_height_of_the_tank(): void
    {
        $wall = fn (float $heightMm): mixed => self::for(['heightMm' => $heightMm])['wallMm'] ?? null;
        $steps = [400 => [8.0, 10.0], 500 => [10.0, 12.0], 600 => [12.0, 15.0], 700 => [15.0, 19.0]];
        foreach ($steps as $upTo => $walls) {
            self::assertSame($walls, [$wall($upTo), $wall($upTo + 1)], "{$upTo} mm and a millimetre more");
        }
    }

    /** @param  array<string, mixed>  $values @return array<string, float|string> */
    private static function for(array $values): array
    {
        return PlanDefaults::for(PlanBrief::read(['values' => $values]));
    }
}
