<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\House\TableRows;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Velbrin\Core\Build\PlanSheet;

/** A fact of the sheet, or a row of one of its tables: "row:vessels:id". */
final class FieldOrRow implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $parts = is_string($value) ? explode(':', $value, 3) : [];
        $isRow = count($parts) === 3 && $parts[0] === 'row' && isset(TableRows::specs()[$parts[1]]) && $parts[2] !== '';
        if (! $isRow && ! (is_string($value) && isset(PlanSheet::fields()[$value]))) {
            $fail('This is neither a fact nor a row of the plan.');
        }
    }
}
