<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\ExpressionLanguage\ExpressionFunction;
use Symfony\Component\ExpressionLanguage\ExpressionLanguage;
use Velbrin\Core\Build\Access;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\PanelStress;
use Velbrin\Core\Build\Passage;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\ReturnFlow;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Measure\Working;

final class PlanTest extends TestCase
{
    #[Test]
    public function a_sound_plan_answers_everything_and_nothing_stands_against_it(): void
    {
        $answers = self::plan();

        self::assertSame([], $answers->errors);
        self::assertSame([], $answers->waiting());
        self::assertSame([], array_map(fn ($f): string => $f->what->in(Units::metric()), $answers->stops()));
        self::assertNotNull($answers->section);
        self::assertGreaterThanOrEqual(12, count($answers->powerCut));
    }

    #[Test]
    public function a_pump_meets_its_line_and_more_pump_never_brings_less(): void
    {
        $answers = self::plan();
        self::assertNotNull($answers->pump);
        // Where they meet both curves give the same head.
        $line = ReturnFlow::of(4.5, 6600, $answers->pump->staticM, Pipe::of(27, 2.4, 6.5));
        self::assertEqualsWithDelta($line->flowLh, self::value($answers, 'pumpLh'), 1e-6);
        // At the computed speed the slowed pump meets the line at the planned flow.
        $s = $answers->pump->speed;
        self::assertEqualsWithDelta(
            3000.0,
            ReturnFlow::of(4.5 * $s ** 2, 6600 * $s, $answers->pump->staticM, Pipe::of(27, 2.4, 6.5))->flowLh,
            0.5,
        );
        $flow = fn (array $changed): float => self::value(self::plan($changed), 'pumpLh');
        self::assertGreaterThan($flow([]), $flow(['pumpMaxHeadM' => 6]));
        self::assertGreaterThan($flow([]), $flow(['pumpMaxFlowLh' => 9000]));
        self::assertLessThan($flow([]), $flow(['returnLengthM' => 12]));
        self::assertLessThan($flow([]), $flow(['returnSumK' => 20]));
        $weak = self::plan(['pumpMaxHeadM' => 1.6]);
        self::assertContains(
            'B-23',
            array_map(
                fn ($f): string => $f->rule,
                array_filter($weak->findings, fn ($f): bool => $f->severity === Severity::Fix),
            ),
        );
        // The height alone is more than it can: refused where it was typed, and what hangs on it waits.
        $short = self::plan(['pumpMaxHeadM' => 0.5]);
        self::assertSame('pumpMaxHeadM', $short->errors[0]->field);
        self::assertNull($short->figure('pumpLh')?->quantity);
    }

    #[Test]
    public function two_pumps_bring_more_than_one_and_less_than_twice_into_one_line(): void
    {
        $flow = fn (string $returns): float => self::value(
            self::plan(['returns' => $returns, 'nonReturn' => 'yes']),
            'pumpLh',
        );
        self::assertGreaterThan($flow('one'), $flow('one-line'));
        self::assertLessThan(2 * $flow('one'), $flow('one-line'));
        self::assertEqualsWithDelta(2 * $flow('one'), $flow('two-lines'), 1e-6, 'a line each: twice');
        $one = self::plan(['returns' => 'one-line']);
        self::assertEqualsWithDelta($flow('one'), self::value($one, 'oneOfTwoLh'), 1e-6);
        $said = fn (array $more): array => array_map(
            fn ($f): string => $f->severity->value,
            array_values(array_filter(self::plan($more)->findings, fn ($f): bool => $f->rule === 'B-78')),
        );
        self::assertContains('fix', $said(['returns' => 'one-line']));
        self::assertNotContains('fix', $said(['returns' => 'one-line', 'nonReturn' => 'yes']));
        self::assertSame([], $said([]));
    }

