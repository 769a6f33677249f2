<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Rounds\Disturbed;
use App\Rounds\Visit;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** What a messy job leaves behind: the client is told before, and it may be over earlier (X-12). */
final class DisturbedController
{
    public function end(Disturbed $disturbed, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('end', $disturbed);
        $disturbed->update(['ended_at' => now(), 'ended_by' => $user->id]);

        return back()->with('said', 'It is over: readings and alarms count as usual.');
    }

    public function told(Visit $visit, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $visit->update(['told_at' => now(), 'told_by' => $user->id]);

        return back();
    }
}
