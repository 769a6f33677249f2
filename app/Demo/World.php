<?php

declare(strict_types=1);

namespace App\Demo;

use App\Clients\Client;
use App\Clients\Room;
use App\Clients\Site;
use App\Systems\AmmoniaWatch;
use App\Systems\Item;
use App\Systems\System;
use App\Systems\SystemFacts;
use App\Team\Accounts;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Spatie\Activitylog\Facades\CauserResolver;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Control\Job;

/** Makes the demo world: people, clients, places, systems with fourteen months of history, plans, and the week’s stories. */
final class World
{
    /** Watts of one of a pair, by build. */
    private const HEATER_W = [
        'standard' => 400,
        'long' => 700,
        'grand' => 1200,
        'cube' => 200,
        'frag' => 500,
        'column' => 400,
        'corner' => 400,
        'bare' => 100,
    ];

    private readonly Chance $chance;

    private readonly User $owner;

    private readonly User $planner;

    /** @var non-empty-list<User> */
    private readonly array $technicians;

    private readonly History $history;

    private function __construct(private readonly int $systems, int $seed)
    {
        $this->chance = new Chance($seed);
        $password = Hash::make(Accounts::PASSWORD);
        $people = array_map(
            fn (array $p): User => User::query()->forceCreate([
                'name' => $p[0],
                'email' => $p[1],
                'role' => $p[2],
                'password' => $password,
            ]),
            Cast::PEOPLE,
        );
        [$this->owner, $this->planner, $first] = $people;
        $this->technicians = [$first, ...array_slice($people, 3)];
        CauserResolver::setCauser($this->planner);
        $this->history = new History(
            $this->chance,
            array_map(fn (User $u): int => $u->id, $this->technicians),
            $systems > 100 ? 14 : 7,
        );
    }

    /** @param  callable(): void  $advance after each system */
    public static function make(int $systems, int $seed, callable $advance): void
    {
        activity()->withoutLogs(function () use ($systems, $seed, $advance): void {
            $world = new self($systems, $seed);
            $world->places($advance);
            $world->history->flush();
            System::query()
                ->whereHas('readings', fn ($r) => $r->where('parameter', 'ammonia'))
                ->with('bands')
                ->lazyById()
                ->each(AmmoniaWatch::again(...));
            Stories::ammonia($world->technicians[0]->refresh());
            Plans::make($world->planner, $world->technicians[0]);
            (new Rounds($world->chance, $world->technicians, $systems))->make();
            Controls::make($world->planner, $world->technicians[0]);
            ControlStories::make($world->planner);
            Moving::make($world->planner, $world->technicians);
            Risks::make($world->planner, $world->technicians);
        });
    }

    /** @param  callable(): void  $advance */
    private function places(callable $advance): void
    {
        $left = $this->systems;
        $named = count(Cast::PLACES);
        for ($i = 0; $left > 0; $i++) {
            [$client, $place, $systems] = Cast::PLACES[$i % $named];
            if ($i >= $named) {
                $client =
                    Cast::SURNAMES[$i % count(Cast::SURNAMES)].
                    ' '.
                    Cast::STREETS[intdiv($i, count(Cast::SURNAMES)) % count(Cast::STREETS)].
                    ' '.
                    $i;
            }
            DB::transaction(function () use ($client, $place, $systems, $i, $named, &$left, $advance): void {
                $site = $this->site($client, $place, $i);
                $room = $this->room($site);
                foreach ($systems as $spec) {
                    if ($left-- > 0) {
                        $this->system($site, $room, $spec, $i < $named);
                        $advance();
                    }
                }
            });
        }
    }

