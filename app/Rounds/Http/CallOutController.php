<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Rounds\CallOut;
use App\Rounds\Crew;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Somebody drives out now. */
final class CallOutController
{
    public function __invoke(
        Request $request,
        System $system,
        #[CurrentUser] User $user,
        CallOut $callOut,
    ): RedirectResponse {
        Gate::authorize('callOut', $system);
        $given = $request->validate(
            [
                'text' => ['required', 'string', 'max:300'],
                'crew_id' => ['nullable', 'integer', Rule::exists('crews', 'id'), Rule::prohibitedIf(! $user->plans())],
            ],
            ['text.required' => 'Say what is wrong, in a few words.'],
        );
        $crew = isset($given['crew_id']) ? Crew::query()->whereKey($given['crew_id'])->firstOrFail() : null;
        $visit = $callOut->start($system, $given['text'], $user, $crew);

        return redirect("/visits/{$visit->id}")->with(
            'said',
            $crew === null ? 'The visit has begun: its clock runs.' : "{$crew->name} has it on the phone now.",
        );
    }
}
