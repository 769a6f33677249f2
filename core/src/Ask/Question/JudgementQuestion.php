<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Chemistry\Judgement;
use Velbrin\Core\Chemistry\Reading;
use Velbrin\Core\Measure\OutOfRange;

/** What a series of readings says. */
final class JudgementQuestion implements Question
{
    public function line(): string
    {
        return 'Level, slope, scatter and days to leave the band of a series of readings (C-5)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::numbers('days', 'time of each reading, in days'),
            Field::numbers('values', 'the readings, as many as days'),
            Field::number('nowDay', 'judging day'),
            Field::number('fineLow', 'lower limit of the fine band'),
            Field::number('fineHigh', 'upper limit of the fine band'),
            Field::number('resolution', 'what the kit can tell apart', above: 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('latest', 'last value'),
            Field::choice('standing', 'where it stands', ['aim', 'fine', 'low', 'high', 'act-low', 'act-high']),
            Field::number('slopePerDay', 'Theil–Sen; null with too few readings')->orNull(),
            Field::boolean('steady', 'slope within the kit’s resolution'),
            Field::number('scatter', '1.4826 × median residual, at least half the resolution')->orNull(),
            Field::number('daysToLeave', '0 when outside, null when it does not')->orNull(),
        ];
    }

    public function answer(Given $given): array
    {
        $days = $given->numbers('days');
        $values = $given->numbers('values');
        if (count($days) !== count($values)) {
            throw OutOfRange::field(
                'values',
                Phrase::ValuesMustHoldAsManyNumbers,
                Phrase::CountNumbers,
                ['count' => (string) count($days)],
            );
        }
        $judgement = Judgement::of(
            array_map(Reading::at(...), $days, $values),
            Band::around($given->number('fineLow'), $given->number('fineHigh')),
            $given->number('resolution'),
            $given->number('nowDay'),
        );

        return [
            'latest' => $judgement->latest,
            'standing' => $judgement->standing->value,
            'slopePerDay' => $judgement->slopePerDay,
            'steady' => $judgement->steady,
            'scatter' => $judgement->scatter,
            'daysToLeave' => $judgement->daysToLeave,
        ];
    }
}
