<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Clients\Site;
use App\Rounds\SiteWish;
use App\Team\Colleague;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\OpeningHours;

/** Standing wishes of a place: kept like promises until a person releases them (S-56). */
final class WishController
{
    public function store(Request $request, Site $site, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', SiteWish::class);
        $given = $request->validate(
            [
                'text' => ['required', 'string', 'max:300'],
                'weekdays' => ['present', 'array', 'max:7'],
                'weekdays.*' => ['integer:strict', 'between:1,7', 'distinct'],
                'hours' => ['nullable', 'string', 'max:60'],
                'person_id' => [
                    'nullable',
                    'integer',
                    Colleague::rule(),
                ],
                'not_before' => ['nullable', 'date'],
                'not_after' => ['nullable', 'date', 'after_or_equal:not_before'],
            ],
            ['text.required' => 'Say in a few words what they wish.'],
        );
        [$from, $to] = $this->hours($given['hours'] ?? null);
        $says =
            $given['weekdays'] !== [] ||
            $from !== null ||
            isset($given['person_id']) ||
            isset($given['not_before']) ||
            isset($given['not_after']);
        if (! $says) {
            throw ValidationException::withMessages([
                'weekdays' => 'Choose days, hours, a person or a date: words alone change no plan.',
            ]);
        }
        SiteWish::query()->create([
            ...array_diff_key($given, ['hours' => 1]),
            'from_min' => $from,
            'to_min' => $to,
            'site_id' => $site->id,
            'user_id' => $user->id,
        ]);

        return back()->with('said', 'Every proposal keeps it until it is released.');
    }

    public function release(SiteWish $wish, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('release', $wish);
        $wish->update(['released_at' => now(), 'released_by' => $user->id]);

        return back()->with('said', 'Released.');
    }

    /** @return array{0: int|null, 1: int|null} */
    private function hours(?string $written): array
    {
        if ($written === null || trim($written) === '') {
            return [null, null];
        }
        try {
            $spans = OpeningHours::read($written)->spans;
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(['hours' => "Write them as {$e->allowed}."]);
        }
        if (count($spans) !== 1) {
            throw ValidationException::withMessages(['hours' => 'One span a wish, for example 8-12.']);
        }

        return [(int) $spans[0][0], (int) $spans[0][1]];
    }
}
