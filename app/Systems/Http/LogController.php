<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final class LogController
{
    public const KINDS = ['observed' => 'Seen', 'work' => 'Done', 'change' => 'Changed', 'event' => 'Happened'];

    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'kind' => ['required', Rule::in(array_keys(self::KINDS))],
            'text' => ['required', 'string', 'max:1000'],
            'happened_at' => ['nullable', 'date', 'before_or_equal:+5 minutes'],
        ]);
        $system
            ->logEntries()
            ->create([
                'kind' => $given['kind'],
                'text' => $given['text'],
                'happened_at' => $given['happened_at'] ?? now(),
                'user_id' => $user->id,
            ]);

        return back()->with('said', 'In the log.');
    }
}
