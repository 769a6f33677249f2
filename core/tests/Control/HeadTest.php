<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Programme\AfterMaximum;
use Velbrin\Core\Control\Programme\Always;
use Velbrin\Core\Control\Programme\Blind;
use Velbrin\Core\Control\Programme\Condition;
use Velbrin\Core\Control\Programme\Day;
use Velbrin\Core\Control\Programme\Decision;
use Velbrin\Core\Control\Programme\Follow;
use Velbrin\Core\Control\Programme\Guard;
use Velbrin\Core\Control\Programme\GuardRank;
use Velbrin\Core\Control\Programme\Head;
use Velbrin\Core\Control\Programme\Hold;
use Velbrin\Core\Control\Programme\Moment;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\PauseOf;
use Velbrin\Core\Control\Programme\Programme;
use Velbrin\Core\Control\Programme\Pulse;
use Velbrin\Core\Control\Programme\Refill;
use Velbrin\Core\Control\Programme\Rule;
use Velbrin\Core\Control\Programme\Sensed;
use Velbrin\Core\Control\Programme\TimedRun;
use Velbrin\Core\Measure\OutOfRange;

/** What a controller does with each outlet, moment by moment, and who speaks first. */
final class HeadTest extends TestCase
{
    private const NOON = 720.0;

    private static function at(float $seconds, float $minute = self::NOON): Moment
    {
        return (new Moment(0.0, 331, $minute))->plus($seconds);
    }

    /**
     * @param  array<int|string, Sensed>  $course  what is sensed, by second
     * @return array<int, Decision> of the outlet
     */
    private static function course(Programme $programme, string $outlet, array $course, float $minute = self::NOON): array
    {
        $head = new Head($programme);
        $said = [];
        foreach ($course as $second => $sensed) {
            $said[(int) $second] = $head->step(self::at((float) $second, $minute), $sensed)[$outlet];
        }

        return $said;
    }

    /** @param  array<int, Decision>  $decisions */
    private static function says(array $decisions): array
    {
        return array_map(fn (Decision $d): string => "{$d->says->value} ".round($d->level, 3), $decisions);
    }

    private static function one(Rule $rule, mixed ...$more): Outlet
    {
        return new Outlet('o', 'heater 1, sump', $rule, ...['lostLinkLevel' => 0.0, ...$more]);
    }

    #[Test]
    public function a_hold_goes_on_as_it_was_between_its_limits_and_is_off_after_a_boot(): void
    {
        $programme = new Programme([self::one(new Hold('t', 25.3, 25.7, Blind::Off))]);
        $t = fn (?float $v, bool $power = true): Sensed => new Sensed(power: $power, probes: ['t' => $v]);
        self::assertSame(
            [
                0 => 'rule 0', 10 => 'rule 1', 20 => 'rule 1', 30 => 'rule 0', 40 => 'rule 0', 50 => 'rule 1',
                60 => 'no-power 0', 70 => 'lost-link 0', 159 => 'lost-link 0', 160 => 'rule 0', 170 => 'rule 1', 180 => 'rule 0',
            ],
            self::says(self::course($programme, 'o', [
                0 => $t(25.5), 10 => $t(25.3), 20 => $t(25.69), 30 => $t(25.7), 40 => $t(25.31), 50 => $t(25.2),
                60 => $t(25.5, false), 70 => $t(25.5), 159 => $t(25.5), 160 => $t(25.5), 170 => $t(25.3), 180 => $t(null),
            ])),
        );
    }

    #[Test]
    public function without_a_clock_plans_and_doses_wait_and_all_else_goes_on(): void
    {
        $lit = new Day([['minute' => 600.0, 'level' => 1.0], ['minute' => 1200.0, 'level' => 0.0]], false);
        $dose = new Pulse([720.5], 30.0, 20.0, 40.0);
        $course = fn (bool $hasClock): array => [
            0 => new Sensed(probes: ['t' => 25.0], hasClock: $hasClock),
            40 => new Sensed(probes: ['t' => 25.0], hasClock: $hasClock),
        ];
        $says = fn (Rule $rule, bool $hasClock): array => self::says(
            self::course(new Programme([self::one($rule)]), 'o', $course($hasClock)),
        );
        self::assertSame([0 => 'rule 1', 40 => 'rule 1'], $says($lit, true));
        self::assertSame([0 => 'no-clock 0', 40 => 'no-clock 0'], $says($lit, false));
        self::assertSame('rule 1', $says($dose, true)[40]);
        self::assertSame('no-clock 0', $says($dose, false)[40]);
        self::assertSame([0 => 'rule 1', 40 => 'rule 1'], $says(new Hold('t', 25.3, 25.7, Blind::Off), false));
        self::assertSame([0 => 'rule 1', 40 => 'rule 1'], $says(new Always(true), false));
    }

