<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Clients\Site;
use App\Rounds\FollowUp;
use App\Systems\System;
use App\Team\User;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A household that leaves is looked in on before, once, and nothing risky is changed then (X-48). */
final class LookBeforeTest extends TestCase
{
    private User $planner;

    private Site $site;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->site = self::site();
        $this->system = Fixture::system($this->site, $this->planner, 'Hall reef');
        $this->actingAs($this->planner);
    }

    /** @param  list<array<string, string|null>>  $away */
    private function leave(array $away): void
    {
        $this->put("/sites/{$this->site->id}", ['name' => $this->site->name, 'timezone' => 'Europe/London', 'away' => $away])
            ->assertSessionHasNoErrors();
    }

    private static function day(int $ahead): string
    {
        return now()->addDays($ahead)->toDateString();
    }

    #[Test]
    public function somebody_looks_the_day_before_they_leave_and_once_only(): void
    {
        $first = ['from' => self::day(10), 'until' => self::day(20), 'sitter' => 'Ada'];
        $this->leave([$first]);
        $job = FollowUp::query()->sole();
        self::assertSame([$this->system->id, true, self::day(9)], [$job->system_id, $job->on_site, $job->due_on->toDateString()]);
        self::assertStringContainsString('No risky change now. A picture sheet for Ada.', $job->text);
        $this->leave([$first]);
        self::assertSame(1, FollowUp::query()->count(), 'kept again, nothing new is asked');
        $this->leave([$first, ['from' => self::day(40), 'until' => self::day(41), 'sitter' => null]]);
        self::assertSame(2, FollowUp::query()->count());
        self::assertStringContainsString('Nobody looks in.', FollowUp::query()->latest('id')->firstOrFail()->text);
    }

    #[Test]
    public function who_leaves_today_is_looked_in_on_today_and_who_has_left_is_not(): void
    {
        $this->leave([['from' => self::day(0), 'until' => self::day(3), 'sitter' => null]]);
        self::assertSame(self::day(0), FollowUp::query()->sole()->due_on->toDateString());
        FollowUp::query()->delete();
        $this->leave([['from' => self::day(-1), 'until' => self::day(3), 'sitter' => null]]);
        self::assertSame(0, FollowUp::query()->count());
    }
}
