<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Brief\Wheel;
use Velbrin\Core\Moves\Course\Breaks;
use Velbrin\Core\Moves\Course\End;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Need;
use Velbrin\Core\Moves\Course\Plan;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind;
use Velbrin\Core\Moves\Day\MoveDay;
use Velbrin\Core\Tests\Share;

/** People come and go, rest, and drive only so long: the course of a day is planned round that. */
#[Group('beside')]
final class HoursTest extends TestCase
{
    /**
     * @param  list<Step>  $steps
     * @param  non-empty-list<Hand>  $hands
     * @param  list<End>  $ends
     */
    private static function day(array $steps, array $hands, array $ends = []): Timetable
    {
        return Timetable::of(new Work($steps, $hands, ['truck' => 1], $ends));
    }

    #[Test]
    public function minutes_outside_are_those_before_they_come_and_after_they_go(): void
    {
        $hand = new Hand('a', [], 60, 120);
        self::assertSame([0, 1, 1, 60, 60], [
            $hand->outsideMin(60, 120),
            $hand->outsideMin(59, 120),
            $hand->outsideMin(60, 121),
            $hand->outsideMin(0, 60),
            $hand->outsideMin(30, 150),
        ]);
        self::assertTrue($hand->isThere(60, 120));
        self::assertFalse($hand->isThere(59, 100));
        self::assertSame(0, (new Hand('b'))->outsideMin(-500, 5000));
        self::assertSame([80, 140], [$hand->mirrored(200)->fromMin, $hand->mirrored(200)->untilMin]);
        self::assertNull((new Hand('b', [], 10))->mirrored(200)->fromMin);
    }

    #[Test]
    public function whoever_comes_later_begins_later_and_another_begins_at_once(): void
    {
        $late = new Hand('late', [], 45);
        self::assertSame(45, self::day([new Step('lamps', 30)], [$late])->plan->starts['lamps']);
        $both = self::day([new Step('lamps', 30)], [$late, new Hand('there')]);
        self::assertSame([0, ['there']], [$both->plan->starts['lamps'], $both->plan->hands['lamps']]);
        $pair = self::day([new Step('tank', 30, 2)], [$late, new Hand('there')]);
        self::assertSame(45, $pair->plan->starts['tank']);
    }

    #[Test]
    public function whoever_goes_home_is_not_counted_on_beyond(): void
    {
        $steps = [new Step('first', 60), new Step('second', 60, needs: [new Need('first')])];
        foreach ([120 => ['a'], 119 => ['b']] as $until => $second) {
            $day = self::day($steps, [new Hand('a', ['x', 'y'], null, $until), new Hand('b', ['x', 'y', 'z'])]);
            self::assertSame([60, $second], [$day->plan->starts['second'], $day->plan->hands['second']], "until {$until}");
        }
    }

    #[Test]
    public function where_nobody_has_the_hours_the_work_is_still_planned(): void
    {
        $day = self::day([new Step('lamps', 30)], [new Hand('a', [], 0, 29)]);
        self::assertSame([0, ['a']], [$day->plan->starts['lamps'], $day->plan->hands['lamps']]);
        self::assertFalse($day->isProven, 'nothing is called the best that counts on anybody’s evening');
        self::assertTrue(self::day([new Step('lamps', 30)], [new Hand('a', [], 0, 30)])->isProven);
    }

    /** Whoever can glue goes at two hours: what only they can do comes first, whatever is named first. */
    #[Test]
    public function the_order_of_work_spares_whoever_goes_early(): void
    {
        $steps = [new Step('a', 60, 2), new Step('b', 60, 2), new Step('glue', 60, 1, ['glue'])];
        $day = self::day($steps, [new Hand('x', ['glue'], null, 180), new Hand('y')]);
        foreach ($day->plan->hands as $id => $hands) {
            $until = $day->plan->starts[$id] + 60;
            self::assertTrue(! in_array('x', $hands, true) || $until <= 180, $id);
        }
        self::assertSame(180, $day->finishMin);
    }

    #[Test]
    public function everybody_who_is_there_rides_along_and_nobody_is_left_working(): void
    {
        $steps = [
            new Step('wipe', 50),
            new Step('drive', 30, 1, uses: ['truck'], isForAll: true),
            new Step('look', 10, needs: [new Need('drive')]),
        ];
        $hands = [new Hand('a'), new Hand('b'), new Hand('gone', [], null, 40)];
        $day = self::day($steps, $hands, [new End('look', 200)]);
        $drive = $day->plan->starts['drive'];
        $wipe = $day->plan->starts['wipe'];
        self::assertTrue($wipe >= $drive + 30 || $drive >= $wipe + 50, 'not while somebody still wipes');
        $rode = $day->plan->hands['drive'];
        self::assertSame($drive + 30 <= 40 ? ['a', 'b', 'gone'] : ['a', 'b'], $rode);
        $able = self::day([new Step('drive', 30, 1, ['drives'], isForAll: true)], [new Hand('a'), new Hand('b', ['drives'], 20)]);
        self::assertSame([20, ['a', 'b']], [$able->plan->starts['drive'], $able->plan->hands['drive']], 'who drives is there by then');
    }

