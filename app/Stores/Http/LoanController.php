<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\House\Days;
use App\Stores\Lend;
use App\Stores\Loan;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What one system lends another, and when it is back (X-13). */
final class LoanController
{
    public function store(Request $request, System $system, #[CurrentUser] User $user, Lend $lend): RedirectResponse
    {
        Gate::authorize('move', Loan::class);
        Gate::authorize('record', $system);
        $given = $request->validate([
            'item_id' => [
                'required',
                'integer',
                Rule::exists('items', 'id')->where('system_id', $system->id)->whereNull('retired_at')->whereNull('away_since'),
            ],
            'to_system_id' => [
                'required',
                'integer',
                Rule::exists(System::class, 'id')->whereNull('archived_at'),
                Rule::notIn([$system->id]),
            ],
            'due_on' => ['required', 'date_format:Y-m-d', 'after_or_equal:'.Days::text(), 'before:+1 year'],
            'signed_by' => ['nullable', 'string', 'max:120'],
        ]);
        $item = Item::query()->whereKey($given['item_id'])->firstOrFail();
        $to = System::query()->whereKey($given['to_system_id'])->firstOrFail();
        $loan = $lend($item, $to, ['due_on' => $given['due_on'], 'signed_by' => $given['signed_by'] ?? null], $user);

        return back()->with(
            'said',
            "{$item->name} is lent until {$loan->due_on->format('j M')}; {$system->name} is exposed until it is back.",
        );
    }

    public function settle(Request $request, Loan $loan): RedirectResponse
    {
        Gate::authorize('move', $loan);
        $given = $request->validate(
            ['how' => ['required', 'string', 'max:200']],
            ['how.required' => 'Say how: back in its place, or another one there.'],
        );
        if ($loan->settled_at === null) {
            Lend::settle($loan, $given['how']);
        }

        return back()->with('said', 'Settled.');
    }
}
