<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\Clients\Client;
use App\Risk\Exposure;
use App\Risk\FleetYear;
use App\Risk\MeasureCurves;
use App\Risk\SharedCauses;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The fleet over a year: what costs most, what will fail together, what changed. */
final class FleetYearController
{
    private const MOST_MINOR = 1_000_000_000;

    public function __invoke(Request $request): Response
    {
        Gate::authorize('viewAny', Exposure::class);
        $given = $request->validate([
            'budget' => ['sometimes', 'integer', 'between:0,'.self::MOST_MINOR],
            'client' => ['sometimes', 'integer', 'exists:clients,id'],
        ]);
        $budget = isset($given['budget']) ? (int) $given['budget'] : null;
        $client = isset($given['client']) ? (int) $given['client'] : null;

        return Inertia::render('risk/Year', [
            'lines' => FleetYear::lines(),
            // What costs most stands at once; what goes together follows.
            'cohorts' => Inertia::defer(FleetYear::cohorts(...)),
            'shared' => Inertia::defer(SharedCauses::ofFleet(...)),
            'changes' => Inertia::defer(FleetYear::changes(...)),
            'putOff' => FleetYear::putOff(),
            'asked' => ['budgetMinor' => $budget, 'client' => $client],
            'currency' => config()->string('velbrin.currency'),
            'across' => Inertia::defer(fn (): ?array => $budget === null ? null : MeasureCurves::across($budget, $client), 'money'),
            'clients' => Inertia::defer(
                fn (): array => Client::query()->current()->orderBy('name')->pluck('name', 'id')->all(),
                'money',
            ),
            'unworked' => DB::table('systems')
                ->whereNull('archived_at')
                ->whereNotIn('id', DB::table('risk_sums')->whereNotNull('key')->select('system_id'))
                ->count(),
        ]);
    }
}
