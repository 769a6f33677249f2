<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Clients\Site;
use App\Control\Circuit;
use App\Control\Controller;
use App\Control\Outlet;
use App\Control\PlugIn;
use App\Control\Strip;
use App\Systems\Item;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Circuits, strips and outlets of a place, and what is plugged in where. */
final class SupplyController
{
    public function circuit(Request $request, Site $site): RedirectResponse
    {
        Gate::authorize('createAt', [Controller::class, $site]);
        $circuit = Circuit::query()->create(['site_id' => $site->id, ...$this->circuitGiven($request, $site->id)]);

        return back()->with('said', "{$circuit->name} is on record.");
    }

    public function updateCircuit(Request $request, Circuit $circuit, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $circuit);
        $circuit->update([
            ...$this->circuitGiven($request, $circuit->site_id, $circuit),
            'confirmed_at' => $circuit->confirmed_at ?? now(),
            'confirmed_by' => $circuit->confirmed_by ?? $user->id,
        ]);

        return back()->with('said', "{$circuit->name}: kept.");
    }

    public function strip(Request $request, Controller $controller): RedirectResponse
    {
        Gate::authorize('update', $controller);
        $given = $request->validate([
            ...$this->stripRules($controller->site_id),
            'count' => ['required', 'integer', 'between:1,24'],
        ]);
        $count = is_int($given['count']) ? $given['count'] : 1;
        DB::transaction(function () use ($controller, $given, $count): void {
            $strip = Strip::query()->create([
                'site_id' => $controller->site_id,
                'controller_id' => $controller->id,
                ...array_diff_key($given, ['count' => 1]),
            ]);
            for ($n = 1; $n <= $count; $n++) {
                Outlet::query()->firstOrCreate(
                    ['site_id' => $controller->site_id, 'name' => "{$strip->name}{$n}"],
                    ['strip_id' => $strip->id, 'confirmed_at' => now()],
                );
            }
        });

        return back()->with('said', 'The strip is there. Say what is plugged in.');
    }

    public function updateStrip(Request $request, Strip $strip): RedirectResponse
    {
        Gate::authorize('update', $strip);
        $strip->update($request->validate($this->stripRules($strip->site_id, $strip)));

        return back()->with('said', "{$strip->name}: kept.");
    }

    /** Where a plug goes, what is plugged in, whether its label is on. */
    public function updateOutlet(Request $request, Outlet $outlet, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $outlet);
        $given = $request->validate([
            'name' => [
                'required',
                'string',
                'max:80',
                Rule::unique('outlets', 'name')->where('site_id', $outlet->site_id)->ignore($outlet),
            ],
            'strip_id' => ['nullable', 'integer', Rule::exists('strips', 'id')->where('site_id', $outlet->site_id)],
            'is_labelled' => ['required', 'boolean'],
            'items' => ['present', 'array', 'max:12'],
            'items.*' => ['integer', 'distinct', Rule::in($this->itemsAt($outlet->site_id))],
        ]);
        PlugIn::at($outlet, $given, $user);

        return back()->with('said', "{$outlet->name}: kept.");
    }

    /** Somebody has looked: the word is that outlet, or that circuit. */
    public function confirm(Request $request, Outlet $outlet, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $outlet);
        $given = $request->validate([
            'strip_id' => ['required', 'integer', Rule::exists('strips', 'id')->where('site_id', $outlet->site_id)],
        ]);
        $outlet->update(['strip_id' => $given['strip_id'], 'confirmed_at' => now(), 'confirmed_by' => $user->id]);

        return back()->with('said', "{$outlet->name} is confirmed.");
    }

    public function confirmCircuit(Circuit $circuit, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $circuit);
        $circuit->update(['confirmed_at' => now(), 'confirmed_by' => $user->id]);

        return back()->with('said', "{$circuit->name} is confirmed.");
    }

    /** @return list<int> */
    private function itemsAt(int $siteId): array
    {
        return array_values(
            Item::query()
                ->whereNull('retired_at')
                ->whereHas('system', fn ($s) => $s->where('site_id', $siteId))
                ->get(['id'])
                ->map(fn (Item $i): int => $i->id)
                ->all(),
        );
    }

    /** @return array<string, list<mixed>> */
    private function stripRules(int $siteId, ?Strip $strip = null): array
    {
        return [
            'name' => ['required', 'string', 'max:80', Rule::unique('strips', 'name')->where('site_id', $siteId)->ignore($strip)],
            'circuit_id' => ['nullable', 'integer', Rule::exists('circuits', 'id')->where('site_id', $siteId)],
            'own_clock' => ['nullable', 'boolean'],
            'rated_w' => ['nullable', 'numeric:strict', 'gt:0', 'max:20000'],
        ];
    }

    /** @return array<string, mixed> */
    private function circuitGiven(Request $request, int $siteId, ?Circuit $circuit = null): array
    {
        return $request->validate([
            'name' => ['required', 'string', 'max:80', Rule::unique('circuits', 'name')->where('site_id', $siteId)->ignore($circuit)],
            'rating_a' => ['nullable', 'numeric:strict', 'between:1,125'],
            'residual_ma' => ['nullable', 'numeric:strict', 'between:1,1000'],
        ]);
    }
}
