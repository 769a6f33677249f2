<?php

declare(strict_types=1);

namespace App\Emergency;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Stores\Loan;
use App\Systems\Item;
use App\Systems\OffDevices;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Emergency\CloseGate;
use Velbrin\Core\Emergency\Course;
use Velbrin\Core\Emergency\IncidentState;

/** Closes an incident once nothing of it is open: its review teaches rates, what was used comes back to its place (E-4, E-11, X-51). */
final class CloseIncident
{
    private const RESTOCK_DAYS = 2;

    private const DAYS_A_YEAR = 365.25;

    /** @param  array<string, mixed>  $given */
    public function __invoke(Incident $incident, array $given, User $user): void
    {
        DB::transaction(function () use ($incident, $given, $user): void {
            $locked = Incident::query()->lockForUpdate()->with('entries')->findOrFail($incident->id);
            if ($locked->closed_at !== null) {
                return;
            }
            $course = $locked->course();
            $open = self::open($locked, $course, true, true);
            if ($open !== [] && $course->state->isOpen()) {
                throw ValidationException::withMessages([
                    'worked' => 'Not yet: '.implode('; ', array_map(CloseGate::words(...), $open)).'.',
                ]);
            }
            $item = Item::query()->whereKey($given['failed_item_id'] ?? 0)->first();
            $age = $item?->installed_on?->diffInDays($locked->began_at);
            $locked->update([
                'review' => array_diff_key($given, ['failed_item_id' => 1]),
                'failed_item_id' => $item?->id,
                'failed_age_years' => $age === null ? null : max(0.0, $age / self::DAYS_A_YEAR),
                'closed_at' => CarbonImmutable::now(),
                'closed_by' => $user->id,
            ]);
            if (($given['restocked'] ?? false) !== true) {
                self::restock($locked, $user);
            }
        });
    }

    /** @return list<string> codes of what is still open */
    public static function open(Incident $incident, Course $course, bool $isReviewed, bool $isRestocked): array
    {
        $inBand = $course->state === IncidentState::Watching
            ? max(0.0, (IncidentClocks::now() - $course->sinceS) / 3600)
            : 0.0;

        return CloseGate::open(
            inBandH: $inBand,
            openOverrides: count(app(OffDevices::class)->ids([$incident->system_id])),
            openDebts: Loan::query()->open()->where('to_system_id', $incident->system_id)->count(),
            isReviewed: $isReviewed,
            isRestocked: $isRestocked,
        );
    }

    /** What was used is wanted back before the next time. */
    private static function restock(Incident $incident, User $user): void
    {
        FollowUp::query()->create([
            'system_id' => $incident->system_id,
            'kind' => 'follow-up',
            'on_site' => false,
            'owner_id' => $user->id,
            'due_on' => Days::text(self::RESTOCK_DAYS),
            'text' => "Put back what {$incident->kind->label()} used: spares, salt water, batteries charged, boxes dry.",
        ]);
    }
}
