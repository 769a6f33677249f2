<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Power\Load;
use Velbrin\Core\Power\LoadKind;
use Velbrin\Core\Power\PowerTree;

/** Plug by plug: what each circuit and strip carries, what trips together, what can get wet (B-61, X-22). */
final class PluggedIn implements Topic
{
    /** Two numbers for one thing agree within this share. */
    private const AGREE = 0.15;

    public function keys(): array
    {
        return ['circuitA', 'startA', 'stripA'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $tree = self::tree($facts);
        if ($tree === null) {
            return new TopicAnswer([]);
        }
        $amps = fn (float $a): Quantity => Quantity::of($a, Kind::Current);
        [$circuits, $starts, $strips] = [$tree->circuitAmps(), $tree->startAmps(), $tree->stripAmps()];
        arsort($circuits);
        arsort($starts);
        arsort($strips);
        [$circuit, $start, $strip] = [
            (int) array_key_first($circuits),
            (int) array_key_first($starts),
            (int) array_key_first($strips),
        ];
        $parts = [
            'may' => $amps(PowerTree::ALL_DAY * $tree->circuitA),
            'stripMay' => $amps(PowerTree::ALL_DAY * $tree->stripA),
            'rated' => $amps($tree->circuitA),
        ];

        return new TopicAnswer(
            [
                Figure::number(
                    'circuitA',
                    $amps($circuits[$circuit]),
                    Sentence::of(Phrase::CircuitTheFullestWithAll, [
                        ...$parts,
                        'circuit' => (string) $circuit,
                    ]),
                    $facts->basis(),
                ),
                Figure::number(
                    'startA',
                    $amps($starts[$start]),
                    Sentence::of(Phrase::CircuitForAMoment, [
                        ...$parts,
                        'circuit' => (string) $start,
                    ]),
                    $facts->basis(),
                ),
                Figure::number(
                    'stripA',
                    $amps($strips[$strip]),
                    Sentence::of(Phrase::StripIsAllowedAllDay, [...$parts, 'strip' => (string) $strip]),
                    $facts->basis(),
                ),
            ],
            [
                ...self::loads($facts, $tree, $parts),
                ...self::together($facts, $tree),
                ...self::wet($facts, $tree),
                ...self::outlets($facts, $tree),
                ...self::against($facts, $tree),
            ],
            $tree,
        );
    }

    /**
     * Null while nothing is listed.
     *
     * @throws OutOfRange
     */
    public static function tree(Facts $facts): ?PowerTree
    {
        $rows = $facts->brief->rows('loads');

        return $rows === []
            ? null
            : PowerTree::of(
                array_map(self::load(...), $rows),
                $facts->number(F::MainsV),
                $facts->number(F::CircuitA),
                $facts->number(F::StripA),
            );
    }

    private static function load(TableRow $row): Load
    {
        $kind = LoadKind::from($row->word('kind'));
        $watts = $row->number('watts');

        return new Load(
            name: $row->called('device'),
            kind: $kind,
            watts: $watts,
            startW: max($watts, $row->numberOr('startW') ?? $watts * $kind->startTimes()),
            circuit: (int) $row->number('circuit'),
            strip: (int) ($row->numberOr('strip') ?? $row->number('circuit')),
            isDry: $row->flag('dry'),
            onOutage: $row->wordOr('outage') ??
                ($kind->isEssential() ? 'essential' : ($kind === LoadKind::TopOff ? 'must-stop' : 'deferrable')),
            row: $row->row,
        );
    }

    /**
     * @param  array<string, Quantity>  $parts
     * @return list<Finding>
     */
    private static function loads(Facts $facts, PowerTree $tree, array $parts): array
    {
        $found = [];
        $fix = fn (Phrase $what, Phrase $why, Phrase $remedy, int $number, float $amps): Finding => Finding::of(
            severity: Severity::Fix,
            rule: 'B-61',
            about: 'power',
            what: Sentence::of($what, [...$parts, 'number' => (string) $number, 'a' => Quantity::of($amps, Kind::Current)]),
            why: Sentence::of($why, $parts),
            remedy: Sentence::of($remedy),
            basis: $facts->basis(),
            working: 'circuitA',
        );
        foreach ($tree->circuitAmps() as $number => $amps) {
            if ($amps > PowerTree::ALL_DAY * $tree->circuitA) {
                $found[] = $fix(
                    Phrase::CircuitCarriesMoreThan,
                    Phrase::ACircuitOfCarries0,
                    Phrase::MoveADeviceToAnotherCircuit,
                    $number,
                    $amps,
                );
            }
        }
        foreach ($tree->stripAmps() as $number => $amps) {
            if ($amps > PowerTree::ALL_DAY * $tree->stripA) {
                $found[] = $fix(
                    Phrase::StripCarriesMoreThan,
                    Phrase::AStripLoadedToItsRating,
                    Phrase::ASecondStrip,
                    $number,
                    $amps,
                );
            }
        }
        foreach ($tree->startAmps() as $number => $amps) {
            if ($amps > $tree->circuitA) {
                $found[] = Finding::of(
                    severity: Severity::Watch,
                    rule: 'B-61',
                    about: 'power',
                    what: Sentence::of(Phrase::CircuitWhenEverythingStartsAtOnce, [
                        'number' => (string) $number,
                        'a' => Quantity::of($amps, Kind::Current),
                    ]),
                    why: Sentence::of(
                        Phrase::ItIsRated,
                        $parts,
                    ),
                    remedy: Sentence::of(Phrase::LetPumpsStartOneAfterAnother),
                    basis: $facts->basis(),
                    working: 'startA',
                );
            }
        }

        return $found === []
            ? [
                Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-61',
                    about: 'power',
                    what: Sentence::of(Phrase::EveryCircuitAndStripCarries),
                    why: Sentence::of(Phrase::AllDayAtMostACircuit, $parts),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'circuitA',
                ),
            ]
            : $found;
    }

