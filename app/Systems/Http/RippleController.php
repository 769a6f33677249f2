<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\OpenRipple;
use App\Systems\RippleConfirmed;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** What a change re-opened is confirmed one by one, with what was found. */
final class RippleController
{
    public function __invoke(Request $request, OpenRipple $ripple, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $ripple);
        $given = $request->validate(
            ['found' => ['required', 'string', 'max:300']],
            ['found.required' => 'Say in a few words what you looked at and set.'],
        );
        DB::transaction(function () use ($ripple, $user, $given): void {
            $ripple->update(['confirmed_at' => now(), 'confirmed_by' => $user->id, 'found' => $given['found']]);
            $system = $ripple->system()->firstOrFail();
            $system
                ->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => "{$ripple->label}: {$given['found']}",
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
            RippleConfirmed::dispatch($system, $user);
        });

        return back()->with('said', "{$ripple->label} is confirmed.");
    }
}
