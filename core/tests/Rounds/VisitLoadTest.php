<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Rounds\NextVisit;
use Velbrin\Core\Rounds\Seat;
use Velbrin\Core\Rounds\VisitJob;
use Velbrin\Core\Rounds\VisitLoad;
use Velbrin\Core\Rounds\Window;

/** A visit is the sum of its jobs; what is due rides on the next one or makes its own (S-10, S-12, S-52, S-55). */
final class VisitLoadTest extends TestCase
{
    #[Test]
    public function a_visit_carries_the_sum_of_its_jobs(): void
    {
        $load = VisitLoad::of(
            [
                new VisitJob(10, new Window(95, 100, 104), changeL: 60, hoseLh: 900),
                new VisitJob(
                    45,
                    new Window(98, 103, 110),
                    changeL: 30,
                    bringsWater: false,
                    kg: 22.5,
                    persons: 2,
                    skill: 'lamps',
                ),
                new VisitJob(8, new Window(90, 101, 103), skill: 'lamps'),
            ],
            today: 96,
        );
        self::assertEqualsWithDelta(10 + 63 + 4 + 6 + 5, $load->minutes, 1e-9);
        self::assertSame(
            [60.0, 37.5, 2, ['lamps']],
            [$load->saltL, $load->kg, $load->persons, $load->skills],
            'what the place makes itself is not carried',
        );
        self::assertSame([98, 100, 103], [$load->earliestDay, $load->dueDay, $load->latestDay]);
        $waits = fn (float $from): int => VisitLoad::of(
            [new VisitJob(5, new Window(95, 100, 104)), new VisitJob(5, new Window($from, $from, $from + 9))],
            today: 96,
        )->earliestDay;
        self::assertSame([103, 103], [$waits(103), $waits(104)], 'three days it waits, no longer');
        $late = VisitLoad::of(
            [new VisitJob(5, new Window(70, 80, 90)), new VisitJob(5, new Window(98, 99, 104))],
            today: 96,
        );
        self::assertSame(96, $late->earliestDay, 'what is overdue waits for nothing');
    }

    #[Test]
    public function what_is_overdue_is_done_within_a_fortnight(): void
    {
        $job = fn (float $latest): array => [new VisitJob(5, new Window(70, 80, $latest))];
        self::assertSame(114, VisitLoad::of($job(99), today: 100)->latestDay);
        // Day 100 is a Saturday, 102 the Monday after it.
        self::assertSame(102, VisitLoad::of($job(100), today: 100)->latestDay);
        self::assertSame(102, VisitLoad::of($job(101), today: 100)->latestDay);
        self::assertSame(103, VisitLoad::of($job(103), today: 100)->latestDay);
    }

    #[Test]
    public function a_job_more_never_makes_a_visit_less(): void
    {
        mt_srand(7);
        for ($n = 0; $n < 200; $n++) {
            $jobs = [];
            $before = null;
            for ($i = 0; $i < 6; $i++) {
                $due = mt_rand(80, 120);
                $jobs[] = new VisitJob(
                    mt_rand(0, 60),
                    new Window($due - mt_rand(0, 5), $due, $due + mt_rand(0, 9)),
                    mt_rand(0, 80),
                    mt_rand(0, 1) === 1,
                    mt_rand(100, 900),
                    mt_rand(0, 30),
                    mt_rand(1, 2),
                );
                $load = VisitLoad::of($jobs, 90);
                if ($before !== null) {
                    self::assertTrue(
                        $load->minutes >= $before->minutes &&
                            $load->saltL >= $before->saltL &&
                            $load->kg >= $before->kg &&
                            $load->persons >= $before->persons,
                    );
                    self::assertLessThanOrEqual($before->dueDay, $load->dueDay);
                }
                self::assertTrue(
                    $load->earliestDay <= max($load->dueDay, 90) + NextVisit::WAITS_DAYS &&
                        $load->dueDay <= $load->latestDay &&
                        $load->earliestDay <= $load->latestDay,
                );
                $before = $load;
            }
        }
    }

    /** @return array<string, array{0: Window, 1: int|null, 2: bool, 3: Seat}> today is 100, planned until 106 */
    public static function seats(): array
    {
        return [
            'due, and nothing comes' => [new Window(98, 104, 108), null, true, Seat::OwnVisit],
            'due after the plan, and nothing comes' => [new Window(98, 107, 110), null, true, Seat::Waits],
            'may be done on the day it comes' => [new Window(103, 110, 115), 103, true, Seat::Rides],
            'a day too early' => [new Window(104, 110, 115), 103, true, Seat::Waits],
            'too early, and due before the plan ends' => [new Window(104, 106, 106), 103, true, Seat::OwnVisit],
            'overdue, and somebody comes soon' => [new Window(60, 70, 80), 102, true, Seat::Rides],
            'overdue, and nobody comes soon' => [new Window(60, 70, 80), 103, true, Seat::OwnVisit],
            'would be overdue by two days' => [new Window(98, 102, 104), 106, true, Seat::Rides],
            'would be overdue by three' => [new Window(98, 102, 104), 107, true, Seat::OwnVisit],
            'needs what that crew has not' => [new Window(98, 102, 104), 101, false, Seat::OwnVisit],
        ];
    }

    #[Test]
    #[DataProvider('seats')]
    public function what_is_due_rides_on_the_next_visit_or_makes_its_own(
        Window $thing,
        ?int $visitDay,
        bool $fits,
        Seat $seat,
    ): void {
        self::assertSame($seat, NextVisit::seat($thing, 100, 106, $visitDay, $fits));
    }

    #[Test]
    public function a_visit_without_a_day_waits_over_a_weekend_rather_than_be_two(): void
    {
        $from = fn (int $day): Seat => NextVisit::seat(new Window($day, 106, 109), 100, 106, 100, true, hasDay: false);
        self::assertSame([Seat::Rides, Seat::OwnVisit], [$from(103), $from(104)]);
        self::assertSame(Seat::OwnVisit, NextVisit::seat(new Window(103, 106, 109), 100, 106, 100));
    }
}
