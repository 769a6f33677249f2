<?php

declare(strict_types=1);

namespace Tests\Front;

use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Team\User;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Router;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** Every route for every role, taken from the router itself: a route nobody decided about fails here. */
final class RoutesTest extends TestCase
{
    use EveryRoute;

    /**
     * Who may, by route name: o owner, p planner, t technician, c the client's own user, x another client's user.
     * Guests are sent to the door everywhere but at the guest routes.
     */
    private const MAY = [
        'home' => 'optcx',
        'sign-out' => 'optcx',
        'go' => 'optcx',
        'rules' => 'optcx',
        'rules.show' => 'optcx',
        'settings' => 'optcx',
        'settings.update' => 'optcx',
        'settings.password' => 'optcx',
        'access' => 'optcx',
        'access.end' => 'optcx',
        'access.end-all' => 'optcx',
        'factor.begin' => 'optcx',
        'factor.confirm' => 'optcx',
        'factor.codes' => 'optcx',
        'factor.off' => 'optcx',
        'people.second-factor' => 'o',
        'people.factor-off' => 'o',
        'people' => 'o',
        'people.store' => 'o',
        'people.archive' => 'o',
        'people.return' => 'o',
        'people.role' => 'o',
        'parameters' => 'op',
        'parameters.store' => 'op',
        'parameters.archive' => 'op',
        'mail' => 'o',
        'audit' => 'o',
        'places' => 'opt',
        'clients.store' => 'op',
        'clients.data' => 'o',
        'clients.export' => 'o',
        'clients.download' => 'o',
        'clients.erase' => 'o',
        'clients.show' => 'opt',
        'clients.update' => 'op',
        'clients.archive' => 'op',
        'contacts.store' => 'op',
        'contacts.update' => 'op',
        'contacts.archive' => 'op',
        'sites.store' => 'op',
        'sites.show' => 'opt',
        'sites.survey' => 'opt',
        'sites.update' => 'op',
        'sites.archive' => 'op',
        'sites.systems' => 'opt',
        'rooms.store' => 'op',
        'rooms.update' => 'op',
        'rooms.archive' => 'op',
        'passages.update' => 'op',
        'sites.enquiry' => 'op',
        'suppliers' => 'opt',
        'suppliers.store' => 'op',
        'suppliers.update' => 'op',
        'suppliers.archive' => 'op',
        'materials.store' => 'opt',
        'materials.archive' => 'opt',
        'codes.store' => 'op',
        'codes.reveal' => 'op',
        'codes.archive' => 'op',
        'sites.attachments.store' => 'op',
        'systems.attachments.store' => 'opt',
        'attachments.show' => 'opt',
        'attachments.archive' => 'op',
        'plans' => 'opt',
        'plans.store' => 'op',
        'plans.show' => 'opt',
        'plans.update' => 'op',
        'plans.archive' => 'op',
        'plans.since' => 'op',
        'plans.draft' => 'op',
        'plans.compare' => 'opt',
        'versions.store' => 'op',
        'versions.show' => 'opt',
        'versions.accept' => 'op',
        'waivers.store' => 'op',
        'orders.store' => 'op',
        'orders.receive' => 'opt',
        'orders.remove' => 'op',
        'consents.store' => 'op',
        'consents.give' => 'op',
        'consents.remove' => 'op',
        'stages.pass' => 'opt',
        'stages.reopen' => 'op',
        'versions.sheet' => 'optc',
        'control' => 'opt',
        'items.settings' => 'opt',
        'systems.settings' => 'opt',
        'alarms.live' => 'opt',
        'alarm-events.acknowledge' => 'opt',
        'devices.store' => 'op',
        'outlet-orders.store' => 'opt',
        'outlet-orders.end' => 'opt',
        'devices.revoke' => 'opt',
        'devices.take-back' => 'opt',
        'devices.breaks' => 'opt',
        'plans.refit' => 'op',
        'vessels.join' => 'op',
        'vessels.leave' => 'op',
        'systems.stock' => 'opt',
        'animals.store' => 'opt',
        'animals.update' => 'opt',
        'animals.place' => 'opt',
        'animals.transfer' => 'opt',
        'animals.out' => 'opt',
        'systems.works' => 'opt',
        'works.store' => 'op',
        'works.show' => 'opt',
        'works.marks.store' => 'opt',
        'works.marks.take-back' => 'opt',
        'works.exchange' => 'opt',
        'works.end' => 'op',
        'moves' => 'opt',
        'systems.worth' => 'op',
        'systems.drills' => 'op',
        'systems.single' => 'opt',
        'items.lenders' => 'opt',
        'systems.measures' => 'opt',
        'systems.offer' => 'op',
        'systems.offers' => 'op',
        'proofs.store' => 'opt',
        'people-answers.store' => 'opt',
        'rates' => 'op',
        'rates.update' => 'op',
        'measures.prices' => 'op',
        'risk.year' => 'opt',
        'risk.storm' => 'opt',
        'area-events.store' => 'op',
        'area-events.jobs' => 'op',
        'area-events.call-off' => 'op',
        'sites.ready' => 'opt',
        'remote.store' => 'op',
        'remote.withdraw' => 'op',
        'remote.act' => 'op',
        'shut-offs.store' => 'op',
        'sites.emergency' => 'opt',
        'sites.household' => 'opt',
        'incidents' => 'opt',
        'incidents.store' => 'opt',
        'incidents.show' => 'opt',
        'incidents.entries' => 'opt',
        'incidents.close' => 'op',
        'stores' => 'opt',
        'stores.ready' => 'opt',
        'stores.reorder' => 'opt',
        'stores.reorder-paper' => 'opt',
        'parts.store' => 'op',
        'parts.update' => 'op',
        'parts.archive' => 'op',
        'stocks.store' => 'opt',
        'stocks.move' => 'opt',
        'stocks.use' => 'opt',
        'stocks.test' => 'opt',
        'loans.store' => 'opt',
        'loans.settle' => 'opt',
        'moves.store' => 'op',
        'moves.show' => 'opt',
        'moves.holding' => 'op',
        'moves.holding.empty' => 'op',
        'moves.plan' => 'opt',
        'moves.go' => 'opt',
        'moves.papers' => 'opt',
        'moves.update' => 'op',
        'moves.head' => 'op',
        'moves.entries' => 'opt',
        'moves.close' => 'op',
        'moves.photos' => 'opt',
        'moves.archive' => 'op',
        'standards.store' => 'op',
        'standards.take' => 'opt',
        'standards.archive' => 'op',
        'controllers.show' => 'opt',
        'controllers.break' => 'opt',
        'controllers.play' => 'opt',
        'controllers.by-hand' => 'opt',
        'controllers.labels' => 'opt',
        'controllers.json' => 'opt',
        'controllers.store' => 'opt',
        'controllers.draft' => 'opt',
        'controllers.discard' => 'opt',
        'controllers.read' => 'opt',
        'controllers.alarms' => 'opt',
        'controllers.log' => 'opt',
        'strips.store' => 'opt',
        'strips.update' => 'opt',
        'circuits.store' => 'opt',
        'circuits.update' => 'opt',
        'circuits.confirm' => 'opt',
        'outlets.update' => 'opt',
        'outlets.confirm' => 'opt',
        'sensors.store' => 'opt',
        'sensors.update' => 'opt',
        'sensors.archive' => 'opt',
        'controllers.activate' => 'op',
        'controllers.archive' => 'op',
        'systems' => 'optcx',
        'systems.store' => 'op',
        'systems.show' => 'optc',
        'systems.register' => 'opt',
        'systems.readings' => 'optc',
        'systems.regime' => 'opt',
        'systems.log' => 'opt',
        'systems.papers' => 'opt',
        'systems.handover' => 'optc',
        'systems.update' => 'op',
        'systems.facts' => 'op',
        'systems.archive' => 'op',
        'readings.store' => 'opt',
        'readings.mark' => 'opt',
        'bands.update' => 'op',
        'notes.store' => 'opt',
        'notes.archive' => 'opt',
        'log.store' => 'opt',
        'items.store' => 'opt',
        'items.update' => 'opt',
        'items.retire' => 'opt',
        'items.limit-reached' => 'opt',
        'items.state' => 'opt',
        'items.dosing-flow' => 'opt',
        'items.attachments.store' => 'opt',
        'sums' => 'opt',
        'systems.volume' => 'op',
        'ripples.confirm' => 'opt',
        'people.update' => 'o',
        'tokens' => 'optcx',
        'tokens.store' => 'optcx',
        'tokens.revoke' => '',
        'api.page' => 'optcx',
        'risk' => 'opt',
        'risk.work-out' => 'op',
        'risk.work-out.stop' => 'op',
        'risk.pdf' => 'opt',
        'risk.alarms' => 'op',
        'risk.alarms.update' => 'op',
        'systems.risk' => 'opt',
        'systems.life' => 'opt',
        'alarms.store' => 'opt',
        'alarms.update' => 'opt',
        'alarms.test' => 'opt',
        'alarms.archive' => 'opt',
        'systems.tasks' => 'opt',
        'tasks.store' => 'op',
        'tasks.update' => 'op',
        'tasks.suspend' => 'op',
        'tasks.ride' => 'op',
        'tasks.end' => 'op',
        'follow-ups.store' => 'opt',
        'follow-ups.done' => 'op',
        'offs.on' => 'opt',
        'systems.isolate' => 'op',
        'water' => 'opt',
        'depots.station' => 'opt',
        'depots.store' => 'op',
        'mixes.store' => 'op',
        'mixes.update' => 'op',
        'batches.store' => 'opt',
        'batches.measure' => 'opt',
        'batches.draw' => 'opt',
        'bookings.store' => 'op',
        'rounds' => 'opt',
        'rounds.propose' => 'op',
        'rounds.undo' => 'op',
        'rounds.accept' => 'op',
        'rounds.stop' => 'op',
        'rounds.told' => 'op',
        'rounds.rescue' => 'op',
        'rounds.sick' => 'op',
        'rounds.sick.store' => 'op',
        'wishes.store' => 'op',
        'wishes.release' => 'op',
        'events.store' => 'op',
        'events.archive' => 'op',
        'charges.store' => 'opt',
        'charges.exchange' => 'opt',
        'disturbed.end' => 'opt',
        'visits.told' => 'op',
        'call-out' => 'opt',
        'rounds.due' => 'opt',
        'crews' => 'opt',
        'crews.store' => 'op',
        'crews.end' => 'op',
        'vehicles.store' => 'op',
        'roster' => 'opt',
        'roster.on-call' => 'op',
        'roster.absence' => 'op',
        'roster.holiday' => 'op',
        'roster.remove' => 'op',
        'feeds' => 'optcx',
        'feeds.store' => 'optcx',
        'feeds.revoke' => 'op',
        // A technician of another crew; one's own crew is tried in the visits' tests.
        'visits.show' => 'op',
        'visits.entries' => 'op',
        'visits.photos' => 'op',
        'visits.consequence' => 'op',
        'visits.move' => 'op',
        'visits.take-off' => 'op',
        'visits.pin' => 'op',
        'visits.release' => 'op',
        'visits.jobs.store' => 'op',
        'visits.csv' => 'optcx',
        'readings.csv' => 'optc',
        'reports' => 'optcx',
        'reports.show' => 'opc',
        'reports.pdf' => 'opc',
        'reports.photo' => 'opc',
        'reports.update' => 'op',
        'reports.send' => 'op',
        'reports.again' => 'op',
        'reports.note' => 'op',
        'versions.quote' => 'op',
        'versions.holes' => 'opt',
        'versions.trade' => 'opt',
        'sites.options' => 'op',
        'versions.risks' => 'op',
        'stages.firm' => 'op',
        'stages.tools' => 'op',
        'stages.missed' => 'opt',
        'stages.carry' => 'opt',
        'versions.joints' => 'opt',
        'house' => 'op',
        'house.update' => 'op',
        'lamps' => 'op',
        'lamps.store' => 'op',
        'lamps.csv' => 'op',
        'lamps.import' => 'op',
        'lamps.archive' => 'op',
        'prices' => 'op',
        'prices.update' => 'op',
        'prices.csv' => 'op',
        'prices.import' => 'op',
        'jobs' => 'opt',
        'jobs.show' => 'opt',
        'jobs.update' => 'op',
        'sites.jobs' => 'opt',
        'site-steps.store' => 'opt',
        'site-steps.archive' => 'opt',
        'systems.fault' => 'opt',
        'systems.fault.store' => 'opt',
        'systems.trials' => 'opt',
        'trials.store' => 'opt',
        'trials.judge' => 'opt',
        'trials' => 'opt',
        'lamps.grid' => 'op',
        'vessels.room' => 'op',
        'products.update' => 'op',
        'products.sheet' => 'op',
        'products' => 'op',
        'products.store' => 'op',
        'products.archive' => 'op',
        'products.use' => 'opt',
        'products.stop' => 'opt',
        'bands.copy' => 'op',
    ];