    #[Test]
    public function lamps_are_drawn_judged_and_hung_safely(): void
    {
        $answers = self::plan();
        self::assertSame(['top', 'upper', 'mid', 'lower', 'low'], array_keys($answers->light));
        self::assertGreaterThan(self::value($answers, 'parMid'), self::value($answers, 'parTop'));
        self::assertGreaterThan(self::value($answers, 'parLow'), self::value($answers, 'parMid'));
        // 12 kg from two: five times six tenths of it.
        self::assertEqualsWithDelta(36.0, self::value($answers, 'hangingKg'), 1e-9);
        $weak = self::plan(['breakingKg' => 30]);
        self::assertSame(['B-53'], array_map(fn ($f): string => $f->rule, $weak->stops()));
        self::assertSame('nothing hangs', self::plan(['lampsKg' => 'none'])->figure('hangingKg')?->word);

        $beside = Plan::answer(
            PlanBrief::read([
                'values' => SoundPlan::VALUES,
                'lamps' => [
                    ['xMm' => 1300, 'yMm' => 200, 'ppf' => 100, 'halfAngleDeg' => 45],
                    ['xMm' => 5, 'yMm' => 5, 'ppf' => 100, 'halfAngleDeg' => 95],
                ],
            ]),
        );
        self::assertSame(
            ['lamps.1.halfAngleDeg', 'lamps.0.xMm'],
            array_map(fn ($e): string => $e->field, $beside->errors),
        );
        self::assertContains(
            'parMid',
            array_keys(
                Plan::answer(
                    PlanBrief::read([
                        'values' => ['shape' => 'cylinder', 'diameterMm' => 900, 'heightMm' => 700],
                        'lamps' => [['xMm' => 430, 'yMm' => 430, 'ppf' => 200, 'halfAngleDeg' => 40]],
                    ]),
                )->figures,
            ),
        );
    }

    #[Test]
    public function hand_worked_figures_stand(): void
    {
        $answers = self::plan();
        // Inside 1176 × 576 mm; Francis at 3000 L/h over 400 mm gives 10.9 mm.
        $area = 1.176 * 0.576;
        $head = self::value($answers, 'weirHeadMm');
        self::assertEqualsWithDelta(3000, 3.6e6 * 1.84 * (0.4 - (0.2 * $head) / 1000) * ($head / 1000) ** 1.5, 0.01);
        self::assertEqualsWithDelta($area * (538 - 60 + $head), self::value($answers, 'displayGrossL'), 1e-6);
        self::assertEqualsWithDelta(
            $area * ($head + 2) + 5,
            self::value($answers, 'downL'),
            1e-6,
            'the break, 2 mm under the edge, stops the siphon',
        );
        self::assertEqualsWithDelta($area * ($head + 10) + 5, self::value($answers, 'cloggedL'), 1e-6);
        self::assertEqualsWithDelta(
            19.2 / ((0.3362 * 1e-5 * 538 ** 3) / 144),
            self::value($answers, 'panelFactor'),
            0.05,
            'L/H 2.23: β between 0.320 and 0.350',
        );
    }

    #[Test]
    public function three_numbers_already_give_litres_mass_and_a_word_for_the_floor(): void
    {
        $answers = Plan::answer(
            PlanBrief::read(['values' => ['lengthMm' => 1200, 'widthMm' => 600, 'heightMm' => 550]]),
        );

        self::assertGreaterThan(300, self::value($answers, 'systemL'));
        self::assertGreaterThan(450, self::value($answers, 'massKg'));
        self::assertSame('ask a structural engineer before ordering', $answers->figure('floorWord')?->word);
        self::assertSame(Basis::Assumed, $answers->figure('systemL')?->grounds->basis);
        self::assertContains('Power cut: comes down', $answers->waiting()['outletBelowRimMm']);
        self::assertSame(
            ['wallMm'],
            $answers->figure('panelFactor')?->needs,
            'a default thickness never stands for the panel check',
        );
        self::assertNotNull($answers->section);
    }

