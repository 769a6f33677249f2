<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\House\Http\Asked;
use App\House\Trail;
use App\Team\EndAccess;
use App\Team\MailPasswordLink;
use App\Team\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\Rules\Password as PasswordRule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** A forgotten password: a link by mail, good for an hour. The answer never says whether the address is known. */
final class PasswordResetController
{
    public function create(): Response
    {
        return Inertia::render('team/ForgotPassword');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:190']]);
        MailPasswordLink::dispatch($given['email']);

        return back()->with('said', 'If that address is known, a link is on its way. It holds for an hour.');
    }

    public function edit(Request $request, string $token): Response
    {
        return Inertia::render('team/ResetPassword', [
            'token' => $token,
            'email' => Asked::word($request, 'email'),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'token' => ['required', 'string'],
            'email' => ['required', 'string', 'email'],
            'password' => ['required', 'string', 'confirmed', 'max:200', PasswordRule::defaults()],
        ]);
        $status = Password::reset(
            [
                'email' => $given['email'],
                'archived_at' => null,
                'password' => $given['password'],
                'password_confirmation' => $given['password'],
                'token' => $given['token'],
            ],
            function (User $user, string $password): void {
                $user->forceFill(['password' => Hash::make($password)])->save();
                EndAccess::sessions($user);
                $user->tokens()->delete();
                Trail::write('password chosen by a mailed link', 'password', $user);
            },
        );
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => 'This link no longer holds. Ask for a new one.']);
        }

        return redirect('/sign-in')->with('said', 'The new password holds. Sign in with it.');
    }
}
