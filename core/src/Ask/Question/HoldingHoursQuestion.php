<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

final class HoldingHoursQuestion implements Question
{
    public function line(): string
    {
        return 'How long a tank or a holding lasts without power, by air and by warmth, with or without a battery (E-1, E-9, R-22)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'L', above: 0),
            Field::number('uaWK', 'W/K', 0),
            Field::number('surfaceM2', 'open surface', above: 0),
            Field::boolean('lid', 'under a lid', false),
            Field::number('startC', '°C', 5, 35),
            Field::number('salinity', 'g/kg', 0, 42, default: 35),
            Field::number('roomC', '°C', -20, 45),
            Field::number('humidityPct', 'of the room', 0, 100, default: 50),
            Field::number('lowC', 'harm below', default: 18),
            Field::number('highC', 'harm above', default: 30),
            Field::number('fishKg', 'kg', 0),
            Field::boolean('smallFish', 'under 20 g each', false),
            Field::number('footprintM2', 'of sand and coral; 0: a bare box', 0, default: 0),
            Field::choice('community', 'what else breathes', ['few', 'mixed', 'dense'])->or('mixed'),
            Field::number('batteryH', 'hours a battery moves the surface', 0, default: 0),
            Field::boolean('batteryPump', 'it breaks the surface; else it bubbles', true),
        );
    }

    public function output(): array
    {
        return [
            Field::number('hours', 'until the first harm; null: never')->orNull(),
            Field::any('binds', 'oxygen, temperature, or null', ['type' => ['string', 'null']]),
            Field::number('oxygenH', 'to 4 mg/L; null: never')->orNull(),
            Field::number('lossH', 'to 2 mg/L; null: never')->orNull(),
            Field::number('temperatureH', 'to the limit it runs into; null: never')->orNull(),
        ];
    }

    public function answer(Given $given): array
    {
        $lid = $given->boolean('lid');
        $ua = $given->number('uaWK');
        $open = $given->number('surfaceM2') * ($lid ? Evaporation::CLOSED_SHARE : 1);
        $tank = new Tonight(
            heat: TankHeat::bare($given->number('volumeL'), $ua, $ua, $open, $given->number('humidityPct')),
            volumeL: $given->number('volumeL'),
            surfaceM2: $given->number('surfaceM2'),
            footprintM2: $given->number('footprintM2'),
            lid: $lid,
            setpointC: $given->number('startC'),
            salinity: $given->number('salinity'),
            heaters: [],
            backgroundW: 0.0,
            roomC: $given->number('roomC'),
            lowC: $given->number('lowC'),
            highC: $given->number('highC'),
            fishKg: $given->number('fishKg'),
            smallFish: $given->boolean('smallFish'),
            community: Community::from($given->text('community')),
            batteryH: $given->number('batteryH'),
            batteryPump: $given->boolean('batteryPump'),
        );
        $harms = TimeToHarm::of(Hazard::PowerCut, $tank);
        $by = array_column(array_map(fn (Harm $h): array => ['by' => $h->by, 'harm' => $h], $harms), 'harm', 'by');
        $first = $harms[0] ?? null;

        return [
            'hours' => $first?->hours,
            'binds' => $first?->hours === null ? null : $first->by,
            'oxygenH' => ($by['oxygen'] ?? null)?->hours,
            'lossH' => ($by['oxygen'] ?? null)?->lossHours,
            'temperatureH' => ($by['temperature'] ?? null)?->hours,
        ];
    }
}
