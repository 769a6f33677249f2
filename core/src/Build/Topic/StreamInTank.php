<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
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
            Sentence::of(Phrase::CoralsLikeTo, $parts),
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
                        what: Sentence::of(Phrase::LittleFlow, $parts),
                        why: Sentence::of(
                            Phrase::ForCoralsToAreUsual,
                            $parts,
                        ),
                        remedy: Sentence::of(Phrase::AnotherPumpAtTheOtherEnd),
                        basis: $facts->basis(),
                        working: 'streamTurnover',
                    ),
                    $times->value > $most => Finding::of(
                        severity: Severity::Watch,
                        rule: 'B-60',
                        about: 'flow',
                        what: Sentence::of(Phrase::MuchFlow, $parts),
                        why: Sentence::of(
                            Phrase::ForCoralsToAreUsualSoft,
                            $parts,
                        ),
                        remedy: Sentence::of(Phrase::TurnPumpsDown),
                        basis: $facts->basis(),
                        working: 'streamTurnover',
                    ),
                    default => Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-60',
                        about: 'flow',
                        what: Sentence::of(Phrase::FlowOf, $parts),
                        why: Sentence::of(
                            $pumps === [] ? Phrase::UsualForCorals : Phrase::UsualForCorals2,
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
        $watch = fn (Sentence $what, Phrase $why, Phrase $remedy): Finding => Finding::of(
            Severity::Watch,
            'B-60',
            'flow',
            $what,
            Sentence::of($why),
            Sentence::of($remedy),
            $facts->basis(),
        );
        foreach ([['left', 'right'], ['back', 'front']] as [$one, $other]) {
            [$a, $b] = [$at($one), $at($other)];
            if ($a > 0 && $b > 0 && abs($a - $b) > self::ALIKE * max($a, $b)) {
                $found[] = $watch(
                    Sentence::of(Phrase::TheEndsAreNotAlike, [
                        'a' => Quantity::of($a, Kind::Flow),
                        'b' => Quantity::of($b, Kind::Flow),
                    ]),
                    Phrase::TheWeakerEndSiltsUp,
                    Phrase::TurnTheStrongerDown,
                );
            }
        }
        if (
            count($pumps) > 1 &&
            ($at('left') === 0.0 || $at('right') === 0.0) &&
            ($at('back') === 0.0 || $at('front') === 0.0)
        ) {
            $found[] = $watch(
                Sentence::of(Phrase::NoPumpsStandAgainstEachOther),
                Phrase::OneStreamMakesARing,
                Phrase::OneAtTheOtherEnd,
            );
        }
        $aims = array_map(fn (TableRow $p): string => $p->word('aim'), $pumps);
        foreach (
            [
                'surface' => [
                    Phrase::NothingMovesTheSurface,
                    Phrase::ItTakesInOxygenAndLets,
                    Phrase::AimOnePumpAlongTheSurface,
                ],
                'bottom' => [
                    Phrase::NothingSweepsTheBottom,
                    Phrase::WasteSettlesBehindTheRock,
                    Phrase::AimOnePumpAlongTheBottom,
                ],
            ] as $aim => [$what, $why, $remedy]
        ) {
            if (! in_array($aim, $aims, true)) {
                $found[] = $watch(Sentence::of($what), $why, $remedy);
            }
        }
        $damp = array_values(array_filter($pumps, fn (TableRow $p): bool => $p->word('motor') === 'damp'));
        if ($damp !== []) {
            $found[] = Finding::of(
                Severity::Fix,
                'B-60',
                'power',
                Sentence::of(Phrase::TheDryPartStandsWhereWater, [
                    'names' => implode(', ', array_map(fn (TableRow $p): string => $p->called('stream pump'), $damp)),
                ]),
                Sentence::of(Phrase::SaltWaterInItsHousingEnds),
                Sentence::of(Phrase::ADryCavity),
                $facts->basis(),
            );
        }

        return $found === []
            ? [
                Finding::of(
                    Severity::Fine,
                    'B-60',
                    'flow',
                    Sentence::of(Phrase::ThePumpsStandAgainstEachOther),
                    Sentence::of(Phrase::LookAtTheRockOnce),
                    null,
                    $facts->basis(),
                ),
            ]
            : $found;
    }
}
