<?php

declare(strict_types=1);

namespace App\Moves\Http;

use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Velbrin\Core\Moves\Work\WorkKind;
use Velbrin\Core\Moves\Work\WorkVerb;

/** What is changed of a running system, and what its list is made with. */
final class StartWorkRequest extends FormRequest
{
    private const FACTS = ['flowLh', 'gasketSeatMm', 'cureH', 'leakH', 'corals', 'hadCopper'];

    public function authorize(): bool
    {
        return $this->user()?->can('update', $this->system()) === true;
    }

    public function system(): System
    {
        $system = $this->route('system');

        return $system instanceof System ? $system : abort(404);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $here = fn (string $table) => Rule::exists($table, 'id')->where('system_id', $this->system()->id);

        return [
            'kind' => ['required', Rule::enum(WorkKind::class)],
            'verb' => ['required', Rule::enum(WorkVerb::class)],
            'name' => ['required', 'string', 'max:120'],
            'item_id' => ['nullable', 'integer:strict', $here('items')->whereNull('retired_at')],
            'vessel_id' => ['nullable', 'integer:strict', $here('vessels')->where('role', 'other')->whereNull('left_on')],
            'on' => ['nullable', 'date_format:Y-m-d', 'after:2020-01-01', 'before:2100-01-01'],
            'facts' => ['sometimes', 'array:'.implode(',', self::FACTS)],
            'facts.flowLh' => ['nullable', 'numeric:strict', 'gt:0', 'max:200000'],
            'facts.gasketSeatMm' => ['nullable', 'numeric:strict', 'between:1,100'],
            'facts.cureH' => ['nullable', 'numeric:strict', 'between:1,720'],
            'facts.leakH' => ['nullable', 'numeric:strict', 'between:24,168'],
            'facts.corals' => ['nullable', 'integer:strict', 'between:1,10000'],
            'facts.hadCopper' => ['nullable', 'boolean:strict'],
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            [$kind, $verb] = [$this->kind(), $this->verb()];
            if (! in_array($verb, $kind->verbs(), true)) {
                $validator->errors()->add('verb', 'Of this kind there is only: '.$kind->verbs()[0]->label().'.');
            }
            if ($kind->device() !== null && $verb !== WorkVerb::Add && ! $this->filled('item_id')) {
                $validator->errors()->add('item_id', 'Say which one of the register it is.');
            }
            if ($kind === WorkKind::Vessel && $verb === WorkVerb::Retire && ! $this->filled('vessel_id')) {
                $validator->errors()->add('vessel_id', 'Say which vessel leaves.');
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['facts.leakH.between' => 'A leak test lasts a day at least, a week at most.'];
    }

    public function kind(): WorkKind
    {
        return WorkKind::from($this->string('kind')->toString());
    }

    public function verb(): WorkVerb
    {
        return WorkVerb::from($this->string('verb')->toString());
    }

    /** @return array<string, mixed> what was said, without what was not */
    public function facts(): array
    {
        $facts = $this->input('facts');

        return array_filter(is_array($facts) ? $facts : [], fn (mixed $v): bool => $v !== null);
    }

    public function on(): ?CarbonImmutable
    {
        return $this->filled('on') ? CarbonImmutable::parse($this->string('on')->toString()) : null;
    }
}
