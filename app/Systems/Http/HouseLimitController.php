<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\HouseLimit;
use App\Systems\Views\HouseLimitView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Build\HouseRule;

/** The limits of the house: each as usual, or the company's own with its reason. */
final class HouseLimitController
{
    public function index(#[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', HouseLimit::class);
        $own = HouseLimit::query()->with('user')->get()->keyBy('rule');

        return Inertia::render('systems/House', [
            'limits' => array_map(
                fn (HouseRule $r): HouseLimitView => HouseLimitView::of($r, $own->get($r->value), $user->units()),
                HouseRule::cases(),
            ),
        ]);
    }

    public function update(Request $request, HouseRule $limit, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', HouseLimit::class);
        $given = $request->validate(
            [
                'value' => ['nullable', 'numeric:strict', "between:{$limit->least()},{$limit->most()}"],
                'reason' => ['nullable', 'required_with:value', 'string', 'max:300'],
            ],
            ['reason.required_with' => 'Say why the house does it so.'],
        );
        if (($given['value'] ?? null) === null) {
            HouseLimit::query()->where('rule', $limit->value)->get()->each(fn (HouseLimit $l) => $l->delete());

            return back()->with('said', 'As usual again.');
        }
        HouseLimit::query()->updateOrCreate(['rule' => $limit->value], [...$given, 'user_id' => $user->id]);

        return back()->with(
            'said',
            'Kept. Plans and records are judged by it from now on; kept versions stay as they were.',
        );
    }
}
