<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Controller;
use App\Control\Link\TakeLog;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A batch of a log: which file, which line, which probe, what. */
final class LogRequest extends FormRequest
{
    private const MOST_ROWS = 1000;

    public function authorize(): bool
    {
        $controller = $this->route('controller');

        return $controller instanceof Controller && $this->user()?->can('update', $controller) === true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'run' => ['required', 'string', 'regex:/^[0-9a-f]{36}$/'],
            'order' => ['required', Rule::in(TakeLog::ORDERS)],
            'look' => ['required', 'boolean'],
            'rows' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST_ROWS],
            'rows.*.seq' => ['required', 'integer:strict', 'min:0', 'max:100000000'],
            'rows.*.at' => ['required', 'string', 'max:40'],
            'rows.*.id' => ['required', 'string', 'max:40'],
            'rows.*.value' => ['required', 'numeric:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['rows.max' => 'A thousand values at once, please.'];
    }

    /** @return list<array{seq: int, at: string, id: string, value: float}> */
    public function rows(): array
    {
        $rows = [];
        foreach ((array) $this->validated('rows') as $row) {
            if (is_array($row) && is_int($row['seq'] ?? null) && is_string($row['at'] ?? null) && is_string($row['id'] ?? null)) {
                $value = $row['value'] ?? null;
                $rows[] = [
                    'seq' => $row['seq'],
                    'at' => $row['at'],
                    'id' => $row['id'],
                    'value' => is_numeric($value) ? (float) $value : 0.0,
                ];
            }
        }

        return $rows;
    }
}
