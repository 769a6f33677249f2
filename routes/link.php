<?php

declare(strict_types=1);

use App\Control\Http\LinkController;
use App\Control\Http\OnlyDevices;
use Illuminate\Support\Facades\Route;

Route::prefix('api/v1/link')
    ->middleware(['throttle:link', OnlyDevices::class])
    ->group(function (): void {
        Route::post('/hello', [LinkController::class, 'hello'])->name('link.hello');
        Route::post('/batches', [LinkController::class, 'batches'])->name('link.batches');
        Route::get('/programme', [LinkController::class, 'programme'])->name('link.programme');
        Route::post('/orders/{order}', [LinkController::class, 'order'])->whereNumber('order')->name('link.order');
        Route::post('/token', [LinkController::class, 'token'])->name('link.token');
    });
