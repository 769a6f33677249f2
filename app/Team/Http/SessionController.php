<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\House\Trail;
use App\Team\Accounts;
use App\Team\SecondFactor;
use App\Team\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The door: name and password, and the code of a phone where somebody has set one up. */
final class SessionController
{
    /** Who has shown the password and not yet the code. */
    public const AT_THE_DOOR = 'at-the-door';

    private const DOOR_MINUTES = 5;

    /** A hash of nothing anybody knows. */
    private const NOBODYS = '$2y$12$.mQWdpTOnzzAAnIhlYSOf.ZFKdnzpzJVMKE149coKQb.cAm8Of/2e';

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
        $user = User::query()->current()->where('email', $given['email'])->first();
        // As long for a name nobody has as for a wrong password.
        $isRight = Hash::check($given['password'], $user->password ?? self::NOBODYS);
        if ($user === null || ! $isRight) {
            Trail::write('sign-in refused', 'sign-in-refused', $user, ['email' => $given['email'], 'from' => $request->ip()]);
            throw ValidationException::withMessages([
                'email' => 'That name and password do not go together. Check both, or ask for a new password.',
            ]);
        }
        if (SecondFactor::isOn($user)) {
            $request->session()->put(self::AT_THE_DOOR, [
                'user' => $user->id,
                'remember' => $request->boolean('remember'),
                'until' => now()->addMinutes(self::DOOR_MINUTES)->timestamp,
            ]);

            return redirect('/sign-in/code');
        }

        return $this->letIn($request, $user, $request->boolean('remember'));
    }

    public function code(Request $request): Response|RedirectResponse
    {
        return $this->atTheDoor($request) === null ? redirect('/sign-in') : Inertia::render('team/SignInCode');
    }

    public function passCode(Request $request): RedirectResponse
    {
        $given = $request->validate(['code' => ['required', 'string', 'max:20']]);
        $user = $this->atTheDoor($request);
        if ($user === null) {
            return redirect('/sign-in')->with('said', 'That took too long. Sign in again.');
        }
        if (! SecondFactor::passes($user, $given['code'])) {
            Trail::write('code refused', 'sign-in-refused', $user, ['from' => $request->ip()]);
            throw ValidationException::withMessages([
                'code' => 'That code does not open. Each opens once; take the next one the phone shows, or one from paper.',
            ]);
        }
        $kept = $request->session()->pull(self::AT_THE_DOOR);

        return $this->letIn($request, $user, is_array($kept) && ($kept['remember'] ?? false) === true);
    }

    private function atTheDoor(Request $request): ?User
    {
        $kept = $request->session()->get(self::AT_THE_DOOR);
        $isInTime = is_array($kept) && is_int($kept['until'] ?? null) && $kept['until'] >= now()->timestamp;

        return $isInTime ? User::query()->current()->whereKey($kept['user'] ?? null)->first() : null;
    }

    private function letIn(Request $request, User $user, bool $remember): RedirectResponse
    {
        Auth::login($user, $remember);
        $request->session()->regenerate();
        Trail::write('signed in', 'sign-in', $user, ['from' => $request->ip()]);

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        $user = $request->user();
        if ($user instanceof User) {
            Trail::write('signed out', 'sign-out', $user);
        }
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
