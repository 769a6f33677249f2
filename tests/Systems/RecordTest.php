<?php

declare(strict_types=1);

namespace Tests\Systems;

use App\Systems\OwnParameter;
use App\Systems\Reading;
use App\Systems\System;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Spatie\Activitylog\Models\Activity;
use Tests\Fixture;
use Tests\TestCase;

final class RecordTest extends TestCase
{
    #[Test]
    public function a_reading_is_kept_once_in_the_core_s_unit_and_judged(): void
    {
        $tech = Fixture::onCall(self::user('technician'));
        $system = Fixture::system(self::site(), self::user('planner'));
        $this->actingAs($tech);
        $uuid = (string) Str::uuid();
        $this->read($system, 3.0, ['unit' => 'meq/L', 'client_uuid' => $uuid])->assertSessionHasNoErrors();
        $this->read($system, 3.0, ['unit' => 'meq/L', 'client_uuid' => $uuid])->assertSessionHas(
            'said',
            'That reading is already kept.',
        );
        $reading = Reading::query()->sole();
        self::assertSame([8.4, 3.0, 'meq/L'], [round($reading->value, 6), $reading->given_value, $reading->given_unit]);

        foreach ([6, 4, 2] as $i => $ago) {
            $this->read($system, 8.1 - 0.2 * $i, [
                'taken_at' => now()->subDays($ago)->toIso8601String(),
                'sure' => true,
            ])->assertSessionHasNoErrors();
        }
        $this->post("/readings/{$reading->id}/mark", ['reason' => 'old kit'])->assertSessionHasNoErrors();
        $judged = $system->judgements()->sole();
        self::assertEqualsWithDelta(-0.1, $judged->slope_per_day, 1e-6);
        // 7.7 two days ago, falling 0.1 a day: now 7.5, and 5 days to 7.0.
        self::assertEqualsWithDelta(5, $judged->days_to_leave, 0.01);
        self::assertEqualsWithDelta(5, now()->diffInDays($judged->leaves_at), 0.01);
        self::assertSame('old kit', $reading->refresh()->marked_reason);

        $fleet = self::props($this->get('/systems'))['lines'];
        self::assertStringContainsString('leaves the band in 5', $fleet[0]['worst']);
    }

    #[Test]
    public function an_impossible_reading_is_refused_with_its_range_and_a_doubtful_one_asked_for_again(): void
    {
        $system = Fixture::system(self::site(), self::user('planner'));
        $this->actingAs(Fixture::onCall(self::user('technician')));
        $this->read($system, 44)->assertSessionHasErrors([
            'value' => 'Alkalinity cannot be that. It lies within 0 to 30 dKH.',
        ]);
        $this->read($system, 90, [
            'parameter' => 'temperature',
            'unit' => '°F',
            'sure' => true,
        ])->assertSessionHasNoErrors();
        $this->read($system, 200, ['parameter' => 'temperature', 'unit' => '°F'])->assertSessionHasErrors([
            'value' => 'Temperature cannot be that. It lies within 41 to 104 °F.',
        ]);
        $this->read($system, 8, ['unit' => '°F'])->assertSessionHasErrors('unit');
        $this->read($system, 0.8)->assertSessionHasErrors('sure');
        self::assertStringContainsString('ten times', session('errors')->first('sure'));
        $this->read($system, 5.0)->assertSessionHasErrors('sure');
        self::assertSame(1, Reading::query()->count());
        $this->read($system, 5.0, ['sure' => true])->assertSessionHasNoErrors();
        self::assertTrue(Reading::query()->latest('id')->firstOrFail()->doubtful);
        $this->read($system, 8, ['taken_at' => now()->addDay()->toIso8601String()])->assertSessionHasErrors('taken_at');
    }