    #[Test]
    public function cooling_is_the_same_the_other_way_round_and_what_cannot_be_seen_does_as_was_said(): void
    {
        $course = [0 => new Sensed(probes: ['t' => 27.0]), 10 => new Sensed(probes: ['t' => 26.6]),
            20 => new Sensed(), 30 => new Sensed(probes: ['t' => 26.5])];
        foreach ([[Blind::Off, 'rule 0'], [Blind::On, 'rule 1'], [Blind::AsItWas, 'rule 1'], [null,
            'rule 1']] as [$blind, $then]) {
            $said = self::says(self::course(new Programme([self::one(new Hold('t', 27.0, 26.5, $blind))]), 'o', $course));
            self::assertSame([0 => 'rule 1', 10 => 'rule 1', 20 => $then, 30 => 'rule 0'], $said);
        }
        $this->expectException(OutOfRange::class);
        new Hold('t', 25.0, 25.0, Blind::Off);
    }

    /** @param  list<array{minute: float, level: float}>  $points */
    #[Test]
    #[DataProvider('days')]
    public function a_day_is_a_level_by_the_clock_over_midnight_too(array $points, bool $isRamp, float $minute,
        float $level): void
    {
        self::assertEqualsWithDelta($level, (new Day($points, $isRamp))->at($minute), 1e-9);
    }

    /** @return iterable<string, array{list<array{minute: float, level: float}>, bool, float, float}> */
    public static function days(): iterable
    {
        $light = [['minute' => 600.0, 'level' => 0.0], ['minute' => 690.0, 'level' => 1.0], ['minute' => 1140.0,
            'level' => 1.0], ['minute' => 1230.0, 'level' => 0.0]];
        yield 'before it begins' => [$light, true, 599.9, 0.0];
        yield 'half way up' => [$light, true, 645.0, 0.5];
        yield 'full' => [$light, true, 900.0, 1.0];
        yield 'half way down' => [$light, true, 1185.0, 0.5];
        yield 'night' => [$light, true, 1439.9, 0.0];
        $steps = [['minute' => 60.0, 'level' => 0.0], ['minute' => 1200.0, 'level' => 1.0]];
        yield 'a step before its point' => [$steps, false, 1199.99, 0.0];
        yield 'a step at its point' => [$steps, false, 1200.0, 1.0];
        yield 'on over midnight' => [$steps, false, 30.0, 1.0];
        yield 'off again' => [$steps, false, 60.0, 0.0];
        $over = [['minute' => 120.0, 'level' => 0.0], ['minute' => 1320.0, 'level' => 1.0]];
        yield 'a ramp over midnight' => [$over, true, 0.0, 0.5];
    }

    #[Test]
    public function points_of_a_day_rise(): void
    {
        foreach ([[[60.0, 0.0], [60.0, 1.0]], [[1440.0, 1.0]], [[0.0, 1.1]], [[-1.0, 0.0]]] as $points) {
            try {
                new Day(array_map(fn (array $p): array => ['minute' => $p[0], 'level' => $p[1]], $points), false);
                self::fail('a day that runs backwards was taken');
            } catch (OutOfRange $e) {
                self::assertStringStartsWith('points.', $e->field);
            }
        }
    }

