<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Controller;
use App\Systems\System;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Control\Plant\Fault;
use Velbrin\Core\Control\Plant\FaultKind;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Measure\OutOfRange;

/** What breaks, when, and for how long it is played. */
final class TrialRunRequest extends FormRequest
{
    /** A page waits for no longer run than this, h. */
    private const MOST_H = 96;

    public function authorize(): bool
    {
        $controller = $this->route('controller');

        return $controller instanceof Controller && $this->user()?->can('view', $controller) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $controller = $this->route('controller');
        $siteId = $controller instanceof Controller ? $controller->site_id : 0;

        return [
            'system_id' => ['required', 'integer', Rule::exists(System::class, 'id')->where('site_id', $siteId)],
            'hours' => ['required', 'numeric:strict', 'between:1,'.self::MOST_H],
            'arrives_min' => ['nullable', 'numeric:strict', 'between:0,2880'],
            'faults' => ['present', 'array', 'list', 'max:12'],
            'faults.*.kind' => ['required', Rule::enum(FaultKind::class)],
            'faults.*.of' => ['nullable', 'string', 'max:40'],
            'faults.*.from_h' => ['required', 'numeric:strict', 'between:0,'.self::MOST_H],
            'faults.*.until_h' => ['nullable', 'numeric:strict', 'gt:faults.*.from_h', 'max:'.self::MOST_H],
            'faults.*.value' => ['nullable', 'numeric:strict', 'between:-1000,1000'],
        ];
    }

    public function hours(): float
    {
        return (float) $this->float('hours');
    }

    public function arrivesS(): ?float
    {
        return $this->input('arrives_min') === null ? null : $this->float('arrives_min') * 60;
    }

    /** @return list<Fault> */
    public function faults(): array
    {
        $given = $this->input('faults');
        $documents = [];
        foreach (is_array($given) ? $given : [] as $one) {
            $number = fn (string $key): ?float => is_array($one) && is_numeric($one[$key] ?? null) ? (float) $one[$key] : null;
            $documents[] = array_filter([
                'kind' => is_array($one) ? ($one['kind'] ?? null) : null,
                'of' => is_array($one) ? ($one['of'] ?? null) : null,
                'fromS' => 3600 * (float) $number('from_h'),
                'untilS' => $number('until_h') === null ? null : 3600 * (float) $number('until_h'),
                'value' => $number('value') ?? 0.0,
            ], fn (mixed $v): bool => $v !== null);
        }

        try {
            return PlantReader::faults($documents);
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(['faults' => ucfirst($e->getMessage()).'.']);
        }
    }
}
