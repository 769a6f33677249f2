<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Controller;
use App\Control\Sensor;
use App\House\Days;
use App\Systems\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Probes and switches of a controller. */
final class SensorController
{
    public function store(Request $request, Controller $controller): RedirectResponse
    {
        Gate::authorize('update', $controller);
        $sensor = $controller->sensors()->create($this->given($request, $controller));

        return back()->with('said', "{$sensor->name} is on record.");
    }

    public function update(Request $request, Sensor $sensor): RedirectResponse
    {
        Gate::authorize('update', $sensor);
        $sensor->update($this->given($request, $sensor->controller()->firstOrFail(), $sensor));

        return back()->with('said', "{$sensor->name}: kept.");
    }

    public function archive(Sensor $sensor): RedirectResponse
    {
        Gate::authorize('update', $sensor);
        $sensor->archive();

        return back()->with('said', "{$sensor->name} is archived.");
    }

    /** @return array<string, mixed> */
    private function given(Request $request, Controller $controller, ?Sensor $sensor = null): array
    {
        $isProbe = $request->input('kind') === Sensor::PROBE;

        return $request->validate(
            [
                'kind' => ['required', Rule::in([Sensor::PROBE, Sensor::FLOAT])],
                'name' => [
                    'required',
                    'string',
                    'max:80',
                    Rule::unique('sensors', 'name')->where('controller_id', $controller->id)->ignore($sensor),
                ],
                'quantity' => [$isProbe ? 'required' : 'nullable', Rule::in(Sensor::QUANTITIES)],
                'resolution' => [$isProbe ? 'required' : 'nullable', 'numeric:strict', 'gt:0', 'max:10'],
                'hangs_in' => ['required', Rule::in(Sensor::PLACES[$isProbe ? Sensor::PROBE : Sensor::FLOAT])],
                'at' => [$isProbe ? 'nullable' : 'required', 'numeric:strict', 'between:-1000,5000'],
                'system_id' => ['nullable', 'integer', Rule::exists(System::class, 'id')->where('site_id', $controller->site_id)],
                'calibrated_on' => ['nullable', 'date_format:Y-m-d', 'before_or_equal:'.Days::text(), 'after:2000-01-01'],
                'calibrate_every_days' => ['nullable', 'integer', 'between:1,1095'],
            ],
            ['at.required' => 'Say at which height it is wet, or how many litres are left.'],
        );
    }
}
