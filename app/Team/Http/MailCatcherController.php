<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\Team\CaughtMail;
use App\Team\Views\CaughtMailView;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The simulated gateway's inbox. It exists only where mail is caught. */
final class MailCatcherController
{
    public function __invoke(): Response
    {
        Gate::authorize('viewAny', CaughtMail::class);
        abort_unless(config('mail.default') === 'catcher', 404);

        return Inertia::render('team/Mail', [
            'mails' => CaughtMail::query()->latest('id')->limit(100)->get()->map(CaughtMailView::of(...))->all(),
        ]);
    }
}
