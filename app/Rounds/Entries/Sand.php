<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\ChangeReader;
use App\Rounds\Lifted;
use App\Rounds\SandJob;
use App\Rounds\SandProfile;
use App\Rounds\VisitSums;
use App\Rounds\VisitTask;
use App\Systems\System;
use App\Systems\SystemBrief;
use Carbon\CarbonImmutable;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Vessel\SandBed;

/** The sand of a bed as one job: how deep it lies, what was lifted, where it went back (S-40, X-44). */
final class Sand
{
    private const MOST_MM = 500.0;

    private const MOST_PLACES = 12;

    /** Measured place by place; what it lacks to its aim is carried by the next top-up. */
    public function depths(Sent $sent): Outcome
    {
        $system = $sent->system();
        $places = $this->places($sent);
        if ($system === null || $places === []) {
            return Outcome::refused('Give the depth at one place at least, 0 to 500 mm.');
        }
        $before = SandProfile::query()->where('system_id', $system->id)->latest('measured_on')->latest('id')->first();
        $area = $before->area_m2 ?? ChangeReader::netAreaM2($system->load('vessels'));
        $aim = $sent->number('aimMm', 1, self::MOST_MM) ?? ($before->aim_mm ?? $this->planned($system));
        if ($area === null || $aim === null) {
            return Outcome::refused(
                $area === null
                    ? 'The display’s size is not in the record, so no kg can be told.'
                    : 'How deep should it be? Give the aim once; it is kept.',
            );
        }
        $live = $sent->yes('live');
        $profile = SandProfile::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'system_id' => $system->id,
                'visit_id' => $sent->visit->id,
                'measured_on' => $sent->at->setTimezone(Days::zone())->toDateString(),
                'places' => $places,
                'area_m2' => $area,
                'aim_mm' => $aim,
                'density_kg_l' => $live ? SandBed::LIVE_KG_L : SandBed::DRY_KG_L,
                'added_kg' => $sent->number('addedKg', 0, 5000),
                'user_id' => $sent->user->id,
            ],
        );
        $this->carry($system);
        $depths = array_map(fn (array $p): float => $p['mm'], $places);
        $short = SandBed::short($profile->area_m2, $depths, $profile->aim_mm, $profile->density_kg_l);
        $units = $sent->user->units();
        $mean = $units->show(Quantity::of($short->meanMm, Kind::Length));

        return Outcome::ok(
            $short->kgShort <= 0
                ? "It lies {$mean} deep in the mean: nothing is lacking."
                : "It lies {$mean} deep in the mean; to {$units->show(
                    Quantity::of($aim, Kind::Length),
                )} it lacks {$units->show(Quantity::of($short->kgShort, Kind::Mass))}.",
        );
    }

    /** What stands in the sand is lifted, with its place written down. */
    public function lift(Sent $sent): Outcome
    {
        $system = $sent->system();
        $what = $sent->text('what', 120);
        $place = $sent->text('place', 160);
        if ($system === null || $what === null || $place === null) {
            return Outcome::refused('Say what is lifted, and where it stood.');
        }
        Lifted::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'system_id' => $system->id,
                'visit_id' => $sent->visit->id,
                'what' => $what,
                'place' => $place,
                'lifted_at' => $sent->at,
                'lifted_by' => $sent->user->id,
            ],
        );

        return Outcome::ok();
    }

    public function putBack(Sent $sent): Outcome
    {
        $uuid = $sent->text('lift', 40);
        $lifted =
            $uuid === null
                ? null
                : Lifted::query()
                    ->where('visit_id', $sent->visit->id)
                    ->where('client_uuid', $uuid)
                    ->lockForUpdate()
                    ->first();
        if ($lifted === null) {
            return Outcome::wait('that it was lifted has not arrived yet');
        }
        if ($lifted->back_at === null) {
            $lifted->update([
                'back_at' => $sent->at->max(CarbonImmutable::instance($lifted->lifted_at)),
                'back_by' => $sent->user->id,
                'back_place' => $sent->text('place', 160) ?? $lifted->place,
            ]);
        }

        return Outcome::ok();
    }

    /** @return list<array{place: string, mm: float}> */
    private function places(Sent $sent): array
    {
        $given = $sent->payload['places'] ?? null;
        $places = [];
        foreach (is_array($given) ? array_slice($given, 0, self::MOST_PLACES) : [] as $row) {
            $mm = is_array($row) ? $row['mm'] ?? null : null;
            if ((is_int($mm) || is_float($mm)) && $mm >= 0 && $mm <= self::MOST_MM) {
                $places[] = [
                    'place' => mb_substr(is_string($row['place'] ?? null) ? $row['place'] : '', 0, 60),
                    'mm' => (float) $mm,
                ];
            }
        }

        return $places;
    }

    private function planned(System $system): ?float
    {
        $depth = SystemBrief::read($system->loadMissing('vessels'))->values[PlanField::SandDepthMm->value] ?? null;

        return is_numeric($depth) && $depth > 0 ? (float) $depth : null;
    }

    /** The next top-up takes the kg along. */
    private function carry(System $system): void
    {
        $jobs = VisitTask::query()
            ->where('system_id', $system->id)
            ->where('state', 'open')
            ->whereHas('type', fn ($t) => $t->where('key', SandJob::KEY))
            ->get();
        $kg = SandJob::kg($system);
        $jobs->each(fn (VisitTask $t) => $t->update(['kg' => $kg]));
        VisitSums::keep(array_values($jobs->map(fn (VisitTask $t): int => $t->visit_id)->unique()->all()));
    }
}
