<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Consent;
use App\Build\PlanVersion;
use App\Clients\Attachments;
use App\House\Days;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Who must agree, and the dated paper that says so; until then the structure is not cleared. */
final class ConsentController
{
    public function store(Request $request, PlanVersion $version, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', [Consent::class, $version]);
        $given = $request->validate(
            [
                'of' => [
                    'required',
                    Rule::in(array_keys(Consent::OF)),
                    Rule::unique('consents', 'of')->where('plan_version_id', $version->id),
                ],
            ],
            ['of.unique' => 'That consent is on the list already.'],
        );
        Consent::query()->create(['plan_version_id' => $version->id, 'of' => $given['of'], 'user_id' => $user->id]);

        return back()->with('said', 'On the list. The structure is not cleared before the paper is here.');
    }

    public function give(Request $request, Consent $consent, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('give', $consent);
        $given = $request->validate(
            [
                'given_on' => ['required', 'date', 'before_or_equal:'.Days::text(1)],
                'conditions' => ['nullable', 'string', 'max:500'],
                'file' => Attachments::rules(),
            ],
            Attachments::messages(),
        );
        DB::transaction(function () use ($request, $consent, $user, $given): void {
            $version = PlanVersion::query()->with('plan')->findOrFail($consent->plan_version_id);
            $file = Attachments::take($request, $version->plan()->firstOrFail(), $user);
            $consent->update([
                'given_on' => $given['given_on'],
                'conditions' => $given['conditions'] ?? null,
                'attachment_id' => $file->id,
            ]);
        });

        return back()->with('said', 'The paper is stored.');
    }

    public function remove(Consent $consent): RedirectResponse
    {
        Gate::authorize('delete', $consent);
        $consent->delete();

        return back()->with('said', 'Taken off the list.');
    }
}
