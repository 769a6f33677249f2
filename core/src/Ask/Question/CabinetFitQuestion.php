<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Cabinet\Elsewhere;
use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Cabinet\Space;
use Velbrin\Core\Cabinet\Standing;

final class CabinetFitQuestion implements Question
{
    public function line(): string
    {
        return 'Where each thing stands in a cabinet so that each comes out without moving another, or which must (B-62)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('lengthMm', 'inside', above: 0),
            Field::number('depthMm', 'inside, front to back', above: 0),
            Field::number('heightMm', 'inside, clear', above: 0),
            Field::number('doorWidthMm', 'of the opening, in its middle', above: 0),
            Field::number('doorHeightMm', 'of the opening', above: 0),
            Field::rows(
                'pieces',
                'what is to stand there',
                Input::of(
                    Field::number('widthMm', 'mm', above: 0),
                    Field::number('depthMm', 'mm', above: 0),
                    Field::number('heightMm', 'mm', above: 0),
                    Field::number('liftMm', 'room over it for its service', 0, default: 0),
                    Field::boolean('needsAir', 'takes its air from the room', false),
                ),
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::any('standing', 'places: piece, xMm from the left, yMm from the back, turned', ['type' => 'array']),
            Field::any('elsewhere', 'piece and why: air, headroom, floor, door, no floor left', ['type' => 'array']),
            Field::any('after', 'piece and the ones that must move first', ['type' => 'array']),
            Field::boolean('clean', 'everything stands and comes out alone'),
        ];
    }

    public function answer(Given $given): array
    {
        $space = Space::of(
            $given->number('lengthMm'),
            $given->number('depthMm'),
            $given->number('heightMm'),
            $given->number('doorWidthMm'),
            $given->number('doorHeightMm'),
        );
        $packing = Packing::of(
            $space,
            array_map(
                fn (Given $p): Piece => new Piece(
                    '',
                    $p->number('widthMm'),
                    $p->number('depthMm'),
                    $p->number('heightMm'),
                    $p->number('liftMm'),
                    $p->boolean('needsAir'),
                ),
                $given->rows('pieces'),
            ),
        );

        return [
            'standing' => array_map(
                fn (Standing $s): array => [
                    'piece' => $s->row,
                    'xMm' => $s->xMm,
                    'yMm' => $s->yMm,
                    'turned' => $s->turned,
                ],
                $packing->standing,
            ),
            'elsewhere' => array_map(
                fn (int $row, Elsewhere $why): array => ['piece' => $row, 'why' => $why->value],
                array_keys($packing->elsewhere),
                $packing->elsewhere,
            ),
            'after' => array_map(
                fn (int $row, array $rows): array => ['piece' => $row, 'first' => $rows],
                array_keys($packing->after),
                $packing->after,
            ),
            'clean' => $packing->isClean(),
        ];
    }
}
