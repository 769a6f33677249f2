<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Layer by layer: what stops the top-off's water, what only catches it, and what none of them sees (W-56, X-20, X-23). */
final class Layers implements Topic
{
    public function keys(): array
    {
        return ['layers'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $layers = self::of($facts);
        if ($layers === []) {
            return new TopicAnswer([]);
        }
        $stops = self::principles($facts);
        $parts = [
            'n' => Quantity::of(count($stops), Kind::Count),
            'names' => implode(', ', array_map(fn (FeedLayer $l): string => $l->label(), $stops)) ?: 'none',
        ];
        $findings = [];
        // One voice for each kind: what it does and what it does not see.
        foreach (array_column($layers, null, 'value') as $layer) {
            $findings[] = Finding::of(
                Severity::Fine,
                'X-20',
                'topoff',
                Sentence::of($layer->stops() ? Phrase::TheStops : Phrase::TheCatches, [
                    'layer' => $layer->label(),
                    'against' => $layer->against(),
                ]),
                Sentence::of(Phrase::ItDoesNotSee, ['blind' => $layer->blindTo()]),
                null,
                $facts->basis(),
            );
        }
        $openWithoutPower = array_map(
            fn (TableRow $r): string => $r->called('layer'),
            array_values(
                array_filter(
                    $facts->brief->rows('layers'),
                    fn (TableRow $r): bool => FeedLayer::from($r->word('kind'))->isElectric() && ! $r->flag('closes'),
                ),
            ),
        );
        if ($openWithoutPower !== []) {
            $findings[] = Finding::of(
                Severity::Fix,
                'X-23',
                'topoff',
                Sentence::of(Phrase::StaysOpenWithoutPower, ['names' => implode(', ', $openWithoutPower)]),
                Sentence::of(Phrase::APowerCut),
                Sentence::of(Phrase::AValveThatCloses),
                $facts->basis(),
            );
        }

        return new TopicAnswer(
            [
                Figure::words(
                    'layers',
                    Sentence::of(Phrase::FigurePrinciplesStopIt, ['n' => (string) count($stops)]),
                    Sentence::of(Phrase::Names, $parts),
                    $facts->basis(),
                ),
            ],
            $findings,
        );
    }

    /**
     * Kinds in series that stop the water, each once: two of one kind fail by one cause.
     *
     * @return list<FeedLayer>
     */
    public static function principles(Facts $facts): array
    {
        $stops = [];
        foreach (self::of($facts) as $layer) {
            if ($layer->stops()) {
                $stops[$layer->principle()] ??= $layer;
            }
        }

        return array_values($stops);
    }

    /** @return list<FeedLayer> */
    private static function of(Facts $facts): array
    {
        return array_map(
            fn (TableRow $r): FeedLayer => FeedLayer::from($r->word('kind')),
            $facts->brief->rows('layers'),
        );
    }
}
