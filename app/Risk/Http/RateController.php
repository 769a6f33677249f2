<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\Risk\CountedLives;
use App\Risk\MeasurePrice;
use App\Risk\RiskRate;
use App\Risk\Views\CountedView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Rate\Assumed;

/** Rates a year of risk counts on: the trade's guesses, and what the company has counted itself (R-20). */
final class RateController
{
    public function index(CountedLives $lives): Response
    {
        Gate::authorize('viewAny', RiskRate::class);
        $counted = $lives->byRate(RiskRate::rates());
        $set = RiskRate::query()->pluck('value', 'name');
        $prices = MeasurePrice::list();

        return Inertia::render('risk/Rates', [
            'rates' => array_map(
                fn (Assumed $a): array => [
                    'name' => $a->value,
                    'label' => $a->label(),
                    'unit' => $a->unit(),
                    'usual' => $a->usual(),
                    'set' => is_numeric($set[$a->value] ?? null) ? (float) $set[$a->value] : null,
                    'least' => $a->least(),
                    'most' => $a->most(),
                    'counted' => isset($counted[$a->value]) ? CountedView::of($counted[$a->value]) : null,
                ],
                Assumed::cases(),
            ),
            'prices' => [
                ...array_map(
                    fn (MeasureKind $k): array => ['kind' => $k->value, 'label' => $k->label(), 'minor' => $prices[$k->value] ?? null],
                    MeasureKind::cases(),
                ),
                ['kind' => MeasurePrice::MINUTE, 'label' => 'A minute of upkeep', 'minor' => $prices[MeasurePrice::MINUTE] ?? null],
                [
                    'kind' => MeasurePrice::DEVICE,
                    'label' => 'A device more to live with, a year',
                    'minor' => $prices[MeasurePrice::DEVICE] ?? null,
                ],
            ],
            'currency' => config()->string('velbrin.currency'),
        ]);
    }

    /** A value of the company's own; none: the guess again. */
    public function update(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', RiskRate::class);
        $name = $request->validate(['name' => ['required', Rule::enum(Assumed::class)]])['name'];
        $rate = Assumed::from($name);
        $given = $request->validate([
            'value' => ['nullable', 'numeric:strict', "min:{$rate->least()}", "max:{$rate->most()}"],
        ]);
        DB::transaction(function () use ($given, $name, $user): void {
            $row = RiskRate::query()->where('name', $name)->first();
            match (true) {
                $given['value'] === null => $row?->delete(),
                $row === null => RiskRate::query()->create(['name' => $name, 'value' => $given['value'], 'user_id' => $user->id]),
                default => $row->update(['value' => $given['value'], 'user_id' => $user->id]),
            };
        });

        return back()->with('said', 'Kept. Every year of risk is worked out anew with it.');
    }
}
