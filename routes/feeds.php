<?php

declare(strict_types=1);

use App\Front\Http\HealthController;
use App\Rounds\Http\FeedController;
use Illuminate\Support\Facades\Route;

Route::get('/up', [HealthController::class, 'up'])->name('up');
Route::get('/health', [HealthController::class, 'health'])->middleware('throttle:feed')->name('health');

// Calendars have no session: the secret address is all they bring.
Route::get('/feeds/{token}.ics', [FeedController::class, 'read'])
    ->where('token', '[0-9a-f]{64}')
    ->middleware('throttle:feed')
    ->name('feeds.read');
