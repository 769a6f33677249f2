<?php

declare(strict_types=1);

namespace Tests\Water;

use App\House\Days;
use App\Rounds\Bookings;
use App\Water\Demand;
use App\Water\Depot;
use App\Water\WaterBatch;
use Carbon\CarbonImmutable;
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
        self::assertLessThan(
            strtotime((string) $view['departures'][0]['at']),
            strtotime((string) $view['batches'][0]['readyAt']),
        );
        self::assertFalse($view['departures'][0]['late']);
        self::assertSame(
            ["40\u{A0}L", null, "40\u{A0}L"],
            array_values(
                array_intersect_key(
                    collect($view['promises'])->firstWhere('label', 'Changes to come'),
                    array_flip(['litres', 'lacks', 'toMix']),
                ),
            ),
        );
        self::assertContains(
            'X-15',
            array_column($view['findings'], 'rule'),
            'nothing stands behind the emergency share yet',
        );

        $depot = Depot::query()->sole();
        $this->post("/depots/{$depot->id}/batches", [
            'salt_mix_id' => Fixture::mix()->id,
            'salinity' => 35,
            'litres' => 900,
        ])->assertSessionHasErrors('litres');
        $this->post("/depots/{$depot->id}/batches", [
            'salt_mix_id' => Fixture::mix()->id,
            'salinity' => 35,
            'litres' => 300,
        ])->assertSessionHasNoErrors();
        self::assertSame(100.0, $depot->refresh()->ro_stored_l, 'RO water becomes salt water');
        $batch = WaterBatch::query()->sole();
        $this->travel(5)->hours();
        self::assertFalse($batch->refresh()->load('mix')->isReady(), 'unmeasured water does not count');
        $this->post("/batches/{$batch->id}/measure", [
            'measured_c' => 25,
            'measured_salinity' => 35,
        ])->assertSessionHasNoErrors();
        self::assertTrue($batch->refresh()->isReady());
        $this->post("/batches/{$batch->id}/draw", ['litres' => 301])->assertSessionHasErrors('litres');
        $this->post("/batches/{$batch->id}/draw", ['litres' => 100])->assertSessionHasNoErrors();
        self::assertSame(200.0, $batch->refresh()->left_l);
        $this->travel(20)->days();
        self::assertFalse($batch->refresh()->isReady(), 'too old');
        $this->travelBack();

        $this->actingAs($tech)
            ->put("/depots/{$depot->id}", ['ro_stored_l' => 601, 'feed_c' => 12])
            ->assertSessionHasErrors('ro_stored_l');
        $this->post("/depots/{$depot->id}/bookings", [
            'label' => 'x',
            'litres' => 5,
            'purpose' => 'other',
        ])->assertForbidden();
        $this->actingAs($planner)
            ->post("/depots/{$depot->id}/bookings", [
                'label' => 'Quarantine fill',
                'litres' => 60,
                'purpose' => 'quarantine',
            ])
            ->assertSessionHasNoErrors();
        self::assertContains(
            'Quarantine fill',
            array_column(self::props($this->get('/water'))['view']['promises'], 'label'),
        );
    }

    #[Test]
    public function water_measured_41_at_6_degrees_is_not_ready_and_says_what_is_missing(): void
    {
        $this->batch(200, 41, 6);
        $view = self::props($this->actingAs(self::user('technician'))->get('/water'))['view'];
        self::assertSame("0\u{A0}L", $view['ready']);
        $state = str_replace("\u{A0}", ' ', $view['standing'][0]['state']);
        self::assertStringContainsString('41.0 g/kg instead of 35.0 g/kg', $state);
        self::assertStringContainsString('6.0 °C instead of 25.0 °C', $state);
        $this->post('/batches/'.WaterBatch::query()->sole()->id.'/measure', [
            'measured_c' => 25.4,
            'measured_salinity' => 35.6,
        ])->assertSessionHasNoErrors();
        self::assertSame('ready', self::props($this->get('/water'))['view']['standing'][0]['state']);
    }

    #[Test]
    public function what_leaves_in_the_next_54_hours_is_planned_for(): void
    {
        $this->freezeTime();
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $crew = Fixture::crew(self::user('technician'));
        $crew->update(['starts_min' => 480]);
        $visit = Fixture::visit($system, $crew, 'change');
        $day = Days::today()->addDays(5)->toDateString();
        $visit->update(['salt_l' => 300, 'planned_on' => $day, 'starts_at' => Days::moment($day, 480)]);
        $visit->tasks()->update(['litres' => 300]);
        $leaves = Days::moment($day, 480);
        $planned = fn (): array => self::props($this->actingAs($planner)->get('/water'))['view']['departures'];
        $this->travelTo($leaves->subHours(54)->subMinute());
        self::assertSame([], $planned());
        $this->travelTo($leaves->subHours(54)->addMinute());
        self::assertCount(1, $planned());
    }

    #[Test]
    public function of_600_ready_litres_300_and_300_and_99_leave_99_uncovered(): void
    {
        $planner = self::user('planner');
        Fixture::system(self::site(), $planner)->update(['true_volume_l' => 1200]);
        $depot = $this->batch(600, 35, 25);
        foreach (['Move on Friday' => 300, 'Quarantine' => 99] as $label => $litres) {
            $this->actingAs($planner)
                ->post("/depots/{$depot->id}/bookings", ['label' => $label, 'litres' => $litres, 'purpose' => 'other'])
                ->assertSessionHasNoErrors();
        }
        $view = self::props($this->get('/water'))['view'];
        self::assertSame(["300\u{A0}L", "300\u{A0}L", "99\u{A0}L"], array_column($view['promises'], 'litres'));
        self::assertSame([null, null, "99\u{A0}L"], array_column($view['promises'], 'lacks'));
        self::assertContains("Quarantine: 99\u{A0}L uncovered", array_column($view['findings'], 'what'));
    }

    #[Test]
    public function what_is_promised_is_not_there_for_the_changes(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $system->update(['true_volume_l' => 1200]);
        $crew = Fixture::crew(self::user('technician'));
        $visit = Fixture::visit($system, $crew, 'change');
        $tomorrow = Days::today()->addDay()->toDateString();
        $visit->update(['salt_l' => 300, 'planned_on' => $tomorrow, 'starts_at' => Days::moment($tomorrow, 540)]);
        $visit->tasks()->update(['litres' => 300]);
        Bookings::follow([$visit->id]);
        $depot = $this->batch(600, 35, 25);
        $this->actingAs($planner)
            ->post("/depots/{$depot->id}/bookings", [
                'label' => 'Quarantine',
                'litres' => 99,
                'purpose' => 'quarantine',
            ])
            ->assertSessionHasNoErrors();
        $view = self::props($this->get('/water'))['view'];
        $changes = collect($view['promises'])->firstWhere('label', 'Changes to come');
        self::assertSame(
            ["300\u{A0}L", "99\u{A0}L"],
            [$changes['litres'], $changes['toMix']],
            '600 stand: 300 for the emergency, 99 for the quarantine, 201 for the change',
        );
    }

    #[Test]
    public function a_mix_says_what_its_water_brings_and_a_system_names_its_mix(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $right = [
            'name' => 'Own',
            'grams_per_l' => 38,
            'usable_from_h' => 2,
            'usable_until_h' => 300,
            'alk_dkh' => 12,
            'ca_mg_l' => 450,
            'mg_mg_l' => 1380,
        ];
        $this->actingAs($planner)
            ->post('/salt-mixes', [...$right, 'alk_dkh' => 40])
            ->assertSessionHasErrors('alk_dkh');
        $this->post('/salt-mixes', $right)->assertSessionHasNoErrors();
        $mix = \App\Water\SaltMix::query()->where('name', 'Own')->sole();
        $this->put("/salt-mixes/{$mix->id}", [...$right, 'alk_dkh' => 11.5])->assertSessionHasNoErrors();
        self::assertSame(11.5, $mix->refresh()->alk_dkh);
        $record = self::props($this->get("/systems/{$system->id}/regime"))['record'];
        $this->put("/systems/{$system->id}", [
            ...$record,
            'salt_mix_id' => $mix->id,
            'hose_flow_lh' => 700,
            'emergency_share_pct' => 101,
        ])->assertSessionHasErrors('emergency_share_pct');
        $this->put("/systems/{$system->id}", [
            ...$record,
            'salt_mix_id' => $mix->id,
            'hose_flow_lh' => 700,
            'emergency_share_pct' => 40,
        ])->assertSessionHasNoErrors();
        self::assertSame(
            [$mix->id, 700.0, 40.0],
            array_values($system->refresh()->only(['salt_mix_id', 'hose_flow_lh', 'emergency_share_pct'])),
        );
    }

    /** A depot with one batch that is mixed long enough. */
    private function batch(float $litres, float $salinity, float $celsius): Depot
    {
        $depot =
            Depot::query()->first() ??
            Depot::query()->create([
                'name' => 'Quay',
                'lat' => 53.6,
                'lon' => 1.6,
                'ro_rated_ld' => 800,
                'feed_c' => 12,
                'ro_stored_l' => 400,
                'ro_tank_l' => 400,
                'vessels_l' => [300],
                'heat_w' => 2000,
                'target_c' => 25,
                'reserve_ro_l' => 50,
            ]);
        WaterBatch::query()->create([
            'depot_id' => $depot->id,
            'salt_mix_id' => Fixture::mix()->id,
            'salinity' => 35,
            'litres' => $litres,
            'left_l' => $litres,
            'mixed_at' => now()->subHours(12),
            'measured_c' => $celsius,
            'measured_salinity' => $salinity,
            'user_id' => self::user('planner')->id,
        ]);

        return $depot;
    }

    #[Test]
    public function a_station_is_set_up_and_a_broken_one_refused(): void
    {
        $this->actingAs(self::user('planner'));
        $right = [
            'name' => 'Quay',
            'lat' => 53.6,
            'lon' => 1.6,
            'ro_rated_ld' => 800,
            'feed_c' => 12,
            'ro_tank_l' => 400,
            'vessels_l' => [300],
            'heat_w' => 1000,
            'target_c' => 25,
            'reserve_ro_l' => 50,
        ];
        $this->post('/depots', [...$right, 'vessels_l' => []])->assertSessionHasErrors('vessels_l');
        $this->post('/depots', [...$right, 'ro_rated_ld' => -3])->assertSessionHasErrors('ro_rated_ld');
        $this->post('/depots', $right)->assertSessionHasNoErrors();
        $this->post('/salt-mixes', [
            'name' => 'Odd',
            'grams_per_l' => 38,
            'usable_from_h' => 20,
            'usable_until_h' => 4,
        ])->assertSessionHasErrors('usable_until_h');
        self::assertSame('Quay', self::props($this->get('/water'))['depot']['name']);
    }

    #[Test]
    public function water_is_ready_from_its_hour_and_not_before(): void
    {
        $this->batch(200, 35, 25);
        $batch = WaterBatch::query()->sole();
        $batch->update(['mixed_at' => $mixed = CarbonImmutable::now()]);
        foreach ([[3.98, false], [4.02, true], [335.9, true], [336.1, false]] as [$hours, $isReady]) {
            $this->travelTo($mixed->addMinutes((int) round(60 * $hours)));
            self::assertSame($isReady, $batch->refresh()->load('mix')->isReady(), "{$hours} h after mixing");
        }
    }

    #[Test]
    public function the_emergency_is_a_quarter_of_the_largest_or_the_largest_share_chosen(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $system->update(['measured_volume_l' => 400]);
        $reserve = fn (): float => app(Demand::class)->reach()->neededL();
        self::assertSame(100.0, $reserve());
        $system->update(['emergency_share_pct' => 24]);
        self::assertSame(100.0, $reserve(), 'less than the quarter changes nothing');
        $system->update(['emergency_share_pct' => 60]);
        self::assertSame(240.0, $reserve());
        $system->update(['fish_kg' => 5.9]);
        self::assertSame(240.0, $reserve(), 'its boxes take 236 L');
        $system->update(['fish_kg' => 6.1]);
        self::assertSame(244.0, $reserve(), 'its boxes take more');
        $sick = Fixture::system(self::site('Other', 'Other'), $planner, regime: 'quarantine');
        $sick->update(['measured_volume_l' => 243]);
        self::assertSame(244.0, $reserve());
        $sick->update(['measured_volume_l' => 245]);
        self::assertSame(245.0, $reserve(), 'a quarantine filled anew');
        $sick->forceFill(['archived_at' => now()])->save();
        $system->forceFill(['archived_at' => now()])->save();
        self::assertSame(0.0, $reserve());
    }
}
