<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Hydraulics\Crest;

final class WeirCrestQuestion implements Question
{
    public function line(): string
    {
        return 'Water over a weir out of level, or over a standpipe (B-79)';
    }

    public function input(): Input
    {
        return Input::of(Field::number('flowLh', 'L/h', 0))->depending('form', 'what it leaves over', [
            'edge' => [
                Field::number('lengthMm', 'of the edge, mm', above: 0),
                Field::number('gapsMm', 'all gaps between teeth, mm; none for a plain edge', above: 0)->optional(),
                Field::number('tiltMmM', 'out of level, mm a metre', 0, default: 0),
            ],
            'standpipe' => [Field::number('boreMm', 'mm', above: 0)],
        ]);
    }

    public function output(): array
    {
        return [
            Field::number('headMm', 'over the lowest point, mm'),
            Field::number('fallMm', 'from one end to the other, mm'),
        ];
    }

    public function answer(Given $given): array
    {
        $crest =
            $given->text('form') === 'standpipe'
                ? Crest::standpipe($given->number('boreMm'))
                : Crest::edge($given->number('lengthMm'), $given->numberOrNull('gapsMm'), $given->number('tiltMmM'));

        return ['headMm' => $crest->headMm($given->number('flowLh')), 'fallMm' => $crest->fallMm];
    }
}
