<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Clients\Client;
use App\Rounds\Calendar;
use App\Rounds\Crew;
use App\Rounds\Feed;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;

/** Calendars under a secret address: shown once, kept as a hash, taken back at any time. */
final class FeedController
{
    public function index(#[CurrentUser] User $user): \Inertia\Response
    {
        Gate::authorize('create', Feed::class);
        $feeds = Feed::query()
            ->whereNull('revoked_at')
            ->when(! $user->plans(), fn ($q) => $q->where('user_id', $user->id))
            ->with('user')
            ->latest('id')
            ->limit(100)
            ->get();

        return Inertia::render('rounds/Feeds', [
            'feeds' => $feeds->map(
                fn (Feed $f): array => [
                    'id' => $f->id,
                    'what' => $this->label($f),
                    'by' => (string) $f->user?->name,
                    'on' => $f->created_at?->toDateString(),
                ],
            ),
            'crews' => $user->isStaff()
                ? Crew::query()
                    ->when(! $user->plans(), fn ($q) => $q->whereHas('members', fn ($m) => $m->whereKey($user->id)))
                    ->orderBy('name')
                    ->limit(100)
                    ->pluck('name', 'id')
                : [],
            'clients' => Client::query()
                ->current()
                ->when(! $user->plans(), fn ($q) => $q->whereKey($user->client_id ?? 0))
                ->orderBy('name')
                ->limit(500)
                ->pluck('name', 'id'),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Feed::class);
        $given = $request->validate([
            'kind' => ['required', Rule::in([Feed::CREW, Feed::CLIENT])],
            'subject_id' => ['required', 'integer'],
        ]);
        $id = (int) $given['subject_id'];
        $may =
            $given['kind'] === Feed::CREW
                ? Crew::query()
                    ->whereKey($id)
                    ->when(! $user->plans(), fn ($q) => $q->whereHas('members', fn ($m) => $m->whereKey($user->id)))
                    ->exists() && $user->isStaff()
                : Client::query()->current()->whereKey($id)->exists() && ($user->plans() || $user->client_id === $id);
        abort_unless($may, 403);
        $token = bin2hex(random_bytes(32));
        Feed::query()->create([
            'kind' => $given['kind'],
            'subject_id' => $id,
            'token_hash' => hash('sha256', $token),
            'user_id' => $user->id,
        ]);

        return response()
            ->json(['address' => url("/feeds/{$token}.ics")])
            ->header('Cache-Control', 'no-store, private');
    }

    public function revoke(Feed $feed): RedirectResponse
    {
        Gate::authorize('revoke', $feed);
        $feed->update(['revoked_at' => now()]);

        return back()->with('said', 'That address answers no more.');
    }

    /** Read by a calendar, without signing in. */
    public function read(string $token): Response
    {
        $feed = Feed::query()->where('token_hash', hash('sha256', $token))->whereNull('revoked_at')->first();
        abort_if($feed === null, 404);

        return response(Calendar::of($feed), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=300',
            'X-Robots-Tag' => 'noindex',
        ]);
    }

    private function label(Feed $feed): string
    {
        return $feed->kind === Feed::CREW
            ? 'Crew '.Crew::query()->whereKey($feed->subject_id)->value('name')
            : 'Client '.Client::query()->whereKey($feed->subject_id)->value('name');
    }
}
