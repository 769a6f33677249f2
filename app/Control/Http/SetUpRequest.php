<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Controller;
use Illuminate\Foundation\Http\FormRequest;

/** What somebody wrote of outlets and guards: kept as typed, in sizes that can be kept; the core says what cannot be. */
final class SetUpRequest extends FormRequest
{
    /** More outlets than any cabinet has. */
    private const MOST = 96;

    public function authorize(): bool
    {
        $controller = $this->route('controller');

        return $controller instanceof Controller && $this->user()?->can('update', $controller) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer', 'min:0', 'max:4000000000'],
            'outlets' => ['present', 'array', 'list', 'max:'.self::MOST],
            'outlets.*' => ['array', 'max:20'],
            'outlets.*.id' => ['required', 'string', 'max:20', 'regex:/^o\d+$/', 'distinct'],
            'outlets.*.place' => ['required', 'string', 'max:80'],
            'outlets.*.rule' => ['required', 'array', 'max:20'],
            'outlets.*.rule.kind' => ['required', 'string', 'max:20'],
            'guards' => ['present', 'array', 'list', 'max:'.self::MOST],
            'guards.*' => ['array', 'max:20'],
            'guards.*.id' => ['required', 'string', 'max:40', 'distinct'],
            'guards.*.outlet' => ['required', 'string', 'max:20', 'regex:/^o\d+$/'],
        ];
    }

    /** @return array{outlets: array<array-key, mixed>, guards: array<array-key, mixed>} */
    public function document(): array
    {
        $outlets = $this->input('outlets');
        $guards = $this->input('guards');

        return ['outlets' => is_array($outlets) ? $outlets : [], 'guards' => is_array($guards) ? $guards : []];
    }
}
