<?php

declare(strict_types=1);

namespace Tests\Front;

use App\Alerts\Alarm;
use App\Build\LampType;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\Supplier;
use App\Clients\Attachment;
use App\Clients\Data\ClientExport;
use App\Clients\RemoteAccess;
use App\Clients\Site;
use App\Control\Circuit;
use App\Control\StandardSetUp;
use App\Emergency\AreaEvent;
use App\Emergency\Incident;
use App\House\Days;
use App\Moves\Kit\OwnLine;
use App\Moves\MoveStart;
use App\Moves\Works\Work;
use App\Risk\FleetRun;
use App\Risk\Night;
use App\Rounds\BoardChange;
use App\Rounds\Disturbed;
use App\Rounds\Feed;
use App\Rounds\FollowUp;
use App\Rounds\OffRecord;
use App\Rounds\SiteEvent;
use App\Rounds\SiteStep;
use App\Rounds\SiteWish;
use App\Rounds\Trial;
use App\Rounds\Visit;
use App\Rounds\WeekRun;
use App\Stores\Loan;
use App\Stores\Part;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Systems\Material;
use App\Systems\OpenRipple;
use App\Systems\OwnParameter;
use App\Systems\Product;
use App\Systems\Reading;
use App\Team\Holiday;
use App\Team\User;
use App\Water\WaterBatch;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Router;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Fixture;
use Velbrin\Core\Moves\Brief\MoveKind;

/** Every page and form of the router, each with a fresh set of records of its own. */
trait EveryRoute
{
    /** A lamp is exchanged, one step of it said. */
    private static function work(Site $site, User $planner, string|int $key): Work
    {
        return Fixture::work(Fixture::system($site, $planner, "Changed {$key}"), $planner);
    }

    /** @return list<Route> */
    private function routes(): array
    {
        return array_values(
            array_filter(
                Router::getRoutes()->getRoutes(),
                fn (Route $r): bool => in_array('web', $r->gatherMiddleware(), true),
            ),
        );
    }

    /** The technician's crew goes to that client's places today. */
    private static function assign(User $technician, int $clientId): void
    {
        $crew = Fixture::crew($technician);
        foreach (Site::query()->where('client_id', $clientId)->get() as $site) {
            Visit::query()->create([
                'site_id' => $site->id,
                'crew_id' => $crew->id,
                'planned_on' => Days::text(),
                'starts_at' => now(),
                'minutes' => 60,
                'state' => Visit::PLANNED,
                'earliest_on' => Days::text(),
                'due_on' => Days::text(),
                'latest_on' => Days::text(),
                'skills' => [],
                'kg' => 0,
            ]);
        }
    }

    private static function part(string $key): Part
    {
        return Part::query()->create(['name' => "Heater {$key}", 'job' => 'heater', 'unit' => 'piece', 'pack' => 1]);
    }

    private static function loan(Site $site, User $planner, string $key): Loan
    {
        $from = Fixture::system($site, $planner, "Lender {$key}");

        return Loan::query()->create([
            'item_id' => $from->items()->create(['job' => 'heater', 'name' => 'H'])->id,
            'from_system_id' => $from->id,
            'to_system_id' => Fixture::system($site, $planner, "Borrower {$key}")->id,
            'since' => Days::text(),
            'due_on' => Days::text(7),
            'user_id' => $planner->id,
        ]);
    }

