<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\Band;
use App\Systems\Judge;
use App\Systems\Parameters;
use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\ReadingCheck;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Measure\OutOfRange;

/** Readings by hand: refused when impossible, asked once more when hard to believe, kept exactly once. */
final class ReadingController
{
    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'parameter' => ['required', 'string', Rule::in(array_map(fn (Measured $p): string => $p->key(), Parameters::here()->all()))],
            'value' => ['required', 'numeric:strict'],
            'unit' => ['required', Rule::enum(ReadingUnit::class)],
            'taken_at' => ['nullable', 'date', 'before_or_equal:+5 minutes', 'after:-10 years'],
            'method' => ['required', Rule::in(['kit', 'probe', 'laboratory'])],
            'instrument' => ['nullable', 'string', 'max:120'],
            'client_uuid' => ['required', 'uuid'],
            'sure' => ['boolean'],
        ]);
        if (Reading::query()->where('client_uuid', $given['client_uuid'])->exists()) {
            return back()->with('said', 'That reading is already kept.');
        }
        $parameter = Parameters::here()->find($given['parameter']) ?? abort(422);
        $unit = ReadingUnit::from($given['unit']);
        if (! in_array($unit, ReadingUnit::for($parameter), true)) {
            throw ValidationException::withMessages(['unit' => "{$parameter->label()} is not read in {$unit->value}."]);
        }
        $value = $this->canonical($parameter, $unit, (float) $given['value']);
        $at = now()->parse($given['taken_at'] ?? 'now');
        $band = $system->bands()->where('parameter', $parameter->key())->first();
        $doubt = ReadingCheck::doubt($parameter, $value, $band instanceof Band && $band->tracked ? $band->limits() : null, Judge::judge($system, $parameter, $at));
        if ($doubt !== null && ! $request->boolean('sure')) {
            throw ValidationException::withMessages(['sure' => $doubt->in($user->units())]);
        }
        DB::transaction(function () use ($system, $user, $given, $parameter, $unit, $value, $at, $doubt): void {
            $system->readings()->create([
                'parameter' => $parameter, 'taken_at' => $at, 'value' => $value, 'given_value' => $given['value'], 'given_unit' => $unit->value,
                'method' => $given['method'], 'instrument' => $given['instrument'] ?? null, 'user_id' => $user->id, 'doubtful' => $doubt !== null, 'client_uuid' => $given['client_uuid'],
            ]);
            Judge::again($system, $parameter);
        });

        return back()->with('said', "{$parameter->label()} is kept.");
    }

    /** A wrong reading stays, marked with the reason, and is no longer judged. */
    public function mark(Request $request, Reading $reading): RedirectResponse
    {
        Gate::authorize('update', $reading);
        $given = $request->validate(['reason' => ['required', 'string', 'max:300']]);
        DB::transaction(function () use ($reading, $given): void {
            $reading->update(['marked_at' => now(), 'marked_reason' => $given['reason']]);
            Judge::again($reading->system()->firstOrFail(), $reading->parameter);
        });

        return back()->with('said', 'Marked: it stays in the list and is no longer judged.');
    }

    private function canonical(Measured $parameter, ReadingUnit $unit, float $typed): float
    {
        try {
            $value = $unit->canonical($typed);
            ReadingCheck::plausible($parameter, $value);

            return $value;
        } catch (OutOfRange $e) {
            $range = $e->least === null || $e->most === null ? $e->allowed : sprintf('%s to %s %s', round($unit->shown($e->least->value), 3), round($unit->shown($e->most->value), 3), $unit === ReadingUnit::AsNamed ? '' : $unit->value);
            throw ValidationException::withMessages(['value' => "{$parameter->label()} cannot be that. It lies within ".rtrim($range).'.']);
        }
    }
}
