<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Days;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OtherVessel;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Control\Ripples;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\JoinedVessel;

/**
 * A vessel joins a running system or leaves it (M-14, M-18). The record knows from when to when; litres, drain-down and heat follow, what
 * hung on them is re-opened, and what was measured with the old litres ends.
 */
final class VesselChange
{
    /** As many as a plan knows. */
    private const MOST = 4;

    /**
     * What the running system says of a vessel that would join, from its own figures.
     *
     * @param  array<string, mixed>  $row  as a plan names its further vessels
     * @return array{joined: JoinedVessel|null, litres: float|null, needs: string|null}
     */
    public static function weigh(System $system, string $name, array $row): array
    {
        try {
            $vessel = self::read($name, $row);
            if ($vessel === null) {
                return ['joined' => null, 'litres' => null, 'needs' => 'its length, depth, height and water'];
            }
            $brief = SystemBrief::read($system);
            $after = SystemBrief::with($system, [...$row, 'name' => $name]);
            $facts = Facts::of($brief);
            $spareL = Plan::answer($brief)->figure('spareL')?->quantity;
            $downL = Plan::answer($after)->figure('downL')?->quantity;
            if ($spareL === null || $downL === null || $system->true_volume_l === null) {
                return ['joined' => null, 'litres' => $vessel->litres(), 'needs' => 'sump, overflow and outlet in the section'];
            }

            return [
                'joined' => JoinedVessel::of(
                    beforeL: $system->true_volume_l,
                    addedL: $vessel->litres(),
                    floatM2: SumpWater::of($facts)->returnChamber()->areaM2,
                    spareL: max(0.0, $spareL->value),
                    drainDownL: max(0.0, $downL->value),
                ),
                'litres' => $vessel->litres(),
                'needs' => null,
            ];
        } catch (Missing|OutOfRange) {
            return ['joined' => null, 'litres' => null, 'needs' => 'sump, overflow and outlet in the section'];
        }
    }

    /** @param  array<string, mixed>  $row */
    private static function read(string $name, array $row): ?OtherVessel
    {
        return PlanBrief::read(['vessels' => [['name' => $name, ...$row]]])->vessels[0] ?? null;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return int how many things were re-opened
     */
    public static function joins(System $system, string $name, array $row, ?int $roomId, User $user): int
    {
        return self::changes($system, "{$name} joined", $user, function () use ($system, $name, $row, $roomId): void {
            if ($system->vessels()->where('role', SystemBrief::OTHER)->count() >= self::MOST) {
                throw ValidationException::withMessages(['name' => 'A record holds '.self::MOST.' further vessels.']);
            }
            if ($system->vessels()->where('name', $name)->exists()) {
                throw ValidationException::withMessages(['name' => "{$name} stands there already."]);
            }
            $system->vessels()->create([
                'role' => SystemBrief::OTHER,
                'name' => $name,
                'facts' => $row,
                'bases' => [],
                'room_id' => $roomId,
                'joined_on' => Days::text(),
            ]);
        });
    }

    /** @return int how many things were re-opened */
    public static function leaves(Vessel $vessel, string $because, User $user): int
    {
        $system = $vessel->system()->firstOrFail();

        return self::changes($system, "{$vessel->name} left: {$because}", $user, function () use ($vessel, $because): void {
            $vessel->update(['left_on' => Days::text(), 'left_because' => $because]);
        });
    }

    /** @param  \Closure(): void  $change */
    private static function changes(System $system, string $cause, User $user, \Closure $change): int
    {
        return DB::transaction(function () use ($system, $cause, $user, $change): int {
            System::query()->whereKey($system->id)->lockForUpdate()->sole();
            $was = SystemBrief::read($system->load('vessels'));
            $change();
            SystemFacts::again($system->load('vessels'));
            // What was measured was measured with other litres.
            $system->update(['measured_volume_l' => null, 'measured_how' => null]);
            $is = SystemBrief::read($system->refresh()->load('vessels'));
            $system->logEntries()->create([
                'kind' => 'change',
                'text' => mb_substr($cause, 0, 1000),
                'happened_at' => now(),
                'user_id' => $user->id,
            ]);
            $moved = Comparison::of($was, Plan::answer($was), $is, Plan::answer($is));

            return OpenRipple::open($system, Ripples::of($moved), $cause, $user);
        });
    }
}
