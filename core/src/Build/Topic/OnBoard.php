<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\BoardLayout;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The equipment board: strip high with room beneath, controller beside it, drivers at the other end, dosers low (B-63). */
final class OnBoard implements Topic
{
    public function keys(): array
    {
        return ['board'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $rows = $facts->brief->rows('board');
        if ($rows === []) {
            return new TopicAnswer([]);
        }
        $facts->need(F::BoardWidthMm, F::BoardHeightMm);
        $board = BoardLayout::of($facts->number(F::BoardWidthMm), $facts->number(F::BoardHeightMm), $rows);
        $findings = [];
        if ($board->left !== []) {
            $findings[] = Finding::of(
                Severity::Fix,
                'B-63',
                'power',
                Sentence::of('The board has no room for {names}', ['names' => implode(', ', $board->left)]),
                Sentence::of('Under a strip {plugs} stay free for plugs, and a corner for the cables.', [
                    'plugs' => Quantity::of(BoardLayout::PLUGS_MM, Kind::Length),
                ]),
                Sentence::of('A larger board, or a second one.'),
                $facts->basis(),
            );
        } else {
            $findings[] = Finding::of(
                Severity::Fine,
                'B-63',
                'power',
                Sentence::of('Everything has its place on the board'),
                Sentence::of(
                    'Waterproof board, hung so that its lower edge stays above the highest water and outside splash. Its '.
                    'circuits are a licensed electrician’s.',
                ),
                null,
                $facts->basis(),
            );
        }
        $kinds = array_map(fn ($r): string => $r->word('kind'), $rows);
        if (! in_array('strip', $kinds, true)) {
            $findings[] = Finding::of(
                Severity::Watch,
                'B-63',
                'power',
                Sentence::of('No power strip is on the board'),
                Sentence::of('Then plugs hang where water runs.'),
                Sentence::of('List the strip: it goes highest, with room for plugs beneath.'),
                $facts->basis(),
            );
        }

        if (in_array('controller', $kinds, true) && ! in_array('thermostat', $kinds, true)) {
            $findings[] = Finding::of(
                Severity::Watch,
                'X-22',
                'power',
                Sentence::of('One controller switches everything'),
                Sentence::of('Its failure, its probe, its outlet are one cause for heating, top-off and alarm.'),
                Sentence::of(
                    'A thermostat of its own behind each heater, set just outside the controller’s band; or separate devices, '.
                    'compared as an option.',
                ),
                $facts->basis(),
            );
        }

        return new TopicAnswer(
            [
                Figure::words(
                    'board',
                    $board->left === []
                        ? 'all of it'
                        : count($board->standing).' of '.count($rows).' find a place',
                    null,
                    $facts->basis(),
                ),
            ],
            $findings,
            $board,
        );
    }
}
