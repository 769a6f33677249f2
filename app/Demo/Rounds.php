<?php

declare(strict_types=1);

namespace App\Demo;

use App\Clients\Site;
use App\House\Days;
use App\Risk\Exposures;
use App\Risk\Night;
use App\Risk\TonightReader;
use App\Rounds\BoardChange;
use App\Rounds\BoardMove;
use App\Rounds\Crew;
use App\Rounds\Planning;
use App\Rounds\TaskStart;
use App\Rounds\TaskType;
use App\Rounds\Vehicle;
use App\Rounds\Visit;
use App\Rounds\VisitMaker;
use App\Rounds\WeekReader;
use App\Systems\System;
use App\Team\Absence;
use App\Team\Holiday;
use App\Team\OnCall;
use App\Team\Role;
use App\Team\User;
use App\Water\Depot;
use App\Water\SaltMix;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Rounds\TaskLibrary;

/** The town’s rounds: depots, vans, crews, who is on call and away, what recurs, and the weeks before and after today. */
final class Rounds
{
    /** A point of the open sea: Merrowick is nowhere. */
    public const LAT = 53.6;

    public const LON = 1.6;

    /** Systems one crew looks after in a week. */
    private const A_CREW = 14;

    private const CREWS_A_DEPOT = 12;

    /** Weeks of visits behind the town, for a small world and a large one. */
    private const WEEKS_BACK = 6;

    private int $crews = 0;

    /** @param  list<User>  $technicians */
    public function __construct(
        private readonly Chance $chance,
        private readonly array $technicians,
        private readonly int $systems,
    ) {
    }

    public function make(): void
    {
        TaskStart::library();
        DB::transaction(function (): void {
            $this->water();
            $this->vehicles();
            $this->roster();
        });
        $this->places();
        $visits = new Visits($this->chance, $this->systems > 100 ? 1 : self::WEEKS_BACK);
        $visits->past();
        $this->tasks();
        RoundsStories::tell();
        $this->plan();
        $visits->send();
        $exposures = app(Exposures::class);
        System::query()
            ->current()
            ->with(TonightReader::loads())
            ->chunkById(200, fn (Collection $systems) => $exposures->keep($systems->toBase(), Night::Tonight));
    }

    private function water(): void
    {
        foreach (
            [
                ['Reef mix, raised alkalinity', 39.5, 4, 336, 11.0, 450, 1400],
                ['Plain mix', 38.2, 2, 504, 7.5, 410, 1280],
                ['Living mix, same day', 40.0, 1, 12, 8.0, 420, 1320],
            ] as [$name, $grams, $from, $until, $alk, $ca, $mg]
        ) {
            SaltMix::query()->create([
                'name' => $name,
                'grams_per_l' => $grams,
                'usable_from_h' => $from,
                'usable_until_h' => $until,
                'alk_dkh' => $alk,
                'ca_mg_l' => $ca,
                'mg_mg_l' => $mg,
            ]);
        }
        $this->crews = max(3, (int) ceil($this->systems / self::A_CREW));
        for ($n = 0; $n < max(1, (int) ceil($this->crews / self::CREWS_A_DEPOT)); $n++) {
            $large = min($this->crews, self::CREWS_A_DEPOT) / 3;
            Depot::query()->create([
                'name' => $n === 0 ? 'Ropewalk depot' : 'Depot '.($n + 1),
                'lat' => self::LAT + 0.004,
                'lon' => self::LON - 0.01 + $n * 0.01,
                'ro_rated_ld' => 1500 * $large,
                'feed_c' => 9,
                'ro_stored_l' => 620 * $large,
                'ro_tank_l' => 1000 * $large,
                'vessels_l' => array_fill(0, (int) (3 * $large), 500),
                'heat_w' => 3000,
                'target_c' => 25,
                'reserve_ro_l' => 100,
            ]);
        }
    }

