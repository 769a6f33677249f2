<?php

declare(strict_types=1);

namespace App\Demo;

use App\Alerts\Alarm;
use App\Rounds\Days;
use App\Rounds\FollowUp;
use App\Rounds\OffRecord;
use App\Rounds\Task;
use App\Systems\System;
use App\Team\User;
use App\Water\Depot;
use App\Water\SaltMix;
use App\Water\WaterBatch;
use Illuminate\Support\Str;

/** What the week asks of those who drive and mix. */
final class RoundsStories
{
    public static function tell(): void
    {
        $ines = User::query()->where('email', 'ines@merrowick.example')->firstOrFail();
        $away = User::query()->where('email', 'lukas@merrowick.example')->firstOrFail();
        $named = fn (string $name): ?System => System::query()->current()->where('name', $name)->orderBy('id')->first();
        self::water($ines);
        if (($boardroom = $named('Boardroom')) !== null) {
            Alarm::query()->where('system_id', $boardroom->id)->get()->each(fn (Alarm $a) => $a->archive());
            $alarm = Alarm::query()->create(['system_id' => $boardroom->id, 'name' => 'Alarm dialler', 'watches' => ['heater-on', 'heater-off', 'power-cut'], 'delay_min' => 10, 'on_its_own' => true, 'tested_on' => now()->subDays(30)->toDateString()]);
            $alarm->calls()->create(['user_id' => $away->id, 'position' => 1]);
        }
        // Whoever touches it washes and visits nobody after (L-51).
        if (($quarantine = $named('Fish hold')) !== null) {
            $quarantine->update(['isolated_since' => now()->subDays(9)->toDateString(), 'isolated_reason' => 'new fish, white spots on two: own net, own bucket, last in the day']);
        }
        if (($hall = $named('Hall')) !== null) {
            OffRecord::query()->create(['system_id' => $hall->id, 'what' => 'Skimmer', 'off_at' => now()->subDays(5), 'off_by' => $ines->id, 'stays_because' => 'bacteria were dosed, they would be skimmed off', 'substitute' => 'an air stone in the sump', 'review_on' => Days::today()->addDays(2)->toDateString(), 'owner_id' => $ines->id, 'client_uuid' => Str::uuid()->toString()]);
        }
        if (($old = $named('Old tank')) !== null) {
            FollowUp::query()->create(['system_id' => $old->id, 'kind' => 'follow-up', 'text' => 'Look at the crack in the stand’s left rear foot before anybody leans on it', 'owner_id' => $ines->id, 'due_on' => Days::today()->subDay()->toDateString()]);
        }
        if (($bar = $named('Bar reef')) !== null) {
            FollowUp::query()->create(['system_id' => $bar->id, 'kind' => 'carry-over', 'text' => 'Pump in weak acid: the bar was full of guests', 'owner_id' => $ines->id, 'due_on' => Days::today()->toDateString()]);
        }
        $task = fn (?System $s, string $key): ?Task => $s === null ? null : Task::query()->where('system_id', $s->id)->whereHas('type', fn ($t) => $t->where('key', $key))->first();
        $task($named('Window reef'), 'drain-rehearsal')?->update(['suspended_until' => Days::today()->addDays(20)->toDateString(), 'suspended_reason' => 'the sump would overflow by 12 L: first the outlet goes up']);
        $frag = $task($named('Frag bench'), 'change');
        $frag?->update(['every_days' => 7, 'reason' => 'sold corals take the trace elements with them']);
    }

    private static function water(User $by): void
    {
        $mixes = SaltMix::query()->orderBy('id')->get();
        foreach (Depot::query()->orderBy('id')->get() as $depot) {
            WaterBatch::query()->create(['depot_id' => $depot->id, 'salt_mix_id' => $mixes[1]->id ?? $mixes->firstOrFail()->id, 'salinity' => 35, 'litres' => 380, 'left_l' => 310, 'mixed_at' => now()->subDays(3), 'measured_c' => 24.8, 'measured_salinity' => 35.1, 'user_id' => $by->id, 'for' => 'emergency share']);
            WaterBatch::query()->create(['depot_id' => $depot->id, 'salt_mix_id' => $mixes->firstOrFail()->id, 'salinity' => 35, 'litres' => 200, 'left_l' => 200, 'mixed_at' => now()->subHours(2), 'user_id' => $by->id, 'for' => null]);
            $depot->bookings()->create(['purpose' => 'quarantine', 'label' => 'Quarantine fill, fish hold', 'litres' => 60, 'on' => Days::today()->addDays(2)->toDateString()]);
        }
    }
}
