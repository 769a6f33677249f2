<?php

declare(strict_types=1);

use App\Rounds\Http\FeedController;
use Illuminate\Support\Facades\Route;

// Calendars have no session: the secret address is all they bring.
Route::get('/feeds/{token}.ics', [FeedController::class, 'read'])
    ->where('token', '[0-9a-f]{64}')
    ->middleware('throttle:feed')
    ->name('feeds.read');
