<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Course\Clock;
use Velbrin\Core\Moves\Course\Drop;
use Velbrin\Core\Moves\Course\End;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Judged;
use Velbrin\Core\Moves\Course\Need;
use Velbrin\Core\Moves\Course\Placing;
use Velbrin\Core\Moves\Course\Plan;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Tests\Refuses;
use Velbrin\Core\Tests\Share;

/** The course of a move’s day: the truck at six, against every order there is, and what holds of any work. */
#[Group('beside')]
final class TimetableTest extends TestCase
{
    use Refuses;

    private const STAGES = [
        'cover' => 30, 'hood' => 20, 'corals' => 60, 'rock' => 40, 'fish' => 42, 'unplumb' => 36, 'tank' => 25, 'stand' => 20,
        'rinse' => 30, 'secure' => 15, 'drive' => 45, 'unload' => 40, 'return' => 45,
    ];

    /** Four people do each stage together; the truck is due back after 480 min. @param  array<string, int>  $takes */
    private static function truckAtSix(array $takes = [], int $atMin = 480): Work
    {
        $steps = [];
        $before = null;
        foreach ([...self::STAGES, ...$takes] as $id => $minutes) {
            $steps[] = new Step(
                id: $id,
                minutes: $minutes,
                persons: 4,
                uses: $id === 'drive' ? ['truck'] : [],
                needs: $before === null ? [] : [new Need($before)],
                dropCost: $id === 'rinse' ? 40.0 : null,
                becomes: $id === 'rinse' ? 'new sand is bought' : '',
            );
            $before = $id;
        }
        $hands = array_map(fn (int $n): Hand => new Hand("p{$n}"), range(1, 4));

        return new Work($steps, $hands, ['truck' => 1], [new End('return', $atMin, 'truck back')], [
            new Clock('box 1', 'fish', 'unload', 320),
        ]);
    }

    /** @return list<string> */
    private static function codes(Timetable $timetable): array
    {
        return array_map(fn (Finding $f): string => "{$f->severity->value} {$f->code} {$f->subject}", $timetable->findings);
    }

    #[Test]
    public function the_truck_is_back_at_half_past_five_with_thirty_two_minutes_in_hand(): void
    {
        $day = Timetable::of(self::truckAtSix());
        self::assertSame([448, 32], [$day->finishMin, $day->slack['return']]);
        self::assertEqualsWithDelta(53, $day->reserve['return'], 0.5);
        self::assertSame(array_keys(self::STAGES), $day->chain['return']);
        self::assertSame(['watch move-end-near return'], self::codes($day));
        self::assertSame(448, $day->boundMin);
        self::assertSame([], Drop::offers(self::truckAtSix(), $day));
        // From the first fish caught to the last box unloaded.
        self::assertSame(['fromMin' => 150, 'untilMin' => 403], array_intersect_key($day->clocks[0], ['fromMin' => 1, 'untilMin' => 1]));
    }

    #[Test]
    public function fish_that_take_longer_break_the_end_and_rinsing_is_what_to_leave(): void
    {
        $late = self::truckAtSix(['fish' => 95]);
        $day = Timetable::of($late);
        self::assertSame(-21, $day->slack['return'], '18:21');
        self::assertContains('stop move-end-missed return', self::codes($day));
        [$offer] = Drop::offers($late, $day);
        self::assertSame([['rinse'], ['new sand is bought'], 471], [$offer->steps, $offer->becomes, $offer->timetable->finishMin]);
        self::assertSame(9, $offer->timetable->slack['return'], '17:51');
    }

