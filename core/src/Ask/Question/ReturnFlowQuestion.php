<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\ReturnFlow;

final class ReturnFlowQuestion implements Question
{
    public function line(): string
    {
        return 'Where the return pump meets its line (B-23)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('maxHeadM', 'm', above: 0),
            Field::number('maxFlowLh', 'L/h', above: 0),
            Field::number('staticM', 'm', 0),
            Field::number('innerMm', 'bore, mm', above: 0),
            Field::number('lengthM', 'm', 0),
            Field::number('sumK', 'fittings, exit included', 0),
            Field::number('viscosityM2s', 'm²/s', above: 0, default: Pipe::VISCOSITY_M2S),
            Field::number('roughnessMm', 'mm', 0, default: Pipe::ROUGHNESS_MM),
        );
    }

    public function output(): array
    {
        return [
            Field::number('flowLh', 'L/h'),
            Field::number('headM', 'on the pump curve, m'),
            Field::number('velocityMs', 'm/s'),
        ];
    }

    public function answer(Given $given): array
    {
        $pipe = Pipe::of(
            $given->number('innerMm'),
            $given->number('lengthM'),
            $given->number('sumK'),
            $given->number('viscosityM2s'),
            $given->number('roughnessMm'),
        );
        $return = ReturnFlow::of(
            $given->number('maxHeadM'),
            $given->number('maxFlowLh'),
            $given->number('staticM'),
            $pipe,
        );

        return ['flowLh' => $return->flowLh, 'headM' => $return->headM, 'velocityMs' => $return->velocityMs];
    }
}
