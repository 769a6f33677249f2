<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\Item;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Velbrin\Core\Control\Job;

/** The register: every device with its job, age, plug and replacement date. */
final class ItemController
{
    public function store(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate($this->rules($system));
        $system->items()->create($this->withForecast($given));

        return back()->with('said', 'In the register.');
    }

    public function update(Request $request, Item $item): RedirectResponse
    {
        Gate::authorize('update', $item);
        abort_if($item->retired_at !== null, 403);
        $given = $request->validate([...$this->rules($item->system()->firstOrFail()), 'reason' => ['required', 'string', 'max:300']]);
        $reason = $given['reason'];
        unset($given['reason']);
        DB::transaction(function () use ($item, $given, $reason): void {
            $item->update($this->withForecast($given));
            activity()->performedOn($item)->event('reason')->withProperties(['reason' => $reason])->log('why it changed');
        });

        return back()->with('said', 'Kept.');
    }

    public function retire(Request $request, Item $item): RedirectResponse
    {
        Gate::authorize('update', $item);
        $given = $request->validate(['reason' => ['required', 'string', 'max:300']]);
        $item->update(['retired_at' => now(), 'retired_reason' => $given['reason'], 'replace_on' => null]);

        return back()->with('said', "{$item->name} is retired; its history stays.");
    }

    /** @return array<string, list<mixed>> */
    private function rules(System $system): array
    {
        return [
            'job' => ['required', Rule::enum(Job::class)],
            'name' => ['required', 'string', 'max:160'],
            'vessel_id' => ['nullable', 'integer', Rule::exists('vessels', 'id')->where('system_id', $system->id)],
            'watts' => ['nullable', 'numeric:strict', 'min:0', 'max:20000'],
            'installed_on' => ['nullable', 'date', 'before_or_equal:tomorrow', 'after:1980-01-01'],
            'installed_precision' => ['required', Rule::in(['day', 'month', 'year', 'about'])],
            'life_months' => ['nullable', 'numeric:strict', 'gt:0', 'max:600'],
            'plug_label' => ['nullable', 'string', 'max:80'],
            'outlet' => ['nullable', 'string', 'max:80'],
            'circuit' => ['nullable', 'string', 'max:80'],
            'serial' => ['nullable', 'string', 'max:80'],
            'spare_where' => ['nullable', 'string', 'max:160'],
            'warranty_until' => ['nullable', 'date'],
            'service_every_days' => ['nullable', 'integer', 'min:1', 'max:2000'],
            'last_service_on' => ['nullable', 'date', 'before_or_equal:tomorrow'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private function withForecast(array $given): array
    {
        $job = Job::from(is_string($given['job']) ? $given['job'] : '');
        $months = $given['life_months'] ?? null;
        $installed = $given['installed_on'] ?? null;
        $due = is_string($installed) ? Item::dueOn(CarbonImmutable::parse($installed), is_numeric($months) ? (float) $months : null, $job)?->toDateString() : null;

        return [...$given, 'replace_on' => $due];
    }
}
