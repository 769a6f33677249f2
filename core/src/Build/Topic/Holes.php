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
            $what = Sentence::of('Every hole keeps its distance, with {spare} over', [
                'spare' => Quantity::of($least, Kind::Length),
            ]);
            $why = Sentence::of('The panel check does not count holes: whoever drills answers for the pane.');
            $findings[] = Finding::of(Severity::Fine, 'B-24', 'overflow', $what, $why, null, $facts->basis());
        }
        array_push($findings, ...self::underWater($plan, $facts));
        $n = count($fits);
        $parts = ['n' => Quantity::of($n, Kind::Count), 'spare' => Quantity::of(abs($least), Kind::Length)];

        return new TopicAnswer(
            [
                Figure::words(
                    'holes',
                    $n === 1 ? '1 hole' : "{$n} holes",
                    Sentence::of($least < 0 ? 'the tightest lacks {spare}' : 'the tightest has {spare} over', $parts),
                    $facts->basis(),
                ),
            ],
            $findings,
        );
    }

    public static function checks(): array
    {
        return [Check::safety('B-24.toughened', 'overflow', 'May the panes be drilled?', self::toughened(...))];
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
            $why = Sentence::of('Slow, with water, the edge left smooth: a chipped edge cracks.');

            return [
                Finding::of(
                    Severity::Fine,
                    'B-24',
                    'overflow',
                    Sentence::of('Acrylic panes are drilled as they come'),
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
                    Sentence::of('A hole in toughened glass: {panes}', ['panes' => implode(', ', $struck)]),
                    Sentence::of('It shatters whole when it is drilled. No care and no speed changes that.'),
                    Sentence::of(
                        'Another pane, an overflow over the rim, or a pane cut and drilled before it is toughened.',
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
                    Sentence::of('Nobody has tried whether the panes are toughened'),
                    Sentence::of('Floor panes often are. A toughened pane shatters when it is drilled.'),
                    Sentence::of('Look at each pane with polarised light before a drill is near it.'),
                    $facts->basis(),
                ),
            ];
        }

        return [
            Finding::of(
                Severity::Fine,
                'B-24',
                'overflow',
                Sentence::of('No pane that is drilled is toughened'),
                Sentence::of('Tried with polarised light. Try it once more at the pane itself before the drill.'),
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
                Sentence::of('{name}: {edge} from its centre to the edge', $parts),
                Sentence::of(
                    'One and a half hole diameters are asked, here {need}: less, and the pane cracks from the hole outwards.',
                    $parts,
                ),
                Sentence::of('Move it inwards, or a smaller bulkhead.'),
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
                Sentence::of('{name}: {apart} to the next hole’s centre', $pair),
                Sentence::of('{need} are asked: glass as wide as the larger hole between the two.', $pair),
                Sentence::of('Further apart.'),
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
                    Sentence::of('{n} below the water line', ['n' => Quantity::of(count($deep), Kind::Count)]),
                    Sentence::of('Unless they stand within an overflow box, their seals alone hold back the display.'),
                    Sentence::of('Inside a box with its edge at the weir, or a standpipe; and a valve outside each.'),
                    $facts->basis(),
                ),
            ];
    }
}
