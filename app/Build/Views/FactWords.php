<?php

declare(strict_types=1);

namespace App\Build\Views;

use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A fact of a plan as people read it. */
final class FactWords
{
    public static function label(string $field): string
    {
        return PlanSheet::fields()[$field]->label;
    }

    public static function of(string $field, float|string|null $value, Units $units): string
    {
        $spec = PlanSheet::fields()[$field];

        return match (true) {
            $value === null => 'not given',
            $value === PlanBrief::NONE => 'none',
            is_string($value) => $spec->choices[$value] ?? $value,
            default => $spec->kind === null ? (string) $value : $units->show(Quantity::of($value, $spec->kind)),
        };
    }
}
