<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\Interval;
use Velbrin\Core\Rounds\NextDue;
use Velbrin\Core\Rounds\Sign;
use Velbrin\Core\Rounds\TaskFacts;
use Velbrin\Core\Rounds\Trigger;
use Velbrin\Core\Rounds\TriggerKind;
use Velbrin\Core\Rounds\UsedBy;
use Velbrin\Core\Rounds\Weekday;
use Velbrin\Core\Rounds\Window;

/** What makes a job due; several reasons on one job, the first wins (S-2, S-48, S-51, X-40). Day 0 is a Thursday. */
final class TriggersTest extends TestCase
{
    private const MON = 20_000 - (20_000 % 7) + 4;

    /** @return array<string, array{0: Trigger, 1: TaskFacts, 2: array{0: float, 1: float, 2: float}|null}> */
    public static function windows(): array
    {
        $mon = (float) self::MON;
        $interval = Trigger::every(Interval::of(14, 10, 18));
        $nitrate = Trigger::reading('nitrate', null, 20);
        $taken = fn (float $value, float $day): array => ['nitrate' => ['value' => $value, 'day' => $day]];

        $asNeeded = Trigger::reading('nitrate', null, 10.0, 2.0, 2);
        $read = fn (array ...$series): TaskFacts => new TaskFacts(
            $mon,
            series: [
                'nitrate' => array_map(
                    fn (array $r): array => ['value' => $r[0], 'day' => $r[1]],
                    array_values($series),
                ),
            ],
        );

        return [
            'never done is due now' => [$interval, new TaskFacts($mon), [$mon, $mon, $mon + 4]],
            'done, by its range' => [$interval, new TaskFacts($mon, $mon - 1), [$mon + 9, $mon + 13, $mon + 17]],
            'Tuesday and Friday, done on Monday' => [
                Trigger::weekdays([5, 2]),
                new TaskFacts($mon, $mon),
                [$mon + 1, $mon + 1, $mon + 3],
            ],
            'Tuesday and Friday, done on Tuesday' => [
                Trigger::weekdays([2, 5]),
                new TaskFacts($mon, $mon + 1),
                [$mon + 4, $mon + 4, $mon + 7],
            ],
            'Monday, never done, today is Monday' => [
                Trigger::weekdays([1]),
                new TaskFacts($mon),
                [$mon, $mon, $mon + 6],
            ],
            'Sunday, never done, today is Monday' => [
                Trigger::weekdays([7]),
                new TaskFacts($mon),
                [$mon + 6, $mon + 6, $mon + 12],
            ],
            'a reading at its limit asks for nothing' => [
                $nitrate,
                new TaskFacts($mon, null, $taken(20, $mon - 1)),
                null,
            ],
            'a reading past its limit' => [
                $nitrate,
                new TaskFacts($mon, null, $taken(20.1, $mon - 1)),
                [$mon - 1, $mon - 1, $mon + 2],
            ],
            'a reading already answered' => [$nitrate, new TaskFacts($mon, $mon - 1, $taken(25, $mon - 1)), null],
            'nothing read' => [$nitrate, new TaskFacts($mon), null],
            'below' => [
                Trigger::reading('ph', 7.8, null),
                new TaskFacts($mon, null, ['ph' => ['value' => 7.79, 'day' => $mon]]),
                [$mon, $mon, $mon + 3],
            ],
            'a sign seen since' => [
                Trigger::sign(Sign::GreenAlgae),
                new TaskFacts($mon, $mon - 9, [], ['green-algae' => $mon - 2]),
                [$mon - 2, $mon - 2, $mon + 1],
            ],
            'a sign seen before it was done' => [
                Trigger::sign(Sign::GreenAlgae),
                new TaskFacts($mon, $mon - 1, [], ['green-algae' => $mon - 2]),
                null,
            ],
            'runs out in ten days' => [
                Trigger::runOut(3),
                new TaskFacts($mon, null, [], [], $mon + 10),
                [$mon + 4, $mon + 7, $mon + 9],
            ],
            'nothing runs out' => [Trigger::runOut(3), new TaskFacts($mon), null],
            'used up' => [
                Trigger::usage(UsedBy::Litres, 900),
                new TaskFacts($mon, null, used: ['litres' => 900.0]),
                [$mon, $mon, $mon + 3],
            ],
            'half used up at 45 a day' => [
                Trigger::usage(UsedBy::Litres, 900),
                new TaskFacts($mon, null, used: ['litres' => 450.0], perDay: ['litres' => 45.0]),
                [$mon + 8, $mon + 10, $mon + 13],
            ],
            'not used, and no rate' => [
                Trigger::usage(UsedBy::Litres, 900),
                new TaskFacts($mon, null, used: ['litres' => 450.0]),
                null,
            ],
            'daily from tomorrow' => [
                Trigger::event($mon + 1, 1, 7),
                new TaskFacts($mon),
                [$mon + 1, $mon + 1, $mon + 1],
            ],
            'daily, done today' => [
                Trigger::event($mon - 2, 1, 7),
                new TaskFacts($mon, $mon),
                [$mon + 1, $mon + 1, $mon + 1],
            ],
            'the last of a week' => [Trigger::event($mon - 7, 1, 7), new TaskFacts($mon, $mon - 1), [$mon, $mon, $mon]],
            'a week is over' => [Trigger::event($mon - 7, 1, 7), new TaskFacts($mon, $mon), null],
            'daily for a week where nobody says how long: its last day' => [
                Trigger::event($mon - 7), new TaskFacts($mon, $mon - 1), [$mon, $mon, $mon],
            ],
            'and the day after' => [Trigger::event($mon - 7), new TaskFacts($mon + 1, $mon), null],
            'not yet begun' => [$asNeeded, $read([9.0, $mon - 5], [10.0, $mon - 2]), null],
            'begun, never done' => [$asNeeded, $read([10.1, $mon - 2]), [$mon - 2, $mon - 2, $mon - 1]],
            'begun, done since: again in two days' => [
                $asNeeded,
                $read([10.1, $mon - 2])->doneOn($mon - 1),
                [$mon + 1, $mon + 1, $mon + 2],
            ],
            'between the two it goes on' => [
                $asNeeded,
                $read([10.1, $mon - 4], [5.0, $mon - 1])->doneOn($mon - 2),
                [$mon, $mon, $mon + 1],
            ],
            'ended where it says' => [$asNeeded, $read([10.1, $mon - 4], [2.0, $mon - 1])->doneOn($mon - 2), null],
            'a hair before the end it goes on' => [
                $asNeeded,
                $read([10.1, $mon - 4], [2.01, $mon - 1])->doneOn($mon - 2),
                [$mon, $mon, $mon + 1],
            ],
            'begun again after an end' => [
                $asNeeded,
                $read([12.0, $mon - 9], [1.0, $mon - 6], [10.5, $mon - 1])->doneOn($mon - 7),
                [$mon - 1, $mon - 1, $mon],
            ],
            'from below' => [
                Trigger::reading('nitrate', 7.0, null, 8.0),
                $read([6.9, $mon - 3], [7.9, $mon - 1]),
                [$mon - 3, $mon - 3, $mon - 3],
            ],
            'from below, ended' => [
                Trigger::reading('nitrate', 7.0, null, 8.0),
                $read([6.9, $mon - 3], [8.0, $mon - 1]),
                null,
            ],
            'a charge is due' => [
                Trigger::charge(),
                new TaskFacts($mon, $mon - 20, chargeDueDay: $mon + 9),
                [$mon + 6, $mon + 9, $mon + 12],
            ],
            'no charge' => [Trigger::charge(), new TaskFacts($mon), null],
            'once' => [Trigger::once($mon + 2), new TaskFacts($mon), [$mon + 2, $mon + 2, $mon + 5]],
            'once, done' => [Trigger::once($mon), new TaskFacts($mon, $mon), null],
        ];
    }

