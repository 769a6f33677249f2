<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Order;
use App\Build\Plan;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\Supplier;
use App\Clients\Site;
use App\Control\Controller;
use App\Control\Outlet;
use App\Demo\Builds;
use App\Rounds\Task;
use App\Rounds\TaskStart;
use App\Systems\Material;
use App\Systems\System;
use App\Systems\SystemFacts;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** What is asked before anybody measures, from whom it is bought, and what of a plan comes into the record. */
final class BeforeOrderingTest extends TestCase
{
    #[Test]
    public function an_enquiry_asks_first_what_is_there_and_stands_beside_every_plan(): void
    {
        $planner = self::user('planner');
        $site = self::site();
        $plan = Fixture::plan($site, $planner);
        $this->actingAs($planner);
        self::assertFalse(self::props($this->get("/plans/{$plan->id}"))['enquiry']['settled']);

        $told = [
            'built' => 'a niche, 1300 wide',
            'ordered' => 'nothing',
            'animals' => 'soft corals',
            'budget_minor' => 100,
            'wanted_on' => now()->addDays(3)->toDateString(),
        ];
        $this->put("/sites/{$site->id}/enquiry", [...$told, 'budget_minor' => -5])->assertSessionHasErrors(
            'budget_minor',
        );
        $this->put("/sites/{$site->id}/enquiry", [...$told, 'wanted_on' => 'soon'])->assertSessionHasErrors(
            'wanted_on',
        );
        self::assertNull(Site::query()->find($site->id)?->enquiry, 'what is wrong changes nothing');
        $this->put("/sites/{$site->id}/enquiry", $told)->assertSessionHasNoErrors();

        $enquiry = self::props($this->get("/plans/{$plan->id}"))['enquiry'];
        self::assertTrue($enquiry['settled']);
        self::assertContains(['label' => 'Built already', 'text' => 'a niche, 1300 wide'], $enquiry['lines']);
        $place = self::props($this->get("/sites/{$site->id}"))['view'];
        self::assertSame(
            ['built', 'ordered'],
            array_slice(array_keys($place['asks']), 0, 2),
            'first of all what cannot move',
        );
    }

