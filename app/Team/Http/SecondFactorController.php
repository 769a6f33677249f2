<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\House\Trail;
use App\Team\CompanyRule;
use App\Team\EndAccess;
use App\Team\SecondFactor;
use App\Team\Totp;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** One's own second factor, and an owner's help when somebody's phone is gone. */
final class SecondFactorController
{
    private const SECRET = 'factor-secret';

    /** A secret for the phone; it counts once the phone has shown a code of it. */
    public function begin(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $this->mustKnow($request, $user);
        abort_if(SecondFactor::isOn($user), 422, 'It is on already.');
        $secret = Totp::newSecret();
        $request->session()->put(self::SECRET, Crypt::encryptString($secret));

        return self::once(['secret' => $secret, 'address' => Totp::address($secret, $user->email)]);
    }

    public function confirm(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $given = $request->validate(['code' => ['required', 'string', 'max:20']]);
        $kept = $request->session()->get(self::SECRET);
        $codes = is_string($kept)
            ? SecondFactor::turnOn($user, Crypt::decryptString($kept), preg_replace('/\s+/', '', $given['code']) ?? '')
            : null;
        if ($codes === null) {
            throw ValidationException::withMessages([
                'code' => 'That code is not of now. Check that the phone’s clock is right, and type the one it shows.',
            ]);
        }
        $request->session()->forget(self::SECRET);
        // Whoever is signed in under this name elsewhere came in without it.
        EndAccess::sessions($user, but: $request->session()->getId());
        Trail::write('second factor on', 'second-factor', $user);

        return self::once(['codes' => $codes]);
    }

    public function codes(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $this->mustKnow($request, $user);
        abort_unless(SecondFactor::isOn($user), 422, 'It is not on.');
        Trail::write('new recovery codes', 'second-factor', $user);

        return self::once(['codes' => SecondFactor::newCodes($user)]);
    }

    public function off(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $this->mustKnow($request, $user);
        if ($user->plans() && CompanyRule::holds(CompanyRule::SECOND_FACTOR)) {
            throw ValidationException::withMessages(['password' => 'The company asks for it: it stays on.']);
        }
        SecondFactor::turnOff($user);
        Trail::write('second factor off', 'second-factor', $user);

        return back()->with('said', 'From now on the password alone lets you in.');
    }

    /** Somebody's phone is gone: an owner takes it off, and they sign in with the password alone. */
    public function takeOff(User $user): RedirectResponse
    {
        Gate::authorize('update', $user);
        SecondFactor::turnOff($user);
        EndAccess::sessions($user);
        Trail::write('second factor taken off', 'second-factor', $user);

        return back()->with('said', "{$user->name} signs in with the password alone, and sets up a phone anew.");
    }

    public function rule(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('viewAny', User::class);
        $given = $request->validate(['holds' => ['required', 'boolean']]);
        CompanyRule::query()->updateOrCreate(
            ['rule' => CompanyRule::SECOND_FACTOR],
            ['holds' => (bool) $given['holds'], 'user_id' => $user->id],
        );

        return back()->with(
            'said',
            $given['holds']
                ? 'Owners and planners set up a second factor with their next page.'
                : 'A second factor is everybody’s own choice.',
        );
    }

    /** @throws ValidationException */
    private function mustKnow(Request $request, User $user): void
    {
        $given = $request->validate(['password' => ['required', 'string', 'max:200']]);
        if (! SecondFactor::knows($user, $given['password'])) {
            throw ValidationException::withMessages(['password' => 'That is not your password.']);
        }
    }

    /** @param  array<string, mixed>  $shown */
    private static function once(array $shown): JsonResponse
    {
        return response()->json($shown)->header('Cache-Control', 'no-store, private');
    }
}