    /** @return iterable<string, array{0: string, 1: array<string, mixed>, 2: string}> rule, changed facts, words of the stop */
    public static function stops(): iterable
    {
        yield 'no residual-current protection' => [
            'B-61',
            ['residual' => 'no'],
            'Wet gear without residual-current protection',
        ];
        yield 'a load over one and a half times the allowance' => ['B-11', ['allowanceKpa' => 1.5], 'never without'];
        yield 'a balcony' => ['B-11', ['balcony' => 'yes'], 'never without'];
        yield 'heavy on joists along the stand' => [
            'B-11',
            ['floorType' => 'timber', 'joists' => 'parallel'],
            'never without',
        ];
        yield 'an opened wall' => ['B-12', ['wallOpening' => 'yes'], 'never without'];
        yield 'thin glass' => ['B-13', ['wallMm' => 6], 'safety factor'];
        yield 'one drain and too much water below' => [
            'B-22',
            ['drains' => 'siphon', 'returnLevelMm' => 300, 'reservoirL' => 40],
            'on the floor',
        ];
        yield 'an emergency too small' => [
            'B-22',
            ['emergencyBoreMm' => 16, 'returnLevelMm' => 300, 'reservoirL' => 40],
            'on the floor',
        ];
        yield 'an outlet too deep' => [
            'B-32',
            ['outletBelowRimMm' => 190, 'breakBelowRimMm' => 'none'],
            'on the floor',
        ];
        yield 'a margin under 15 %' => ['B-32', ['outletBelowRimMm' => 150, 'breakBelowRimMm' => 'none'], 'spare'];
        yield 'a break that clogs' => ['B-32', ['outletBelowRimMm' => 190], 'clogged'];
        yield 'a reservoir that floods the display' => ['B-33', ['reservoirL' => 60], 'rim'];
        yield 'a reservoir and then a power cut' => [
            'B-33',
            ['reservoirL' => 60, 'outletBelowRimMm' => 110, 'breakBelowRimMm' => 'none'],
            'power cut',
        ];
        yield 'a door too narrow' => ['B-2', [], 'does not pass'];
    }

    /** @param  array<string, mixed>  $changed */
    #[Test]
    #[DataProvider('stops')]
    public function it_stops(string $rule, array $changed, string $words): void
    {
        $passages = $rule === 'B-2' ? [['name' => 'Stair', 'widthMm' => 520, 'heightMm' => 1900]] : SoundPlan::DOOR;
        $stops = self::plan($changed, $passages)->stops();
        $matching = array_filter(
            $stops,
            fn ($f): bool => $f->rule === $rule && str_contains($f->what->in(Units::metric()), $words),
        );

        self::assertNotEmpty(
            $matching,
            implode(' | ', array_map(fn ($f): string => $f->rule.' '.$f->what->in(Units::metric()), $stops)),
        );
        foreach ($matching as $finding) {
            self::assertNotNull($finding->remedy);
        }
    }

    #[Test]
    public function the_remedy_s_number_puts_it_right(): void
    {
        $before = self::plan(['outletBelowRimMm' => 150, 'breakBelowRimMm' => 'none']);
        $finding = array_values(array_filter($before->stops(), fn ($f): bool => $f->rule === 'B-32'))[0];
        $raise = $finding->remedy?->parts['raise'];
        self::assertInstanceOf(\Velbrin\Core\Measure\Quantity::class, $raise);
        $lower = $finding->remedy->parts['lower'];
        self::assertInstanceOf(\Velbrin\Core\Measure\Quantity::class, $lower);

        foreach (
            [
                ['outletBelowRimMm' => 150 - $raise->value],
                ['outletBelowRimMm' => 150, 'returnLevelMm' => 200 - $lower->value],
            ] as $mended
        ) {
            $after = self::plan([...$mended, 'breakBelowRimMm' => 'none']);
            self::assertGreaterThanOrEqual(15, self::value($after, 'marginPct'));
        }
    }

