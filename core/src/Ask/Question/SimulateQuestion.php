<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Control\Plant\Happening;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Plant\Simulation;
use Velbrin\Core\Control\Programme\SetupReader;

/** Plays a set-up against a system, with what breaks on the way (K-30). */
final class SimulateQuestion implements Question
{
    public function line(): string
    {
        return 'How a system fares under its set-up while something breaks (K-30)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::any('setup', 'a set-up, schema 1, as programme-check reads it', ['type' => 'object', 'required' => ['schema']]),
            Field::any(
                'plant',
                'display, sump, room, life, start, devices by outlet, probes and switches by name; unknown keys are refused',
                ['type' => 'object', 'required' => ['display', 'room', 'start']],
            ),
            Field::any('faults', 'kind, of, fromS, untilS, value', ['type' => 'array'], required: false),
            Field::any('harm', 'limits of harm; absent: the usual ones', ['type' => 'object'], required: false),
            Field::number('hours', 'to play, h', least: 0.01, most: Simulation::MOST_H),
            Field::number('everyS', 's between two points of the trace', least: 1, most: 86_400, default: 600),
            Field::number('stepS', 'the longest step, s', least: 1, most: 60, default: 60),
            Field::number('arrivesS', 's from the first call until somebody mends it; absent: nobody comes', least: 0)->optional(),
            Field::number('seed', 'of the probes’ noise', least: 0, default: 1),
        );
    }

    public function output(): array
    {
        return [
            Field::any('trace', 'atS and each quantity', ['type' => 'array']),
            Field::any('happened', 'atS, kind, of and who says so, in time', ['type' => 'array']),
            Field::any('harmS', 'when each harm began, s', ['type' => 'object']),
            Field::number('floorL', 'on the floor, L'),
            Field::number('drawnWh', 'drawn by all devices, Wh'),
            Field::any('books', 'what does not close, as a share of what there was', ['type' => 'object']),
            Field::any('extremes', 'least and most of each quantity', ['type' => 'object']),
        ];
    }

    public function answer(Given $given): array
    {
        $run = Simulation::play(
            setup: SetupReader::read($given->raw('setup')),
            plant: PlantReader::read($given->raw('plant')),
            faults: PlantReader::faults(array_values($given->rawOr('faults'))),
            hours: $given->number('hours'),
            limits: PlantReader::limits($given->rawOr('harm')),
            everyS: $given->number('everyS'),
            stepS: $given->number('stepS'),
            arrivesS: $given->numberOrNull('arrivesS'),
            seed: (int) $given->number('seed'),
        );

        return [
            'trace' => $run->trace,
            'happened' => array_map(fn (Happening $h): array => (array) $h, $run->happened),
            'harmS' => (object) $run->harmS,
            'floorL' => $run->floorL,
            'drawnWh' => $run->drawnWh,
            'books' => $run->books,
            'extremes' => $run->extremes,
        ];
    }
}
