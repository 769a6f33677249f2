<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Ability;
use App\Api\OpenApi;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Laravel\Sanctum\PersonalAccessToken;

/** Tokens of one’s own for programs: shown once, kept as a hash, with abilities, taken back at any time. */
final class TokenController
{
    public function index(#[CurrentUser] User $user): Response
    {
        return Inertia::render('team/Tokens', [
            'tokens' => $user
                ->tokens()
                ->latest('id')
                ->limit(50)
                ->get()
                ->map(
                    fn (PersonalAccessToken $t): array => [
                        'id' => $t->id,
                        'name' => $t->name,
                        'abilities' => $t->abilities,
                        'lastUsed' => $t->last_used_at?->toIso8601ZuluString(),
                        'expires' => $t->expires_at?->toIso8601ZuluString(),
                    ],
                )
                ->all(),
            'abilities' => Ability::labels(),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:80'],
                'abilities' => ['required', 'array', 'min:1'],
                'abilities.*' => [Rule::enum(Ability::class)],
                'days' => ['required', 'integer:strict', 'between:1,730'],
            ],
            ['abilities.required' => 'Say what it may do.'],
        );
        $token = $user->createToken(
            $given['name'],
            array_values(array_unique($given['abilities'])),
            now()->addDays((int) $given['days']),
        );
        activity()
            ->causedBy($user)
            ->event('created')
            ->withProperties(['name' => $given['name'], 'abilities' => $given['abilities']])
            ->log('token made');

        return response()
            ->json(['token' => $token->plainTextToken])
            ->header('Cache-Control', 'no-store, private');
    }

    public function revoke(int $token, #[CurrentUser] User $user): RedirectResponse
    {
        $found = $user->tokens()->whereKey($token)->first();
        abort_if($found === null, 403);
        $found->delete();
        activity()
            ->causedBy($user)
            ->event('deleted')
            ->withProperties(['name' => $found->name])
            ->log('token taken back');

        return back()->with('said', 'That token opens nothing any more.');
    }

    /** The description, read on a page of our own. */
    public function page(): Response
    {
        return Inertia::render('team/Api', ['document' => fn (): array => OpenApi::document()]);
    }

    public function document(): JsonResponse
    {
        return response()->json(
            OpenApi::document(),
            200,
            ['Cache-Control' => 'public, max-age=300'],
            JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }
}