    #[Test]
    public function who_follows_does_so_after_a_delay_each_way_and_never_in_a_circle(): void
    {
        $pump = new Outlet('pump', 'return', new Day([['minute' => 720.0, 'level' => 1.0], ['minute' => 722.0,
            'level' => 0.0]], false), 1.0);
        $skimmer = new Outlet('o', 'skimmer', new Follow('pump', onDelayS: 60, offDelayS: 10), 0.0);
        $course = array_fill_keys([0, 59, 60, 120, 129, 130], new Sensed());
        // Written the other way round: whoever is followed is decided first.
        $said = self::says(self::course(new Programme([$skimmer, $pump]), 'o', $course));
        self::assertSame([0 => 'rule 0', 59 => 'rule 0', 60 => 'rule 1', 120 => 'rule 1', 129 => 'rule 1',
            130 => 'rule 0'], $said);
        foreach ([
            [new Outlet('a', 'a', new Follow('b'), 0.0), new Outlet('b', 'b', new Follow('a', true), 0.0)],
            [new Outlet('a', 'a', new Follow('a'), 0.0)],
            [new Outlet('a', 'a', new Follow('nobody'), 0.0)],
            [new Outlet('a', 'a', new Always(true), 0.0), new Outlet('a', 'b', new Always(true), 0.0)],
        ] as $wrong) {
            try {
                new Programme($wrong);
                self::fail('a programme that cannot be decided was taken');
            } catch (OutOfRange $e) {
                self::assertSame('outlets', $e->field);
            }
        }
    }

    #[Test]
    public function a_clock_goes_on_over_midnight(): void
    {
        $then = (new Moment(0.0, 331, 1439.0))->plus(120);
        self::assertSame([120.0, 332, 1.0], [$then->atS, $then->day, $then->minute]);
        self::assertSame(1439.5, (new Moment(0.0, 331, 1439.0))->plus(30)->minute);
        self::assertSame(333, (new Moment(0.0, 331, 1439.0))->plus(2 * 86_400)->day);
    }

    #[Test]
    public function a_pulse_is_given_once_late_by_a_minute_at_most_and_never_above_its_cap(): void
    {
        $rule = new Pulse([720.0, 721.0, 722.0], lengthS: 20, mlPerMin: 30, capMl: 25);
        $outlet = self::one($rule);
        self::assertSame(10.0, $rule->pulseMl());
        $said = self::says(self::course(new Programme([$outlet]), 'o', array_fill_keys([0, 19, 20, 60, 79, 80, 120],
            new Sensed())));
        // The third would make 30 mL.
        self::assertSame(
            [0 => 'rule 1', 19 => 'rule 1', 20 => 'rule 0', 60 => 'rule 1', 79 => 'rule 1', 80 => 'rule 0', 120 => 'rule 0'],
            $said,
        );
        // Somebody gave 8 mL by hand: the second does not fit any more.
        $hand = self::says(self::course(new Programme([$outlet]), 'o', [
            0 => new Sensed(), 30 => new Sensed(byHandMl: ['o' => 8.0]), 60 => new Sensed(),
        ]));
        self::assertSame('rule 0', $hand[60]);
        // Sixty-one seconds late it is missed; sixty are late.
        foreach ([[60, 'rule 1'], [61, 'rule 0']] as [$late, $then]) {
            $gap = [-10 => new Sensed(), $late => new Sensed()];
            self::assertSame($then, self::says(self::course(new Programme([self::one(new Pulse([720.0], 20, 30,
                null))]), 'o', $gap))[$late]);
        }
    }

    #[Test]
    public function the_clock_s_changes_give_no_pulse_twice_and_lose_none(): void
    {
        $head = new Head(new Programme([self::one(new Pulse([150.0], 20, 30, null))]));
        $on = function (float $atS, float $minute, int $day = 88) use (&$head): bool {
            return $head->step(new Moment($atS, $day, $minute), new Sensed())['o']->isOn();
        };
        // 01:59 is followed by 03:00: the pulse of 02:30 comes at the end of what was skipped.
        self::assertFalse($on(0, 119));
        self::assertTrue($on(60, 180));
        self::assertFalse($on(120, 181));
        // In autumn 02:30 comes twice: the first counts.
        $head = new Head(new Programme([self::one(new Pulse([150.0], 20, 30, null))]));
        self::assertFalse($on(0, 149, 298));
        self::assertTrue($on(60, 150, 298));
        self::assertFalse($on(3600, 149, 298));
        self::assertFalse($on(3660, 150, 298));
        // A step over midnight: what was due half a minute before is still given.
        $head = new Head(new Programme([self::one(new Pulse([1439.8], 20, 30, null))]));
        self::assertFalse($on(0, 1439.5));
        self::assertTrue($on(60, 0.5, 89));
        // Of ten to twelve nothing is given at five past: it is a quarter of an hour late.
        $head = new Head(new Programme([self::one(new Pulse([1430.0], 20, 30, null))]));
        self::assertFalse($on(0, 1425));
        self::assertFalse($on(1200, 5, 89));
    }

