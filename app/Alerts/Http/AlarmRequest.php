<?php

declare(strict_types=1);

namespace App\Alerts\Http;

use App\Alerts\Alarm;
use App\Systems\System;
use App\Team\Colleague;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\Hazard;

/** What an alarm measures, at which limits it calls, and whom. */
final class AlarmRequest extends FormRequest
{
    public function authorize(): bool
    {
        $alarm = $this->route('alarm');
        $system = $this->route('system');

        return match (true) {
            $alarm instanceof Alarm => $this->user()?->can('update', $alarm) === true,
            $system instanceof System => $this->user()?->can('record', $system) === true,
            default => false,
        };
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'watches' => ['required', 'array', 'min:1', 'max:10'],
            'watches.*' => [Rule::enum(Hazard::class)],
            'quantity' => ['required', Rule::enum(AlarmQuantity::class)],
            ...self::limits(),
            'delay_min' => ['required', 'numeric:strict', 'min:0', 'max:1440'],
            'on_its_own' => ['required', 'boolean'],
            'is_lowest' => ['nullable', 'boolean'],
            'calls' => ['required', 'array', 'min:1', 'max:6'],
            'calls.*' => ['integer', Colleague::rule()],
        ];
    }

    /** @return array<string, list<mixed>> °C or mg/L */
    public static function limits(string $prefix = ''): array
    {
        return [
            "{$prefix}low_limit" => ['nullable', 'numeric:strict', 'min:0', 'max:40'],
            "{$prefix}high_limit" => ['nullable', 'numeric:strict', 'min:0', 'max:40'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $low = $this->input('low_limit');
                $high = $this->input('high_limit');
                if (is_numeric($low) && is_numeric($high) && $low >= $high) {
                    $validator->errors()->add('low_limit', 'The low limit lies under the high one.');
                }
            },
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['calls.required' => 'An alarm that calls nobody is none: name who is called, in order.'];
    }
}
