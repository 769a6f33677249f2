<?php

declare(strict_types=1);

namespace Tests\Emergency;

use App\Risk\StandingReader;
use App\Risk\Years;
use App\Stores\Part;
use App\Stores\ReadyFor;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Stores\StockState;
use App\Systems\System;
use App\Team\User;
use App\Water\Depot;
use App\Water\WaterBatch;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** What stands ready at a depot, against what the systems nearest to it ask for (E-1). */
final class DepotReadyTest extends TestCase
{
    private User $planner;

    private System $system;

    private Depot $depot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $site = self::site();
        $site->update(['lat' => 53.62, 'lon' => 1.62]);
        $this->system = Fixture::system($site, $this->planner);
        $room = $site->rooms()->create(['name' => 'Hall', 'winter_night_c' => 16, 'summer_night_c' => 26]);
        $this->system->update(['room_id' => $room->id, 'salt_mix_id' => Fixture::mix()->id, 'fish_kg' => 0.2]);
        $this->depot = Fixture::depot();
    }

    #[Test]
    public function nothing_is_claimed_before_a_year_was_worked_out(): void
    {
        $depot = $this->row();
        self::assertSame([1, 1, []], [$depot['systems'], $depot['unread'], $depot['needs']]);
    }

    #[Test]
    public function measured_water_serves_as_many_as_ask_for_no_more(): void
    {
        $this->workOut();
        $none = $this->need('water');
        self::assertSame(0.0, (float) $none['has']);
        self::assertSame([1, 0, false], [$none['asking'], $none['served'], $none['enough']]);
        self::assertSame($this->system->name, $none['largestOf']);
        $batch = WaterBatch::query()->create([
            'depot_id' => $this->depot->id,
            'salt_mix_id' => $this->system->salt_mix_id,
            'litres' => 6000,
            'left_l' => $none['largest'] - 1,
            'salinity' => 35,
            'measured_salinity' => 35,
            'measured_c' => $this->depot->target_c,
            'mixed_at' => now()->subHours(30),
            'user_id' => $this->planner->id,
        ]);
        self::assertSame(0, $this->need('water')['served']);
        $batch->update(['left_l' => $none['largest']]);
        self::assertTrue($this->need('water')['enough']);
        $batch->update(['measured_salinity' => null]);
        self::assertSame(0.0, (float) $this->need('water')['has'], 'nobody has measured it');
    }

    #[Test]
    public function heaters_count_by_their_watts_and_only_where_they_lie_and_work(): void
    {
        $this->workOut();
        $asked = $this->need('heat')['largest'];
        self::assertGreaterThan(0, $asked, 'in its coldest night, whatever the season');
        $part = Part::query()->create(['name' => 'Heater', 'ready_for' => ReadyFor::Heat, 'unit' => 'piece', 'pack' => 1,
            'capacity' => ceil($asked / 2)]);
        $lies = fn (StockPlace $place, StockState $state): Stock => Stock::query()->create([
            'part_id' => $part->id,
            'stock_place_id' => $place->id,
            'state' => $state,
            'count' => 1,
        ]);
        $lies(StockPlace::ofSite($this->system->site), StockState::Fresh);
        self::assertSame(0.0, (float) $this->need('heat')['has'], 'at a client it is not at the depot');
        $lies(StockPlace::ofDepot($this->depot), StockState::Fresh);
        self::assertSame(0, $this->need('heat')['served']);
        $used = $lies(StockPlace::ofDepot($this->depot), StockState::Used);
        self::assertSame(0, $this->need('heat')['served'], 'nobody has tried it');
        $used->update(['tested_on' => now()->toDateString(), 'tested_ok' => true]);
        self::assertSame(1, $this->need('heat')['served']);
    }

    #[Test]
    public function each_system_is_asked_of_the_depot_nearest_to_it(): void
    {
        $this->workOut();
        $far = Depot::query()->create(['name' => 'Far shed', 'lat' => 54.9, 'lon' => 3.1, 'ro_rated_ld' => 200, 'feed_c' => 12,
            'ro_stored_l' => 0, 'ro_tank_l' => 500, 'vessels_l' => [300], 'heat_w' => 1000, 'target_c' => 25, 'reserve_ro_l' => 50]);
        self::assertSame([1, 0], array_map(fn (string $name): int => $this->row($name)['systems'], [$this->depot->name, $far->name]));
        $this->system->site?->update(['lat' => 54.9, 'lon' => 3.1]);
        self::assertSame([0, 1], array_map(fn (string $name): int => $this->row($name)['systems'], [$this->depot->name, $far->name]));
    }

    #[Test]
    public function a_client_s_person_does_not_read_it(): void
    {
        $this->actingAs(self::user('client'))->get('/stores/ready')->assertForbidden();
    }

    private function workOut(): void
    {
        Years::keep(System::query()->with(StandingReader::loads())->whereKey($this->system->id)->get()->toBase());
    }

    /** @return array<string, mixed> */
    private function need(string $code): array
    {
        return array_values(array_filter($this->row()['needs'], fn (array $n): bool => $n['code'] === $code))[0];
    }

    /** @return array<string, mixed> */
    private function row(?string $name = null): array
    {
        $depots = $this->actingAs($this->planner)->get('/stores/ready')->assertOk();
        $depots = self::props($depots)['depots'];

        return array_values(array_filter($depots, fn (array $d): bool => $d['name'] === ($name ?? $this->depot->name)))[0];
    }
}
