<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Moves\CarryTeam;

final class CarryTeamQuestion implements Question
{
    public function line(): string
    {
        return 'How many people carry a load without an aid (M-4, M-26)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('kg', 'the load', above: 0),
            Field::boolean('stairs', 'up or down stairs'),
            Field::number('limitKg', 'each person’s', above: 0, default: 25),
        );
    }

    public function output(): array
    {
        return [
            Field::number('persons', 'the smallest team; null when none carries it')->integer()->orNull(),
            Field::boolean('aid', 'an aid is needed'),
        ];
    }

    public function answer(Given $given): array
    {
        $team = CarryTeam::of($given->number('kg'), $given->boolean('stairs'), $given->number('limitKg'));

        return ['persons' => $team->persons, 'aid' => $team->needsAid];
    }
}