    #[Test]
    public function six_hours_are_worked_without_a_break_and_a_minute_more_is_not(): void
    {
        foreach ([360 => 0, 361 => 1] as $minutes => $breaks) {
            $steps = [new Step('one', 180), new Step('two', $minutes - 180, needs: [new Need('one')])];
            $work = new Work($steps, [new Hand('a')], [], []);
            [$with, $day] = Breaks::planned($work, Timetable::of($work));
            self::assertCount(2 + $breaks, $with->steps);
            self::assertSame($minutes + $breaks * Breaks::BREAK_MIN, $day->finishMin);
            self::assertSame([], Breaks::tooLong($with, $day->plan));
        }
    }

    #[Test]
    public function half_an_hour_with_nothing_to_do_is_a_break_and_less_is_none(): void
    {
        $steps = [new Step('one', 200), new Step('two', 200)];
        $work = new Work($steps, [new Hand('a')], [], []);
        $hands = ['one' => ['a'], 'two' => ['a']];
        self::assertSame([], Breaks::tooLong($work, new Plan(['one' => 0, 'two' => 230], $hands)));
        self::assertSame(['a' => [0, 429]], Breaks::tooLong($work, new Plan(['one' => 0, 'two' => 229], $hands)));
    }

    #[Test]
    public function a_long_day_has_as_many_breaks_as_it_takes_and_loses_no_work(): void
    {
        mt_srand(7);
        for ($n = 0; $n < Share::of(12, 4); $n++) {
            $steps = [];
            for ($i = 0; $i < 24; $i++) {
                $needs = $i > 3 && $i % 2 === 0 ? [new Need('s'.mt_rand(0, $i - 1))] : [];
                $steps[] = new Step("s{$i}", mt_rand(20, 90), mt_rand(1, 2), needs: $needs);
            }
            $work = new Work($steps, [new Hand('a'), new Hand('b'), new Hand('c')], [], []);
            [$with, $day] = Breaks::planned($work, Timetable::of($work));
            self::assertSame([], Breaks::tooLong($with, $day->plan), "day {$n}");
            self::assertSame([], array_diff(array_keys($work->steps), array_keys($day->plan->starts)));
            foreach ($with->steps as $id => $step) {
                self::assertSame($step->isRest, ! isset($work->steps[$id]));
                self::assertCount($step->persons, $day->plan->hands[$id]);
            }
        }
    }

    #[Test]
    public function a_break_takes_its_time_at_any_pace_and_says_nothing_of_it(): void
    {
        $steps = [new Step('one', 60), new Step('break', 30, skills: ['a'], needs: [new Need('one')], isRest: true),
            new Step('two', 60, needs: [new Need('break')])];
        $work = new Work($steps, [new Hand('a')], [], []);
        $done = fn (string $of, float $at): Event => new Event("{$of}-{$at}", EventKind::Done, $at, $of, null, null);
        $began = fn (string $of, float $at): Event => new Event("b{$of}", EventKind::Began, $at, $of, null, null);
        $slow = MoveDay::of($work, [$began('one', 0), $done('one', 90)], 90);
        self::assertSame(1.5, $slow->factor);
        self::assertSame([30, 90], [$slow->open->steps['break']->minutes ?? 0, $slow->open->steps['two']->minutes ?? 0]);
        $resting = MoveDay::of($work, [$began('one', 0), $done('one', 90), $began('break', 90)], 100);
        self::assertSame(20, $resting->open->steps['break']->minutes ?? 0);
        $rested = MoveDay::of($work, [$began('one', 0), $done('one', 90), $began('break', 90), $done('break', 100)], 100);
        self::assertSame(1.5, $rested->factor, 'a short break is no fast work');
    }

    /**
     * @param  list<int>  $stretches
     */
    #[Test]
    #[DataProvider('drives')]
    public function nobody_is_at_the_wheel_longer_than_four_and_a_half_hours(int $minutes, int $since, array $stretches): void
    {
        self::assertSame($stretches, Wheel::stretches($minutes, $since));
        self::assertSame($minutes, array_sum(Wheel::stretches($minutes, $since)));
    }

    /** @return iterable<string, array{int, int, list<int>}> */
    public static function drives(): iterable
    {
        yield 'just so long' => [270, 0, [270]];
        yield 'a minute more' => [271, 0, [270, 1]];
        yield 'twice' => [541, 0, [270, 270, 1]];
        yield 'after a drive' => [100, 170, [100]];
        yield 'after a longer one' => [100, 171, [99, 1]];
        yield 'after the longest' => [100, 270, [0, 100]];
    }

