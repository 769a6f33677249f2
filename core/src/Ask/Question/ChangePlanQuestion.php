<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\ChangePlan;

final class ChangePlanQuestion implements Question
{
    public function line(): string
    {
        return 'The fewest equal changes that reach a target (W-31, X-33)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('systemL', 'L', above: 0),
            Field::number('now', 'value in the system'),
            Field::number('fresh', 'value in the new water'),
            Field::number('target', 'wanted value'),
            Field::number('maxFraction', 'largest share changed at once', most: 1, above: 0),
        );
    }

    public function output(): array
    {
        return [
            Field::boolean('reachable', 'whether changes alone get there'),
            Field::number('changes', 'how many')->integer()->orNull(),
            Field::number('litresEach', 'L')->orNull(),
        ];
    }

    public function answer(Given $given): array
    {
        $plan = ChangePlan::of(
            $given->number('systemL'),
            $given->number('now'),
            $given->number('fresh'),
            $given->number('target'),
            $given->number('maxFraction'),
        );

        return ['reachable' => $plan->reachable, 'changes' => $plan->changes, 'litresEach' => $plan->litresEach];
    }
}
