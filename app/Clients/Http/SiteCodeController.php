<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Site;
use App\Clients\SiteCode;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Door and alarm codes. Looking at one is an act with a name and a time. */
final class SiteCodeController
{
    public function store(Request $request, Site $site): RedirectResponse
    {
        Gate::authorize('update', $site);
        $given = $request->validate([
            'label' => ['required', 'string', 'max:120'],
            'code' => ['required', 'string', 'max:120'],
        ]);
        $code = $site->codes()->create($given);
        activity()
            ->performedOn($code)
            ->event('created')
            ->log("code kept: {$code->label}");

        return back()->with('said', 'The code is kept, locked.');
    }

    public function reveal(SiteCode $code): JsonResponse
    {
        Gate::authorize('reveal', $code);
        activity()
            ->performedOn($code)
            ->event('revealed')
            ->log("looked at: {$code->label}");

        return response()
            ->json(['code' => $code->code])
            ->header('Cache-Control', 'no-store, private');
    }

    public function archive(SiteCode $code): RedirectResponse
    {
        Gate::authorize('update', $code);
        $code->archive();
        activity()
            ->performedOn($code)
            ->event('archived')
            ->log("code archived: {$code->label}");

        return back()->with('said', 'The code is archived.');
    }
}
