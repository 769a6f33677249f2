<?php

declare(strict_types=1);

namespace Tests\Systems;

use App\Build\PlanVersion;
use App\Systems\OpenRipple;
use App\Systems\Product;
use App\Systems\System;
use App\Systems\SystemBrief;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** What a change of a running system re-opens, and the sums done beside it. */
final class RipplesTest extends TestCase
{
    #[Test]
    public function measuring_a_system_anew_re_opens_what_hung_on_it_and_each_is_confirmed(): void
    {
        $system = Fixture::system(self::site(), $planner = self::user('planner'));
        $raw = SystemBrief::raw($system->load('vessels'));
        $this->actingAs($planner)
            ->put("/systems/{$system->id}/facts", [
                'values' => [...$raw['values'], 'rockKg' => 90.0, 'returnLevelMm' => 170.0],
                'bases' => [],
                'chambers' => $raw['chambers'],
            ])
            ->assertSessionHasNoErrors();
        $open = self::props($this->get("/systems/{$system->id}"))['header']['ripples'];
        $subjects = OpenRipple::query()->orderBy('id')->pluck('subject')->all();
        self::assertContains('doses', $subjects);
        self::assertSame(
            ['skimmer', 'top-off'],
            array_values(array_intersect($subjects, ['skimmer', 'top-off'])),
            'one sump level serves both',
        );
        self::assertContains('drain-down', $subjects);
        $changes = $open[array_search('Litres of a change', array_column($open, 'label'), true)];
        self::assertMatchesRegularExpression('/^True water volume \d+.L → \d+.L$/u', $changes['moved']);

        $this->post("/ripples/{$changes['id']}/confirm", ['found' => ''])->assertSessionHasErrors('found');
        $this->post("/ripples/{$changes['id']}/confirm", [
            'found' => 'now 38 L a fortnight',
        ])->assertSessionHasNoErrors();
        self::assertCount(count($open) - 1, self::props($this->get("/systems/{$system->id}"))['header']['ripples']);
        self::assertSame(1, $system->logEntries()->where('text', 'like', '%now 38 L a fortnight')->count());
    }

    #[Test]
    public function a_false_dosing_flow_re_opens_the_dose_and_an_exchanged_pump_its_flow(): void
    {
        $system = Fixture::system(self::site(), self::user('planner'));
        $doser = $system->items()->create(['job' => 'doser', 'name' => 'Alk doser']);
        $pump = $system->items()->create(['job' => 'return-pump', 'name' => 'Return pump']);
        $this->actingAs(Fixture::onCall(self::user('technician')));
        $this->post("/items/{$doser->id}/dosing-flow", ['what' => 'calibrated'])->assertSessionHasErrors('ml_per_min');
        $this->post("/items/{$doser->id}/dosing-flow", [
            'what' => 'calibrated',
            'ml_per_min' => 48.5,
        ])->assertSessionHasNoErrors();
        $this->post("/items/{$pump->id}/dosing-flow", ['what' => 'air'])->assertForbidden();
        self::assertSame(['dose-flow'], OpenRipple::query()->pluck('subject')->all());
        $this->post("/items/{$pump->id}/retire", ['reason' => 'worn'])->assertSessionHasNoErrors();
        $this->post("/systems/{$system->id}/items", [
            'job' => 'return-pump',
            'name' => 'Return pump, larger',
            'installed_precision' => 'day',
            'price_minor' => 18990,
        ])->assertSessionHasNoErrors();
        self::assertSame(
            ['dose-flow', 'flow', 'drain-down', 'spares'],
            OpenRipple::query()->orderBy('id')->pluck('subject')->all(),
        );
    }

