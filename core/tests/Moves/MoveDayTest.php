<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Course\Clock;
use Velbrin\Core\Moves\Course\End;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Need;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind as Kind;
use Velbrin\Core\Moves\Day\Gate;
use Velbrin\Core\Moves\Day\MoveDay;

/** The day as it really goes: what is folded from what people say, the course from there, and the gates. */
final class MoveDayTest extends TestCase
{
    private static function work(int $endMin = 200): Work
    {
        return new Work([
            new Step('corals', 60, 2, label: 'corals'),
            new Step('fish', 40, 2, needs: [new Need('corals')], label: 'fish'),
            new Step('rinse', 30, 2, needs: [new Need('fish')], label: 'rinse', dropCost: 10.0, becomes: 'new sand'),
            new Step('drive', 45, 2, [], ['truck'], [new Need('rinse')], label: 'drive'),
        ], [new Hand('a'), new Hand('b')], ['truck' => 1], [new End('drive', $endMin, 'there')], [new Clock('box', 'fish', 'drive', 130)]);
    }

    private static function said(Kind $kind, float $atMin, ?string $of = null, ?float $value = null, ?string $words = null): Event
    {
        return new Event("{$kind->value}{$of}{$atMin}", $kind, $atMin, $of, $value, $words);
    }

    #[Test]
    public function before_anything_is_said_it_is_the_plan_from_now_on(): void
    {
        $day = MoveDay::of(self::work(), [], 10);
        self::assertSame([[], [], 1.0], [$day->done, $day->running, $day->factor]);
        self::assertSame(185, $day->rest?->finishMin);
        self::assertSame(15, $day->rest->slack['drive']);
    }

    #[Test]
    public function what_is_done_is_done_once_and_sets_the_pace_of_the_rest(): void
    {
        $events = [
            self::said(Kind::Done, 90, 'corals'),
            self::said(Kind::Began, 0, 'corals'),
            self::said(Kind::Done, 95, 'corals'),
        ];
        $day = MoveDay::of(self::work(), $events, 90);
        self::assertSame(['corals' => ['fromMin' => 0.0, 'untilMin' => 90.0]], $day->done, 'the earlier counts');
        self::assertSame(1.5, $day->factor);
        // 60 + 45 + 67.5, each rounded up.
        self::assertSame(90 + 60 + 45 + 68, $day->rest?->finishMin);
        self::assertSame(-63, $day->rest->slack['drive']);
        self::assertSame([['rinse']], array_map(fn ($d): array => $d->steps, $day->drops));
        $shuffled = MoveDay::of(self::work(), array_reverse($events), 90);
        self::assertSame($day->done, $shuffled->done);
    }

    #[Test]
    public function pace_is_held_between_half_and_twice(): void
    {
        $at = fn (float $until): float => MoveDay::of(self::work(), [
            self::said(Kind::Began, 0, 'corals'),
            self::said(Kind::Done, $until, 'corals'),
        ], $until)->factor;
        self::assertSame([0.5, 0.5, 2.0, 2.0], [$at(10), $at(30), $at(120), $at(300)]);
        self::assertEqualsWithDelta(119 / 60, $at(119), 1e-9);
    }

    #[Test]
    public function pace_is_of_the_last_five_stages(): void
    {
        // The first was quick; of the five after it the middle one took 1.4 of its plan.
        $took = [50, 100, 100, 140, 160, 160];
        $ids = array_map(fn (int $n): string => "s{$n}", array_keys($took));
        $work = new Work(array_map(fn (string $id): Step => new Step($id, 100, 1), [...$ids, 'rest']), [new Hand('a')], [], []);
        [$events, $now] = [[], 0];
        foreach ($took as $n => $minutes) {
            array_push($events, self::said(Kind::Began, $now, "s{$n}"), self::said(Kind::Done, $now + $minutes, "s{$n}"));
            $now += $minutes;
        }
        self::assertSame(1.4, MoveDay::of($work, $events, $now)->factor);
    }

    #[Test]
    public function what_runs_takes_what_is_left_of_it_a_quarter_or_what_somebody_says(): void
    {
        $left = fn (float $now, Event ...$more): ?int => MoveDay::of(
            self::work(),
            [self::said(Kind::Began, 0, 'corals'), ...$more],
            $now,
        )->open?->steps['corals']->minutes;
        self::assertSame(50, $left(10));
        self::assertSame(15, $left(45));
        self::assertSame(15, $left(80), 'a quarter of sixty');
        self::assertSame(30, $left(45, self::said(Kind::Longer, 45, 'corals', 30)));
    }

