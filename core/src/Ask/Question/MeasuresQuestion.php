<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Risk\BestMeasures;
use Velbrin\Core\Risk\Measure;

final class MeasuresQuestion implements Question
{
    public function line(): string
    {
        return 'The set of measures with the least yearly loss within a budget (R-31)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::rows(
                'hazards',
                'undefended',
                Input::of(
                    Field::text('id', 'its name'),
                    Field::number('ratePerYear', 'how often', 0),
                    Field::number('loss', 'each time', 0),
                ),
            ),
            Field::rows('measures', 'at most 20', self::measure()),
            Field::number('budget', 'for all of them', 0),
        );
    }

    public function output(): array
    {
        return [
            Field::any('chosen', 'sorted', ['type' => 'array']),
            Field::number('yearlyLoss', 'what is left'),
            Field::number('cost', 'of the chosen'),
        ];
    }

    public function answer(Given $given): array
    {
        $lossOf = [];
        foreach ($given->rows('hazards') as $hazard) {
            $lossOf[$hazard->text('id')] = $hazard->number('ratePerYear') * $hazard->number('loss');
        }
        $measures = array_map(
            fn (Given $row): Measure => new Measure(
                $row->text('id'),
                $row->number('cost'),
                $row->map('factors'),
                array_sum(
                    array_map(
                        fn (Given $added): float => $added->number('ratePerYear') * $added->number('loss'),
                        $row->rows('adds'),
                    ),
                ),
            ),
            $given->rows('measures'),
        );

        return BestMeasures::of($lossOf, $measures, $given->number('budget'));
    }

    private static function measure(): Input
    {
        $added = Input::of(Field::number('ratePerYear', 'how often', 0), Field::number('loss', 'each time', 0));

        return Input::of(
            Field::text('id', 'its name'),
            Field::number('cost', 'once', 0),
            Field::map('factors', 'what is left of a hazard, by hazard'),
            Field::rows('adds', 'failures it brings', $added, required: false),
        );
    }
}
