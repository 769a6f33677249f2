<?php

declare(strict_types=1);

namespace App\Alerts\Http;

use App\Alerts\Alarm;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Velbrin\Core\Risk\Hazard;

/** A system's alarms: what they watch, whom they call, when somebody last made them call. */
final class AlarmController
{
    public function store(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'watches' => ['required', 'array', 'min:1'], 'watches.*' => [Rule::enum(Hazard::class)],
            'delay_min' => ['required', 'numeric:strict', 'min:0', 'max:1440'],
            'on_its_own' => ['required', 'boolean'],
            'calls' => ['required', 'array', 'min:1', 'max:6'], 'calls.*' => ['integer', Rule::exists('users', 'id')->whereNull('archived_at')],
        ], ['calls.required' => 'An alarm that calls nobody is none: name who is called, in order.']);
        DB::transaction(function () use ($system, $given): void {
            $alarm = Alarm::query()->create([...array_diff_key($given, ['calls' => 1]), 'system_id' => $system->id]);
            foreach (array_values($given['calls']) as $i => $userId) {
                $alarm->calls()->create(['user_id' => $userId, 'position' => $i + 1]);
            }
        });

        return back()->with('said', 'The alarm is written down. It counts once somebody has made it call.');
    }

    /** Somebody made it call, and somebody answered. */
    public function test(Request $request, Alarm $alarm, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $alarm);
        $given = $request->validate(['answered' => ['required', 'boolean'], 'words' => ['nullable', 'string', 'max:200']]);
        DB::transaction(function () use ($alarm, $user, $given): void {
            $alarm->update(['tested_on' => $given['answered'] ? now()->toDateString() : null]);
            $alarm->system()->firstOrFail()->logEntries()->create(['kind' => 'observed', 'text' => "{$alarm->name} made to call: ".($given['answered'] ? 'answered' : 'nobody answered').($given['words'] ?? null ? ", {$given['words']}" : ''), 'happened_at' => now(), 'user_id' => $user->id]);
        });

        return back()->with('said', $given['answered'] ? 'Tested today.' : 'It counts as untested until somebody answers.');
    }

    public function archive(Alarm $alarm): RedirectResponse
    {
        Gate::authorize('update', $alarm);
        $alarm->archive();

        return back()->with('said', "{$alarm->name} is archived.");
    }
}
