<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\House\TableRows;
use App\Systems\HouseLimit;
use App\Systems\System;
use App\Systems\SystemFacts;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Build\FieldError;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\PlanTables;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Units;

/** The build facts of a running system, measured anew. */
final class MeasuredAnewRequest extends FormRequest
{
    public function authorize(): bool
    {
        $system = $this->route('system');

        return $system instanceof System && $this->user()?->can('update', $system) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'values' => ['present', 'array:'.implode(',', array_keys(PlanSheet::fields()))],
            'bases' => ['array'],
            'bases.*' => [Rule::enum(Basis::class)],
            'chambers' => ['array', 'max:'.PlanTables::all()['chambers']->most],
            'chambers.*' => ['array:name,lengthMm,baffleMm'],
            'tables' => ['array:'.implode(',', SystemFacts::PLACED)],
            'tables.*' => ['array'],
        ];
    }

    /**
     * Rows of its tables: as sent, or where nothing was sent as they stand.
     *
     * @return array<string, list<array<string, float|string|bool|null>>>
     */
    public function tables(System $system): array
    {
        $sent = $this->validated('tables');

        return array_intersect_key(
            TableRows::of(is_array($sent) ? $sent : ($system->tables ?? [])),
            array_flip(SystemFacts::PLACED),
        );
    }

    /** @return list<array<array-key, mixed>> */
    public function chambers(): array
    {
        $sent = $this->validated('chambers');

        return is_array($sent) ? array_values(array_filter($sent, is_array(...))) : [];
    }

    /**
     * What was measured, every value of it sound.
     *
     * @throws ValidationException in the units of whoever typed it
     */
    public function brief(System $system, Units $units): PlanBrief
    {
        $brief = PlanBrief::read([...(array) $this->validated(), ...$this->tables($system), 'house' => HouseLimit::here()]);
        if ($brief->errors !== []) {
            throw ValidationException::withMessages(
                collect($brief->errors)
                    ->mapWithKeys(
                        fn (FieldError $e): array => [
                            "values.{$e->field}" => $e->least === null || $e->most === null
                                ? $e->message
                                : 'Allowed: '.$units->show($e->least).' to '.$units->show($e->most).'.',
                        ],
                    )
                    ->all(),
            );
        }

        return $brief;
    }
}
