<?php

declare(strict_types=1);

namespace App\Emergency\Http;

use App\Emergency\AreaEvent;
use App\Emergency\AreaEventKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What comes, where, from when until when, how long without power, how cold or hot outside. */
final class AreaEventRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('create', AreaEvent::class);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(AreaEventKind::class)],
            'towns' => ['present', 'array', 'max:50'],
            'towns.*' => ['string', 'max:120', Rule::exists('sites', 'town')],
            'starts_at' => ['required', 'date_format:Y-m-d\TH:i', 'after:-1 day', 'before:+1 year'],
            'ends_at' => ['required', 'date_format:Y-m-d\TH:i', 'after:starts_at', 'before:+1 year'],
            'dark_h' => [
                'nullable',
                Rule::requiredIf(AreaEventKind::tryFrom($this->string('kind')->toString())?->isDark() === true),
                'numeric:strict',
                'between:0.5,240',
            ],
            'outside_c' => ['nullable', 'numeric:strict', 'between:-50,55'],
            'words' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'dark_h.required' => 'Say for how long the power may be gone.',
            'ends_at.after' => 'It ends after it begins.',
            'towns.*.exists' => 'No place of ours lies there.',
        ];
    }
}
