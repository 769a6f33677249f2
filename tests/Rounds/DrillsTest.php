<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Clients\Contact;
use App\Risk\Proof;
use App\Rounds\ConfirmedAtVisit;
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
    public function what_stands_by_brings_its_proof_into_a_round_that_is_there(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $tasks = Task::query()->where('system_id', $system->id)->with('type');
        $keys = fn (): array => $tasks->clone()->get()->pluck('type.key')->sort()->values()->all();
        $add = fn (string $job, string $name) => $this->actingAs($planner)->post("/systems/{$system->id}/items", [
            'job' => $job, 'name' => $name, 'installed_precision' => 'day',
        ])->assertSessionHasNoErrors();
        $add('heater', 'A');
        $add('heater', 'B');
        self::assertSame([], $keys(), 'no round has begun');
        Fixture::task($system, 'glass');
        $add('skimmer', 'C');
        self::assertSame(['glass'], $keys());
        $add('battery', 'D');
        $add('heater', 'E');
        self::assertSame(['battery-test', 'glass', 'standby-test'], $keys());
    }

    #[Test]
    public function contacts_count_as_asked_once_the_job_is_done_and_only_those_of_the_place(): void
    {
        $technician = self::user('technician');
        $site = self::site();
        $system = Fixture::system($site, self::user('planner'));
        $client = $site->client()->firstOrFail();
        $other = $client->sites()->create(['name' => 'Elsewhere']);
        $old = now()->subDays(366)->toDateString();
        $contact = fn (?int $siteId): Contact => $client->contacts()->create(
            ['name' => 'Ada', 'site_id' => $siteId, 'last_confirmed_on' => $old],
        );
        [$all, $here, $there] = [$contact(null), $contact($site->id), $contact($other->id)];
        self::assertTrue($all->isStale());
        $all->last_confirmed_on = now()->subDays(365)->toImmutable();
        self::assertFalse($all->isStale(), 'a year to the day still holds');
        $visit = Fixture::visit($system, Fixture::crew($technician), 'contacts', 'glass');
        $close = fn () => (new ConfirmedAtVisit())->handle(new VisitClosed($visit, $technician));
        $close();
        self::assertTrue($here->refresh()->isStale(), 'the job was not done');
        $visit->tasks()->whereRelation('type', 'key', 'contacts')->update(['state' => 'done']);
        $close();
        self::assertSame(
            [false, false, true],
            array_map(fn (Contact $c): bool => $c->refresh()->isStale(), [$all, $here, $there]),
        );
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
