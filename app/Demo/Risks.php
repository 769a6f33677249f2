<?php

declare(strict_types=1);

namespace App\Demo;

use App\Clients\RemoteAccess;
use App\Clients\Site;
use App\Emergency\AreaEvent;
use App\Emergency\AreaEventKind;
use App\Emergency\Incident;
use App\Emergency\IncidentEntry;
use App\Emergency\ShutOff;
use App\House\Days;
use App\Risk\Exposures;
use App\Risk\MeasurePrice;
use App\Risk\Night;
use App\Risk\Proof;
use App\Risk\RiskRate;
use App\Risk\StandingReader;
use App\Risk\Years;
use App\Rounds\Vehicle;
use App\Stores\Loan;
use App\Stores\MoveStock;
use App\Stores\Part;
use App\Stores\StockPlace;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use App\Water\Depot;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Rate\Assumed;

/** Risk in the demo world: what is at stake, shelves with a gap, a borrowed heater, a place with its shut-offs, a power cut last week. */
final class Risks
{
    /** Every so many systems nobody has said what is at stake. */
    private const UNSAID = 4;

    private const AT_ONCE = 100;

    /** Systems whose last month differs. */
    private const MOVED = 5;

    /** @param  list<User>  $technicians */
    public static function make(User $planner, array $technicians): void
    {
        foreach (System::query()->current()->orderBy('id')->limit(60)->get() as $i => $system) {
            if ($i % self::UNSAID !== self::UNSAID - 1) {
                $litres = $system->volumeL() ?? 400.0;
                $system->update([
                    'animals_worth_minor' => (int) round($litres * 9) * 100,
                    'floor_worth_minor' => 350_000 + ($i % 5) * 120_000,
                ]);
            }
        }
        self::rates($planner);
        self::shelves($technicians[0] ?? $planner);
        self::proofs($technicians[0] ?? $planner);
        self::places($planner);
        self::loan($planner);
        self::ahead($planner);
        self::reaches($planner, $technicians[0] ?? $planner);
        self::lastWeek($planner, $technicians[0] ?? $planner);
        System::query()
            ->current()
            ->with(StandingReader::loads())
            ->chunkById(self::AT_ONCE, function ($systems): void {
                foreach (Night::cases() as $night) {
                    app(Exposures::class)->keep($systems->toBase(), $night);
                }
                Years::keep($systems->toBase());
            });
        self::lastMonth();
    }

    /** The kept months begin with the last one: what was put right since shows. */
    private static function lastMonth(): void
    {
        $month = Days::today()->startOfMonth()->subMonth()->format('Y-m');
        $rows = DB::table('risk_months')->orderBy('system_id')->limit(self::MOVED)->get();
        foreach ($rows as $i => $row) {
            $factor = $i % 2 === 0 ? 0.7 : 1.4;
            $hazards = json_decode((string) $row->hazards, true);
            $before = is_array($hazards) ? array_filter($hazards, is_numeric(...)) : [];
            arsort($before);
            $dearest = array_key_first($before);
            if ($dearest !== null) {
                $before[$dearest] *= $factor;
            }
            DB::table('risk_months')->insert([
                'system_id' => $row->system_id,
                'month' => $month,
                'loss' => $row->loss === null ? null : array_sum($before),
                'harms' => (float) $row->harms * $factor,
                'hazards' => json_encode($before, JSON_THROW_ON_ERROR),
            ]);
        }
    }

    private static function rates(User $planner): void
    {
        foreach ([[Assumed::HeaterYears, 4.5], [Assumed::Outage1h, 0.8]] as [$what, $value]) {
            RiskRate::query()->create(['name' => $what->value, 'value' => $value, 'user_id' => $planner->id]);
        }
        $prices = [
            'new-heaters' => 18_000,
            'cut-out' => 9_500,
            'temperature-alarm' => 26_000,
            'leak-alarm' => 12_000,
            'silence-alarm' => 4_000,
            'second-person' => 0,
            'key-with-us' => 2_500,
            'battery-air' => 21_000,
            'generator' => 320_000,
            'small-store' => 3_500,
            'top-off-float' => 4_800,
            'small-vessel' => 2_900,
            'low-vessels' => 4_200,
            'emergency-proved' => 3_000,
            'strainer' => 2_400,
            'tray' => 14_000,
            'skimmer-collector' => 7_500,
            'second-return' => 34_000,
            'room-fan' => 6_000,
            'spare-here' => 9_800,
            MeasurePrice::MINUTE => 120,
            MeasurePrice::DEVICE => 1_500,
        ];
        foreach ($prices as $kind => $minor) {
            MeasurePrice::query()->create(['kind' => $kind, 'minor' => $minor]);
        }
    }