    #[Test]
    public function two_are_left_only_where_one_is_not_enough(): void
    {
        $work = fn (int $endMin): Work => new Work(
            [
                new Step('polish', 20, 1, dropCost: 5, becomes: 'left dull'),
                new Step('rinse', 30, 1, needs: [new Need('polish')], dropCost: 10, becomes: 'new sand is bought'),
                new Step('sweep', 40, 1, needs: [new Need('rinse')], dropCost: 20, becomes: 'swept tomorrow'),
                new Step('drive', 60, 1, needs: [new Need('sweep')]),
            ],
            [new Hand('a')],
            [],
            [new End('drive', $endMin)],
        );
        $left = fn (int $endMin): array => array_map(
            fn (Drop $d): array => $d->steps,
            Drop::offers($work($endMin), Timetable::of($work($endMin))),
        );
        self::assertSame([], $left(150));
        self::assertSame([['polish'], ['rinse'], ['sweep']], $left(130), 'each is enough: no pair is offered');
        self::assertSame([['polish', 'rinse'], ['polish', 'sweep'], ['rinse', 'sweep']], $left(100), 'no single one is enough');
        self::assertSame([['polish', 'rinse'], ['sweep'], ['rinse']], $left(110), 'what one does, no pair with it has to');
    }

    #[Test]
    public function a_box_that_does_not_last_until_arrival_is_a_stop(): void
    {
        $work = self::truckAtSix();
        $lasts = fn (int $minutes): array => self::codes(Timetable::of(new Work(
            array_values($work->steps), $work->hands, $work->uses, [], [new Clock('box 1', 'fish', 'unload', $minutes)],
        )));
        self::assertSame([], $lasts(253));
        self::assertSame(['stop move-clock-runs-out box 1'], $lasts(252));
    }

    #[Test]
    public function catching_waits_for_the_truck_rather_than_the_fish(): void
    {
        $steps = [
            new Step('catch', 20, 1),
            new Step('fetch truck', 60, 1, uses: ['truck']),
            new Step('drive', 30, 2, uses: ['truck'], needs: [new Need('catch'), new Need('fetch truck')]),
        ];
        $hands = [new Hand('a'), new Hand('b')];
        $day = Timetable::of(new Work($steps, $hands, ['truck' => 1], [], [new Clock('box', 'catch', 'drive', 60)]));
        self::assertSame([40, 60, 90], [$day->plan->starts['catch'], $day->plan->starts['drive'], $day->finishMin]);
    }

    #[Test]
    public function what_must_not_lie_long_is_done_late_and_what_lies_too_long_is_counted(): void
    {
        $steps = fn (int $most): array => [
            new Step('drain', 30, 1),
            new Step('pack', 100, 1),
            new Step('carry', 10, 2, needs: [new Need('drain', 0, $most), new Need('pack')]),
        ];
        $hands = [new Hand('a'), new Hand('b')];
        $day = Timetable::of(new Work($steps(5), $hands, [], []));
        self::assertSame([70, 0], [$day->plan->starts['drain'], $day->pastMin]);
        $alone = [new Step('drain', 30, 1), new Step('pack', 100, 1, needs: [new Need('drain')]),
            new Step('carry', 10, 1, needs: [new Need('drain', 0, 90), new Need('pack')])];
        self::assertSame(10, Timetable::of(new Work($alone, $hands, [], []))->pastMin);
    }

    #[Test]
    public function skills_windows_and_things_that_are_there_once_are_kept(): void
    {
        $steps = [
            new Step('lift', 30, 2, ['lifting'], ['aid']),
            new Step('lift too', 30, 2, ['lifting'], ['aid']),
            new Step('electric', 20, 1, ['electric'], fromMin: 15),
            new Step('sweep', 10, 1, toMin: 40),
        ];
        $hands = [new Hand('a', ['lifting', 'electric']), new Hand('b', ['lifting']), new Hand('c'), new Hand('d')];
        $day = Timetable::of(new Work($steps, $hands, ['aid' => 1], []));
        self::assertSame([], self::broken($day, $steps, $hands, ['aid' => 1]));
        self::assertSame(60, $day->finishMin);
        self::assertTrue($day->isProven);
    }

