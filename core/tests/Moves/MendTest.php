<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Course\End;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Mend;
use Velbrin\Core\Moves\Course\MendKind;
use Velbrin\Core\Moves\Course\Need;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;

/** What would mend a course that breaks: hands that are called, an end that is moved, plan B. */
final class MendTest extends TestCase
{
    /** Four stretches of an hour for one, then a drive of half an hour. */
    private static function work(int $endMin, int $steps = 4): Work
    {
        $all = array_map(fn (int $n): Step => new Step("s{$n}", 60, 1), range(1, $steps));
        $needs = array_map(fn (int $n): Need => new Need("s{$n}"), range(1, $steps));

        return new Work([...$all, new Step('drive', 30, 1, needs: $needs)], [new Hand('a')], [], [new End('drive', $endMin, 'truck back')]);
    }

    /** @return list<Mend> */
    private static function offers(int $endMin, int $nowMin = 0, int $steps = 4): array
    {
        $work = self::work($endMin, $steps);

        return Mend::offers($work, Timetable::of($work), $nowMin);
    }

    #[Test]
    public function while_all_ends_hold_nothing_is_offered(): void
    {
        self::assertSame([], self::offers(270));
        self::assertNotSame([], self::offers(269));
    }

    #[Test]
    public function one_who_is_called_in_time_mends_it(): void
    {
        // By themselves four and a half hours. One who comes within the first two hours takes a stretch, and 210 minutes hold.
        [$hands, $moved, $planB] = self::offers(210);
        self::assertSame([MendKind::Hands, 1, 0], [$hands->kind, $hands->persons, $hands->pastMin]);
        self::assertGreaterThanOrEqual(105, $hands->byMin);
        self::assertLessThanOrEqual(120, $hands->byMin);
        self::assertSame([MendKind::EndMoved, 'truck back', 270, 0], [$moved->kind, $moved->end, $moved->atMin, $moved->pastMin]);
        self::assertSame([MendKind::PlanB, 60], [$planB->kind, $planB->pastMin]);
    }

    #[Test]
    public function an_end_that_is_moved_costs_by_the_hour(): void
    {
        $cost = function (?float $perH): ?float {
            $work = self::work(210);
            $priced = new Work(array_values($work->steps), $work->hands, [], [new End('drive', 210, 'truck back', $perH)]);

            return Mend::offers($priced, Timetable::of($priced))[1]->cost;
        };
        self::assertSame(40.0, $cost(40.0), 'an hour late');
        self::assertSame(0.0, $cost(0.0), 'it costs nothing');
        self::assertNull($cost(null), 'nobody has asked');
        $end = new End('drive', 210, 'truck back', 40.0);
        self::assertSame([0.0, 0.0, 60.0], [$end->costs(-10), $end->costs(0), $end->costs(90)]);
    }

    #[Test]
    public function two_are_called_where_one_is_not_enough_and_what_still_breaks_is_told(): void
    {
        // Six stretches and the drive within two hours: two people take 210 minutes, three take 150.
        $two = self::offers(120, steps: 6);
        self::assertSame([[1, 90], [2, 30]], array_map(
            fn (Mend $m): array => [$m->persons, $m->pastMin],
            array_values(array_filter($two, fn (Mend $m): bool => $m->kind === MendKind::Hands)),
        ));
        self::assertSame(0, $two[0]->byMin, 'now');
    }

    #[Test]
    public function where_more_hands_change_nothing_none_are_called(): void
    {
        $chain = new Work(
            [new Step('a', 60, 1), new Step('b', 60, 1, needs: [new Need('a')])],
            [new Hand('a')],
            [],
            [new End('b', 100, 'quiet hours')],
        );
        $offers = Mend::offers($chain, Timetable::of($chain));
        self::assertSame([MendKind::EndMoved, MendKind::PlanB], array_map(fn (Mend $m): MendKind => $m->kind, $offers));
        self::assertSame(120, $offers[0]->atMin);
    }

    #[Test]
    public function nobody_is_called_into_the_past(): void
    {
        [$late] = self::offers(210, nowMin: 90);
        self::assertGreaterThanOrEqual(90, $late->byMin);
    }
}
