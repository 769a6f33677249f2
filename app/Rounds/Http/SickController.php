<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\House\Days;
use App\Rounds\Away;
use App\Rounds\SickNow;
use App\Rounds\Visit;
use App\Team\Colleague;
use App\Team\OnCall;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Ill from now on: what it does to the plan, seen before it is done. */
final class SickController
{
    public function __construct(private readonly SickNow $sick)
    {
    }

    public function show(Request $request): Response
    {
        Gate::authorize('plan', Visit::class);
        $given = $request->validate([
            'who' => ['nullable', 'integer', Colleague::rule()],
            'until' => ['nullable', 'date'],
        ]);
        $user = isset($given['who']) ? User::query()->current()->whereKey($given['who'])->firstOrFail() : null;
        $until = $this->until($given['until'] ?? null);

        return Inertia::render('rounds/Sick', [
            'people' => Away::people(),
            'who' => $user === null ? null : ['id' => $user->id, 'name' => $user->name],
            'until' => $until->toDateString(),
            'today' => Days::text(),
            'visits' => $user === null ? [] : $this->sick->preview($user, $until),
            'nights' => $user === null
                    ? []
                    : $this->sick
                        ->nights($user, $until)
                        ->map(
                            fn (OnCall $n): array => [
                                'from' => $n->from_on->toDateString(),
                                'until' => $n->until_on->toDateString(),
                                'position' => $n->position,
                            ],
                        ),
            'standIns' => $user === null
                    ? []
                    : $this->sick
                        ->standIns($user, $until)
                        ->map(fn (User $u): array => ['id' => $u->id, 'name' => $u->name]),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $by): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $staff = Colleague::rule();
        $given = $request->validate(
            [
                'who' => ['required', 'integer', $staff],
                'until' => ['required', 'date', 'after_or_equal:'.Days::text(), 'before:+90 days'],
                'stand_in' => ['nullable', 'integer', 'different:who', $staff],
            ],
            ['until.after_or_equal' => 'The last day of it lies ahead.'],
        );
        $user = User::query()->whereKey($given['who'])->firstOrFail();
        $standIn = isset($given['stand_in']) ? User::query()->whereKey($given['stand_in'])->firstOrFail() : null;
        [$moved, $left] = $this->sick->confirm($user, $this->until($given['until']), $standIn, $by);
        $rest = $left === 0 ? '' : " {$left} wait without a place.";

        return redirect('/rounds')->with(
            'said',
            "{$user->name} is marked ill. {$moved} visits moved; their clients are listed to be told.{$rest}",
        );
    }

    private function until(?string $given): CarbonImmutable
    {
        return $given === null ? Days::today() : CarbonImmutable::parse($given, Days::zone())->startOfDay();
    }
}
