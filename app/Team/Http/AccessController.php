<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\House\Trail;
use App\Team\CompanyRule;
use App\Team\EndAccess;
use App\Team\SecondFactor;
use App\Team\User;
use App\Team\Views\AccessView;
use App\Team\Views\SignedInView;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;

/** Where one is signed in, and how one is let in. */
final class AccessController
{
    public function index(Request $request, #[CurrentUser] User $user): Response
    {
        $here = $request->session()->getId();
        $sessions = DB::table('sessions')
            ->where('user_id', $user->id)
            ->where('last_activity', '>', now()->subMinutes(config()->integer('session.lifetime'))->timestamp)
            ->orderByDesc('last_activity')
            ->limit(50)
            ->get(['id', 'ip_address', 'user_agent', 'last_activity']);

        return Inertia::render('team/Access', [
            'view' => new AccessView(
                factorIsOn: SecondFactor::isOn($user),
                factorIsAsked: $user->plans() && CompanyRule::holds(CompanyRule::SECOND_FACTOR),
                codesLeft: SecondFactor::codesLeft($user),
                tokens: $user->tokens()->count(),
                sessions: array_values($sessions->map(fn (object $row): SignedInView => SignedInView::of($row, $here))->all()),
            ),
        ]);
    }

    /** One of them, named by a digest: the number itself would let its reader in. */
    public function end(Request $request, string $session, #[CurrentUser] User $user): RedirectResponse
    {
        $found = DB::table('sessions')
            ->where('user_id', $user->id)
            ->pluck('id')
            ->first(fn (mixed $id): bool => is_string($id) && hash_equals(SignedInView::name($id), $session));
        if ($found === null) {
            return back()->with('said', 'That one has ended already.');
        }
        DB::table('sessions')->where('id', $found)->delete();
        $this->newCookie($request, $user);
        Trail::write('signed out elsewhere', 'session', $user);

        return back()->with('said', 'Signed out there. Whoever holds that device needs the password.');
    }

    public function endAll(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        DB::transaction(function () use ($request, $user): void {
            EndAccess::sessions($user, but: $request->session()->getId());
            $user->tokens()->delete();
            $this->newCookie($request, $user);
            Trail::write('signed out everywhere', 'session', $user);
        });

        return back()->with('said', 'Signed out everywhere but here, and no token of yours opens anything.');
    }

    /** Staying signed in is one secret for all devices: it is changed, and this device gets the new one. */
    private function newCookie(Request $request, User $user): void
    {
        EndAccess::staying($user);
        $guard = Auth::guard('web');
        if ($request->cookies->has($guard->getRecallerName())) {
            $guard->login($user, remember: true);
        }
    }
}
