<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use App\Systems\Phrase;
use App\Systems\System;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Seawater\Conductivity;
use Velbrin\Core\Seawater\Hydrometer;
use Velbrin\Core\Seawater\Refractometer;
use Velbrin\Core\Seawater\Seawater;

/** An instrument's figure as salinity, whatever it was made for (W-22). */
final class ReadSalinity implements Sum
{
    public function title(): string
    {
        return 'Salinity from an instrument';
    }

    public function why(): string
    {
        return 'Each instrument shows its own thing. Say which, and the water’s temperature; the salinity stands beside it.';
    }

    public function fields(System $system): array
    {
        return [
            SumField::choice('instrument', 'Read with', [
                'hydrometer' => 'glass hydrometer, specific gravity',
                'refractometer-salt' => 'refractometer, scale for salt solution',
                'refractometer-sea' => 'refractometer, scale for sea water',
                'probe-raw' => 'probe, raw mS/cm',
                'probe-25' => 'probe, mS/cm shown at 25 °C',
            ]),
            SumField::number('reading', 'It shows', Kind::Custom, 0.9, 130, null, 'As it stands on the scale.'),
            SumField::number(
                'tempC',
                'Water',
                Kind::Temperature,
                0,
                40,
                Known::reading($system, Parameter::Temperature),
            ),
            SumField::number('referenceC', 'Hydrometer’s scale is for', Kind::Temperature, 0, 40, 25.0),
            SumField::number('alpha', 'Probe’s own correction, % a degree', Kind::Custom, 0, 5, 2.0),
            SumField::number(
                'fluidRead',
                'Calibration fluid reads',
                Kind::Custom,
                0,
                60,
                35.0,
                'Refractometer: what it showed for the fluid just now.',
            ),
            SumField::number('fluidTrue', 'and is', Kind::Custom, 0, 60, 35.0, 'On the same scale.'),
        ];
    }

    public function answer(array $given): array
    {
        $shows = (float) $given['reading'];
        $temp = (float) $given['tempC'];
        try {
            $salinity = match ($given['instrument']) {
                'hydrometer' => Hydrometer::salinity($shows, $temp, (float) $given['referenceC']),
                'refractometer-salt' => Refractometer::salinity(
                    $shows,
                    true,
                    (float) $given['fluidRead'],
                    (float) $given['fluidTrue'],
                ),
                'refractometer-sea' => Refractometer::salinity(
                    $shows,
                    false,
                    (float) $given['fluidRead'],
                    (float) $given['fluidTrue'],
                ),
                'probe-raw' => Conductivity::salinity($shows, $temp),
                default => Conductivity::salinity(
                    Conductivity::raw($shows, $temp, (float) $given['alpha'] / 100),
                    $temp,
                ),
            };
        } catch (OutOfRange $e) {
            throw in_array($e->field, ['conductivityMsCm', 'compensatedMsCm'], true) ? $e->as('reading') : $e;
        }

        return [
            new SumLine(
                'salinity',
                'Salinity',
                Quantity::of($salinity, Kind::Salinity)->finer(1),
                Sentence::of(Phrase::ProbeOlderThanAMonth),
            ),
            new SumLine(
                'gravity',
                'Specific gravity, 25/25',
                Quantity::of(Seawater::at($salinity, 25)->specificGravity25(), Kind::SpecificGravity),
            ),
            ...$salinity < 2
                ? []
                : [
                    new SumLine(
                        'conductivity',
                        'Conductivity at 25 °C, mS/cm',
                        Quantity::of(Conductivity::of($salinity, 25), Kind::Custom),
                    ),
                ],
        ];
    }
}
