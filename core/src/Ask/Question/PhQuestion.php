<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Measure\OutOfRange;

final class PhQuestion implements Question
{
    public function line(): string
    {
        return 'pH, carbon dioxide and DIC from alkalinity and one of the last two (C-20)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('alkMeqL', 'meq/L', above: 0),
            Field::number('salinity', 'g/kg', 19, 43),
            Field::number('tempC', '°C', 2, 35),
            Field::number(
                'co2Ppm',
                'carbon dioxide in equilibrium, ppm taken as µatm; exactly one of co2Ppm and dicMmolKg',
                above: 0,
            )->optional(),
            Field::number('dicMmolKg', 'dissolved inorganic carbon, mmol/kg', above: 0)->optional(),
        );
    }

    public function output(): array
    {
        return [
            Field::number('phTotal', 'total scale; a probe reads about 0.14 more'),
            Field::number('co2Ppm', 'ppm'),
            Field::number('dicMmolKg', 'mmol/kg'),
        ];
    }

    public function answer(Given $given): array
    {
        $ppm = $given->numberOrNull('co2Ppm');
        $dic = $given->numberOrNull('dicMmolKg');
        if (($ppm === null) === ($dic === null)) {
            throw OutOfRange::field(
                $ppm === null ? 'co2Ppm' : 'dicMmolKg',
                Phrase::ExactlyOneOfCo2PpmAndDicMmolKg,
                Phrase::OneOfTheTwo,
            );
        }
        $of = [$given->number('alkMeqL'), $given->number('salinity'), $given->number('tempC')];
        $it = $ppm === null ? Carbonate::fromDic(...[...$of, (float) $dic]) : Carbonate::fromCo2(...[...$of, $ppm]);

        return ['phTotal' => $it->phTotal, 'co2Ppm' => $it->co2Ppm, 'dicMmolKg' => $it->dicMmolKg];
    }
}
