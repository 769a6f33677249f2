<?php

declare(strict_types=1);

namespace Tests\Risk;

use App\Control\Controller;
use App\Risk\Around;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A guard on pH before a dosing head that does not stop: judged by the alkalinity and the pH of the water it stands in. */
final class DoseGuardTest extends TestCase
{
    private User $planner;

    private System $system;

    private Controller $controller;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->controller = Fixture::controller($this->system->site()->firstOrFail());
        $outlet = $this->controller->strips()->firstOrFail()->outlets()->firstOrFail();
        $this->system->items()->create(['job' => 'doser', 'name' => 'Alkalinity head', 'watts' => 3, 'outlet_id' => $outlet->id,
            'doses' => 'hydroxide', 'strength_meq_ml' => 1.0, 'holds_ml' => 10000, 'line_break' => true]);
        $probe = $this->controller->sensors()->create(['kind' => 'probe', 'name' => 'pH probe', 'quantity' => 'ph', 'resolution' => 0.01,
            'hangs_in' => 'display', 'system_id' => $this->system->id, 'calibrated_on' => now()->toDateString(),
            'calibrate_every_days' => 30]);
        $this->actingAs($this->planner)->put("/control/{$this->controller->id}", [
            'revision' => 0,
            'outlets' => [['id' => $outlet->key(), 'place' => 'alkalinity', 'lostLink' => 'off',
                'rule' => ['kind' => 'pulse', 'minutes' => [600], 's' => 30, 'mlPerMin' => 20, 'capMl' => 40]]],
            'guards' => [['id' => 'high pH', 'outlet' => $outlet->key(), 'when' => [['probe' => $probe->key(), 'above' => 8.5]],
                'forS' => 60, 'then' => 'off', 'rank' => 'animals', 'blind' => 'off']],
        ])->assertOk();
        $this->post("/control/{$this->controller->id}/activate", ['why' => 'first', 'entered' => true])->assertSessionHasNoErrors();
    }

    private function read(string $parameter, float $value, ?System $system = null): void
    {
        ($system ?? $this->system)->readings()->create(['client_uuid' => (string) Str::uuid(), 'parameter' => $parameter, 'value' => $value,
            'given_value' => $value, 'given_unit' => '', 'taken_at' => now(), 'method' => 'kit', 'doubtful' => false,
            'user_id' => $this->planner->id]);
    }

    /** @return array{float|null, float|null, float|null} alkalinity and pH as its set-up knows them, and what its guard looks at */
    private function known(): array
    {
        $system = System::query()->findOrFail($this->system->id);
        $setUp = array_values(Around::of(collect([$system]))->setUps($system))[0];

        return [$setUp->facts->alkDkh, $setUp->facts->ph, $setUp->programme->guards[0]->when[0]->limit];
    }

    #[Test]
    public function it_is_judged_by_what_was_read_last_in_the_water_its_probe_hangs_in(): void
    {
        self::assertSame([null, null, 8.5], $this->known(), 'nobody has read it');
        $this->read('alkalinity', 8.0);
        self::assertSame([8.0, null, 8.5], $this->known());
        $this->read('ph', 8.1);
        $other = Fixture::system($this->system->site()->firstOrFail(), $this->planner, 'Another');
        $this->read('alkalinity', 11.0, $other);
        self::assertSame([8.0, 8.1, 8.5], $this->known());
        $this->controller->sensors()->whereNotNull('system_id')->update(['system_id' => $other->id]);
        self::assertSame([11.0, null, 8.5], $this->known());
    }

    #[Test]
    public function where_nothing_doses_nothing_is_asked(): void
    {
        $this->read('alkalinity', 8.0);
        $this->system->items()->where('job', 'doser')->update(['job' => 'circulation-pump']);
        self::assertSame([null, null, 8.5], $this->known());
        $this->system->items()->update(['job' => 'reactor']);
        self::assertSame([8.0, null, 8.5], $this->known());
    }
}