    #[Test]
    public function a_parameter_of_the_company_s_own_is_read_banded_and_judged_like_the_others(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $this->actingAs($planner)
            ->post('/settings/parameters', [
                'name' => 'Iodine',
                'unit' => 'µg/L',
                'least' => 0,
                'most' => 500,
                'resolution' => 5,
            ])
            ->assertSessionHasNoErrors();
        $this->post('/settings/parameters', [
            'name' => 'Iodine',
            'unit' => '',
            'least' => 5,
            'most' => 1,
            'resolution' => 0,
        ])->assertSessionHasErrors(['name', 'most', 'resolution']);
        $own = OwnParameter::query()->sole();
        $key = "own-{$own->id}";
        $limits = [
            'aim_low' => 55,
            'aim_high' => 65,
            'fine_low' => 40,
            'fine_high' => 80,
            'act_low' => 20,
            'act_high' => 120,
            'tracked' => true,
            'reason' => 'the laboratory’s range',
        ];
        $this->put("/systems/{$system->id}/bands/{$key}", $limits)->assertSessionHasNoErrors();
        foreach ([6, 4, 2] as $i => $ago) {
            $this->read($system, 70 - 4 * $i, [
                'parameter' => $key,
                'unit' => 'as named',
                'taken_at' => now()->subDays($ago)->toIso8601String(),
            ])->assertSessionHasNoErrors();
        }
        $this->read($system, 900, ['parameter' => $key, 'unit' => 'as named'])->assertSessionHasErrors([
            'value' => 'Iodine, µg/L cannot be that. It lies within 0 to 500.',
        ]);
        // 62 two days ago, falling 2 a day: now 58, and 9 days to 40.
        self::assertEqualsWithDelta(9, $system->judgements()->sole()->days_to_leave, 0.01);
        $page = self::props($this->get("/systems/{$system->id}/readings?of={$key}"));
        self::assertSame('Iodine, µg/L', $page['series']['label']);
        self::assertCount(3, $page['series']['readings']);
        $this->post("/settings/parameters/{$own->id}/archive")->assertSessionHasNoErrors();
        $this->read($system, 60, ['parameter' => $key, 'unit' => 'as named'])->assertSessionHasErrors('parameter');
        self::assertCount(
            3,
            self::props($this->get("/systems/{$system->id}/readings?of={$key}"))['series']['readings'],
            'old readings stay',
        );
    }

