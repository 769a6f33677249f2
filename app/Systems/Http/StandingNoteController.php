<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\StandingNote;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class StandingNoteController
{
    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'text' => ['required', 'string', 'max:500'],
            'until' => ['nullable', 'date', 'after:yesterday'],
        ]);
        $system->standingNotes()->create([...$given, 'user_id' => $user->id]);

        return back()->with('said', 'The note stands.');
    }

    public function archive(StandingNote $note): RedirectResponse
    {
        Gate::authorize('update', $note);
        $note->archive();

        return back()->with('said', 'The note is taken down; the trail keeps it.');
    }
}
