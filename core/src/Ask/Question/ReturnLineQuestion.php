<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\PumpCurve;
use Velbrin\Core\Hydraulics\ReturnFlow;
use Velbrin\Core\Hydraulics\ReturnLine;

final class ReturnLineQuestion implements Question
{
    public function line(): string
    {
        return 'A pump by its points against a line with outlets and draws (B-23)';
    }

    public function input(): Input
    {
        $pipe = [Field::number('innerMm', 'bore, mm', above: 0), Field::number('lengthM', 'm', 0)];

        return Input::of(
            Field::rows(
                'curve',
                'points read from the pump’s sheet, two or more',
                Input::of(Field::number('flowLh', 'L/h', 0), Field::number('headM', 'm', 0)),
            ),
            Field::number('staticM', 'm', 0),
            ...[
                ...$pipe,
                Field::number('sumK', 'fittings of the common line; with its exit when it has no outlets', 0),
            ],
            ...[
                Field::rows(
                    'outlets',
                    'branches at the display, each with its exit in sumK',
                    Input::of(...[...$pipe, Field::number('sumK', 'fittings, exit included', 0)]),
                    required: false,
                ),
                Field::number('drawsLh', 'drawn off at the pump, L/h', 0, default: 0),
            ],
        );
    }

    public function output(): array
    {
        return [
            Field::number('flowLh', 'through the display, L/h'),
            Field::number('headM', 'on the pump’s curve, m'),
            Field::numbers('outletsLh', 'what each outlet brings, L/h'),
        ];
    }

    public function answer(Given $given): array
    {
        $points = array_map(fn (Given $p): array => [$p->number('flowLh'), $p->number('headM')], $given->rows('curve'));
        $outlets = array_map(
            fn (Given $o): Pipe => Pipe::of($o->number('innerMm'), $o->number('lengthM'), $o->number('sumK')),
            $given->rows('outlets'),
        );
        $line = ReturnLine::of(
            Pipe::of($given->number('innerMm'), $given->number('lengthM'), $given->number('sumK')),
            $outlets,
            $given->number('drawsLh'),
        );
        $meets = ReturnFlow::meet(PumpCurve::through($points), $given->number('staticM'), $line);

        return ['flowLh' => $meets->flowLh, 'headM' => $meets->headM, 'outletsLh' => $line->split($meets->flowLh)];
    }
}
