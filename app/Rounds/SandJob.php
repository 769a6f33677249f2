<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\System;
use Velbrin\Core\Vessel\SandBed;

/** What a sand top-up takes along: what the last profile lacks to its aim (S-40, W-4). */
final class SandJob
{
    public const KEY = 'sand-topup';

    /** Nothing is carried on a guess: without a measured profile and an aim, none. */
    public static function kg(System $system): float
    {
        $profile = SandProfile::query()->where('system_id', $system->id)->latest('measured_on')->latest('id')->first();
        $depths = $profile === null ? [] : $profile->depths();
        if ($profile === null || $depths === []) {
            return 0.0;
        }

        return SandBed::short($profile->area_m2, $depths, $profile->aim_mm, $profile->density_kg_l)->kgShort;
    }
}
