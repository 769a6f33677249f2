<?php

declare(strict_types=1);

namespace App\House\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Scripts only from here, no inline script at all; styles by nonce. Pages are private and never kept by caches. */
final class SecurityHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        /** @var Response $response */
        $response = $next($request);
        // A file served from the record brings its own, stricter policy.
        $policy =
            $response->headers->get('Content-Security-Policy') ??
            "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-{$nonce}'; style-src-attr 'none'; img-src 'self' ".
            "data: blob:; font-src 'self'; connect-src 'self'; form-action 'self'; frame-ancestors 'none'; base-uri 'none'";
        $response->headers->add([
            'Content-Security-Policy' => $policy,
            'Referrer-Policy' => 'same-origin',
            'X-Frame-Options' => 'DENY',
            'Permissions-Policy' => 'camera=(self), microphone=(), geolocation=()',
        ]);
        if (str_starts_with(config()->string('app.url'), 'https:')) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        if (
            ! $response->headers->has('Cache-Control') ||
            $response->headers->get('Cache-Control') === 'no-cache, private'
        ) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
