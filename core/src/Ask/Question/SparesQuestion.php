<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Risk\SpareStock;

final class SparesQuestion implements Question
{
    public function line(): string
    {
        return 'How many spares of a part stand on the shelf (R-40)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('count', 'parts in use', 0),
            Field::number('failuresPerUnitYear', 'of one part', 0),
            Field::number('leadDays', 'until a used spare is replaced', 0),
            Field::number('serviceLevel', 'chance that one is there, below 1', 0, below: 1),
        );
    }

    public function output(): array
    {
        return [
            Field::number('stock', 'the least that reaches it')->integer(),
            Field::number('serviceLevel', 'reached'),
            Field::number('expectedDemand', 'failures within the lead time'),
        ];
    }

    public function answer(Given $given): array
    {
        $spares = SpareStock::of(
            $given->number('count'),
            $given->number('failuresPerUnitYear'),
            $given->number('leadDays'),
            $given->number('serviceLevel'),
        );

        return [
            'stock' => $spares->stock,
            'serviceLevel' => $spares->serviceLevel,
            'expectedDemand' => $spares->expectedDemand,
        ];
    }
}
