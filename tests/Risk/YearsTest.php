<?php

declare(strict_types=1);

namespace Tests\Risk;

use App\Control\Circuit;
use App\Control\Controller;
use App\Control\Strip;
use App\Emergency\Incident;
use App\Risk\Around;
use App\Risk\MeasureCurves;
use App\Risk\MeasurePrice;
use App\Risk\Night;
use App\Risk\PeopleAnswer;
use App\Risk\Proof;
use App\Risk\RiskRate;
use App\Risk\SignedOffer;
use App\Risk\StandingReader;
use App\Risk\TonightReader;
use App\Risk\Years;
use App\Rounds\OffRecord;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/** A year of risk from the records: what fails how often, what stands against it, what only an edit makes anew. */
final class YearsTest extends TestCase
{
    private User $planner;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $site = self::site();
        $site->update(['looked_at' => ['08:00', '20:00'], 'lat' => 53.62, 'lon' => 1.62, 'we_hold_key' => true]);
        $this->system = Fixture::system($site, $this->planner);
        $room = $site->rooms()->create(
            ['name' => 'Hall', 'winter_night_c' => 8, 'summer_night_c' => 22, 'winter_day_c' => 18, 'summer_day_c' => 26],
        );
        $this->system->update(['room_id' => $room->id, 'animals_worth_minor' => 800_000, 'floor_worth_minor' => 300_000]);
        foreach ([300, 300] as $n => $watts) {
            $this->system->items()->create([
                'job' => 'heater',
                'name' => "Heater {$n}",
                'watts' => $watts,
                'installed_on' => now()->subYears(1 + 2 * $n)->toDateString(),
            ]);
        }
        Fixture::onCall(self::user('technician'));
    }

    #[Test]
    public function a_page_says_how_often_what_it_costs_and_where_it_is_weakest(): void
    {
        $page = $this->page("/systems/{$this->system->id}/risk");
        $by = array_column($page['year'], null, 'hazard');
        self::assertStringContainsString('once in', $by['heater-off']['rate']);
        self::assertNotNull($by['power-cut']['loss']);
        self::assertNotSame('', $by['power-cut']['weakest']);
        self::assertNotNull($page['yearSum']['loss']);
        $this->system->update(['floor_worth_minor' => null]);
        self::assertNull($this->page("/systems/{$this->system->id}/risk")['yearSum']['loss'], 'nobody has said what the floor is worth');
    }

    #[Test]
    public function a_reactor_gives_too_much_or_nothing_by_what_the_register_says_leaves_it(): void
    {
        $by = fn (): array => array_column($this->page("/systems/{$this->system->id}/risk")['year'], null, 'hazard');
        self::assertArrayNotHasKey('overdose', $by());
        $this->actingAs($this->planner)->post("/systems/{$this->system->id}/items", [
            'job' => 'reactor',
            'name' => 'Reactor',
            'doses' => 'bicarbonate',
            'installed_precision' => 'day',
            'strength_meq_ml' => 0.008,
            'ml_per_min' => -5,
        ])->assertSessionHasErrors('ml_per_min');
        $this->actingAs($this->planner)->post("/systems/{$this->system->id}/items", [
            'job' => 'reactor',
            'name' => 'Reactor',
            'doses' => 'bicarbonate',
            'installed_precision' => 'day',
            'strength_meq_ml' => 0.008,
            'ml_per_min' => 50,
        ])->assertSessionHasNoErrors();
        self::assertStringContainsString('once in', $by()['overdose']['rate']);
        self::assertArrayHasKey('dose-stops', $by());
        $item = $this->system->items()->where('job', 'reactor')->firstOrFail();
        self::assertSame(50.0, $item->ml_per_min);
        $item->update(['doses' => 'other']);
        self::assertArrayNotHasKey('overdose', $by(), 'carbon media raise nothing');
        $item->update(['doses' => null]);
        self::assertArrayHasKey('overdose', $by(), 'nobody has said what it gives');
    }

    #[Test]
    public function a_dosing_line_that_can_siphon_is_counted_and_one_with_a_break_is_not(): void
    {
        $head = ['job' => 'doser', 'name' => 'Alkalinity', 'doses' => 'carbonate', 'installed_precision' => 'day', 'strength_meq_ml' => 2.0,
            'holds_ml' => 5000];
        $items = "/systems/{$this->system->id}/items";
        foreach (['vessel_above_mm' => 6000, 'line_bore_mm' => 0.1, 'line_length_m' => 0, 'line_break' => 'perhaps'] as $field => $bad) {
            $this->actingAs($this->planner)->post($items, $head + [$field => $bad])->assertSessionHasErrors($field);
        }
        $line = ['vessel_above_mm' => 800, 'line_break' => false, 'line_bore_mm' => 6, 'line_length_m' => 1];
        $this->actingAs($this->planner)->post($items, $head + $line)->assertSessionHasNoErrors();
        $item = $this->system->items()->where('name', 'Alkalinity')->firstOrFail();
        $overdose = fn (): array => array_column($this->page("/systems/{$this->system->id}/risk")['year'], null, 'hazard')['overdose'];
        $begins = fn (): array => array_column($overdose()['beginnings'], 'by');
        self::assertContains('the line of Alkalinity siphons', $begins());
        $item->update(['line_break' => true]);
        self::assertNotContains('the line of Alkalinity siphons', $begins());
        $item->update(['line_break' => null, 'vessel_above_mm' => null]);
        self::assertContains('the line of Alkalinity siphons', $begins(), 'nobody has looked: it may');
    }

    #[Test]
    public function a_top_off_that_brings_limewater_overdoses_and_what_was_read_last_decides_how_soon(): void
    {
        $topOff = ['job' => 'top-off', 'name' => 'Lime top-off', 'installed_precision' => 'day', 'doses' => 'hydroxide',
            'strength_meq_ml' => 0.041];
        $this->actingAs($this->planner)->post("/systems/{$this->system->id}/items", $topOff)->assertSessionHasNoErrors();
        $harms = function (): array {
            $system = System::query()->with(TonightReader::loads())->findOrFail($this->system->id);
            $tank = TonightReader::read($system, Night::Tonight, [], Around::of(collect([$system])));
            self::assertInstanceOf(Tonight::class, $tank);
            $harms = TimeToHarm::of(Hazard::TopOffOn, $tank);

            return array_column(array_map(fn (Harm $h): array => [$h->by, $h], $harms), 1, 0);
        };
        $unread = $harms()['pH'];
        self::assertContains('the water’s pH', $unread->needs);
        $this->page("/systems/{$this->system->id}/risk");
        Years::keep(System::query()->with(StandingReader::loads())->whereKey($this->system->id)->get()->toBase());
        $key = fn (): ?string => DB::table('risk_sums')->where('system_id', $this->system->id)->value('key');
        self::assertNotNull($key());
        $this->read('ph', 8.2);
        self::assertNull($key(), 'worked out anew');
        $this->read('alkalinity', 8.4);
        self::assertSame(['what the top-off’s pump gives'], $harms()['pH']->needs);
        self::assertGreaterThan($unread->hours, $harms()['pH']->hours);
        $this->system->items()->where('name', 'Lime top-off')->firstOrFail()->update(['doses' => null]);
        self::assertArrayNotHasKey('pH', $harms(), 'fresh water');
    }

    private function read(string $parameter, float $value): void
    {
        $this->system->readings()->create(['client_uuid' => (string) Str::uuid(), 'parameter' => $parameter, 'value' => $value,
            'given_value' => $value, 'given_unit' => 'given', 'taken_at' => now(), 'method' => 'kit', 'user_id' => $this->planner->id]);
    }

    #[Test]
    public function what_is_away_or_off_carries_nothing(): void
    {
        $harm = fn (): ?float => array_column(
            $this->page("/systems/{$this->system->id}/risk/single")['losses'],
            'harmH',
            'id',
        )['device:'.$this->first()->id] ?? null;
        $both = $harm();
        $pairs = fn (): array => array_column($this->page("/systems/{$this->system->id}/risk/single")['pairs'], 'name');
        self::assertContains('Heater 0 and Heater 1', $pairs());
        $second = $this->system->items()->where('job', 'heater')->latest('id')->firstOrFail();
        $second->update(['away_since' => now()->toDateString()]);
        self::assertSame([], $pairs());
        $alone = $harm();
        self::assertNotNull($alone);
        self::assertLessThan($both ?? INF, $alone);
        $second->update(['away_since' => null]);
        OffRecord::query()->create([
            'system_id' => $this->system->id,
            'item_id' => $second->id,
            'what' => 'Heater 1',
            'off_at' => now(),
            'off_by' => $this->planner->id,
            'client_uuid' => (string) Str::uuid(),
        ]);
        self::assertEqualsWithDelta($alone, $harm(), 1e-6);
    }

    #[Test]
    public function heaters_on_one_strip_fall_with_it_and_on_two_do_not(): void
    {
        $site = $this->system->site()->firstOrFail();
        $controller = Fixture::controller($site);
        $strip = $controller->strips()->firstOrFail();
        $other = $site->id === $controller->site_id ? $controller->strips()->create([
            'site_id' => $site->id,
            'name' => 'Second strip',
        ]) : $strip;
        $outlet = fn ($on, string $name): int => $on->outlets()->create([
            'site_id' => $site->id,
            'name' => $name,
            'is_labelled' => true,
        ])->id;
        [$a, $b] = $this->system->items()->where('job', 'heater')->get()->all();
        $a->update(['outlet_id' => $outlet($strip, 'x1')]);
        $b->update(['outlet_id' => $outlet($strip, 'x2')]);
        $losses = fn (): array => array_column($this->page("/systems/{$this->system->id}/risk/single")['losses'], null, 'id');
        $both = $losses()["strip:{$strip->id}"] ?? null;
        self::assertNotNull($both['harmH'] ?? null);
        self::assertSame(['Heater 0', 'Heater 1'], $both['devices']);
        $b->update(['outlet_id' => $outlet($other, 'y1')]);
        self::assertArrayNotHasKey("strip:{$strip->id}", $losses());
    }

    #[Test]
    public function a_proof_counts_from_its_day_and_one_that_failed_takes_it_back(): void
    {
        $item = $this->first();
        $this->actingAs($this->planner)->post("/systems/{$this->system->id}/proofs", [
            'what' => 'item',
            'item_id' => $item->id,
            'method' => 'ran alone',
            'passed' => true,
            'on' => now()->subMonths(2)->toDateString(),
        ])->assertSessionHasNoErrors();
        $proved = fn (): ?float => collect(StandingReader::around(collect([$this->fresh()]))->read($this->fresh())->standing->devices)
            ->firstWhere('id', (string) $item->id)->provenYears;
        self::assertEqualsWithDelta(2 / 12, $proved(), 0.02);
        // What stands against it says since when somebody knows.
        $this->system->room()->firstOrFail()->update(['uncooled_summer_c' => 38, 'unheated_winter_c' => 4]);
        $fan = $this->system->items()->create(['job' => 'fan', 'name' => 'Fan', 'watts' => 20]);
        $says = fn (bool $passed, string $on): mixed => $this->post("/systems/{$this->system->id}/proofs", [
            'what' => 'item',
            'item_id' => $fan->id,
            'passed' => $passed,
            'on' => $on,
        ])->assertSessionHasNoErrors();
        $months = fn (): array => collect($this->page("/systems/{$this->system->id}/risk")['year'])
            ->flatMap(fn (array $row): array => $row['beginnings'])
            ->flatMap(fn (array $b): array => $b['credits'])
            ->filter(fn (array $c): bool => $c['name'] === 'Fan')
            ->map(fn (array $c): array => [$c['tested'], $c['testedMonths']])
            ->values()
            ->all();
        self::assertSame([false, null], $months()[0]);
        $says(true, now()->subMonths(2)->toDateString());
        self::assertContains($months()[0], [[true, 1], [true, 2]]);
        $says(false, now()->toDateString());
        self::assertSame([false, null], $months()[0]);
        $this->post("/systems/{$this->system->id}/proofs", [
            'what' => 'item',
            'item_id' => $item->id,
            'passed' => false,
            'on' => now()->toDateString(),
        ])->assertSessionHasNoErrors();
        self::assertNull($proved());
        $this->post("/systems/{$this->system->id}/proofs", ['what' => 'item', 'passed' => true, 'on' => now()->toDateString()])
            ->assertSessionHasErrors('item_id');
        $this->post(
            "/systems/{$this->system->id}/proofs",
            ['what' => 'emergency-drain', 'passed' => true, 'on' => now()->addDay()->toDateString()],
        )
            ->assertSessionHasErrors('on');
        self::assertSame(4, Proof::query()->count());
    }

    #[Test]
    public function people_stand_outside_every_price_until_somebody_answers(): void
    {
        $people = fn (): array => $this->page("/systems/{$this->system->id}/risk")['people'];
        self::assertSame(['fix'], array_column(array_column($people(), 'finding'), 'severity'));
        $this->actingAs($this->planner)->post(
            "/systems/{$this->system->id}/people",
            ['hazard' => 'wet-electrics', 'holds' => true, 'who_says' => '', 'on' => now()->toDateString()],
        )
            ->assertSessionHasErrors('who_says');
        $answer = fn (bool $holds): mixed => $this->post("/systems/{$this->system->id}/people", [
            'hazard' => 'wet-electrics',
            'holds' => $holds,
            'who_says' => 'A. Ohm, licensed electrician',
            'on' => now()->toDateString(),
        ])->assertSessionHasNoErrors();
        $answer(false);
        self::assertSame('stop', $people()[0]['finding']['severity']);
        $answer(true);
        self::assertSame('fine', $people()[0]['finding']['severity']);
        self::assertSame(1, PeopleAnswer::query()->count());
    }

    #[Test]
    public function only_what_an_edit_touches_is_worked_out_anew(): void
    {
        $other = Fixture::system(self::site('Somebody', 'Elsewhere'), $this->planner, 'Other reef');
        $ids = [$this->system->id, $other->id];
        self::assertSame($ids, Years::due($ids));
        Artisan::call('velbrin:exposures');
        self::assertSame([], Years::due($ids));
        $this->first()->update(['watts' => 250]);
        self::assertSame([$this->system->id], Years::due($ids), 'a device');
        Artisan::call('velbrin:exposures');
        $other->site()->firstOrFail()->update(['we_hold_key' => true]);
        self::assertSame([$other->id], Years::due($ids), 'a place');
        Artisan::call('velbrin:exposures');
        RiskRate::query()->create(['name' => 'heater-years', 'value' => 4, 'user_id' => $this->planner->id]);
        self::assertSame($ids, Years::due($ids), 'a rate: all');
        Artisan::call('velbrin:exposures');
        $this->travel(1)->days();
        self::assertSame($ids, Years::due($ids), 'everything ages');
    }

    #[Test]
    public function kept_years_are_what_the_page_works_out(): void
    {
        Artisan::call('velbrin:exposures');
        $kept = DB::table('hazard_years')->where('system_id', $this->system->id)->pluck('harms', 'hazard');
        $year = Years::of(StandingReader::around(collect([$this->fresh()]))->read($this->fresh()));
        self::assertIsArray($year);
        foreach ($year as $row) {
            self::assertEqualsWithDelta($row->harms->likely, $kept[$row->hazard->value], 1e-9, $row->hazard->value);
        }
        self::assertCount($kept->count(), $year);
        $line = collect($this->page('/risk/year')['lines'])->firstWhere('id', $this->system->id);
        self::assertNotNull($line['loss']);
    }

    #[Test]
    public function a_rate_of_the_company_s_own_moves_the_year_and_one_that_cannot_be_is_refused(): void
    {
        $rate = fn (): float => collect(Years::of(StandingReader::around(collect([$this->fresh()]))->read($this->fresh())))
            ->first(fn ($r): bool => $r->hazard->value === 'heater-off')->rate->likely;
        $before = $rate();
        $this->actingAs($this->planner)->put('/settings/rates', ['name' => 'heater-years', 'value' => 2.0])->assertSessionHasNoErrors();
        self::assertGreaterThan($before, $rate());
        $this->put('/settings/rates', ['name' => 'heater-years', 'value' => 0.1])->assertSessionHasErrors('value');
        $this->put('/settings/rates', ['name' => 'heater-luck', 'value' => 1.0])->assertSessionHasErrors('name');
        $this->put('/settings/rates', ['name' => 'heater-years', 'value' => null])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($before, $rate(), 1e-6);
    }

    #[Test]
    public function failures_of_our_own_say_how_long_a_heater_lives(): void
    {
        $life = fn (): array => collect($this->page('/settings/rates')['rates'])->firstWhere('name', 'heater-years')['counted'];
        self::assertSame([0, null, null], [$life()['failures'], $life()['years'], $life()['highYears']]);
        $old = $this->system->items()->create(['job' => 'heater', 'name' => 'Old', 'installed_on' => now()->subYears(4)->toDateString()]);
        $this->actingAs($this->planner)->post("/items/{$old->id}/retire", ['reason' => 'planned', 'failed' => false]);
        self::assertSame(0, $life()['failures'], 'it still worked');
        $dead = $this->system->items()->create(['job' => 'heater', 'name' => 'Dead', 'installed_on' => now()->subYears(2)->toDateString()]);
        $this->post("/items/{$dead->id}/retire", ['reason' => 'cold', 'failed' => true])->assertSessionHasNoErrors();
        $one = $life();
        self::assertSame([1, false], [$one['failures'], $one['isEnough']]);
        self::assertGreaterThan($one['lowYears'], $one['years']);
        $led = Incident::query()->create([
            'uuid' => (string) Str::uuid(),
            'system_id' => $this->system->id,
            'kind' => 'cold',
            'began_at' => now(),
            'user_id' => $this->planner->id,
            'failed_item_id' => $this->first()->id,
            'failed_age_years' => 0.5,
        ]);
        self::assertSame(1, $life()['failures'], 'its review is not written');
        $led->update(['closed_at' => now()]);
        self::assertSame(2, $life()['failures']);
        self::assertLessThan($one['years'], $life()['years']);
        Incident::query()->create([...$led->only(['system_id', 'kind', 'began_at', 'user_id', 'closed_at']),
            'uuid' => (string) Str::uuid(), 'failed_item_id' => $dead->id, 'failed_age_years' => 2.0]);
        self::assertSame(2, $life()['failures'], 'the same device fails once');
    }

    #[Test]
    public function an_offer_goes_to_a_client_only_with_rates_the_company_stands_for(): void
    {
        $url = "/systems/{$this->system->id}/risk/offer.pdf";
        $this->actingAs($this->planner)->get($url)->assertStatus(409);
        $this->put('/settings/measures', ['prices' => ['battery-air' => 21_000, 'new-heaters' => 18_000, 'generator' => 320_000]])
            ->assertSessionHasNoErrors();
        RiskRate::query()->create(['name' => 'outage-1h', 'value' => 0.8, 'user_id' => $this->planner->id]);
        $pdf = (string) $this->get("{$url}?budget=40000")->assertOk()->getContent();
        $text = (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput();
        self::assertStringContainsString('A battery with a pump that breaks the surface', $text);
        self::assertStringContainsString('Electricity beside water', $text, 'people first, outside the budget');
        self::assertStringContainsString('A generator that starts by itself', $text, 'put off, with its risk');
        self::assertLessThan(strpos($text, 'Later'), strpos($text, 'Electricity beside water'));
    }

    #[Test]
    public function one_budget_is_spread_over_the_fleet_and_follows_prices_and_edits(): void
    {
        $across = fn (string $asked): ?array => $this->page("/risk/year?{$asked}")['across'] ?? null;
        self::assertNull($across(''));
        $prices = ['battery-air' => 21_000, 'new-heaters' => 18_000, 'emergency-proved' => 3_000];
        $this->actingAs($this->planner)->put('/settings/measures', ['prices' => $prices]);
        self::assertSame([], $across('budget=90000')['lines'], 'nothing is drawn yet');
        Years::keep(collect([$this->fresh()]));
        self::assertSame([$this->system->id], MeasureCurves::due());
        Artisan::call('velbrin:measures');
        self::assertSame([], MeasureCurves::due());
        $found = $across('budget=90000');
        self::assertSame([$this->system->id], array_column($found['lines'], 'id'));
        self::assertNotSame([], $found['lines'][0]['measures']);
        self::assertSame([], $across('budget=0')['lines']);
        $own = $this->system->site()->firstOrFail()->client_id;
        $other = self::site('Other', 'Other')->client_id;
        self::assertCount(1, $across("budget=90000&client={$own}")['lines']);
        self::assertSame([], $across("budget=90000&client={$other}")['lines']);
        $this->put('/settings/measures', ['prices' => ['battery-air' => 21_001]]);
        self::assertSame([$this->system->id], MeasureCurves::due(), 'a price moved');
        Artisan::call('velbrin:measures');
        $this->travel(5)->seconds();
        Years::keep(collect([$this->fresh()]));
        self::assertSame([$this->system->id], MeasureCurves::due(), 'its year was worked out anew');
        $this->get('/risk/year?budget=-1')->assertSessionHasErrors('budget');
    }

    #[Test]
    public function a_signed_offer_keeps_what_was_put_off_and_comes_up_when_its_day_has_passed(): void
    {
        $url = "/systems/{$this->system->id}/risk/offers";
        $prices = ['battery-air' => 21_000, 'new-heaters' => 18_000, 'generator' => 320_000];
        $this->actingAs($this->planner)->put('/settings/measures', ['prices' => $prices]);
        $paper = ['signed_by' => 'Ada Wray', 'signed_on' => now()->subDays(40)->toDateString(), 'budget' => 40_000];
        $this->post($url, $paper)->assertStatus(409);
        RiskRate::query()->create(['name' => 'outage-1h', 'value' => 0.8, 'user_id' => $this->planner->id]);
        $later = array_column(
            array_filter(
                $this->page("/systems/{$this->system->id}/risk/measures?budget=40000")['judged']['measures'],
                fn (array $m): bool => ! $m['chosen'] && $m['saves'] > 0,
            ),
            'kind',
        );
        self::assertContains('generator', $later);
        $until = array_fill_keys($later, now()->addYear()->toDateString());
        $this->post($url, [...$paper, 'until' => array_diff_key($until, ['generator' => 1])])
            ->assertSessionHasErrors(['until.generator']);
        $this->post($url, [...$paper, 'until' => [...$until, 'generator' => $paper['signed_on']]])
            ->assertSessionHasErrors(['until.generator']);
        $this->post($url, [...$paper, 'signed_by' => '', 'until' => $until])->assertSessionHasErrors('signed_by');
        self::assertSame(0, SignedOffer::query()->count());
        $this->post($url, [...$paper, 'until' => $until])->assertSessionHasNoErrors();
        self::assertSame([], $this->page('/risk/year')['putOff'], 'nothing of it has passed');
        $this->post($url, [...$paper, 'until' => [...$until, 'generator' => now()->subDay()->toDateString()]])
            ->assertSessionHasNoErrors();
        $due = $this->page('/risk/year')['putOff'];
        self::assertSame([MeasureKind::Generator->label()], $due[0]['what']);
        $signed = $this->page("/systems/{$this->system->id}/risk/measures")['signed'];
        self::assertSame([true], array_values(array_filter(array_column($signed['putOff'], 'isDue'))));
        self::assertStringContainsString('a battery', strtolower(implode(' ', $signed['taken'])));
        $this->travel(1)->days();
        $this->post($url, [...$paper, 'until' => $until])->assertSessionHasNoErrors();
        self::assertSame([], $this->page('/risk/year')['putOff'], 'the last paper stands');
    }

    #[Test]
    public function the_best_set_keeps_to_the_budget_and_counts_upkeep(): void
    {
        foreach (['battery-air' => 21_000, 'new-heaters' => 18_000, MeasurePrice::MINUTE => 100] as $kind => $minor) {
            MeasurePrice::query()->create(['kind' => $kind, 'minor' => $minor]);
        }
        $best = fn (string $query): array => $this->page("/systems/{$this->system->id}/risk/measures{$query}")['judged']['best'];
        self::assertSame([], $best('?budget=17999')['ids']);
        self::assertSame(['battery-air'], array_values(array_intersect($best('?budget=21000')['ids'], ['battery-air'])));
        self::assertLessThanOrEqual(39_000, $best('')['costMinor']);
        $curve = $this->page("/systems/{$this->system->id}/risk/measures")['judged']['curve'];
        self::assertSame(0, $curve[0]['costMinor']);
        self::assertLessThan($curve[0]['yearly'], end($curve)['yearly']);
        $this->actingAs($this->planner)->put('/settings/measures', ['prices' => ['luck' => 1]])->assertSessionHasErrors('prices');
    }

    #[Test]
    public function whoever_is_missed_is_named_with_what_comes_too_late(): void
    {
        $people = fn (): array => $this->page("/systems/{$this->system->id}/risk/single")['people'];
        [$alone] = $people();
        self::assertNotSame([], $alone['tooLate'], 'nobody stands behind the one on call');
        self::assertNull($alone['tooLate'][0]['withoutH']);
        self::assertLessThanOrEqual($alone['tooLate'][0]['harmH'], $alone['tooLate'][0]['withH']);
        DB::table('on_calls')->delete();
        self::assertSame([], $people(), 'nobody on call: nobody to miss');
    }

    #[Test]
    public function what_hangs_on_one_thing_is_named_and_what_nobody_wrote_down_stays_open(): void
    {
        $heat = fn (): ?string => collect($this->page('/risk/year')['shared'])->firstWhere('function', 'heat')['part'] ?? null;
        self::assertSame('unknown', $heat(), 'no circuit is on record');
        $circuits = array_map(
            fn (string $name): int => Circuit::query()->create(['site_id' => $this->system->site_id, 'name' => $name])->id,
            ['A', 'B'],
        );
        [$one, $two] = $this->system->items()->where('job', 'heater')->orderBy('id')->get()->all();
        $one->update(['circuit_id' => $circuits[0]]);
        self::assertSame('unknown', $heat(), 'one of them is');
        $two->update(['circuit_id' => $circuits[0]]);
        self::assertSame('circuit', $heat());
        $two->update(['circuit_id' => $circuits[1]]);
        self::assertNull($heat(), 'apart');
        $controller = Controller::query()->create(['site_id' => $this->system->site_id, 'name' => 'Head']);
        $strip = Strip::query()->create(
            ['site_id' => $this->system->site_id, 'controller_id' => $controller->id, 'circuit_id' => $circuits[0], 'name' => 'S'],
        );
        $outlets = array_map(
            fn (string $name): int => $strip->outlets()->create(['site_id' => $strip->site_id, 'name' => $name])->id,
            ['1', '2'],
        );
        $one->update(['outlet_id' => $outlets[0]]);
        $two->update(['outlet_id' => $outlets[1]]);
        self::assertSame('strip', $heat(), 'the strip’s own circuit counts, not the word of before');
        $two->update(['outlet_id' => $outlets[0]]);
        self::assertSame('outlet', $heat());
        $two->update(['retired_at' => now()]);
        self::assertNull($heat(), 'one alone shares with nobody');
    }

    #[Test]
    public function heaters_of_one_month_are_named_with_their_systems(): void
    {
        for ($i = 0; $i < 4; $i++) {
            $system = Fixture::system(self::site("Client {$i}", "Place {$i}"), $this->planner, "Reef {$i}");
            $system->items()->create(['job' => Job::Heater, 'name' => 'H', 'watts' => 100, 'installed_on' => '2025-03-10']);
        }
        $cohort = collect($this->page('/risk/year')['cohorts'])->firstWhere('month', '2025-03');
        self::assertSame(['Heater', 4], [$cohort['job'], $cohort['count']]);
        self::assertCount(4, $cohort['systems']);
        self::assertGreaterThan(0, $cohort['twoOrMorePct']);
    }

    /** @return array<string, mixed> */
    private function page(string $url): array
    {
        $page = null;
        $this->actingAs($this->planner)->get($url)->assertOk()->assertInertia(function ($p) use (&$page): void {
            $page = $p->toArray()['props'];
            if (preg_match('~/(risk|measures|year|single)(\?|$)~', $p->toArray()['url']) === 1) {
                $p->loadDeferredProps(function ($late) use (&$page): void {
                    $page = [...$page, ...$late->toArray()['props']];
                });
            }
        });

        return $page;
    }

    private function first(): \App\Systems\Item
    {
        return $this->system->items()->where('job', 'heater')->orderBy('id')->firstOrFail();
    }

    private function fresh(): System
    {
        return System::query()->with(StandingReader::loads())->findOrFail($this->system->id);
    }
}
