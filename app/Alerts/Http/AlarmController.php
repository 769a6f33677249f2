<?php

declare(strict_types=1);

namespace App\Alerts\Http;

use App\Alerts\Alarm;
use App\Alerts\KeepAlarm;
use App\House\Days;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** A system's alarms: what they measure, whom they call, when somebody last made them call. */
final class AlarmController
{
    public function store(AlarmRequest $request, System $system): RedirectResponse
    {
        KeepAlarm::of($system, $request->validated());

        return back()->with('said', 'The alarm is written down. It counts once somebody has made it call.');
    }

    public function update(AlarmRequest $request, Alarm $alarm): RedirectResponse
    {
        KeepAlarm::of($alarm->system()->firstOrFail(), $request->validated(), $alarm);

        return back()->with('said', 'Kept. Work the hours in hand out again.');
    }

    /** Somebody made it call, and somebody answered. */
    public function test(Request $request, Alarm $alarm, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $alarm);
        $given = $request->validate([
            'answered' => ['required', 'boolean'],
            'words' => ['nullable', 'string', 'max:200'],
        ]);
        $words = is_string($given['words'] ?? null) && $given['words'] !== '' ? ", {$given['words']}" : '';
        $answered = $given['answered'] ? 'answered' : 'nobody answered';
        DB::transaction(function () use ($alarm, $user, $given, $answered, $words): void {
            $alarm->update(['tested_on' => $given['answered'] ? Days::text() : null]);
            $alarm
                ->system()
                ->firstOrFail()
                ->logEntries()
                ->create([
                    'kind' => 'observed',
                    'text' => "{$alarm->name} made to call: {$answered}{$words}",
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with(
            'said',
            $given['answered'] ? 'Tested today.' : 'It counts as untested until somebody answers.',
        );
    }

    public function archive(Alarm $alarm): RedirectResponse
    {
        Gate::authorize('update', $alarm);
        $alarm->archive();

        return back()->with('said', "{$alarm->name} is archived.");
    }
}
