<?php

declare(strict_types=1);

namespace Tests\Water;

use App\Rounds\Bookings;
use App\Rounds\Days;
use App\Water\Depot;
use App\Water\WaterBatch;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** What leaves tomorrow is made tonight; what stands is promised, measured, and runs out of time. */
final class WaterDayTest extends TestCase
{
    #[Test]
    public function a_departure_asks_for_its_batch_and_standing_water_serves_what_is_beyond_the_reserve(): void
    {
        $planner = self::user('planner');
        $crew = Fixture::crew($tech = self::user('technician'));
        $system = Fixture::system(self::site(), $planner);
        $visit = Fixture::visit($system, $crew, 'change');
        $tomorrow = Days::today()->addDay()->toDateString();
        $visit->update(['salt_l' => 40, 'planned_on' => $tomorrow, 'starts_at' => Days::moment($tomorrow, 540)]);
        Bookings::follow([$visit->id]);
        Fixture::mix();

        $view = self::props($this->actingAs($tech)->get('/water'))['view'];
        self::assertSame("40\u{A0}L", $view['batches'][0]['litres']);
        self::assertLessThan(strtotime((string) $view['departures'][0]['at']), strtotime((string) $view['batches'][0]['readyAt']));
        self::assertFalse($view['departures'][0]['late']);
        self::assertStringContainsString('40', $view['promises'][0]['litres']);
        self::assertContains('X-15', array_column($view['findings'], 'rule'), 'nothing stands behind the emergency share yet');

        $depot = Depot::query()->sole();
        $this->post("/depots/{$depot->id}/batches", ['salt_mix_id' => Fixture::mix()->id, 'salinity' => 35, 'litres' => 900])->assertSessionHasErrors('litres');
        $this->post("/depots/{$depot->id}/batches", ['salt_mix_id' => Fixture::mix()->id, 'salinity' => 35, 'litres' => 300])->assertSessionHasNoErrors();
        self::assertSame(100.0, $depot->refresh()->ro_stored_l, 'RO water becomes salt water');
        $batch = WaterBatch::query()->sole();
        $this->travel(5)->hours();
        self::assertFalse($batch->refresh()->load('mix')->isReady(), 'unmeasured water does not count');
        $this->post("/batches/{$batch->id}/measure", ['measured_c' => 25, 'measured_salinity' => 35])->assertSessionHasNoErrors();
        self::assertTrue($batch->refresh()->isReady());
        $this->post("/batches/{$batch->id}/draw", ['litres' => 301])->assertSessionHasErrors('litres');
        $this->post("/batches/{$batch->id}/draw", ['litres' => 100])->assertSessionHasNoErrors();
        self::assertSame(200.0, $batch->refresh()->left_l);
        $this->travel(20)->days();
        self::assertFalse($batch->refresh()->isReady(), 'too old');
        $this->travelBack();

        $this->actingAs($tech)->put("/depots/{$depot->id}", ['ro_stored_l' => 601, 'feed_c' => 12])->assertSessionHasErrors('ro_stored_l');
        $this->post("/depots/{$depot->id}/bookings", ['label' => 'x', 'litres' => 5, 'purpose' => 'other'])->assertForbidden();
        $this->actingAs($planner)->post("/depots/{$depot->id}/bookings", ['label' => 'Quarantine fill', 'litres' => 60, 'purpose' => 'quarantine'])->assertSessionHasNoErrors();
        self::assertContains('Quarantine fill', array_column(self::props($this->get('/water'))['view']['promises'], 'label'));
    }

    #[Test]
    public function a_station_is_set_up_and_a_broken_one_refused(): void
    {
        $this->actingAs(self::user('planner'));
        $right = ['name' => 'Quay', 'lat' => 53.6, 'lon' => 1.6, 'ro_rated_ld' => 800, 'feed_c' => 12, 'ro_tank_l' => 400, 'vessels_l' => [300], 'heat_w' => 1000, 'target_c' => 25, 'reserve_ro_l' => 50];
        $this->post('/depots', [...$right, 'vessels_l' => []])->assertSessionHasErrors('vessels_l');
        $this->post('/depots', [...$right, 'ro_rated_ld' => -3])->assertSessionHasErrors('ro_rated_ld');
        $this->post('/depots', $right)->assertSessionHasNoErrors();
        $this->post('/salt-mixes', ['name' => 'Odd', 'grams_per_l' => 38, 'usable_from_h' => 20, 'usable_until_h' => 4])->assertSessionHasErrors('usable_until_h');
        self::assertSame('Quay', self::props($this->get('/water'))['depot']['name']);
    }
}
