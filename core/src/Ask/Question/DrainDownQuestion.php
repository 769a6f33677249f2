<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Hydraulics\DrainDown;

final class DrainDownQuestion implements Question
{
    public function line(): string
    {
        return 'What comes down when the return stops, and whether the sump takes it (B-32)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('displayAreaM2', 'inside area, m²', above: 0),
            Field::number('weirHeadMm', 'water over the weir, mm', 0),
            Field::number(
                'outletDepthMm',
                'deepest open outlet or siphon break below the weir edge, mm; 0 if above',
                0,
            ),
            Field::number('pipesL', 'L', 0),
            Field::number('sumpAreaM2', 'm²', above: 0),
            Field::number('sumpRimMm', 'above the inside floor, mm', above: 0),
            Field::number('sumpLevelMm', 'running level, below the rim, mm', 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('downL', 'L'),
            Field::number('spareL', 'L'),
            Field::number('marginPct', '(spare − down)/spare, %'),
            Field::number('overflowL', 'L on the floor'),
            Field::number('highestLevelMm', 'highest running level with 15 % margin, mm'),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $down = DrainDown::of(
            $given->number('displayAreaM2'),
            $given->number('weirHeadMm'),
            $given->number('outletDepthMm'),
            $given->number('pipesL'),
            $given->number('sumpAreaM2'),
            $given->number('sumpRimMm'),
            $given->number('sumpLevelMm'),
        );

        return [
            'downL' => $down->downL,
            'spareL' => $down->spareL,
            'marginPct' => $down->marginPct,
            'overflowL' => $down->overflowL,
            'highestLevelMm' => $down->highestLevelMm,
            ...PlainFinding::judged([$down->finding()]),
        ];
    }
}
