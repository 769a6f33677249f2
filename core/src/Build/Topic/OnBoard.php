<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\BoardLayout;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
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
                Sentence::of(Phrase::TheBoardHasNoRoomFor, ['names' => implode(', ', $board->left)]),
                Sentence::of(Phrase::UnderAStripStayFree, [
                    'plugs' => Quantity::of(BoardLayout::PLUGS_MM, Kind::Length),
                ]),
                Sentence::of(Phrase::ALargerBoard),
                $facts->basis(),
            );
        } else {
            $findings[] = Finding::of(
                Severity::Fine,
                'B-63',
                'power',
                Sentence::of(Phrase::EverythingHasItsPlace),
                Sentence::of(
                    Phrase::WaterproofBoardHung,
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
                Sentence::of(Phrase::NoPowerStrip),
                Sentence::of(Phrase::ThenPlugsHangWhereWaterRuns),
                Sentence::of(Phrase::ListTheStrip),
                $facts->basis(),
            );
        }

        if (in_array('controller', $kinds, true) && ! in_array('thermostat', $kinds, true)) {
            $findings[] = Finding::of(
                Severity::Watch,
                'X-22',
                'power',
                Sentence::of(Phrase::OneControllerSwitchesEverything),
                Sentence::of(Phrase::ItsFailureItsProbeItsOutlet),
                Sentence::of(
                    Phrase::AThermostatOfItsOwnBehind,
                ),
                $facts->basis(),
            );
        }

        return new TopicAnswer(
            [
                Figure::words(
                    'board',
                    $board->left === []
                        ? Phrase::FigureAllOfIt
                        : Sentence::of(Phrase::FigureOfFindAPlace, [
                            'found' => (string) count($board->standing),
                            'n' => (string) count($rows),
                        ]),
                    null,
                    $facts->basis(),
                ),
            ],
            $findings,
            $board,
        );
    }
}
