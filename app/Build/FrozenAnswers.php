<?php

declare(strict_types=1);

namespace App\Build;

use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\OpenCheck;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;

/** The answers as they stood when the version was accepted: plain values that no later core changes. */
final class FrozenAnswers
{
    /**
     * @return array{figures: array<string, array<string, mixed>>, findings: list<array<string, string|null>>,
     *     open: list<array<string, mixed>>}
     */
    public static function of(PlanAnswers $answers): array
    {
        $units = Units::metric();

        return [
            'figures' => array_map(
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
            'findings' => array_map(
                fn (Finding $f): array => [
                    'key' => $f->key(),
                    'severity' => $f->severity->value,
                    'rule' => $f->rule,
                    'what' => $f->what->in($units),
                    'why' => $f->why->in($units),
                    'remedy' => $f->remedy?->in($units),
                ],
                $answers->findings,
            ),
            'open' => array_map(
                fn (OpenCheck $o): array => [
                    'key' => $o->key,
                    'rule' => $o->rule,
                    'asks' => $o->asks->in($units),
                    'needs' => $o->needs,
                    'assumed' => $o->assumed,
                    'safety' => $o->isSafety,
                ],
                $answers->open,
            ),
        ];
    }
}
