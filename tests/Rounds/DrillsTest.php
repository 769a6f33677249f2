<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Risk\Proof;
use App\Rounds\ProvedAtVisit;
use App\Rounds\Task;
use App\Rounds\VisitClosed;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** Proofs come round like any job, and count from the day they were done (R-43, E-6). */
final class DrillsTest extends TestCase
{
    #[Test]
    public function what_can_be_proved_here_goes_into_the_round_once(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $tasks = Task::query()->where('system_id', $system->id)->with('type');
        $keys = fn (): array => $tasks->clone()->get()->pluck('type.key')->sort()->values()->all();
        $this->actingAs($planner)->post("/systems/{$system->id}/drills")->assertSessionHasNoErrors();
        $before = $keys();
        self::assertContains('power-drill', $before);
        self::assertNotContains('standby-test', $before, 'one heater stands by for nobody');
        self::assertNotContains('battery-test', $before);
        foreach (['a', 'b'] as $name) {
            $system->items()->create(['job' => 'heater', 'name' => $name, 'watts' => 100]);
        }
        $system->items()->create(['job' => 'battery', 'name' => 'c']);
        $this->post("/systems/{$system->id}/drills");
        $this->post("/systems/{$system->id}/drills");
        self::assertEqualsCanonicalizing([...$before, 'standby-test', 'battery-test'], $keys());
        $this->actingAs(self::user('technician'))->post("/systems/{$system->id}/drills")->assertForbidden();
    }

    #[Test]
    public function a_proof_done_at_a_visit_counts_from_that_day_and_one_left_open_does_not(): void
    {
        $technician = self::user('technician');
        $system = Fixture::system(self::site(), self::user('planner'));
        $heater = $system->items()->create(['job' => 'heater', 'name' => 'H', 'watts' => 100]);
        $visit = Fixture::visit($system, Fixture::crew($technician), 'standby-test', 'drain-test', 'glass');
        $close = fn () => (new ProvedAtVisit())->handle(new VisitClosed($visit, $technician));
        $close();
        self::assertSame(0, Proof::query()->count());
        $visit->tasks()->whereRelation('type', 'key', 'standby-test')->update(['state' => 'done']);
        $visit->tasks()->whereRelation('type', 'key', 'glass')->update(['state' => 'done']);
        $close();
        self::assertSame([[$heater->id, true]], Proof::query()->get()->map(fn (Proof $p): array => [$p->item_id, $p->passed])->all());
    }
}
