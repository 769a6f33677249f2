<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use App\Systems\Phrase;
use App\Systems\System;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Water\TopUp;

/** Short of water and off its salinity: how much of which water brings both back (W-21). */
final class FillUp implements Sum
{
    public function title(): string
    {
        return 'Fill it up again';
    }

    public function why(): string
    {
        return 'After days without top-off, a spill, animals sold in their bags: salt water and RO water in the share that ends '.
            'at the wanted salinity.';
    }

    public function fields(System $system): array
    {
        return [
            SumField::number('systemL', 'Water in the system when full', Kind::Volume, 1, 1e6, $system->volumeL()),
            SumField::number(
                'shortL',
                'Missing now',
                Kind::Volume,
                0,
                1e6,
                null,
                'The return chamber’s fall times its area, and what was taken out.',
            ),
            SumField::number(
                'nowS',
                'Salinity now',
                Kind::Salinity,
                0,
                50,
                Known::reading($system, Parameter::Salinity),
            ),
            SumField::number('wantedS', 'Wanted', Kind::Salinity, 0, 50, Known::fact($system, PlanField::Salinity)),
            SumField::number('mixSalinity', 'Of the salt water', Kind::Salinity, 1, 60, 35.0),
        ];
    }

    public function answer(array $given): array
    {
        $full = (float) $given['systemL'];
        $short = (float) $given['shortL'];
        $now = (float) $given['nowS'];
        $wanted = (float) $given['wantedS'];
        $mix = (float) $given['mixSalinity'];
        $it = TopUp::of($full, $wanted, $now, $short, $mix);
        $salt = Quantity::of($it->saltWaterL, Kind::Volume);
        $working = Working::of(
            'Salt water',
            '(w*V - n*(V - s))/m',
            [
                ['w', 'Wanted', $wanted, Kind::Salinity],
                ['V', 'Water when full', $full, Kind::Volume],
                ['n', 'Salinity now', $now, Kind::Salinity],
                ['s', 'Missing', $short, Kind::Volume],
                ['m', 'Of the salt water', $mix, Kind::Salinity],
            ],
            $salt,
            'W-21',
        );

        return [
            new SumLine('saltWaterL', 'Salt water', $salt, Sentence::of(Phrase::OfTheTanksTemperature), $working),
            new SumLine(
                'roL',
                'RO water',
                Quantity::of($it->roL, Kind::Volume),
                Sentence::of(Phrase::FirstSlowlyWhereTheWaterMoves),
            ),
        ];
    }
}
