<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Emergency\Storm\Aid;
use Velbrin\Core\Emergency\Storm\Exposed;
use Velbrin\Core\Emergency\Storm\Route;
use Velbrin\Core\Rounds\Spot;

final class StormQuestion implements Question
{
    public function line(): string
    {
        return 'Power gone in an area: who goes where in which order so that the least is lost, and who is not reached (E-5)';
    }

    public function input(): Input
    {
        $spot = [Field::number('lat', 'degrees', -90, 90)->optional(), Field::number('lon', 'degrees', -180, 180)->optional()];

        return Input::of(
            Field::rows('systems', 'in the area', Input::of(
                Field::text('id', 'its name'),
                ...$spot,
                ...[
                    Field::number('harmH', 'hours to harm; absent: it holds through', 0)->optional(),
                    Field::number('fixMin', 'minutes on site', 0, 1440, default: 15),
                    Field::choice('needs', 'what has to be brought', array_map(fn (Aid $a): string => $a->value, Aid::cases()))
                        ->or('battery'),
                    Field::number('loss', 'if nobody comes', 0, default: 1),
                    Field::boolean('people', 'people are at risk there', false),
                ],
            )),
            Field::rows('crews', 'where each stands now', Input::of(...$spot)),
            Field::number('batteries', 'to carry', 0, 10_000, default: 0),
            Field::number('generators', 'to carry', 0, 10_000, default: 0),
            Field::number('leaveH', 'hours until they leave', 0, 100, default: 0),
        );
    }

    public function output(): array
    {
        return [
            Field::any('crews', 'stops of each in order: id, arrivesH, inTime', ['type' => 'array']),
            Field::any('unmet', 'ids nobody reaches in time', ['type' => 'array']),
            Field::number('loss', 'what is lost all the same'),
        ];
    }

    public function answer(Given $given): array
    {
        $spot = fn (Given $row): ?Spot => $row->numberOrNull('lat') === null || $row->numberOrNull('lon') === null
            ? null
            : new Spot($row->number('lat'), $row->number('lon'));
        $exposed = array_map(
            fn (Given $row): Exposed => new Exposed(
                id: $row->text('id'),
                spot: $spot($row),
                harmH: $row->numberOrNull('harmH'),
                fixMin: $row->number('fixMin'),
                needs: Aid::from($row->text('needs')),
                loss: $row->number('loss'),
                isPeople: $row->boolean('people'),
            ),
            $given->rows('systems'),
        );
        $route = Route::of(
            $exposed,
            array_map($spot, $given->rows('crews')),
            ['battery' => (int) $given->number('batteries'), 'generator' => (int) $given->number('generators')],
            $given->number('leaveH'),
        );

        return ['crews' => $route->crews, 'unmet' => $route->unmet, 'loss' => $route->loss];
    }
}
