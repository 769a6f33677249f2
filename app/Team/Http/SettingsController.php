<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\House\Trail;
use App\Team\EndAccess;
use App\Team\User;
use App\Team\Views\PreferencesView;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;
use Inertia\Inertia;
use Inertia\Response;

/** One's own units, number format, theme and password. */
final class SettingsController
{
    public function show(#[CurrentUser] User $user): Response
    {
        return Inertia::render('team/Settings', ['view' => PreferencesView::of($user)]);
    }

    public function update(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->update(
            $request->validate([
                'unit_system' => ['required', Rule::in(['metric', 'us'])],
                'alkalinity_unit' => ['required', Rule::in(['dKH', 'meq/L', 'ppm CaCO₃'])],
                'salinity_unit' => ['required', Rule::in(['g/kg', 'SG', 'mS/cm'])],
                'decimal_mark' => ['required', Rule::in(['.', ','])],
                'theme' => ['required', Rule::in(['paper', 'night'])],
            ]),
        );

        return back()->with('said', 'Your settings hold from now on.');
    }

    public function password(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'current_password' => ['bail', 'required', 'string', 'current_password'],
            'password' => ['required', 'string', 'confirmed', 'max:200', Password::defaults()],
        ]);
        $user->forceFill(['password' => Hash::make((string) $given['password'])])->save();
        // Whoever else is signed in under this name, or holds a token made under it, is out.
        EndAccess::sessions($user, but: $request->session()->getId());
        $user->tokens()->delete();
        Trail::write('password changed', 'password', $user);
        Auth::login($user);
        $request->session()->regenerate();

        return back()->with('said', 'The new password holds. Other devices are signed out, and your tokens answer no more.');
    }
}
