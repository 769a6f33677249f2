<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Clients\Site;
use App\Rounds\AssignedDoors;
use App\Rounds\Visit;
use App\Team\User;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A door code is looked at by whoever goes there, from two hours before until they are done. */
final class DoorHoursTest extends TestCase
{
    private User $ines;

    private Site $site;

    private Visit $visit;

    private CarbonImmutable $begins;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-11-24 03:00', 'UTC'));
        $this->ines = self::user('technician');
        $this->site = self::site();
        $system = Fixture::system($this->site, self::user('planner'));
        $this->begins = CarbonImmutable::parse('2026-11-24 12:00', 'UTC');
        $this->visit = Fixture::visit($system);
        $this->visit->update([
            'crew_id' => Fixture::crew($this->ines)->id,
            'state' => Visit::PLANNED,
            'planned_on' => '2026-11-24',
            'starts_at' => $this->begins,
            'minutes' => 60,
        ]);
    }

    #[Test]
    public function it_opens_two_hours_before_and_shuts_when_the_visit_would_be_over(): void
    {
        foreach ([[-720, false], [-121, false], [-120, true], [0, true], [60, true], [61, false]] as [$minutes, $opens]) {
            self::assertSame($opens, $this->opensAt($minutes), "{$minutes} min after its beginning");
        }
    }

    #[Test]
    public function one_under_way_keeps_it_open_but_not_for_ever(): void
    {
        $this->visit->update(['state' => Visit::UNDERWAY, 'opened_at' => $this->begins]);
        foreach ([[61, true], [719, true], [721, false]] as [$minutes, $opens]) {
            self::assertSame($opens, $this->opensAt($minutes), "{$minutes} min after its beginning");
        }
        $this->visit->update(['state' => Visit::CLOSED]);
        self::assertFalse($this->opensAt(30), 'closed is closed');
    }

    #[Test]
    public function only_whoever_is_of_its_crew_or_was_called_out_looks(): void
    {
        self::assertTrue($this->opensAt(0));
        $other = self::user('technician');
        self::assertFalse($this->opensAt(0, $other), 'not of its crew');
        self::assertFalse($this->opensAt(0, self::user('client', $this->site->client_id)));
        $this->visit->update(['called_out' => true, 'opened_by' => $other->id]);
        self::assertTrue($this->opensAt(0, $other), 'called out');
        self::assertFalse(
            (new AssignedDoors())->mayOpen($this->ines, self::site('Other client', 'Another house')),
            'another door',
        );
    }

    private function opensAt(int $minutes, ?User $user = null): bool
    {
        $this->travelTo($this->begins->addMinutes($minutes));

        return (new AssignedDoors())->mayOpen($user ?? $this->ines, $this->site);
    }
}
