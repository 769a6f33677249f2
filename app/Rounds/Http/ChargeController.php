<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\House\Days;
use App\Systems\Material;
use App\Systems\MaterialKept;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Charges of media: where each sits, how much, since when, when it is exchanged, and with which job (S-48). */
final class ChargeController
{
    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:120'],
                'place' => ['required', 'string', 'max:120'],
                'mass_kg' => ['required', 'numeric:strict', 'gt:0', 'max:500'],
                'lot' => ['nullable', 'string', 'max:120'],
                'in_on' => ['required', 'date', 'before_or_equal:'.Days::today()->toDateString()],
                'life_days' => ['required', 'numeric:strict', 'between:1,1500'],
                'task_id' => [
                    'required',
                    'integer',
                    Rule::exists('tasks', 'id')->where('system_id', $system->id)->whereNull('ended_at'),
                ],
            ],
            [
                'name.required' => 'Which media is it?',
                'place.required' => 'Where does it sit: which vessel, reactor or bag?',
                'mass_kg.required' => 'How much of it?',
                'life_days.required' => 'How many days does it last here?',
                'task_id.required' => 'Which job exchanges it?',
            ],
        );
        DB::transaction(function () use ($system, $user, $given): void {
            $charge = new Material([...$given, 'kind' => 'media', 'system_id' => $system->id, 'user_id' => $user->id]);
            $charge->settleDue(CarbonImmutable::parse($given['in_on']));
            $charge->save();
            MaterialKept::dispatch($system->id);
        });

        return back()->with('said', 'It is in the record, with its own day.');
    }

    /** Exchanged outside a visit, or found exchanged. */
    public function exchange(Request $request, Material $material, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $material);
        $given = $request->validate([
            'on' => [
                'required',
                'date',
                'before_or_equal:'.Days::today()->toDateString(),
                'after_or_equal:'.$material->in_on->toDateString(),
            ],
        ]);
        if ($material->out_on !== null || $material->isArchived() || $material->kind !== 'media') {
            throw ValidationException::withMessages(['on' => 'That charge is out already.']);
        }
        DB::transaction(function () use ($material, $given, $user): void {
            $material->exchange(CarbonImmutable::parse($given['on']), $user->id);
            MaterialKept::dispatch((int) $material->system_id);
        });

        return back()->with('said', 'Exchanged: the new charge has its own day. Its lot is not written down yet.');
    }
}
