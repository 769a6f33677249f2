<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\PlanInput;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\FloorLoad;
use Velbrin\Core\Build\PlanMass;
use Velbrin\Core\Build\Topic\Floor;

final class FloorLoadQuestion implements Question
{
    public function line(): string
    {
        return 'What a build asks of its floor, and the word for it; an engineer and the local code decide (B-10, B-11)';
    }

    public function input(): Input
    {
        return PlanInput::of();
    }

    public function output(): array
    {
        return [
            Field::text('word', 'within the usual allowance, ask, or never without'),
            Field::number('massKg', 'kg'),
            Field::number('meanKpa', 'under the stand'),
            Field::any('bendingKpa', 'uniform load with the same bending; null while the span is unknown', [
                'type' => ['number', 'null'],
            ]),
            Field::any('use', 'of the allowance entered', ['type' => ['number', 'null']]),
            Field::any('reasons', 'why an engineer is asked', ['type' => 'array']),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $facts = Facts::of(PlanInput::brief($given));
        $mass = PlanInput::known(fn (): PlanMass => PlanMass::of($facts));
        $floor = PlanInput::known(fn (): FloorLoad => FloorLoad::of($facts, $mass));

        return [
            'word' => $floor->word->value,
            'massKg' => $mass->totalKg(),
            'meanKpa' => $floor->meanKpa,
            'bendingKpa' => $floor->bendingKpa,
            'use' => $floor->use,
            'reasons' => $floor->reasons,
            ...PlainFinding::judged(Floor::floor($facts)),
        ];
    }
}
