<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\Risk\Exposure;
use App\Risk\FleetRun;
use App\Risk\Night;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** The whole fleet worked out for one night, beside the pages. */
final class FleetRunController
{
    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('compute', Exposure::class);
        $given = $request->validate(['night' => ['required', Rule::enum(Night::class)]]);
        $run = FleetRun::start(Night::from($given['night']));

        return FleetRun::find($run->id)?->finished() === true ? back()->with('said', 'Worked out.') : back();
    }

    /** What was worked out so far stays. */
    public function stop(string $fleetRun): RedirectResponse
    {
        Gate::authorize('compute', Exposure::class);
        $run = FleetRun::find($fleetRun) ?? abort(404);
        $run->cancel();

        return back()->with('said', 'Stopped. What was worked out so far stays.');
    }
}
