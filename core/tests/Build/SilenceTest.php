<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Tests\Share;

/** Silence is never Fine (B-94): a fact taken away from a plan that is stopped leaves the Stop, or leaves its question open. */
final class SilenceTest extends TestCase
{
    private const CABINET = [
        'cabinetLengthMm' => 1100,
        'cabinetDepthMm' => 540,
        'doorWidthMm' => 470,
        'doorHeightMm' => 660,
        'doorFromLeftMm' => 315,
    ];

    private const CAN = ['gear' => [['name' => 'can', 'widthMm' => 100, 'depthMm' => 100, 'heightMm' => 200]]];

    private const HOLE = ['holes' => [['pane' => 'back', 'xMm' => 600, 'yMm' => 420, 'diameterMm' => 60]]];

    /**
     * @return iterable<string, array{0: string, 1: array<string, mixed>, 2?: array<string, list<array<string, mixed>>>}> check,
     *     what is wrong, tables
     */
    public static function stopped(): iterable
    {
        yield 'a piece that does not pass' => [
            'B-2.way-in',
            [],
            ['passages' => [['name' => 'hatch', 'widthMm' => 400, 'heightMm' => 500]]],
        ];
        yield 'an L-shape that does not pass' => [
            'B-2.way-in',
            ['shape' => 'l-shape', 'legLengthMm' => 400, 'legWidthMm' => 600],
            ['passages' => [['name' => 'door', 'widthMm' => 620, 'heightMm' => 620]]],
        ];
        yield 'a bow that does not pass' => [
            'B-2.way-in',
            ['shape' => 'bow-front', 'bowMm' => 300],
            ['passages' => [['name' => 'door', 'widthMm' => 620, 'heightMm' => 620]]],
        ];
        yield 'a corner it does not turn' => [
            'B-2.way-in',
            [],
            [
                'passages' => [
                    [
                        'name' => 'corner',
                        'widthMm' => 900,
                        'heightMm' => 2000,
                        'corridorAMm' => 700,
                        'corridorBMm' => 700,
                    ],
                ],
            ],
        ];
        yield 'a floor asked too much' => ['B-11.floor', ['allowanceKpa' => 1.5, 'storey' => 2]];
        yield 'a floor asked too much by rock' => ['B-11.floor', ['rockKg' => 500, 'allowanceKpa' => 1.9]];
        yield 'a balcony' => ['B-11.floor', ['balcony' => 'yes']];
        yield 'joists along the stand' => ['B-11.floor', ['floorType' => 'timber', 'joists' => 'parallel']];
        yield 'an opened wall' => ['B-12.wall', ['wallOpening' => 'yes']];
        yield 'an opened wall at ground level' => [
            'B-12.wall',
            ['wallOpening' => 'yes', 'floorType' => 'slab', 'storey' => 0],
        ];
        yield 'thin glass' => ['B-13.panes', ['wallMm' => 6]];
        yield 'thin glass of an L-shape' => [
            'B-13.panes',
            ['wallMm' => 8, 'shape' => 'l-shape', 'legLengthMm' => 400, 'legWidthMm' => 900],
        ];
        yield 'a cracked stand' => ['B-13.stand', ['standState' => 'cracked']];
        yield 'a cracked stand under a form measured by filling' => [
            'B-13.stand',
            ['standState' => 'cracked', 'shape' => 'filled', 'filledL' => 300],
        ];
        yield 'litres on the floor' => ['B-22.blocked', ['drains' => 'open', 'reservoirL' => 60]];
        yield 'litres on the floor from the mains' => [
            'B-22.blocked',
            ['drains' => 'open', 'topoffFed' => 'mains', 'feedLh' => 60, 'feedRunMin' => 90, 'feedStops' => 2],
        ];
        yield 'a standpipe and too small an emergency' => [
            'B-22.blocked',
            ['weirForm' => 'standpipe', 'standpipeMm' => 110, 'emergencyBoreMm' => 16, 'reservoirL' => 60],
        ];
        yield 'a weak floor under a sump a storey below' => [
            'B-11.sump-floor',
            ['sumpBelowMm' => 3000, 'sumpAllowanceKpa' => 2, 'returnLengthM' => 6],
        ];
        yield 'risers that hold too much' => [
            'B-32.working',
            ['sumpBelowMm' => 9000, 'returnBoreMm' => 100, 'sumpAllowanceKpa' => 20, 'returnLengthM' => 12],
        ];
        yield 'a hole in toughened glass' => ['B-24.toughened', ['toughened' => 'all'], self::HOLE];
        yield 'an outlet too deep' => ['B-32.working', ['outletBelowRimMm' => 260, 'breakBelowRimMm' => 'none']];
        yield 'pipes too full' => ['B-32.working', ['pipesL' => 90]];
        yield 'an edge out of level' => ['B-32.working', ['weirTiltMmM' => 60, 'weirLengthMm' => 1100, 'pipesL' => 58]];
        yield 'a narrow comb' => ['B-32.working', ['weirGapsMm' => 120, 'pipesL' => 52]];
        yield 'thick walls of a small sump' => [
            'B-32.working',
            ['sumpWallMm' => 40, 'sumpFloorMm' => 40, 'pipesL' => 40],
        ];
        yield 'a break that clogs' => ['B-32.clogged', ['outletBelowRimMm' => 260]];
        yield 'a top-off over the display' => ['B-33.display', ['reservoirL' => 90]];
        yield 'a top-off over the sump' => ['B-33.sump', ['reservoirL' => 120]];
        yield 'a top-off and then a power cut' => [
            'B-33.power-cut',
            ['reservoirL' => 60, 'outletBelowRimMm' => 110, 'breakBelowRimMm' => 'none'],
        ];
        yield 'a weak fixing' => ['B-53.fixings', ['breakingKg' => 20]];
        yield 'thirty kilogram on two fixings of fifty, over sheaves' => [
            'B-53.fixings',
            [
                'lampsKg' => 30,
                'breakingKg' => 50,
                'sheaves' => 2,
                'sheaveTurnDeg' => 90,
                'sheaveBreakingKg' => 500,
                'winchKg' => 'none',
            ],
        ];
        yield 'a weak sheave' => [
            'B-53.sheaves',
            [
                'sheaves' => 2,
                'sheaveTurnDeg' => 180,
                'sheaveBreakingKg' => 60,
                'winchKg' => 'none',
                'cablesPerSheave' => 1,
            ],
        ];
        yield 'four cables over one block' => [
            'B-53.sheaves',
            [
                'sheaves' => 2,
                'sheaveTurnDeg' => 180,
                'sheaveBreakingKg' => 120,
                'winchKg' => 'none',
                'cablesPerSheave' => 4,
            ],
        ];
        yield 'a weak winch' => [
            'B-53.winch',
            ['sheaves' => 2, 'sheaveTurnDeg' => 90, 'sheaveBreakingKg' => 500, 'winchKg' => 10],
        ];
        yield 'no residual-current protection' => ['B-61.residual', ['residual' => 'no']];
        yield 'nothing comes out' => ['B-62.out', self::CABINET, self::CAN];
        yield 'one stop on the mains' => [
            'W-56.mains',
            ['topoffFed' => 'mains', 'feedLh' => 4, 'feedRunMin' => 30, 'feedStops' => 1],
        ];
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    #[Test]
    #[DataProvider('stopped')]
    public function a_fact_taken_away_leaves_the_stop_or_leaves_it_open(
        string $key,
        array $values,
        array $tables = [],
    ): void {
        $all = [...SoundPlan::VALUES, ...$values];
        self::assertTrue(self::stops($key, $all, $tables), 'it stops as described');
        foreach (self::removals(array_keys($all), crc32($key.serialize($values))) as $gone) {
            $this->staysShut($key, $all, $tables, $gone);
        }
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1?: array<string, list<array<string, mixed>>>}> */
    public static function plans(): iterable
    {
        yield 'sound' => [[]];
        yield 'hung over sheaves' => [
            ['sheaves' => 2, 'sheaveTurnDeg' => 90, 'sheaveBreakingKg' => 500, 'winchKg' => 200],
        ];
        yield 'with holes, a cabinet and valves' => [
            [...self::CABINET, 'doorWidthMm' => 1000, 'doorFromLeftMm' => 50, 'drainValves' => 'some'],
            [...self::CAN, ...self::HOLE],
        ];
        yield 'weak in many ways' => [
            [
                'drainBoreMm' => 24,
                'summerC' => 33,
                'pumpsW' => 200,
                'circuits' => 1,
                'mainsV' => 110,
                'lightsW' => 900,
                'trapGapMm' => 8,
                'humidityPct' => 90,
                'armMm' => 500,
                'grainMm' => 0.2,
                'nearBedMs' => 0.6,
            ],
        ];
        yield 'another form' => [
            [
                'shape' => 'l-shape',
                'legLengthMm' => 400,
                'legWidthMm' => 600,
                'top' => 'closed',
                'weirGapsMm' => 200,
                'weirTiltMmM' => 8,
            ],
        ];
        foreach (self::stopped() as $name => $case) {
            yield $name => [$case[1], $case[2] ?? []];
        }
    }

    /** @return iterable<string, array{0: int, 1: array<string, mixed>, 2: array<string, list<array<string, mixed>>>}> */
    public static function evenPlans(): iterable
    {
        yield from self::every(0);
    }

    /** @return iterable<string, array{0: int, 1: array<string, mixed>, 2: array<string, list<array<string, mixed>>>}> */
    public static function oddPlans(): iterable
    {
        yield from self::every(1);
    }

    /** @return iterable<string, array{0: int, 1: array<string, mixed>, 2: array<string, list<array<string, mixed>>>}> */
    private static function every(int $second): iterable
    {
        $number = 0;
        foreach (self::plans() as $name => $plan) {
            if ($number % 2 === $second) {
                yield $name => [$number, $plan[0], $plan[1] ?? []];
            }
            $number++;
        }
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    #[Test]
    #[DataProvider('evenPlans')]
    public function no_fact_taken_away_makes_anything_fine(int $number, array $values, array $tables): void
    {
        self::nothingTurnsFine($number, $values, $tables);
    }

    /**
     * The other half, which bin/test runs beside the first.
     *
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    #[Test]
    #[Group('beside')]
    #[DataProvider('oddPlans')]
    public function no_fact_taken_away_makes_anything_fine_either(int $number, array $values, array $tables): void
    {
        self::nothingTurnsFine($number, $values, $tables);
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    private static function nothingTurnsFine(int $number, array $values, array $tables): void
    {
        $all = [...SoundPlan::VALUES, ...$values];
        $before = self::fine(Plan::findings(SoundPlan::brief($values, $tables)));
        foreach (self::someRemovals(array_keys($all), array_keys($values), $number) as $gone) {
            $after = Plan::findings(self::brief(array_diff_key($all, array_flip($gone)), $tables));
            self::assertSame(
                [],
                array_values(array_diff(self::fine($after), $before)),
                'without '.implode(' and ', $gone),
            );
        }
    }

    #[Test]
    public function every_check_is_stopped_by_a_case_above_and_sound_without_it(): void
    {
        $keys = array_map(
            fn (Check $c): string => $c->key,
            array_filter(Plan::checks(), fn (Check $c): bool => $c->isSafety),
        );
        self::assertSame($keys, array_unique($keys));
        $cases = array_unique(array_column(iterator_to_array(self::stopped(), false), 0));
        sort($keys);
        sort($cases);
        self::assertSame($keys, $cases, 'every question a Stop can come from');
        self::assertSame([], SoundPlan::answer()->open);
        self::assertSame([], SoundPlan::answer()->stops());
    }

    /**
     * @param  array<string, mixed>  $all
     * @param  array<string, list<array<string, mixed>>>  $tables
     * @param  list<string>  $gone
     */
    private function staysShut(string $key, array $all, array $tables, array $gone): void
    {
        $left = array_diff_key($all, array_flip($gone));
        $answer = self::check($key)->answer(self::brief($left, $tables));
        $isStopped = array_filter($answer->findings, fn (Finding $f): bool => $f->severity === Severity::Stop) !== [];
        if ($isStopped) {
            self::assertNull($answer->open);

            return;
        }
        self::assertNotNull($answer->open, "{$key} without ".implode(' and ', $gone).' says neither Stop nor open');
        $waits = [...$answer->open->needs, ...$answer->open->assumed];
        self::assertNotSame(
            [],
            array_intersect($gone, $waits),
            "{$key} without ".implode(' and ', $gone).' waits for '.implode(', ', $waits),
        );
        self::assertTrue($answer->open->isSafety);
    }

    /**
     * Each fact alone, and pairs of them by a seed.
     *
     * @param  list<string>  $facts
     * @return list<list<string>>
     */
    private static function removals(array $facts, int $seed): array
    {
        $removals = array_map(fn (string $fact): array => [$fact], $facts);
        $state = $seed & 0x7FFFFFFF;
        for ($i = 0; $i < Share::of(60, 20); $i++) {
            $state = ($state * 1103515245 + 12345) & 0x7FFFFFFF;
            $one = $facts[$state % count($facts)];
            $state = ($state * 1103515245 + 12345) & 0x7FFFFFFF;
            $removals[] = [$one, $facts[$state % count($facts)]];
        }

        return $removals;
    }

    /**
     * Of a plan the facts it differs in, each alone, and an eighth of all the others and pairs, in each plan the next: over forty
     * plans every fact is taken away several times. The whole of bin/test takes all of them away from each.
     *
     * @param  list<string>  $facts
     * @param  list<string>  $own
     * @return list<list<string>>
     */
    private static function someRemovals(array $facts, array $own, int $number): array
    {
        $all = self::removals($facts, crc32("fine {$number}"));
        $isWhole = Share::isWhole();
        $some = array_filter(
            $all,
            fn (array $gone, int $n): bool => array_intersect($gone, $own) !== [] || $isWhole || ($n + $number) % 8 === 0,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_values($some);
    }

    #[Test]
    public function every_fact_of_a_plan_is_taken_away_from_several(): void
    {
        $count = array_fill_keys(array_keys(SoundPlan::VALUES), 0);
        foreach ([...self::every(0), ...self::every(1)] as [$number, $values]) {
            $facts = array_keys([...SoundPlan::VALUES, ...$values]);
            foreach (self::someRemovals($facts, array_keys($values), $number) as $gone) {
                $alone = count($gone) === 1 ? $gone[0] : '';
                $count[$alone] = ($count[$alone] ?? 0) + 1;
            }
        }
        self::assertGreaterThanOrEqual(5, min(array_intersect_key($count, SoundPlan::VALUES)), 'what every plan holds');
        self::assertGreaterThanOrEqual(1, min($count), 'what some hold');
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string> what is called Fine, by rule, place and code
     */
    private static function fine(array $findings): array
    {
        $fine = array_filter($findings, fn (Finding $f): bool => $f->severity === Severity::Fine);

        return array_values(array_map(fn (Finding $f): string => "{$f->rule} {$f->about} {$f->what->code}", $fine));
    }

    private static function check(string $key): Check
    {
        return array_values(array_filter(Plan::checks(), fn (Check $c): bool => $c->key === $key))[0] ??
            self::fail("no check {$key}");
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    private static function stops(string $key, array $values, array $tables): bool
    {
        $findings = self::check($key)->answer(self::brief($values, $tables))->findings;

        return array_filter($findings, fn (Finding $f): bool => $f->severity === Severity::Stop) !== [];
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    private static function brief(array $values, array $tables): PlanBrief
    {
        return PlanBrief::read([
            'values' => $values,
            'chambers' => SoundPlan::CHAMBERS,
            'passages' => SoundPlan::DOOR,
            'lamps' => SoundPlan::LAMPS,
            ...$tables,
        ]);
    }
}
