<?php

declare(strict_types=1);

namespace Tests\Systems;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Systems\OpenRipple;
use App\Systems\System;
use App\Systems\Vessel;
use App\Systems\VesselChange;
use App\Team\User;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A refugium joins a running system and leaves it again: litres, room for a power cut, what is re-opened, what stays on record. */
final class VesselChangeTest extends TestCase
{
    private const ROW = ['lengthMm' => 600, 'widthMm' => 500, 'heightMm' => 500, 'waterMm' => 350, 'downMm' => 20];

    private User $planner;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
    }

    /** @param  array<string, mixed>  $with @return array<string, mixed> */
    private static function given(array $with = []): array
    {
        return [...self::ROW, 'name' => 'Refugium', 'ownPump' => false, 'reversed' => true, 'leak_tested' => true, 'behind_valve' => true,
            ...$with];
    }

    #[Test]
    public function it_joins_behind_its_valve_and_the_record_follows(): void
    {
        $this->system->update(['measured_volume_l' => 400]);
        $before = (float) $this->system->true_volume_l;
        $this->actingAs($this->planner)->post("/systems/{$this->system->id}/vessels", self::given())->assertSessionHasNoErrors();
        $vessel = Vessel::query()->where('name', 'Refugium')->sole();
        self::assertSame(Days::text(), $vessel->joined_on?->toDateString());
        $this->system->refresh();
        self::assertEqualsWithDelta($before + (float) $vessel->net_l, (float) $this->system->true_volume_l, 0.01, 'litres are conserved');
        self::assertNull($this->system->measured_volume_l, 'measured with other litres');
        self::assertGreaterThan(0, OpenRipple::query()->where('system_id', $this->system->id)->whereNull('confirmed_at')->count());
        self::assertSame(Days::text(1), FollowUp::query()->where('system_id', $this->system->id)->sole()->due_on->toDateString());
        $this->post("/vessels/{$vessel->id}/leave", ['because' => ''])->assertSessionHasErrors('because');
        $this->post("/vessels/{$vessel->id}/leave", ['because' => 'it leaked'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($before, (float) $this->system->refresh()->true_volume_l, 0.01);
        self::assertSame([], $this->system->vessels()->where('name', 'Refugium')->pluck('id')->all());
        self::assertSame('it leaked', $this->system->vesselsEver()->where('name', 'Refugium')->sole()->left_because);
        // The name may come again.
        $this->post("/systems/{$this->system->id}/vessels", self::given())->assertSessionHasNoErrors();
        self::assertSame(2, Vessel::query()->where('name', 'Refugium')->count());
    }

    #[Test]
    public function what_does_not_fit_is_a_stop_unless_its_valve_is_closed(): void
    {
        $weighed = VesselChange::weigh($this->system->load('vessels'), 'Refugium', self::ROW);
        self::assertNotNull($weighed['joined'], (string) $weighed['needs']);
        self::assertFalse($weighed['joined']->fits);
        $this->actingAs($this->planner);
        $this->post("/systems/{$this->system->id}/vessels", self::given(['behind_valve' => false]))
            ->assertSessionHasErrors('behind_valve');
        self::assertSame(0, Vessel::query()->where('name', 'Refugium')->count());
        $small = ['lengthMm' => 120, 'widthMm' => 120, 'heightMm' => 200, 'waterMm' => 50, 'downMm' => 0];
        self::assertTrue(VesselChange::weigh($this->system->load('vessels'), 'Cup', $small)['joined']?->fits);
        $this->post("/systems/{$this->system->id}/vessels", self::given(['behind_valve' => false, 'name' => 'Cup', ...$small]))
            ->assertSessionHasNoErrors();
    }

    #[Test]
    public function nothing_joins_untested_twice_or_without_a_size(): void
    {
        $this->actingAs($this->planner);
        $join = fn (array $with): mixed => $this->post("/systems/{$this->system->id}/vessels", self::given($with));
        $join(['leak_tested' => false])->assertSessionHasErrors('leak_tested');
        $join(['waterMm' => null])->assertSessionHasErrors('waterMm');
        $join([])->assertSessionHasNoErrors();
        $join([])->assertSessionHasErrors('name');
        $display = $this->system->vessels()->where('role', 'display')->sole();
        $this->post("/vessels/{$display->id}/leave", ['because' => 'x'])->assertSessionHasErrors('because');
    }
}
