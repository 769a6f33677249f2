<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Bench;
use App\Control\Controller;
use App\Control\PlayRun;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Break it: a set-up played against a system, with what fails on the way. */
final class TrialRunController
{
    public function show(Controller $controller, #[CurrentUser] User $user, PlayRun $play): Response
    {
        Gate::authorize('view', $controller);
        $controller->load(Bench::loads());

        return Inertia::render('control/Break', $play->page($controller, $user));
    }

    public function play(TrialRunRequest $request, Controller $controller, #[CurrentUser] User $user, PlayRun $play): JsonResponse
    {
        $controller->load(Bench::loads());
        $system = System::query()->with(['vessels', 'items', 'room'])->findOrFail($request->integer('system_id'));

        return response()->json($play->run($controller, $system, $request->faults(), $request->hours(), $request->arrivesS(), $user));
    }
}