    private function vehicles(): void
    {
        $depots = Depot::query()->orderBy('id')->get();
        $crewed = [
            ['North van', 'Van, blue', 900.0, 300.0, 60.0, [0, 1]],
            ['South van', 'Van, white', 900.0, 300.0, 60.0, [2]],
            ['Truck', 'Truck with lift', 3200.0, 1000.0, 200.0, [3, 4]],
        ];
        for ($n = 0; $n < $this->crews; $n++) {
            [$name, $vehicle, $kg, $salt, $ro, $members] = $crewed[$n] ?? [
                'Van '.($n + 1),
                'Van '.($n + 1),
                900.0,
                300.0,
                60.0,
                [],
            ];
            $vehicle = Vehicle::query()->create([
                'name' => $vehicle,
                'payload_kg' => $kg,
                'salt_l' => $salt,
                'ro_l' => $ro,
            ]);
            $crew = Crew::query()->create([
                'name' => $name,
                'depot_id' => $depots[intdiv($n, self::CREWS_A_DEPOT)]->id ?? $depots->firstOrFail()->id,
                'vehicle_id' => $vehicle->id,
                'from_on' => now()->subMonths(14)->toDateString(),
            ]);
            $ids = array_map(fn (int $i): int => $this->technicians[$i]->id, $members);
            if ($ids === []) {
                foreach ([1, 2] as $k) {
                    $ids[] = User::query()->forceCreate([
                        'name' => "Technician {$n}.{$k}",
                        'email' => "van{$n}-{$k}@merrowick.example",
                        'role' => Role::Technician->value,
                        'password' => $this->technicians[0]->password,
                    ])->id;
                }
            }
            $crew->members()->sync($ids);
        }
    }

    private function roster(): void
    {
        $monday = Days::monday();
        $skills = [['acrylic'], ['lamps'], [], ['lifting'], ['lamps', 'lifting']];
        foreach ($this->technicians as $i => $user) {
            $user->update([
                'phone' => '0100 555 02'.(10 + $i),
                'home_lat' => self::LAT + $this->chance->float(-0.05, 0.05),
                'home_lon' => self::LON + $this->chance->float(-0.08, 0.08),
                'skills' => $skills[$i] ?? [],
            ]);
        }
        foreach (
            User::query()
                ->whereIn('role', [Role::Owner->value, Role::Planner->value])
                ->get() as $user
        ) {
            $user->update(['phone' => '0100 555 0200', 'home_lat' => self::LAT - 0.01, 'home_lon' => self::LON + 0.02]);
        }
        $owner = User::query()->where('role', Role::Owner->value)->firstOrFail();
        for ($week = -1; $week < 8; $week++) {
            $from = $monday->addWeeks($week);
            $until = $from->addDays(6)->toDateString();
            OnCall::query()->create([
                'user_id' => $this->technicians[($week + 1) % 3]->id,
                'from_on' => $from->toDateString(),
                'until_on' => $until,
                'position' => 1,
            ]);
            OnCall::query()->create([
                'user_id' => $owner->id,
                'from_on' => $from->toDateString(),
                'until_on' => $until,
                'position' => 2,
            ]);
        }
        // The alarm of the boardroom calls only him.
        Absence::query()->create([
            'user_id' => $this->technicians[3]->id,
            'from_on' => now()->subDays(6)->toDateString(),
            'until_on' => now()->addDays(12)->toDateString(),
            'reason' => 'leave',
        ]);
        Holiday::query()->create([
            'on' => now()
                ->setDate((int) now()->format('Y') + (now()->format('n') === '12' ? 1 : 0), 12, 25)
                ->toDateString(),
            'name' => 'Midwinter',
        ]);
    }

