<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Controller;
use App\Control\Link\DayReadings;
use App\Control\Link\TakeLog;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** A log read from a file on the page, looked at first, then taken in by batches (K-40). */
final class ControlLogController
{
    public function __invoke(LogRequest $request, Controller $controller, #[CurrentUser] User $user): JsonResponse
    {
        $taken = TakeLog::of(
            controller: $controller,
            user: $user,
            name: $request->string('name')->toString(),
            run: $request->string('run')->toString(),
            order: $request->string('order')->toString(),
            rows: $request->rows(),
            isOnlyLook: $request->boolean('look'),
        );
        if (! $request->boolean('look') && $taken['stored'] > 0 && $taken['from'] !== null && $taken['to'] !== null) {
            DayReadings::dispatch($controller->id, substr($taken['from'], 0, 10), substr($taken['to'], 0, 10));
        }

        return response()->json($taken);
    }
}
