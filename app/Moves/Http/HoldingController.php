<?php

declare(strict_types=1);

namespace App\Moves\Http;

use App\Clients\Site;
use App\Moves\HoldingDesk;
use App\Moves\Move;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** The holding of a move: filled and put on record, emptied when the last animal is home. */
final class HoldingController
{
    public function fill(Request $request, Move $move, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $move);
        $request->validate([
            'site_id' => ['required', 'integer:strict', Rule::in(array_filter([$move->from_site_id, $move->to_site_id]))],
        ]);
        $holding = HoldingDesk::fill($move, Site::query()->findOrFail($request->integer('site_id')), $user);

        return back()->with('said', "{$holding->name} is on record: isolated, its tests booked for a week.");
    }

    public function empty(Request $request, Move $move, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $move);
        $request->validate([
            'count' => ['required', 'integer:strict', 'between:0,10000'],
            'words' => ['nullable', 'string', 'max:300'],
        ]);
        $words = $request->input('words');
        HoldingDesk::empty($move, $request->integer('count'), is_string($words) ? $words : null, $user);

        return back()->with('said', 'Empty. Its jobs are over; its readings stay.');
    }
}