    #[Test]
    public function a_refill_waits_fills_and_latches_at_its_limit(): void
    {
        $rule = new Refill('low', 'high', 'store', dryS: 10, longestS: 100, restS: 300, litresPerH: 36, mostL: null);
        $programme = new Programme([self::one($rule)]);
        $s = fn (bool $low, bool $high = false, ?bool $store = true, array $reset = []): Sensed => new Sensed(
            switches: ['low' => $low, 'high' => $high, 'store' => $store],
            reset: $reset,
        );
        $said = self::says(self::course($programme, 'o', [
            0 => $s(false), 9 => $s(false), 10 => $s(false), 30 => $s(true), 40 => $s(true, true),
            // It rests; then it fills again, finds no end, and stays off until somebody has looked.
            50 => $s(false), 339 => $s(false), 340 => $s(false), 439 => $s(false), 440 => $s(false), 9000 => $s(false),
            9001 => $s(false, reset: ['o']), 9012 => $s(false), 9301 => $s(false),
        ]));
        self::assertSame(
            [
                0 => 'rule 0', 9 => 'rule 0', 10 => 'rule 1', 30 => 'rule 1', 40 => 'rule 0',
                50 => 'rule 0', 339 => 'rule 0', 340 => 'rule 1', 439 => 'rule 1', 440 => 'rule 0', 9000 => 'rule 0',
                9001 => 'rule 0', 9012 => 'rule 1', 9301 => 'rule 0',
            ],
            $said,
        );
        // An empty store, or one nobody sees, stops it; so does a high switch that is wet over a dry low one.
        self::assertSame('rule 0', self::says(self::course($programme, 'o', [0 => $s(false, store: false),
            20 => $s(false, store: false)]))[20]);
        self::assertSame('rule 0', self::says(self::course($programme, 'o', [0 => $s(false, store: null),
            20 => $s(false, store: null)]))[20]);
        $against = self::says(self::course($programme, 'o', [0 => $s(false, true), 20 => $s(false), 40 => $s(false)]));
        self::assertSame('rule 0', $against[40]);
    }

    #[Test]
    public function a_refill_gives_no_more_than_its_litres_in_a_day(): void
    {
        $programme = new Programme([self::one(new Refill('low', 'high', null, dryS: 0, longestS: null, restS: 0,
            litresPerH: 36, mostL: 1.0))]);
        $dry = new Sensed(switches: ['low' => false, 'high' => false]);
        $said = self::says(self::course($programme, 'o', array_fill_keys([0, 60, 99, 100, 3600, 86_499, 86_501], $dry)));
        self::assertSame(
            [0 => 'rule 1', 60 => 'rule 1', 99 => 'rule 1', 100 => 'rule 0', 3600 => 'rule 0', 86_499 => 'rule 0',
                86_501 => 'rule 1'],
            $said,
        );
    }

    #[Test]
    public function a_timed_run_ends_by_itself(): void
    {
        $programme = new Programme([self::one(new TimedRun(600))]);
        $said = self::says(self::course($programme, 'o', [
            0 => new Sensed(), 10 => new Sensed(buttons: ['o']), 609 => new Sensed(), 610 => new Sensed(),
        ]));
        self::assertSame([0 => 'rule 0', 10 => 'rule 1', 609 => 'rule 1', 610 => 'rule 0'], $said);
    }

