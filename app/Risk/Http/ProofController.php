<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\House\Days;
use App\Risk\PeopleAnswer;
use App\Risk\Proof;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Risk\PeopleHazard;

/** What was made to act, and what somebody competent said about people's safety (R-16, R-43). */
final class ProofController
{
    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate(
            [
                'what' => ['required', Rule::in([Proof::ITEM, ...array_keys(Proof::whats())])],
                'item_id' => [
                    'nullable',
                    'required_if:what,'.Proof::ITEM,
                    'integer',
                    Rule::exists('items', 'id')->where('system_id', $system->id)->whereNull('retired_at'),
                ],
                'method' => ['nullable', 'string', 'max:200'],
                'passed' => ['required', 'boolean'],
                'on' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.Days::text(), 'after:-2 years'],
            ],
            ['item_id.required_if' => 'Say which device was tried.'],
        );
        DB::transaction(function () use ($given, $system, $user): void {
            Proof::query()->create([...$given, 'system_id' => $system->id, 'user_id' => $user->id]);
            $item = $system->items()->whereKey($given['item_id'] ?? 0)->first();
            if ($item !== null && $given['passed']) {
                $item->update(['state' => Installed::Tested, 'tested_result' => $given['method'] ?? 'made to act']);
            } elseif ($item !== null) {
                // What was tried and failed is not tested any more.
                $item->update(['state' => Installed::Powered, 'tested_result' => null]);
            }
        });

        return back()->with(
            'said',
            $given['passed'] ? 'Proved, and counted from that day.' : 'Written down: it failed, and counts as not proved.',
        );
    }

    public function answer(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate(
            [
                'hazard' => ['required', Rule::enum(PeopleHazard::class)],
                'holds' => ['required', 'boolean'],
                'who_says' => ['required', 'string', 'max:200'],
                'on' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.Days::text(), 'after:-5 years'],
            ],
            ['who_says.required' => 'Say who looked, and what makes them competent.'],
        );
        PeopleAnswer::query()->updateOrCreate(
            ['system_id' => $system->id, 'hazard' => $given['hazard']],
            [...$given, 'user_id' => $user->id],
        );

        return back()->with('said', 'Written down, with who says so.');
    }
}
