<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\Team\SecondFactor;
use App\Team\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where the company asks for a second factor, owners and planners set one up before anything else. */
final class NeedsSecondFactor
{
    private const OPEN = ['settings/access', 'settings/access/*', 'sign-out'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (! $user instanceof User || $request->is(...self::OPEN) || ! SecondFactor::isMissing($user)) {
            return $next($request);
        }
        abort_if($request->expectsJson() && ! $request->hasHeader('X-Inertia'), 403, 'Set up your second factor first.');

        return redirect('/settings/access')->with('said', 'The company asks for a second factor. Set it up here; then everything opens.');
    }
}
