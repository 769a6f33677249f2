<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Tests\Turns;

/** One fact is moved until the plan says otherwise: there, and nowhere else, the figure the finding is about meets its limit. */
#[Group('beside')]
final class TurnsTest extends TestCase
{
    use Turns;

    /**
     * @return iterable<string, array{
     *     0: Closure(float): PlanAnswers, 1: array{0: float, 1: float}, 2: Phrase, 3: Closure(float, PlanAnswers): float, 4: float
     * }>
     */
    public static function limits(): iterable
    {
        $figure = fn (string $key): Closure => fn (float $x, PlanAnswers $a): float => $a->figure($key)->quantity->value ?? NAN;
        yield 'a room is wet from 70 %' => [
            fn (float $m2) => SoundPlan::answer(['roomM2' => $m2, 'airChangesH' => 0.5, 'winterC' => 18]),
            [100.0, 40.0],
            Phrase::TheRoomGoes,
            $figure('roomDampPct'),
            70.0,
        ];
        yield 'a rim 50 mm over the shoulder asks for a step' => [
            fn (float $mm) => SoundPlan::answer(['shoulderMm' => $mm]),
            [1400.0, 1200.0],
            Phrase::StandHigherWhereTheRim,
            fn (float $mm): float => $mm,
            // Stand 800, tank 550.
            800.0 + 550.0 - 50.0,
        ];
        // A hole of 60 mm is told as one under water once its lower edge lies three of it below the line.
        yield 'a hole three of its own below the line' => [
            fn (float $yMm) => SoundPlan::answer(
                [],
                ['holes' => [['pane' => 'back', 'xMm' => 600, 'yMm' => $yMm, 'diameterMm' => 60, 'serves' => 'main']]],
            ),
            [480.0, 150.0],
            Phrase::BelowTheWaterLine,
            fn (float $yMm, PlanAnswers $a): float => 550 - ($a->figure('runningBelowRimMm')->quantity->value ?? NAN) - ($yMm - 30),
            180.0,
        ];
        $cabinet = ['cabinetLengthMm' => 1400, 'cabinetHeightMm' => 700, 'cabinetDepthMm' => 500, 'doorWidthMm' => 1350,
            'doorHeightMm' => 660, 'cabinetAir' => 'closed'];
        $driver = ['name' => 'driver', 'widthMm' => 100, 'depthMm' => 100, 'heightMm' => 60, 'staysDry' => true];
        yield 'a closed cabinet is warm 5 K over its room' => [
            fn (float $w) => SoundPlan::answer($cabinet, ['gear' => [[...$driver, 'heatW' => $w]]]),
            [10.0, 200.0],
            Phrase::AClosedCabinetWarmsBy,
            $figure('cabinetWarmK'),
            5.0,
        ];
        yield 'light is uneven where the dimmest place has less than half' => [
            fn (float $mm) => SoundPlan::answer(['lampAboveRimMm' => $mm]),
            [600.0, 150.0],
            Phrase::UnevenLightTheDimmestPlace,
            $figure('lightEven'),
            50.0,
        ];
        yield 'a return chamber lasts a day' => [
            fn (float $mm) => SoundPlan::answer(['returnLevelMm' => $mm]),
            [220.0, 105.0],
            Phrase::WithoutTopOffTheReturnSucks,
            $figure('dryHours'),
            24.0,
        ];
        yield 'a divider that gives thins by 1' => [
            fn (float $litres) => SoundPlan::answer(['reservoirIn' => 'sump', 'reservoirL' => $litres]),
            [2.0, 30.0],
            Phrase::AReservoirThatStandsByItself,
            function (float $litres, PlanAnswers $answers): float {
                $facts = Facts::of(SoundPlan::brief(['reservoirIn' => 'sump', 'reservoirL' => $litres]));
                $systemL = Volumes::systemL($facts);
                // What the sump cannot hold runs over: thinned first, then lost.
                $heldL = min($litres, SumpWater::of($facts)->spareL());

                return $facts->number(F::Salinity) * (1 - $systemL / ($systemL + $heldL) * exp(-($litres - $heldL) / ($systemL + $heldL)));
            },
            1.0,
        ];
        $read = fn (float $par, string $day): array => array_map(
            fn (int $xMm): array => ['xMm' => $xMm, 'yMm' => 288, 'depthMm' => 200, 'par' => $par, 'day' => $day, 'meter' => 'a'],
            [300, 600, 876],
        );
        foreach ([[98.0, 70.0, Phrase::LessLightThan, 0.85], [102.0, 130.0, Phrase::MoreLightThan, 1.15]] as [$from, $to, $says, $share]) {
            yield "a lamp reads {$share} of what it read" => [
                fn (float $par) => SoundPlan::answer([], ['points' => [...$read(100, '2026-01-04'), ...$read($par, '2026-07-04')]]),
                [$from, $to],
                $says,
                fn (float $par): float => $par / 100,
                $share,
            ];
        }
        $lamps = fn (float $w): array => array_map(fn (array $lamp): array => [...$lamp, 'watts' => $w], SoundPlan::LAMPS);
        foreach ([[45.0, 60.0, 0.9], [45.0, 30.0, 1.1]] as [$from, $to, $most]) {
            yield "lamps one by one agree within a tenth, {$most}" => [
                fn (float $w) => SoundPlan::answer(['lightsW' => 90], ['lamps' => $lamps($w)]),
                [$from, $to],
                Phrase::TheLampsTogether,
                fn (float $w): float => min(2 * $w, 90) / max(2 * $w, 90),
                0.9,
            ];
            $light = ['name' => 'L', 'kind' => 'light', 'circuit' => 1, 'strip' => 1, 'dry' => true];
            $plugs = fn (float $w): array => [...$light, 'watts' => 2 * $w];
            yield "plugs and lamps agree within 15 %, {$most}" => [
                fn (float $w) => SoundPlan::answer(['lightsW' => 90], ['loads' => [$plugs($w)]]),
                [$from, $to],
                Phrase::TheLightsTakePlugByPlug,
                fn (float $w): float => min(2 * $w, 90) / max(2 * $w, 90),
                0.85,
            ];
        }
    }

    /**
     * @param  Closure(float): PlanAnswers  $plan
     * @param  array{0: float, 1: float}  $range
     * @param  Closure(float, PlanAnswers): float  $figure
     */
    #[Test]
    #[DataProvider('limits')]
    public function it_turns_at_its_limit(Closure $plan, array $range, Phrase $says, Closure $figure, float $limit): void
    {
        $weight = [null, Severity::Fine, Severity::Watch, Severity::Fix, Severity::Stop];
        [$sound, $bad] = array_map(fn (float $x): int|false => array_search(self::says($plan($x), $says), $weight, true), $range);
        self::assertLessThan($bad, $sound, 'the first value is the sound one');
        $turning = self::turning(fn (float $x): ?Severity => self::says($plan($x), $says), ...$range);
        self::assertEqualsWithDelta($limit, $figure($turning, $plan($turning)), 0.001 * $limit);
    }

    /** How heavily it is said; null where it is not. */
    private static function says(PlanAnswers $answers, Phrase $says): ?Severity
    {
        $code = Phrase::room().'.'.$says->value;
        foreach ($answers->findings as $finding) {
            if ($finding->what->code === $code || $finding->remedy?->code === $code) {
                return $finding->severity;
            }
        }

        return null;
    }
}
