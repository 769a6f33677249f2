<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\RemoteAccess;
use App\Clients\Site;
use App\House\Days;
use App\Team\Colleague;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Who may reach a place's devices from afar: given, and taken back (X-58). */
final class RemoteAccessController
{
    public function store(Request $request, Site $site, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $site);
        $given = $request->validate(
            [
                'what' => ['required', 'string', 'max:160'],
                'user_id' => ['nullable', 'required_without:contact_id', 'prohibits:contact_id', 'integer', Colleague::rule()],
                'contact_id' => [
                    'nullable',
                    'integer',
                    Rule::exists('contacts', 'id')->where('client_id', $site->client_id)->whereNull('archived_at'),
                ],
                'given_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.Days::text(), 'after:-10 years'],
            ],
            [
                'what.required' => 'Say what is reached: the controller’s account, a camera, a plug.',
                'user_id.required_without' => 'Say who holds it.',
            ],
        );
        RemoteAccess::query()->create([...$given, 'site_id' => $site->id, 'given_by' => $user->id]);

        return back()->with('said', 'Kept. It comes up when its holder leaves.');
    }

    public function withdraw(RemoteAccess $remoteAccess, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $remoteAccess);
        if ($remoteAccess->withdrawn_on === null) {
            $remoteAccess->update(['withdrawn_on' => Days::text(), 'withdrawn_by' => $user->id]);
        }

        return back()->with('said', "{$remoteAccess->holder()} no longer reaches in: its password is changed too, we take it.");
    }
}
