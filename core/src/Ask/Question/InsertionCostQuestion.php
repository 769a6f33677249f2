<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\CrewDay;
use Velbrin\Core\Rounds\Insertion;
use Velbrin\Core\Rounds\Prices;
use Velbrin\Core\Rounds\Route;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Visit;

final class InsertionCostQuestion implements Question
{
    public function line(): string
    {
        return 'Where a visit costs least in a crew’s day, and what it would cost (S-20, S-21)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('depotLat', 'degrees', -90, 90),
            Field::number('depotLon', 'degrees', -180, 180),
            Field::number('startMin', 'minutes of the day', 0, 1440, default: 480),
            Field::number('endMin', 'minutes of the day', 0, 1440, default: 990),
            Field::number('breakMin', 'minutes', 0, default: 30),
            Field::number('persons', 'in the crew', 1, 4, default: 1),
            Field::number('payloadKg', 'of the vehicle', 0),
            Field::number('saltL', 'salt water it carries', 0),
            Field::number('roL', 'RO water it carries', 0),
            Field::rows(
                'visits',
                'of that day, in order',
                Input::of(
                    Field::number('id', 'number of the visit'),
                    Field::number('lat', 'degrees', -90, 90),
                    Field::number('lon', 'degrees', -180, 180),
                    Field::number('minutes', 'at the place', 0),
                    Field::number('fromMin', 'the place opens, minutes of the day', 0, 1440, default: 480),
                    Field::number('toMin', 'and closes', 0, 1440, default: 1020),
                    Field::number('dueDay', 'late after it; days count from the crew’s day 0', default: 0),
                    Field::number('saltL', 'salt water', 0, default: 0),
                    Field::number('roL', 'RO water', 0, default: 0),
                    Field::number('kg', 'other load', 0, default: 0),
                    Field::number('persons', 'needed', 1, 4, default: 1),
                ),
            ),
            Field::rows(
                'insert',
                'exactly one visit to place',
                Input::of(
                    Field::number('id', 'number of the visit'),
                    Field::number('lat', 'degrees', -90, 90),
                    Field::number('lon', 'degrees', -180, 180),
                    Field::number('minutes', 'at the place', 0),
                    Field::number('fromMin', 'the place opens, minutes of the day', 0, 1440, default: 480),
                    Field::number('toMin', 'and closes', 0, 1440, default: 1020),
                    Field::number('dueDay', 'late after it; days count from the crew’s day 0', default: 0),
                    Field::number('saltL', 'salt water', 0, default: 0),
                    Field::number('roL', 'RO water', 0, default: 0),
                    Field::number('kg', 'other load', 0, default: 0),
                    Field::number('persons', 'needed', 1, 4, default: 1),
                ),
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::number('position', 'cheapest place, 0 first; null when none is allowed')->orNull(),
            Field::number('priceMin', 'what it costs, in minutes')->orNull(),
            Field::number('drivingMin', 'more at the wheel')->orNull(),
            Field::number('overtimeMin', 'more overtime')->orNull(),
            Field::number('beginsMin', 'when it would begin')->orNull(),
            Field::any('refusal', 'why not, or null', ['type' => ['string', 'null']]),
        ];
    }

    public function answer(Given $given): array
    {
        $insert = $given->rows('insert');
        if (count($insert) !== 1) {
            throw OutOfRange::field('insert', Phrase::InsertMustHoldExactlyOneVisit, Phrase::OneVisit);
        }
        $day = new CrewDay(
            crew: 1,
            day: 0,
            depot: new Spot($given->number('depotLat'), $given->number('depotLon')),
            startMin: $given->number('startMin'),
            endMin: $given->number('endMin'),
            breakMin: $given->number('breakMin'),
            members: range(1, (int) $given->number('persons')),
            skills: [],
            payloadKg: $given->number('payloadKg'),
            saltL: $given->number('saltL'),
            roL: $given->number('roL'),
        );
        $prices = new Prices();
        $now = Route::of($day, array_map(self::visit(...), $given->rows('visits')), $prices);
        $visit = self::visit($insert[0]);
        $best = null;
        for ($position = 0; $position <= count($now->visits); $position++) {
            $with = $now->with($visit, $position, $prices);
            if ($with->refusal === null && ($best === null || $with->price($prices) < $best[1]->price($prices))) {
                $best = [$position, $with];
            }
        }
        if ($best === null) {
            return [
                'position' => null,
                'priceMin' => null,
                'drivingMin' => null,
                'overtimeMin' => null,
                'beginsMin' => null,
                'refusal' => Insertion::why($visit, ['1@0' => $now], $prices)->refusal->words(),
            ];
        }
        [$position, $with] = $best;

        return [
            'position' => $position,
            'priceMin' => $with->price($prices) - $now->price($prices),
            'drivingMin' => $with->drivingMin - $now->drivingMin,
            'overtimeMin' => $with->overtimeMin - $now->overtimeMin,
            'beginsMin' => $with->startsMin[$position],
            'refusal' => null,
        ];
    }

    private static function visit(Given $row): Visit
    {
        return new Visit(
            id: (int) $row->number('id'),
            spot: new Spot($row->number('lat'), $row->number('lon')),
            open: [0 => [[$row->number('fromMin'), $row->number('toMin')]]],
            earliestDay: 0,
            dueDay: (int) $row->number('dueDay'),
            latestDay: 3650,
            minutes: $row->number('minutes'),
            persons: (int) $row->number('persons'),
            skills: [],
            saltL: $row->number('saltL'),
            roL: $row->number('roL'),
            kg: $row->number('kg'),
        );
    }
}
