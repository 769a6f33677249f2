<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Hole;
use Velbrin\Core\Build\HoleFit;
use Velbrin\Core\Build\HolePlan;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Pane;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Are the holes far enough from edges and from each other, and may the pane be drilled at all (B-24)? */
final class Holes implements Asks, Topic
{
    public function keys(): array
    {
        return ['holes'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if ($facts->brief->holes === []) {
            return new TopicAnswer([]);
        }
        $plan = HolePlan::of($facts);
        $fits = $plan->fits();
        if ($fits === []) {
            return new TopicAnswer([]);
        }
        $findings = array_merge(...array_map(fn (HoleFit $f): array => self::tooNear($f, $facts), $fits));
        $least = min(array_map(fn (HoleFit $f): float => $f->spareMm(), $fits));
        if ($least >= 0) {
            $what = Sentence::of(Phrase::EveryHoleKeepsItsDistance, [
                'spare' => Quantity::of($least, Kind::Length),
            ]);
            $why = Sentence::of(Phrase::ThePanelCheckDoesNotCount);
            $findings[] = Finding::of(Severity::Fine, 'B-24', 'overflow', $what, $why, null, $facts->basis());
        }
        array_push($findings, ...self::underWater($plan, $facts));
        $n = count($fits);
        $parts = ['n' => Quantity::of($n, Kind::Count), 'spare' => Quantity::of(abs($least), Kind::Length)];

        return new TopicAnswer(
            [
                Figure::words(
                    'holes',
                    Sentence::of(Phrase::FigureHoles, ['n' => (string) $n]),
                    Sentence::of($least < 0 ? Phrase::TheTightestLacks : Phrase::TheTightestHasOver, $parts),
                    $facts->basis(),
                ),
            ],
            $findings,
        );
    }

    public static function checks(): array
    {
        return [Check::safety('B-24.toughened', 'overflow', Phrase::MayThePanesBeDrilled, self::toughened(...))];
    }

    /**
     * @return list<Finding> none where nothing is drilled
     *
     * @throws Missing
     */
    private static function toughened(Facts $facts): array
    {
        $panes = array_unique(array_map(fn (Hole $h): string => $h->pane->value, $facts->brief->holes));
        if ($panes === []) {
            return [];
        }
        if ($facts->word(F::Material) !== 'glass') {
            $why = Sentence::of(Phrase::SlowWithWaterTheEdgeLeft);

            return [
                Finding::of(
                    Severity::Fine,
                    'B-24',
                    'overflow',
                    Sentence::of(Phrase::AcrylicPanesAreDrilledAsThey),
                    $why,
                    null,
                    $facts->basis(),
                ),
            ];
        }
        $toughened = $facts->word(F::Toughened);
        $struck = match ($toughened) {
            'all' => $panes,
            'floor' => array_intersect($panes, [Pane::Floor->value]),
            default => [],
        };
        if ($struck !== []) {
            return [
                Finding::of(
                    Severity::Stop,
                    'B-24',
                    'overflow',
                    Sentence::of(Phrase::AHoleInToughenedGlass, ['panes' => implode(', ', $struck)]),
                    Sentence::of(Phrase::ItShattersWhole),
                    Sentence::of(
                        Phrase::AnotherPaneAnOverflowOver,
                    ),
                    $facts->basis(),
                    subject: implode(', ', $struck),
                ),
            ];
        }
        if ($toughened === 'unknown') {
            $facts->leaveOpen(F::Toughened->value);

            return [
                Finding::of(
                    Severity::Fix,
                    'B-24',
                    'overflow',
                    Sentence::of(Phrase::NobodyHasTriedWhetherThePanes),
                    Sentence::of(Phrase::FloorPanesOften),
                    Sentence::of(Phrase::LookAtEachPaneWithPolarised),
                    $facts->basis(),
                ),
            ];
        }

        return [
            Finding::of(
                Severity::Fine,
                'B-24',
                'overflow',
                Sentence::of(Phrase::NoPaneThatIsDrilled),
                Sentence::of(Phrase::TriedWithPolarisedLight),
                null,
                $facts->basis(),
            ),
        ];
    }

    /** @return list<Finding> */
    private static function tooNear(HoleFit $fit, Facts $facts): array
    {
        $name = $fit->hole->name === '' ? 'Hole '.($fit->row + 1) : $fit->hole->name;
        $parts = [
            'name' => ucfirst($name),
            'edge' => Quantity::of($fit->edgeMm, Kind::Length),
            'need' => Quantity::of($fit->edgeNeedMm, Kind::Length),
        ];
        $found = [];
        if ($fit->edgeMm < $fit->edgeNeedMm) {
            $found[] = Finding::of(
                Severity::Fix,
                'B-24',
                'overflow',
                Sentence::of(Phrase::FromItsCentreToTheEdge, $parts),
                Sentence::of(
                    Phrase::OneAndAHalfHoleDiameters,
                    $parts,
                ),
                Sentence::of(Phrase::MoveItInwards),
                $facts->basis(),
            );
        }
        // Each pair is named once.
        if (
            $fit->nextMm !== null &&
            $fit->nextNeedMm !== null &&
            $fit->nextRow > $fit->row &&
            $fit->nextMm < $fit->nextNeedMm
        ) {
            $pair = [
                'name' => ucfirst($name),
                'apart' => Quantity::of($fit->nextMm, Kind::Length),
                'need' => Quantity::of($fit->nextNeedMm, Kind::Length),
            ];
            $found[] = Finding::of(
                Severity::Fix,
                'B-24',
                'overflow',
                Sentence::of(Phrase::ToTheNextHolesCentre, $pair),
                Sentence::of(Phrase::AreAskedGlassAsWide, $pair),
                Sentence::of(Phrase::FurtherApart),
                $facts->basis(),
            );
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function underWater(HolePlan $plan, Facts $facts): array
    {
        try {
            $display = DisplayTank::of($facts);
        } catch (Missing|OutOfRange) {
            return [];
        }
        $line = $facts->number(F::HeightMm) - $display->runningBelowRimMm;
        $deep = array_filter(
            $plan->fits(),
            fn (HoleFit $f): bool => $f->hole->pane === Pane::Floor ||
                $f->hole->yMm - $f->hole->diameterMm / 2 < $line - $f->hole->diameterMm * 3,
        );

        return $deep === []
            ? []
            : [
                Finding::of(
                    Severity::Watch,
                    'B-24',
                    'overflow',
                    Sentence::of(Phrase::BelowTheWaterLine, ['n' => Quantity::of(count($deep), Kind::Count)]),
                    Sentence::of(Phrase::UnlessTheyStandWithinAnOverflow),
                    Sentence::of(Phrase::InsideABoxWithItsEdge),
                    $facts->basis(),
                ),
            ];
    }
}
