<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\BoardLayout;
use Velbrin\Core\Build\FieldError;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanTables;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** Clearances, reach, cable ways, the board, joints and phases of a plan. */
final class RoomToWorkTest extends TestCase
{
    private const SIZES = [
        'lengthMm' => 1200,
        'widthMm' => 600,
        'heightMm' => 600,
        'wallMm' => 12,
        'floorMm' => 12,
        'standHeightMm' => 800,
    ];

    #[Test]
    public function what_is_too_narrow_for_animal_hand_or_nut_is_named_with_its_numbers(): void
    {
        $narrow = self::plan([
            'smallestMm' => 6,
            'toothGapMm' => 8,
            'boxInsideMm' => 120,
            'nutMm' => 60,
            'gapBehindMm' => 150,
            'boxBehindMm' => 60,
            'elbowMm' => 40,
            'rockToPaneMm' => 20,
            'rockToDrainMm' => 30,
            'rockBase' => 'sand',
        ]);
        self::assertSame(
            ['fix', 'fix', 'fix', 'fix', 'watch', 'watch'],
            array_map(fn (Finding $f): string => $f->severity->value, self::of($narrow, 'B-80')),
        );
        // 150 − 60 − 40 − 90 of a hand.
        self::assertEqualsWithDelta(-40, $narrow->figure('behindMm')?->quantity?->value, 1e-9);
        $wide = self::plan([
            'smallestMm' => 9,
            'toothGapMm' => 6,
            'boxInsideMm' => 160,
            'nutMm' => 60,
            'gapBehindMm' => 200,
            'boxBehindMm' => 'none',
            'elbowMm' => 40,
            'rockToPaneMm' => 60,
            'rockBase' => 'base',
        ]);
        self::assertSame(
            [Severity::Fine],
            array_values(
                array_unique(
                    array_map(fn (Finding $f): Severity => $f->severity, self::of($wide, 'B-80')),
                    SORT_REGULAR,
                ),
            ),
        );
        self::assertSame([], self::of(self::plan([]), 'B-80'), 'what nobody measured is not judged');
    }

    #[Test]
    public function an_arm_comes_as_far_as_shoulder_rim_and_tool_let_it(): void
    {
        // Rim at 1400, shoulder at 1400: the whole arm goes in. Bottom at 588, far corner at √(576² + 588²) = 823.
        $floor = self::plan([]);
        self::assertEqualsWithDelta(700, $floor->figure('reachMm')?->quantity?->value, 1e-9);
        self::assertSame(Severity::Watch, self::of($floor, 'B-85')[0]->severity);
        self::assertStringContainsString('123', self::of($floor, 'B-85')[0]->what->in(Units::metric()));
        self::assertSame(Severity::Fine, self::of(self::plan(['toolMm' => 300]), 'B-85')[0]->severity);
        $high = self::plan(['standHeightMm' => 1100]);
        self::assertEqualsWithDelta(400, $high->figure('reachMm')?->quantity?->value, 1e-9);
        self::assertSame(Severity::Fix, self::of($high, 'B-85')[0]->severity);
        self::assertStringContainsString('300', (string) self::of($high, 'B-85')[0]->remedy?->in(Units::metric()));
        // A step of 300 brings the arm back, and a second person with it.
        $step = self::of(self::plan(['standHeightMm' => 1100, 'standingMm' => 300, 'toolMm' => 200]), 'B-85');
        self::assertSame([Severity::Watch, Severity::Fine], array_map(fn (Finding $f): Severity => $f->severity, $step));
        self::assertStringContainsString('never alone', $step[0]->what->in(Units::metric()));
        self::assertStringContainsString(
            'never enlarged',
            self::of(self::plan(['openingMm' => 150]), 'B-85')[0]->why->in(Units::metric()),
        );
        $codes = fn (float $mm): array => array_map(
            fn (Finding $f): string => $f->what->code,
            self::of(self::plan(['openingMm' => $mm]), 'B-85'),
        );
        self::assertContains('build.an-arm-does-not-pass', $codes(179.9));
        self::assertNotContains('build.an-arm-does-not-pass', $codes(180));
    }