    #[Test]
    public function a_guard_waits_latches_or_clears_and_stays_latched_over_a_boot(): void
    {
        $hot = fn (?Condition $clears): Programme => new Programme(
            [self::one(new Always(true))],
            [new Guard('g', 'o', [Condition::above('t', 27.0)], 60, 0.0, $clears, GuardRank::Animals)],
        );
        $t = fn (float $v, bool $power = true, array $reset = []): Sensed => new Sensed(power: $power,
            probes: ['t' => $v], reset: $reset);
        $course = [0 => $t(27.0), 10 => $t(27.1), 69 => $t(27.1), 70 => $t(27.1), 80 => $t(26.6), 90 => $t(26.4)];
        self::assertSame(
            [0 => 'rule 1', 10 => 'rule 1', 69 => 'rule 1', 70 => 'guard 0', 80 => 'guard 0', 90 => 'rule 1'],
            self::says(self::course($hot(Condition::below('t', 26.5)), 'o', $course)),
        );
        $latched = self::says(self::course($hot(null), 'o', $course + [
            100 => $t(26.4, false), 110 => $t(26.4), 300 => $t(26.4), 310 => $t(26.4, true, ['g']), 320 => $t(26.4),
        ]));
        self::assertSame(['guard 0', 'no-power 0', 'lost-link 0', 'guard 0', 'rule 1', 'rule 1'],
            array_values(array_slice($latched, 5, null, true)));
        // What falls short of its time begins anew.
        $short = self::says(self::course($hot(null), 'o', [0 => $t(27.1), 50 => $t(26.9), 60 => $t(27.1),
            119 => $t(27.1), 120 => $t(27.1)]));
        self::assertSame(['rule 1', 'guard 0'], [$short[119], $short[120]]);
    }

    #[Test]
    public function a_guard_that_cannot_see_trips_only_where_that_was_said_and_one_that_clears_is_not_kept_over_a_boot(): void
    {
        foreach ([[Blind::Off, 'guard 0'], [Blind::On, 'rule 1'], [Blind::AsItWas, 'rule 1'], [null, 'rule 1']] as [$blind, $then]) {
            $guard = new Guard('g', 'o', [Condition::above('t', 27)], 0, 0.0, null, GuardRank::Animals, $blind);
            $programme = new Programme([self::one(new Always(true))], [$guard]);
            self::assertSame($then, self::says(self::course($programme, 'o', [0 => new Sensed()]))[0]);
        }
        // At a limit nothing is above or below it.
        self::assertSame([false, false], array_map(
            fn (Condition $c): ?bool => $c->holds(new Sensed(probes: ['t' => 5.0])),
            [Condition::above('t', 5.0), Condition::below('t', 5.0)],
        ));
        $clears = new Guard('g', 'o', [Condition::above('t', 27)], 0, 0.0, Condition::below('t', 26), GuardRank::Animals);
        $said = self::says(self::course(new Programme([self::one(new Always(true))], [$clears]), 'o', [
            0 => new Sensed(probes: ['t' => 27.1]), 10 => new Sensed(power: false), 20 => new Sensed(),
            110 => new Sensed(probes: ['t' => 26.5]),
        ]));
        self::assertSame(['guard 0', 'rule 1'], [$said[0], $said[110]]);
        $four = array_fill(0, 4, Condition::above('t', 1));
        new Guard('g', 'o', array_slice($four, 0, 3), 0, 0.0, null, GuardRank::Animals);
        $this->expectException(OutOfRange::class);
        new Guard('g', 'o', $four, 0, 0.0, null, GuardRank::Animals);
    }

    #[Test]
    public function two_guards_that_contradict_each_other_the_higher_speaks_and_equals_leave_it_to_the_lost_link(): void
    {
        $with = fn (GuardRank $off, GuardRank $on): array => self::says(self::course(
            new Programme([self::one(new Always(false), lostLinkLevel: 0.4)], [
                new Guard('off', 'o', [Condition::above('t', 1)], 0, 0.0, null, $off),
                new Guard('on', 'o', [Condition::above('t', 1)], 0, 1.0, null, $on),
            ]),
            'o',
            [0 => new Sensed(probes: ['t' => 2.0])],
        ));
        self::assertSame([0 => 'guard 0'], $with(GuardRank::People, GuardRank::Animals));
        self::assertSame([0 => 'guard 1'], $with(GuardRank::Equipment, GuardRank::Animals));
        self::assertSame([0 => 'guard 0.4'], $with(GuardRank::Animals, GuardRank::Animals));
    }