    #[Test]
    public function a_later_version_of_a_plan_does_not_touch_the_running_system(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner);
        $this->actingAs($planner)->post("/plans/{$plan->id}/versions", ['note' => 'first']);
        $this->post('/plan-versions/'.PlanVersion::query()->sole()->id.'/accept', [
            'name' => 'Hall reef',
            'kind' => 'mixed reef',
            'regime' => 'natural',
        ])->assertSessionHasNoErrors();
        $system = System::query()->sole();
        $litres = $system->true_volume_l;
        $plan
            ->refresh()
            ->update(['draft' => [...$plan->draft, 'values' => [...$plan->draft['values'], 'rockKg' => 100.0]]]);
        $this->post("/plans/{$plan->id}/versions", ['note' => 'more rock']);
        $second = PlanVersion::query()->where('number', 2)->sole();
        $this->post("/plan-versions/{$second->id}/accept", [])->assertRedirect("/systems/{$system->id}");
        self::assertSame(1, System::query()->count());
        self::assertSame($litres, $system->refresh()->true_volume_l);
        self::assertContains('changes', OpenRipple::query()->pluck('subject')->all());
    }

    #[Test]
    public function sums_start_from_the_record_and_a_measured_volume_overrides(): void
    {
        $system = Fixture::system(self::site(), $planner = self::user('planner'));
        $this->actingAs($planner);
        $page = self::props(
            $this->get("/systems/{$system->id}/sums/salinity?instrument=hydrometer&reading=1.0264&tempC=25"),
        );
        self::assertSame('Salinity', $page['lines'][0]['label']);
        self::assertEqualsWithDelta(35, $page['lines'][0]['value'], 0.1);
        $wrong = self::props(
            $this->get("/systems/{$system->id}/sums/salinity?instrument=hydrometer&reading=1.2&tempC=25"),
        );
        self::assertSame([], $wrong['lines']);
        self::assertStringContainsString('0.99 to 1.04', $wrong['wrong']['reading']);
        self::assertSame(['Salinity now'], self::props($this->get("/systems/{$system->id}/sums/move"))['missing']);

        $fill = self::props(
            $this->get("/systems/{$system->id}/sums/fill-up?systemL=400&shortL=20&nowS=36&wantedS=35&mixSalinity=35"),
        );
        self::assertSame(
            [9.14, 10.86],
            array_map(fn (array $l): float => round($l['value'], 2), $fill['lines']),
            '(35·400 − 36·380)/35',
        );
        $exchange = self::props(
            $this->get("/systems/{$system->id}/sums/fill-up?systemL=400&shortL=2&nowS=36&wantedS=35&mixSalinity=35"),
        );
        self::assertNotSame([], (array) $exchange['wrong'], 'no mixture of the two brings it there');
        $volume = self::props($this->get("/systems/{$system->id}/sums/volume-salt?saltKg=0.44&before=34&after=35"))[
            'lines'
        ][0];
        self::assertEqualsWithDelta((1000 * 0.44 * 35) / 38.5, $volume['value'], 1e-6);
        $this->post("/systems/{$system->id}/volume", [
            'measured_volume_l' => $volume['value'],
            'measured_how' => 'by salt',
        ])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(400, $system->refresh()->volumeL(), 1e-6);
    }

    #[Test]
    public function limits_taken_over_bring_their_conditions_and_a_food_counts_as_an_input(): void
    {
        $site = self::site();
        $from = Fixture::system($site, $planner = self::user('planner'));
        $to = Fixture::system($site, $planner, 'Other');
        $this->actingAs($planner)
            ->put("/systems/{$from->id}/bands/nitrate", [
                'fine_low' => 0.1,
                'fine_high' => 2,
                'act_high' => 4,
                'tracked' => true,
                'reason' => 'pale corals',
                'holds_while' => 'light stock',
            ])
            ->assertSessionHasNoErrors();
        $this->post("/systems/{$to->id}/bands/copy", ['from' => $from->id])->assertSessionHasNoErrors();
        self::assertSame(2.0, $to->bands()->where('parameter', 'nitrate')->sole()->fine_high);
        self::assertStringContainsString(
            'light stock',
            self::props($this->get("/systems/{$to->id}"))['header']['ripples'][0]['check'],
        );

        $this->post('/settings/products', [
            'name' => 'Pellets',
            'kind' => 'food',
            'raises' => ['nitrate', 'phosphate'],
            'lowers' => [],
        ])->assertSessionHasNoErrors();
        $this->post("/systems/{$to->id}/products", [
            'product_id' => Product::query()->sole()->id,
            'how_much' => '2 g a day',
        ])->assertSessionHasNoErrors();
        $rules = fn (): array => array_column(self::props($this->get("/systems/{$to->id}"))['findings'], 'rule');
        self::assertNotContains('X-35', $rules());
        $this->post("/systems/{$to->id}/readings", [
            'parameter' => 'nitrate',
            'value' => 3.0,
            'unit' => 'mg/L',
            'method' => 'kit',
            'client_uuid' => (string) Str::uuid(),
            'sure' => true,
        ])->assertSessionHasNoErrors();
        self::assertContains('X-35', $rules());
        $this->post(
            "/systems/{$to->id}/products/".Product::query()->sole()->id.'/stop',
        )->assertSessionHasNoErrors();
        self::assertNotContains('X-35', $rules());
    }

    #[Test]
    public function a_device_has_its_photo(): void
    {
        Storage::fake('local');
        $system = Fixture::system(self::site(), self::user('planner'));
        $item = $system->items()->create(['job' => 'heater', 'name' => 'Heater 1', 'price_minor' => 4950]);
        $this->actingAs(Fixture::onCall(self::user('technician')))
            ->post("/items/{$item->id}/attachments", ['file' => UploadedFile::fake()->image('label.jpg', 60, 40)])
            ->assertSessionHasNoErrors();
        $line = self::props($this->get("/systems/{$system->id}/register"))['items'][0];
        self::assertNotNull($line['photoId']);
        self::assertNull($line['price'], 'what it cost is the office’s');
        $this->get("/attachments/{$line['photoId']}")->assertOk();
        $this->actingAs(self::user('planner'));
        $line = self::props($this->get("/systems/{$system->id}/register"))['items'][0];
        self::assertSame("EUR\u{00A0}49.50", $line['price']);
    }
}
