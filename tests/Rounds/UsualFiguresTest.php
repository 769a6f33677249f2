<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\House\Days;
use App\Rounds\AssignedSystems;
use App\Rounds\BoardLog;
use App\Rounds\BoardMove;
use App\Rounds\Calendar;
use App\Rounds\Crew;
use App\Rounds\DueThing;
use App\Rounds\DueThings;
use App\Rounds\Entries\PhoneClock;
use App\Rounds\Familiar;
use App\Rounds\Feed;
use App\Rounds\FollowUp;
use App\Rounds\StageLeftOver;
use App\Rounds\Views\AnnounceView;
use App\Rounds\Visit;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** How long things count, how late they may be, how much is usual: each on both sides of its figure. */
final class UsualFiguresTest extends TestCase
{
    private User $planner;

    private User $technician;

    private System $system;

    private Crew $crew;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-03-10 10:00:00');
        $this->planner = self::user('planner');
        $this->technician = self::user('technician');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->crew = Fixture::crew($this->technician);
    }

    #[Test]
    public function a_phone_s_clock_is_put_right_from_half_a_minute_on(): void
    {
        $skew = fn (int $seconds): int => PhoneClock::of(now()->subSeconds($seconds)->toIso8601String())->skewS;
        self::assertSame([0, 30, 0, -30], array_map($skew, [29, 30, -29, -30]));
    }

    #[Test]
    public function what_a_phone_kept_for_sixty_days_is_taken_and_older_is_not(): void
    {
        $visit = Fixture::visit($this->system, $this->crew);
        $taken = fn (CarbonImmutable $at): bool => PhoneClock::of(null)->entry($visit, $this->technician, [
            'uuid' => (string) Str::uuid(), 'kind' => 'done', 'payload' => [], 'at' => $at->toIso8601String(),
        ])[0] !== null;
        self::assertTrue($taken(CarbonImmutable::now()->subDays(60)));
        self::assertFalse($taken(CarbonImmutable::now()->subDays(60)->subMinute()));
    }

    #[Test]
    public function a_record_is_put_right_for_a_fortnight_after_a_visit(): void
    {
        $visit = Fixture::visit($this->system, $this->crew);
        $may = fn (): bool => (new AssignedSystems())->hasPlace($this->technician, $this->system->site_id);
        self::assertTrue($may(), 'they go there');
        $visit->update(['state' => Visit::CLOSED, 'starts_at' => now()->subDays(14)]);
        self::assertTrue($may());
        $visit->update(['starts_at' => now()->subDays(14)->subMinute()]);
        self::assertFalse($may());
    }

    #[Test]
    public function whoever_knew_a_place_within_a_year_is_asked(): void
    {
        $visit = Fixture::visit($this->system, $this->crew);
        $other = self::user('technician');
        $instead = fn (): array => Familiar::instead([$this->system->site_id => $other->id], [$other->id]);
        $visit->update(['state' => Visit::CLOSED, 'closed_by' => $this->technician->id, 'closed_at' => now()->subMonths(12)]);
        self::assertSame([$this->technician->id], array_column($instead(), 'userId'));
        $visit->update(['closed_at' => now()->subMonths(12)->subMinute()]);
        self::assertSame([], $instead());
    }

    /** @return iterable<string, array{int, int, bool}> minutes its hour moved, hours ago, whether the client is told */
    public static function moved(): iterable
    {
        yield 'half an hour' => [30, 1, true];
        yield 'less' => [29, 1, false];
        yield 'half an hour earlier' => [-30, 1, true];
        yield 'not yet three days ago' => [60, 71, true];
        yield 'more than three days ago' => [60, 73, false];
    }

    #[Test]
    #[DataProvider('moved')]
    public function a_client_is_told_of_half_an_hour_for_three_days(int $minutes, int $hoursAgo, bool $isTold): void
    {
        $visit = Fixture::visit($this->system, $this->crew);
        $was = BoardMove::state($visit->refresh());
        $visit->update(['starts_at' => $visit->starts_at?->addMinutes($minutes)]);
        $this->travel(-$hoursAgo)->hours();
        BoardLog::keep('proposal', 'The week anew', $this->planner, [$visit->id => $was]);
        $this->travel($hoursAgo)->hours();
        self::assertCount($isTold ? 1 : 0, BoardLog::toTell());
    }

    #[Test]
    public function a_stage_left_over_is_a_crew_s_day_at_most_and_late_after_a_week(): void
    {
        $left = function (float $hours): FollowUp {
            $on = CarbonImmutable::parse('2026-03-12');
            (new StageLeftOver())->stage($this->system, "stage of {$hours}", $hours, 3, $this->planner, $on);

            return FollowUp::query()->where('text', "Build: stage of {$hours}")->sole();
        };
        self::assertSame([444.0, 450.0, 450.0, 15.0], array_map(fn (float $h): ?float => $left($h)->minutes, [7.4, 7.5, 9.0, 0.1]));
        self::assertSame(['2026-03-19', 2], [$left(1.0)->latest_on?->toDateString(), $left(1.0)->persons]);
    }

    #[Test]
    public function messy_work_of_the_next_ten_days_is_announced(): void
    {
        $visit = Fixture::visit($this->system, $this->crew, 'sand-quarter');
        $visit->tasks()->update(['disturbs_h' => 12]);
        $announced = function (int $days) use ($visit): int {
            $on = Days::text($days);
            $visit->update(['planned_on' => $on, 'starts_at' => Days::moment($on, 600)]);

            return count(AnnounceView::coming());
        };
        self::assertSame([1, 0], [$announced(10), $announced(11)]);
    }

    #[Test]
    public function a_calendar_goes_sixty_days_back(): void
    {
        $visit = Fixture::visit($this->system, $this->crew);
        $feed = new Feed(['kind' => Feed::CREW, 'subject_id' => $this->crew->id]);
        $stands = function (CarbonImmutable $at) use ($visit, $feed): bool {
            $visit->update(['starts_at' => $at, 'planned_on' => $at->toDateString(), 'state' => Visit::CLOSED]);

            return str_contains(Calendar::of($feed), 'BEGIN:VEVENT');
        };
        $edge = CarbonImmutable::now()->subDays(60);
        self::assertSame([true, false], [$stands($edge), $stands($edge->subMinute())]);
    }

    #[Test]
    public function a_change_nobody_measured_is_a_tenth_and_an_errand_a_quarter_of_an_hour(): void
    {
        $this->system->update(['true_volume_l' => 1234]);
        Fixture::task($this->system, 'change')->update(['litres' => null]);
        FollowUp::query()->create([
            'system_id' => $this->system->id, 'kind' => 'one-off', 'text' => 'Bring the key', 'owner_id' => $this->planner->id,
            'on_site' => true, 'due_on' => Days::text(), 'minutes' => null,
        ]);
        $due = DueThings::at([$this->system->site_id]);
        self::assertSame([123.0], $due->map(fn (DueThing $t): ?float => $t->litres)->filter()->values()->all());
        $errand = $due->first(fn (DueThing $t): bool => $t->followUpId !== null);
        self::assertSame(15.0, $errand?->job->minutes);
    }
}
