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
use Velbrin\Core\Water\MeasuredVolume;

/** The system's litres by a known mass of salt (W-6). */
final class VolumeBySalt implements Sum
{
    public function title(): string
    {
        return 'Volume by salt';
    }

    public function why(): string
    {
        return 'Dissolve a weighed portion outside, pour it in slowly, let it mix through, read again with the same instrument. '.
            'Stay under the daily move of 1 g/kg.';
    }

    public function fields(System $system): array
    {
        return [
            SumField::number('saltKg', 'Salt added', Kind::Mass, 0.001, 1000),
            SumField::number(
                'before',
                'Salinity before',
                Kind::Salinity,
                0,
                50,
                Known::reading($system, Parameter::Salinity),
            ),
            SumField::number('after', 'Salinity after', Kind::Salinity, 0, 50),
            SumField::number(
                'mixGramsPerL',
                'Mix, grams a litre at 35 g/kg',
                Kind::Factor,
                20,
                60,
                Known::fact($system, PlanField::MixGramsPerL),
            ),
            SumField::number('resolution', 'The instrument tells apart', Kind::SalinityChange, 0.01, 2, 0.1),
        ];
    }

    public function answer(array $given): array
    {
        $it = MeasuredVolume::bySalt(
            (float) $given['saltKg'],
            (float) $given['before'],
            (float) $given['after'],
            (float) $given['mixGramsPerL'],
            (float) $given['resolution'],
        );

        return [
            new SumLine(
                'measuredL',
                'Water in the system',
                Quantity::of($it->litres, Kind::Volume),
                Sentence::of(Phrase::PlusMinusForWhatTheInstrumentCannot, [
                    'off' => Quantity::of($it->uncertainL ?? 0.0, Kind::Volume),
                ]),
                $it->working,
            ),
        ];
    }
}
