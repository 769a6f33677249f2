<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Rounds\Drills;
use App\Systems\System;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** The proofs and drills of a system go into its round (R-43, E-6). */
final class DrillController
{
    public function __invoke(System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        $made = Drills::plan($system);

        $said = $made === 0
            ? 'They stand in its round already.'
            : "{$made} stand in its round now, due at once: nobody has done them yet.";

        return back()->with('said', $said);
    }
}
