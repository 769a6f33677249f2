<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\Risk\Exposure;
use App\Risk\FleetYear;
use App\Risk\SharedCauses;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The fleet over a year: what costs most, what will fail together, what changed. */
final class FleetYearController
{
    public function __invoke(): Response
    {
        Gate::authorize('viewAny', Exposure::class);

        return Inertia::render('risk/Year', [
            'lines' => FleetYear::lines(),
            'cohorts' => FleetYear::cohorts(),
            'shared' => SharedCauses::ofFleet(),
            'changes' => FleetYear::changes(),
            'unworked' => DB::table('systems')
                ->whereNull('archived_at')
                ->whereNotIn('id', DB::table('risk_sums')->whereNotNull('key')->select('system_id'))
                ->count(),
        ]);
    }
}