    /**
     * @param  array<string, mixed>  $change
     * @return list<string>
     */
    private static function codes(array $change): array
    {
        $open = array_filter(self::answers($change)->findings, fn (Finding $f): bool => $f->severity !== Severity::Fine);

        return array_values(array_map(fn (Finding $f): string => "{$f->severity->value} {$f->code}", $open));
    }

    /** @param  array<string, mixed>  $change */
    private static function answers(array $change): MoveAnswers
    {
        return MoveAnswers::of(MoveReader::read(
            array_replace_recursive(MoveAnswersTest::sound(), $change),
            photographed: ['tank', 'stand', 'sump', 'places'],
        ));
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, int> minutes, by step at the wheel
     */
    private static function wheel(array $change): array
    {
        $found = [];
        foreach (self::answers($change)->work->steps ?? [] as $id => $step) {
            if (str_starts_with($id, 'drive') || str_starts_with($id, 'return')) {
                $found[$id] = $step->minutes;
            }
        }

        return $found;
    }

    #[Test]
    public function whoever_drives_alone_rests_and_two_relieve_each_other(): void
    {
        // A quarter longer than said: a load must not shake.
        self::assertSame(['drive' => 50, 'return' => 50], self::wheel([]));
        self::assertSame(
            ['drive' => 140, 'return:0' => 130, 'return:rest' => 45, 'return' => 10],
            self::wheel(['way' => ['driveMin' => 112]]),
        );
        $two = ['people' => [1 => ['drives' => true]]];
        self::assertSame(['drive' => 140, 'return' => 140], self::wheel(['way' => ['driveMin' => 112]] + $two));
        self::assertSame(
            ['drive' => 270, 'drive:1:rest' => 45, 'drive:1' => 5, 'return:0' => 265, 'return:rest' => 45, 'return' => 10],
            self::wheel(['way' => ['driveMin' => 220]]),
        );
        self::assertSame(
            ['drive' => 275, 'return:0' => 270, 'return:rest' => 45, 'return' => 5],
            self::wheel(['way' => ['driveMin' => 220]] + $two),
            'whoever brings it back drives alone',
        );
    }

    #[Test]
    public function stretches_and_rests_follow_each_other_and_nothing_is_carried_in_before_the_last(): void
    {
        $answers = self::answers(['way' => ['driveMin' => 220]]);
        $starts = $answers->day->plan->starts ?? [];
        self::assertSame($starts['drive'] + 270, $starts['drive:1:rest']);
        self::assertSame($starts['drive:1:rest'] + 45, $starts['drive:1']);
        self::assertGreaterThanOrEqual($starts['drive:1'] + 5, $starts['unload']);
        self::assertCount(4, $answers->day->plan->hands['drive'] ?? [], 'everybody comes along');
    }

    #[Test]
    public function who_drives_is_asked_and_too_much_of_it_is_said(): void
    {
        $nobody = ['people' => [0 => ['drives' => false]]];
        self::assertContains('watch move-driver-unsaid', self::codes($nobody));
        self::assertNotContains('watch move-driver-unsaid', self::codes([]));
        self::assertNotContains('watch move-driver-unsaid', self::codes(['kind' => 'swap'] + $nobody));
        $van = ['vehicles' => [['id' => 'van', 'label' => 'van', 'lengthMm' => 2500, 'widthMm' => 1600, 'heightMm' => 1400,
            'payloadKg' => 700]]];
        self::assertContains('fix move-drivers-few', self::codes($van));
        self::assertNotContains('fix move-drivers-few', self::codes($van + ['people' => [1 => ['drives' => true]]]));
        // 216 min are 270 with care: 540 there and back.
        self::assertNotContains('fix move-wheel-hours', self::codes(['way' => ['driveMin' => 216]]));
        self::assertContains('fix move-wheel-hours', self::codes(['way' => ['driveMin' => 217]]));
        self::assertNotContains('fix move-wheel-hours', self::codes(['way' => ['driveMin' => 217], 'people' => [1 => ['drives' => true]]]));
    }

    #[Test]
    public function whoever_is_planned_twice_that_day_is_named(): void
    {
        $codes = fn (array $elsewhere): array => array_values(array_filter(array_map(
            fn (Finding $f): string => "{$f->code} {$f->subject}",
            MoveAnswers::of(MoveReader::read(MoveAnswersTest::sound(), elsewhere: $elsewhere))->findings,
        ), fn (string $code): bool => str_starts_with($code, 'move-person-elsewhere')));
        self::assertSame(['move-person-elsewhere b'], $codes(['b' => 'has visits that day', 'z' => 'is not of the team']));
        self::assertSame([], $codes([]));
    }

    #[Test]
    public function work_no_break_fits_into_is_named_with_whoever_does_it(): void
    {
        // 250 L at 40 L/h: one pair of hands for six hours and a quarter.
        self::assertContains('fix move-no-break', self::codes(['waters' => ['fillLh' => 40]]));
        self::assertNotContains('fix move-no-break', self::codes(['waters' => ['fillLh' => 42]]));
    }
}
