<?php

declare(strict_types=1);

namespace App\Emergency\Http;

use App\Emergency\DepotReady;
use App\Stores\Part;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** What stands ready at each depot, against what its systems ask for (E-1). */
final class DepotReadyController
{
    public function __invoke(DepotReady $ready): Response
    {
        Gate::authorize('viewAny', Part::class);

        return Inertia::render('emergency/DepotReady', ['depots' => $ready->all()]);
    }
}
