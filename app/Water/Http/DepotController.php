<?php

declare(strict_types=1);

namespace App\Water\Http;

use App\Water\Depot;
use App\Water\SaltMix;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Measure\OutOfRange;

/** Where vans start and water is mixed, and the salts that go into it. */
final class DepotController
{
    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('create', Depot::class);
        $depot = new Depot([
            'ro_stored_l' => 0,
            ...$request->validate(
                [
                    'name' => ['required', 'string', 'max:120', Rule::unique('depots', 'name')],
                    'lat' => ['required', 'numeric:strict', 'between:-90,90'],
                    'lon' => ['required', 'numeric:strict', 'between:-180,180'],
                    'ro_rated_ld' => ['required', 'numeric:strict', 'gt:0', 'max:100000'],
                    'feed_c' => ['required', 'numeric:strict', 'between:1,35'],
                    'ro_tank_l' => ['required', 'numeric:strict', 'gt:0', 'max:100000'],
                    'vessels_l' => ['required', 'array', 'min:1', 'max:12'],
                    'vessels_l.*' => ['numeric:strict', 'gt:0', 'max:20000'],
                    'heat_w' => ['required', 'numeric:strict', 'gt:0', 'max:50000'],
                    'target_c' => ['required', 'numeric:strict', 'between:2,32'],
                    'reserve_ro_l' => ['required', 'numeric:strict', 'min:0', 'max:100000'],
                ],
                ['vessels_l.required' => 'Give the litres of each mixing vessel.'],
            ),
        ]);
        try {
            $depot->station();
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(['name' => "The station cannot be like that: {$e->getMessage()}."]);
        }
        $depot->save();

        return back()->with('said', "{$depot->name} mixes.");
    }

    public function mix(Request $request): RedirectResponse
    {
        Gate::authorize('create', SaltMix::class);
        $mix = SaltMix::query()->create($this->mixGiven($request));

        return back()->with('said', "{$mix->name} can be mixed.");
    }

    /** A new lot may bring other values. */
    public function updateMix(Request $request, SaltMix $mix): RedirectResponse
    {
        Gate::authorize('update', $mix);
        $mix->update($this->mixGiven($request, $mix));

        return back()->with('said', "{$mix->name}: kept. Changes to come are compared with it.");
    }

    /** @return array<string, mixed> */
    private function mixGiven(Request $request, ?SaltMix $mix = null): array
    {
        return $request->validate(
            [
                'name' => ['required', 'string', 'max:120', Rule::unique('salt_mixes', 'name')->ignore($mix)],
                'grams_per_l' => ['required', 'numeric:strict', 'between:30,50'],
                'usable_from_h' => ['required', 'numeric:strict', 'between:0,72'],
                'usable_until_h' => ['required', 'numeric:strict', 'gt:usable_from_h', 'max:2160'],
                'alk_dkh' => ['nullable', 'numeric:strict', 'between:2,20'],
                'ca_mg_l' => ['nullable', 'numeric:strict', 'between:200,700'],
                'mg_mg_l' => ['nullable', 'numeric:strict', 'between:600,2000'],
            ],
            ['usable_until_h.gt' => 'It must be usable for longer than it takes to mix.'],
        );
    }
}
