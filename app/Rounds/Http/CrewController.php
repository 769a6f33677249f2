<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\House\Days;
use App\Rounds\Away;
use App\Rounds\Crew;
use App\Rounds\Vehicle;
use App\Rounds\Views\CrewView;
use App\Team\Colleague;
use App\Team\User;
use App\Water\Depot;
use App\Water\SaltMix;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Crews and what they drive. */
final class CrewController
{
    public function index(): Response
    {
        Gate::authorize('viewAny', Crew::class);

        return Inertia::render('rounds/Crews', [
            'crews' => Crew::query()
                ->where(fn ($q) => $q->whereNull('until_on')->orWhere('until_on', '>=', Days::today()->toDateString()))
                ->with(['members', 'vehicle', 'depot'])
                ->orderBy('name')
                ->limit(200)
                ->get()
                ->map(fn (Crew $c): CrewView => CrewView::of($c)),
            'vehicles' => Vehicle::query()
                ->current()
                ->orderBy('name')
                ->get(['id', 'name', 'payload_kg', 'salt_l', 'ro_l']),
            'depots' => Depot::query()->current()->orderBy('name')->pluck('name', 'id'),
            'mixes' => SaltMix::query()
                ->current()
                ->orderBy('name')
                ->get([
                    'id',
                    'name',
                    'grams_per_l',
                    'usable_from_h',
                    'usable_until_h',
                    'alk_dkh',
                    'ca_mg_l',
                    'mg_mg_l',
                ]),
            'people' => Away::people(),
            'mayPlan' => Gate::allows('create', Crew::class),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('create', Crew::class);
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:120'],
                'depot_id' => ['required', 'integer', Rule::exists('depots', 'id')->whereNull('archived_at')],
                'vehicle_id' => ['required', 'integer', Rule::exists('vehicles', 'id')->whereNull('archived_at')],
                'members' => ['required', 'array', 'min:1', 'max:2'],
                'members.*' => ['integer', 'distinct', Colleague::rule()],
                'from_on' => ['required', 'date'],
                'until_on' => ['nullable', 'date', 'after_or_equal:from_on'],
                'starts_min' => ['required', 'integer:strict', 'between:0,1439'],
                'ends_min' => ['required', 'integer:strict', 'gt:starts_min', 'max:1440'],
                'break_min' => ['required', 'integer:strict', 'between:0,180'],
            ],
            ['members.max' => 'A crew is one or two people.', 'ends_min.gt' => 'The day ends after it begins.'],
        );
        $this->free($given);
        DB::transaction(function () use ($given): void {
            $crew = Crew::query()->create(array_diff_key($given, ['members' => 1]));
            $crew->members()->sync($given['members']);
        });

        return back()->with('said', 'The crew drives.');
    }

    /**
     * A person and a vehicle are in one crew at a time.
     *
     * @param  array<string, mixed>  $given
     */
    private function free(array $given): void
    {
        $until = $given['until_on'] ?? null;
        $same = Crew::query()
            ->where(fn ($q) => $q->whereNull('until_on')->orWhere('until_on', '>=', $given['from_on']))
            ->when($until !== null, fn ($q) => $q->where('from_on', '<=', $until))
            ->with('members')
            ->get();
        $when = fn (Crew $c): string => $c->until_on === null ? '' : " until {$c->until_on->format('j M')}";
        $taken = $same->firstWhere('vehicle_id', $given['vehicle_id']);
        if ($taken !== null) {
            throw ValidationException::withMessages([
                'vehicle_id' => "{$taken->name} drives it{$when(
                    $taken,
                )}. End that crew first, or choose another vehicle.",
            ]);
        }
        $members = is_array($given['members']) ? $given['members'] : [];
        foreach ($same as $crew) {
            $twice = $crew->members->first(fn (User $u): bool => in_array($u->id, $members, true));
            if ($twice !== null) {
                throw ValidationException::withMessages([
                    'members' => "{$twice->name} is in {$crew->name}{$when($crew)}. End that crew first.",
                ]);
            }
        }
    }

    /** A crew ends; what it was planned for waits to be planned anew. */
    public function end(Request $request, Crew $crew): RedirectResponse
    {
        Gate::authorize('update', $crew);
        $given = $request->validate(['until_on' => ['required', 'date']]);
        $crew->update($given);

        return back()->with('said', "{$crew->name} drives until {$crew->until_on?->format('j M')}.");
    }

    public function vehicle(Request $request): RedirectResponse
    {
        Gate::authorize('create', Vehicle::class);
        $vehicle = Vehicle::query()->create(
            $request->validate([
                'name' => ['required', 'string', 'max:120', Rule::unique('vehicles', 'name')],
                'payload_kg' => ['required', 'numeric:strict', 'gt:0', 'max:20000'],
                'salt_l' => ['required', 'numeric:strict', 'min:0', 'max:20000'],
                'ro_l' => ['required', 'numeric:strict', 'min:0', 'max:20000'],
            ]),
        );

        return back()->with('said', "{$vehicle->name} is in the yard.");
    }
}
