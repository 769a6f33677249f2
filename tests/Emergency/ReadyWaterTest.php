<?php

declare(strict_types=1);

namespace Tests\Emergency;

use App\Risk\Exposure;
use App\Stores\Part;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Systems\System;
use App\Team\User;
use App\Water\Depot;
use App\Water\WaterBatch;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** The water of an emergency is a depot's measured batches; the rest is there once it is made and brought (W-59). */
final class ReadyWaterTest extends TestCase
{
    private User $planner;

    private System $system;

    private Depot $depot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $technician = Fixture::onCall(self::user('technician'));
        $technician->update(['home_lat' => 53.6, 'home_lon' => 1.6]);
        $site = self::site();
        $site->update(['lat' => 53.62, 'lon' => 1.62, 'we_hold_key' => true, 'looked_at' => ['08:00', '20:00']]);
        $this->system = Fixture::system($site, $this->planner);
        $room = $site->rooms()->create(['name' => 'Hall', 'winter_night_c' => 16, 'summer_night_c' => 22]);
        $this->system->update(['room_id' => $room->id, 'salt_mix_id' => Fixture::mix()->id, 'fish_kg' => 0.2]);
        $this->depot = Fixture::depot();
        $this->depot->update(['ro_stored_l' => 0, 'ro_rated_ld' => 240]);
        Artisan::call('velbrin:exposures');
        Exposure::query()->where('system_id', $this->system->id)->update(['acts_h' => 1.0]);
    }

    #[Test]
    public function a_measured_batch_counts_and_what_lacks_comes_when_it_is_made(): void
    {
        $none = $this->water();
        self::assertSame(0.0, (float) $none['has']);
        self::assertGreaterThan(24 * $none['amount'] / 240, $none['restInH'], 'all of it is made first');
        $batch = $this->batch((float) $none['amount'] - 1);
        $most = $this->water();
        self::assertSame($none['amount'] - 1.0, (float) $most['has']);
        self::assertLessThan($none['restInH'], $most['restInH']);
        $batch->update(['left_l' => $none['amount']]);
        $all = $this->water();
        self::assertTrue($all['enough']);
        self::assertNull($all['restInH']);
        self::assertGreaterThan(1.0, $all['withinH'], 'whoever is called, and the way from the depot');
        $batch->update(['measured_salinity' => null]);
        self::assertSame(0.0, (float) $this->water()['has'], 'nobody has measured it');
    }

    #[Test]
    public function what_nobody_has_measured_is_measured_in_a_quarter_of_an_hour(): void
    {
        Exposure::query()->where('system_id', $this->system->id)->update(['acts_h' => 0.1]);
        $batch = $this->batch(5000);
        $withinH = $this->water()['withinH'];
        $batch->update(['measured_salinity' => null]);
        self::assertEqualsWithDelta(0.15, $this->water()['restInH'] - $withinH, 1e-9, 'it takes longer than whoever comes');
    }

    #[Test]
    public function nobody_who_comes_brings_no_water(): void
    {
        $this->batch(5000);
        Exposure::query()->where('system_id', $this->system->id)->update(['acts_h' => null]);
        self::assertNull($this->water()['withinH']);
    }

    #[Test]
    public function what_lies_nearest_says_when_it_was_tried_and_until_when_it_is_good(): void
    {
        $heat = fn (): array => collect(self::props(
            $this->actingAs($this->planner)->get("/sites/{$this->system->site_id}/ready")->assertOk(),
        )['systems'][0]['ready']['needs'])->firstWhere('code', 'heat');
        self::assertSame([null, null, null], [$heat()['where'], $heat()['testedOn'], $heat()['goodUntil']]);
        $part = Part::query()->create(['name' => 'Heater', 'ready_for' => 'heat', 'unit' => 'piece', 'pack' => 1, 'capacity' => 900]);
        $there = StockPlace::ofSite($this->system->site()->firstOrFail());
        $stock = Stock::query()->create(['part_id' => $part->id, 'stock_place_id' => $there->id, 'state' => 'used', 'count' => 1]);
        self::assertFalse($heat()['good'], 'nobody has tried it');
        [$tried, $until] = [now()->subWeek()->toDateString(), now()->addYear()->toDateString()];
        $stock->update(['tested_on' => $tried, 'tested_ok' => true, 'expires_on' => $until]);
        self::assertTrue($heat()['good']);
        self::assertSame(0.25, (float) $heat()['withinH'], 'from a cupboard at the place itself');
        self::assertSame([$tried, $until], [$heat()['testedOn'], $heat()['goodUntil']]);
    }

    private function batch(float $litres): WaterBatch
    {
        return WaterBatch::query()->create([
            'depot_id' => $this->depot->id,
            'salt_mix_id' => $this->system->salt_mix_id,
            'litres' => 6000,
            'left_l' => $litres,
            'salinity' => 35,
            'measured_salinity' => 35,
            'measured_c' => $this->depot->target_c,
            'mixed_at' => now()->subHours(30),
            'user_id' => $this->planner->id,
        ]);
    }

    /** @return array<string, mixed> */
    private function water(): array
    {
        $page = self::props($this->actingAs($this->planner)->get("/sites/{$this->system->site_id}/ready")->assertOk());

        return collect($page['systems'][0]['ready']['needs'])->firstWhere('code', 'water');
    }
}