    /** @param  array{0: float, 1: float, 2: float}|null  $expected */
    #[Test]
    #[DataProvider('windows')]
    public function each_reason_gives_its_days(Trigger $trigger, TaskFacts $facts, ?array $expected): void
    {
        $window = $trigger->window($facts);
        self::assertEqualsWithDelta(
            $expected,
            $window === null ? null : [$window->earliestDay, $window->dueDay, $window->latestDay],
            1e-9,
        );
    }

    #[Test]
    public function the_first_of_several_reasons_wins_and_a_job_ends_when_none_will_ask_again(): void
    {
        $mon = (float) self::MON;
        $both = [Trigger::every(Interval::of(30)), Trigger::usage(UsedBy::Visits, 4)];
        $early = NextDue::of($both, new TaskFacts($mon, $mon - 5, used: ['visits' => 4.0]));
        self::assertSame(TriggerKind::Usage, $early?->by->kind);
        $late = NextDue::of($both, new TaskFacts($mon, $mon - 40, used: ['visits' => 3.0]));
        self::assertSame(TriggerKind::Every, $late?->by->kind);
        self::assertNull(NextDue::of([Trigger::runOut()], new TaskFacts($mon)));
        self::assertFalse(NextDue::isOver($both, new TaskFacts($mon, $mon)));
        self::assertTrue(NextDue::isOver([Trigger::once($mon)], new TaskFacts($mon, $mon)));
        self::assertFalse(NextDue::isOver([Trigger::once($mon)], new TaskFacts($mon)));
        self::assertFalse(NextDue::isOver([], new TaskFacts($mon)));
    }

