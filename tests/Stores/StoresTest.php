<?php

declare(strict_types=1);

namespace Tests\Stores;

use App\Build\Order;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\Supplier;
use App\House\Days;
use App\Risk\StandingReader;
use App\Risk\WithinReach;
use App\Risk\Years;
use App\Rounds\FollowUp;
use App\Rounds\Vehicle;
use App\Stores\Loan;
use App\Stores\MoveStock;
use App\Stores\Part;
use App\Stores\Shelves;
use App\Stores\Stock;
use App\Stores\StockMove;
use App\Stores\StockPlace;
use App\Systems\Reading;
use App\Systems\System;
use App\Systems\TakenReading;
use App\Systems\TakeReading;
use App\Team\User;
use App\Water\Depot;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingUnit;

/** Parts where they lie: nothing below none, nothing twice, debts that settle (R-40 … R-44, X-13). */
final class StoresTest extends TestCase
{
    private User $planner;

    private Part $part;

    private StockPlace $depot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->part = Part::query()->create(['name' => 'Heater 200 W', 'job' => 'heater', 'unit' => 'piece', 'pack' => 5]);
        $this->depot = StockPlace::ofDepot(Fixture::depot());
    }

    #[Test]
    public function what_comes_lies_there_once_however_often_it_is_sent(): void
    {
        $uuid = (string) Str::uuid();
        $send = fn (array $more = []): mixed => $this->actingAs($this->planner)->post("/parts/{$this->part->id}/stocks", [
            'uuid' => $uuid,
            'place' => "depot-{$this->depot->depot_id}",
            'count' => 3,
            'state' => 'new',
            ...$more,
        ]);
        $send()->assertSessionHasNoErrors();
        $send()->assertSessionHasNoErrors();
        self::assertSame(3.0, Stock::query()->sole()->count);
        self::assertSame(1, StockMove::query()->count());
        $send(['uuid' => (string) Str::uuid(), 'count' => 0])->assertSessionHasErrors('count');
        $send(['uuid' => (string) Str::uuid(), 'place' => 'moon-1'])->assertSessionHasErrors('place');
        $send(['uuid' => (string) Str::uuid(), 'state' => 'shiny'])->assertSessionHasErrors('state');
    }

    #[Test]
    public function nobody_takes_more_than_lies_there_and_the_database_holds_that_too(): void
    {
        $stock = $this->lay(2);
        $use = fn (float $count): mixed => $this->actingAs($this->planner)->post("/stocks/{$stock->id}/use", [
            'uuid' => (string) Str::uuid(),
            'kind' => 'thrown',
            'count' => $count,
        ]);
        $use(2.01)->assertSessionHasErrors('count');
        self::assertSame(2.0, $stock->refresh()->count);
        $use(2)->assertSessionHasNoErrors();
        self::assertSame(0.0, $stock->refresh()->count);
        $this->expectException(QueryException::class);
        DB::table('stocks')->where('id', $stock->id)->update(['count' => -1]);
    }

    #[Test]
    public function what_is_moved_is_neither_more_nor_less_than_before(): void
    {
        $stock = $this->lay(4, ['lot' => 'A7', 'expires_on' => '2027-05-01']);
        $site = self::site();
        $uuid = (string) Str::uuid();
        foreach ([1, 2] as $again) {
            $this->actingAs($this->planner)->post("/stocks/{$stock->id}/move", ['uuid' => $uuid, 'to' => "site-{$site->id}", 'count' => 3])
                ->assertSessionHasNoErrors();
        }
        self::assertSame(1.0, $stock->refresh()->count);
        $there = Stock::query()->whereKeyNot($stock->id)->sole();
        self::assertSame([3.0, 'A7', '2027-05-01'], [$there->count, $there->lot, $there->expires_on?->toDateString()]);
        $quarantine = $this->lay(1, ['state' => 'quarantine']);
        $this->post("/stocks/{$quarantine->id}/move", ['uuid' => (string) Str::uuid(), 'to' => "site-{$site->id}", 'count' => 1])
            ->assertSessionHasErrors('to');
    }

    #[Test]
    public function a_spare_that_goes_to_work_opens_buy_two(): void
    {
        $system = Fixture::system(self::site(), $this->planner);
        $stock = $this->lay(1);
        $this->actingAs($this->planner)->post("/stocks/{$stock->id}/use", ['uuid' => (string) Str::uuid(), 'kind' => 'used', 'count' => 1])
            ->assertSessionHasErrors('system_id');
        $this->post(
            "/stocks/{$stock->id}/use",
            ['uuid' => (string) Str::uuid(), 'kind' => 'used', 'count' => 1, 'system_id' => $system->id],
        )
            ->assertSessionHasNoErrors();
        $later = FollowUp::query()->where('system_id', $system->id)->sole();
        self::assertStringContainsString('Buy two: Heater 200 W', $later->text);
        self::assertSame([$this->planner->id, Days::text(3)], [$later->owner_id, $later->due_on?->toDateString()]);
    }

    #[Test]
    public function what_a_visit_uses_leaves_its_van_once_and_never_below_none(): void
    {
        $technician = self::user('technician');
        $crew = Fixture::crew($technician);
        $system = Fixture::system(self::site(), $this->planner);
        $visit = Fixture::visit($system, $crew);
        $visit->update(['state' => 'underway', 'opened_at' => now()->subMinutes(5), 'opened_by' => $technician->id]);
        $van = StockPlace::ofVehicle($crew->vehicle()->firstOrFail());
        $stock = (new MoveStock())->bring((string) Str::uuid(), $this->part, $van, 2, [], $this->planner);
        $entry = fn (float $count): array => [
            'uuid' => (string) Str::uuid(),
            'kind' => 'part',
            'at' => now()->toIso8601String(),
            'payload' => ['systemId' => $system->id, 'name' => 'Heater 200 W', 'quantity' => $count, 'shelf' => $stock->id],
        ];
        $send = fn (array $one): array => $this->actingAs($technician)
            ->postJson("/visits/{$visit->id}/entries", ['entries' => [$one], 'sent_at' => now()->toIso8601String()])
            ->assertOk()
            ->json('answers.0');
        $first = $entry(1);
        self::assertSame(['ok', null], [$send($first)['outcome'], $send($first)['words']]);
        self::assertSame(1.0, $stock->refresh()->count);
        self::assertSame($visit->id, StockMove::query()->where('kind', 'used')->sole()->visit_id);
        $more = $send($entry(3));
        self::assertSame('ok', $more['outcome'], 'it was used, whatever the books say');
        self::assertStringContainsString('only 1 of Heater 200 W lay in the van', (string) $more['words']);
        self::assertSame(0.0, $stock->refresh()->count);
        self::assertSame(2, DB::table('visit_parts')->count());
        $this->get("/visits/{$visit->id}")->assertOk();
    }

    #[Test]
    public function what_is_old_untried_or_broken_counts_for_nothing(): void
    {
        $good = fn (): float => (new Shelves())->good()->sum(fn (Stock $s): float => $s->count);
        $this->lay(1);
        self::assertSame(1.0, $good());
        $gap = $this->lay(1, ['state' => 'stop-gap']);
        self::assertSame(1.0, $good(), 'an old one nobody has tried');
        $this->actingAs($this->planner)->post("/stocks/{$gap->id}/test", ['tested_on' => now()->toDateString(), 'tested_ok' => true]);
        self::assertSame(2.0, $good());
        $this->post("/stocks/{$gap->id}/test", ['tested_on' => now()->toDateString(), 'tested_ok' => false]);
        self::assertSame(1.0, $good());
        $this->lay(5, ['lot' => 'old', 'expires_on' => now()->subDay()->toDateString()]);
        $this->lay(5, ['state' => 'broken']);
        self::assertSame(1.0, $good());
    }

    #[Test]
    public function least_follows_the_fleet_and_the_list_rounds_up_to_packs(): void
    {
        for ($i = 0; $i < 3; $i++) {
            $system = Fixture::system(self::site("C{$i}", "P{$i}"), $this->planner, "Reef {$i}");
            for ($n = 0; $n < 20; $n++) {
                $system->items()->create(['job' => 'heater', 'name' => "H{$n}", 'watts' => 100]);
            }
        }
        $this->part->update(['lead_days' => 14]);
        $least = (new Shelves())->least($this->part, Shelves::rates());
        self::assertSame([60, 2], [$least['fleet'], $least['stock']], 'sixty, replaced in time: two');
        $csv = $this->actingAs($this->planner)->get('/stores/reorder.csv')->assertOk()->streamedContent();
        self::assertStringContainsString('"Heater 200 W"', $csv);
        self::assertStringContainsString(',5,5,', $csv, 'two wanted, in packs of five');
        $paper = fn (): string => (new Process(
            ['pdftotext', '-layout', '-', '-'],
            input: (string) $this->get('/stores/reorder.pdf')->assertOk()->getContent(),
        ))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('/Heater 200 W\s+5 .*\s+0\s+2\s/', $paper());
        $this->lay(2);
        self::assertStringNotContainsString('Heater 200 W', $this->get('/stores/reorder.csv')->streamedContent());
        self::assertStringContainsString('Nothing is wanted', $paper());
        $this->post("/parts/{$this->part->id}/archive")->assertSessionHasErrors('part');
    }

    #[Test]
    public function a_loan_exposes_its_donor_until_it_is_back(): void
    {
        [$from, $to] = [$this->cold('Donor'), $this->cold('Borrower')];
        $item = $from->items()->where('job', 'heater')->firstOrFail();
        $lend = fn (System $of, array $more): mixed => $this->actingAs($this->planner)->post("/systems/{$of->id}/loans", [
            'due_on' => now()->addWeek()->toDateString(),
            ...$more,
        ]);
        $lend($from, ['item_id' => $item->id, 'to_system_id' => $to->id])->assertSessionHasErrors('signed_by');
        self::assertSame(0, Loan::query()->count());
        $lend($from, ['item_id' => $item->id, 'to_system_id' => $to->id, 'signed_by' => 'M. Solway'])->assertSessionHasNoErrors();
        $loan = Loan::query()->sole();
        self::assertStringContainsString('harm after', (string) $loan->exposes);
        self::assertNotNull($item->refresh()->away_since);
        $lend($from, ['item_id' => $item->id, 'to_system_id' => $to->id, 'signed_by' => 'M. Solway'])->assertSessionHasErrors('item_id');
        $theirs = $to->items()->where('job', 'heater')->firstOrFail();
        $lend($to, ['item_id' => $theirs->id, 'to_system_id' => $from->id, 'signed_by' => 'M. Solway'])
            ->assertSessionHasErrors('to_system_id');
        $this->post("/loans/{$loan->id}/settle", ['how' => ''])->assertSessionHasErrors('how');
        $this->post("/loans/{$loan->id}/settle", ['how' => 'back in its place'])->assertSessionHasNoErrors();
        self::assertNull($item->refresh()->away_since);
        self::assertNotNull($loan->refresh()->settled_at);
    }

    #[Test]
    public function who_could_lend_is_found_shelf_first_and_nobody_who_lacks_quarantines_or_owes(): void
    {
        [$lacks, $exposed, $sick] = [$this->cold('Lacks'), $this->cold('Exposed'), $this->cold('Sick')];
        $warm = $this->cold('Warm');
        $warm->room()->firstOrFail()->update(['winter_night_c' => 24, 'winter_day_c' => 24]);
        $sick->update(['isolated_since' => now()->toDateString()]);
        $lacks->room()->firstOrFail()->update(['winter_night_c' => 15, 'winter_day_c' => 15]);
        $gone = $lacks->items()->where('job', 'heater')->firstOrFail();
        $offers = function () use ($gone): array {
            $found = [];
            $this->actingAs($this->planner)->get("/items/{$gone->id}/lenders")->assertOk()->assertInertia(
                function ($p) use (&$found): void {
                    $p->loadDeferredProps(function ($late) use (&$found): void {
                        $found = $late->toArray()['props']['offers'];
                    });
                },
            );

            return $found;
        };
        $names = fn (): array => array_column(array_filter($offers(), fn (array $o): bool => $o['against'] === []), 'where');
        self::assertSame(['Warm, Client Warm', 'Exposed, Client Exposed'], $names());
        self::assertStringContainsString('harm after', array_column($offers(), 'exposes', 'where')['Exposed, Client Exposed']);
        self::assertSame(
            ['it comes from quarantine and never goes elsewhere'],
            array_column($offers(), 'against', 'where')['Sick, Client Sick'],
        );
        $this->part->update(['capacity' => 200]);
        $this->lay(1);
        self::assertSame($this->depot->name, $names()[0], 'a shelf before a system');
        $this->part->update(['capacity' => 1]);
        self::assertNotContains($this->depot->name, $names(), 'it gives too little');
        $this->part->update(['capacity' => null]);
        self::assertNotContains($this->depot->name, $names(), 'nobody has said how much it gives');
        $warm->items()->where('job', 'heater')->first()?->update(['away_since' => now()->toDateString()]);
        self::assertNotContains('Warm, Client Warm', $names(), 'it has one left');
        Loan::query()->create([
            'item_id' => $gone->id,
            'from_system_id' => $lacks->id,
            'to_system_id' => $exposed->id,
            'since' => now()->toDateString(),
            'due_on' => now()->addDay()->toDateString(),
            'user_id' => $this->planner->id,
        ]);
        self::assertSame([], $names(), 'who waits for something of theirs lends nothing back');
    }

    #[Test]
    public function the_six_nearest_are_asked_whether_they_stand_without_theirs(): void
    {
        $lacks = $this->cold('Lacks');
        $lacks->site()->firstOrFail()->update(['lat' => 50, 'lon' => 0]);
        // The farthest was there first, and one house is not on the map.
        foreach ([7, 3, 1, 6, 2, 5, 4] as $near) {
            $this->cold("At {$near}")->site()->firstOrFail()->update(['lat' => 50 + $near / 100, 'lon' => 0]);
        }
        $this->cold('Nowhere')->site()->firstOrFail()->update(['lat' => null, 'lon' => null]);
        $gone = $lacks->items()->where('job', 'heater')->firstOrFail();
        $asked = [];
        $this->actingAs($this->planner)->get("/items/{$gone->id}/lenders")->assertOk()->assertInertia(
            function ($p) use (&$asked): void {
                $p->loadDeferredProps(function ($late) use (&$asked): void {
                    $asked = array_column($late->toArray()['props']['offers'], 'where');
                });
            },
        );
        sort($asked);
        self::assertSame(array_map(fn (int $n): string => "At {$n}, Client At {$n}", range(1, 6)), $asked);
    }

    #[Test]
    public function a_reading_made_with_a_kit_out_of_date_is_kept_as_doubtful(): void
    {
        $system = Fixture::system(self::site('Kit', 'Kit'), $this->planner);
        $kit = Part::query()->create(['name' => 'Alkalinity kit', 'unit' => 'piece', 'pack' => 1]);
        $van = StockPlace::query()->create(['kind' => StockPlace::VAN, 'name' => 'Van']);
        $lay = fn (string $expires, ?StockPlace $at = null): Stock => Stock::query()->create([
            'part_id' => $kit->id,
            'stock_place_id' => ($at ?? $van)->id,
            'count' => 1,
            'lot' => 'A12',
            'expires_on' => $expires,
            'state' => 'new',
        ]);
        $take = function (string $instrument = 'alkalinity KIT ') use ($system): Reading {
            $uuid = (string) Str::uuid();
            $taken = TakeReading::take(
                $system,
                $this->planner,
                Parameter::Alkalinity,
                8.0,
                ReadingUnit::Dkh,
                now(),
                $uuid,
                true,
                'kit',
                $instrument,
            );
            self::assertSame(TakenReading::KEPT, $taken->outcome);

            return Reading::query()->where('client_uuid', $uuid)->sole();
        };
        self::assertFalse($take()->doubtful, 'nobody keeps such a kit');
        $old = $lay(now()->subDay()->toDateString());
        $made = $take();
        self::assertTrue($made->doubtful);
        self::assertStringContainsString('lot A12, out of date since', (string) $made->instrument);
        self::assertFalse($take('another')->doubtful);
        $old->update(['expires_on' => now()->toDateString()]);
        self::assertFalse($take()->doubtful, 'its last day');
        $old->update(['expires_on' => now()->subDay()->toDateString()]);
        $lay(now()->addMonth()->toDateString(), $this->depot);
        self::assertTrue($take()->doubtful, 'a good one at the depot was not along');
        $lay(now()->addMonth()->toDateString());
        self::assertFalse($take()->doubtful, 'a good one goes along too');
    }

    #[Test]
    public function nothing_leaves_a_quarantine(): void
    {
        $from = $this->cold('Quarantine');
        $from->update(['isolated_since' => now()->toDateString()]);
        $this->actingAs($this->planner)->post("/systems/{$from->id}/loans", [
            'item_id' => $from->items()->firstOrFail()->id,
            'to_system_id' => $this->cold('Reef')->id,
            'due_on' => now()->addWeek()->toDateString(),
            'signed_by' => 'M. Solway',
        ])->assertSessionHasErrors('item_id');
    }

    #[Test]
    public function stock_is_conserved_whatever_is_booked(): void
    {
        mt_srand(12);
        $move = new MoveStock();
        $places = [$this->depot, StockPlace::ofSite(self::site('A', 'A')), StockPlace::ofSite(self::site('B', 'B'))];
        $came = $went = 0.0;
        for ($n = 0; $n < 60; $n++) {
            $stock = Stock::query()->where('count', '>', 0)->inRandomOrder()->first();
            $count = (float) mt_rand(1, 3);
            if ($stock === null || mt_rand(0, 2) === 0) {
                $move->bring((string) Str::uuid(), $this->part, $places[array_rand($places)], $count, ['state' => 'new'], $this->planner);
                $came += $count;
            } elseif ($stock->count >= $count && mt_rand(0, 1) === 0) {
                $move->useUp((string) Str::uuid(), $stock, StockMove::THROWN, $count, $this->planner);
                $went += $count;
            } elseif ($stock->count >= $count) {
                $move->move((string) Str::uuid(), $stock, $places[array_rand($places)], $count, $this->planner);
            }
            self::assertEqualsWithDelta($came - $went, (float) Stock::query()->sum('count'), 1e-9, "after {$n}");
        }
    }

    #[Test]
    public function how_long_a_part_takes_to_come_follows_from_where_it_lies(): void
    {
        $system = $this->cold('Reef');
        $site = $system->site()->firstOrFail();
        $site->update(['lat' => 53.62, 'lon' => 1.62]);
        $hours = fn (): ?float => app(WithinReach::class)->now()->hoursTo($site->refresh())['heater'] ?? null;
        $this->part->forceFill(['archived_at' => now()])->save();
        self::assertNull($hours(), 'nobody keeps a store');
        $this->part->forceFill(['archived_at' => null])->save();
        self::assertSame(24.0 * 14, $hours(), 'it is ordered, and takes the usual');
        $this->part->update(['lead_days' => 3]);
        self::assertSame(72.0, $hours());
        $away = StockPlace::ofSite(self::site('Somebody', 'Elsewhere'));
        $place = fn (StockPlace $where, array $how = []): Stock => (new MoveStock())
            ->bring((string) Str::uuid(), $this->part, $where, 1, $how, $this->planner);
        $place($away);
        self::assertSame(72.0, $hours(), 'what lies at another client’s place is theirs');
        Depot::query()->update(['lat' => 53.62, 'lon' => 1.62]);
        $place($this->depot, ['expires_on' => now()->subDay()->toDateString()]);
        self::assertSame(72.0, $hours(), 'what is out of date is none');
        $place($this->depot);
        self::assertSame(0.25, $hours(), 'next door, and into the car');
        Depot::query()->update(['lat' => 54.62]);
        self::assertGreaterThan(1.5, $hours());
        self::assertLessThan(6, $hours());
        $site->update(['lat' => null, 'lon' => null]);
        self::assertSame(1.25, $hours(), 'nobody knows how far');
        $technician = self::user('technician');
        $crew = Fixture::crew($technician);
        $place(StockPlace::ofVehicle(Vehicle::query()->findOrFail($crew->vehicle_id)));
        $with = fn (?User $who): ?float => app(WithinReach::class)->now()->hoursTo($site->refresh(), $who?->id)['heater'] ?? null;
        self::assertSame(0.0, $with($technician), 'it is in the van that comes');
        self::assertSame(1.25, $with($this->planner), 'somebody else has to fetch it');
        self::assertSame(1.25, $with(null));
        $crew->update(['until_on' => Days::text(-1)]);
        self::assertSame(1.25, $with($technician), 'that crew drives no more');
        self::assertSame(24.0 * 14, app(WithinReach::class)->now()->hoursTo($site)['light'], 'nobody has a light');
    }

    #[Test]
    public function whoever_comes_waits_for_the_part_and_a_new_one_on_the_shelf_makes_the_years_anew(): void
    {
        $system = $this->cold('Reef');
        $site = $system->site()->firstOrFail();
        $site->update(['looked_at' => ['08:00', '20:00'], 'we_hold_key' => true]);
        Fixture::onCall(self::user('technician'));
        $says = fn (): string => json_encode(
            self::props($this->actingAs($this->planner)->get("/systems/{$system->id}/risk?night=winter-night"))['hazards'],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
        self::assertStringContainsString('After waiting for a heater', $says());
        Years::keep(System::query()->with(StandingReader::loads())->whereKey($system->id)->get()->toBase());
        $key = fn (): ?string => DB::table('risk_sums')->where('system_id', $system->id)->value('key');
        self::assertNotNull($key());
        $this->part->update(['lead_days' => 0]);
        self::assertNull($key());
        self::assertStringNotContainsString('After waiting for a heater', $says());
    }

    #[Test]
    public function what_a_supplier_really_took_counts_where_nobody_has_said(): void
    {
        $supplier = Supplier::query()->create(['name' => 'Heat & Co of nowhere']);
        $this->part->update(['supplier_id' => $supplier->id]);
        $site = self::site();
        $plan = Fixture::plan($site, $this->planner);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '0',
            'user_id' => $this->planner->id,
        ]);
        $order = fn (int $days, bool $came = true): Order => Order::query()->create([
            'plan_version_id' => $version->id,
            'what' => 'tank',
            'supplier' => $supplier->name,
            'supplier_id' => $supplier->id,
            'stage' => 'tank',
            'ordered_on' => '2026-03-01',
            'promised_on' => '2026-03-05',
            'received_on' => $came ? now()->parse('2026-03-01')->addDays($days) : null,
            'user_id' => $this->planner->id,
        ]);
        $lead = fn (): array => [
            (new Shelves())->leadDays($this->part->refresh()),
            app(WithinReach::class)->now()->hoursTo($site)['heater'] / 24,
        ];
        self::assertSame([14, 14.0], $lead());
        $order(90, came: false);
        self::assertSame([14, 14.0], $lead(), 'nothing has come yet');
        $order(4);
        $order(7);
        self::assertSame([6, 6.0], $lead(), 'the mean of both, a day begun counts');
        $this->part->update(['lead_days' => 2]);
        self::assertSame([2, 2.0], $lead(), 'somebody has said');
    }

    /** @param  array<string, mixed>  $how */
    private function lay(float $count, array $how = []): Stock
    {
        return (new MoveStock())->bring((string) Str::uuid(), $this->part, $this->depot, $count, $how, $this->planner);
    }

    /** In a room at 5 °C one of its two heaters does not hold. */
    private function cold(string $name): System
    {
        $site = self::site("Client {$name}", "Place {$name}");
        $system = Fixture::system($site, $this->planner, $name);
        $room = $site->rooms()->create(
            ['name' => 'Hall', 'winter_night_c' => 2, 'summer_night_c' => 20, 'winter_day_c' => 10, 'summer_day_c' => 24],
        );
        $system->update(['room_id' => $room->id]);
        foreach ([1, 2] as $n) {
            $system->items()->create(['job' => 'heater', 'name' => "Heater {$n} of {$name}", 'watts' => 150]);
        }

        return $system;
    }
}
