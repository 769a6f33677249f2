<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Moves\ContainerHours;

final class ContainerHoursQuestion implements Question
{
    public function line(): string
    {
        return 'How long animals may stay in a box: oxygen, ammonia or temperature binds (M-5, M-15, M-22 … M-24)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('litres', 'L', above: 0),
            Field::number('demandMgH', 'oxygen all of them breathe, mg/h', above: 0),
            Field::number('oxygenStartMgL', 'mg/L', 0),
            Field::number('oxygenMinMgL', 'mg/L', 0, default: 4),
            Field::number('airHours', 'for which the air given suffices', 0, default: 0),
            Field::number('totalStartMgL', 'total ammonia at the start as N, mg/L', 0, default: 0),
            Field::number('ph', 'the higher of box and receiving water, probe', 4, 12),
            Field::number('tempC', '°C, for the ammonia', 0, 45),
            Field::number('salinity', 'g/kg', 0, 50),
            Field::number('freeLimitMgL', 'free ammonia as N, mg/L', above: 0, default: 0.05),
            Field::number('uaWK', 'of the box with its lid, W/K', 0),
            Field::number('startC', '°C'),
            Field::number('airC', 'round it, °C'),
            Field::number('lowerC', 'coldest its animals bear, °C'),
            Field::number('upperC', 'warmest; null: not watched')->orNull()->optional(),
        );
    }

    public function output(): array
    {
        return [
            Field::number('oxygenH', 'after the air ends'),
            Field::number('ammoniaH', 'hours'),
            Field::number('temperatureH', '0 when passed, null when never')->orNull(),
            Field::number('hours', 'until the first of them binds'),
            Field::choice('binds', 'which', ['oxygen', 'ammonia', 'temperature']),
        ];
    }

    public function answer(Given $given): array
    {
        $box = ContainerHours::of(
            litres: $given->number('litres'),
            demandMgH: $given->number('demandMgH'),
            oxygenStartMgL: $given->number('oxygenStartMgL'),
            oxygenMinMgL: $given->number('oxygenMinMgL'),
            airHours: $given->number('airHours'),
            totalStartMgL: $given->number('totalStartMgL'),
            ph: $given->number('ph'),
            tempC: $given->number('tempC'),
            salinity: $given->number('salinity'),
            freeLimitMgL: $given->number('freeLimitMgL'),
            uaWK: $given->number('uaWK'),
            startC: $given->number('startC'),
            airC: $given->number('airC'),
            lowerC: $given->number('lowerC'),
            upperC: $given->numberOrNull('upperC'),
        );

        return [
            'oxygenH' => $box->oxygenH,
            'ammoniaH' => $box->ammoniaH,
            'temperatureH' => $box->temperatureH,
            'hours' => $box->hours,
            'binds' => $box->binds,
        ];
    }
}