    #[Test]
    public function a_band_keeps_its_reason_its_order_and_is_judged_again(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $this->actingAs($planner);
        $this->read($system, 8.7, ['sure' => true]);
        self::assertSame('high', $system->judgements()->sole()->standing->value);
        $limits = [
            'aim_low' => 8,
            'aim_high' => 9,
            'fine_low' => 7,
            'fine_high' => 10,
            'act_low' => 6,
            'act_high' => 11,
            'tracked' => true,
        ];
        $this->put("/systems/{$system->id}/bands/alkalinity", [
            ...$limits,
            'fine_low' => 8.5,
            'reason' => 'x',
        ])->assertSessionHasErrors('aim_low');
        $this->put("/systems/{$system->id}/bands/alkalinity", $limits)->assertSessionHasErrors('reason');
        $this->put("/systems/{$system->id}/bands/alkalinity", [
            ...$limits,
            'reason' => 'raised on purpose',
            'holds_while' => 'stony corals',
        ])->assertSessionHasNoErrors();
        self::assertSame('aim', $system->judgements()->sole()->standing->value);

        $this->put("/systems/{$system->id}", [
            'name' => 'Reef',
            'kind' => 'fish',
            'regime' => 'fish-only',
            'started_precision' => 'day',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            10.0,
            $system->bands()->where('parameter', 'alkalinity')->sole()->fine_high,
            'a deviation on purpose outlives a change of regime',
        );
        self::assertSame(50.0, $system->bands()->where('parameter', 'nitrate')->sole()->fine_high);
        self::assertFalse($system->bands()->where('parameter', 'calcium')->exists());
    }

    #[Test]
    public function limits_are_shown_to_the_resolution_of_their_parameter(): void
    {
        $system = Fixture::system(self::site(), self::user('planner'));
        self::assertEqualsWithDelta(
            413.333,
            (float) $system->bands()->where('parameter', 'calcium')->sole()->aim_low,
            0.001,
        );
        $bands = collect(
            self::props($this->actingAs(self::user('planner'))->get("/systems/{$system->id}/regime"))['bands'],
        );
        self::assertSame(
            [413, 427],
            array_map(intval(...), [
                $bands->firstWhere('parameter', 'calcium')['aimLow'],
                $bands->firstWhere('parameter', 'calcium')['aimHigh'],
            ]),
        );
        self::assertSame(413.0, (float) $bands->firstWhere('parameter', 'calcium')['aimLow'], 'not 413.333 mg/L');
        self::assertSame(7.5, round((float) $bands->firstWhere('parameter', 'alkalinity')['aimLow'], 2));
    }

    #[Test]
    public function the_register_forecasts_replacement_and_retires_with_a_reason(): void
    {
        $tech = Fixture::onCall(self::user('technician'));
        $system = Fixture::system(self::site(), self::user('planner'));
        $this->actingAs($tech)
            ->post("/systems/{$system->id}/items", [
                'job' => 'heater',
                'name' => 'Heater 1',
                'watts' => 300,
                'installed_on' => now()->subMonths(14)->toDateString(),
                'installed_precision' => 'day',
            ])
            ->assertSessionHasNoErrors();
        $item = $system->items()->sole();
        self::assertEqualsWithDelta(30, now()->diffInDays($item->replace_on), 3);
        $findings = self::props($this->get("/systems/{$system->id}/register"))['findings'];
        self::assertStringContainsString('Heater 1 ages out in', $findings[0]['what']);
        $change = [
            'job' => 'heater',
            'name' => 'Heater 1',
            'watts' => 250,
            'installed_precision' => 'month',
            'installed_on' => now()->subMonths(2)->toDateString(),
        ];
        $this->put("/items/{$item->id}", $change)->assertSessionHasErrors('reason');
        $this->put("/items/{$item->id}", [...$change, 'reason' => 'label was misread'])->assertSessionHasNoErrors();
        self::assertSame(
            'label was misread',
            Activity::query()->where('event', 'reason')->sole()->properties->toArray()['reason'],
        );
        self::assertSame(
            300,
            (int) Activity::query()
                ->where('subject_type', 'item')
                ->where('event', 'updated')
                ->sole()
                ->properties->toArray()['old']['watts'],
        );
        self::assertGreaterThan(300, now()->diffInDays($item->refresh()->replace_on));
        $this->post("/items/{$item->id}/retire", [])->assertSessionHasErrors('reason');
        $this->post("/items/{$item->id}/retire", ['reason' => 'replaced'])->assertSessionHasNoErrors();
        $this->put("/items/{$item->id}", [
            'job' => 'heater',
            'name' => 'x',
            'installed_precision' => 'day',
        ])->assertForbidden();
    }

    #[Test]
    public function measured_sizes_are_written_into_the_record_and_move_its_volume_and_drawing(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $before = $system->true_volume_l;
        $props = self::props($this->actingAs($planner)->get("/systems/{$system->id}"));
        $values = $props['facts']['values'];
        $this->put("/systems/{$system->id}/facts", [
            'values' => [...$values, 'lengthMm' => 1400],
            'chambers' => $props['facts']['chambers'],
        ])->assertSessionHasNoErrors();
        self::assertGreaterThan($before + 40, $system->refresh()->true_volume_l);
        $log = $system->logEntries()->where('kind', 'change')->sole()->text;
        self::assertStringContainsString('Measured anew: length, outside', $log);
        self::assertContains('changes', $system->ripples()->pluck('subject')->all());
        self::assertSame(1400.0, (float) $system->vessels()->where('role', 'display')->sole()->facts['lengthMm']);
        $this->put("/systems/{$system->id}/facts", ['values' => [...$values, 'heightMm' => 9]])->assertSessionHasErrors(
            'values.heightMm',
        );
        $change = Activity::query()
            ->where('subject_type', 'vessel')
            ->where('event', 'updated')
            ->latest('id')
            ->get()
            ->first(fn (Activity $a): bool => isset($a->properties->toArray()['old']['facts']));
        self::assertNotNull($change);
        self::assertSame($planner->id, $change->causer_id);
        self::assertSame(1200, (int) $change->properties->toArray()['old']['facts']['lengthMm']);
    }

    #[Test]
    public function the_fleet_puts_what_leaves_first_on_top_and_a_client_sees_only_their_own(): void
    {
        $planner = self::user('planner');
        $mine = self::site();
        $calm = Fixture::system($mine, $planner, 'Calm');
        $falling = Fixture::system(self::site('Other', 'There'), $planner, 'Falling');
        $this->actingAs($planner);
        foreach ([6, 4, 2] as $i => $ago) {
            $at = ['taken_at' => now()->subDays($ago)->toIso8601String(), 'sure' => true];
            $this->read($calm, 7.75, $at);
            $this->read($falling, 8.1 - 0.2 * $i, $at);
        }
        self::assertSame(['Falling', 'Calm'], array_column(self::props($this->get('/systems'))['lines'], 'name'));
        self::assertSame(['Calm'], array_column(self::props($this->get('/systems?q=Calm'))['lines'], 'name'));
        $client = self::user('client', $mine->client_id);
        self::assertSame(
            ['Calm'],
            array_column(self::props($this->actingAs($client)->get('/systems'))['lines'], 'name'),
        );
        self::assertSame([], $this->getJson('/go?q=Falling')->json());
        self::assertSame('Calm', $this->getJson('/go?q=alm')->json('0.label'));
    }

    /** @param  array<string, mixed>  $more */
    private function read(System $system, float $value, array $more = []): \Illuminate\Testing\TestResponse
    {
        return $this->post("/systems/{$system->id}/readings", [
            'parameter' => 'alkalinity',
            'value' => $value,
            'unit' => 'dKH',
            'method' => 'kit',
            'client_uuid' => (string) Str::uuid(),
            ...$more,
        ]);
    }

    #[Test]
    public function a_device_counts_once_it_is_tested_and_until_then_every_page_says_so(): void
    {
        $tech = Fixture::onCall(self::user('technician'));
        $system = Fixture::system(self::site(), self::user('planner'));
        $new = ['job' => 'heater', 'name' => 'Heater 2', 'installed_precision' => 'day', 'state' => 'powered'];
        $this->actingAs($tech)
            ->post("/systems/{$system->id}/items", $new)
            ->assertSessionHasNoErrors();
        $this->post("/systems/{$system->id}/items", [
            ...$new,
            'job' => 'light',
            'name' => 'Light',
        ])->assertSessionHasNoErrors();
        foreach (['', '/readings', '/tasks', '/risk'] as $tab) {
            self::assertSame(
                'Heater 2 is powered, not tested',
                self::props($this->get("/systems/{$system->id}{$tab}"))['header']['unprotected'],
            );
        }
        $item = $system->items()->where('name', 'Heater 2')->sole();
        $this->post("/items/{$item->id}/state", ['state' => 'tested'])->assertSessionHasErrors('result');
        $this->post("/items/{$item->id}/state", [
            'state' => 'tested',
            'result' => 'clicks off at 25.6 °C',
        ])->assertSessionHasNoErrors();
        self::assertNull(self::props($this->get("/systems/{$system->id}"))['header']['unprotected']);
        self::assertStringContainsString('clicks off', (string) $system->logEntries()->latest('id')->value('text'));
        $this->post("/items/{$item->id}/state", ['state' => 'mounted'])->assertSessionHasNoErrors();
        self::assertNotNull(self::props($this->get("/systems/{$system->id}"))['header']['unprotected']);
        self::assertNull(
            self::props(
                $this->actingAs(self::user('client', $system->site?->client_id))->get("/systems/{$system->id}"),
            )['header']['unprotected'],
            'a client is not alarmed by our list',
        );
    }

    #[Test]
    public function a_marked_reading_is_neither_the_latest_nor_on_the_line(): void
    {
        $this->actingAs(self::user('planner'));
        $system = Fixture::system(self::site(), self::user('planner'));
        foreach ([[3, 8.0], [2, 8.1], [1, 8.2]] as [$daysAgo, $value]) {
            $this->read($system, $value, ['taken_at' => now()->subDays($daysAgo)->toIso8601String()]);
        }
        $judged = fn () => $system->judgements()->where('parameter', 'alkalinity')->sole();
        self::assertSame([3, 8.2], [$judged()->count, $judged()->latest]);
        $latest = Reading::query()->latest('taken_at')->firstOrFail();
        $this->post("/readings/{$latest->id}/mark", ['reason' => 'kit out of date'])->assertSessionHasNoErrors();
        self::assertSame([2, 8.1], [$judged()->count, $judged()->latest]);
        self::assertEqualsWithDelta(
            now()->subDays(2)->getTimestamp(),
            $judged()->latest_at->getTimestamp(),
            5,
            'and it is as old as the one before',
        );
    }
}
