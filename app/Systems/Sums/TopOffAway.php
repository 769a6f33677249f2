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
use Velbrin\Core\Water\SalinityDrift;

/** What a top-off that stays off, or on, does to the salinity (W-21). */
final class TopOffAway implements Sum
{
    public function title(): string
    {
        return 'Top-off off, or stuck on';
    }

    public function why(): string
    {
        return 'How far the salinity goes, and how soon. Water lost as skimmate or spills is replaced with salt water, not RO.';
    }

    public function fields(System $system): array
    {
        return [
            SumField::number('systemL', 'Water in the system', Kind::Volume, 1, 1e6, $system->volumeL()),
            SumField::number(
                'salinity',
                'Salinity now',
                Kind::Salinity,
                1,
                60,
                Known::reading($system, Parameter::Salinity),
            ),
            SumField::number(
                'evaporationLd',
                'Evaporation',
                Kind::DailyVolume,
                0,
                1e4,
                Known::figure($system, 'evaporationLd'),
            ),
            SumField::number('days', 'Days off', Kind::Days, 0, 365, 3.0),
            SumField::number('limit', 'Salinity it must not pass', Kind::Salinity, 1, 60, 39.0),
            SumField::number(
                'addedL',
                'Stuck on: fresh water it can add',
                Kind::Volume,
                0,
                1e5,
                Known::fact($system, PlanField::ReservoirL),
                'The reservoir; a mains-fed one never ends.',
            ),
            SumField::number(
                'spareL',
                'Room in the sump before it spills',
                Kind::Volume,
                0,
                1e5,
                Known::figure($system, 'spareL'),
            ),
        ];
    }

    public function answer(array $given): array
    {
        $litres = (float) $given['systemL'];
        $salinity = (float) $given['salinity'];
        $days = SalinityDrift::daysToLimit(
            $litres,
            $salinity,
            (float) $given['evaporationLd'],
            (float) $given['limit'],
        );

        return [
            new SumLine(
                'off',
                'After those days off',
                Quantity::of(
                    SalinityDrift::withoutTopOff(
                        $litres,
                        $salinity,
                        (float) $given['evaporationLd'],
                        (float) $given['days'],
                    ),
                    Kind::Salinity,
                ),
            ),
            $days === null
                ? new SumLine('limit', 'Reaches the limit', null, Sentence::of(Phrase::NothingEvaporates), null, 'never')
                : new SumLine('limit', 'Reaches the limit in', Quantity::of($days, Kind::Days)),
            new SumLine(
                'on',
                'Stuck on, all of it in',
                Quantity::of(
                    SalinityDrift::topOffStuckOn(
                        $litres,
                        $salinity,
                        (float) $given['addedL'],
                        (float) $given['spareL'],
                    ),
                    Kind::Salinity,
                ),
                Sentence::of(Phrase::Below28GKgAnimals),
            ),
        ];
    }
}
