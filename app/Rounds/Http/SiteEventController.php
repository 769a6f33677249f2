<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Clients\Site;
use App\House\Days;
use App\Rounds\SiteEvent;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Velbrin\Core\Rounds\Disturbance;

/** What a client holds, and how many days before it no messy work is planned (X-12). */
final class SiteEventController
{
    public function store(Request $request, Site $site, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', SiteEvent::class);
        $given = $request->validate(
            [
                'text' => ['required', 'string', 'max:160'],
                'on' => ['required', 'date', 'after_or_equal:'.Days::text(), 'before:+3 years'],
                'clear_days' => ['nullable', 'integer', 'between:0,60'],
            ],
            [
                'text.required' => 'Say what they hold.',
                'on.required' => 'On which day is it?',
                'on.after_or_equal' => 'That day is over.',
            ],
        );
        $days = isset($given['clear_days']) ? (int) $given['clear_days'] : Disturbance::CLEAR_DAYS;
        SiteEvent::query()->create([...$given, 'clear_days' => $days, 'site_id' => $site->id, 'user_id' => $user->id]);

        return back()->with('said', "No messy work is planned on the {$days} days before it.");
    }

    public function archive(SiteEvent $event): RedirectResponse
    {
        Gate::authorize('archive', $event);
        $event->archive();

        return back()->with('said', 'Taken away: those days are free again.');
    }
}
