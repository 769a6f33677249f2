<?php

declare(strict_types=1);

namespace App\Moves\Http;

use App\Moves\Kit\OwnLine;
use App\Moves\Kit\OwnLineRequest;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** What the company takes along to every move. */
final class KitController
{
    public function store(OwnLineRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $line = $request->line();
        // Pressed twice, it stands there once.
        if (! OwnLine::query()->current()->where($line)->exists()) {
            OwnLine::query()->create([...$line, 'user_id' => $user->id]);
        }

        return back()->with('said', 'Kept for every move.');
    }

    public function archive(OwnLine $line): RedirectResponse
    {
        Gate::authorize('archive', $line);
        $line->archive();

        return back()->with('said', 'The list is as it was before.');
    }
}