    private static function shelves(User $user): void
    {
        $depot = Depot::query()->orderBy('id')->first();
        $van = Vehicle::query()->orderBy('id')->first();
        if ($depot === null || $van === null) {
            return;
        }
        $move = new MoveStock();
        $parts = [
            ['Heater 300 W', Job::Heater, null, 'piece', 300.0, [['depot', 2.0, 'new'], ['van', 1.0, 'used']]],
            ['Return pump 4 000 L/h', Job::ReturnPump, null, 'piece', 4000.0, [['depot', 1.0, 'new']]],
            ['Stream pump', Job::CirculationPump, null, 'piece', null, [['depot', 1.0, 'stop-gap']]],
            ['Skimmer pump', Job::Skimmer, null, 'piece', null, []],
            ['Lamp, whole', Job::Light, null, 'piece', null, [['depot', 1.0, 'stop-gap']]],
            ['Battery air pump', null, 'air', 'piece', null, [['van', 2.0, 'new'], ['depot', 2.0, 'new']]],
            ['Generator 2 kW, with lead', null, 'power', 'piece', 2000.0, [['depot', 1.0, 'used']]],
            ['Insulated box 80 L', null, 'holding', 'L', 80.0, [['depot', 320.0, 'new']]],
            ['Wet vacuum', null, 'floor', 'piece', null, [['van', 1.0, 'new']]],
            ['Salt water, mixed and warm', null, 'water', 'L', null, [['depot', 400.0, 'new']]],
            ['Salt, 20 kg bucket', null, 'salt', 'kg', null, [['depot', 40.0, 'new']]],
            ['RO water', null, 'ro', 'L', null, [['depot', 300.0, 'new']]],
            ['Carbon and cartridges', null, 'filter', 'piece', null, [['van', 2.0, 'new']]],
            ['Grey pipe, elbows', null, 'hides', 'piece', null, [['depot', 12.0, 'new']]],
        ];
        foreach ($parts as [$name, $job, $for, $unit, $capacity, $lies]) {
            $part = Part::query()->create([
                'name' => $name,
                'job' => $job,
                'ready_for' => $for,
                'unit' => $unit,
                'capacity' => $capacity,
                'pack' => 1,
                'lead_days' => $job === Job::Heater ? 10 : null,
            ]);
            foreach ($lies as [$where, $count, $state]) {
                $place = $where === 'van' ? StockPlace::ofVehicle($van) : StockPlace::ofDepot($depot);
                $stock = $move->bring((string) Str::uuid(), $part, $place, $count, ['state' => $state], $user);
                if ($state !== 'stop-gap' || $job === Job::Light) {
                    $stock->update(['tested_on' => Days::text(-40), 'tested_ok' => true]);
                }
            }
        }
    }

    private static function proofs(User $user): void
    {
        foreach (System::query()->current()->orderBy('id')->limit(20)->get() as $i => $system) {
            $heater = $system->items()->where('job', Job::Heater->value)->whereNull('retired_at')->first();
            if ($i % 3 === 0 && $heater !== null) {
                Proof::query()->create([
                    'system_id' => $system->id,
                    'item_id' => $heater->id,
                    'what' => Proof::ITEM,
                    'method' => 'ran alone through a night',
                    'passed' => true,
                    'on' => Days::text(-60 - 9 * $i),
                    'user_id' => $user->id,
                ]);
            }
        }
    }

    private static function places(User $user): void
    {
        $words = [
            'board' => 'Cellar, left of the door, second row, breaker 7, marked “tank”. The floor there is dry.',
            'water-stop' => 'Kitchen, under the sink, blue handle, a quarter turn to the right.',
            'drains' => 'Behind the left cabinet door: red valve, overflow; grey valve, return.',
            'key' => 'With the neighbour, second floor left; spare at our depot, hook 12.',
        ];
        $system = System::query()->current()->where('name', 'Living room')->orderBy('id')->first();
        $sites = Site::query()->current()->orderBy('id')->limit(4)->get();
        foreach ($sites as $i => $site) {
            $all = $site->id === $system?->site_id || $i === 0 ? $words : array_slice($words, 0, 1 + $i % 3);
            foreach ($all as $kind => $text) {
                ShutOff::query()->create([
                    'site_id' => $site->id,
                    'kind' => $kind,
                    'words' => $text,
                    'who_may' => $kind === 'board' ? 'whoever stands dry; else an electrician' : null,
                    'looked_on' => Days::text(-30),
                    'user_id' => $user->id,
                ]);
            }
        }
    }

