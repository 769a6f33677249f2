<?php

declare(strict_types=1);

namespace Tests\Emergency;

use App\Emergency\AreaEvent;
use App\Risk\RiskRate;
use App\Rounds\FollowUp;
use App\Stores\Part;
use App\Stores\ReadyFor;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Stores\StockState;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A storm, a cut, frost over an area: who is exposed, who goes where with what, what is done beforehand (E-5, E-10). */
final class StormTest extends TestCase
{
    private User $technician;

    private User $planner;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->technician = Fixture::onCall(self::user('technician'));
        $site = self::site();
        $this->system = Fixture::system($site, $this->planner);
        $room = $site->rooms()->create(
            ['name' => 'Hall', 'winter_night_c' => 8, 'summer_night_c' => 20, 'winter_day_c' => 15, 'summer_day_c' => 24],
        );
        $this->system->update(['room_id' => $room->id, 'fish_kg' => 0.4]);
        $this->system->items()->create(['job' => 'heater', 'name' => 'Heater 1', 'watts' => 300]);
    }

    #[Test]
    public function a_storm_sends_whoever_there_is_and_names_who_is_left(): void
    {
        Artisan::call('velbrin:exposures', ['--night' => 'all']);
        self::assertEquals([8, 0.5], array_values(array_intersect_key($this->page('/risk/storm')['asked'], ['hours' => 1, 'leave' => 1])));
        $page = $this->page('/risk/storm?hours=24');
        self::assertSame([$this->system->id], array_column($page['lines'], 'id'));
        self::assertNull($page['lines'][0]['crew'], 'no battery stands ready');
        self::assertSame([1, 1, 1], [$page['unmet'], $page['harmed'], $page['late']]);
        self::assertSame(['crews' => 1, 'batteries' => 1, 'generators' => 0], $page['enough']);
        self::assertSame([], $this->page('/risk/storm?hours=24&towns[]=Nowhere')['lines']);
        $this->actingAs($this->planner)->get('/risk/storm?hours=0.4')->assertSessionHasErrors('hours');
    }

    #[Test]
    public function outside_weather_moves_the_hours_of_a_dark_house(): void
    {
        $this->system->update(['fish_kg' => 0.01, 'community' => 'few', 'battery_h' => 400, 'battery_pump' => true]);
        Artisan::call('velbrin:exposures', ['--night' => 'all']);
        $url = '/risk/storm?hours=200&night=winter-night';
        $harm = fn (string $outside): ?float => $this->page($url.$outside)['lines'][0]['harmH'] ?? null;
        $steady = $harm('');
        self::assertNotNull($steady);
        self::assertSame('temperature', $this->page($url)['lines'][0]['by'], 'a battery keeps it breathing');
        self::assertLessThan($steady, $harm('&outside=-30'));
        self::assertGreaterThan($steady, $harm('&outside=14') ?? INF, 'a milder night');
        $this->actingAs($this->planner)->get('/risk/storm?outside=-51')->assertSessionHasErrors('outside');
        RiskRate::query()->create(['name' => 'room-hours', 'value' => 1.0, 'user_id' => $this->planner->id]);
        $tent = $harm('&outside=-30');
        RiskRate::query()->sole()->update(['value' => 100.0]);
        self::assertLessThan($harm('&outside=-30'), $tent, 'a tent follows the weather at once');
    }

    #[Test]
    public function what_comes_is_written_down_ahead_and_makes_one_job_a_system_in_its_area(): void
    {
        Artisan::call('velbrin:exposures', ['--night' => 'all']);
        $this->system->site()->firstOrFail()->update(['town' => 'Merrow']);
        $event = [
            'kind' => 'planned-cut',
            'towns' => ['Merrow'],
            'starts_at' => now()->addDays(3)->format('Y-m-d\TH:i'),
            'ends_at' => now()->addDays(4)->format('Y-m-d\TH:i'),
            'dark_h' => 24.0,
            'outside_c' => -5.0,
        ];
        $this->actingAs($this->technician)->post('/risk/events', $event)->assertForbidden();
        $this->actingAs($this->planner)->post('/risk/events', [...$event, 'dark_h' => null])->assertSessionHasErrors('dark_h');
        $this->post('/risk/events', [...$event, 'ends_at' => $event['starts_at']])->assertSessionHasErrors('ends_at');
        $this->post('/risk/events', [...$event, 'towns' => ['Nowhere']])->assertSessionHasErrors('towns.0');
        $this->post('/risk/events', $event)->assertSessionHasNoErrors();
        $made = AreaEvent::query()->sole();
        $page = $this->page("/risk/storm?event={$made->id}");
        self::assertSame([$this->system->id], array_column($page['lines'], 'id'));
        self::assertSame([24.0, -5.0], [(float) $page['asked']['hours'], (float) $page['asked']['outside']]);
        self::assertSame([$made->id], array_column($this->page('/risk/storm')['ahead'], 'id'));
        $this->actingAs($this->technician)->post("/risk/events/{$made->id}/jobs")->assertForbidden();
        $this->actingAs($this->planner)->post("/risk/events/{$made->id}/jobs");
        $this->post("/risk/events/{$made->id}/jobs");
        $job = FollowUp::query()->where('kind', 'one-off')->sole();
        self::assertSame([$this->system->id, now()->addDays(2)->toDateString()], [$job->system_id, $job->due_on?->toDateString()]);
        self::assertStringContainsString('batteries charged', $job->text);
        self::assertSame([true, 20.0], [$job->on_site, $job->minutes], 'somebody drives there before it comes');
        $this->post("/risk/events/{$made->id}/call-off");
        self::assertSame([], $this->page('/risk/storm')['ahead']);
        $this->post("/risk/events/{$made->id}/jobs")->assertStatus(409);
        $this->post('/risk/events', [...$event, 'kind' => 'frost', 'dark_h' => null, 'towns' => []])->assertSessionHasNoErrors();
    }

    #[Test]
    public function a_crew_brings_what_lies_in_its_own_depot(): void
    {
        Artisan::call('velbrin:exposures', ['--night' => 'all']);
        $mine = Fixture::crew($this->technician)->depot;
        $other = $mine->replicate()->fill(['name' => 'Far store']);
        $other->save();
        $battery = Part::query()->create(['name' => 'Battery with air', 'ready_for' => ReadyFor::Air->value]);
        $lay = fn ($depot): Stock => Stock::query()->create([
            'part_id' => $battery->id,
            'stock_place_id' => StockPlace::ofDepot($depot)->id,
            'count' => 1,
            'state' => StockState::Fresh->value,
            'tested_on' => now()->toDateString(),
            'tested_ok' => true,
        ]);
        $lay($other);
        self::assertNull($this->page('/risk/storm?hours=24')['lines'][0]['crew'], 'nobody starts from there');
        $lay($mine);
        $page = $this->page('/risk/storm?hours=24');
        self::assertNotNull($page['lines'][0]['crew']);
        self::assertSame(1, array_sum(array_column($page['crews'], 'batteries')));
    }

    /** @return array<string, mixed> */
    private function page(string $url): array
    {
        $page = [];
        $this->actingAs($this->planner)->get($url)->assertOk()->assertInertia(function ($p) use (&$page): void {
            $page = $p->toArray()['props'];
            $p->loadDeferredProps(function ($late) use (&$page): void {
                $page = [...$page, ...$late->toArray()['props']];
            });
        });

        return $page;
    }
}
