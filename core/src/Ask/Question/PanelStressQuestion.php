<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\PanelStress;

final class PanelStressQuestion implements Question
{
    public function line(): string
    {
        return 'Stress and safety factor of a flat glass pane filled to its rim (B-13)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('lengthMm', 'mm', above: 0),
            Field::number('waterHeightMm', 'to the rim, mm', above: 0),
            Field::number('thicknessMm', 'mm', above: 0),
            Field::choice('top', 'how the top edge is held', ['free', 'braced'])->or('free'),
        );
    }

    public function output(): array
    {
        return [
            Field::number('stressMpa', 'MPa'),
            Field::number('safetyFactor', '19.2 MPa over the stress'),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $panel = PanelStress::of(
            $given->number('lengthMm'),
            $given->number('waterHeightMm'),
            $given->number('thicknessMm'),
            $given->text('top') === 'braced',
        );

        return [
            'stressMpa' => $panel->stressMpa,
            'safetyFactor' => $panel->safetyFactor,
            ...PlainFinding::judged([$panel->finding()]),
        ];
    }
}
