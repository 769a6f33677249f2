<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Working;

/** The price of complexity in hours: care of the equipment in a month (B-64). */
final class Upkeep implements Topic
{
    public function keys(): array
    {
        return ['upkeepH'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $hours = Quantity::of(($facts->number(F::VisitsMonth) * $facts->number(F::CareMin)) / 60, Kind::Hours);

        return new TopicAnswer([
            Figure::number(
                'upkeepH',
                $hours,
                Sentence::of(Phrase::WithoutDrivingAndWaterChanges),
                $facts->basis(),
                Working::of(
                    Topic::LABELS['upkeepH'],
                    'v*m/60',
                    [$facts->row('v', F::VisitsMonth), $facts->row('m', F::CareMin)],
                    $hours,
                    'B-64',
                ),
            ),
        ]);
    }
}
