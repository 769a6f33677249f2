<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The lamps against their maker's heights, and their watts and weight against what is written for all (B-50, X-1). */
final class LampsAsMade implements Topic
{
    /** Two numbers for one thing agree within this share. */
    private const AGREE = 0.1;

    public function keys(): array
    {
        return [];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        return new TopicAnswer([], [...self::mounting($facts), ...self::together($facts)]);
    }

    /**
     * A lamp hung lower or higher than its maker allows (B-50).
     *
     * @return list<Finding>
     */
    private static function mounting(Facts $facts): array
    {
        $found = [];
        foreach ($facts->brief->rows('lamps') as $row) {
            $above =
                $row->numberOr('aboveRimMm') ??
                ($facts->knows(F::LampAboveRimMm) ? $facts->number(F::LampAboveRimMm) : null);
            [$least, $most] = [$row->numberOr('leastMm'), $row->numberOr('mostMm')];
            if ($above === null || (($least === null || $above >= $least) && ($most === null || $above <= $most))) {
                continue;
            }
            $low = $least !== null && $above < $least;
            $parts = [
                'name' => $row->called('lamp'),
                'above' => Quantity::of($above, Kind::Length),
                'limit' => Quantity::of((float) ($low ? $least : $most), Kind::Length),
            ];
            $found[] = Finding::of(
                Severity::Fix,
                'B-50',
                'light',
                Sentence::of(
                    $low
                        ? Phrase::HangsAboveTheRim
                        : Phrase::HangsAboveTheRimIts,
                    $parts,
                ),
                Sentence::of(
                    $low
                        ? Phrase::SplashSaltAndHeatReach
                        : Phrase::ItsLightFallsBesideTheTank,
                ),
                Sentence::of(Phrase::HangItAt, $parts),
                $facts->basis(),
            );
        }

        return $found;
    }

    /**
     * What the lamps say of themselves against what is written for all of them: two numbers for one thing (X-1).
     *
     * @return list<Finding>
     */
    private static function together(Facts $facts): array
    {
        $found = [];
        foreach (
            [['watts', F::LightsW, Kind::Power, 'take'], ['kg', F::LampsKg, Kind::Mass, 'weigh']] as [$column, $field, $kind, $verb]
        ) {
            $each = array_map(fn (TableRow $r): ?float => $r->numberOr($column), $facts->brief->rows('lamps'));
            $written = $facts->brief->has($field) ? $facts->numberOrNone($field) : null;
            $sum = array_sum($each);
            if (
                $each === [] ||
                $written === null ||
                in_array(null, $each, true) ||
                abs($sum - $written) <= self::AGREE * max($sum, $written)
            ) {
                continue;
            }
            $parts = ['sum' => Quantity::of($sum, $kind), 'written' => Quantity::of($written, $kind), 'verb' => $verb];
            $found[] = Finding::of(
                Severity::Watch,
                'X-1',
                'light',
                Sentence::of(Phrase::TheLampsTogether, $parts),
                Sentence::of(Phrase::HeatCircuitsAndHangingCount),
                Sentence::of(Phrase::PutRightWhicheverIsWrong),
                $facts->basis(),
            );
        }

        return $found;
    }
}
