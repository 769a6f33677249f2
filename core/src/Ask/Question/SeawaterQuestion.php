<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Seawater\Seawater;

final class SeawaterQuestion implements Question
{
    public function line(): string
    {
        return 'Density, specific gravity and oxygen saturation of sea water (W-10, W-12)';
    }

    public function input(): Input
    {
        return Input::of(Field::number('salinity', 'g/kg', 0, 42), Field::number('tempC', '°C', 0, 40));
    }

    public function output(): array
    {
        return [
            Field::number('densityKgM3', 'kg/m³, EOS-80'),
            Field::number('specificGravity25', 'ρ(S, 25 °C)/ρ(0, 25 °C)'),
            Field::number('oxygenSatUmolKg', 'µmol/kg'),
            Field::number('oxygenSatMgL', 'mg/L'),
        ];
    }

    public function answer(Given $given): array
    {
        $water = Seawater::at($given->number('salinity'), $given->number('tempC'));

        return [
            'densityKgM3' => $water->densityKgM3(),
            'specificGravity25' => $water->specificGravity25(),
            'oxygenSatUmolKg' => $water->oxygenSatUmolKg(),
            'oxygenSatMgL' => $water->oxygenSatMgL(),
        ];
    }
}