    #[Test]
    public function every_working_evaluates_to_its_own_result(): void
    {
        $variants = [
            [],
            ['weirGapsMm' => 260],
            ['drains' => 'open'],
            ['drains' => 'siphon'],
            ['outletBelowRimMm' => 190],
            ['shape' => 'quarter-cylinder', 'widthMm' => 900],
            ['shape' => 'bow-front', 'bowMm' => 120],
            ['shape' => 'l-shape', 'legLengthMm' => 400, 'legWidthMm' => 300],
            ['shape' => 'half-cylinder', 'diameterMm' => 1400],
            ['shape' => 'filled', 'filledL' => 300],
            ['joists' => 'across', 'floorType' => 'timber'],
            ['winterC' => 10],
            ['top' => 'closed'],
            ['emergencyBoreMm' => 60],
            ...array_map(
                fn (int $mm): array => ['weirForm' => 'standpipe', 'standpipeMm' => $mm, 'weirBelowRimMm' => 120],
                [110, 77, 76, 50, 40],
            ),
        ];
        $checked = [];
        foreach ($variants as $changed) {
            foreach (self::plan($changed)->figures as $figure) {
                if ($figure->working !== null) {
                    self::assertEqualsWithDelta(
                        $figure->working->result->value,
                        self::evaluate($figure->working),
                        max(1e-6, 1e-9 * abs($figure->working->result->value)),
                        $figure->key.': '.$figure->working->formula,
                    );
                    $checked[$figure->key] = true;
                }
            }
        }
        self::assertGreaterThanOrEqual(25, count($checked));
    }

    #[Test]
    public function more_of_the_cause_never_gives_less_of_the_effect(): void
    {
        $series = fn (string $field, array $values, string $figure): array => array_map(
            fn ($v): float => self::value(self::plan([$field => $v]), $figure),
            $values,
        );
        $rises = [
            ['flowLh', [1000, 2000, 3000, 4000], 'weirHeadMm'],
            ['flowLh', [1000, 2000, 3000], 'downL'],
            ['outletBelowRimMm', [60, 80, 100], 'cloggedL'],
            ['rockKg', [10, 30, 60], 'massKg'],
            ['wallMm', [10, 12, 15], 'panelFactor'],
            ['drainBoreMm', [20, 27, 34], 'drainLh'],
            ['spanMm', [2500, 4000, 6000], 'massKg'],
        ];
        foreach ($rises as [$field, $values, $figure]) {
            $answers = $series($field, $values, $figure);
            $sorted = $answers;
            sort($sorted);
            self::assertSame($sorted, $answers, "{$field} → {$figure}");
        }
        $loss = $series('winterC', [10, 14, 18], 'lossWinterW');
        self::assertLessThan(
            self::value(self::plan(), 'stuckOnH'),
            self::value(self::plan(['upperHarmC' => 28]), 'stuckOnH'),
            'a lower limit is reached sooner',
        );
        self::assertTrue($loss[0] > $loss[1] && $loss[1] > $loss[2], 'a hotter room never needs more heat');
    }

    #[Test]
    public function impossible_facts_are_refused_at_their_field_and_the_rest_still_answers(): void
    {
        $cases = [
            'heightMm' => ['heightMm' => 90000],
            'shape' => ['shape' => 'star'],
            'weirLengthMm' => ['weirLengthMm' => 40],
            'weirBelowRimMm' => ['weirBelowRimMm' => 8],
            'returnLevelMm' => ['returnLevelMm' => 442],
            'winterC' => ['winterC' => 30],
            'wallMm' => ['wallMm' => 'thick'],
            'fromSupportMm' => ['fromSupportMm' => 3900],
        ];
        foreach ($cases as $field => $changed) {
            $answers = self::plan($changed);
            self::assertSame([$field], array_map(fn ($e): string => $e->field, $answers->errors), $field);
            self::assertNotEmpty(array_filter($answers->figures, fn ($f): bool => $f->needs === []), $field);
        }
        $baffle = Plan::answer(
            PlanBrief::read([
                'values' => SoundPlan::VALUES,
                'chambers' => [['name' => 'Intake', 'lengthMm' => 180, 'baffleMm' => 460], ['name' => 'Return']],
            ]),
        );
        self::assertSame('chambers.0.baffleMm', $baffle->errors[0]->field);
        self::assertNotNull($baffle->figure('weirHeadMm')?->quantity);
    }

