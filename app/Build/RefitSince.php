<?php

declare(strict_types=1);

namespace App\Build;

use App\Systems\System;
use App\Systems\SystemBrief;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\ThreeWays;

/** A refit while its system runs on: what the record moved since the plan began, and how that was decided (B-93). */
final class RefitSince
{
    public const RECORD = 'record';

    public const PLAN = 'plan';

    /**
     * @param  PlanBrief|null  $brief  a version of it; null: the draft as it stands
     * @return list<ThreeWays> what somebody has to decide; none where it refits nothing, or nobody kept what it began from
     */
    public static function open(Plan $plan, ?PlanBrief $brief = null): array
    {
        $system = $plan->refits;
        if ($system === null || $plan->refit_base === null) {
            return [];
        }
        $now = PlanBrief::read(SystemBrief::raw($system->loadMissing('vessels')));
        $said = $brief ?? PlanBrief::read(PlanReader::raw($plan));

        return ThreeWays::of(self::values($plan->refit_base), $said->values, $now->values);
    }

    /** One fact decided: the record's is taken over, or the plan stays with its own. Either way it is not asked again. */
    public static function decide(Plan $plan, string $field, string $choice, User $user): void
    {
        DB::transaction(function () use ($plan, $field, $choice): void {
            $locked = Plan::query()->lockForUpdate()->with('refits.vessels')->findOrFail($plan->id);
            $open = array_column(self::open($locked), null, 'field')[$field] ?? null;
            if ($open === null) {
                return;
            }
            $base = $locked->refit_base ?? [];
            $draft = $locked->draft;
            $values = is_array($draft['values'] ?? null) ? $draft['values'] : [];
            if ($choice === self::RECORD) {
                $values[$field] = $open->record;
            }
            $base[$field] = $open->record;
            $locked->update([
                'refit_base' => array_filter($base, fn (mixed $v): bool => $v !== null),
                'draft' => [...$draft, 'values' => array_filter($values, fn (mixed $v): bool => $v !== null)],
                'revision' => $locked->revision + 1,
            ]);
        });
        activity()->performedOn($plan)->causedBy($user)->event('decided')->withProperties(['field' => $field, 'choice' => $choice])
            ->log('what the record moved since');
    }

    /** @return array<string, float|string> the facts a refit begins from */
    public static function begins(System $system): array
    {
        return array_intersect_key(PlanBrief::read(SystemBrief::raw($system))->values, PlanSheet::fields());
    }

    /**
     * @param  array<array-key, mixed>  $kept
     * @return array<string, float|string>
     */
    private static function values(array $kept): array
    {
        $values = [];
        foreach ($kept as $field => $value) {
            if (is_string($value) || is_int($value) || is_float($value)) {
                $values[(string) $field] = is_string($value) ? $value : (float) $value;
            }
        }

        return $values;
    }
}