    /**
     * Critical pairs: what must not go with one trip or one pulled plug (X-22).
     *
     * @return list<Finding>
     */
    private static function together(Facts $facts, PowerTree $tree): array
    {
        $found = [];
        $watch = fn (Phrase $what, int $number, Phrase $why, Phrase $remedy): Finding => Finding::of(
            Severity::Watch,
            'X-22',
            'power',
            Sentence::of($what, ['number' => (string) $number]),
            Sentence::of($why),
            Sentence::of($remedy),
            $facts->basis(),
        );
        foreach (
            [
                [
                    fn (Load $l): bool => $l->kind === LoadKind::Heater,
                    Phrase::AllHeatersOnStrip,
                    Phrase::AllHeatersOnCircuit,
                ],
                [
                    fn (Load $l): bool => $l->kind->moves(),
                    Phrase::AllMovementOnStrip,
                    Phrase::AllMovementOnCircuit,
                ],
            ] as [$these, $onStrip, $onCircuit]
        ) {
            $strip = $tree->commonStrip($these);
            $circuit = $tree->commonCircuit($these);
            if ($strip !== null) {
                $found[] = $watch(
                    $onStrip,
                    $strip,
                    Phrase::OneSwitchOneWetPlugTakes,
                    Phrase::OneOfThemOnAnotherStrip,
                );
            } elseif ($circuit !== null) {
                $found[] = $watch(
                    $onCircuit,
                    $circuit,
                    Phrase::OneTripTakesAll,
                    Phrase::OneOfThemOnAnotherCircuit,
                );
            }
        }
        $vital = $tree->commonCircuit(fn (Load $l): bool => $l->kind === LoadKind::Heater || $l->kind->moves());
        if ($vital !== null) {
            $found[] = Finding::of(
                Severity::Watch,
                'B-61',
                'power',
                Sentence::of(Phrase::HeatingAndMovementBothHang, ['number' => (string) $vital]),
                Sentence::of(Phrase::OneTripTakesBothTogether),
                Sentence::of(Phrase::HeatersAndPumpsOnDifferentCircuits),
                $facts->basis(),
            );
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function wet(Facts $facts, PowerTree $tree): array
    {
        $wet = array_map(
            fn (Load $l): string => $l->name,
            array_values(array_filter($tree->loads(), fn (Load $l): bool => ! $l->isDry)),
        );

        return $wet === []
            ? []
            : [
                Finding::of(
                    Severity::Fix,
                    'B-61',
                    'power',
                    Sentence::of(Phrase::PlugsNotSaidToStayDry, ['names' => implode(', ', $wet)]),
                    Sentence::of(Phrase::WaterRunsAlongALead),
                    Sentence::of(
                        Phrase::EachPlugAboveTheHighestWater,
                    ),
                    $facts->basis(),
                ),
            ];
    }

    /**
     * Each device its own outlet: what is switched apart needs one apart.
     *
     * @return list<Finding>
     */
    private static function outlets(Facts $facts, PowerTree $tree): array
    {
        if (! $facts->brief->has(F::OutletsFree)) {
            return [];
        }
        $parts = [
            'needs' => Quantity::of(count($tree->loads()), Kind::Count),
            'has' => Quantity::of($facts->number(F::OutletsFree), Kind::Count),
        ];

        return [
            $parts['needs']->value > $parts['has']->value
                ? Finding::of(
                    Severity::Fix,
                    'B-61',
                    'power',
                    Sentence::of(Phrase::PlugsSwitchedOutlets, $parts),
                    Sentence::of(Phrase::TwoDevicesOnOneSwitchGo),
                    Sentence::of(Phrase::MoreOutletsOrSayWhichMay),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'B-61',
                    'power',
                    Sentence::of(Phrase::OutletsForPlugs, $parts),
                    Sentence::of(Phrase::EachIsSwitchedByItself),
                    null,
                    $facts->basis(),
                ),
        ];
    }

    /**
     * Pumps and lights plug by plug against what is written for all of them (X-1).
     *
     * @return list<Finding>
     */
    private static function against(Facts $facts, PowerTree $tree): array
    {
        $found = [];
        foreach (
            [
                [
                    F::PumpsW,
                    fn (Load $l): bool => $l->kind->moves(),
                    Phrase::ThePumpsTakePlugByPlug,
                ],
                [
                    F::LightsW,
                    fn (Load $l): bool => $l->kind === LoadKind::Light,
                    Phrase::TheLightsTakePlugByPlug,
                ],
            ] as [$field, $these, $what]
        ) {
            $sum = array_sum(array_map(fn (Load $l): float => $l->watts, array_filter($tree->loads(), $these)));
            $written = $facts->brief->has($field) ? $facts->number($field) : null;
            if ($written !== null && $sum > 0 && abs($sum - $written) > self::AGREE * max($sum, $written)) {
                $found[] = Finding::of(
                    Severity::Watch,
                    'X-1',
                    'power',
                    Sentence::of($what, [
                        'sum' => Quantity::of($sum, Kind::Power),
                        'written' => Quantity::of($written, Kind::Power),
                    ]),
                    Sentence::of(Phrase::HeatAndTheYearsPowerCount),
                    Sentence::of(Phrase::PutRightWhicheverIsWrong),
                    $facts->basis(),
                );
            }
        }

        return $found;
    }
}
