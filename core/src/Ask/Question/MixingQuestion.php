<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\Mixing;

final class MixingQuestion implements Question
{
    public function line(): string
    {
        return 'Salt, batches and hours for a quantity of salt water (W-34, W-51 … W-54)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('litres', 'L', 0),
            Field::number('mixGramsPerL', 'g/L', 0),
            Field::number('roRatedLd', 'L a day at 25 °C', above: 0),
            Field::number('roWaterC', 'feed, °C', 0, 45),
            Field::number('vesselL', 'L', above: 0),
            Field::number('mixHours', 'h', 0),
            Field::number('heatW', 'W', 0),
            Field::number('startC', '°C'),
            Field::number('targetC', '°C'),
            Field::number('efficiency', 'share of the heat that stays', most: 1, above: 0, default: 0.9),
        );
    }

    public function output(): array
    {
        return [
            Field::number('saltKg', 'kg'),
            Field::number('roHours', 'h'),
            Field::number('batches', 'how many')->integer(),
            Field::number('heatHours', 'h'),
            Field::number('totalHours', 'h'),
        ];
    }

    public function answer(Given $given): array
    {
        $mixing = Mixing::of(
            litres: $given->number('litres'),
            mixGramsPerL: $given->number('mixGramsPerL'),
            roRatedLd: $given->number('roRatedLd'),
            roWaterC: $given->number('roWaterC'),
            vesselL: $given->number('vesselL'),
            mixHours: $given->number('mixHours'),
            heatW: $given->number('heatW'),
            startC: $given->number('startC'),
            targetC: $given->number('targetC'),
            efficiency: $given->number('efficiency'),
        );

        return [
            'saltKg' => $mixing->saltKg,
            'roHours' => $mixing->roHours,
            'batches' => $mixing->batches,
            'heatHours' => $mixing->heatHours,
            'totalHours' => $mixing->totalHours,
        ];
    }
}
