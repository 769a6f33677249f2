<?php

declare(strict_types=1);

namespace App\Reports\Http;

use App\Reports\Handover;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/** The handover file of a system as it stands today. */
final class HandoverController
{
    public function __invoke(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $system);

        return response(Handover::pdf($system, $user->units()), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.Str::slug($system->name).'-handover.pdf"',
        ]);
    }
}
