<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
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
            Field::number('volts', 'V', 90, 260, default: 230), Field::number('circuitA', 'rating of one circuit, A', 1, 63, default: 16), Field::number('stripA', 'rating of one strip, A', 1, 63, default: 10),
            Field::rows('loads', 'one a plug', Input::of(
                Field::choice('kind', 'decides its start and whether it is kept without mains', array_column(LoadKind::cases(), 'value')),
                Field::number('watts', 'all day, W', 0, 6000), Field::number('circuit', 'its number', 1, 20), Field::number('strip', 'its number', 1, 40),
            )),
        );
    }

    public function output(): array
    {
        return [
            Field::map('circuitA', 'all day, A, by circuit'), Field::map('startA', 'for a moment when everything starts at once, A, by circuit'), Field::map('stripA', 'all day, A, by strip'),
            Field::numbers('overloaded', 'circuits over 0.8 of their rating'), Field::numbers('overloadedStrips', 'strips over 0.8 of theirs'), Field::number('generatorW', 'what is kept and its largest start, over 0.8'), Field::text('confirm', 'what stands beside it'),
        ];
    }

    public function answer(Given $given): array
    {
        $rows = $given->rows('loads');
        $tree = PowerTree::of(array_map(self::load(...), $rows, array_keys($rows)), $given->number('volts'), $given->number('circuitA'), $given->number('stripA'));
        $over = fn (array $amps, float $rated): array => array_keys(array_filter($amps, fn (mixed $a): bool => $a > PowerTree::ALL_DAY * $rated));

        return [
            'circuitA' => (object) $tree->circuitAmps(), 'startA' => (object) $tree->startAmps(), 'stripA' => (object) $tree->stripAmps(), 'overloaded' => $over($tree->circuitAmps(), $tree->circuitA), 'overloadedStrips' => $over($tree->stripAmps(), $tree->stripA),
            'generatorW' => $tree->generatorW(), 'confirm' => 'A licensed electrician installs and confirms; a generator runs outdoors only.',
        ];
    }

    private static function load(Given $plug, int $row): Load
    {
        $kind = LoadKind::from($plug->text('kind'));

        return new Load($kind->label(), $kind, $plug->number('watts'), $plug->number('watts') * $kind->startTimes(), (int) $plug->number('circuit'), (int) $plug->number('strip'), true, $kind->isEssential() ? 'essential' : 'deferrable', $row);
    }
}
