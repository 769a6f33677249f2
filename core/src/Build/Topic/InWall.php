<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** A tank in an opened wall: props, hidden cables, the gap under the lintel, room behind for the work of years (B-12, B-77). */
final class InWall implements Topic
{
    /** A lintel settles; this much air stays between it and the tank, mm. */
    private const GAP_MM = 10.0;

    /** A person turns and works in it, mm. */
    private const SERVICE_MM = 600.0;

    public function keys(): array
    {
        return [];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (! $facts->brief->has(F::WallOpening) || $facts->word(F::WallOpening) !== 'yes') {
            return new TopicAnswer([]);
        }
        $found = [self::props($facts), self::cables($facts), self::gap($facts)];
        if ($facts->brief->has(F::GapBehindMm)) {
            $found[] = self::behind($facts);
        }

        return new TopicAnswer([], $found);
    }

    private static function props(Facts $facts): Finding
    {
        return match ($facts->word(F::Props)) {
            'planned' => Finding::of(
                Severity::Fine,
                'B-77',
                'floor',
                Sentence::of('Temporary props are planned'),
                Sentence::of(
                    'They stand before the first stone comes out, and stay until the lintel carries. The engineer says where.',
                ),
                null,
                $facts->basis(),
            ),
            'none' => Finding::of(
                Severity::Fine,
                'B-77',
                'floor',
                Sentence::of('The engineer’s document says no props are needed'),
                Sentence::of('Keep it with the consents.'),
                null,
                $facts->basis(),
            ),
            default => Finding::of(
                Severity::Fix,
                'B-77',
                'floor',
                Sentence::of('Temporary props are not planned'),
                Sentence::of('While the wall is open, what it carried hangs on nothing.'),
                Sentence::of('Ask the structural engineer for props, their places and when they go.'),
                $facts->basis(),
            ),
        };
    }

    private static function cables(Facts $facts): Finding
    {
        return $facts->word(F::HiddenCables) === 'searched'
            ? Finding::of(
                Severity::Fine,
                'B-77',
                'floor',
                Sentence::of('The wall was searched for cables and pipes'),
                Sentence::of('What was found is marked on it and on the plan.'),
                null,
                $facts->basis(),
            )
            : Finding::of(
                Severity::Fix,
                'B-77',
                'floor',
                Sentence::of('The wall is not searched for cables and pipes'),
                Sentence::of('A cut cable kills, a cut pipe floods.'),
                Sentence::of(
                    'Search it with a locator, switch off, mark; a licensed electrician moves what is in the way.',
                ),
                $facts->basis(),
            );
    }

    private static function gap(Facts $facts): Finding
    {
        $gap = $facts->brief->has(F::LintelGapMm) ? $facts->number(F::LintelGapMm) : null;
        $parts = [
            'gap' => Quantity::of($gap ?? 0.0, Kind::Length),
            'least' => Quantity::of(self::GAP_MM, Kind::Length),
        ];

        return match (true) {
            $gap === null => Finding::of(
                Severity::Fix,
                'B-77',
                'floor',
                Sentence::of('Nobody has said what gap stays under the lintel'),
                Sentence::of('A wall that settles onto glass breaks it.'),
                Sentence::of('Draw it with {least} or more of air; the engineer gives the settling.', $parts),
                $facts->basis(),
            ),
            $gap < self::GAP_MM => Finding::of(
                Severity::Fix,
                'B-12',
                'floor',
                Sentence::of('Only {gap} between lintel and tank', $parts),
                Sentence::of('A wall that settles onto glass breaks it.'),
                Sentence::of('{least} or more, closed with something soft.', $parts),
                $facts->basis(),
            ),
            default => Finding::of(
                Severity::Fine,
                'B-12',
                'floor',
                Sentence::of('{gap} of air under the lintel', $parts),
                Sentence::of('Closed with something soft, never packed.'),
                null,
                $facts->basis(),
            ),
        };
    }

    private static function behind(Facts $facts): Finding
    {
        $parts = [
            'gap' => Quantity::of($facts->number(F::GapBehindMm), Kind::Length),
            'wide' => Quantity::of(self::SERVICE_MM, Kind::Length),
        ];

        return $facts->number(F::GapBehindMm) >= self::SERVICE_MM
            ? Finding::of(
                Severity::Fine,
                'B-12',
                'access',
                Sentence::of('{gap} to work in behind the wall', $parts),
                Sentence::of('It is worth more than any device: keep it free.'),
                null,
                $facts->basis(),
            )
            : Finding::of(
                Severity::Watch,
                'B-12',
                'access',
                Sentence::of('{gap} behind the wall: a person does not turn in it', $parts),
                Sentence::of('Everything behind is then done from the front, over the water.'),
                Sentence::of('{wide} behind, or every part within reach from the front.', $parts),
                $facts->basis(),
            );
    }
}
