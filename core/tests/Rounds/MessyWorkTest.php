<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\AfterJob;
use Velbrin\Core\Rounds\CrewDay;
use Velbrin\Core\Rounds\Disturbance;
use Velbrin\Core\Rounds\KeepsClear;
use Velbrin\Core\Rounds\Refusal;
use Velbrin\Core\Rounds\Route;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Stagger;
use Velbrin\Core\Rounds\Visit;
use Velbrin\Core\Rounds\Window;

/** What a messy job leaves behind, the days it keeps off, and charges of media that are not exchanged together (X-12, S-48). */
final class MessyWorkTest extends TestCase
{
    #[Test]
    public function sand_scrubbing_and_a_big_change_disturb_for_hours_an_ordinary_change_does_not(): void
    {
        self::assertSame(24.0, Disturbance::after('sand-topup', true)?->hours);
        self::assertSame(12.0, Disturbance::after('sand-quarter', true)?->hours);
        self::assertNull(Disturbance::after('change', false, 0.3), 'at the limit');
        self::assertSame(6.0, Disturbance::after('change', false, 0.301)?->hours);
        self::assertNull(Disturbance::after('change', false), 'how much is unknown: a usual one');
        self::assertSame(24.0, Disturbance::after('scrub-rock', true)?->hours, 'a company’s own messy job');
        self::assertNull(Disturbance::after('glass', false));
    }

    /** @return array<string, array{0: array{0: float, 1: float, 2: float}, 1: array{0: float, 1: float, 2: float}}> */
    public static function windows(): array
    {
        return [
            'long before stays' => [[101, 105, 110], [101, 105, 110]],
            'its end would reach into the days kept clear' => [[101, 105, 115], [101, 105, 112]],
            'its end lies beyond them: the board keeps the days themselves' => [[101, 105, 130], [101, 105, 130]],
            'due in them, may be done before' => [[110, 114, 118], [110, 112, 112]],
            'due on the day itself, not before it' => [[115, 120, 124], [121, 121, 125]],
            'may be done from within them, due after' => [[115, 125, 130], [121, 125, 130]],
            'the last day before them' => [[101, 112, 112], [101, 112, 112]],
            'the day after' => [[121, 121, 123], [121, 121, 123]],
            'overdue, today is before them' => [[80, 90, 95], [80, 90, 95]],
        ];
    }

    /**
     * The event is on day 120, with 7 days kept clear; today is day 100.
     *
     * @param  array{0: float, 1: float, 2: float}  $of
     * @param  array{0: float, 1: float, 2: float}  $becomes
     */
    #[Test]
    #[DataProvider('windows')]
    public function a_messy_job_keeps_off_the_days_before_what_they_hold(array $of, array $becomes): void
    {
        $window = KeepsClear::window(new Window(...$of), 100, [new KeepsClear(120, 7)]);
        self::assertEquals($becomes, [$window->earliestDay, $window->dueDay, $window->latestDay]);
    }

    #[Test]
    public function overdue_in_the_days_kept_clear_it_waits_for_the_day_after(): void
    {
        $window = KeepsClear::window(new Window(80, 90, 95), 115, [new KeepsClear(120, 7)]);
        self::assertSame([121.0, 121.0, 126.0], [$window->earliestDay, $window->dueDay, $window->latestDay]);
        $twice = KeepsClear::window(new Window(80, 90, 95), 115, [new KeepsClear(125, 7), new KeepsClear(120, 7)]);
        self::assertSame(126.0, $twice->dueDay, 'the second event follows at once, in whatever order they are told');
        $event = new KeepsClear(120, 7);
        self::assertSame(
            [false, true, true, false],
            [$event->forbids(112), $event->forbids(113), $event->forbids(120), $event->forbids(121)],
        );
    }

    #[Test]
    public function the_board_refuses_a_day_kept_clear_and_says_why(): void
    {
        $spot = new Spot(53.6, 1.6);
        $day = new CrewDay(
            crew: 1,
            day: 114,
            depot: $spot,
            startMin: 480,
            endMin: 990,
            breakMin: 30,
            members: [1],
            skills: [],
            payloadKg: 500,
            saltL: 200,
            roL: 100,
        );
        $visit = fn (int ...$kept): Visit => new Visit(
            1,
            $spot,
            [114 => [[480.0, 1020.0]]],
            100,
            110,
            130,
            45,
            keptClear: array_values($kept),
        );
        self::assertNull(Route::fits($day, $visit(113, 115)));
        self::assertSame(Refusal::KeptClear, Route::fits($day, $visit(113, 114)));
        self::assertStringContainsString('messy', Refusal::KeptClear->words());
    }

    #[Test]
    public function a_charge_alone_lasts_its_life_and_a_second_one_ends_apart_from_it(): void
    {
        self::assertSame(130.0, Stagger::due(100, 30, []));
        // Two of 30 days: half of an even spread is 7.5 days.
        self::assertSame(7.5, Stagger::gap(30, 2));
        self::assertSame(122.0, Stagger::due(100, 30, [130]), 'eight days before the other one');
        self::assertSame([3, 7, 14], array_values(AfterJob::locks('sand-topup')), 'the magnet, new animals, the bed');
        self::assertSame([[7], []], [array_values(AfterJob::locks('sand-quarter')), AfterJob::locks('glass')]);
        self::assertSame(118.0, Stagger::due(100, 30, [120, 122, 124, 126, 128, 130]), 'never before six tenths of its life');
        self::assertSame(130.0, Stagger::due(100, 30, [122]), 'far enough already');
        self::assertSame(130.0, Stagger::due(100, 30, [122.5]));
        self::assertSame(115.0, Stagger::due(100, 15, [122]), 'the other one ends later than this one can last');
        self::assertSame(119.0, Stagger::due(100, 30, [130, 124]), 'among three, the gap is five days');
    }

    #[Test]
    public function it_is_never_later_than_its_life_nor_earlier_than_its_share_and_as_far_off_as_it_can_be(): void
    {
        mt_srand(20261127);
        for ($n = 0; $n < 400; $n++) {
            $life = mt_rand(5, 120);
            $others = array_map(fn (): float => (float) mt_rand(100, 100 + 2 * $life), range(1, mt_rand(1, 4)));
            $due = Stagger::due(100, $life, $others);
            self::assertLessThanOrEqual(100 + $life, $due);
            self::assertGreaterThanOrEqual(100 + Stagger::EARLIEST_SHARE * $life, $due);
            $gap = Stagger::nearest($due, $others);
            if ($gap < Stagger::gap($life, count($others) + 1)) {
                foreach (range((int) ceil(100 + Stagger::EARLIEST_SHARE * $life), 100 + $life) as $day) {
                    self::assertLessThanOrEqual($gap, Stagger::nearest($day, $others), 'no day would have been better');
                }
            }
        }
    }

    #[Test]
    public function a_charge_without_a_life_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Stagger::due(100, 0, []);
    }
}