    /**
     * What a plan breaks, found without the code that made it.
     *
     * @param  list<Step>  $steps
     * @param  list<Hand>  $hands
     * @param  array<string, int>  $uses
     * @return list<string>
     */
    private static function broken(Timetable $day, array $steps, array $hands, array $uses): array
    {
        $broken = [];
        $skills = array_column(array_map(fn (Hand $h): array => ['id' => $h->id, 'can' => $h->skills], $hands), 'can', 'id');
        foreach ($steps as $step) {
            $start = $day->plan->starts[$step->id];
            $who = $day->plan->hands[$step->id];
            count(array_unique($who)) === $step->persons || $broken[] = "{$step->id}: people";
            array_diff($step->skills, ...array_values(array_map(fn (string $w): array => $skills[$w], $who) ?: [[]])) === []
                || $broken[] = "{$step->id}: skills";
            $start >= ($step->fromMin ?? 0) || $broken[] = "{$step->id}: too soon";
            foreach ($step->needs as $need) {
                $before = array_values(array_filter($steps, fn (Step $s): bool => $s->id === $need->id))[0];
                $start >= $day->plan->starts[$need->id] + $before->minutes + $need->lagMin || $broken[] = "{$step->id}: before {$need->id}";
            }
            foreach ($steps as $other) {
                $isAtOnce = $other->id > $step->id && $day->plan->starts[$other->id] < $start + $step->minutes
                    && $start < $day->plan->starts[$other->id] + $other->minutes;
                if ($isAtOnce && array_intersect($who, $day->plan->hands[$other->id]) !== []) {
                    $broken[] = "{$step->id} and {$other->id}: one person";
                }
                foreach ($isAtOnce ? array_intersect($step->uses, $other->uses) : [] as $use) {
                    $uses[$use] > 1 || $broken[] = "{$step->id} and {$other->id}: {$use}";
                }
            }
        }

        return $broken;
    }

    /** @return array{0: list<Step>, 1: list<Hand>, 2: list<End>} made from a seed */
    public static function some(int $seed, int $count): array
    {
        mt_srand($seed);
        $steps = [];
        for ($n = 0; $n < $count; $n++) {
            $needs = [];
            for ($before = max(0, $n - 5); $before < $n; $before++) {
                if (mt_rand(0, 3) === 0) {
                    $needs[] = new Need("s{$before}", mt_rand(0, 3) === 0 ? 5 : 0);
                }
            }
            $steps[] = new Step("s{$n}", mt_rand(5, 40), mt_rand(1, 2), mt_rand(0, 4) === 0 ? ['lifting'] : [],
                mt_rand(0, 3) === 0 ? ['aid'] : [], $needs);
        }
        $hands = [new Hand('a', ['lifting']), new Hand('b'), new Hand('c', ['lifting'])];

        return [$steps, $hands, [new End('s'.($count - 1), mt_rand(60, 200))]];
    }

    #[Test]
    public function whatever_the_work_no_limit_is_broken_and_no_bound_beaten(): void
    {
        for ($seed = 1; $seed <= Share::of(25, 12); $seed++) {
            [$steps, $hands, $ends] = self::some($seed, 4 + $seed % 20);
            $day = Timetable::of(new Work($steps, $hands, ['aid' => 1], $ends));
            self::assertSame([], self::broken($day, $steps, $hands, ['aid' => 1]), "seed {$seed}");
            self::assertGreaterThanOrEqual($day->boundMin, $day->finishMin, "seed {$seed}");
        }
    }

    #[Test]
    public function of_few_steps_no_order_is_better(): void
    {
        for ($seed = 1; $seed <= 25; $seed++) {
            [$steps, $hands, $ends] = self::some($seed, 6);
            $work = new Work($steps, $hands, ['aid' => 1], $ends);
            $best = null;
            foreach (self::orders(array_keys($work->steps), $work) as $order) {
                $judged = Judged::of($work, Placing::forwards($work, $order));
                $best = $best === null || $judged->isBetterThan($best) ? $judged : $best;
            }
            $day = Timetable::of($work);
            self::assertSame([$best?->pastMin, $best?->finishMin], [$day->pastMin, $day->finishMin], "seed {$seed}");
            self::assertTrue($day->isProven, "seed {$seed}");
        }
    }

    /** @param  list<string>  $ids @return iterable<list<string>> */
    private static function orders(array $ids, Work $work, array $done = []): iterable
    {
        if ($ids === []) {
            yield $done;
        }
        foreach ($ids as $id) {
            $waits = array_filter($work->steps[$id]->needs, fn (Need $n): bool => ! in_array($n->id, $done, true));
            if ($waits === []) {
                yield from self::orders(array_values(array_diff($ids, [$id])), $work, [...$done, $id]);
            }
        }
    }

