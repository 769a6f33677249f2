<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\JointLook;
use App\Build\PlanVersion;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Velbrin\Core\Build\Topic\Plumbing;

/** A joint was looked at while the system filled (B-87). */
final class JointLookController
{
    public function store(Request $request, PlanVersion $version, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', [JointLook::class, $version]);
        $given = $request->validate([
            'joint' => ['required', 'integer:strict', Rule::in(array_keys($version->joints()))],
            'moment' => ['required', Rule::in(array_keys(Plumbing::LOOKS))],
            'dry' => ['required', 'boolean:strict'],
        ]);
        JointLook::query()->updateOrCreate(
            ['plan_version_id' => $version->id, 'joint' => $given['joint'], 'moment' => $given['moment']],
            ['dry' => $given['dry'], 'user_id' => $user->id],
        );

        return back()->with(
            'said',
            $given['dry']
                ? 'Dry.'
                : 'It weeps: empty to below it, mend it, and look again. The stage stays closed until then.',
        );
    }
}
