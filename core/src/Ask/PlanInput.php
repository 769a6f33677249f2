<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\PlanTables;
use Velbrin\Core\Build\TableSpec;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\OutOfRange;

/** A plan’s brief as a question’s input: its facts, its tables, and where each fact comes from. */
final class PlanInput
{
    public static function of(Field ...$more): Input
    {
        $values = [];
        foreach (PlanSheet::fields() as $key => $spec) {
            $number =
                $spec->kind === null ? [] : ['type' => 'number', 'minimum' => $spec->least, 'maximum' => $spec->most];
            $schema =
                $spec->kind === null
                    ? ['enum' => array_keys($spec->choices)]
                    : ($spec->mayBeNone
                        ? ['oneOf' => [$number, ['const' => PlanBrief::NONE]]]
                        : $number);
            $values[$key] = [
                'description' => $spec->label.($spec->kind === null ? '' : ", {$spec->kind->value}"),
                ...$schema,
            ];
        }

        return Input::of(
            Field::any('values', 'facts in the core’s units; what is absent is unknown', [
                'type' => 'object',
                'properties' => $values,
                'additionalProperties' => false,
            ]),
            Field::any(
                'bases',
                'where each fact comes from',
                ['type' => 'object', 'additionalProperties' => ['enum' => array_column(Basis::cases(), 'value')]],
                required: false,
            ),
            ...array_map(self::table(...), array_values(PlanTables::all())),
            ...[
                Field::any(
                    'house',
                    'limits of the company’s own, by rule',
                    [
                        'type' => 'object',
                        'properties' => array_combine(
                            array_column(HouseRule::cases(), 'value'),
                            array_map(
                                fn (HouseRule $r): array => [
                                    'description' => "{$r->label()}, {$r->kind()->value}",
                                    'type' => 'number',
                                    'minimum' => $r->least(),
                                    'maximum' => $r->most(),
                                ],
                                HouseRule::cases(),
                            ),
                        ),
                        'additionalProperties' => false,
                    ],
                    required: false,
                ),
            ],
            ...$more,
        );
    }

    private static function table(TableSpec $table): Field
    {
        $columns = ['name' => ['type' => 'string'], 'id' => ['type' => 'string']];
        foreach ($table->columns as $column) {
            $columns[$column->key] = match (true) {
                $column->isFlag() => ['type' => 'boolean'],
                $column->kind === null => ['enum' => array_keys($column->choices)],
                default => [
                    'description' => "{$column->label}, {$column->kind->value}",
                    'type' => $column->mayBeEmpty() ? ['number', 'null'] : 'number',
                    'minimum' => $column->least,
                    'maximum' => $column->most,
                ],
            };
        }

        return Field::any(
            $table->key,
            $table->says,
            ['type' => 'array', 'maxItems' => $table->most, 'items' => ['type' => 'object', 'properties' => $columns]],
            required: false,
        );
    }

    /** @throws OutOfRange naming the first fact that cannot be */
    public static function brief(Given $given): PlanBrief
    {
        $raw = [
            'values' => $given->raw('values'),
            'bases' => $given->rawOr('bases'),
            'house' => $given->rawOr('house'),
        ];
        foreach (array_keys(PlanTables::all()) as $table) {
            $raw[$table] = $given->rawOr($table);
        }
        $brief = PlanBrief::read($raw);
        if ($brief->errors !== []) {
            throw OutOfRange::kept($brief->errors[0]->field, $brief->errors[0]->message, $brief->errors[0]->allowed);
        }

        return $brief;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $answer
     * @return T
     *
     * @throws OutOfRange naming what is missing
     */
    public static function known(callable $answer): mixed
    {
        try {
            return $answer();
        } catch (Missing $e) {
            throw OutOfRange::field(
                $e->fields[0],
                Phrase::ThisAnswerNeeds,
                Phrase::AValue,
                ['list' => implode(', ', $e->fields)],
            );
        }
    }
}