    #[Test]
    public function a_cable_way_passes_its_plug_with_room_edge_and_loop(): void
    {
        // Four cables of 8 mm in 20 mm: 4·(8/20)² = 64 %; way 900 and loop 200 against 1000.
        $way = [
            'name' => 'left',
            'holeMm' => 20,
            'plugMm' => 36,
            'cables' => 4,
            'cableMm' => 8,
            'runMm' => 900,
            'leadMm' => 1000,
            'bushed' => false,
        ];
        $bad = self::of(self::plan([], ['ways' => [$way]]), 'B-81');
        self::assertCount(4, $bad);
        self::assertStringContainsString(
            '64',
            implode(' ', array_map(fn (Finding $f): string => $f->what->in(Units::metric()), $bad)),
        );
        self::assertStringContainsString(
            '100',
            implode(' ', array_map(fn (Finding $f): string => $f->what->in(Units::metric()), $bad)),
        );
        $good = self::of(
            self::plan([], ['ways' => [[...$way, 'holeMm' => 50, 'leadMm' => 1200, 'bushed' => true]]]),
            'B-81',
        );
        self::assertSame([Severity::Fine], array_map(fn (Finding $f): Severity => $f->severity, $good));
    }

    #[Test]
    public function the_board_keeps_plugs_free_and_lets_nothing_overlap(): void
    {
        $rows = [
            ['name' => 'strip', 'kind' => 'strip', 'widthMm' => 420, 'heightMm' => 60],
            ['name' => 'controller', 'kind' => 'controller', 'widthMm' => 160, 'heightMm' => 120],
            ['name' => 'driver A', 'kind' => 'driver', 'widthMm' => 90, 'heightMm' => 70],
            ['name' => 'driver B', 'kind' => 'driver', 'widthMm' => 90, 'heightMm' => 70],
            ['name' => 'doser', 'kind' => 'doser', 'widthMm' => 220, 'heightMm' => 140],
            ['name' => 'hub', 'kind' => 'other', 'widthMm' => 120, 'heightMm' => 80],
        ];
        $answers = self::plan(['boardWidthMm' => 900, 'boardHeightMm' => 500], ['board' => $rows]);
        $board = $answers->board;
        self::assertInstanceOf(BoardLayout::class, $board);
        self::assertSame([], $board->left);
        $at = array_column($board->standing, null, 'name');
        self::assertLessThan($at['doser']['yMm'], $at['strip']['yMm'], 'the strip is high, the doser low');
        self::assertGreaterThan($at['strip']['xMm'] + 420, $at['controller']['xMm'], 'the controller beside it');
        self::assertSame($at['driver A']['xMm'], $at['driver B']['xMm'], 'drivers along the other end');
        self::assertGreaterThan(900 - 90 - 60, $at['driver A']['xMm']);
        foreach ($board->standing as $i => $a) {
            self::assertTrue(
                $a['xMm'] >= 0 &&
                    $a['yMm'] >= 0 &&
                    $a['xMm'] + $a['widthMm'] <= 900 &&
                    $a['yMm'] + $a['heightMm'] <= 500,
            );
            foreach (array_slice($board->standing, $i + 1) as $b) {
                self::assertFalse(
                    $a['xMm'] < $b['xMm'] + $b['widthMm'] &&
                        $b['xMm'] < $a['xMm'] + $a['widthMm'] &&
                        $a['yMm'] < $b['yMm'] + $b['heightMm'] &&
                        $b['yMm'] < $a['yMm'] + $a['heightMm'],
                    "{$a['name']} over {$b['name']}",
                );
            }
            self::assertFalse(
                $a['kind'] !== 'strip' &&
                    $a['xMm'] < $at['strip']['xMm'] + 420 &&
                    $a['yMm'] < $at['strip']['yMm'] + 60 + 100,
                "{$a['name']} under the strip",
            );
        }
        self::assertSame(
            ['doser'],
            self::plan(['boardWidthMm' => 600, 'boardHeightMm' => 240], ['board' => [$rows[0], $rows[4]]])->board
                ?->left,
        );
        self::assertSame(
            ['boardWidthMm', 'boardHeightMm'],
            self::plan([], ['board' => $rows])->figure('board')?->needs,
        );
    }

    #[Test]
    public function a_hidden_joint_that_can_come_loose_is_a_fix_and_a_pump_needs_a_union(): void
    {
        $answers = self::plan(
            [],
            [
                'joints' => [
                    ['name' => 'elbow in the wall', 'kind' => 'threaded', 'hidden' => true],
                    ['name' => 'under the floor', 'kind' => 'glued', 'hidden' => true],
                ],
            ],
        );
        self::assertSame(
            ['fix', 'watch'],
            array_map(fn (Finding $f): string => $f->severity->value, self::of($answers, 'B-87')),
        );
        self::assertSame(Severity::Fix, self::of($answers, 'B-25')[0]->severity);
        self::assertSame(
            ['fine'],
            array_map(
                fn (Finding $f): string => $f->severity->value,
                self::of(self::plan([], ['joints' => [['kind' => 'union'], ['kind' => 'glued']]]), 'B-87'),
            ),
        );
    }