    private function places(): void
    {
        $mixes = SaltMix::query()->orderBy('id')->pluck('id')->all();
        Site::query()
            ->orderBy('id')
            ->chunkById(500, function (Collection $sites): void {
                foreach ($sites as $i => $site) {
                    /** @var Site $site */
                    $site->update([
                        'lat' => self::LAT + $this->chance->float(-0.05, 0.05),
                        'lon' => self::LON + $this->chance->float(-0.08, 0.08),
                        'altitude_m' => 12,
                        'we_hold_key' => $this->chance->int(0, 1) === 1,
                        'makes_water' => $site->name === 'Depot',
                        'looked_at' => $site->residents === null || $site->residents === 'nobody at night'
                                ? ['08:00', '17:00']
                                : ['07:15', '18:30', '22:30'],
                        'minutes_sold' => 75,
                    ]);
                }
            });
        System::query()
            ->current()
            ->orderBy('id')
            ->chunkById(500, function (Collection $systems) use ($mixes): void {
                $alarms = $batteries = [];
                foreach ($systems as $system) {
                    /** @var System $system */
                    $litres = $system->volumeL() ?? 200.0;
                    $kind = $system->regime->value;
                    $isFish = $kind === 'fish-only';
                    $isHolding = $kind === 'quarantine';
                    $system->update([
                        // One in twelve nobody has said it of: unknown stock counts as stock.
                        'has_animals' => $this->chance->int(0, 11) === 0 ? null : true,
                        'fish_kg' => round($litres * ($isFish ? 0.0006 : 0.00025), 3),
                        'small_fish' => ! $isFish,
                        'community' => $isFish ? 'dense' : ($isHolding ? 'few' : 'mixed'),
                        'battery_pump' => $this->chance->int(0, 1) === 1,
                        'salt_mix_id' => $mixes[$isFish || $isHolding ? 1 : ($kind === 'low-nutrient' ? 2 : 0)],
                        'hose_flow_lh' => $this->chance->int(0, 2) === 0 ? 900.0 : null,
                        'emergency_share_pct' => $this->chance->int(0, 9) === 0 ? 20 : null,
                    ]);
                    if ($this->chance->int(0, 2) === 0) {
                        $batteries[] = $this->battery($system);
                    }
                    array_push($alarms, ...$this->alarms($system));
                }
                DB::table('alarms')->insert($alarms);
                DB::table('items')->insert($batteries);
            });
        $people = [$this->technicians[0]->id, $this->technicians[1]->id, $this->technicians[2]->id];
        $calls = [];
        foreach (DB::table('alarms')->orderBy('id')->pluck('id') as $id) {
            $first = $this->chance->int(0, 2);
            $calls[] = ['alarm_id' => $id, 'user_id' => $people[$first], 'position' => 1];
            $calls[] = ['alarm_id' => $id, 'user_id' => $people[($first + 1) % 3], 'position' => 2];
        }
        foreach (array_chunk($calls, 500) as $chunk) {
            DB::table('alarm_calls')->insert($chunk);
        }
    }

    /**
     * A battery with what it holds and carries, so that its hours follow (R-23).
     *
     * @return array<string, mixed>
     */
    private function battery(System $system): array
    {
        return [
            'system_id' => $system->id,
            'job' => 'battery',
            'name' => 'Battery',
            'state' => 'run-in',
            'capacity_wh' => $this->chance->int(2, 6) * 50,
            'usable_share_pct' => 80,
            'carries_w' => 18,
            'efficiency_pct' => 90,
            'idle_w' => 0,
            'installed_on' => now()->subMonths($this->chance->int(2, 30))->toDateString(),
            'installed_precision' => 'month',
            'created_at' => now(),
            'updated_at' => now(),
        ];
    }

