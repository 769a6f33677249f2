<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Power\Load;
use Velbrin\Core\Power\LoadKind;
use Velbrin\Core\Power\PowerTree;

final class CircuitLoadQuestion implements Question
{
    public function line(): string
    {
        return 'What each circuit and strip carries all day and at the start, and what a generator would need (B-61, R-45)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volts', 'V', 90, 260, default: 230),
            Field::number('circuitA', 'rating of one circuit, A', 1, 63, default: 16),
            Field::number('stripA', 'rating of one strip, A', 1, 63, default: 10),
            Field::rows(
                'loads',
                'one a plug',
                Input::of(
                    Field::choice(
                        'kind',
                        'decides its start and whether it is kept without mains',
                        array_column(LoadKind::cases(), 'value'),
                    ),
                    Field::number('watts', 'all day, W', 0, 6000),
                    Field::number('circuit', 'its number', 1, 20),
                    Field::number('strip', 'its number', 1, 40),
                ),
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::map('circuitA', 'all day, A, by circuit'),
            Field::map('startA', 'for a moment when everything starts at once, A, by circuit'),
            Field::map('stripA', 'all day, A, by strip'),
            Field::numbers('overloaded', 'circuits over 0.8 of their rating'),
            Field::numbers('overloadedStrips', 'strips over 0.8 of theirs'),
            Field::number('generatorW', 'what is kept and its largest start, over 0.8'),
            Field::text('confirm', 'what stands beside it'),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $rows = $given->rows('loads');
        $tree = PowerTree::of(
            array_map(self::load(...), $rows, array_keys($rows)),
            $given->number('volts'),
            $given->number('circuitA'),
            $given->number('stripA'),
        );
        $over = fn (array $amps, float $rated): array => array_keys(
            array_filter($amps, fn (mixed $a): bool => $a > PowerTree::ALL_DAY * $rated),
        );

        return [
            'circuitA' => (object) $tree->circuitAmps(),
            'startA' => (object) $tree->startAmps(),
            'stripA' => (object) $tree->stripAmps(),
            'overloaded' => $over($tree->circuitAmps(), $tree->circuitA),
            'overloadedStrips' => $over($tree->stripAmps(), $tree->stripA),
            'generatorW' => $tree->generatorW(),
            'confirm' => 'A licensed electrician installs and confirms; a generator runs outdoors only.',
            ...PlainFinding::judged([self::finding($tree)]),
        ];
    }

    private static function finding(PowerTree $tree): Finding
    {
        $circuit = max([0.0, ...$tree->circuitAmps()]);
        $strip = max([0.0, ...$tree->stripAmps()]);
        $isOver = $circuit > PowerTree::ALL_DAY * $tree->circuitA || $strip > PowerTree::ALL_DAY * $tree->stripA;
        $parts = array_map(fn (float $amps): Quantity => Quantity::of($amps, Kind::Current), [
            'circuit' => $circuit,
            'strip' => $strip,
            'may' => PowerTree::ALL_DAY * $tree->circuitA,
            'stripMay' => PowerTree::ALL_DAY * $tree->stripA,
        ]);

        return Finding::of(
            $isOver ? Severity::Fix : Severity::Fine,
            'B-61',
            'power',
            Sentence::of(
                Phrase::TheFullestCircuitCarries,
                $parts,
            ),
            Sentence::of(Phrase::ACircuitOrStripCarries0),
            $isOver
                ? Sentence::of(Phrase::MoveDevicesToAnotherCircuit)
                : null,
            Basis::Assumed,
        );
    }

    private static function load(Given $plug, int $row): Load
    {
        $kind = LoadKind::from($plug->text('kind'));

        return new Load(
            name: $kind->label(),
            kind: $kind,
            watts: $plug->number('watts'),
            startW: $plug->number('watts') * $kind->startTimes(),
            circuit: (int) $plug->number('circuit'),
            strip: (int) $plug->number('strip'),
            isDry: true,
            onOutage: $kind->isEssential() ? 'essential' : 'deferrable',
            row: $row,
        );
    }
}
