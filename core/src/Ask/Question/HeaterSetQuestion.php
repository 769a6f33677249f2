<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Heat\HeaterSet;
use Velbrin\Core\Heat\TankHeat;

final class HeaterSetQuestion implements Question
{
    public function line(): string
    {
        return 'Heaters that hold the coldest night and fail safely both ways (B-41)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'L', above: 0),
            Field::number('coldUaWK', 'walls, bottom and surface, cold case', 0),
            Field::number('hotUaWK', 'the same, cautious, hot case', 0),
            Field::number('evaporatingM2', 'open surface', 0, default: 0),
            Field::number('humidityPct', 'room', 0, 100, default: 50),
            Field::number('setpointC', '°C'),
            Field::number('winterC', 'coldest room', -10, 35),
            Field::number('summerC', 'hottest room', 5, 45),
            Field::number('backgroundW', 'heat of pumps and lights', 0, default: 0),
            Field::number('lowerHarmC', '°C', default: 18),
            Field::number('upperHarmC', '°C', default: 30),
        );
    }

    public function output(): array
    {
        return [
            Field::number('needW', 'at the set point, coldest room'),
            Field::any('chosen', 'count, wattsEach, reserve, stuckOnHours (null: never); null when no set passes', [
                'type' => ['object', 'null'],
            ]),
            Field::any('passes', 'every set that passes: count and wattsEach', ['type' => 'array']),
        ];
    }

    public function answer(Given $given): array
    {
        $heat = TankHeat::bare(
            $given->number('volumeL'),
            $given->number('coldUaWK'),
            $given->number('hotUaWK'),
            $given->number('evaporatingM2'),
            $given->number('humidityPct'),
        );
        $choice = HeaterChoice::of(
            $heat,
            $given->number('setpointC'),
            $given->number('winterC'),
            $given->number('summerC'),
            $given->number('backgroundW'),
            $given->number('lowerHarmC'),
            $given->number('upperHarmC'),
        );
        $set = $choice->chosen;

        return [
            'needW' => $choice->needW,
            'chosen' => $set === null
                    ? null
                    : [
                        'count' => $set->count,
                        'wattsEach' => $set->wattsEach,
                        'reserve' => $set->reserve,
                        'stuckOnHours' => $set->stuckOnHours,
                    ],
            'passes' => array_values(
                array_map(
                    fn (HeaterSet $s): array => ['count' => $s->count, 'wattsEach' => $s->wattsEach],
                    array_filter($choice->sets, fn (HeaterSet $s): bool => $s->passes()),
                ),
            ),
        ];
    }
}
