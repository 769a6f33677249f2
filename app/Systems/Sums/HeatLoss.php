<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use App\Systems\Phrase;
use App\Systems\System;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Heat\MeasuredLoss;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** The heat loss as it is, from a steady day (B-76). */
final class HeatLoss implements Sum
{
    public function title(): string
    {
        return 'Heat loss';
    }

    public function why(): string
    {
        return 'From a day or more in which water and room stood steady. Write it under “What was measured” on the section '.
            'page: it then counts instead of the model, and what rests on it is re-opened.';
    }

    public function fields(System $system): array
    {
        return [
            SumField::number('hours', 'Steady for', Kind::Hours, 1, 1000, 24),
            SumField::number('heaterW', 'Heaters, together', Kind::Power, 0, 20000),
            SumField::number('dutyPct', 'On, of the time', Kind::Percent, 0, 100),
            SumField::number(
                'otherW',
                'Other heat in the water',
                Kind::Power,
                0,
                5000,
                Known::fact($system, PlanField::PumpsW),
                'Pumps whole, lights by their share.',
            ),
            SumField::number('evaporationLd', 'Topped up a day', Kind::DailyVolume, 0, 500),
            SumField::number(
                'tempC',
                'Water',
                Kind::Temperature,
                10,
                35,
                Known::reading($system, Parameter::Temperature),
            ),
            SumField::number('roomC', 'Room', Kind::Temperature, -10, 40),
        ];
    }

    public function answer(array $given): array
    {
        $it = MeasuredLoss::of(
            (float) $given['hours'],
            (float) $given['heaterW'],
            (float) $given['dutyPct'],
            (float) $given['otherW'],
            (float) $given['evaporationLd'],
            (float) $given['tempC'],
            (float) $given['roomC'],
        );

        return [
            new SumLine(
                'uaWK',
                'It loses',
                Quantity::of($it->uaWK, Kind::Conductance),
                Sentence::of(Phrase::PlusMinusForWhatTwoThermometersCannot, [
                    'off' => Quantity::of($it->uncertainWK, Kind::Conductance),
                ]),
                $it->working,
            ),
        ];
    }
}
