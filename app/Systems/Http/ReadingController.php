<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\AmmoniaWatch;
use App\Systems\Judge;
use App\Systems\Parameters;
use App\Systems\Reading;
use App\Systems\System;
use App\Systems\TakenReading;
use App\Systems\TakeReading;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\ReadingUnit;

/** Readings by hand, from the record's own page. */
final class ReadingController
{
    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'parameter' => [
                'required',
                'string',
                Rule::in(array_map(fn (Measured $p): string => $p->key(), Parameters::here()->all())),
            ],
            'value' => ['required', 'numeric:strict'],
            'unit' => ['required', Rule::enum(ReadingUnit::class)],
            'taken_at' => ['nullable', 'date', 'before_or_equal:+5 minutes', 'after:-10 years'],
            'method' => ['required', Rule::in(['kit', 'probe', 'laboratory'])],
            'instrument' => ['nullable', 'string', 'max:120'],
            'client_uuid' => ['required', 'uuid'],
            'sure' => ['boolean'],
        ]);
        $parameter = Parameters::here()->find($given['parameter']) ?? abort(422);
        $taken = TakeReading::take(
            system: $system,
            user: $user,
            parameter: $parameter,
            typed: (float) $given['value'],
            unit: ReadingUnit::from($given['unit']),
            at: now()->parse($given['taken_at'] ?? 'now'),
            uuid: $given['client_uuid'],
            sure: $request->boolean('sure'),
            method: $given['method'],
            instrument: $given['instrument'] ?? null,
        );
        if ($taken->outcome === TakenReading::REFUSED || $taken->outcome === TakenReading::ASKED) {
            throw ValidationException::withMessages([
                $taken->outcome === TakenReading::ASKED ? 'sure' : $taken->field => $taken->words,
            ]);
        }

        return back()->with('said', $taken->words);
    }

    /** A wrong reading stays, marked with the reason, and is no longer judged. */
    public function mark(Request $request, Reading $reading): RedirectResponse
    {
        Gate::authorize('update', $reading);
        $given = $request->validate(['reason' => ['required', 'string', 'max:300']]);
        DB::transaction(function () use ($reading, $given): void {
            $reading->update(['marked_at' => now(), 'marked_reason' => $given['reason']]);
            $system = $reading->system()->firstOrFail();
            Judge::again($system, $reading->parameter);
            if (AmmoniaWatch::hangsOn($reading->parameter)) {
                AmmoniaWatch::again($system);
            }
        });

        return back()->with('said', 'Marked: it stays in the list and is no longer judged.');
    }
}
