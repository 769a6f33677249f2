<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Vessel\SandBed;

final class SandToBringQuestion implements Question
{
    public function line(): string
    {
        return 'Sand a measured profile lacks to its aim (W-4)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('areaM2', 'of the bed', above: 0),
            Field::numbers('depthsMm', 'measured, at least one'),
            Field::number('aimMm', 'wanted', 0),
            Field::number('kgL', 'bulk density', above: 0, default: 1.5),
        );
    }

    public function output(): array
    {
        return [
            Field::number('meanMm', 'mean depth now'),
            Field::number('sandKg', 'to bring'),
            Field::number('sandL', 'to bring, poured'),
        ];
    }

    public function answer(Given $given): array
    {
        $depths = $given->numbers('depthsMm');
        if ($depths === []) {
            throw OutOfRange::field('depthsMm', Phrase::DepthsMmMustHoldAtLeast, Phrase::AtLeastOne);
        }
        $bed = SandBed::short($given->number('areaM2'), $depths, $given->number('aimMm'), $given->number('kgL'));

        return ['meanMm' => $bed->meanMm, 'sandKg' => $bed->kgShort, 'sandL' => $bed->litresShort];
    }
}