    /** The town's supplier has written: no power on Thursday next week, and frost is said. */
    private static function ahead(User $user): void
    {
        $town = Site::query()->current()->whereNotNull('town')->orderBy('id')->value('town');
        $day = Days::today()->addDays(9)->setTimezone(Days::zone());
        AreaEvent::query()->create([
            'kind' => AreaEventKind::PlannedCut,
            'towns' => is_string($town) ? [$town] : [],
            'starts_at' => $day->setTime(8, 0)->utc(),
            'ends_at' => $day->setTime(20, 0)->utc(),
            'dark_h' => 12,
            'outside_c' => -4,
            'words' => 'Letter of the supplier: work on the line',
            'user_id' => $user->id,
        ]);
    }

    /** Two reach a controller from afar. */
    private static function reaches(User $planner, User $technician): void
    {
        $site = Site::query()->current()->orderBy('id')->firstOrFail();
        foreach ([$planner, $technician] as $holder) {
            RemoteAccess::query()->create([
                'site_id' => $site->id,
                'what' => 'The controller’s account',
                'user_id' => $holder->id,
                'given_on' => Days::text(-200),
                'given_by' => $planner->id,
            ]);
        }
    }

    /** A heater is lent for a week: its donor stands its worst night no more. */
    private static function loan(User $user): void
    {
        $pairs = System::query()
            ->current()
            ->whereHas('items', fn ($i) => $i->where('job', Job::Heater->value)->whereNull('retired_at')->whereNull('away_since'), '>=', 2)
            ->orderBy('id')
            ->limit(12)
            ->get();
        $from = $pairs->last();
        $to = $pairs->first();
        $item = $from?->items()->where('job', Job::Heater->value)->whereNull('retired_at')->whereNull('away_since')->latest('id')->first();
        if ($from === null || $to === null || $from->is($to) || ! $item instanceof Item) {
            return;
        }
        $item->update(['away_since' => Days::text(-9), 'away_where' => "lent to {$to->name}"]);
        Loan::query()->create([
            'item_id' => $item->id,
            'from_system_id' => $from->id,
            'to_system_id' => $to->id,
            'since' => Days::text(-9),
            'due_on' => Days::text(-2),
            'exposes' => 'one heater alone on the coldest night',
            'signed_by' => $user->name,
            'user_id' => $user->id,
        ]);
    }

    private static function lastWeek(User $planner, User $technician): void
    {
        $system = System::query()->current()->where('name', 'Living room')->orderBy('id')->first();
        if ($system === null) {
            return;
        }
        $began = CarbonImmutable::now()->subDays(6)->setTime(21, 40);
        $incident = Incident::query()->create([
            'uuid' => (string) Str::uuid(),
            'system_id' => $system->id,
            'kind' => 'power-cut',
            'began_at' => $began,
            'user_id' => $technician->id,
            'review' => [
                'worked' => 'The battery pump ran from the first minute; the neighbour let us in.',
                'add' => 'A second battery: it was down to a quarter.',
                'noticed' => 'the household rang',
                'losses' => null,
                'restocked' => true,
            ],
            'closed_at' => $began->addDays(2),
            'closed_by' => $planner->id,
        ]);
        $said = [
            [5, 'state', 'confirmed', null, null],
            [6, 'state', 'people-safe', null, null],
            [9, 'did', 'battery-air', null, null],
            [20, 'state', 'source-stopped', null, null],
            [25, 'reading', 'temperature', 24.6, null],
            [70, 'reading', 'temperature', 23.9, null],
            [95, 'called', null, null, 'the utility: back by one'],
            [190, 'state', 'restoring', null, null],
            [260, 'state', 'watching', null, null],
        ];
        foreach ($said as [$minute, $kind, $of, $value, $words]) {
            IncidentEntry::query()->create([
                'uuid' => (string) Str::uuid(),
                'incident_id' => $incident->id,
                'user_id' => $technician->id,
                'said' => $kind,
                'of' => $of,
                'value' => $value,
                'words' => $words,
                'at' => $began->addMinutes($minute),
                'created_at' => $began->addMinutes($minute),
            ]);
        }
    }
}
