<?php

declare(strict_types=1);

namespace Tests\Systems;

use App\House\Days;
use App\Risk\Around;
use App\Risk\Proof;
use App\Rounds\FollowUp;
use App\Systems\Item;
use App\Systems\OpenRipple;
use App\Systems\System;
use App\Team\User;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** What stands in the register decides, not what a plan proposed (R-49). */
final class RegisterTest extends TestCase
{
    private User $planner;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
        $room = $this->system
            ->site()
            ->firstOrFail()
            ->rooms()
            ->create([
                'name' => 'Hall',
                'winter_night_c' => 14,
                'summer_night_c' => 24,
                'winter_day_c' => 20,
                'summer_day_c' => 28,
            ]);
        $this->system->update(['room_id' => $room->id]);
    }

    #[Test]
    public function a_line_s_limit_is_judged_and_wants_setting_anew_when_its_rate_moved(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site('Line', 'Line'), $planner);
        $line = $system->items()->create(['job' => 'ro-unit', 'name' => 'Line', 'ro_span_l' => 20, 'ro_lh' => 10]);
        $says = fn (): string => collect(self::props($this->actingAs($planner)->get("/systems/{$system->id}/register"))['items'])
            ->firstWhere('name', 'Line')['roFindings'][0]['what'] ?? '';
        self::assertStringContainsString('no run limit', $says());
        $keep = fn (array $more) => $this->actingAs($planner)->put("/items/{$line->id}", [
            'job' => 'ro-unit',
            'name' => 'Line',
            'installed_precision' => 'day',
            'ro_span_l' => 20,
            'ro_limit_min' => 120,
            'ro_takes_l' => 40,
            'ro_float' => false,
            'reason' => 'measured',
            ...$more,
        ]);
        $keep(['ro_lh' => 10])->assertSessionHasNoErrors();
        self::assertStringContainsString('no longer than', $says());
        $open = fn (): int => OpenRipple::query()->where('subject', 'run-limit')->whereNull('confirmed_at')->count();
        $keep(['ro_lh' => 11]);
        self::assertSame(0, $open(), 'a tenth');
        $keep(['ro_lh' => 13, 'ro_limit_min' => 100]);
        self::assertSame(0, $open(), 'its limit was set with it');
        $keep(['ro_lh' => 15, 'ro_limit_min' => 100]);
        self::assertSame(1, $open());
        $keep(['ro_lh' => 0])->assertSessionHasErrors('ro_lh');
        $this->post("/items/{$line->id}/limit-reached")->assertSessionHasNoErrors();
        $this->post("/items/{$line->id}/limit-reached");
        $look = FollowUp::query()->sole();
        self::assertStringContainsString('ran until its limit', $look->text, 'one job, however often it is said');
        self::assertSame([20.0, Days::text(1)], [$look->minutes, $look->due_on?->toDateString()]);
    }

    #[Test]
    public function what_is_away_names_what_does_its_work_meanwhile(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site('Away', 'Away'), $planner);
        $item = $system->items()->create(['job' => 'heater', 'name' => 'H', 'away_since' => now()->subDays(3)->toDateString()]);
        $says = fn (): array => array_column(
            array_filter(
                self::props($this->actingAs($planner)->get("/systems/{$system->id}/register"))['findings'],
                fn (array $f): bool => $f['rule'] === 'K-46',
            ),
            'what',
        );
        self::assertStringContainsString('Nothing is said', $says()[0]);
        $keep = fn (array $more) => $this->actingAs($planner)->put("/items/{$item->id}", [
            'job' => 'heater', 'name' => 'H', 'installed_precision' => 'day', 'reason' => 'repair',
            'away_since' => now()->subDays(3)->toDateString(), 'away_where' => 'in repair', ...$more,
        ]);
        $keep(['away_instead' => 'by-hand'])->assertSessionHasErrors('away_hand_days');
        $keep(['away_instead' => 'luck'])->assertSessionHasErrors('away_instead');
        $keep(['away_instead' => 'by-hand', 'away_hand_days' => 2])->assertSessionHasNoErrors();
        self::assertStringContainsString('never was', $says()[0]);
        $keep(['away_instead' => 'loan'])->assertSessionHasNoErrors();
        self::assertSame([], $says());
    }

    #[Test]
    public function what_was_changed_from_how_it_came_counts_as_unproved_until_it_is_proved_anew(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site('Heater', 'Heater'), $planner);
        $item = $system->items()->create([
            'job' => 'heater',
            'name' => 'H',
            'watts' => 200,
            'installed_on' => now()->subYear()->toDateString(),
            'state' => 'tested',
        ]);
        $read = fn (): System => $system->refresh()->load('items', 'vessels');
        $proven = fn (): ?float => Around::of(collect([$read()]))->devices($system, [])[0]->provenYears;
        self::assertNotNull($proven());
        $keep = fn (array $more) => $this->actingAs($planner)->put("/items/{$item->id}", [
            'job' => 'heater', 'name' => 'H', 'watts' => 200, 'installed_precision' => 'day', 'reason' => 'seen',
            'installed_on' => now()->subYear()->toDateString(), ...$more,
        ]);
        $keep(['changed_how' => 'cable shortened'])->assertSessionHasErrors('changed_on');
        $keep(['changed_how' => 'cable shortened', 'changed_on' => now()->subDays(10)->toDateString()])->assertSessionHasNoErrors();
        self::assertNull($proven());
        $prove = fn (int $daysAgo) => Proof::query()->create([
            'system_id' => $system->id, 'item_id' => $item->id, 'what' => Proof::ITEM, 'passed' => true,
            'on' => now()->subDays($daysAgo)->toDateString(), 'user_id' => $planner->id,
        ]);
        $prove(11);
        self::assertNull($proven(), 'proved before it was changed');
        $prove(10);
        self::assertEqualsWithDelta(10 / 365.25, $proven(), 0.01);
    }

    #[Test]
    public function the_margin_and_the_handover_speak_of_what_stands_there(): void
    {
        foreach (['Left', 'Right'] as $name) {
            $this->heater($name, 400, $name);
        }
        self::assertStringContainsString('400', $this->heaters());
        self::assertStringNotContainsString('300', $this->heaters());
        Item::query()->where('name', 'Left')->delete();
        Item::query()
            ->where('name', 'Right')
            ->update(['watts' => 1500]);
        self::assertStringNotContainsString('250', $this->heaters());
        $this->actingAs($this->planner)
            ->get("/systems/{$this->system->id}/handover.pdf")
            ->assertOk();
    }

    #[Test]
    public function retiring_a_heater_re_opens_the_check_and_leaves_a_dated_task(): void
    {
        $heater = $this->heater('Left', 400, 'left');
        $this->heater('Right', 400, 'right');
        $this->actingAs($this->planner)
            ->post("/items/{$heater->id}/retire", ['reason' => 'cracked'])
            ->assertSessionHasNoErrors();
        $replace = FollowUp::query()->where('system_id', $this->system->id)->sole();
        self::assertStringContainsString('Replace Left', $replace->text);
        self::assertSame(Days::text(7), $replace->due_on?->toDateString());
        self::assertTrue(
            OpenRipple::query()
                ->where('system_id', $this->system->id)
                ->whereNull('confirmed_at')
                ->where('label', 'like', '%eater%')
                ->exists(),
        );
        OpenRipple::query()->update(['confirmed_at' => now()]);
        $this->post("/systems/{$this->system->id}/items", [
            'job' => 'heater',
            'name' => 'New',
            'watts' => 300,
            'installed_precision' => 'day',
            'state' => 'tested',
        ])->assertSessionHasNoErrors();
        self::assertTrue(
            OpenRipple::query()
                ->where('system_id', $this->system->id)
                ->whereNull('confirmed_at')
                ->where('label', 'like', '%eater%')
                ->exists(),
            'adding one re-opens it too',
        );
    }

    #[Test]
    public function what_is_away_or_off_does_not_heat(): void
    {
        $heater = $this->heater('Left', 400, 'left');
        $with = $this->tooCold();
        $heater->update(['away_since' => now()->toDateString()]);
        $away = $this->tooCold();
        self::assertNotSame($with['harms'], $away['harms'], 'away for service');
        $heater->update(['away_since' => null]);
        self::assertSame($with['harms'], $this->tooCold()['harms']);
        $heater->update(['retired_at' => now(), 'retired_reason' => 'old']);
        self::assertSame($away['harms'], $this->tooCold()['harms'], 'a retired one neither');
    }

    #[Test]
    public function a_measured_volume_counts_in_the_hours(): void
    {
        $this->heater('Left', 400, 'left');
        $hours = function (): float {
            $page = self::props($this->actingAs($this->planner)->get("/systems/{$this->system->id}/risk"));

            return (float) collect($page['hazards'])->firstWhere('hazard', 'power-cut')['harms'][1]['hours'];
        };
        $computed = $hours();
        $this->system->update([
            'measured_volume_l' => 0.5 * (float) $this->system->true_volume_l,
            'measured_how' => 'salt',
        ]);
        self::assertLessThan($computed, $hours());
    }

    private function heater(string $name, float $watts, string $switch): Item
    {
        return $this->system
            ->items()
            ->create(['job' => 'heater', 'name' => $name, 'watts' => $watts, 'switched_by' => $switch]);
    }

    private function heaters(): string
    {
        $figures = self::props($this->actingAs($this->planner)->get("/systems/{$this->system->id}"))['answers'][
            'figures'
        ];

        return (string) collect($figures)->firstWhere('key', 'heaters')['text'];
    }

    /** @return array<string, mixed> */
    private function tooCold(): array
    {
        return collect(
            self::props($this->actingAs($this->planner)->get("/systems/{$this->system->id}/risk"))['hazards'],
        )->firstWhere('hazard', 'too-cold');
    }
}
