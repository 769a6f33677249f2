<?php

declare(strict_types=1);

namespace App\Demo;

use App\Alerts\Alarm;
use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\JobSheetVersion;
use App\Rounds\OffRecord;
use App\Rounds\SiteEvent;
use App\Rounds\SiteStep;
use App\Rounds\Task;
use App\Rounds\TaskType;
use App\Rounds\Trial;
use App\Systems\Material;
use App\Systems\Product;
use App\Systems\System;
use App\Team\User;
use App\Water\Depot;
use App\Water\SaltMix;
use App\Water\WaterBatch;
use Carbon\CarbonImmutable;
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
            $alarm = Alarm::query()->create([
                'system_id' => $boardroom->id,
                'name' => 'Alarm dialler',
                'watches' => ['heater-on', 'heater-off', 'power-cut'],
                'quantity' => 'temperature',
                'low_limit' => 24.0,
                'high_limit' => 27.5,
                'delay_min' => 10,
                'on_its_own' => true,
                'tested_on' => now()->subDays(30)->toDateString(),
            ]);
            $alarm->calls()->create(['user_id' => $away->id, 'position' => 1]);
        }
        // Whoever touches it washes and visits nobody after (L-51).
        if (($quarantine = $named('Fish hold')) !== null) {
            $quarantine->update([
                'isolated_since' => now()->subDays(9)->toDateString(),
                'isolated_reason' => 'new fish, white spots on two: own net, own bucket, last in the day',
            ]);
        }
        if (($hall = $named('Hall')) !== null) {
            OffRecord::query()->create([
                'system_id' => $hall->id,
                'what' => 'Skimmer',
                'off_at' => now()->subDays(5),
                'off_by' => $ines->id,
                'stays_because' => 'bacteria were dosed, they would be skimmed off',
                'substitute' => 'an air stone in the sump',
                'review_on' => Days::today()->addDays(2)->toDateString(),
                'owner_id' => $ines->id,
                'client_uuid' => Str::uuid()->toString(),
            ]);
        }
        if (($old = $named('Old tank')) !== null) {
            FollowUp::query()->create([
                'system_id' => $old->id,
                'kind' => 'follow-up',
                'text' => 'Look at the crack in the stand’s left rear foot before anybody leans on it',
                'owner_id' => $ines->id,
                'due_on' => Days::today()->subDay()->toDateString(),
            ]);
        }
        if (($bar = $named('Bar reef')) !== null) {
            FollowUp::query()->create([
                'system_id' => $bar->id,
                'kind' => 'carry-over',
                'text' => 'Pump in weak acid: the bar was full of guests',
                'owner_id' => $ines->id,
                'due_on' => Days::today()->toDateString(),
            ]);
        }
        $task = fn (?System $s, string $key): ?Task => $s === null
            ? null
            : Task::query()->where('system_id', $s->id)->whereHas('type', fn ($t) => $t->where('key', $key))->first();
        $task($named('Window reef'), 'drain-rehearsal')?->update([
            'suspended_until' => Days::today()->addDays(20)->toDateString(),
            'suspended_reason' => 'the sump would overflow by 12 L: first the outlet goes up',
        ]);
        $frag = $task($named('Frag bench'), 'change');
        $frag?->update(['every_days' => 7, 'reason' => 'sold corals take the trace elements with them']);
        self::sheets($ines, $named('Boardroom'));
        self::trials($ines, $named('Bar reef'));
        self::media($ines, $named('Bar reef'));
        if ($named('Hall') !== null) {
            SiteEvent::query()->create([
                'site_id' => $named('Hall')->site_id,
                'on' => Days::today()->addDays(12)->toDateString(),
                'text' => 'Opening of the winter season',
                'clear_days' => 7,
                'user_id' => $ines->id,
            ]);
        }
    }

    /** A sheet that was mended, a place that differs, and what stands on a packet. */
    private static function sheets(User $by, ?System $acrylic): void
    {
        $type = fn (string $key): TaskType => TaskType::query()->where('key', $key)->firstOrFail();
        $glass = $type('glass');
        $glass->update([
            'steps' => ['Look for snails and clams where the blade will go', ...$glass->steps],
            'version' => 2,
            'version_on' => Days::today()->subDays(40)->toDateString(),
        ]);
        TaskType::query()
            ->where('version', 1)
            ->update(['version_on' => Days::today()->subMonths(9)->toDateString()]);
        JobSheetVersion::query()->update(['created_at' => now()->subMonths(9)]);
        $glass
            ->sheets()
            ->forceCreate([
                'created_at' => now()->subDays(40),
                'version' => 2,
                'steps' => $glass->steps,
                'cautions' => $glass->cautions,
                'products' => [],
                'reason' => 'a clam was cut at the edge of the blade',
                'user_id' => $by->id,
            ]);
        if ($acrylic !== null) {
            SiteStep::query()->create([
                'site_id' => $acrylic->site_id,
                'task_type_id' => $glass->id,
                'step' => 1,
                'does' => 'instead',
                'text' => 'Soft card and plastic blade only',
                'why' => 'the panes are acrylic and scratch',
                'user_id' => $by->id,
            ]);
            SiteStep::query()->create([
                'site_id' => $acrylic->site_id,
                'task_type_id' => $glass->id,
                'step' => 2,
                'does' => 'after',
                'text' => 'Wipe the sill dry',
                'why' => 'the wood beneath swells',
                'user_id' => $by->id,
            ]);
        }
        $carbon = Product::query()->create([
            'name' => 'Carbon, fine grain',
            'kind' => 'medium',
            'raises' => [],
            'lowers' => [],
            'instructions' => 'Rinse a cup of it under RO water until it runs clear, fill the bag two thirds, tie it. Never '.
                'more than a cup for 200 L.',
            'cautions' => "Dust: rinse it wet, do not breathe it in.\nA new load takes colour out of the water: corals get more ".
                'light from one day to the next.',
            'contents' => '5 L tub',
            'effect' => 'takes colour and smell out of the water',
            'open_days' => 365,
        ]);
        $job = $type('carbon');
        $job->update(['products' => [0 => $carbon->id]]);
        $job->sheets()
            ->where('version', 1)
            ->update(['products' => json_encode([0 => $carbon->id])]);
    }

    /** One method on several systems, judged by what their readings say: two that fell, one that rose; another one running. */
    /** Two charges that do the same work: one has run in while the other is fresh. */
    private static function media(User $by, ?System $system): void
    {
        if ($system === null) {
            return;
        }
        $type = TaskType::query()->where('key', 'reactor-media')->firstOrFail();
        $task = Task::query()->firstOrNew(['system_id' => $system->id, 'task_type_id' => $type->id]);
        $task->fill(['every_days' => 60, 'last_done_on' => Days::today()->subDays(22)->toDateString(), 'turn' => 1]);
        $task->setRelation('type', $type)->settle();
        $task->save();
        $charge = [
            'system_id' => $system->id,
            'kind' => 'media',
            'name' => 'Phosphate media',
            'mass_kg' => 0.4,
            'life_days' => 45,
            'task_id' => $task->id,
            'user_id' => $by->id,
        ];
        foreach (['left reactor' => 41, 'right reactor' => 22] as $place => $daysAgo) {
            $in = Days::today()->subDays($daysAgo);
            $material = new Material([
                ...$charge,
                'place' => $place,
                'in_on' => $in->toDateString(),
                'lot' => "PM-{$daysAgo}7",
            ]);
            $material->settleDue(CarbonImmutable::parse($in->toDateString()));
            $material->save();
        }
        $task->settle();
        $task->save();
    }

    private static function trials(User $by, ?System $open): void
    {
        $left = ['keep' => 2, 'drop' => 1];
        $on = CarbonImmutable::now()->subDays(12);
        foreach (System::query()->current()->orderBy('id')->limit(40)->get() as $system) {
            $trial = new Trial([
                'system_id' => $system->id,
                'method' => 'Vinegar, a tenth of a millilitre for ten litres a day',
                'expectation' => 'nitrate a third lower in six weeks, corals as open as now',
                'parameter' => 'nitrate',
                'started_on' => Days::today()->subDays(60)->toDateString(),
                'judge_on' => Days::today()->subDays(12)->toDateString(),
                'judged_at' => $on,
                'judged_by' => $by->id,
                'user_id' => $by->id,
            ]);
            $effect = $trial->effectAt($on);
            $less = $effect !== null && $effect->change() < 0;
            if ($effect === null || $left[$less ? 'keep' : 'drop']-- <= 0) {
                continue;
            }
            $trial
                ->fill([
                    'verdict' => $less ? 'keep' : 'drop',
                    'verdict_words' => $less
                        ? 'Less film on the panes, corals as open as before.'
                        : 'No less nitrate, and white threads in the sump after three weeks.',
                    'effect' => [
                        ...get_object_vars($effect),
                        'change' => $effect->change(),
                        'clear' => $effect->isClear(),
                    ],
                ])
                ->save();
        }
        if ($open !== null) {
            $follow = FollowUp::query()->create([
                'system_id' => $open->id,
                'kind' => 'check-back',
                'text' => 'Judge the trial: pellets every second day only. Expected: phosphate below 0.08, fish as round as now',
                'owner_id' => $by->id,
                'due_on' => Days::today()->addDays(9)->toDateString(),
            ]);
            Trial::query()->create([
                'system_id' => $open->id,
                'method' => 'Pellets every second day only',
                'expectation' => 'phosphate below 0.08, fish as round as now',
                'parameter' => 'phosphate',
                'started_on' => Days::today()->subDays(33)->toDateString(),
                'judge_on' => Days::today()->addDays(9)->toDateString(),
                'follow_up_id' => $follow->id,
                'user_id' => $by->id,
            ]);
        }
    }

    private static function water(User $by): void
    {
        $mixes = SaltMix::query()->orderBy('id')->get();
        foreach (Depot::query()->orderBy('id')->get() as $depot) {
            WaterBatch::query()->create([
                'depot_id' => $depot->id,
                'salt_mix_id' => $mixes[1]->id ?? $mixes->firstOrFail()->id,
                'salinity' => 35,
                'litres' => 380,
                'left_l' => 310,
                'mixed_at' => now()->subDays(3),
                'measured_c' => 24.8,
                'measured_salinity' => 35.1,
                'user_id' => $by->id,
                'for' => 'emergency share',
            ]);
            WaterBatch::query()->create([
                'depot_id' => $depot->id,
                'salt_mix_id' => $mixes->firstOrFail()->id,
                'salinity' => 35,
                'litres' => 200,
                'left_l' => 200,
                'mixed_at' => now()->subHours(2),
                'user_id' => $by->id,
                'for' => null,
            ]);
            $depot
                ->bookings()
                ->create([
                    'purpose' => 'quarantine',
                    'label' => 'Quarantine fill, fish hold',
                    'litres' => 60,
                    'on' => Days::today()->addDays(2)->toDateString(),
                ]);
        }
    }
}
