<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\AlarmTurn;
use Velbrin\Core\Control\AlarmWatch;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\AlarmSight;
use Velbrin\Core\Measure\OutOfRange;

/** An alarm over time: delays, gaps, the same occurrence, and what each kind of alarm sees. */
final class AlarmWatchTest extends TestCase
{
    /**
     * @param  array<int, bool|null>  $seen  by second
     * @return array<int, string>
     */
    private static function turns(AlarmWatch $watch, array $seen): array
    {
        $turns = [];
        foreach ($seen as $atS => $holds) {
            $turn = $watch->see((float) $atS, $holds);
            if ($turn !== null) {
                $turns[$atS] = $turn->value;
            }
        }

        return $turns;
    }

    #[Test]
    public function it_is_raised_when_it_has_held_for_its_delay_and_not_a_second_before(): void
    {
        self::assertSame([600 => 'raised'], self::turns(new AlarmWatch(600), [0 => true, 300 => true, 599 => true, 600 => true]));
        self::assertSame([0 => 'raised'], self::turns(new AlarmWatch(0), [0 => true]));
        $broken = self::turns(new AlarmWatch(600), [0 => true, 300 => true, 400 => false, 500 => true, 1000 => true, 1099 => true]);
        self::assertSame([], $broken);
    }

    #[Test]
    public function it_clears_after_as_long_and_five_minutes_at_least(): void
    {
        $watch = new AlarmWatch(60);
        self::assertSame([60 => 'raised', 370 => 'cleared'],
            self::turns($watch, [0 => true, 60 => true, 70 => false, 369 => false, 370 => false]));
        $slow = new AlarmWatch(600);
        self::assertSame([600 => 'raised', 1300 => 'cleared'],
            self::turns($slow, [0 => true, 600 => true, 700 => false, 1299 => false, 1300 => false]));
    }

    #[Test]
    public function a_gap_neither_raises_nor_clears(): void
    {
        self::assertSame([], self::turns(new AlarmWatch(600), [0 => true, 100 => null, 5000 => true, 5400 => true]));
        // A quarter of an hour without a look is a gap too.
        self::assertSame([], self::turns(new AlarmWatch(600), [0 => true, 901 => true]));
        self::assertSame([900 => 'raised'], self::turns(new AlarmWatch(600), [0 => true, 900 => true]));
        // What was counted before the gap still counts.
        $seen = [0 => true, 300 => true, 400 => null, 1000 => true, 1300 => true];
        self::assertSame([1300 => 'raised'], self::turns(new AlarmWatch(600), $seen));
    }

    #[Test]
    public function back_within_half_an_hour_it_is_the_same_occurrence(): void
    {
        $again = new AlarmWatch(0);
        self::assertSame([0 => 'raised', 310 => 'cleared', 2110 => 'again'],
            self::turns($again, [0 => true, 10 => false, 310 => false, 2110 => true]));
        self::assertSame(1, $again->occurrences());
        $new = new AlarmWatch(0);
        self::assertSame([0 => 'raised', 310 => 'cleared', 2111 => 'raised'],
            self::turns($new, [0 => true, 10 => false, 310 => false, 2111 => true]));
        self::assertSame(2, $new->occurrences());
    }

    #[Test]
    public function it_is_kept_and_goes_on_as_if_nothing_had_been_between(): void
    {
        mt_srand(15);
        for ($run = 0; $run < 200; $run++) {
            $delayS = mt_rand(0, 20) * 60.0;
            [$whole, $cut] = [new AlarmWatch($delayS), new AlarmWatch($delayS)];
            $atS = 0.0;
            for ($n = 0; $n < 40; $n++) {
                $atS += mt_rand(10, 1000);
                $holds = [true, true, false, null][mt_rand(0, 3)];
                $cut = AlarmWatch::from($delayS, $cut->kept());
                self::assertSame($whole->see($atS, $holds), $cut->see($atS, $holds));
                self::assertSame($whole->untilS(), $cut->untilS());
            }
        }
    }

    #[Test]
    public function what_it_says_is_left_to_wait_is_when_it_turns(): void
    {
        $watch = new AlarmWatch(600);
        self::assertSame(INF, $watch->untilS());
        $watch->see(0, true);
        $watch->see(200, true);
        self::assertSame(400.0, $watch->untilS());
        self::assertSame(AlarmTurn::Raised, $watch->see(600, true));
        self::assertSame(INF, $watch->untilS());
        $watch->see(700, false);
        self::assertSame(600.0, $watch->untilS());
        $this->expectException(OutOfRange::class);
        new AlarmWatch(-1);
    }

    private static function alarm(mixed ...$more): AlarmOf
    {
        $all = ['id' => 'a', 'probe' => null, 'act' => null, 'low' => null, 'high' => null, 'calls' => 1, 'testedDaysAgo' => 1.0, ...$more];

        return new AlarmOf(...$all);
    }

    #[Test]
    public function each_kind_sees_what_it_watches_and_says_when_it_cannot(): void
    {
        $value = self::alarm(probe: 't', low: 24.0, high: 27.0);
        foreach ([[24.0, false], [23.9, true], [27.0, false], [27.1, true], [null, null]] as [$is, $holds]) {
            self::assertSame($holds, $value->holds(new AlarmSight(probes: ['t' => $is])), "{$is}");
        }
        self::assertNull($value->holds(new AlarmSight(isSilent: true, probes: ['t' => 30])));
        $rate = self::alarm(probe: 't', ratePerH: 0.5);
        self::assertFalse($rate->holds(new AlarmSight(ratesPerH: ['t' => -0.5])));
        self::assertTrue($rate->holds(new AlarmSight(ratesPerH: ['t' => -0.51])));
        self::assertNull($rate->holds(new AlarmSight()));
        $frozen = self::alarm(probe: 't', isFrozen: true, delayS: 21_600.0);
        self::assertFalse($frozen->holds(new AlarmSight(stillS: ['t' => 21_599])));
        self::assertTrue($frozen->holds(new AlarmSight(stillS: ['t' => 21_600])));
        self::assertSame(0.0, $frozen->waitsS());
        $leak = self::alarm(switch: 'floor');
        self::assertTrue($leak->holds(new AlarmSight(switches: ['floor' => true])));
        self::assertFalse($leak->holds(new AlarmSight(switches: ['floor' => false])));
        self::assertNull($leak->holds(new AlarmSight()));
        $act = self::alarm(act: 'hot');
        self::assertTrue($act->holds(new AlarmSight(acts: ['hot'])));
        self::assertFalse($act->holds(new AlarmSight()));
        $silence = self::alarm(isSilence: true);
        self::assertTrue($silence->holds(new AlarmSight(isSilent: true)));
        self::assertFalse($silence->holds(new AlarmSight()));
    }

    #[Test]
    public function a_load_that_is_on_and_draws_nothing_and_one_that_draws_too_much(): void
    {
        $draws = fn (bool $on, float $w): AlarmSight => new AlarmSight(draws: ['heater' => ['on' => $on, 'w' => $w, 'knownW' => 200.0]]);
        $nothing = self::alarm(outlet: 'heater');
        self::assertTrue($nothing->holds($draws(true, 19.9)));
        self::assertFalse($nothing->holds($draws(true, 20.0)));
        self::assertFalse($nothing->holds($draws(false, 0)));
        $much = self::alarm(outlet: 'heater', mostW: 250.0);
        self::assertFalse($much->holds($draws(true, 250)));
        self::assertTrue($much->holds($draws(true, 251)));
        self::assertNull($much->holds(new AlarmSight()));
    }
}
