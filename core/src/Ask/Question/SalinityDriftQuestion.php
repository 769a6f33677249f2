<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\SalinityDrift;

final class SalinityDriftQuestion implements Question
{
    public function line(): string
    {
        return 'What a top-off that stays off or on does to the salinity (W-21)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('systemL', 'L', above: 0),
            Field::number('salinity', 'now, g/kg', above: 0),
            Field::number('evaporationLd', 'L a day', 0),
            Field::number('days', 'off', 0),
            Field::number('limit', 'upper limit, g/kg', above: 0, default: 39),
            Field::number('addedL', 'fresh water a stuck top-off adds', 0, default: 0),
            Field::number('spareL', 'room before the sump spills', 0, default: 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('withoutTopOff', 'g/kg after those days'),
            Field::number('daysToLimit', 'null when it is never reached')->orNull(),
            Field::number('stuckOn', 'g/kg after the added water'),
        ];
    }

    public function answer(Given $given): array
    {
        $now = [$given->number('systemL'), $given->number('salinity')];

        return [
            'withoutTopOff' => SalinityDrift::withoutTopOff(
                ...[...$now, $given->number('evaporationLd'), $given->number('days')],
            ),
            'daysToLimit' => SalinityDrift::daysToLimit(
                ...[...$now, $given->number('evaporationLd'), $given->number('limit')],
            ),
            'stuckOn' => SalinityDrift::topOffStuckOn(...[...$now, $given->number('addedL'), $given->number('spareL')]),
        ];
    }
}