    /**
     * Six in ten have an alarm for the temperature, half of those one for the power; one in eight was written down without its limits.
     *
     * @return list<array<string, mixed>>
     */
    private function alarms(System $system): array
    {
        if ($this->chance->int(0, 9) >= 6) {
            return [];
        }
        [$low, $high] = $system->regime->value === 'cool' ? [19.0, 25.5] : [24.0, 27.5];
        $isOpen = $this->chance->int(0, 7) === 0;
        $alarm = fn (array $own): array => [
            'system_id' => $system->id,
            'quantity' => null,
            'low_limit' => null,
            'high_limit' => null,
            'delay_min' => $this->chance->pick([5, 10, 20]),
            'on_its_own' => $this->chance->int(0, 1) === 1,
            'tested_on' => ($tested = now()->subDays($this->chance->int(4, 84)))->toDateString(),
            'test_due_on' => $tested->addDays(90)->toDateString(),
            'created_at' => now(),
            'updated_at' => now(),
            ...$own,
        ];
        $limits = $isOpen ? [] : ['quantity' => 'temperature', 'low_limit' => $low, 'high_limit' => $high];
        $alarms = [
            $alarm([
                'name' => 'Temperature call',
                'watches' => json_encode(['heater-on', 'heater-off', 'too-cold', 'return-dead']),
                ...$limits,
            ]),
        ];
        if ($this->chance->int(0, 1) === 1) {
            $alarms[] = $alarm([
                'name' => 'Power watch',
                'watches' => json_encode(['power-cut']),
                'quantity' => 'power',
                'on_its_own' => true,
            ]);
        }

        return $alarms;
    }

    /** What recurs: each regime’s standard set, last done when the town was last visited. */
    private function tasks(): void
    {
        /** @var array<string, TaskType> $types */
        $types = TaskType::query()->get()->keyBy('key')->all();
        $last = Visit::query()
            ->where('state', Visit::CLOSED)
            ->groupBy('site_id')
            ->selectRaw('site_id, max(planned_on) as on_day')
            ->pluck('on_day', 'site_id');
        System::query()
            ->current()
            ->with('vessels')
            ->orderBy('id')
            ->chunkById(400, function (Collection $systems) use ($types, $last): void {
                $rows = [];
                foreach ($systems as $system) {
                    /** @var System $system */
                    $seen = $last[$system->site_id] ?? null;
                    $seen = CarbonImmutable::parse(is_string($seen) ? $seen : now()->subDays(6)->toDateString());
                    foreach (
                        TaskLibrary::standard($system->regime, TaskStart::onTheRecord($system))->everyDays as $key => $every
                    ) {
                        $type = $types[$key];
                        // Long intervals lie anywhere in their course; one in forty has been forgotten.
                        $done =
                            $every <= 7
                                ? $seen
                                : ($this->chance->int(0, 39) === 0 && $every > 20 && $every <= 120
                                    ? now()->subDays((int) ($every * 1.5))
                                    : $seen->subDays(7 * $this->chance->int(0, max(0, (int) floor($every / 7) - 1))));
                        $rows[] = self::task($system->id, $type, (float) $every, CarbonImmutable::instance($done));
                    }
                }
                foreach (array_chunk($rows, 500) as $chunk) {
                    DB::table('tasks')->insert($chunk);
                }
            });
    }

    /** @return array<string, mixed> */
    private static function task(int $systemId, TaskType $type, float $every, CarbonImmutable $done): array
    {
        return [
            'system_id' => $systemId,
            'task_type_id' => $type->id,
            'every_days' => $every,
            'last_done_on' => $done->toDateString(),
            'turn' => 0,
            'earliest_on' => $done->addDays((int) ceil($every * 0.7))->toDateString(),
            'due_on' => $done->addDays((int) $every)->toDateString(),
            'latest_on' => $done->addDays((int) floor($every * 1.3))->toDateString(),
            'created_at' => now(),
            'updated_at' => now(),
        ];
    }

    /** This week from today on, and the next. */
    private function plan(): void
    {
        $planning = new Planning();
        $monday = Days::monday();
        foreach (Days::today()->isWeekend() ? [1] : [0, 1] as $week) {
            $from = $monday->addWeeks($week);
            VisitMaker::until($from->addDays(WeekReader::DAYS - 1));
            $planning->propose($from);
        }
        Visit::query()
            ->whereNotNull('moved_from')
            ->update(['moved_from' => null]);
        // How the town came to its plan is nobody's to take back.
        BoardMove::query()->delete();
        BoardChange::query()->delete();
    }

    public static function workday(CarbonInterface $day): CarbonImmutable
    {
        $day = CarbonImmutable::instance($day);

        return $day->isWeekend() ? $day->previousWeekday() : $day;
    }
}
