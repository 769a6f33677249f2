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

/** The heat loss as it is, from water that cools with its heaters off (B-76). */
final class CoolingCurve implements Sum
{
    public function title(): string
    {
        return 'Heat loss, by cooling';
    }

    public function why(): string
    {
        return 'Heaters off for some hours while somebody stays with the animals; never below what they bear. Write it under '.
            '“What was measured” on the section page: it then counts instead of the model, and what rests on it is re-opened.';
    }

    public function fields(System $system): array
    {
        return [
            SumField::number('volumeL', 'Water', Kind::Volume, 5, 100000, $system->volumeL()),
            SumField::number('hours', 'Between the readings', Kind::Hours, 2, 200),
            SumField::number(
                'fromC',
                'Water at first',
                Kind::Temperature,
                10,
                35,
                Known::reading($system, Parameter::Temperature),
            ),
            SumField::number('toC', 'Water at last', Kind::Temperature, 10, 35),
            SumField::number('roomC', 'Room', Kind::Temperature, -10, 40),
            SumField::number(
                'otherW',
                'Other heat in the water',
                Kind::Power,
                0,
                5000,
                Known::fact($system, PlanField::PumpsW),
                'Pumps whole, lights by their share.',
            ),
            SumField::number('evaporationLd', 'Topped up a day', Kind::DailyVolume, 0, 500, 0.0),
        ];
    }

    public function answer(array $given): array
    {
        $it = MeasuredLoss::fromCooling(
            (float) $given['volumeL'],
            (float) $given['hours'],
            (float) $given['fromC'],
            (float) $given['toC'],
            (float) $given['roomC'],
            (float) $given['otherW'],
            (float) $given['evaporationLd'],
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
