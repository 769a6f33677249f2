<?php

declare(strict_types=1);

namespace App\Moves\Http;

use App\Clients\Attachments;
use App\Moves\Works\SaidAt;
use App\Moves\Works\Work;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Velbrin\Core\Moves\Work\Todo;

/** What is said of a step: comes with a photo, so as a form, its numbers as text. */
final class MarkWorkRequest extends FormRequest
{
    public function authorize(): bool
    {
        $work = $this->route('work');

        return $work instanceof Work && $this->user()?->can('record', $work) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            ...SaidAt::rules(),
            'step' => ['required', Rule::enum(Todo::class)],
            'value' => ['nullable', 'numeric', 'between:-100000,1000000'],
            'answer' => ['nullable', 'boolean'],
            'words' => ['nullable', 'string', 'max:300'],
            'photo' => ['nullable', ...array_slice(Attachments::rules(), 1)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $words = [];
        foreach (Attachments::messages() as $key => $message) {
            $words[str_replace('file.', 'photo.', $key)] = $message;
        }

        return $words;
    }

    /**
     * @return array{
     *     uuid: string, step: Todo, value: float|null, answer: bool|null, words: string|null, photo: UploadedFile|null, at: CarbonImmutable
     * }
     */
    public function said(Work $work): array
    {
        $photo = $this->file('photo');

        return [
            'uuid' => $this->string('uuid')->toString(),
            'step' => Todo::from($this->string('step')->toString()),
            'value' => $this->filled('value') ? $this->float('value') : null,
            'answer' => $this->filled('answer') ? $this->boolean('answer') : null,
            'words' => $this->filled('words') ? $this->string('words')->toString() : null,
            'photo' => $photo instanceof UploadedFile ? $photo : null,
            'at' => SaidAt::of($this, $work),
        ];
    }
}
