<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Control\DeadBand;

final class DeadBandQuestion implements Question
{
    public function line(): string
    {
        return 'How often a heater switches within its dead band, and whether the band chatters (K-20)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'L', above: 0),
            Field::number('heaterW', 'W', 0),
            Field::number('lossW', 'net at the set point, W'),
            Field::number('deadBandK', 'K', above: 0),
            Field::number('resolutionK', 'of the probe, K', 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('cyclesPerHour', '0 when it does not switch'),
            Field::boolean('holds', 'the heater is stronger than the loss'),
            Field::boolean('chatters', 'the band is narrower than two steps of the probe'),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $band = DeadBand::of(
            $given->number('volumeL'),
            $given->number('heaterW'),
            $given->number('lossW'),
            $given->number('deadBandK'),
            $given->number('resolutionK'),
        );

        return [
            'cyclesPerHour' => $band->cyclesPerHour,
            'holds' => $band->holds,
            'chatters' => $band->chatters,
            ...PlainFinding::judged([$band->finding()]),
        ];
    }
}
