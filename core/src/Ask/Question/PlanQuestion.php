<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\PlanInput;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\FieldError;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\OpenCheck;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;

/** The whole plan: volumes, panel, floor, overflow, power cut, return chamber, heat and the way in. */
final class PlanQuestion implements Question
{
    public function line(): string
    {
        return 'A whole build plan: every figure it can give, every finding, and what it still needs (B-1 … B-64)';
    }

    public function input(): Input
    {
        return PlanInput::of();
    }

    public function output(): array
    {
        return [
            Field::any('figures', 'every figure by key: value and unit, or a word, or what it needs', [
                'type' => 'object',
            ]),
            ...PlainFinding::fields(),
            Field::any('open', 'what cannot be called Fine yet: what it needs, and which defaults it counted', [
                'type' => 'array',
            ]),
        ];
    }

    public function answer(Given $given): array
    {
        $answers = Plan::answer(PlanInput::brief($given));
        if ($answers->errors !== []) {
            throw self::refused($answers->errors[0]);
        }

        return [
            'figures' => (object) array_map(
                fn (Figure $f): array => [
                    'label' => $f->label,
                    'value' => $f->quantity?->value,
                    'unit' => $f->quantity?->kind->value,
                    'word' => $f->word,
                    'basis' => $f->grounds->basis->value,
                    'needs' => $f->needs,
                ],
                $answers->figures,
            ),
            ...PlainFinding::judged($answers->findings),
            'open' => array_map(
                fn (OpenCheck $o): array => [
                    'key' => $o->key,
                    'rule' => $o->rule,
                    'asks' => $o->asks->in(Units::metric()),
                    'needs' => $o->needs,
                    'assumed' => $o->assumed,
                    'safety' => $o->isSafety,
                ],
                $answers->open,
            ),
        ];
    }

    private static function refused(FieldError $error): OutOfRange
    {
        return OutOfRange::kept($error->field, $error->message, $error->allowed);
    }
}
