<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\Team\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Asked with every request: somebody archived, or of a client who is, is out at once, whatever cookie they hold. */
final class StillLetIn
{
    private const SINCE = 'signed-in-since';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (! $user instanceof User || (self::isLetIn($user) && self::isInTime($request))) {
            return $next($request);
        }
        if (! $request->hasSession()) {
            abort(401);
        }
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
        if ($request->expectsJson()) {
            abort(401);
        }

        return redirect('/sign-in')->with(
            'said',
            self::isLetIn($user)
                ? 'You have been signed in for a long time. Sign in again; drafts on this device are kept.'
                : 'You are no longer let in. Ask the office if that is a mistake.',
        );
    }

    /** A session ends some day however busy it is kept. */
    private static function isInTime(Request $request): bool
    {
        if (! $request->hasSession()) {
            return true;
        }
        $since = $request->session()->get(self::SINCE);
        if (! is_int($since)) {
            $request->session()->put(self::SINCE, $since = now()->getTimestamp());
        }

        return now()->getTimestamp() - $since <= config()->integer('session.longest_days') * 86_400;
    }

    public static function isLetIn(User $user): bool
    {
        return ! $user->isArchived() &&
            ($user->client_id === null ||
                DB::table('clients')->where('id', $user->client_id)->whereNull('archived_at')->exists());
    }
}