    #[Test]
    public function the_drawing_shows_the_computed_levels(): void
    {
        $answers = self::plan();
        self::assertNotNull($answers->section);
        $water = array_values(array_filter($answers->section->shapes, fn ($s): bool => $s->key === 'display'))[0];
        $glass = array_values(array_filter($answers->section->shapes, fn ($s): bool => $s->role === 'glass'))[0];
        self::assertEqualsWithDelta(
            self::value($answers, 'runningBelowRimMm'),
            $water->points[0][1] - $glass->points[0][1],
            1e-9,
        );

        $first = $answers->section->surfaces($answers->powerCut[0]);
        self::assertEqualsWithDelta(
            $water->points[0][1],
            $first['display'],
            1e-9,
            'the film starts where the drawing stands',
        );
        foreach ($answers->section->shapes as $shape) {
            if ($shape->key !== null) {
                self::assertEqualsWithDelta($shape->points[0][1], $first[$shape->key], 1e-9);
            }
        }
    }

    #[Test]
    public function a_comparison_names_only_what_differs(): void
    {
        $before = PlanBrief::read([
            'values' => SoundPlan::VALUES,
            'chambers' => SoundPlan::CHAMBERS,
            'passages' => SoundPlan::DOOR,
        ]);
        $after = PlanBrief::read([
            'values' => ['outletBelowRimMm' => 190] + SoundPlan::VALUES,
            'chambers' => SoundPlan::CHAMBERS,
            'passages' => SoundPlan::DOOR,
        ]);
        $comparison = Comparison::of($before, Plan::answer($before), $after, Plan::answer($after));

        self::assertSame([['outletBelowRimMm', 70.0, 190.0]], $comparison->facts);
        self::assertContains('cloggedL', array_map(fn (array $f): ?string => $f[1]?->key, $comparison->figures));
        self::assertNotContains('massKg', array_map(fn (array $f): ?string => $f[1]?->key, $comparison->figures));
        self::assertSame(Severity::Stop, $comparison->new[0]->severity);
    }

    #[Test]
    public function panel_factors_follow_the_table(): void
    {
        self::assertEqualsWithDelta((0.16e-5 * 500 ** 3) / 100, PanelStress::of(500, 500, 10, true)->stressMpa, 1e-9);
        self::assertEqualsWithDelta(
            (0.085e-5 * 500 ** 3) / 100,
            PanelStress::of(100, 500, 10, false)->stressMpa,
            1e-9,
            'below the table the first value',
        );
        self::assertGreaterThan(
            PanelStress::of(900, 500, 10, false)->safetyFactor,
            PanelStress::of(900, 500, 10, true)->safetyFactor,
        );
    }

    #[Test]
    public function panels_bend_as_published_and_between_two_values_halfway(): void
    {
        $published = [
            'held by a brace' => [true, [[0.5, 0.085], [0.667, 0.1156], [1.0, 0.16], [1.5, 0.26], [2.0, 0.32], [2.5, 0.35], [3.0, 0.37],
                [3.5, 0.38], [4.0, 0.385], [6.0, 0.385]]],
            'free at its top' => [false, [[0.5, 0.085], [0.667, 0.123], [1.0, 0.201], [1.5, 0.358], [2.0, 0.473], [2.5, 0.545]]],
        ];
        foreach ($published as $edge => [$braced, $betas]) {
            $beta = fn (float $ratio): float => PanelStress::of(500 * $ratio, 500, 10, $braced)->beta;
            foreach ($betas as $n => [$ratio, $at]) {
                self::assertEqualsWithDelta($at, $beta($ratio), 1e-9, "{$edge}, {$ratio}");
                $next = $betas[$n + 1] ?? [$ratio, $at];
                self::assertEqualsWithDelta(($at + $next[1]) / 2, $beta(($ratio + $next[0]) / 2), 1e-9, "{$edge}, past {$ratio}");
            }
        }
    }

