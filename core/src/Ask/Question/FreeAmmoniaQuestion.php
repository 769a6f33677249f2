<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Chemistry\AmmoniaJudgement;

final class FreeAmmoniaQuestion implements Question
{
    public function line(): string
    {
        return 'The harmful share of ammonia (C-30)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('totalMgL', 'total ammonia as N, mg/L', 0),
            Field::number('ph', 'probe (NBS)', 4, 12),
            Field::number('tempC', '°C', 0, 45),
            Field::number('salinity', 'g/kg', 0, 50),
        );
    }

    public function output(): array
    {
        return [Field::number('freeMgL', 'NH₃ as N, mg/L'), ...PlainFinding::fields()];
    }

    public function answer(Given $given): array
    {
        [$ph, $tempC, $salinity] = [$given->number('ph'), $given->number('tempC'), $given->number('salinity')];
        $judged = AmmoniaJudgement::of($given->number('totalMgL'), $ph, $tempC, $salinity, $tempC, $salinity);

        return ['freeMgL' => $judged->freeMgL, ...PlainFinding::judged([$judged->finding])];
    }
}
