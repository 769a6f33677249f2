<?php

declare(strict_types=1);

namespace App\House\Http;

use App\House\Database\DatabaseAway;
use App\House\Database\DatabaseSays;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Request;
use Inertia\Inertia;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Errors as pages of the house: what happened, what is safe, what to do. */
final class AnswerErrors
{
    private const PAGES = [400, 403, 404, 413, 419, 421, 429, 500, 503, 507];

    /** The framework's own words of a refusal nobody gave a reason for. */
    private const UNSAID = 'This action is unauthorized.';

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->map(PDOException::class, DatabaseSays::inWords(...));
        $exceptions->map(DatabaseAway::class, DatabaseSays::inWords(...));
        $exceptions->respond(function (Response $response, Throwable $e, Request $request): Response {
            // A page that asks for a part of itself anew stands open with what was typed on it: it is told, not sent away.
            if ($e instanceof AuthenticationException && $request->hasHeader('X-Inertia-Partial-Data')) {
                return response('Sign in again.', 401);
            }
            $status = $response->getStatusCode();
            if (
                $request->is('api/*', 'feeds/*') ||
                ($request->expectsJson() && ! $request->hasHeader('X-Inertia')) ||
                ! in_array($status, self::PAGES, true) ||
                ($status === 500 && config('app.debug'))
            ) {
                return $response;
            }
            if (DatabaseAway::isSaidBy($e)) {
                return self::withoutDatabase($request, $response);
            }

            $said = $e instanceof HttpExceptionInterface && $status === 403 && $e->getMessage() !== self::UNSAID ? $e->getMessage() : '';

            try {
                return Inertia::render('house/Error', ['status' => $status, 'said' => $said])
                    ->toResponse($request)
                    ->setStatusCode($status);
            } catch (Throwable) {
                // What breaks every page, a build that is missing, breaks this one too: the plain words of the framework then.
                return $response;
            }
        });
    }

    /** Asks nothing: who is signed in is not known either. */
    private static function withoutDatabase(Request $request, Response $said): Response
    {
        Inertia::flushShared();
        $page = $request->hasHeader('X-Inertia')
            ? Inertia::render('house/Error', ['status' => 503, 'why' => 'database'])->toResponse($request)
            : response()->view('away');
        $page->headers->add($said->headers->all());
        $page->headers->set('Content-Type', $request->hasHeader('X-Inertia') ? 'application/json' : 'text/html; charset=UTF-8');

        return $page->setStatusCode(503);
    }
}