    #[Test]
    public function the_quote_and_the_course_are_held_against_the_wish(): void
    {
        $planner = self::user('planner');
        $site = self::site();
        $plan = Fixture::plan($site, $planner);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '0',
            'user_id' => $planner->id,
        ]);
        $this->actingAs($planner)
            ->put('/settings/prices', ['prices' => ['rock' => 1000]])
            ->assertSessionHasNoErrors();
        $said = fn (): string => implode(
            ' | ',
            array_column(self::props($this->get("/plan-versions/{$version->id}"))['view']['wishes'], 'what'),
        );
        self::assertSame('', $said());

        // 42 kg of rock at 10.00, and the tax of the house on it.
        $total = self::props($this->get("/plan-versions/{$version->id}"))['view']['quote']['totalMinor'];
        $this->put("/sites/{$site->id}/enquiry", [
            'budget_minor' => intdiv($total, 2),
            'wanted_on' => now()->addDay()->toDateString(),
        ])->assertSessionHasNoErrors();
        self::assertStringContainsString("The quote is 100\u{a0}% over what they would spend", $said());
        self::assertStringContainsString('after the day they wish for', $said());
        $this->put("/sites/{$site->id}/enquiry", [
            'budget_minor' => 4 * $total,
            'wanted_on' => now()->addYears(3)->toDateString(),
        ])->assertSessionHasNoErrors();
        self::assertStringContainsString("stays 75\u{a0}% under", $said());
        self::assertStringContainsString('before the day they wish for', $said());
    }

    #[Test]
    public function suppliers_know_the_days_they_really_take(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '0',
            'user_id' => $planner->id,
        ]);
        $this->actingAs($planner);
        foreach (
            [['tank', 30, 20, 18], ['sump', 30, 25, 27], ['lid', 20, 10, 0]] as [$what, $ordered, $promised, $came]
        ) {
            $this->post("/plan-versions/{$version->id}/orders", [
                'what' => $what,
                'supplier' => 'Quay Glass',
                'stage' => 'set',
                'ordered_on' => now()->subDays($ordered)->toDateString(),
                'promised_on' => now()->subDays($promised)->toDateString(),
            ])->assertSessionHasNoErrors();
            if ($came > 0) {
                $this->post('/orders/'.Order::query()->where('what', $what)->sole()->id.'/receive', [
                    'received_on' => now()->subDays($came)->toDateString(),
                    'is_whole' => true,
                ])->assertSessionHasNoErrors();
            }
        }
        $list = self::props($this->get('/settings/suppliers'))['suppliers'];
        // 30 → 18 is twelve days, two late; 30 → 27 is three: 7.5 in the mean.
        self::assertSame(
            ['Quay Glass', 3, 8, 12, 1],
            [$list[0]['name'], $list[0]['count'], $list[0]['days'], $list[0]['longestDays'], $list[0]['late']],
        );

        // The same is said beside each of its orders.
        self::assertSame(
            [8, 8, 8],
            array_column(self::props($this->get("/plan-versions/{$version->id}"))['view']['orders'], 'usualDays'),
        );

        $supplier = Supplier::query()->sole();
        $this->put("/settings/suppliers/{$supplier->id}", [
            'name' => 'Quay Glass Works',
            'email' => 'not a mail',
        ])->assertSessionHasErrors('email');
        $this->put("/settings/suppliers/{$supplier->id}", [
            'name' => 'Quay Glass Works',
            'makes' => 'weirs',
            'phone' => '01632 960 111',
        ])->assertSessionHasNoErrors();
        self::assertSame(3, Order::query()->where('supplier', 'Quay Glass Works')->count(), 'orders follow the name');
        $this->post('/settings/suppliers', ['name' => 'Quay Glass Works'])->assertSessionHasErrors('name');
        $this->actingAs(self::user('technician'))->get('/settings/suppliers')->assertOk();
        $this->put("/settings/suppliers/{$supplier->id}", ['name' => 'Mine'])->assertForbidden();
        $this->actingAs($planner)
            ->post("/settings/suppliers/{$supplier->id}/archive")
            ->assertSessionHasNoErrors();
        self::assertSame([], self::props($this->get('/settings/suppliers'))['suppliers']);
    }

    #[Test]
    public function plugs_and_materials_of_an_accepted_plan_stand_in_the_register(): void
    {
        $planner = self::user('planner');
        $loads = [
            ['name' => 'heater 1', 'kind' => 'heater', 'watts' => 200, 'circuit' => 1, 'strip' => 1, 'dry' => true],
            ['name' => 'stream', 'kind' => 'stream', 'watts' => 30, 'circuit' => 2, 'strip' => 2, 'dry' => true],
        ];
        $site = self::site();
        Fixture::door($site);
        $plan = Plan::query()->create([
            'site_id' => $site->id,
            'name' => 'P',
            'user_id' => $planner->id,
            'revision' => 1,
            'draft' => [
                'values' => [...Builds::facts('standard'), ...Builds::cabinet('standard'), 'circuitA' => 16.0],
                'bases' => [],
                'chambers' => Builds::chambers('standard'),
                'loads' => $loads,
                'board' => [
                    ['name' => 'head', 'kind' => 'controller', 'widthMm' => 200, 'heightMm' => 120],
                    ['name' => 'strip left', 'kind' => 'strip', 'widthMm' => 400, 'heightMm' => 60],
                ],
            ],
        ]);
        $this->actingAs($planner)
            ->post("/plans/{$plan->id}/versions", ['note' => ''])
            ->assertSessionHasNoErrors();
        $version = PlanVersion::query()->sole();
        $this->post("/plan-versions/{$version->id}/accept", [
            'name' => 'Reef',
            'kind' => 'mixed reef',
            'regime' => 'natural',
        ])->assertSessionHasNoErrors();

        $system = System::query()->sole();
        self::assertSame(
            [
                ['heater', 'Heater 1', 200.0, 'circuit 1, Reef', 'heater 1, Reef'],
                ['circulation-pump', 'Stream', 30.0, 'circuit 2, Reef', 'stream, Reef'],
            ],
            $system->items
                ->map(fn ($i): array => [$i->job->value, $i->name, (float) $i->watts, $i->circuit, $i->outlet])
                ->all(),
        );
        // They are records of the place, as the plan hangs them, and wait for somebody who looks.
        $plug = Outlet::query()->where('name', 'heater 1, Reef')->sole();
        self::assertSame(['strip 1, Reef', 'circuit 1, Reef'], [$plug->strip?->name, $plug->strip?->circuit?->name]);
        self::assertSame([16.0, null], [(float) $plug->strip?->circuit?->rating_a, $plug->strip?->circuit?->confirmed_at]);
        self::assertNull($plug->confirmed_at);
        self::assertSame([$plug->id], $system->items()->where('job', 'heater')->pluck('outlet_id')->all());
        self::assertSame(['head, Reef'], Controller::query()->pluck('name')->all());
        $page = self::props($this->get("/systems/{$system->id}/register"));
        self::assertSame(['rock', 'sand'], array_column($page['materials'], 'kind'));
        self::assertSame(42.0, (float) $page['materials'][0]['kg']);
        // The record answers plug by plug too, and keeps what is measured there.
        $section = self::props($this->get("/systems/{$system->id}"));
        self::assertSame([1, 2], array_column($section['answers']['power']['circuits'], 'number'));
    }

    #[Test]
    public function rock_and_glue_are_written_down_with_their_lot(): void
    {
        $system = Fixture::system(self::site(), self::user('planner'));
        $technician = Fixture::onCall(self::user('technician'));
        $this->actingAs($technician);
        $given = [
            'kind' => 'sealant',
            'name' => 'Neutral silicone',
            'lot' => 'K 4471',
            'origin' => 'the counter',
            'in_on' => now()->toDateString(),
        ];
        $this->post("/systems/{$system->id}/materials", [...$given, 'kind' => 'magic'])->assertSessionHasErrors('kind');
        $this->post("/systems/{$system->id}/materials", [...$given, 'mass_kg' => -1])->assertSessionHasErrors(
            'mass_kg',
        );
        $this->post("/systems/{$system->id}/materials", [
            ...$given,
            'in_on' => CarbonImmutable::now()->addWeek()->toDateString(),
        ])->assertSessionHasErrors('in_on');
        $this->post("/systems/{$system->id}/materials", $given)->assertSessionHasNoErrors();
        $line = self::props($this->get("/systems/{$system->id}/register"))['materials'][0];
        self::assertSame(['sealant', 'from the counter, lot K 4471'], [$line['kind'], $line['facts']]);
        $this->actingAs(self::user('client', $system->site?->client_id))
            ->post("/systems/{$system->id}/materials", $given)
            ->assertForbidden();
        $this->actingAs($technician)
            ->post('/materials/'.Material::query()->sole()->id.'/archive')
            ->assertSessionHasNoErrors();
        self::assertSame([], self::props($this->get("/systems/{$system->id}/register"))['materials']);
        self::assertSame(1, Material::query()->count(), 'nothing is lost');
    }

    #[Test]
    public function a_fact_and_a_joint_have_their_own_photos(): void
    {
        Storage::fake('local');
        $planner = self::user('planner');
        $site = self::site();
        $room = $site->rooms()->create(['name' => 'Hall', 'bases' => []]);
        $photo = fn (string $about): array => [
            'file' => UploadedFile::fake()->image('p.jpg', 40, 30),
            'caption' => 'Hall: Floor',
            'about' => $about,
        ];
        $this->actingAs($planner)
            ->post("/sites/{$site->id}/attachments", $photo('<script>'))
            ->assertSessionHasErrors('about');
        $this->post(
            "/sites/{$site->id}/attachments",
            $photo("room:{$room->id}:floor_type"),
        )->assertSessionHasNoErrors();
        self::assertSame(
            ["room:{$room->id}:floor_type"],
            array_column(self::props($this->get("/sites/{$site->id}"))['view']['attachments'], 'about'),
        );

        Fixture::door($site);
        $plan = Plan::query()->create([
            'site_id' => $site->id,
            'name' => 'P',
            'user_id' => $planner->id,
            'revision' => 1,
            'draft' => [
                'values' => [...Builds::facts('standard'), ...Builds::cabinet('standard')],
                'bases' => [],
                'chambers' => Builds::chambers('standard'),
                'joints' => [
                    ['name' => 'pump', 'kind' => 'union'],
                    ['name' => 'elbow', 'kind' => 'glued', 'hidden' => true],
                ],
            ],
        ]);
        $this->post("/plans/{$plan->id}/versions", ['note' => ''])->assertSessionHasNoErrors();
        $version = PlanVersion::query()->sole();
        $this->post("/plan-versions/{$version->id}/accept", [
            'name' => 'Reef',
            'kind' => 'mixed reef',
            'regime' => 'natural',
        ])->assertSessionHasNoErrors();
        $this->actingAs(Fixture::onCall(self::user('technician')))
            ->post('/systems/'.System::query()->sole()->id.'/attachments', $photo('joint:1'))
            ->assertSessionHasNoErrors();
        $joints = self::props($this->get("/plan-versions/{$version->id}"))['view']['joints'];
        self::assertSame(
            [0, 1],
            array_map(fn (array $j): int => count($j['photos']), $joints),
            'the hidden elbow is on a photo',
        );
        DB::enableQueryLog();
        $this->get("/plan-versions/{$version->id}")->assertOk();
        self::assertLessThanOrEqual(20, count(DB::getQueryLog()), 'with session and sign-in no more than any page');
    }

    #[Test]
    public function lamps_that_are_hoisted_have_their_rope_and_brake_looked_at(): void
    {
        TaskStart::library();
        $planner = self::user('planner');
        $site = self::site();
        $keys = function (array $facts) use ($planner, $site): array {
            $system = Fixture::system($site, $planner, 'Reef '.count($facts));
            SystemFacts::write($system, [...Builds::facts('standard'), ...$facts], [], Builds::chambers('standard'));
            $this->actingAs($planner)
                ->post("/systems/{$system->id}/tasks", ['standard' => true])
                ->assertSessionHasNoErrors();

            return Task::query()
                ->where('system_id', $system->id)
                ->with('type')
                ->get()
                ->map(fn (Task $t): string => (string) $t->type?->key)
                ->all();
        };
        self::assertNotContains('hanging', $keys([]));
        self::assertContains('hanging', $keys(['travelMm' => 400.0]));
        self::assertNotContains(
            'hanging',
            $keys(['travelMm' => 'none', 'winchKg' => 'none']),
            'none on purpose hangs on nothing',
        );
    }
}
