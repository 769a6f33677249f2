<?php

declare(strict_types=1);

namespace App\Front\Http;

use App\House\Views\AuditLineView;
use App\House\Views\PageView;
use App\Team\User;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Spatie\Activitylog\Models\Activity;

/** The audit trail: old and new values, who, when. */
final class AuditController
{
    public function __invoke(): Response
    {
        Gate::authorize('viewAny', User::class);
        $page = Activity::query()->with('causer')->latest('id')->simplePaginate(40);

        return Inertia::render('house/Audit', [
            'lines' => array_map(AuditLineView::of(...), $page->items()),
            'page' => PageView::of($page),
        ]);
    }
}