    /**
     * @param  array<string, mixed>  $outlet
     */
    #[Test]
    #[DataProvider('precedence')]
    public function the_first_that_speaks_wins(array $outlet, Sensed $sensed, string $says): void
    {
        $programme = new Programme(
            [new Outlet('o', 'pump', new Always(true), 0.7, ...$outlet)],
            [new Guard('g', 'o', [Condition::closed('leak')], 0, 0.0, null, GuardRank::People)],
        );
        $head = new Head($programme);
        $head->step(self::at(0), new Sensed(pauses: $sensed->pauses, switches: ['leak' => false]));
        self::assertSame($says, self::says([$head->step(self::at(10), $sensed)['o']])[0]);
    }

    /** @return iterable<string, array{array<string, mixed>, Sensed, string}> */
    public static function precedence(): iterable
    {
        $feeding = ['feeding' => new PauseOf(0.2, 600)];
        $dry = ['leak' => false];
        $wet = ['leak' => true];
        $ask = ['o' => ['level' => 0.5, 'untilS' => 100.0]];
        yield 'nothing else: the rule' => [[], new Sensed(switches: $dry), 'rule 1'];
        yield 'a pause before the rule' => [['pauses' => $feeding], new Sensed(switches: $dry, pauses: ['feeding']), 'pause 0.2'];
        yield 'an override before a pause' => [['pauses' => $feeding], new Sensed(switches: $dry,
            pauses: ['feeding'], overrides: $ask), 'override 0.5'];
        yield 'one that has ended speaks no more' => [[], new Sensed(switches: $dry,
            overrides: ['o' => ['level' => 0.5, 'untilS' => 10.0]]), 'rule 1'];
        yield 'minimum on before an override' => [['minimumOnS' => 60.0], new Sensed(switches: $dry,
            overrides: ['o' => ['level' => 0.0, 'untilS' => 99.0]]), 'minimum-on 1'];
        yield 'maximum on before minimum on' => [['minimumOnS' => 60.0, 'maximumOnS' => 5.0],
            new Sensed(switches: $dry), 'maximum-on 0'];
        yield 'a guard before them all' => [['minimumOnS' => 60.0, 'maximumOnS' => 5.0], new Sensed(switches: $wet,
            overrides: $ask), 'guard 0'];
        yield 'a lock before a guard' => [[], new Sensed(switches: $wet, locks: ['o']), 'lock 0'];
        yield 'no link before a lock' => [[], new Sensed(link: false, switches: $wet, locks: ['o']), 'lost-link 0.7'];
        yield 'no power before all' => [[], new Sensed(power: false, link: false, switches: $wet, locks: ['o']), 'no-power 0'];
    }

    #[Test]
    public function without_a_link_an_outlet_takes_the_state_of_the_season(): void
    {
        $level = function (bool $isSummer, ?float $summer): float {
            $outlet = self::one(new Always(true), lostLinkLevel: 1.0, lostLinkSummerLevel: $summer);
            $head = new Head(new Programme([$outlet], [], $isSummer));

            return $head->step(new Moment(0.0, 0, 0.0), new Sensed(link: false))['o']->level;
        };
        self::assertSame([1.0, 0.0], [$level(false, 0.0), $level(true, 0.0)]);
        self::assertSame(1.0, $level(true, null), 'nobody has said another for the warm months');
    }

    #[Test]
    public function minimum_times_count_from_the_last_change_and_anew_from_a_boot(): void
    {
        $programme = new Programme([self::one(new Hold('t', 26.0, 25.0, Blind::Off), minimumOnS: 120,
            minimumOffS: 300, powerReturnS: 200, lostLinkLevel: 1.0)]);
        $t = fn (float $v, bool $power = true): Sensed => new Sensed(power: $power, probes: ['t' => $v]);
        $said = self::says(self::course($programme, 'o', [
            0 => $t(26.0), 60 => $t(24.9), 119 => $t(24.9), 120 => $t(24.9), 180 => $t(26.1), 419 => $t(26.1), 420 => $t(26.1),
            500 => $t(26.1, false), 510 => $t(26.1), 709 => $t(26.1), 710 => $t(26.1), 809 => $t(26.1), 810 => $t(26.1),
        ]));
        self::assertSame(
            [
                0 => 'rule 1', 60 => 'minimum-on 1', 119 => 'minimum-on 1', 120 => 'rule 0', 180 => 'minimum-off 0',
                419 => 'minimum-off 0', 420 => 'rule 1',
                500 => 'no-power 0', 510 => 'power-return 0', 709 => 'power-return 0', 710 => 'minimum-off 0',
                809 => 'minimum-off 0', 810 => 'rule 1',
            ],
            $said,
        );
    }

