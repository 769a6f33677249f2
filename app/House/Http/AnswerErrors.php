<?php

declare(strict_types=1);

namespace App\House\Http;

use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/** Errors as pages of the house: what happened, what is safe, what to do. */
final class AnswerErrors
{
    private const PAGES = [403, 404, 413, 419, 429, 500, 503];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->respond(function (Response $response, \Throwable $e, Request $request): Response {
            $status = $response->getStatusCode();
            if (
                $request->is('api/*', 'feeds/*') ||
                ($request->expectsJson() && ! $request->hasHeader('X-Inertia')) ||
                ! in_array($status, self::PAGES, true) ||
                ($status === 500 && config('app.debug'))
            ) {
                return $response;
            }

            return Inertia::render('house/Error', ['status' => $status])
                ->toResponse($request)
                ->setStatusCode($status);
        });
    }
}