    #[Test]
    public function a_later_end_never_makes_it_worse(): void
    {
        for ($seed = 1; $seed <= Share::of(6, 3); $seed++) {
            [$steps, $hands] = self::some($seed, 30);
            $before = null;
            foreach ([120, 180, 240, 400] as $at) {
                $work = new Work($steps, $hands, ['aid' => 1], [new End('s29', $at)]);
                $day = Timetable::of($work, $before?->order());
                self::assertTrue($before === null || $day->pastMin <= $before->pastMin, "seed {$seed}, {$at}");
                $before = $day;
            }
        }
    }

    /** @param  \Closure(): Work  $make */
    #[Test]
    #[DataProvider('wrong')]
    public function work_that_cannot_be_is_refused_in_words(string $says, \Closure $make): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage($says);
        $make();
    }

    /** @return iterable<string, array{string, \Closure}> */
    public static function wrong(): iterable
    {
        $one = fn (Step ...$steps): \Closure => fn (): Work => new Work(array_values($steps), [new Hand('a')], [], []);
        yield 'twice' => ['twice', $one(new Step('a', 5), new Step('a', 5))];
        yield 'a circle' => ['circle', $one(new Step('a', 5, needs: [new Need('b')]), new Step('b', 5, needs: [new Need('a')]))];
        yield 'nobody' => ['no step', $one(new Step('a', 5, needs: [new Need('b')]))];
        yield 'too many hands' => ['wants 2 people', $one(new Step('a', 5, 2))];
        yield 'a skill' => ['which nobody of the team can', $one(new Step('a', 5, 1, ['lifting']))];
        yield 'a thing' => ['not there', $one(new Step('a', 5, 1, [], ['truck']))];
        yield 'an end' => ['no step', fn (): Work => new Work([new Step('a', 5)], [new Hand('a')], [], [new End('b', 5)])];
    }

    #[Test]
    public function a_day_of_a_hundred_and_twenty_steps_is_planned_while_one_waits(): void
    {
        mt_srand(120);
        $steps = [];
        for ($n = 0; $n < 120; $n++) {
            $needs = $n < 8 ? [] : [new Need('s'.mt_rand(max(0, $n - 12), $n - 1)), new Need('s'.mt_rand(max(0, $n - 12), $n - 1))];
            $steps[] = new Step("s{$n}", mt_rand(5, 40), mt_rand(1, 3), [], mt_rand(0, 5) === 0 ? ['truck'] : [], array_values(
                array_combine(array_map(fn (Need $x): string => $x->id, $needs), $needs) ?: [],
            ));
        }
        $hands = array_map(fn (int $n): Hand => new Hand("p{$n}"), range(1, 8));
        $clocks = array_map(fn (int $n): Clock => new Clock("box {$n}", 's40', 's'.(60 + $n), 600), range(0, 59));
        $work = new Work($steps, $hands, ['truck' => 2], [new End('s119', 900)], $clocks);
        $started = hrtime(true);
        $day = Timetable::of($work);
        self::assertLessThan(3000, (hrtime(true) - $started) / 1e6, 'ms: ten times what is wished, for a busy machine');
        self::assertSame([], self::broken($day, $steps, $hands, ['truck' => 2]));
    }

    #[Test]
    public function a_work_has_three_hundred_steps_at_most(): void
    {
        $asks = fn (int $count): ?string => self::refused(
            fn (): Work => new Work(array_map(fn (int $n): Step => new Step("s{$n}", 5, 1), range(1, $count)), [new Hand('a')], [], []),
        );
        self::assertSame([null, 'tasks'], [$asks(300), $asks(301)]);
    }

    #[Test]
    public function a_step_is_two_days_long_at_most_and_twenty_do_it(): void
    {
        $asks = fn (int $minutes, int $persons): ?string => self::refused(fn (): Step => new Step('s', $minutes, $persons));
        self::assertSame([null, 's.minutes', 's.minutes'], [$asks(2880, 20), $asks(2881, 20), $asks(-1, 1)]);
        self::assertSame(['s.persons', 's.persons'], [$asks(60, 21), $asks(60, -1)]);
    }
}
