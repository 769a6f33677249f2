<?php

declare(strict_types=1);

namespace App\Front\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Only for measuring: says how many questions a page asked the database, and the memory it took. */
final class ServerTiming
{
    public function handle(Request $request, Closure $next): Response
    {
        if (! config('velbrin.bench')) {
            return $next($request);
        }
        DB::enableQueryLog();
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('X-Bench', count(DB::getQueryLog()).','.memory_get_peak_usage());

        return $response;
    }
}
