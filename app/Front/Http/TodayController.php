<?php

declare(strict_types=1);

namespace App\Front\Http;

use App\Front\Today\FieldToday;
use App\Front\Today\OfficeToday;
use App\House\Days;
use App\Team\Role;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Inertia\Inertia;
use Inertia\Response;

/** The first page of each role: what today asks of them. */
final class TodayController
{
    public function __invoke(#[CurrentUser] User $user): Response
    {
        return Inertia::render('house/Today', [
            'date' => Days::today()->toDateString(),
            'role' => $user->role->value,
            'name' => explode(' ', $user->name)[0],
            'groups' => match ($user->role) {
                Role::Owner => OfficeToday::owner($user),
                Role::Planner => OfficeToday::planner($user),
                Role::Technician => FieldToday::technician($user),
                Role::Client => FieldToday::client($user),
            },
        ]);
    }
}
