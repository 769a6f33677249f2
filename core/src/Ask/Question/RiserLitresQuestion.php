<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Moves\RiserLitres;

final class RiserLitresQuestion implements Question
{
    public function line(): string
    {
        return 'Water that stands in a riser, full or an open stack (M-14)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('boreMm', 'inside', above: 0),
            Field::number('lengthMm', 'of the standing pipe', 0),
            Field::boolean('open', 'an open stack: film and air', default: false),
        );
    }

    public function output(): array
    {
        return [Field::number('litres', 'L')];
    }

    public function answer(Given $given): array
    {
        return ['litres' => RiserLitres::of($given->number('boreMm'), $given->number('lengthMm'), $given->boolean('open'))];
    }
}
