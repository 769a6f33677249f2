<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\Team\Accounts;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class SessionController
{
    public function create(): Response
    {
        return Inertia::render('team/SignIn', ['accounts' => config('velbrin.demo') ? Accounts::demo() : []]);
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
            'remember' => ['boolean'],
        ]);
        $ok = Auth::attempt(
            ['email' => $given['email'], 'password' => $given['password'], 'archived_at' => null],
            $request->boolean('remember'),
        );
        if (! $ok) {
            throw ValidationException::withMessages([
                'email' => 'That name and password do not go together. Check both, or ask for a new password.',
            ]);
        }
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