    private function site(string $clientName, string $place, int $i): Site
    {
        $client = Client::query()->create(['name' => $clientName]);
        $site = Site::query()->create([
            'client_id' => $client->id,
            'name' => $place,
            'street' => $this->chance->pick(Cast::STREETS).' '.$this->chance->int(1, 80),
            'town' => Cast::TOWN,
            'timezone' => 'Europe/London',
            'access_hours' => [
                'mon' => '08:00-17:00',
                'tue' => '08:00-17:00',
                'wed' => '08:00-17:00',
                'thu' => '08:00-17:00',
                'fri' => '08:00-15:00',
                'sat' => null,
                'sun' => null,
            ],
            'access_note' => $this->chance->pick([
                'Ring twice, the bell is faint.',
                'Side gate, then the blue door.',
                'Sign in at the desk.',
                'Key in the box; the code is below.',
            ]),
            'parking' => $this->chance->pick(['in the yard', 'loading bay, 20 minutes', 'on the street, paid']),
            'pets' => $this->chance->pick(['none', 'none', 'a dog, friendly', 'two cats']),
            'residents' => $i % 3 === 0 ? null : $this->chance->pick(['a couple', 'a family of four', 'nobody at night']),
            'children' => $this->chance->pick(['none', 'two, curious']),
        ]);
        $client
            ->contacts()
            ->create([
                'name' => $this->chance->pick(['Ada', 'Bram', 'Cleo', 'Dirk', 'Edda', 'Finn', 'Greta']).
                    ' '.
                    $this->chance->pick(Cast::SURNAMES),
                'role' => $this->chance->pick(['owner', 'caretaker', 'front desk', 'practice manager']),
                'phone' => '0100 555 0'.$this->chance->int(100, 199),
                'language' => 'English',
                'holds_key' => $this->chance->int(0, 1) === 1,
                'can_operate' => 'return pump, main switch',
                'last_confirmed_on' => now()->subDays($this->chance->int(5, 400))->toDateString(),
            ]);
        $site->codes()->create(['label' => 'Front door', 'code' => (string) $this->chance->int(1000, 9999)]);
        $site
            ->passages()
            ->create([
                'name' => 'Front door',
                'position' => 0,
                'width_mm' => $this->chance->pick([880, 930, 1010]),
                'height_mm' => 2030,
            ]);
        if ($i % 4 === 1) {
            $site
                ->passages()
                ->create([
                    'name' => 'Corridor turn',
                    'position' => 1,
                    'width_mm' => 1100,
                    'height_mm' => 2200,
                    'corridor_a_mm' => 1100,
                    'corridor_b_mm' => 1250,
                ]);
        }
        if ($i === 0) {
            User::query()->forceCreate([
                'name' => 'Amrei Tolland',
                'email' => 'amrei@tolland.example',
                'role' => 'client',
                'client_id' => $client->id,
                'password' => $this->owner->password,
            ]);
        }

        return $site;
    }

    private function room(Site $site): Room
    {
        $bases = fn (string $basis, string ...$keys): array => array_fill_keys($keys, [
            'basis' => $basis,
            'by' => $this->planner->name,
            'at' => now()->subMonths(9)->toDateString(),
        ]);

        return $site->rooms()->create([
            'name' => $site->name,
            'storey' => 0,
            'floor_type' => 'slab',
            'joists' => 'none',
            'span_mm' => null,
            'from_support_mm' => null,
            'allowance_kpa' => 25,
            'out_of_level_mm_m' => 1,
            'wall_opening' => 'no',
            'balcony' => 'no',
            'winter_night_c' => $coldest = $this->chance->pick([16, 17, 18, 19]),
            'winter_usual_night_c' => $coldest + 2,
            'winter_day_c' => 21,
            'summer_day_c' => $hottest = $this->chance->pick([26, 27, 28]),
            'summer_usual_day_c' => $hottest - 2,
            'summer_night_c' => 22,
            'humidity_pct' => 50,
            'clear_height_mm' => 2500,
            'water_distance_m' => $this->chance->int(2, 14),
            'drain_distance_m' => $this->chance->int(2, 14),
            'bases' => [
                ...$bases(
                    'measured',
                    'out_of_level_mm_m',
                    'clear_height_mm',
                    'water_distance_m',
                    'drain_distance_m',
                    'storey',
                    'floor_type',
                ),
                ...$bases(
                    'recalled',
                    'allowance_kpa',
                    'winter_night_c',
                    'winter_usual_night_c',
                    'summer_day_c',
                    'summer_usual_day_c',
                    'winter_day_c',
                    'summer_night_c',
                    'joists',
                    'wall_opening',
                    'balcony',
                ),
                ...$bases('assumed', 'humidity_pct'),
            ],
        ]);
    }

