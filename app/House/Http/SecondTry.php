<?php

declare(strict_types=1);

namespace App\House\Http;

use App\House\Database\DatabaseSays;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Two people who write at once may be in each other's way: the database turns one of them back whole. That request
 * is done again from its beginning, with records read anew; a transaction alone, done again, would go on with
 * records that believe they are kept already.
 */
final class SecondTry
{
    private const TIMES = 3;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        for ($n = 1; $n <= self::TIMES && DatabaseSays::isTurnedBack(self::exceptionOf($response)); $n++) {
            usleep(random_int(10_000, 40_000) * $n);
            $this->forget($request);
            $response = $next($request);
        }

        return $response;
    }

    private function forget(Request $request): void
    {
        $route = $request->route();
        if ($route instanceof Route) {
            foreach ($route->originalParameters() as $name => $value) {
                $route->setParameter($name, $value);
            }
        }
        Auth::forgetGuards();
    }

    private static function exceptionOf(Response $response): ?Throwable
    {
        $e = $response->exception ?? null;

        return $e instanceof Throwable ? $e : null;
    }
}
