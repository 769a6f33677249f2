<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Waivable;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Quantity;

/** A failing plan for each rule that stops one; the same plan without the fault is not stopped. */
final class StopRulesTest extends TestCase
{
    private const SOUND = [
        ...SoundPlan::VALUES,
        'cabinetLengthMm' => 1100,
        'cabinetDepthMm' => 540,
        'doorWidthMm' => 1000,
        'doorHeightMm' => 660,
        'doorFromLeftMm' => 50,
    ];

    private const TABLES = [
        'chambers' => [
            ['name' => 'Intake', 'lengthMm' => 180, 'baffleMm' => 250],
            ['name' => 'Skimmer', 'lengthMm' => 300, 'baffleMm' => 230],
            ['name' => 'Return'],
        ],
        'passages' => [['name' => 'door', 'widthMm' => 900, 'heightMm' => 2000]],
        'gear' => [],
        'holes' => [['pane' => 'back', 'xMm' => 600, 'yMm' => 420, 'diameterMm' => 60]],
    ];

    /**
     * @return iterable<string, array{0: string, 1: array<string, mixed>, 2?: array<string, list<array<string, mixed>>>}> rule,
     *     what is wrong, tables
     */
    public static function faults(): iterable
    {
        yield 'a piece that does not pass' => [
            'B-2',
            [],
            ['passages' => [['name' => 'hatch', 'widthMm' => 400, 'heightMm' => 500]]],
        ];
        yield 'a floor asked too much' => ['B-11', ['allowanceKpa' => 1.5, 'storey' => 2]];
        yield 'a balcony' => ['B-11', ['balcony' => 'yes']];
        yield 'an opened wall' => ['B-12', ['wallOpening' => 'yes']];
        yield 'thin glass' => ['B-13', ['wallMm' => 6]];
        yield 'a cracked stand' => ['B-13', ['standState' => 'cracked']];
        yield 'litres on the floor' => ['B-22', ['drains' => 'open', 'reservoirL' => 60]];
        yield 'a hole in toughened glass' => ['B-24', ['toughened' => 'all']];
        yield 'a power cut over the sump' => ['B-32', ['outletBelowRimMm' => 260, 'breakBelowRimMm' => 'none']];
        yield 'a top-off over the display' => ['B-33', ['reservoirL' => 90]];
        yield 'a weak fixing' => ['B-53', ['breakingKg' => 20]];
        yield 'no residual-current protection' => ['B-61', ['residual' => 'no']];
        yield 'nothing comes out' => [
            'B-62',
            ['doorWidthMm' => 470],
            ['gear' => [['name' => 'can', 'widthMm' => 100, 'depthMm' => 100, 'heightMm' => 200]]],
        ];
        yield 'one stop on the mains' => [
            'W-56',
            ['topoffFed' => 'mains', 'feedLh' => 4, 'feedRunMin' => 30, 'feedStops' => 1],
        ];
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    #[Test]
    #[DataProvider('faults')]
    public function each_stop_stops(string $rule, array $values, array $tables = []): void
    {
        self::assertSame([], self::stops([], []), 'sound without the fault');
        self::assertContains($rule, self::stops($values, $tables));
    }

    #[Test]
    public function what_comes_over_the_rim_adds_up(): void
    {
        foreach ([60, 90, 120] as $storeL) {
            $answers = Plan::answer(PlanBrief::read(['values' => [...self::SOUND, 'reservoirL' => $storeL], ...self::TABLES]));
            $isIt = fn (Finding $f): bool => $f->rule === 'B-33' && $f->about === 'topoff';
            $stop = array_values(array_filter($answers->stops(), $isIt))[0];
            $l = array_map(fn (mixed $q): float => $q instanceof Quantity ? $q->value : NAN, $stop->what->parts);
            self::assertEqualsWithDelta((float) $storeL, $l['topOff'], 1e-9);
            self::assertEqualsWithDelta($l['lifts'] + $l['topOff'], $l['adds'], 1e-9);
            self::assertEqualsWithDelta($l['adds'] - $l['room'], $l['over'], 1e-9);
            self::assertGreaterThan(0.0, $l['over']);
            self::assertEqualsWithDelta($l['room'] - $l['lifts'], $l['most'], 1e-9);
        }
    }

    #[Test]
    public function what_can_hurt_people_is_never_waived(): void
    {
        foreach (['B-11', 'B-12', 'B-13', 'B-53', 'B-61'] as $rule) {
            self::assertFalse(Waivable::byReason($rule), $rule);
        }
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     * @return list<string>
     */
    private static function stops(array $values, array $tables): array
    {
        $answers = Plan::answer(
            PlanBrief::read(['values' => [...self::SOUND, ...$values], ...self::TABLES, ...$tables]),
        );
        self::assertSame([], $answers->errors);

        return array_map(fn (Finding $f): string => $f->rule, $answers->stops());
    }
}
