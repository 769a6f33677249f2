<?php

declare(strict_types=1);

namespace App\Alerts\Http;

use App\Alerts\Live\Acknowledge;
use App\Alerts\Live\AlarmEvent;
use App\Alerts\Live\Troubles;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Alarms as they happen: who was called, who is next, and the answer. */
final class LiveController
{
    private const MESSAGES = 30;

    public function index(#[CurrentUser] User $user, Troubles $troubles): Response
    {
        Gate::authorize('viewAny', AlarmEvent::class);

        return Inertia::render('alerts/Live', [
            'maySilence' => $user->may_silence,
            'open' => $troubles->open(),
            'past' => $troubles->past(),
            'messages' => $user->plans()
                ? DB::table('gateway_messages')->latest('id')->limit(self::MESSAGES)->get(['id', 'recipient', 'words', 'at'])->all()
                : [],
        ]);
    }

    public function acknowledge(AlarmEvent $event, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('acknowledge', $event);
        Acknowledge::of($event, $user);

        return back()->with('said', 'It is yours. Nobody else is called; it stays here until it is over.');
    }
}
