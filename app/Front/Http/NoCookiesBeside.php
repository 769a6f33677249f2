<?php

declare(strict_types=1);

namespace App\Front\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a page asks beside itself brings no cookies. An answer that is late, of somebody who has signed out meanwhile, would put their
 * ended session in the place of whoever has signed in since.
 */
final class NoCookiesBeside
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        // A head alone is asked for to get a new mark of the session: that one brings it.
        if ($request->isMethod('GET') && LeavesSession::wasLeft($request)) {
            foreach ($response->headers->getCookies() as $cookie) {
                $response->headers->removeCookie($cookie->getName(), $cookie->getPath(), $cookie->getDomain());
            }
        }

        return $response;
    }
}
