<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Everything that passes through something, listed at survey and ticked on the spot before it is cut (X-42). */
final class Penetrations implements Topic
{
    public function keys(): array
    {
        return ['penetrations'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $rows = $facts->brief->rows('penetrations');
        if ($rows === []) {
            return new TopicAnswer([]);
        }
        $open = array_values(array_filter($rows, fn (TableRow $r): bool => ! $r->flag('ticked')));
        $building = array_values(
            array_filter(
                $rows,
                fn (TableRow $r): bool => in_array($r->word('through'), ['wall', 'floor', 'ceiling'], true),
            ),
        );
        $findings = [];
        if ($open !== []) {
            $findings[] = Finding::of(
                Severity::Watch,
                'X-42',
                'access',
                Sentence::of(Phrase::NotTickedYet, ['names' => self::names($open)]),
                Sentence::of(Phrase::AHoleInTheWrongPlace),
                Sentence::of(Phrase::LookAtEachOnTheSpot),
                $facts->basis(),
            );
        }
        if ($building !== []) {
            $findings[] = Finding::of(
                Severity::Watch,
                'X-42',
                'access',
                Sentence::of(Phrase::ThroughWallFloorOrCeiling, ['names' => self::names($building)]),
                Sentence::of(Phrase::CablesAndPipesHideThere),
                Sentence::of(
                    Phrase::SearchForCablesAndPipes,
                ),
                $facts->basis(),
            );
        }
        if ($findings === []) {
            $findings[] = Finding::of(
                Severity::Fine,
                'X-42',
                'access',
                Sentence::of(Phrase::EveryPenetrationIsTicked),
                Sentence::of(Phrase::CollarsAndBushesGo),
                null,
                $facts->basis(),
            );
        }
        $n = count($rows);

        return new TopicAnswer(
            [
                Figure::words(
                    'penetrations',
                    count($open) === 0
                        ? Phrase::FigureAllTicked
                        : Sentence::of(Phrase::FigureOfToTick, ['open' => (string) count($open), 'n' => (string) $n]),
                    null,
                    $facts->basis(),
                ),
            ],
            $findings,
        );
    }

    /** @param  list<TableRow>  $rows */
    private static function names(array $rows): string
    {
        return implode(', ', array_map(fn (TableRow $r): string => $r->called('penetration'), $rows));
    }
}
