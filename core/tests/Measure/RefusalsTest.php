<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Measure;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\FloorLoad;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanMass;
use Velbrin\Core\Emergency\Rewarm;
use Velbrin\Core\Heat\MeasuredLoss;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Interval;
use Velbrin\Core\Vessel\Filled;
use Velbrin\Core\Vessel\LShape;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;
use Velbrin\Core\Vessel\VesselVolume;
use Velbrin\Core\Water\MeasuredVolume;

/** A refusal says its limit in the unit of whoever reads it, and turns where it says. */
final class RefusalsTest extends TestCase
{
    private const PLAN = [
        'lengthMm' => 1200,
        'widthMm' => 600,
        'heightMm' => 550,
        'wallMm' => 12,
        'floorMm' => 12,
        'flowLh' => 3000,
        'weirBelowRimMm' => 60,
        'weirLengthMm' => 400,
        'sumpLengthMm' => 900,
        'sumpWidthMm' => 450,
        'sumpHeightMm' => 450,
        'returnLevelMm' => 200,
    ];

    /** @return iterable<string, array{0: Closure(float): mixed, 1: float, 2: float, 3: string, 4: string}> ask, taken, refused */
    public static function refusals(): iterable
    {
        yield 'further from its bearing than the middle' => [
            fn (float $mm): FloorLoad => self::floor($mm), 2000, 2001, '2 000 mm', '78.74 in',
        ];
        yield 'a floor as thick as the vessel is high' => [
            fn (float $mm): Vessel => Vessel::of(Rectangular::outer(1000, 500), 400, 10, $mm), 399, 400, '400 mm', '15.75 in',
        ];
        yield 'a leg as long as the whole' => [
            fn (float $mm): LShape => LShape::outer(1500, 600, $mm, 400), 1499, 1500, '1 500 mm', '59.06 in',
        ];
        yield 'a water line under the floor' => [
            fn (float $mm): VesselVolume => VesselVolume::of(Vessel::of(Rectangular::outer(1000, 500), 410, 10, 10), $mm),
            399, 400, '400 mm', '15.75 in',
        ];
        yield 'more filled in than the box holds' => [
            fn (float $litres): Filled => Filled::of($litres, 500, 1000, 400, 0), 200, 201, '200 L', '52.8 gal',
        ];
        yield 'an edge that drowns' => [
            fn (float $mm): float => WeirHead::plainEdge(6000, $mm), 121, 120, 'at least 121 mm', '4.76 in',
        ];
        yield 'a rise the instrument cannot tell' => [
            fn (float $after): MeasuredVolume => MeasuredVolume::bySalt(1, 33, $after, 38.5, 0.5), 34, 33.9, '1.0 g/kg', '1.0 g/kg',
        ];
        yield 'a room as warm as the water' => [
            fn (float $c): MeasuredLoss => MeasuredLoss::of(48, 300, 50, 20, 1, 25, $c), 23, 23.1, '23.0 °C', '73.4 °F',
        ];
        yield 'more evaporates than was put in' => [
            fn (float $ld): MeasuredLoss => MeasuredLoss::of(48, 300, 50, 20, $ld, 25, 20), 6.0, 6.1, '6.0 L a day', '1.59 gal a day',
        ];
        yield 'too short to tell' => [
            fn (float $h): MeasuredLoss => MeasuredLoss::of($h, 300, 50, 20, 1, 25, 20), 24, 23.9, '24.0 h', '24.0 h',
        ];
        yield 'cooled too little' => [
            fn (float $c): MeasuredLoss => MeasuredLoss::fromCooling(300, 12, 25, $c, 18), 24.5, 24.6, '24.5 °C', '76.1 °F',
        ];
        yield 'warmed down' => [
            fn (float $c): Rewarm => Rewarm::of(300, 10, 20, 22, $c, 300), 22, 21.9, '22.0 °C', '71.6 °F',
        ];
        yield 'a limit that overtakes what is due' => [
            fn (float $days): Interval => Interval::of(14, $days), 14, 15, '14 days', '14 days',
        ];
        yield 'a room warmer in winter' => [
            fn (float $c): mixed => self::refusing(['winterC' => $c, 'summerC' => 27, 'setpointC' => 25], 'winterC'),
            27, 27.1, '27.0 °C', '80.6 °F',
        ];
        yield 'a sump filled over its rim' => [
            fn (float $mm): mixed => self::refusing(['returnLevelMm' => $mm], 'returnLevelMm'), 441, 442, '442 mm', '17.40 in',
        ];
        yield 'gaps longer than their edge' => [
            fn (float $mm): mixed => self::refusing(['weirGapsMm' => $mm], 'weirGapsMm'), 400, 401, '400 mm', '15.75 in',
        ];
        yield 'water over the rim of the weir' => [
            fn (float $mm): mixed => self::refusing(['weirBelowRimMm' => $mm], 'weirBelowRimMm'), 20, 5, '11 mm', '0.43 in',
        ];
    }

    /** @param  Closure(float): mixed  $ask */
    #[Test]
    #[DataProvider('refusals')]
    public function a_limit_is_read_in_any_unit(Closure $ask, float $taken, float $refused, string $metric, string $us): void
    {
        $ask($taken);
        try {
            $ask($refused);
            self::fail('it was taken');
        } catch (OutOfRange $e) {
            self::assertStringContainsString($metric, self::plain($e->allows, Units::metric()));
            self::assertStringContainsString($us, self::plain($e->allows, Units::us()));
        }
    }

    /**
     * The refusal of one field of a plan, if there is one.
     *
     * @param  array<string, float>  $values
     */
    private static function refusing(array $values, string $field): null
    {
        $answers = Plan::answer(PlanBrief::read(['values' => [...self::PLAN, ...$values]]));
        foreach ($answers->errors as $error) {
            if ($error->field === $field) {
                throw OutOfRange::number($field, 0.0, $error->allows);
            }
        }

        return null;
    }

    private static function floor(float $mm): FloorLoad
    {
        $facts = Facts::of(PlanBrief::read(
            ['values' => [...self::PLAN, 'floorType' => 'concrete', 'spanMm' => 4000, 'fromSupportMm' => $mm]],
        ));

        return FloorLoad::of($facts, PlanMass::of($facts));
    }

    private static function plain(Sentence $sentence, Units $units): string
    {
        return (string) preg_replace('/[\x{202f}\x{a0}]/u', ' ', $sentence->in($units));
    }
}
