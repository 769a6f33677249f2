<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** Does the water in the display move as its animals want it (B-60)? */
final class StreamInTank implements Topic
{
    /** Times an hour, by what is kept: least and most. */
    public const RANGES = ['soft' => [10.0, 20.0], 'mixed' => [20.0, 40.0], 'stony' => [40.0, 80.0]];

    /** Both ends agree within this share. */
    private const ALIKE = 0.2;

    public function keys(): array
    {
        return ['streamTurnover'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $pumps = $facts->brief->rows('streams');
        if ($pumps === []) {
            $facts->need(F::StreamLh);
        }
        $flow =
            $pumps === []
                ? $facts->number(F::StreamLh)
                : array_sum(array_map(fn (TableRow $p): float => $p->number('flowLh'), $pumps));
        $net = DisplayTank::of($facts)->volume($facts)->netL;
        $times = Quantity::of($flow / $net, Kind::Turnover);
        [$least, $most] = self::RANGES[$facts->word(F::Livestock)];
        $parts = [
            'times' => $times,
            'least' => Quantity::of($least, Kind::Turnover),
            'most' => Quantity::of($most, Kind::Turnover),
            'kept' => $facts->word(F::Livestock),
        ];
        $figure = Figure::number(
            'streamTurnover',
            $times,
            Sentence::of('{kept} corals like {least} to {most}', $parts),
            $facts->basis(),
            Working::of(
                Topic::LABELS['streamTurnover'],
                'q/V',
                [
                    $pumps === []
                        ? $facts->row('q', F::StreamLh)
                        : ['q', 'Stream pumps, one by one', $flow, Kind::Flow],
                    ['V', 'Display, net', $net, Kind::Volume],
                ],
                $times,
                'B-60',
            ),
        );

        return new TopicAnswer(
            [$figure],
            [
                match (true) {
                    $times->value < $least => Finding::of(
                        severity: Severity::Watch,
                        rule: 'B-60',
                        about: 'flow',
                        what: Sentence::of('Little flow: {times}', $parts),
                        why: Sentence::of(
                            'For {kept} corals {least} to {most} are usual: waste settles and the far end starves.',
                            $parts,
                        ),
                        remedy: Sentence::of('Another pump at the other end; both ends alike.'),
                        basis: $facts->basis(),
                        working: 'streamTurnover',
                    ),
                    $times->value > $most => Finding::of(
                        severity: Severity::Watch,
                        rule: 'B-60',
                        about: 'flow',
                        what: Sentence::of('Much flow: {times}', $parts),
                        why: Sentence::of(
                            'For {kept} corals {least} to {most} are usual: soft flesh is blown shut.',
                            $parts,
                        ),
                        remedy: Sentence::of('Turn pumps down, or aim them at the surface.'),
                        basis: $facts->basis(),
                        working: 'streamTurnover',
                    ),
                    default => Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-60',
                        about: 'flow',
                        what: Sentence::of('Flow of {times}', $parts),
                        why: Sentence::of(
                            'Usual for {kept} corals.'.
                                ($pumps === []
                                    ? ' Set the pumps against each other, one across the surface, one along the bottom.'
                                    : ''),
                            $parts,
                        ),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'streamTurnover',
                    ),
                },
                ...self::placed($pumps, $facts),
            ],
        );
    }

    /**
     * Set against each other, along surface and bottom, both ends alike, and dry where they must be (B-60).
     *
     * @param  list<TableRow>  $pumps
     * @return list<Finding>
     */
    private static function placed(array $pumps, Facts $facts): array
    {
        if ($pumps === []) {
            return [];
        }
        $found = [];
        $at = fn (string $end): float => array_sum(
            array_map(fn (TableRow $p): float => $p->word('end') === $end ? $p->number('flowLh') : 0.0, $pumps),
        );
        $watch = fn (string|Sentence $what, string $why, string $remedy): Finding => Finding::of(
            Severity::Watch,
            'B-60',
            'flow',
            is_string($what) ? Sentence::of($what) : $what,
            Sentence::of($why),
            Sentence::of($remedy),
            $facts->basis(),
        );
        foreach ([['left', 'right'], ['back', 'front']] as [$one, $other]) {
            [$a, $b] = [$at($one), $at($other)];
            if ($a > 0 && $b > 0 && abs($a - $b) > self::ALIKE * max($a, $b)) {
                $found[] = $watch(
                    Sentence::of('The ends are not alike: {a} against {b}', [
                        'a' => Quantity::of($a, Kind::Flow),
                        'b' => Quantity::of($b, Kind::Flow),
                    ]),
                    'The weaker end silts up and its corals grow towards the other.',
                    'Turn the stronger down, or add to the weaker.',
                );
            }
        }
        if (
            count($pumps) > 1 &&
            ($at('left') === 0.0 || $at('right') === 0.0) &&
            ($at('back') === 0.0 || $at('front') === 0.0)
        ) {
            $found[] = $watch(
                'No pumps stand against each other',
                'One stream makes a ring with a dead middle.',
                'One at the other end, aimed back.',
            );
        }
        $aims = array_map(fn (TableRow $p): string => $p->word('aim'), $pumps);
        foreach (
            [
                'surface' => [
                    'Nothing moves the surface',
                    'It takes in oxygen and lets out carbon dioxide only where it breaks.',
                ],
                'bottom' => ['Nothing sweeps the bottom', 'Waste settles behind the rock and rots there.'],
            ] as $aim => [$what, $why]
        ) {
            if (! in_array($aim, $aims, true)) {
                $found[] = $watch($what, $why, "Aim one pump along the {$aim}.");
            }
        }
        $damp = array_values(array_filter($pumps, fn (TableRow $p): bool => $p->word('motor') === 'damp'));
        if ($damp !== []) {
            $found[] = Finding::of(
                Severity::Fix,
                'B-60',
                'power',
                Sentence::of('The dry part stands where water comes: {names}', [
                    'names' => implode(', ', array_map(fn (TableRow $p): string => $p->called('stream pump'), $damp)),
                ]),
                Sentence::of('Salt water in its housing ends the pump, and may make it live.'),
                Sentence::of('A dry cavity, above the highest water of a blocked drain.'),
                $facts->basis(),
            );
        }

        return $found === []
            ? [
                Finding::of(
                    Severity::Fine,
                    'B-60',
                    'flow',
                    Sentence::of('The pumps stand against each other, along surface and bottom'),
                    Sentence::of('Look at the rock once it is grown over: it turns every stream.'),
                    null,
                    $facts->basis(),
                ),
            ]
            : $found;
    }
}
