<?php

declare(strict_types=1);

namespace App\Moves\Http;

use App\Moves\Move;
use Illuminate\Foundation\Http\FormRequest;
use Velbrin\Core\Moves\OriginLeft;

/** How a move ended, and how the old place was left. */
final class CloseMoveRequest extends FormRequest
{
    public function authorize(): bool
    {
        $move = $this->route('move');

        return $move instanceof Move && $this->user()?->can('update', $move) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'words' => ['required', 'string', 'max:500'],
            'stands_there' => ['sometimes', 'boolean:strict'],
            'left' => ['sometimes', 'array:'.implode(',', array_keys(OriginLeft::ASKED))],
            'left.*' => ['boolean:strict'],
            'signed_by' => ['nullable', 'string', 'max:120'],
            'still_open' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['words.required' => 'Say how it ended, and what was missed.'];
    }

    /** @return array{words: string, standsThere: bool, left: array<array-key, mixed>, signedBy: string|null, stillOpen: string|null} */
    public function given(): array
    {
        $word = fn (string $key): ?string => is_string($this->input($key)) ? trim($this->string($key)->toString()) : null;

        return [
            'words' => $this->string('words')->toString(),
            'standsThere' => $this->boolean('stands_there'),
            'left' => is_array($this->input('left')) ? $this->input('left') : [],
            'signedBy' => $word('signed_by'),
            'stillOpen' => $word('still_open'),
        ];
    }
}