    #[Test]
    public function phases_reserve_the_most_any_of_them_needs_and_name_what_they_waste(): void
    {
        $rows = [
            ['name' => 'small pump', 'phase' => 1, 'until' => 2, 'price' => 140, 'outlets' => 1],
            ['name' => 'heaters', 'phase' => 1, 'outlets' => 3, 'ports' => 2, 'price' => 120],
            ['name' => 'large pump', 'phase' => 2, 'outlets' => 1, 'ports' => 1, 'price' => 420],
            ['name' => 'reactor', 'phase' => 3, 'outlets' => 2, 'ports' => 1, 'holes' => 1, 'price' => 300],
        ];
        $answers = self::plan(['outletsFree' => 5, 'portsFree' => 4], ['phases' => $rows]);
        $said = implode(
            ' | ',
            array_map(
                fn (Finding $f): string => $f->severity->value.' '.$f->what->in(Units::metric()),
                self::of($answers, 'B-86'),
            ),
        );
        // Phase 1: 4; phase 2: 3 + 1, the small pump is gone; phase 3: 6 outlets, 4 ports.
        self::assertStringContainsString('Phase 3 needs 6 outlets, there are 5', str_replace("\u{a0}", ' ', $said));
        self::assertStringNotContainsString('ports', $said);
        self::assertStringContainsString('small pump is of no use from phase 2 on', $said);
        self::assertStringContainsString('1 hole', $said);
        self::assertStringContainsString('140.00', (string) $answers->figure('phases')?->note?->in(Units::metric()));
        // What comes later keeps its place in the cabinet from the first day.
        $cabinet = [
            'standInsideMm' => 700,
            'cabinetLengthMm' => 1000,
            'cabinetDepthMm' => 500,
            'doorWidthMm' => 950,
            'doorHeightMm' => 660,
        ];
        $later = [...$rows[3], 'widthMm' => 250, 'depthMm' => 250, 'heightMm' => 500];
        self::assertSame(
            ['reserved: reactor'],
            array_map(
                fn ($s): string => $s->piece->name,
                self::plan($cabinet, ['phases' => [$later]])->cabinet->each[0]->standing ?? [],
            ),
        );
        self::assertNull(
            self::plan($cabinet, ['phases' => [[...$later, 'phase' => 1]]])->cabinet,
            'what is bought first is listed as a thing',
        );
        $wrong = self::plan([], ['phases' => [['phase' => 2, 'until' => 2]]]);
        self::assertSame('phases.0.until', $wrong->errors[0]->field);
    }

    #[Test]
    public function a_sheave_bears_both_ends_of_its_cable(): void
    {
        $hung = ['lampsKg' => 40, 'fixings' => 4, 'breakingKg' => 200, 'sheaves' => 2, 'sheaveTurnDeg' => 180];
        // T = 40/4/0.96² = 10.85 kg; 2T·sin 90° · 5 = 108.5 kg.
        self::assertSame([], self::stops([...$hung, 'sheaveBreakingKg' => 109, 'winchKg' => 'none']));
        self::assertStringContainsString(
            'must hold 109',
            str_replace(
                "\u{a0}",
                ' ',
                self::stops([...$hung, 'sheaveBreakingKg' => 108])[0]->what->in(Units::metric()),
            ),
        );
        // At the drum 43.4 kg.
        self::assertCount(1, self::stops([...$hung, 'sheaveBreakingKg' => 200, 'winchKg' => 43]));
        // Two cables over one block bear twice as much.
        self::assertSame(
            [],
            self::stops([...$hung, 'cablesPerSheave' => 2, 'sheaveBreakingKg' => 218, 'winchKg' => 'none']),
        );
        self::assertCount(
            1,
            self::stops([...$hung, 'cablesPerSheave' => 2, 'sheaveBreakingKg' => 217, 'winchKg' => 'none']),
        );
    }

