<?php

declare(strict_types=1);

namespace App\Build;

use App\House\TableRows;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\RowWays;
use Velbrin\Core\Build\ThreeWays;

/** A refit while its system runs on: what the record moved since the plan began, and how that was decided (B-93). */
final class RefitSince
{
    public const RECORD = 'record';

    public const PLAN = 'plan';

    /** What is decided of a row begins so. */
    public const ROW = 'row:';

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

    /**
     * @param  array<array-key, mixed>|null  $brief  of a version, as it was kept; null: the draft as it stands
     * @return list<RowWays> rows of its tables somebody has to decide
     */
    public static function rows(Plan $plan, ?array $brief = null): array
    {
        $system = $plan->refits;
        if ($system === null || $plan->refit_rows === null) {
            return [];
        }
        $now = SystemBrief::raw($system->loadMissing('vessels'));

        return RowWays::of(TableRows::of($plan->refit_rows), TableRows::of($brief ?? $plan->draft), TableRows::of($now));
    }

    /** One row decided, as a fact is: the record’s stands in the plan then, or is gone from it. */
    private static function decideRow(Plan $locked, string $field, string $choice): void
    {
        $open = null;
        foreach (self::rows($locked) as $row) {
            $open = $row->field() === $field ? $row : $open;
        }
        if ($open === null) {
            return;
        }
        $with = function (array $tables) use ($open): array {
            $rows = [];
            $isIn = false;
            foreach ($tables[$open->table] ?? [] as $row) {
                $isIt = ($row['id'] ?? null) === $open->id;
                $isIn = $isIn || $isIt;
                $rows[] = $isIt ? self::asRecorded($open) : $row;
            }
            $rows[] = $isIn ? null : self::asRecorded($open);

            return [...$tables, $open->table => array_values(array_filter($rows))];
        };
        $locked->update([
            'refit_rows' => $with(TableRows::of($locked->refit_rows ?? [])),
            'draft' => $choice === self::RECORD ? [...$locked->draft, ...$with(TableRows::of($locked->draft))] : $locked->draft,
            'revision' => $locked->revision + 1,
        ]);
    }

    /** @return array<string, float|string|bool|null>|null under the id the plan knows it by; null: the record has none */
    private static function asRecorded(RowWays $open): ?array
    {
        return $open->record === null ? null : [...$open->record, 'id' => $open->id];
    }

    /** One fact decided: the record's is taken over, or the plan stays with its own. Either way it is not asked again. */
    public static function decide(Plan $plan, string $field, string $choice, User $user): void
    {
        DB::transaction(function () use ($plan, $field, $choice): void {
            $locked = Plan::query()->lockForUpdate()->with('refits.vessels')->findOrFail($plan->id);
            if (str_starts_with($field, self::ROW)) {
                self::decideRow($locked, $field, $choice);

                return;
            }
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
