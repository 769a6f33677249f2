<?php

declare(strict_types=1);

use App\Api\Http\ApiController;
use App\Api\Http\TokenController;
use App\House\Http\SaneInput;
use Illuminate\Support\Facades\Route;

Route::get('/openapi.json', [TokenController::class, 'document'])
    ->middleware('throttle:api')
    ->name('api.document');

Route::prefix('v1')
    ->middleware(['throttle:api', 'auth:sanctum'])
    ->group(function (): void {
        Route::get('/questions', [ApiController::class, 'questions'])
            ->middleware('ability:ask')
            ->name('api.questions');
        Route::post('/ask/{question}', [ApiController::class, 'ask'])
            ->middleware('ability:ask')
            // It has limits of its own, and the core reads every value itself.
            ->withoutMiddleware(SaneInput::class)
            ->name('api.ask');
        Route::get('/systems', [ApiController::class, 'systems'])
            ->middleware('ability:systems:read')
            ->name('api.systems');
        Route::get('/systems/{system}', [ApiController::class, 'system'])
            ->whereNumber('system')
            ->middleware('ability:systems:read')
            ->name('api.system');
        Route::get('/systems/{system}/readings', [ApiController::class, 'readings'])
            ->whereNumber('system')
            ->middleware('ability:readings:read')
            ->name('api.readings');
        Route::get('/systems/{system}/readings.csv', [ApiController::class, 'readingsCsv'])
            ->whereNumber('system')
            ->middleware('ability:readings:read')
            ->name('api.readings.csv');
        Route::get('/visits', [ApiController::class, 'visits'])
            ->middleware('ability:visits:read')
            ->name('api.visits');
        Route::get('/visits.csv', [ApiController::class, 'visitsCsv'])
            ->middleware('ability:visits:read')
            ->name('api.visits.csv');
        Route::get('/visits/{visit}', [ApiController::class, 'visit'])
            ->whereNumber('visit')
            ->middleware('ability:visits:read')
            ->name('api.visit');
    });
