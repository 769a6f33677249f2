<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\House\Days;
use App\Systems\Material;
use App\Systems\MaterialKept;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final class MaterialController
{
    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $words = ['nullable', 'string', 'max:120'];
        $given = $request->validate([
            'kind' => ['required', Rule::in(array_keys(Material::KINDS))],
            'name' => ['required', 'string', 'max:120'],
            'grain' => $words,
            'colour' => $words,
            'origin' => $words,
            'lot' => $words,
            'mass_kg' => ['nullable', 'numeric:strict', 'gt:0', 'max:20000'],
            'in_on' => ['required', 'date', 'before_or_equal:'.Days::text(1)],
            'note' => ['nullable', 'string', 'max:300'],
        ]);
        Material::query()->create([...$given, 'system_id' => $system->id, 'user_id' => $user->id]);

        return back()->with('said', 'It is in the record.');
    }

    public function archive(Material $material): RedirectResponse
    {
        Gate::authorize('update', $material);
        $material->archive();
        MaterialKept::dispatch((int) $material->system_id);

        return back()->with('said', 'Taken out of the record; the trail keeps it.');
    }
}