    private const GUEST = [
        'sign-in',
        'sign-in.store',
        'sign-in.code',
        'sign-in.code.store',
        'password.request',
        'password.email',
        'password.reset',
        'password.update',
    ];

    #[Test]
    public function every_route_of_the_router_is_decided_about(): void
    {
        $named = array_map(fn (Route $r): string => (string) $r->getName(), $this->routes());

        self::assertEqualsCanonicalizing([...array_keys(self::MAY), ...self::GUEST], $named);
    }

    #[Test]
    public function each_role_gets_what_it_may_and_nothing_else(): void
    {
        $this->withoutMiddleware([ValidateCsrfToken::class, \Illuminate\Routing\Middleware\ThrottleRequests::class]);
        config()->set('mail.default', 'catcher');
        $roles = ['o' => 'owner', 'p' => 'planner', 't' => 'technician', 'c' => 'client', 'x' => 'client'];
        foreach ($this->routes() as $route) {
            $name = (string) $route->getName();
            if (in_array($name, self::GUEST, true)) {
                continue;
            }
            // One world for each route: what a role has done in it is undone before the next one comes.
            [$uri, $mine, $other] = $this->world($route);
            foreach ($roles as $letter => $role) {
                DB::beginTransaction();
                $user = match ($letter) {
                    'c' => self::user('client', $mine),
                    'x' => self::user('client', $other),
                    default => self::user($role),
                };
                if ($letter === 't' && in_array($name, self::ON_THE_ROUND, true)) {
                    self::assign($user, $mine);
                }
                $status = $this->actingAs($user)->call($route->methods()[0], $uri)->getStatusCode();
                DB::rollBack();
                $allowed = str_contains(self::MAY[$name], $letter);
                self::assertSame($allowed, $status !== 403, "{$role} ({$letter}) at {$name}: {$status}");
                self::assertNotSame(404, $status, "{$name}: {$uri}");
                self::assertLessThan(500, $status, "{$name}: {$uri}");
            }
        }
    }

