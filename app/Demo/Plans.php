<?php

declare(strict_types=1);

namespace App\Demo;

use App\Build\Acceptance;
use App\Build\LampType;
use App\Build\Plan;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\Price;
use App\Build\Supplier;
use App\Clients\Attachment;
use App\Clients\Site;
use App\House\Paper;
use App\Systems\Item;
use App\Team\User;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Version;

/** Plans of the town: one accepted and nearly built, two with Stops, one just begun. */
final readonly class Plans
{
    /** Days ago, by what, words, who. */
    private const GATES = [
        'survey' => [84, StageGate::PROOF, 'signed with two facts still open', 'Teodor'],
        'structure' => [80, StageGate::PROOF, 'slab on the ground, well within its allowance', 'Teodor'],
        'ordered' => [79, StageGate::PROOF, 'six orders, the tank promised for five weeks on', 'Teodor'],
        'fabricated' => [44, StageGate::PROOF, 'three holes, edges ground, eight days of cure', 'Ines'],
        'leak-test' => [
            42,
            StageGate::WAIVER,
            'the maker had it full for three days and photographed the base',
            'Marit',
        ],
        'set' => [33, StageGate::PROOF, 'one millimetre in the metre', 'Ines'],
        'plumbed' => [31, StageGate::PROOF, 'one union wept and was seated again; dry at full flow', 'Ines'],
        'electrics' => [27, StageGate::DOCUMENT, 'installed and residual-current protection tried', 'the electrician'],
        'lights' => [26, StageGate::PROOF, 'both fixings tried with three times the load', 'Ines'],
        'filled' => [24, StageGate::PROOF, '35.1 and 25.4 °C, read twice', 'Ines'],
        'scape' => [22, StageGate::PROOF, 'rock on the base, nothing rocks', 'Ines'],
        'rehearsal' => [21, StageGate::PROOF, 'the sump rose to 41 mm below its rim and it ran again', 'Ines'],
        'alarms' => [21, StageGate::PROOF, 'leak and heat called; answered in four minutes', 'Marit'],
    ];

    private function __construct(private User $planner, private User $technician)
    {
    }

    public static function make(User $planner, User $technician): void
    {
        $self = new self($planner, $technician);
        $self->all();
    }

    private function all(): void
    {
        foreach (
            [
                'display-glass' => 1450,
                'sump-glass' => 1180,
                'stand' => 98000,
                'rock' => 1290,
                'sand' => 340,
                'salt' => 620,
                'ro-water' => 9,
                'drain-pipe' => 2850,
                'return-pipe' => 2400,
                'return-pump' => 28500,
                'heater' => 8900,
                'stream-pump' => 18900,
                'bulkhead' => 1450,
                'union' => 980,
                'gate-valve' => 3200,
                'guard' => 4200,
                'controller' => 46000,
                'thermostat' => 5400,
                'timer' => 1800,
                'level-switch' => 2600,
                'strip' => 3900,
                'driver' => 6500,
                'doser' => 14200,
                'cable' => 240,
                'label' => 60,
                'reagents' => 9800,
                'lamp' => 41900,
                'fixing' => 1900,
                'labour' => 6400,
                'power' => 31,
                'waste-water' => 1,
                'media' => 14500,
                'wear' => 6200,
            ] as $key => $minor
        ) {
            Price::query()->create(['key' => $key, 'minor' => $minor]);
        }
        foreach (
            [
                ['Panel 60, four channels', 180, 50, 95, 3.2, 200, 350],
                ['Panel 120, four channels', 340, 50, 180, 5.8, 220, 400],
                ['Spot, narrow', 95, 20, 48, 1.1, 250, 600],
                ['Tube bar, fill light', 60, 60, 39, 1.4, 80, 250],
            ] as [$name, $ppf, $angle, $watts, $kg, $least, $most]
        ) {
            LampType::query()->create([
                'name' => $name,
                'ppf' => $ppf,
                'half_angle_deg' => $angle,
                'watts' => $watts,
                'kg' => $kg,
                'least_mm' => $least,
                'most_mm' => $most,
            ]);
        }
        foreach (
            [
                ['Harbour Glass', 'the cutting shop', '01632 960 417', 'tanks, sumps and weirs to size'],
                ['Quay Joinery', 'ask for the foreman', '01632 960 523', 'stands, cabinets, hoods'],
                ['Ferry Supply', 'the counter', '01632 960 608', 'pumps, heaters, salt, probes'],
            ] as [$name, $contact, $phone, $makes]
        ) {
            Supplier::query()->create([
                'name' => $name,
                'contact' => $contact,
                'phone' => $phone,
                'email' => str_replace(' ', '.', strtolower($name)).'@merrowick.example',
                'makes' => $makes,
            ]);
        }
        $site = Site::query()->where('name', 'Day room')->first() ?? Site::query()->orderBy('id')->firstOrFail();
        $site->update([
            'enquiry' => [
                'built' => 'nothing; the niche by the window is free',
                'ordered' => 'nothing',
                'animals' => 'soft corals, clownfish, something that moves in the evening',
                'look' => 'open, rock low on the left',
                'viewing' => 'front, from the armchairs, eyes at 1.1 m',
                'care' => 'feeding, and a look each morning',
                'shop' => 'Ferry Supply, weekdays to six',
                'budget_minor' => 1_400_000,
                'wanted_on' => now()->addWeeks(5)->toDateString(),
            ],
        ]);
        $this->plan($site, 'Day room, new reef', 'standard', [], 2, accept: true);
        $hotel = Site::query()->where('name', 'Lobby')->first() ?? $site;
        $hotel
            ->passages()
            ->orderBy('position')
            ->first()
            ?->update(['out_width_mm' => 640]);
        $hotel->update([
            'enquiry' => [
                'built' => 'the wall is open, 2500 by 900 clear, lintel in place',
                'ordered' => 'the joiner has the front panel in hand, 2420 wide',
                'animals' => 'large quiet fish over soft corals',
                'look' => 'a window, no cables in sight',
                'viewing' => 'front from the desk, and through the left pane',
                'care' => 'none; the night porter looks at it',
                'shop' => 'Ferry Supply, weekdays to six',
                'budget_minor' => 3_200_000,
                'wanted_on' => now()->addWeeks(9)->toDateString(),
            ],
        ]);
        $this->plan(
            $hotel,
            'Lobby wall',
            'grand',
            [
                'outletBelowRimMm' => 240.0,
                'breakBelowRimMm' => 'none',
                'wallMm' => 15.0,
                'storey' => 1.0,
                'floorType' => 'concrete',
                'spanMm' => 5200.0,
                'allowanceKpa' => 3.0,
                'travelMm' => 500.0,
                'leadSlackMm' => 800.0,
                'skimmerChamber' => 2.0,
                'skimmerLeastMm' => 200.0,
                'skimmerMostMm' => 290.0,
                'refillLh' => 900.0,
                'cabinetAir' => 'openings',
                'roomM2' => 90.0,
                'airChangesH' => 1.0,
            ],
            1,
            tables: [
                'channels' => [
                    [
                        'name' => 'blue',
                        'sharePct' => 55.0,
                        'fromH' => 9.0,
                        'hours' => 13.0,
                        'rampH' => 2.0,
                        'topPct' => 90.0,
                    ],
                    [
                        'name' => 'white',
                        'sharePct' => 45.0,
                        'fromH' => 11.5,
                        'hours' => 8.0,
                        'rampH' => 2.0,
                        'topPct' => 60.0,
                    ],
                ],
                'layers' => [
                    ['name' => 'float at the plant', 'kind' => 'float', 'closes' => false],
                    ['name' => 'level sensor', 'kind' => 'sensor', 'closes' => true],
                    ['name' => 'tray', 'kind' => 'tray', 'closes' => false],
                ],
                'compartments' => [
                    [
                        'name' => 'dry side',
                        'lengthMm' => 420.0,
                        'depthMm' => 740.0,
                        'heightMm' => 720.0,
                        'doorWidthMm' => 400.0,
                        'doorHeightMm' => 700.0,
                    ],
                ],
                'gear' => [
                    ...Builds::gear('grand'),
                    [
                        'name' => 'Pump drivers',
                        'widthMm' => 240.0,
                        'depthMm' => 120.0,
                        'heightMm' => 180.0,
                        'liftMm' => 0.0,
                        'needsAir' => false,
                        'staysDry' => true,
                        'heatW' => 35.0,
                        'in' => 2.0,
                        'shelf' => 2.0,
                        'massKg' => 7.0,
                    ],
                    [
                        'name' => 'Skimmer',
                        'widthMm' => 240.0,
                        'depthMm' => 260.0,
                        'heightMm' => 240.0,
                        'liftMm' => 120.0,
                        'needsAir' => false,
                        'chamber' => 2.0,
                    ],
                ],
                'ledges' => [
                    [
                        'name' => 'Back rail',
                        'kind' => 'frame',
                        'bottomMm' => 560.0,
                        'thickMm' => 60.0,
                        'depthMm' => 40.0,
                    ],
                    [
                        'name' => 'Shelf of the dry side',
                        'kind' => 'shelf',
                        'bottomMm' => 380.0,
                        'thickMm' => 18.0,
                        'depthMm' => 300.0,
                        'bearsKg' => 15.0,
                        'in' => 2.0,
                    ],
                ],
                'phases' => [
                    [
                        'name' => 'Two lamps',
                        'phase' => 1,
                        'until' => 2,
                        'price' => 640.0,
                        'outlets' => 2.0,
                        'ports' => 2.0,
                    ],
                    [
                        'name' => 'Pumps, heaters, skimmer',
                        'phase' => 1,
                        'price' => 2980.0,
                        'outlets' => 7.0,
                        'ports' => 6.0,
                    ],
                    [
                        'name' => 'Light for stony corals',
                        'phase' => 2,
                        'price' => 3900.0,
                        'outlets' => 4.0,
                        'ports' => 4.0,
                    ],
                    [
                        'name' => 'Calcium reactor',
                        'phase' => 2,
                        'price' => 1150.0,
                        'outlets' => 3.0,
                        'ports' => 2.0,
                        'holes' => 1.0,
                    ],
                ],
            ],
        );
        $flat = Site::query()->where('name', 'Flat over the ferry')->first() ?? $site;
        $this->plan(
            $flat,
            'Larger tank, timber floor',
            'long',
            [
                'floorType' => 'timber',
                'joists' => 'parallel',
                'storey' => 2.0,
                'spanMm' => 3600.0,
                'allowanceKpa' => 2.0,
            ],
            1,
        );
        $start = Site::query()->where('name', 'Loft')->first() ?? $site;
        $room = $start->rooms()->first();
        Plan::query()->create([
            'site_id' => $start->id,
            'room_id' => $room?->id,
            'name' => 'First thoughts',
            'user_id' => $this->planner->id,
            'draft' => [
                'values' => ['lengthMm' => 1500, 'widthMm' => 600, 'heightMm' => 600],
                'bases' => [],
                'chambers' => [],
            ],
        ]);
    }

    /**
     * @param  array<string, float|string>  $changed
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    private function plan(
        Site $site,
        string $name,
        string $build,
        array $changed,
        int $versions,
        bool $accept = false,
        array $tables = [],
    ): void {
        $values = [...Builds::facts($build), ...Builds::cabinet($build), ...$changed];
        $bases = array_map(
            fn (): array => [
                'basis' => 'measured',
                'by' => $this->planner->name,
                'at' => now()->subDays(9)->toDateString(),
            ],
            $values,
        );
        $plan = Plan::query()->create([
            'site_id' => $site->id,
            'room_id' => $site->rooms()->first()?->id,
            'name' => $name,
            'user_id' => $this->planner->id,
            'revision' => 1,
            'draft' => [
                'values' => $values,
                'bases' => $bases,
                'chambers' => Builds::chambers($build),
                'vessels' => Builds::vessels($build),
                'lamps' => Builds::lamps($build),
                'holes' => Builds::holes($values),
                'gear' => Builds::gear($build),
                ...Builds::fittings($build),
                ...$tables,
            ],
        ]);
        for ($n = 1; $n <= $versions; $n++) {
            $brief = PlanReader::raw($plan->load(['room', 'site.passages']));
            if ($n < $versions) {
                $brief['values']['outletBelowRimMm'] = 110.0;
                $brief['values']['reservoirL'] = 18.0;
            }
            $version = PlanVersion::query()->create([
                'plan_id' => $plan->id,
                'number' => $n,
                'brief' => $brief,
                'core_version' => Version::NUMBER,
                'note' => $n === 1 ? 'as first talked over' : 'outlet raised after the rehearsal',
                'user_id' => $this->planner->id,
            ]);
        }
        if ($accept && isset($version)) {
            $system = Acceptance::accept($version, $this->planner, $name, 'mixed reef', Regime::Natural);
            $system->update([
                'settling_until' => now()->addWeeks(7)->toDateString(),
                'started_on' => now()->subWeeks(3)->toDateString(),
                'keeper_id' => $this->technician->id,
                'has_animals' => false,
            ]);
            $system
                ->items()
                ->where('job', 'heater')
                ->get()
                ->each(
                    fn (Item $item, int $i) => $item->update([
                        'switched_by' => 'its own thermostat, '.($i + 1),
                        'senses_own_vessel' => true,
                    ]),
                );
            $this->gates($version, $plan);
        }
    }

    /** The course of the day room: everything up to the cycle has passed, one gate by a waiver, one by the electrician's paper. */
    private function gates(PlanVersion $version, Plan $plan): void
    {
        $path = 'attachments/'.now()->format('Y/m').'/'.Str::uuid()->toString();
        $bytes = Paper::pdf('demo.electrician', ['on' => now()->subDays(27)->format('j M Y')]);
        Storage::disk('local')->put($path, $bytes);
        $paper = Attachment::query()->create([
            'subject_type' => 'plan',
            'subject_id' => $plan->id,
            'kind' => 'paper',
            'caption' => 'Electrician’s record',
            'original_name' => 'electrician.pdf',
            'mime' => 'application/pdf',
            'bytes' => strlen($bytes),
            'sha256' => hash('sha256', $bytes),
            'path' => $path,
            'user_id' => $this->planner->id,
        ]);
        $version
            ->consents()
            ->create([
                'of' => 'owner',
                'given_on' => now()->subDays(83)->toDateString(),
                'conditions' => 'the floor is covered on the way in',
                'attachment_id' => $paper->id,
                'user_id' => $this->planner->id,
            ]);
        foreach (
            [
                ['Display and sump, made to size', 'Harbour Glass', 'fabricated', 78, 46, 45],
                ['Stand', 'Quay Joinery', 'set', 78, 36, 34],
                ['Return pump, heaters, probes', 'Ferry Supply', 'electrics', 70, 60, 61],
            ] as [$what, $supplier, $for, $ordered, $promised, $came]
        ) {
            $version
                ->orders()
                ->create([
                    'what' => $what,
                    'supplier' => $supplier,
                    'stage' => $for,
                    'ordered_on' => now()->subDays($ordered)->toDateString(),
                    'promised_on' => now()->subDays($promised)->toDateString(),
                    'received_on' => now()->subDays($came)->toDateString(),
                    'place' => 'depot, bay 2',
                    'user_id' => $this->planner->id,
                ]);
        }
        $version
            ->orders()
            ->create([
                'what' => 'First corals, from the frag room',
                'supplier' => 'Ferry Supply',
                'stage' => 'animals',
                'ordered_on' => now()->subDays(9)->toDateString(),
                'promised_on' => now()->subDays(2)->toDateString(),
                'user_id' => $this->planner->id,
            ]);
        foreach (array_keys($version->joints()) as $joint) {
            foreach (['quarter', 'full', 'hour'] as $moment) {
                $version
                    ->jointLooks()
                    ->create([
                        'joint' => $joint,
                        'moment' => $moment,
                        'dry' => true,
                        'user_id' => $this->technician->id,
                    ]);
            }
        }
        foreach (self::GATES as $stage => [$ago, $by, $words, $who]) {
            $version
                ->passedStages()
                ->create([
                    'stage' => $stage,
                    'by' => $by,
                    'words' => $words,
                    'signed_by' => $who,
                    'passed_on' => now()->subDays($ago)->toDateString(),
                    'attachment_id' => $by === StageGate::DOCUMENT ? $paper->id : null,
                    'user_id' => $this->planner->id,
                ]);
        }
    }
}