    #[Test]
    public function a_piece_passes_tilted_or_not_at_all(): void
    {
        self::assertEqualsWithDelta(
            280,
            Access::of(1200, 600, 550, new Passage('', 830, 2000))->openingMm,
            1e-9,
            'the smallest side goes through the width',
        );
        self::assertLessThan(0, Access::of(1200, 600, 550, new Passage('', 540, 2000))->openingMm);
        // A thin piece round a corner of two equal corridors: ℓ = 2√2·a − 2w at 45°.
        self::assertEqualsWithDelta(2 * M_SQRT2 * 1000 - 2 * 100, Access::longestRoundCorner(1000, 1000, 100), 0.01);
        self::assertSame(0.0, Access::longestRoundCorner(1000, 500, 600));
    }

    #[Test]
    public function what_comes_in_must_come_out_of_the_finished_room(): void
    {
        $door = [...SoundPlan::DOOR[0], 'outWidthMm' => 540];
        $findings = array_values(array_filter(self::plan([], [$door])->findings, fn ($f): bool => $f->rule === 'B-82'));
        self::assertCount(1, $findings, 'the sump still comes out');
        self::assertSame(Severity::Fix, $findings[0]->severity);
        self::assertSame(
            [],
            array_filter(self::plan([], SoundPlan::DOOR)->findings, fn ($f): bool => $f->rule === 'B-82'),
        );
        // By hand: a square corner of two 1 m corridors takes 2√2·1000 − 2·w along its diagonal.
        $turn = Access::of(2000, 300, 400, new Passage('turn', 900, 2000, 1000, 1000));
        self::assertEqualsWithDelta(45.0, $turn->tightDeg, 0.11);
        self::assertEqualsWithDelta(2000 * M_SQRT2 - 600 - 2000, $turn->cornerMm, 0.5);
    }

    #[Test]
    public function every_field_of_the_sheet_has_words_and_a_group(): void
    {
        foreach (PlanSheet::fields() as $spec) {
            self::assertNotSame('', $spec->label);
            self::assertArrayHasKey($spec->group, PlanSheet::GROUPS);
        }
    }

    /**
     * @param  array<string, mixed>  $changed
     * @param  list<array<string, mixed>>  $passages
     */
    private static function plan(array $changed = [], array $passages = SoundPlan::DOOR): PlanAnswers
    {
        return Plan::answer(
            PlanBrief::read([
                'values' => [...SoundPlan::VALUES, ...$changed],
                'chambers' => SoundPlan::CHAMBERS,
                'passages' => $passages,
                'lamps' => SoundPlan::LAMPS,
            ]),
        );
    }

    private static function value(PlanAnswers $answers, string $key): float
    {
        $quantity = $answers->figure($key)?->quantity;
        self::assertNotNull(
            $quantity,
            "{$key} has no number: ".json_encode($answers->errors).json_encode($answers->figure($key)?->needs),
        );

        return $quantity->value;
    }

    private static function evaluate(Working $working): float
    {
        $language = new ExpressionLanguage();
        foreach (['sqrt', 'exp', 'log', 'min', 'max'] as $name) {
            $language->addFunction(ExpressionFunction::fromPhp($name));
        }
        $names = ['pi' => M_PI];
        foreach ($working->inputs as $input) {
            $names[$input->symbol] = $input->quantity->value;
        }

        return (float) $language->evaluate($working->formula, $names);
    }
}
