<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
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
                Sentence::of('Not ticked yet: {names}', ['names' => self::names($open)]),
                Sentence::of('A hole in the wrong place stays: a pane is lost, a joist is cut, a cable is hit.'),
                Sentence::of('Look at each on the spot, both sides, with the plan in hand; then cut.'),
                $facts->basis(),
            );
        }
        if ($building !== []) {
            $findings[] = Finding::of(
                Severity::Watch,
                'X-42',
                'access',
                Sentence::of('Through wall, floor or ceiling: {names}', ['names' => self::names($building)]),
                Sentence::of('Cables and pipes hide there, and fire and sound separation must be closed again.'),
                Sentence::of(
                    'Search for cables and pipes, have the owner’s consent on paper, close it as the local code asks.',
                ),
                $facts->basis(),
            );
        }
        if ($findings === []) {
            $findings[] = Finding::of(
                Severity::Fine,
                'X-42',
                'access',
                Sentence::of('Every penetration is ticked'),
                Sentence::of('Collars and bushes go in before anything is glued.'),
                null,
                $facts->basis(),
            );
        }
        $n = count($rows);

        return new TopicAnswer(
            [
                Figure::words(
                    'penetrations',
                    count($open) === 0 ? 'all ticked' : count($open)." of {$n} to tick",
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
