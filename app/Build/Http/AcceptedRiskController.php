<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\AcceptedRisk;
use App\Build\PlanVersion;
use App\House\Days;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What a client declines or puts off is written down with its risk and signed (X-43, X-53). It stands in the quote and the handover. */
final class AcceptedRiskController
{
    public function store(Request $request, PlanVersion $version, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', [AcceptedRisk::class, $version]);
        $given = $request->validate(
            [
                'kind' => ['sometimes', Rule::in([AcceptedRisk::DECLINED, AcceptedRisk::UNFINISHED])],
                'liable' => ['required_if:kind,'.AcceptedRisk::UNFINISHED, 'nullable', 'string', 'max:160'],
                'declined' => ['required', 'string', 'max:300'],
                'risk' => ['required', 'string', 'max:500'],
                'review_on' => ['required', 'date', 'after:'.Days::text(), 'before:+5 years'],
                'signed_by' => ['required', 'string', 'max:120'],
                'signed_on' => ['required', 'date', 'before_or_equal:'.Days::text()],
            ],
            [
                'liable.required_if' => 'Say who is liable for it from now on.',
                'risk.required' => 'Say what can happen in the meantime.',
                'signed_by.required' => 'Say who signed for the client.',
            ],
        );
        $version->risks()->create([...$given, 'user_id' => $user->id]);

        return back()->with('said', 'It is written down, signed, and comes up again on its day.');
    }
}
