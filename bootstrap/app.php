<?php

declare(strict_types=1);

use App\Front\Http\HandleInertiaRequests;
use App\Front\Http\ServerTiming;
use App\House\Http\AnswerErrors;
use App\House\Http\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', health: '/up')
    ->withCommands([
        App\Team\Console\ListAccounts::class,
        App\House\Console\GenerateTypes::class,
        App\Demo\Console\MakeWorld::class,
    ])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(prepend: [ServerTiming::class], append: [SecurityHeaders::class, HandleInertiaRequests::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
        $proxies = (string) env('TRUSTED_PROXIES', '');
        $middleware->trustProxies(at: $proxies === '' ? [] : explode(',', $proxies));
        $middleware->convertEmptyStringsToNull(except: []);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        AnswerErrors::register($exceptions);
    })->create();
