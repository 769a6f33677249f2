<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\PlanSheetPdf;
use App\Build\PlanVersion;
use App\House\Http\Asked;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

final class PlanSheetController
{
    public function __invoke(Request $request, PlanVersion $version, #[CurrentUser] User $user): Response
    {
        $version->load(['plan.site.client', 'user', 'waivers']);
        Gate::authorize('view', $version);
        $forClient = ! $user->isStaff() || Asked::word($request, 'edition') === 'client';
        $name =
            Str::slug($version->plan->name ?? 'plan')."-v{$version->number}".($forClient ? '-client' : '').'.pdf';

        return response(PlanSheetPdf::of($version, $user->units(), $forClient), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}\"",
        ]);
    }
}