    #[Test]
    public function days_of_a_calendar_are_never_too_early_and_never_past_the_latest(): void
    {
        // Seven days at 0.7 and 1.3: may be done after 4.9 days, so on the fifth; overdue after 9.1, so the ninth is the last.
        self::assertEquals(new Window(5, 7, 9), Interval::of(7)->after(0)->inDays());
        self::assertEquals(new Window(1, 1, 1), Interval::of(0.5)->after(0)->inDays());
        for ($every = 0.5; $every < 40; $every += 0.5) {
            $exact = Interval::of($every)->after(100);
            $days = $exact->inDays();
            self::assertGreaterThanOrEqual($exact->earliestDay - 1e-9, $days->earliestDay);
            self::assertLessThanOrEqual($days->dueDay, $days->earliestDay);
            self::assertLessThanOrEqual($days->latestDay, $days->dueDay);
            self::assertTrue($days->latestDay <= $exact->latestDay + 1e-9 || $days->latestDay === $days->earliestDay);
        }
    }

    /** @return array<string, array{0: callable(): Trigger}> */
    public static function nonsense(): array
    {
        return [
            'a day before the first' => [fn (): Trigger => Trigger::weekdays([0])],
            'no weekday' => [fn (): Trigger => Trigger::weekdays([])],
            'an eighth weekday' => [fn (): Trigger => Trigger::weekdays([8])],
            'no limit' => [fn (): Trigger => Trigger::reading('ph', null, null)],
            'stops before it begins' => [fn (): Trigger => Trigger::reading('ph', 7.8, null, 7.7)],
            'stops above where it begins above' => [fn (): Trigger => Trigger::reading('nitrate', null, 10, 10.1)],
            'two limits and a stop' => [fn (): Trigger => Trigger::reading('ph', 7.8, 8.4, 8.0)],
            'every no days' => [fn (): Trigger => Trigger::reading('nitrate', null, 10, 2, 0)],
            'crossed limits' => [fn (): Trigger => Trigger::reading('ph', 8.4, 8.4)],
            'no use' => [fn (): Trigger => Trigger::usage(UsedBy::Hours, 0)],
            'no pause' => [fn (): Trigger => Trigger::event(1, 0)],
        ];
    }

    /** @param  callable(): Trigger  $make */
    #[Test]
    #[DataProvider('nonsense')]
    public function nonsense_is_refused(callable $make): void
    {
        $this->expectException(OutOfRange::class);
        $make();
    }

    #[Test]
    public function a_weekday_is_known_before_1970_too(): void
    {
        // 27 December 1969 was a Saturday, 1 January 1970 a Thursday.
        self::assertSame([6, 7, 1, 2, 3, 4], array_map(fn (int $day): int => Weekday::of($day), [-5, -4, -3, -2, -1, 0]));
    }
}
