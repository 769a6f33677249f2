<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\Pipe;

final class DrainCapacityQuestion implements Question
{
    public function line(): string
    {
        return 'What one drain carries, as a full siphon or open with air (B-22)';
    }

    public function input(): Input
    {
        return Input::of(Field::number('innerMm', 'bore, mm', above: 0))->depending('mode', 'how the drain runs', [
            'siphon' => [
                Field::number('dropM', 'water surface to sump surface or free outlet, m', 0),
                Field::number('lengthM', 'm', 0),
                Field::number('sumK', 'fittings, without the exit', 0),
                Field::number('viscosityM2s', 'm²/s', above: 0, default: Pipe::VISCOSITY_M2S),
                Field::number('roughnessMm', 'mm', 0, default: Pipe::ROUGHNESS_MM),
            ],
            'open' => [],
        ]);
    }

    public function output(): array
    {
        return [Field::number('flowLh', 'L/h')];
    }

    public function answer(Given $given): array
    {
        if ($given->text('mode') === 'open') {
            return ['flowLh' => DrainCapacity::open($given->number('innerMm'))];
        }
        $pipe = Pipe::of(
            $given->number('innerMm'),
            $given->number('lengthM'),
            $given->number('sumK'),
            $given->number('viscosityM2s'),
            $given->number('roughnessMm'),
        );

        return ['flowLh' => DrainCapacity::siphon($pipe, $given->number('dropM'))];
    }
}
