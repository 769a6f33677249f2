<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Hydraulics\WeirHead;

final class WeirHeadQuestion implements Question
{
    public function line(): string
    {
        return 'Water over a plain weir edge (B-21)';
    }

    public function input(): Input
    {
        return Input::of(Field::number('flowLh', 'L/h', 0), Field::number('lengthMm', 'edge, mm', above: 0));
    }

    public function output(): array
    {
        return [Field::number('headMm', 'mm, at most a third of the edge')];
    }

    public function answer(Given $given): array
    {
        return ['headMm' => WeirHead::plainEdge($given->number('flowLh'), $given->number('lengthMm'))];
    }
}
