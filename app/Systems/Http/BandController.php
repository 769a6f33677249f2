<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\Judge;
use App\Systems\Parameters;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Measure\OutOfRange;

/** A system's own limits. A deviation keeps its reason and the conditions under which it holds (X-3). */
final class BandController
{
    public function update(Request $request, System $system, string $parameter, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $system);
        $parameter = Parameters::here()->find($parameter) ?? abort(404);
        $limit = ['nullable', 'numeric:strict', 'min:'.$parameter->plausible()[0], 'max:'.$parameter->plausible()[1]];
        $given = $request->validate([
            'aim_low' => $limit, 'aim_high' => $limit, 'fine_low' => $limit, 'fine_high' => $limit, 'act_low' => $limit, 'act_high' => $limit,
            'rate_per_day' => ['nullable', 'numeric:strict', 'gt:0'],
            'tracked' => ['required', 'boolean'],
            'reason' => ['required', 'string', 'max:500'],
            'holds_while' => ['nullable', 'string', 'max:300'],
        ]);
        try {
            Band::of($given['aim_low'] ?? null, $given['aim_high'] ?? null, $given['fine_low'] ?? null, $given['fine_high'] ?? null, $given['act_low'] ?? null, $given['act_high'] ?? null, $given['rate_per_day'] ?? null);
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages([$this->column($e->field) => 'The limits stand in the order: act, fine, aim, aim, fine, act.']);
        }
        DB::transaction(function () use ($system, $parameter, $given, $user): void {
            $system->bands()->updateOrCreate(['parameter' => $parameter->key()], [...$given, 'user_id' => $user->id]);
            Judge::again($system->load('bands'), $parameter);
        });

        return back()->with('said', "{$parameter->label()}: the limits hold from now on.");
    }

    private function column(string $field): string
    {
        return (string) preg_replace_callback('/[A-Z]/', fn (array $m): string => '_'.strtolower($m[0]), $field);
    }
}
