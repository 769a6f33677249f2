<?php

declare(strict_types=1);

namespace App\Water\Http;

use App\House\Days;
use App\Team\User;
use App\Water\DayReader;
use App\Water\Demand;
use App\Water\Depot;
use App\Water\SaltMix;
use App\Water\Views\WaterDayView;
use App\Water\WaterBatch;
use App\Water\WaterBooking;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Water for the day: what leaves, what must be made, when it begins, what it uncovers. */
final class WaterController
{
    private const AHEAD_H = 54;

    public function show(Request $request, #[CurrentUser] User $user, Demand $demand): Response
    {
        Gate::authorize('viewAny', Depot::class);
        $given = $request->validate(['depot' => ['nullable', 'integer']]);
        $depots = Depot::query()->current()->orderBy('name')->get();
        $depot = $depots->firstWhere('id', (int) ($given['depot'] ?? 0)) ?? $depots->first();
        $now = CarbonImmutable::now();

        return Inertia::render('water/Day', [
            'view' => $depot === null
                    ? null
                    : WaterDayView::of(
                        DayReader::read($depot, $demand, $now, $now->addHours(self::AHEAD_H)),
                        $user->units(),
                    ),
            'depot' => $depot === null
                    ? null
                    : [
                        'id' => $depot->id,
                        'name' => $depot->name,
                        'ro_stored_l' => $depot->ro_stored_l,
                        'feed_c' => $depot->feed_c,
                        'ro_rated_ld' => $depot->ro_rated_ld,
                        'heat_w' => $depot->heat_w,
                    ],
            'depots' => $depots->pluck('name', 'id'),
            'mixes' => SaltMix::query()->current()->orderBy('name')->pluck('name', 'id'),
            'mayPlan' => $user->plans(),
            'zone' => config()->string('velbrin.timezone'),
        ]);
    }

    /** A batch was mixed: RO and salt are used, the water stands. */
    public function mix(Request $request, Depot $depot, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('mix', WaterBatch::class);
        $given = $request->validate([
            'salt_mix_id' => ['required', 'integer', Rule::exists('salt_mixes', 'id')->whereNull('archived_at')],
            'salinity' => ['required', 'numeric:strict', 'min:20', 'max:45'],
            'litres' => ['required', 'numeric:strict', 'gt:0', 'max:20000'],
            'for' => ['nullable', 'string', 'max:120'],
            'lot' => ['nullable', 'string', 'max:60'],
        ]);
        DB::transaction(function () use ($depot, $user, $given): void {
            $depot = Depot::query()->whereKey($depot->id)->lockForUpdate()->firstOrFail();
            if ($given['litres'] > $depot->ro_stored_l + 1e-6) {
                throw ValidationException::withMessages([
                    'litres' => sprintf(
                        'Only %.0f L of RO water stand. Write down what has been collected first.',
                        $depot->ro_stored_l,
                    ),
                ]);
            }
            $depot->update(['ro_stored_l' => $depot->ro_stored_l - $given['litres']]);
            WaterBatch::query()->create([
                ...$given,
                'depot_id' => $depot->id,
                'left_l' => $given['litres'],
                'mixed_at' => now(),
                'user_id' => $user->id,
            ]);
        });

        return back()->with('said', 'The batch stands. Measure it before it is loaded.');
    }

    /** Only measured water counts (W-59). */
    public function measure(Request $request, WaterBatch $batch): RedirectResponse
    {
        Gate::authorize('mix', WaterBatch::class);
        $given = $request->validate([
            'measured_c' => ['required', 'numeric:strict', 'min:2', 'max:40'],
            'measured_salinity' => ['required', 'numeric:strict', 'min:0', 'max:45'],
            'measured_alk_dkh' => ['nullable', 'numeric:strict', 'min:0', 'max:30'],
        ]);
        $batch->update($given);

        return back()->with('said', 'Measured.');
    }

    /** Loaded, given away, poured out. */
    public function draw(Request $request, WaterBatch $batch): RedirectResponse
    {
        Gate::authorize('mix', WaterBatch::class);
        $given = $request->validate(
            ['litres' => ['required', 'numeric:strict', 'gt:0', 'max:'.max(0.01, round($batch->left_l, 3))]],
            ['litres.max' => 'That much does not stand any more.'],
        );
        $left = max(0.0, $batch->left_l - (float) $given['litres']);
        $batch->update(['left_l' => $left, 'spent_at' => $left < 0.5 ? now() : null]);

        return back()->with('said', $left < 0.5 ? 'Empty: build the reserve again.' : 'Drawn.');
    }

    public function station(Request $request, Depot $depot): RedirectResponse
    {
        Gate::authorize('mix', WaterBatch::class);
        $given = $request->validate(
            [
                'ro_stored_l' => ['required', 'numeric:strict', 'min:0', 'max:'.$depot->ro_tank_l],
                'feed_c' => ['required', 'numeric:strict', 'min:1', 'max:35'],
            ],
            ['ro_stored_l.max' => sprintf('The tank holds %.0f L.', $depot->ro_tank_l)],
        );
        $depot->update($given);

        return back()->with('said', 'Kept.');
    }

    /** A promise beside the changes: a quarantine fill, a top-off, a reserve for a move. */
    public function book(Request $request, Depot $depot): RedirectResponse
    {
        Gate::authorize('create', WaterBooking::class);
        $given = $request->validate([
            'label' => ['required', 'string', 'max:160'],
            'litres' => ['required', 'numeric:strict', 'gt:0', 'max:20000'],
            'on' => ['nullable', 'date', 'after_or_equal:'.Days::text()],
            'purpose' => ['required', Rule::in(['emergency', 'quarantine', 'top-off', 'other'])],
        ]);
        $depot->bookings()->create($given);

        return back()->with('said', 'Promised.');
    }
}