    /** What a technician does only where their round takes them; a call-out takes them anywhere. */
    private const ON_THE_ROUND = [
        'standards.take',
        'moves.entries',
        'moves.photos',
        'works.marks.store',
        'works.marks.take-back',
        'works.exchange',
        'animals.store',
        'animals.update',
        'animals.place',
        'animals.transfer',
        'animals.out',
        'proofs.store',
        'people-answers.store',
        'loans.store',
        'stages.pass',
        'stages.missed',
        'stages.carry',
        'versions.joints',
        'items.settings',
        'outlet-orders.store',
        'outlet-orders.end',
        'devices.revoke',
        'devices.take-back',
        'devices.breaks',
        'controllers.store',
        'controllers.draft',
        'controllers.discard',
        'controllers.read',
        'controllers.alarms',
        'controllers.log',
        'strips.store',
        'strips.update',
        'circuits.store',
        'circuits.update',
        'circuits.confirm',
        'outlets.update',
        'outlets.confirm',
        'sensors.store',
        'sensors.update',
        'sensors.archive',
        'materials.store',
        'materials.archive',
        'systems.attachments.store',
        'readings.store',
        'readings.mark',
        'notes.store',
        'notes.archive',
        'log.store',
        'items.store',
        'items.update',
        'items.retire',
        'items.limit-reached',
        'items.state',
        'items.dosing-flow',
        'items.attachments.store',
        'ripples.confirm',
        'systems.life',
        'alarms.store',
        'alarms.update',
        'alarms.test',
        'alarms.archive',
        'follow-ups.store',
        'offs.on',
        'charges.store',
        'charges.exchange',
        'disturbed.end',
        'site-steps.store',
        'site-steps.archive',
        'systems.fault',
        'systems.fault.store',
        'trials.store',
        'trials.judge',
        'products.use',
        'products.stop',
    ];

