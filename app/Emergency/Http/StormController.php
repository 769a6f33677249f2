<?php

declare(strict_types=1);

namespace App\Emergency\Http;

use App\Clients\Site;
use App\Emergency\Incident;
use App\Emergency\StormDesk;
use App\Risk\Night;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** A storm, a planned cut, frost: who is exposed for so many hours, and who goes where (E-5, E-10). */
final class StormController
{
    public function show(Request $request, StormDesk $desk): Response
    {
        Gate::authorize('viewAny', Incident::class);
        $given = $request->validate([
            'towns' => ['sometimes', 'array', 'max:50'],
            'towns.*' => ['string', 'max:120'],
            'hours' => ['sometimes', 'numeric', 'between:0.5,240'],
            'leave' => ['sometimes', 'numeric', 'between:0,48'],
            'night' => ['sometimes', 'string', 'max:20'],
        ]);
        $towns = array_values(array_filter($given['towns'] ?? [], is_string(...)));
        $hours = (float) ($given['hours'] ?? 8);
        $leave = (float) ($given['leave'] ?? 0.5);
        $night = Night::tryFrom((string) ($given['night'] ?? '')) ?? Night::Tonight;
        $nights = [];
        foreach (Night::cases() as $case) {
            $nights[$case->value] = $case->label();
        }

        return Inertia::render('emergency/Storm', [
            'asked' => ['towns' => $towns, 'hours' => $hours, 'leave' => $leave, 'night' => $night->value],
            'towns' => Site::query()->current()->whereNotNull('town')->distinct()->orderBy('town')->pluck('town'),
            'nights' => $nights,
            ...$desk->of($towns, $hours, $night, $leave),
        ]);
    }
}