    /**
     * A fresh set of records for one call.
     *
     * @return array{0: string, 1: int, 2: int} uri, the client it belongs to, another client
     */
    private function world(Route $route): array
    {
        $key = Str::random(8);
        $planner = self::user('planner');
        $site = self::site("Client {$key}", "Site {$key}");
        $other = self::site("Other {$key}", 'Elsewhere');
        $uri = $route->uri();
        $need = fn (string $name): bool => str_contains($uri, '{'.$name);
        $system =
            $need('system') ||
            $need('reading') ||
            $need('note') ||
            $need('item') ||
            $need('ripple') ||
            $need('alarm') ||
            $need('task}') ||
            $need('followUp') ||
            $need('off}') ||
            $need('visit') ||
            $need('report') ||
            $need('vessel') ||
            $need('trial') ||
            $need('material') ||
            $need('disturbed') ||
            array_filter(['controller}', 'strip}', 'circuit}', 'outlet}', 'sensor}', 'device}', 'outletOrder}', 'event}'], $need) !== [] ||
            in_array($route->getName(), ['controllers.store', 'circuits.store'], true)
                ? Fixture::system($site, $planner, "Reef {$key}")
                : null;
        $plan =
            $need('plan}') || $need('version') || $need('order}') || $need('consent}')
                ? Fixture::plan($site, $planner)
                : null;
        $version =
            $plan === null
                ? null
                : PlanVersion::query()->create([
                    'plan_id' => $plan->id,
                    'number' => 1,
                    'brief' => PlanReader::raw($plan),
                    'core_version' => '0',
                    'user_id' => $planner->id,
                    'accepted_at' => in_array(
                        $route->getName(),
                        ['versions.sheet', 'stages.pass', 'stages.reopen', 'stages.carry', 'versions.joints'],
                        true,
                    )
                        ? now()
                        : null,
                ]);
        $values = [
            'user' => fn () => self::user('technician')->id,
            'client' => fn () => $site->client_id,
            'contact' => fn () => $site
                ->client()
                ->firstOrFail()
                ->contacts()
                ->create(['name' => 'Ada'])->id,
            'site' => fn () => $site->id,
            'room' => fn () => $site->rooms()->create(['name' => 'Hall'])->id,
            'code' => fn () => $site->codes()->create(['label' => 'Door', 'code' => '1234'])->id,
            'attachment' => function () use ($site, $planner) {
                Storage::disk('local')->put('attachments/test', '%PDF-');

                return Attachment::query()->create([
                    'subject_type' => 'site',
                    'subject_id' => $site->id,
                    'kind' => 'paper',
                    'original_name' => 'a.pdf',
                    'mime' => 'application/pdf',
                    'bytes' => 5,
                    'sha256' => str_repeat('0', 64),
                    'path' => 'attachments/test',
                    'user_id' => $planner->id,
                ])->id;
            },
            'own' => fn () => OwnParameter::query()->create([
                'name' => "Own {$key}",
                'unit' => '',
                'least' => 0,
                'most' => 1,
                'resolution' => 0.1,
            ])->id,
            'plan' => fn () => $plan?->id,
            'version' => fn () => $version?->id,
            'trade' => fn () => 'carpenter',
            'limit' => fn () => 'rockMm',
            'supplier' => fn () => Supplier::query()->create(['name' => "Glass {$key}"])->id,
            'material' => fn () => Material::query()->create([
                'system_id' => $system?->id,
                'kind' => 'rock',
                'name' => 'Rock',
                'in_on' => now()->toDateString(),
                'user_id' => $planner->id,
            ])->id,
            'lamp' => fn () => LampType::query()->create(['name' => "Lamp {$key}", 'ppf' => 100, 'half_angle_deg' => 45])
                ->id,
            'order' => fn () => $version
                ?->orders()
                ->create([
                    'what' => 'tank',
                    'supplier' => 'Glass',
                    'stage' => 'set',
                    'ordered_on' => now()->toDateString(),
                    'promised_on' => now()->toDateString(),
                    'user_id' => $planner->id,
                ])->id,
            'consent' => fn () => $version?->consents()->create(['of' => 'owner', 'user_id' => $planner->id])->id,
            'stage' => fn () => $version
                ?->passedStages()
                ->create([
                    'stage' => 'survey',
                    'by' => 'proof',
                    'words' => 'signed',
                    'signed_by' => 'Ada',
                    'passed_on' => now()->toDateString(),
                    'user_id' => $planner->id,
                ])->stage,
            'system' => fn () => $system?->id,
            'tab?' => fn () => '',
            'parameter' => fn () => 'alkalinity',
            'reading' => fn () => Reading::query()->create([
                'system_id' => $system?->id,
                'parameter' => 'alkalinity',
                'taken_at' => now(),
                'value' => 8,
                'given_value' => 8,
                'given_unit' => 'dKH',
                'user_id' => $planner->id,
                'client_uuid' => (string) Str::uuid(),
            ])->id,
            'note' => fn () => $system?->standingNotes()->create(['text' => 'a', 'user_id' => $planner->id])->id,
            'item' => fn () => $system?->items()->create([
                'job' => $route->getName() === 'items.limit-reached' ? 'ro-unit' : 'doser',
                'name' => 'D',
            ])->id,
            'ripple' => fn () => $system === null
                ? null
                : OpenRipple::query()->create([
                    'system_id' => $system->id,
                    'user_id' => $planner->id,
                    'subject' => 'doses',
                    'label' => 'Doses',
                    'check' => 'Look.',
                    'rule' => 'X-30',
                    'cause' => 'a test',
                ])->id,
            'product' => fn () => Product::query()->create([
                'name' => "Food {$key}",
                'kind' => 'food',
                'raises' => ['nitrate'],
                'lowers' => [],
            ])->id,
            'sum?' => fn () => 'salinity',
            'alarm' => fn () => Alarm::query()->create([
                'system_id' => $system?->id,
                'name' => 'Call',
                'watches' => ['heater-on'],
            ])->id,
            'controller' => fn () => Fixture::controller($site)->id,
            'strip' => fn () => Fixture::controller($site)->strips()->firstOrFail()->id,
            'circuit' => fn () => Circuit::query()->create(['site_id' => $site->id, 'name' => "Circuit {$key}"])->id,
            'outlet' => fn () => Fixture::controller($site)->strips()->firstOrFail()->outlets()->firstOrFail()->id,
            'sensor' => fn () => Fixture::controller($site)->sensors()->firstOrFail()->id,
            'depot' => fn () => Fixture::depot()->id,
            'mix' => fn () => Fixture::mix()->id,
            'batch' => fn () => WaterBatch::query()->create([
                'depot_id' => Fixture::depot()->id,
                'salt_mix_id' => Fixture::mix()->id,
                'salinity' => 35,
                'litres' => 10,
                'left_l' => 10,
                'mixed_at' => now(),
                'user_id' => $planner->id,
            ])->id,
            'crew' => fn () => Fixture::crew()->id,
            'kind' => fn () => 'holiday',
            'id' => fn () => Holiday::query()->create([
                'on' => now()->addDays(random_int(1, 30000))->toDateString(),
                'name' => 'Rest',
            ])->id,
            'standard' => fn () => StandardSetUp::query()
                ->create(['name' => 'Ours', 'document' => ['outlets' => [], 'guards' => []], 'user_id' => $planner->id])->id,
            'line' => fn () => OwnLine::query()->create(['what' => "Ladder {$key}", 'user_id' => $planner->id])->id,
            'fleetRun' => fn () => FleetRun::start(Night::Tonight)->id,
            'run' => fn () => WeekRun::query()->create(['monday' => now()->toDateString()])->id,
            'move' => fn () => str_starts_with((string) $route->getName(), 'moves.')
                ? MoveStart::of("Move {$key}", MoveKind::House, $site, null, null, null, $planner)->id
                : BoardChange::query()
                    ->create(['kind' => 'move', 'words' => 'a'])
                    ->moves()
                    ->create([
                        'visit_id' => Fixture::visit(Fixture::system($site, $planner, "Moved {$key}"))->id,
                        'was' => [],
                        'became' => [],
                    ])->id,
            'animal' => fn () => Fixture::animal(Fixture::system($site, $planner, "Stocked {$key}"), $planner)->id,
            'work' => fn () => self::work($site, $planner, $key)->id,
            'mark' => fn () => self::work($site, $planner, $key)->marks()->firstOrFail()->id,
            'wish' => fn () => SiteWish::query()->create([
                'site_id' => $site->id,
                'text' => 'mornings',
                'weekdays' => [1],
                'user_id' => $planner->id,
            ])->id,
            'event' => fn () => str_starts_with((string) $route->getName(), 'alarm-events')
                ? Fixture::alarmEvent($system ?? Fixture::system($site, $planner))->id
                : SiteEvent::query()->create([
                    'site_id' => $site->id,
                    'text' => 'party',
                    'on' => now()->addDays(9)->toDateString(),
                    'clear_days' => 7,
                    'user_id' => $planner->id,
                ])->id,
            'outletOrder' => fn () => Fixture::outletOrder(Fixture::controller($site), $planner)->id,
            'device' => fn () => Fixture::device(Fixture::controller($site), $planner)->id,
            'disturbed' => fn () => Disturbed::query()->create([
                'system_id' => $system?->id,
                'because' => 'sand',
                'looks' => 'The water is hazy',
                'from_at' => now(),
                'until_at' => now()->addHours(9),
            ])->id,
            'feed' => fn () => Feed::query()->create([
                'kind' => Feed::CLIENT,
                'subject_id' => $site->client_id,
                'token_hash' => hash('sha256', $key),
                'user_id' => $planner->id,
            ])->id,
            'task' => fn () => $system === null ? null : Fixture::task($system, 'glass')->id,
            'followUp' => fn () => FollowUp::query()->create([
                'system_id' => $system?->id,
                'kind' => 'follow-up',
                'text' => 'Later',
                'owner_id' => $planner->id,
                'due_on' => now()->toDateString(),
            ])->id,
            'off' => fn () => OffRecord::query()->create([
                'system_id' => $system?->id,
                'what' => 'Skimmer',
                'off_at' => now(),
                'off_by' => $planner->id,
                'client_uuid' => (string) Str::uuid(),
            ])->id,
            'visit' => fn () => $system === null ? null : Fixture::visit($system)->id,
            'report' => fn () => $system === null
                ? null
                : Fixture::report(
                    $system,
                    $planner,
                    sent: ! in_array($route->getName(), ['reports.update', 'reports.send'], true),
                )->id,
            'part' => fn () => self::part($key)->id,
            'stock' => fn () => Stock::query()->create([
                'part_id' => self::part($key)->id,
                'stock_place_id' => StockPlace::ofSite($site)->id,
                'count' => 3,
            ])->id,
            'loan' => fn () => self::loan($site, $planner, $key)->id,
            'remoteAccess' => fn () => RemoteAccess::query()->create([
                'site_id' => $site->id,
                'what' => 'The controller',
                'user_id' => $planner->id,
                'given_on' => now()->toDateString(),
                'given_by' => $planner->id,
            ])->id,
            'areaEvent' => fn () => AreaEvent::query()->create([
                'kind' => 'storm',
                'towns' => [],
                'starts_at' => now()->addDay(),
                'ends_at' => now()->addDays(2),
                'dark_h' => 8,
                'user_id' => User::query()->value('id'),
            ])->id,
            'incident' => fn () => Incident::query()->create([
                'uuid' => (string) Str::uuid(),
                'system_id' => Fixture::system($site, $planner, "Trouble {$key}")->id,
                'kind' => 'power-cut',
                'began_at' => now(),
                'user_id' => $planner->id,
            ])->id,
            'token' => fn () => $planner->createToken('test', ['ask'])->accessToken->getKey(),
            'number' => fn () => 'B-32',
            'export' => function () use ($site, $planner): int {
                $path = 'exports/test-'.Str::random(8).'.zip';
                Storage::disk('local')->put($path, 'x');

                return ClientExport::query()->create([
                    'client_id' => $site->client_id,
                    'user_id' => $planner->id,
                    'state' => ClientExport::READY,
                    'path' => $path,
                ])->id;
            },
            'session' => fn () => str_repeat('a', 32),
            'taskType' => fn () => Fixture::taskType('glass')->id,
            'siteStep' => fn () => SiteStep::query()->create([
                'site_id' => $site->id,
                'task_type_id' => Fixture::taskType('glass')->id,
                'step' => 0,
                'does' => 'skip',
                'text' => '',
                'why' => 'acrylic',
                'user_id' => $planner->id,
            ])->id,
            'trial' => fn () => Trial::query()->create([
                'system_id' => $system?->id,
                'method' => 'Other food',
                'expectation' => 'less nitrate',
                'measure' => 'by eye',
                'started_on' => now()->subDays(10)->toDateString(),
                'judge_on' => now()->addDay()->toDateString(),
                'user_id' => $planner->id,
            ])->id,
            'vessel' => fn () => $system
                ?->vessels()
                ->firstOrCreate(['role' => 'display', 'name' => 'Display'], ['facts' => [], 'bases' => []])->id,
        ];
        $path = '/'.preg_replace_callback('/\{([^}]+)\}/', fn (array $m): string => (string) $values[$m[1]](), $uri);
        if ($route->getName() === 'plans.compare') {
            $path .= "?a={$version?->id}&b={$version?->id}";
        }

        return [rtrim($path, '/') ?: '/', $site->client_id, $other->client_id];
    }
}
