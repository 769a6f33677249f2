<?php

declare(strict_types=1);

namespace Tests\Systems;

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
        self::assertStringContainsString(
            'Replace Left',
            FollowUp::query()->where('system_id', $this->system->id)->sole()->text,
        );
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
