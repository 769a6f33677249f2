<?php

declare(strict_types=1);

namespace App\Front\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers under the configured name and under loopback only: a foreign name in a request reaches no page and no mail. */
final class OnlyKnownHosts
{
    private const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        abort_unless(self::knows($request->getHost()), 421);

        return $next($request);
    }

    public static function knows(string $host): bool
    {
        $own = parse_url(config()->string('app.url'), PHP_URL_HOST);

        return in_array(mb_strtolower($host), [...self::LOOPBACK, is_string($own) ? mb_strtolower($own) : ''], true);
    }
}
