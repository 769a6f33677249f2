<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\MeasuredAnew;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** The build facts of a running system: sizes, plumbing, room. */
final class SystemFactsController
{
    public function __invoke(MeasuredAnewRequest $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        $opened = MeasuredAnew::from(
            $system,
            $request->brief($system, $user->units()),
            $request->chambers(),
            $request->tables($system),
            $user,
        );

        return back()->with(
            'said',
            match ($opened) {
                null => 'Nothing moved.',
                0 => 'Kept. Nothing else hangs on it.',
                default => "Kept. It re-opens {$opened} things: they stand in the margin, to confirm one by one.",
            },
        );
    }
}
