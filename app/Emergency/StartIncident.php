<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Emergency\EmergencyKind;

/** Begins an incident, once: a second tap, or a second phone at the same tank with the same trouble, finds the first. */
final class StartIncident
{
    /** A tap without signal arrives later; one from longer ago is counted from then, h. */
    private const LATEST_H = 24;

    /** @param  CarbonImmutable|null  $tapped  when, by the clock of the phone; null: now */
    public function __invoke(
        System $system,
        EmergencyKind $kind,
        string $uuid,
        User $user,
        ?int $alarmId = null,
        ?CarbonImmutable $tapped = null,
    ): Incident {
        return DB::transaction(function () use ($system, $kind, $uuid, $user, $alarmId, $tapped): Incident {
            System::query()->whereKey($system->id)->lockForUpdate()->first();
            $known = Incident::query()->where('uuid', $uuid)->first()
                ?? Incident::query()->open()->where('system_id', $system->id)->where('kind', $kind->value)->first();

            return $known ?? Incident::query()->create([
                'uuid' => $uuid,
                'system_id' => $system->id,
                'kind' => $kind,
                'alarm_id' => $alarmId,
                'began_at' => self::began($tapped),
                'user_id' => $user->id,
            ]);
        });
    }

    private static function began(?CarbonImmutable $tapped): CarbonImmutable
    {
        $now = CarbonImmutable::now();

        return $tapped === null || $tapped->greaterThan($now) ? $now : max($tapped, $now->subHours(self::LATEST_H));
    }
}
