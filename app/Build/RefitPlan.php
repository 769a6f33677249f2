<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Days;
use App\House\TableRows;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Team\User;
use Illuminate\Support\Str;
use Velbrin\Core\Build\PlanSheet;

/** A plan for a running system: it begins as the record stands today, and what is accepted of it re-opens things there. */
final class RefitPlan
{
    public static function of(System $system, string $name, User $user): Plan
    {
        $draft = self::draft($system->load('vessels'), $user);

        return Plan::query()->create([
            'site_id' => $system->site_id,
            'room_id' => $system->room_id,
            'refits_system_id' => $system->id,
            'refit_base' => RefitSince::begins($system),
            'refit_rows' => TableRows::of($draft),
            'name' => $name,
            'user_id' => $user->id,
            'revision' => 1,
            'draft' => $draft,
        ]);
    }

    /** @return array<string, mixed> */
    private static function draft(System $system, User $user): array
    {
        $raw = SystemBrief::raw($system);
        $rows = [];
        foreach (TableRows::of($raw) as $table => $lines) {
            $rows[$table] = array_map(fn (array $r): array => ['id' => $r['id'] ?? (string) Str::uuid(), ...$r], $lines);
        }

        return [
            ...$rows,
            'values' => array_intersect_key($raw['values'], PlanSheet::fields()),
            'bases' => array_map(
                fn (string $b): array => ['basis' => $b, 'by' => $user->name, 'at' => Days::text()],
                array_intersect_key($raw['bases'], PlanSheet::fields()),
            ),
        ];
    }
}
