<?php

declare(strict_types=1);

namespace App\Moves\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** A line more for every move, or one of the usual list left off. */
final class OwnLineRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', OwnLine::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'what' => ['required_without:drops', 'nullable', 'string', 'max:120'],
            'count' => ['nullable', 'integer', 'between:1,999'],
            'owner' => ['nullable', 'string', 'max:80'],
            'drops' => ['required_without:what', 'prohibits:what', 'nullable', 'string', 'max:60', 'regex:/^[a-z][\\w-]*$/i'],
        ];
    }

    /** @return array{what: string|null, count: int|null, owner: string|null, drops: string|null} */
    public function line(): array
    {
        $word = fn (string $key): ?string => $this->filled($key) ? trim($this->string($key)->toString()) : null;

        return [
            'what' => $word('what'),
            'count' => $this->filled('count') ? $this->integer('count') : null,
            'owner' => $word('owner'),
            'drops' => $word('drops'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['what.required_without' => 'Say what is taken along.'];
    }
}