    #[Test]
    public function a_lamp_outside_its_maker_s_height_and_two_numbers_for_one_thing_are_named(): void
    {
        $lamp = [
            'name' => 'panel',
            'xMm' => 500,
            'yMm' => 250,
            'ppf' => 180,
            'halfAngleDeg' => 50,
            'watts' => 95,
            'kg' => 3.2,
            'leastMm' => 200,
            'mostMm' => 350,
        ];
        $said = fn (array $lamp, array $values = []): string => implode(
            ' | ',
            array_map(
                fn (Finding $f): string => str_replace(
                    "\u{a0}",
                    ' ',
                    $f->severity->value.' '.$f->what->in(Units::metric()),
                ),
                [
                    ...self::of(
                        $answers = self::plan(
                            ['waterGapMm' => 40, ...$values],
                            ['lamps' => [$lamp, [...$lamp, 'xMm' => 700]]],
                        ),
                        'B-50',
                    ),
                    ...self::of($answers, 'X-1'),
                ],
            ),
        );
        self::assertStringContainsString(
            'fix panel hangs 150 mm above the rim, its maker asks 200 mm or more',
            $said([...$lamp, 'aboveRimMm' => 150]),
        );
        self::assertStringContainsString('its maker allows 350 mm', $said([...$lamp, 'aboveRimMm' => 351]));
        self::assertStringNotContainsString('maker', $said([...$lamp, 'aboveRimMm' => 350]));
        self::assertStringContainsString(
            'The lamps take 190 W together, 130 W are written',
            $said([...$lamp, 'aboveRimMm' => 300], ['lightsW' => 130]),
        );
        self::assertStringNotContainsString(
            'together',
            $said(
                [...$lamp, 'aboveRimMm' => 300],
                ['lightsW' => 180, 'lampsKg' => 6.4, 'fixings' => 2, 'breakingKg' => 90],
            ),
        );
    }

    #[Test]
    public function a_house_may_be_stricter_and_what_is_no_limit_of_it_is_passed_over(): void
    {
        $way = [
            'holeMm' => 50,
            'plugMm' => 36,
            'cables' => 15,
            'cableMm' => 8,
            'runMm' => 900,
            'leadMm' => 1200,
            'bushed' => true,
        ];
        $said = fn (array $house): array => array_map(
            fn (Finding $f): string => $f->severity->value,
            self::of(
                Plan::answer(PlanBrief::read(['values' => self::SIZES, 'ways' => [$way], 'house' => $house])),
                'B-81',
            ),
        );
        // 15·(8/50)² = 38 %.
        self::assertSame(['fine'], $said([]));
        self::assertSame(['fix'], $said(['cableFillPct' => 35]));
        self::assertSame(['fix', 'fix'], $said(['cableFillPct' => 35, 'dripLoopMm' => 400]));
        self::assertSame(['fine'], $said(['cableFillPct' => 90, 'moon' => 3]), 'weaker than allowed stays as usual');
    }

    #[Test]
    public function every_cell_of_every_table_refuses_what_it_cannot_be(): void
    {
        foreach (PlanTables::all() as $key => $table) {
            foreach ($table->columns as $column) {
                if ($column->isFlag()) {
                    continue;
                }
                self::assertSame(
                    ["{$key}.0.{$column->key}"],
                    array_map(
                        fn (FieldError $e): string => $e->field,
                        self::oneCell(
                            $key,
                            $column->key,
                            $column->letters > 0
                                ? str_repeat('x', $column->letters + 1)
                                : ($column->kind === null
                                    ? 'nonsense'
                                    : $column->most + 1),
                        ),
                    ),
                );
            }
            $errors = [];
            $table->read(array_fill(0, $table->most + 1, 'x'), $errors);
            self::assertContains($key, array_map(fn (FieldError $e): string => $e->field, $errors), 'a row too many');
        }
    }

    /** @return list<FieldError> faults of that cell in a row that is sound but for it */
    private static function oneCell(string $table, string $column, float|string $value): array
    {
        $row = [];
        foreach (PlanTables::all()[$table]->columns as $c) {
            $row[$c->key] = $c->isFlag() ? false : ($c->kind === null ? array_key_first($c->choices) : $c->least);
        }
        $errors = [];
        PlanTables::all()[$table]->read([[...$row, $column => $value]], $errors);

        return $errors;
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    private static function plan(array $values, array $tables = []): PlanAnswers
    {
        return Plan::answer(SoundPlan::confirmed([...self::SIZES, ...$values], $tables));
    }

    /** @return list<Finding> */
    private static function of(PlanAnswers $answers, string $rule): array
    {
        return array_values(array_filter($answers->findings, fn (Finding $f): bool => $f->rule === $rule));
    }

    /**
     * @param  array<string, mixed>  $values
     * @return list<Finding>
     */
    private static function stops(array $values): array
    {
        return array_values(array_filter(self::plan($values)->stops(), fn (Finding $f): bool => $f->rule === 'B-53'));
    }
}