    /** @param  array{0: string, 1: string, 2: string, 3: string}  $spec */
    private function system(Site $site, Room $room, array $spec, bool $named): void
    {
        [$name, $kind, $regime, $build] = $spec;
        $started = now()->subMonths($this->chance->int(16, 90));
        $keeper = $this->chance->pick($this->technicians);
        $system = System::query()->create([
            'site_id' => $site->id,
            'room_id' => $room->id,
            'keeper_id' => $keeper->id,
            'name' => $name,
            'kind' => $kind,
            'regime' => $regime,
            'started_on' => $started->toDateString(),
            'started_precision' => $this->chance->pick(['day', 'month', 'month', 'about']),
            'facts' => [],
            'bases' => [],
            'chambers' => [],
        ]);
        $facts = Builds::facts($build);
        $facts['winterC'] = (float) $room->winter_night_c;
        $facts['summerC'] = (float) $room->summer_day_c;
        if ($regime === Regime::Cool->value) {
            $facts['setpointC'] = 21.5;
        }
        $bases = array_map(
            fn (): array => [
                'basis' => $this->chance->pick(['measured', 'measured', 'measured', 'rated', 'recalled']),
                'by' => $keeper->name,
                'at' => $started->toDateString(),
            ],
            $facts,
        );
        SystemFacts::write($system, $facts, $bases, Builds::chambers($build));
        $this->items($system, $build);
        $this->history->write($system, $named ? Stories::SERIES[$name] ?? [] : $this->drift($system));
        if ($named) {
            Stories::tell($system->load('vessels'), $this->technicians[0]);
            if ($name === 'Window reef') {
                Stories::drainDown($system);
            }
        }
        if ($this->chance->int(0, 3) === 0) {
            $system->standingNotes()->create(['text' => $this->chance->pick(Cast::NOTES), 'user_id' => $keeper->id]);
        }
        foreach ([7, 14, 28] as $ago) {
            $system
                ->logEntries()
                ->create([
                    'kind' => 'work',
                    'text' => $this->chance->pick([
                        'Glass, floss, skimmer cup. A tenth of the water changed.',
                        'Glass and floss. All fish seen, all eating.',
                        'Pumps soaked, siphoned a quarter of the sand.',
                    ]),
                    'happened_at' => now()->subDays($ago)->setTime(10, 40),
                    'user_id' => $keeper->id,
                ]);
        }
    }

    private function items(System $system, string $build): void
    {
        $sump = $system->vessels->firstWhere('role', 'sump');
        $jobs =
            $build === 'bare'
                ? [Job::Heater, Job::CirculationPump]
                : [
                    Job::ReturnPump,
                    Job::CirculationPump,
                    Job::CirculationPump,
                    Job::Skimmer,
                    Job::Light,
                    Job::TopOff,
                    Job::Probe,
                ];
        if ($build !== 'bare' && $system->name !== 'Living room') {
            $jobs = [...$jobs, Job::Heater, Job::Heater];
        }
        $counts = $rows = [];
        foreach ($jobs as $n => $job) {
            $counts[$job->value] = ($counts[$job->value] ?? 0) + 1;
            $life = $job->lifeMonths() ?? 60;
            $installed = now()->subMonths($this->chance->int(1, (int) ($life * 0.8)));
            $rows[] = [
                'system_id' => $system->id,
                'vessel_id' => in_array($job, [Job::ReturnPump, Job::Skimmer, Job::Heater], true) ? $sump?->id : null,
                'job' => $job->value,
                'name' => $job->label().' '.$counts[$job->value],
                'watts' => match ($job) {
                    Job::Heater => self::HEATER_W[$build],
                    Job::Light => 140,
                    Job::ReturnPump => 40,
                    Job::Skimmer => 25,
                    default => 12,
                },
                'installed_on' => $installed->toDateString(),
                'installed_precision' => $this->chance->pick(['day', 'month']),
                'plug_label' => mb_strtoupper(mb_substr($job->label(), 0, 2)).$counts[$job->value],
                'outlet' => 'strip A, '.($n + 1),
                'switched_by' => $this->switchOf($job, $counts[$job->value], $n),
                'senses_own_vessel' => $job === Job::Heater ? ($system->id % 9 === 0 ? null : true) : null,
                'replace_on' => Item::dueOn($installed, $life, $job)?->toDateString(),
                'created_at' => now(),
                'updated_at' => now(),
            ];
        }
        DB::table('items')->insert($rows);
    }

    /** A thermostat of its own, or, in one house of six, the one controller. */
    private function switchOf(Job $job, int $count, int $n): ?string
    {
        if ($job !== Job::Heater) {
            return null;
        }

        return $this->chance->int(0, 5) === 0 && $n > 0 ? 'controller 1' : "its own thermostat, {$count}";
    }

    /**
     * One in seven of the many drifts towards a limit.
     *
     * @return array<string, array{0: float, 1: float}>
     */
    private function drift(System $system): array
    {
        if ($this->chance->int(0, 6) !== 0) {
            return [];
        }
        $band = $system->regime->bands()['alkalinity'];
        $width = ($band->fineHigh ?? 1) - ($band->fineLow ?? 0);

        return [
            'alkalinity' => [
                ($band->fineLow ?? 0) + $width * $this->chance->float(0.05, 0.4),
                -$width * $this->chance->float(0.005, 0.012),
            ],
        ];
    }
}