    #[Test]
    public function a_guard_s_on_waits_for_the_minimum_off(): void
    {
        $programme = new Programme(
            [self::one(new Day([['minute' => 720.0, 'level' => 1.0], ['minute' => 720.5, 'level' => 0.0]], false),
                minimumOffS: 60)],
            [new Guard('g', 'o', [Condition::above('t', 1)], 0, 1.0, Condition::below('t', 1), GuardRank::Animals)],
        );
        $t = fn (float $v): Sensed => new Sensed(probes: ['t' => $v]);
        $said = self::says(self::course($programme, 'o', [0 => $t(0.5), 30 => $t(0.5), 40 => $t(2.0), 89 => $t(2.0),
            90 => $t(2.0)]));
        self::assertSame(['minimum-off 0', 'minimum-off 0', 'guard 1'], [$said[40], $said[89], $said[90]]);
    }

    #[Test]
    #[DataProvider('afterMaximum')]
    public function on_too_long_it_rests_latches_or_tells(AfterMaximum $then, array $expected): void
    {
        $programme = new Programme([self::one(new Always(true), maximumOnS: 100, afterMaximum: $then, restS: 50)]);
        $course = array_fill_keys([0, 99, 100, 149, 150, 9999], new Sensed()) + [10_000 => new Sensed(reset: ['o'])];
        self::assertSame($expected, array_values(array_map(fn (Decision $d): bool => $d->isOn(),
            self::course($programme, 'o', $course))));
    }

    /** @return iterable<string, array{AfterMaximum, list<bool>}> */
    public static function afterMaximum(): iterable
    {
        yield 'rest' => [AfterMaximum::Rest, [true, true, false, false, true, false, false]];
        yield 'latch' => [AfterMaximum::Latch, [true, true, false, false, false, false, true]];
        yield 'tell' => [AfterMaximum::Tell, [true, true, true, true, true, true, true]];
    }

    #[Test]
    public function a_pause_ends_by_itself_at_most_at_twice_its_length_and_with_a_boot(): void
    {
        $programme = new Programme([self::one(new Always(true), pauses: ['feeding' => new PauseOf(0.0, 100)])]);
        $again = new Sensed(pauses: ['feeding']);
        $said = self::says(self::course($programme, 'o', [
            0 => $again, 99 => new Sensed(), 100 => new Sensed(),
        ]));
        self::assertSame(['pause 0', 'pause 0', 'rule 1'], array_values($said));
        $twice = self::says(self::course($programme, 'o', [0 => $again, 90 => $again, 180 => $again,
            199 => new Sensed(), 200 => new Sensed()]));
        self::assertSame(['pause 0', 'rule 1'], [$twice[199], $twice[200]]);
        $boot = self::says(self::course($programme, 'o', [0 => $again, 10 => new Sensed(power: false),
            20 => new Sensed(), 115 => new Sensed()]));
        self::assertSame('rule 1', $boot[115]);
    }

    #[Test]
    public function the_same_senses_give_the_same_decisions(): void
    {
        $programme = new Programme([
            new Outlet('pump', 'return', new Always(true), 1.0, pauses: ['feeding' => new PauseOf(0.0, 300)]),
            new Outlet('o', 'skimmer', new Follow('pump', onDelayS: 120), 0.0, minimumOnS: 30, maximumOnS: 900,
                afterMaximum: AfterMaximum::Rest, restS: 60),
        ], [new Guard('g', 'o', [Condition::above('t', 26)], 30, 0.0, Condition::below('t', 25.5), GuardRank::Equipment)]);
        $course = [];
        mt_srand(7);
        for ($s = 0; $s < 7200; $s += 30) {
            $course[$s] = new Sensed(
                power: mt_rand(0, 40) > 0,
                link: mt_rand(0, 20) > 0,
                probes: ['t' => mt_rand(0, 5) === 0 ? null : 25 + mt_rand(0, 20) / 10],
                pauses: mt_rand(0, 30) === 0 ? ['feeding'] : [],
            );
        }
        self::assertEquals(self::course($programme, 'o', $course), self::course($programme, 'o', $course));
    }
}
