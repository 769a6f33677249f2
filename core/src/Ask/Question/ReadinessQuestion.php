<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Emergency\Need;
use Velbrin\Core\Emergency\Readiness;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Hazard;

final class ReadinessQuestion implements Question
{
    public function line(): string
    {
        return 'Share of hazards for which what is needed is within reach in less time than the harm takes (E-1)';
    }

    public function input(): Input
    {
        $hazards = array_map(fn (Hazard $h): string => $h->value, Hazard::cases());

        return Input::of(
            Field::map('harmH', 'hours to harm by hazard: '.implode(', ', $hazards)),
            Field::rows('needs', 'what has to be there', Input::of(
                Field::text('id', 'its name'),
                Field::choice('serves', 'the hazard it is for', $hazards),
                Field::number('amount', 'how much', 0, default: 1),
                Field::number('has', 'what is there; absent: nobody has said', 0)->optional(),
                Field::number('withinH', 'hours until it is in use; absent: nobody has said', 0)->optional(),
                Field::boolean('good', 'tested, not out of date', false),
            )),
            Field::map('loss', 'yearly, by hazard')->optional(),
        );
    }

    public function output(): array
    {
        return [
            Field::number('share', 'of hazards served in time'),
            Field::number('shareByLoss', 'by yearly loss; null: none given')->orNull(),
            Field::any('served', 'hazards', ['type' => 'array']),
            Field::any('unserved', 'hazards', ['type' => 'array']),
        ];
    }

    public function answer(Given $given): array
    {
        foreach (['harmH', 'loss'] as $field) {
            foreach (array_keys($given->mapOr($field)) as $name) {
                if (Hazard::tryFrom((string) $name) === null) {
                    throw OutOfRange::field(
                        "{$field}.{$name}",
                        Phrase::IsNotAHazard,
                        Phrase::TheNameOfAHazard,
                        ['name' => $name],
                    );
                }
            }
        }
        $needs = array_map(
            fn (Given $row): Need => new Need(
                code: $row->text('id'),
                serves: [Hazard::from($row->text('serves'))],
                amount: $row->number('amount'),
                unit: '',
                has: $row->numberOrNull('has'),
                withinH: $row->numberOrNull('withinH'),
                isGood: $row->boolean('good'),
            ),
            $given->rows('needs'),
        );
        $ready = Readiness::of($given->map('harmH'), $needs, $given->mapOr('loss'));

        return [
            'share' => $ready->share,
            'shareByLoss' => $ready->shareByLoss,
            'served' => self::names($ready->served),
            'unserved' => self::names($ready->unserved),
        ];
    }

    /**
     * @param  list<Hazard>  $hazards
     * @return list<string>
     */
    private static function names(array $hazards): array
    {
        return array_map(fn (Hazard $h): string => $h->value, $hazards);
    }
}
