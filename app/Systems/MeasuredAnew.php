<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Days;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Control\Ripples;
use Velbrin\Core\Measure\Basis;

/** A running system's sizes, plumbing and room, measured anew. */
final class MeasuredAnew
{
    /**
     * Writes what was measured, tells the log, and re-opens whatever hangs on it.
     *
     * @param  list<array<array-key, mixed>>  $chambers
     * @param  array<string, list<array<string, float|string|bool|null>>>  $tables
     * @return int|null how many things were re-opened; null: nothing moved
     */
    public static function from(System $system, PlanBrief $brief, array $chambers, array $tables, User $user): ?int
    {
        return DB::transaction(function () use ($system, $brief, $chambers, $tables, $user): ?int {
            $was = SystemBrief::read($system->load('vessels'));
            $isPlaced = ($system->tables ?? []) != array_filter($tables);
            SystemFacts::write($system, $brief->values, self::bases($brief, $user), $chambers);
            SystemFacts::places($system, $tables);
            if (($was->values['nearBedMs'] ?? null) !== ($brief->values['nearBedMs'] ?? null)) {
                $system->update(['flow_read_on' => Days::text()]);
            }
            $is = SystemBrief::read($system->refresh()->load('vessels'));
            $moved = Comparison::of($was, Plan::answer($was), $is, Plan::answer($is));
            if ($moved->facts === [] && $moved->figures === [] && ! $isPlaced) {
                return null;
            }
            $cause = self::cause($moved, $isPlaced);
            $system
                ->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => mb_substr($cause, 0, 1000),
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);

            return OpenRipple::open($system, Ripples::of($moved), $cause, $user);
        });
    }

    /** @return array<string, array{basis: string, by: string, at: string}> */
    private static function bases(PlanBrief $brief, User $user): array
    {
        return array_map(
            fn (Basis $b): array => ['basis' => $b->value, 'by' => $user->name, 'at' => Days::text()],
            $brief->bases,
        );
    }

    private static function cause(Comparison $moved, bool $isPlaced): string
    {
        $labels = array_map(fn (array $f): string => lcfirst(PlanSheet::fields()[$f[0]]->label), $moved->facts);

        return 'Measured anew: '.match (true) {
            $labels !== [] => implode(', ', $labels),
            $isPlaced => 'what stands where',
            default => 'sump chambers',
        };
    }
}
