<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\DrilledPane;
use Velbrin\Core\Build\Hole;
use Velbrin\Core\Build\HoleFit;
use Velbrin\Core\Build\Pane;

final class HolePlanQuestion implements Question
{
    public function line(): string
    {
        return 'Holes in a flat pane: distances to edges and to each other, and what they should be (B-24)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('widthMm', 'of the pane', above: 0),
            Field::number('heightMm', 'of the pane', above: 0),
            Field::rows(
                'holes',
                'centres from the left and the lower edge, seen from outside',
                Input::of(
                    Field::number('xMm', 'mm', 0),
                    Field::number('yMm', 'mm', 0),
                    Field::number('diameterMm', 'of the hole', 8, 250),
                ),
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::numbers('edgeMm', 'mm from each centre to the nearest edge'),
            Field::numbers('edgeNeededMm', 'mm, 1.5 hole diameters'),
            Field::numbers('spareMm', 'mm left over at each hole, edges and neighbours; below zero it is short'),
            Field::boolean('ok', 'every distance is kept; toughened glass is never drilled'),
        ];
    }

    public function answer(Given $given): array
    {
        $holes = array_map(
            fn (Given $h): Hole => new Hole(
                '',
                Pane::Back,
                $h->number('xMm'),
                $h->number('yMm'),
                $h->number('diameterMm'),
            ),
            $given->rows('holes'),
        );
        $fits = DrilledPane::of(Pane::Back, $given->number('widthMm'), $given->number('heightMm'), false, $holes)->fits;
        $spare = array_map(fn (HoleFit $f): float => $f->spareMm(), $fits);

        return [
            'edgeMm' => array_map(fn (HoleFit $f): float => $f->edgeMm, $fits),
            'edgeNeededMm' => array_map(fn (HoleFit $f): float => $f->edgeNeedMm, $fits),
            'spareMm' => $spare,
            'ok' => $spare === [] || min($spare) >= 0,
        ];
    }
}