    #[Test]
    public function a_technician_writes_where_their_round_takes_them_only(): void
    {
        $this->withoutMiddleware([ValidateCsrfToken::class]);
        $refused = [];
        foreach ($this->routes() as $route) {
            $name = (string) $route->getName();
            if (! str_contains(self::MAY[$name] ?? '', 't') || str_starts_with($name, 'factor.') || $name === 'sign-out') {
                continue;
            }
            [$uri] = $this->world($route);
            $elsewhere = self::user('technician');
            if ($this->actingAs($elsewhere)->call($route->methods()[0], $uri)->getStatusCode() === 403) {
                $refused[] = $name;
            }
        }
        self::assertEqualsCanonicalizing(self::ON_THE_ROUND, $refused);
    }

    #[Test]
    public function guests_are_sent_to_the_door(): void
    {
        $this->withoutMiddleware([ValidateCsrfToken::class]);
        foreach ($this->routes() as $route) {
            if (in_array($route->getName(), self::GUEST, true)) {
                continue;
            }
            [$uri] = $this->world($route);
            $this->call($route->methods()[0], $uri)->assertRedirect('/sign-in');
        }
    }

    #[Test]
    public function a_client_reads_no_working_pages_of_their_own_system_and_nothing_of_others(): void
    {
        $site = self::site();
        $system = Fixture::system($site, self::user('planner'));
        $system->standingNotes()->create(['text' => 'between us', 'user_id' => User::query()->firstOrFail()->id]);
        $own = self::user('client', $site->client_id);
        foreach (['register', 'regime', 'log', 'papers'] as $tab) {
            $this->actingAs($own)
                ->get("/systems/{$system->id}/{$tab}")
                ->assertForbidden();
        }
        $page = $this->actingAs($own)
            ->get("/systems/{$system->id}")
            ->assertOk();
        self::assertStringNotContainsString('between us', (string) $page->getContent());
        self::assertSame([], $page->viewData('page')['props']['findings']);

        $draft = Fixture::plan($site, self::user('planner'));
        $version = PlanVersion::query()->create([
            'plan_id' => $draft->id,
            'number' => 1,
            'brief' => PlanReader::raw($draft),
            'core_version' => '0',
            'user_id' => $own->id,
        ]);
        $this->actingAs($own)
            ->get("/plan-versions/{$version->id}/sheet.pdf")
            ->assertForbidden();
    }
}
