<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
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
                    Sentence::of("circuit {$circuit}, the fullest, with all on; {may} is allowed all day", $parts),
                    $facts->basis(),
                ),
                Figure::number(
                    'startA',
                    $amps($starts[$start]),
                    Sentence::of("circuit {$start}, for a moment when the power comes back; rated at {rated}", $parts),
                    $facts->basis(),
                ),
                Figure::number(
                    'stripA',
                    $amps($strips[$strip]),
                    Sentence::of("strip {$strip}; {stripMay} is allowed all day", $parts),
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
        $fix = fn (string $what, string $why, string $remedy, float $amps): Finding => Finding::of(
            severity: Severity::Fix,
            rule: 'B-61',
            about: 'power',
            what: Sentence::of($what, [...$parts, 'a' => Quantity::of($amps, Kind::Current)]),
            why: Sentence::of($why, $parts),
            remedy: Sentence::of($remedy),
            basis: $facts->basis(),
            working: 'circuitA',
        );
        foreach ($tree->circuitAmps() as $number => $amps) {
            if ($amps > PowerTree::ALL_DAY * $tree->circuitA) {
                $found[] = $fix(
                    "Circuit {$number} carries {a}, more than {may}",
                    'A circuit of {rated} carries 0.8 of that all day.',
                    'Move a device to another circuit; a licensed electrician says which.',
                    $amps,
                );
            }
        }
        foreach ($tree->stripAmps() as $number => $amps) {
            if ($amps > PowerTree::ALL_DAY * $tree->stripA) {
                $found[] = $fix(
                    "Strip {$number} carries {a}, more than {stripMay}",
                    'A strip loaded to its rating all day warms its contacts; salt air does the rest.',
                    'A second strip, on another outlet.',
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
                    what: Sentence::of("Circuit {$number}: {a} when everything starts at once", [
                        'a' => Quantity::of($amps, Kind::Current),
                    ]),
                    why: Sentence::of(
                        'It is rated at {rated}: after a power cut it may trip again, with nobody there.',
                        $parts,
                    ),
                    remedy: Sentence::of('Let pumps start one after another.'),
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
                    what: Sentence::of('Every circuit and strip carries its load'),
                    why: Sentence::of('All day at most {may} a circuit and {stripMay} a strip.', $parts),
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
        $watch = fn (string $what, string $why, string $remedy): Finding => Finding::of(
            Severity::Watch,
            'X-22',
            'power',
            Sentence::of($what),
            Sentence::of($why),
            Sentence::of($remedy),
            $facts->basis(),
        );
        foreach (
            [
                'heaters' => fn (Load $l): bool => $l->kind === LoadKind::Heater,
                'movement' => fn (Load $l): bool => $l->kind->moves(),
            ] as $what => $these
        ) {
            $strip = $tree->commonStrip($these);
            $circuit = $tree->commonCircuit($these);
            if ($strip !== null) {
                $found[] = $watch(
                    "All {$what} on strip {$strip}",
                    'One switch, one wet plug takes all of it: the second one is no spare.',
                    'One of them on another strip, on another circuit.',
                );
            } elseif ($circuit !== null) {
                $found[] = $watch(
                    "All {$what} on circuit {$circuit}",
                    'One trip takes all of it: the second one is no spare.',
                    'One of them on another circuit.',
                );
            }
        }
        $vital = $tree->commonCircuit(fn (Load $l): bool => $l->kind === LoadKind::Heater || $l->kind->moves());
        if ($vital !== null) {
            $found[] = Finding::of(
                Severity::Watch,
                'B-61',
                'power',
                Sentence::of("Heating and movement both hang on circuit {$vital}"),
                Sentence::of('One trip takes both together.'),
                Sentence::of('Heaters and pumps on different circuits, or a battery for one stream pump.'),
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
                    Sentence::of('Plugs not said to stay dry: {names}', ['names' => implode(', ', $wet)]),
                    Sentence::of('Water runs along a lead into the outlet; salt creeps between the pins.'),
                    Sentence::of(
                        'Each plug above the highest water and outside splash, each lead with a drip loop; then tick it. Unplug '.
                        'before hands go into the water.',
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
                    Sentence::of('{needs} plugs, {has} switched outlets', $parts),
                    Sentence::of('Two devices on one switch go off together, wanted or not.'),
                    Sentence::of('More outlets, or say which may be switched together.'),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'B-61',
                    'power',
                    Sentence::of('{has} outlets for {needs} plugs', $parts),
                    Sentence::of('Each is switched by itself.'),
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
        $sums = [
            'pumps' => [F::PumpsW, fn (Load $l): bool => $l->kind->moves()],
            'lights' => [F::LightsW, fn (Load $l): bool => $l->kind === LoadKind::Light],
        ];
        foreach ($sums as $what => [$field, $these]) {
            $sum = array_sum(array_map(fn (Load $l): float => $l->watts, array_filter($tree->loads(), $these)));
            $written = $facts->brief->has($field) ? $facts->number($field) : null;
            if ($written !== null && $sum > 0 && abs($sum - $written) > self::AGREE * max($sum, $written)) {
                $found[] = Finding::of(
                    Severity::Watch,
                    'X-1',
                    'power',
                    Sentence::of("The {$what} take {sum} plug by plug, {written} are written for all", [
                        'sum' => Quantity::of($sum, Kind::Power),
                        'written' => Quantity::of($written, Kind::Power),
                    ]),
                    Sentence::of('Heat and the year’s power count with what is written.'),
                    Sentence::of('Put right whichever is wrong.'),
                    $facts->basis(),
                );
            }
        }

        return $found;
    }
}
