<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\DrilledPane;
use Velbrin\Core\Build\Hole;
use Velbrin\Core\Build\Pane;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;

final class HolePlanTest extends TestCase
{
    private const TANK = [
        'lengthMm' => 1200,
        'widthMm' => 600,
        'heightMm' => 550,
        'wallMm' => 12,
        'flowLh' => 3000,
        'weirBelowRimMm' => 60,
        'weirLengthMm' => 400,
        'drains' => 'siphon-emergency',
        'drainBoreMm' => 34,
        'emergencyBoreMm' => 44,
        'toughened' => 'none',
    ];

    #[Test]
    public function distances_are_those_of_a_ruler_and_the_rules_those_of_the_drill(): void
    {
        $pane = DrilledPane::of(Pane::Back, 1200, 550, false, [
            new Hole('', Pane::Back, 300, 450, 60),
            new Hole('', Pane::Back, 400, 450, 40),
        ]);

        self::assertSame([100.0, 90.0], [$pane->fits[0]->edgeMm, $pane->fits[0]->edgeNeedMm]);
        // (60 + 40)/2 + 60 asked, 100 there: 10 short.
        self::assertSame(
            [100.0, 110.0, -10.0],
            [$pane->fits[0]->nextMm, $pane->fits[0]->nextNeedMm, $pane->fits[0]->spareMm()],
        );
        $round = DrilledPane::of(Pane::Floor, 500, 500, true, [new Hole('', Pane::Floor, 250, 100, 40)]);
        self::assertSame(100.0, $round->fits[0]->edgeMm);
        $this->expectException(OutOfRange::class);
        DrilledPane::of(Pane::Back, 1200, 550, false, [new Hole('', Pane::Back, 20, 450, 60)]);
    }

    #[Test]
    public function holes_that_just_fit_a_sheet_together_share_one(): void
    {
        $beside = DrilledPane::of(Pane::Back, 1200, 550, false, [
            new Hole('', Pane::Back, 600, 400, 40),
            new Hole('', Pane::Back, 700, 400, 40),
        ]);
        // A hundred apart, 20 of hole and 12 of surround at either side.
        self::assertSame([[0, 1]], array_column($beside->sheets(164.0, 64.0, 12), 'rows'));
        self::assertSame([[0], [1]], array_column($beside->sheets(163.9, 64.0, 12), 'rows'));
        $above = DrilledPane::of(Pane::Back, 1200, 550, false, [
            new Hole('', Pane::Back, 600, 300, 40),
            new Hole('', Pane::Back, 600, 400, 40),
        ]);
        self::assertSame([[0, 1]], array_column($above->sheets(64.0, 164.0, 12), 'rows'));
        self::assertSame([[0], [1]], array_column($above->sheets(64.0, 163.9, 12), 'rows'));
        self::assertSame([['xMm' => 568.0, 'yMm' => 268.0, 'rows' => [0, 1]]], $above->sheets(64.0, 164.0, 12));
    }

    #[Test]
    public function the_proposed_row_keeps_every_distance(): void
    {
        $proposed = Plan::answer(PlanBrief::read(['values' => self::TANK]))->proposedHoles;
        self::assertSame([60.0, 70.0], array_map(fn (Hole $h): float => $h->diameterMm, $proposed));
        $findings = self::findings(
            array_map(
                fn (Hole $h): array => [
                    'pane' => 'back',
                    'xMm' => $h->xMm,
                    'yMm' => $h->yMm,
                    'diameterMm' => $h->diameterMm,
                ],
                $proposed,
            ),
        );
        self::assertSame([Severity::Fine, Severity::Fine], self::severities($findings), 'apart, and none toughened');
    }

    #[Test]
    public function a_toughened_pane_stops_the_drill_and_an_untried_one_asks(): void
    {
        $floor = [['pane' => 'floor', 'xMm' => 300, 'yMm' => 300, 'diameterMm' => 60]];
        self::assertSame(
            [Severity::Stop, Severity::Watch, Severity::Fine],
            self::severities(self::findings($floor, 'floor')),
        );
        self::assertSame(
            [Severity::Fix, Severity::Watch, Severity::Fine],
            self::severities(self::findings($floor, 'unknown')),
        );
        self::assertSame(
            [Severity::Fine, Severity::Fine],
            self::severities(
                self::findings([['pane' => 'back', 'xMm' => 600, 'yMm' => 440, 'diameterMm' => 60]], 'floor'),
            ),
        );
    }

    #[Test]
    public function a_hole_off_the_pane_is_refused_at_its_field(): void
    {
        $errors = Plan::answer(
            PlanBrief::read([
                'values' => self::TANK,
                'holes' => [['pane' => 'left', 'xMm' => 590, 'yMm' => 300, 'diameterMm' => 60]],
            ]),
        )->errors;
        self::assertSame(['holes.0.xMm'], array_map(fn ($e): string => $e->field, $errors));
    }

    #[Test]
    public function every_hole_stands_whole_on_one_full_size_sheet(): void
    {
        $holes = array_map(
            fn (int $i): Hole => new Hole('', Pane::Back, 90 + 130 * $i, 440 - 200 * ($i % 2), 60),
            range(0, 7),
        );
        $pane = DrilledPane::of(Pane::Back, 1200, 550, false, $holes);
        $seen = [];
        foreach ($pane->sheets(255, 165, 12) as $sheet) {
            foreach ($sheet['rows'] as $row) {
                $seen[] = $row;
                $fit = $holes[$row];
                self::assertGreaterThanOrEqual($sheet['xMm'] + 30, $fit->xMm);
                self::assertLessThanOrEqual($sheet['xMm'] + 255 - 30, $fit->xMm);
                self::assertGreaterThanOrEqual($sheet['yMm'] + 30, $fit->yMm);
                self::assertLessThanOrEqual($sheet['yMm'] + 165 - 30, $fit->yMm);
            }
        }
        sort($seen);
        self::assertSame(range(0, 7), $seen);
    }

    /**
     * @param  list<array<string, mixed>>  $holes
     * @return list<Finding>
     */
    private static function findings(array $holes, string $toughened = 'none'): array
    {
        return array_values(
            array_filter(
                Plan::answer(SoundPlan::confirmed(['toughened' => $toughened] + self::TANK, ['holes' => $holes]))
                    ->findings,
                fn (Finding $f): bool => $f->rule === 'B-24',
            ),
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Severity>
     */
    private static function severities(array $findings): array
    {
        return array_map(fn (Finding $f): Severity => $f->severity, $findings);
    }
}
