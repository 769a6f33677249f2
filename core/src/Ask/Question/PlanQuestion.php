<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\FieldError;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\OutOfRange;

/** The whole plan: volumes, panel, floor, overflow, power cut, return chamber, heat and the way in. */
final class PlanQuestion implements Question
{
    public function line(): string
    {
        return 'A whole build plan: every figure it can give, every finding, and what it still needs (B-1 … B-43)';
    }

    public function input(): Input
    {
        $values = [];
        foreach (PlanSheet::fields() as $key => $spec) {
            $number = $spec->kind === null ? [] : ['type' => 'number', 'minimum' => $spec->least, 'maximum' => $spec->most];
            $schema = $spec->kind === null ? ['enum' => array_keys($spec->choices)] : ($spec->mayBeNone ? ['oneOf' => [$number, ['const' => PlanBrief::NONE]]] : $number);
            $values[$key] = ['description' => $spec->label.($spec->kind === null ? '' : ", {$spec->kind->value}"), ...$schema];
        }
        $lengths = fn (string ...$names): array => array_fill_keys($names, ['type' => ['number', 'null'], 'exclusiveMinimum' => 0]);

        return Input::of(
            Field::any('values', 'facts in the core’s units; what is absent is unknown', ['type' => 'object', 'properties' => $values, 'additionalProperties' => false]),
            Field::any('bases', 'where each fact comes from', ['type' => 'object', 'additionalProperties' => ['enum' => array_column(Basis::cases(), 'value')]], required: false),
            Field::any('chambers', 'sump chambers in flow order, the return chamber last', ['type' => 'array', 'maxItems' => PlanBrief::MOST_CHAMBERS, 'items' => ['type' => 'object', 'properties' => ['name' => ['type' => 'string'], ...$lengths('lengthMm', 'baffleMm')]]], required: false),
            Field::any('passages', 'the way in', ['type' => 'array', 'maxItems' => PlanBrief::MOST_PASSAGES, 'items' => ['type' => 'object', 'properties' => ['name' => ['type' => 'string'], ...$lengths('widthMm', 'heightMm', 'corridorAMm', 'corridorBMm')]]], required: false),
        );
    }

    public function output(): array
    {
        return [
            Field::any('figures', 'every figure by key: value and unit, or a word, or what it needs', ['type' => 'object']),
            Field::any('findings', 'worst first', ['type' => 'array']),
        ];
    }

    public function answer(Given $given): array
    {
        $brief = PlanBrief::read(['values' => $given->raw('values'), 'bases' => $given->rawOr('bases'), 'chambers' => $given->rawOr('chambers'), 'passages' => $given->rawOr('passages')]);
        $answers = Plan::answer($brief);
        if ($answers->errors !== []) {
            throw self::refused($answers->errors[0]);
        }

        return [
            'figures' => (object) array_map(fn (Figure $f): array => [
                'label' => $f->label, 'value' => $f->quantity?->value, 'unit' => $f->quantity?->kind->value, 'word' => $f->word, 'basis' => $f->grounds->basis->value, 'needs' => $f->needs,
            ], $answers->figures),
            'findings' => PlainFinding::all($answers->findings),
        ];
    }

    private static function refused(FieldError $error): OutOfRange
    {
        return OutOfRange::field($error->field, $error->message, $error->allowed);
    }
}