    #[Test]
    public function a_stage_may_be_left_only_where_that_was_foreseen(): void
    {
        $day = MoveDay::of(self::work(), [self::said(Kind::Drop, 5, 'rinse'), self::said(Kind::Drop, 5, 'drive')], 10);
        self::assertSame(['rinse'], $day->dropped);
        self::assertSame(155, $day->rest?->finishMin);
        self::assertArrayHasKey('drive', $day->open->steps ?? []);
    }

    #[Test]
    public function a_clock_that_runs_has_less_left(): void
    {
        $day = MoveDay::of(self::work(), [
            self::said(Kind::Done, 60, 'corals'), self::said(Kind::Began, 60, 'fish'), self::said(Kind::Done, 100, 'fish'),
        ], 110);
        self::assertSame([['label' => 'box', 'fromMin' => 110, 'untilMin' => 185, 'limitMin' => 80]], $day->rest?->clocks);
        // Eighty minutes are left of the hundred and thirty: fifty went by since the first fish.
        $late = MoveDay::of(self::work(), [
            self::said(Kind::Done, 60, 'corals'), self::said(Kind::Began, 60, 'fish'), self::said(Kind::Done, 100, 'fish'),
        ], 116);
        self::assertContains('move-clock-runs-out', array_map(fn ($f): ?string => $f->code, $late->rest->findings ?? []));
    }

    #[Test]
    public function readings_and_gates_are_the_last_said_and_when_all_is_done_nothing_is_left(): void
    {
        $day = MoveDay::of(self::work(), [
            self::said(Kind::Reading, 20, 'b1', 24.1),
            self::said(Kind::Reading, 30, 'b1', 23.4),
            self::said(Kind::Gate, 40, 'G2', null, 'yes'),
            self::said(Kind::Done, 60, 'unknown'),
        ], 50);
        self::assertSame([['b1' => 23.4], ['G2' => 'yes'], []], [$day->readings, $day->gates, $day->done]);
        $all = array_map(fn (string $s): Event => self::said(Kind::Done, 100, $s), ['corals', 'fish', 'rinse', 'drive']);
        self::assertNull(MoveDay::of(self::work(), $all, 120)->rest);
    }

    #[Test]
    public function a_gate_opens_when_all_that_is_asked_is_so_and_nothing_speaks_against_it(): void
    {
        $gates = function (array $change): array {
            $answers = MoveAnswers::of(MoveReader::read(array_replace_recursive(MoveAnswersTest::sound(), $change)));
            $open = [];
            foreach (Gate::all($answers) as $gate) {
                $open[$gate->key] = $gate->isOpen();
            }

            return $open;
        };
        $said = ['ticks' => ['surveyed', 'insured', 'ready']];
        self::assertSame(['G0', 'G2'], array_keys(array_filter($gates($said))));
        self::assertFalse($gates(['ticks' => ['surveyed']])['G0']);
        self::assertFalse($gates($said + ['planB' => ['agreedBy' => null]])['G0'], 'nobody has agreed');
        self::assertFalse($gates($said + ['holding' => ['warmH' => 3]])['G0']);
        self::assertFalse($gates($said + ['pieces' => [1 => ['verdict' => 'cracked']]])['G0']);
        self::assertFalse($gates($said + ['truckBackMin' => 700])['G2']);
        self::assertFalse($gates(['ticks' => []])['G2']);
        self::assertFalse($gates($said + ['way' => ['driveMin' => null]])['G2'], 'a course nobody could work out');
        self::assertFalse($gates($said + ['animals' => [0 => ['lengthCm' => null]]])['G2'], 'a fish nobody has measured');
        self::assertFalse($gates($said + ['way' => ['outdoorC' => null]])['G2'], 'a cold nobody has read');
    }

    #[Test]
    public function animals_nobody_has_listed_open_no_gate(): void
    {
        $none = ['animals' => [], 'ticks' => ['surveyed', 'insured', 'ready']] + MoveAnswersTest::sound();
        $open = [];
        foreach (Gate::all(MoveAnswers::of(MoveReader::read($none))) as $gate) {
            $open[$gate->key] = $gate->isOpen();
        }
        self::assertSame([false, false], [$open['G0'], $open['G2']]);
    }
}
