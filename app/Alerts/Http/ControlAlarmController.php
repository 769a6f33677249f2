<?php

declare(strict_types=1);

namespace App\Alerts\Http;

use App\Alerts\KeepAlarm;
use App\Control\Controller;
use App\Control\Sensor;
use App\Systems\System;
use App\Team\Colleague;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Velbrin\Core\Risk\AlarmQuantity;

/** An alarm on a sensor of a controller, on an act of its set-up, or on its silence. */
final class ControlAlarmController
{
    public function store(Request $request, Controller $controller): RedirectResponse
    {
        Gate::authorize('update', $controller);
        $given = $request->validate(
            [
                'system_id' => ['required', 'integer', Rule::exists(System::class, 'id')->where('site_id', $controller->site_id)],
                'name' => ['required', 'string', 'max:120'],
                'sensor_id' => ['nullable', 'integer', Rule::exists(Sensor::class, 'id')->where('controller_id', $controller->id)],
                'act' => ['nullable', 'string', 'max:60'],
                'outlet_id' => ['nullable', 'integer', Rule::exists('outlets', 'id')->where('site_id', $controller->site_id)],
                ...AlarmRequest::limits(),
                'rate_per_h' => ['nullable', 'numeric:strict', 'gt:0', 'max:1000'],
                'most_w' => ['nullable', 'numeric:strict', 'gt:0', 'max:20000', Rule::prohibitedIf($request->input('outlet_id') === null)],
                'is_frozen' => ['required', 'boolean'],
                'is_lowest' => ['nullable', 'boolean'],
                'waits_at_night' => ['sometimes', 'boolean', Rule::prohibitedIf(! $this->mayWait($request))],
                'delay_min' => ['required', 'numeric:strict', 'min:0', 'max:1440'],
                'message' => ['required', 'string', 'max:300'],
                'calls' => ['required', 'array', 'min:1', 'max:6'],
                'calls.*' => ['integer', Colleague::rule()],
            ],
            [
                'waits_at_night.prohibited' => 'Only a value may wait until morning: a leak, power, an act and silence never do.',
                'most_w.prohibited' => 'What is drawn is measured at an outlet: choose which.',
                'message.required' => 'Say what whoever is woken should do.',
                'calls.required' => 'An alarm that calls nobody is none: name who is called, in order.',
            ],
        );
        KeepAlarm::of(System::query()->findOrFail($request->integer('system_id')), [
            ...array_diff_key($given, ['system_id' => 1]),
            'controller_id' => $controller->id,
            'watches' => [],
            'on_its_own' => false,
            'quantity' => isset($given['outlet_id']) ? AlarmQuantity::Power : $this->quantity($given['sensor_id'] ?? null),
        ]);

        return back()->with('said', 'The alarm is written down. It counts once somebody has made it call.');
    }

    /** Only the value of a probe; and a value that harms calls at once all the same. */
    private function mayWait(Request $request): bool
    {
        $sensor = is_int($request->input('sensor_id')) ? Sensor::query()->find($request->integer('sensor_id')) : null;

        return ! $request->boolean('waits_at_night') || $sensor?->kind === Sensor::PROBE;
    }

    private function quantity(mixed $sensorId): ?AlarmQuantity
    {
        $sensor = is_int($sensorId) ? Sensor::query()->find($sensorId) : null;

        return match (true) {
            $sensor === null => AlarmQuantity::Silence,
            $sensor->kind === Sensor::FLOAT => $sensor->hangs_in === 'floor' ? AlarmQuantity::Leak : AlarmQuantity::Level,
            default => AlarmQuantity::tryFrom((string) $sensor->quantity),
        };
    }
}
