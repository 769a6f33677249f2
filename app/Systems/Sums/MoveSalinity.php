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
use Velbrin\Core\Water\SalinityCorrection;

/** Raise or lower the salinity by exchange, in steps the animals bear (W-20). */
final class MoveSalinity implements Sum
{
    public function title(): string
    {
        return 'Move the salinity';
    }

    public function why(): string
    {
        return 'By exchange: RO water to lower it, stronger salt water to raise it. Never dry salt into the system.';
    }

    public function fields(System $system): array
    {
        return [
            SumField::number('systemL', 'Water in the system', Kind::Volume, 1, 1e6, $system->volumeL()),
            SumField::number(
                'now',
                'Salinity now',
                Kind::Salinity,
                0,
                60,
                Known::reading($system, Parameter::Salinity),
            ),
            SumField::number('target', 'Wanted', Kind::Salinity, 0, 60, Known::fact($system, PlanField::Salinity)),
            SumField::number(
                'otherSalinity',
                'Of the water you swap in',
                Kind::Salinity,
                0,
                60,
                0.0,
                '0 for RO water.',
            ),
            SumField::number('perDay', 'Largest move in a day', Kind::SalinityChange, 0.1, 10, 1.0, 'With animals.'),
            SumField::number(
                'mixGramsPerL',
                'Mix, grams a litre at 35 g/kg',
                Kind::Factor,
                20,
                60,
                Known::fact($system, PlanField::MixGramsPerL),
            ),
        ];
    }

    public function answer(array $given): array
    {
        $it = SalinityCorrection::of(
            (float) $given['systemL'],
            (float) $given['now'],
            (float) $given['target'],
            (float) $given['otherSalinity'],
            (float) $given['perDay'],
            (float) $given['mixGramsPerL'],
        );
        $days = Quantity::of($it->days, Kind::Days);

        return [
            $it->exchangeL === null
                ? new SumLine(
                    'exchange',
                    'Swap',
                    null,
                    Sentence::of(Phrase::ThatWaterCanNeverBring),
                    null,
                    'not with this water',
                )
                : new SumLine(
                    'exchange',
                    'Swap altogether',
                    Quantity::of($it->exchangeL, Kind::Volume),
                    Sentence::of(Phrase::AsOneBatch),
                    $it->working,
                ),
            new SumLine('days', 'Spread over', $days, Sentence::of(Phrase::MeasureAfterEachStep)),
            new SumLine(
                'salt',
                'Or salt, without swapping',
                Quantity::of($it->saltKg, Kind::Mass),
                Sentence::of(Phrase::DissolvedOutsideTheSystem),
            ),
        ];
    }
}
