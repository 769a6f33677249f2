<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\Refill;

final class RefillQuestion implements Question
{
    public function line(): string
    {
        return 'Refilling with the return pump on: the rate it needs, and when to shut the valve (W-36)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('pumpLh', 'return flow, L/h', above: 0),
            Field::number('refillLh', 'into the return chamber, L/h', above: 0),
            Field::number('chamberL', 'usable water in the return chamber, L', 0),
            Field::number('missingL', 'missing from the display below its running level, L', 0),
            Field::number('spareL', 'above the sump’s running level, L', 0),
            Field::number('downL', 'comes down at a power cut, L', 0),
        );
    }

    public function output(): array
    {
        return [
            Field::boolean('holds', 'the return chamber does not run dry'),
            Field::number('needsLh', 'refill rate it needs at this pump flow, L/h'),
            Field::number('needsSumpFirstLh', 'the same where the sump’s part was taken first, L/h'),
            Field::any('pumpLh', 'pump flow at which this refill is enough, L/h; null: any', [
                'type' => ['number', 'null'],
            ]),
            Field::number('minutesToWeir', 'until the display is over its weir'),
            Field::number('shutAfterMin', 'after that, until the valve must be shut'),
            Field::boolean('holdsFromDisplay', 'poured into the display instead, the chamber holds'),
        ];
    }

    public function answer(Given $given): array
    {
        $r = Refill::of(
            $given->number('pumpLh'),
            $given->number('refillLh'),
            $given->number('chamberL'),
            $given->number('missingL'),
            $given->number('spareL'),
            $given->number('downL'),
        );

        return [
            'holds' => $r->holds,
            'needsLh' => $r->needsLh,
            'needsSumpFirstLh' => $r->needsSumpFirstLh,
            'pumpLh' => $r->pumpLh,
            'minutesToWeir' => $r->minutesToWeir,
            'shutAfterMin' => $r->shutAfterMin,
            'holdsFromDisplay' => $r->holdsFromDisplay,
        ];
    }
}
