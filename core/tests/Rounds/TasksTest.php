<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\Due;
use Velbrin\Core\Rounds\Interval;
use Velbrin\Core\Rounds\OnTheRecord;
use Velbrin\Core\Rounds\TaskLibrary;
use Velbrin\Core\Rounds\Turns;
use Velbrin\Core\Rounds\VisitTime;

/** When tasks come due, what follows when they are done, and how long a visit takes. */
final class TasksTest extends TestCase
{
    #[Test]
    public function a_task_is_due_before_it_is_overdue(): void
    {
        $window = Interval::of(14, 10, 18)->after(100);
        self::assertSame(
            [Due::Early, Due::MayBeDone, Due::Due, Due::Due, Due::Overdue],
            array_map($window->at(...), [109.0, 110.0, 114.0, 118.0, 118.1]),
        );
        $usual = Interval::of(10);
        self::assertSame([7.0, 13.0], [$usual->earliestDays, $usual->latestDays]);
        $this->expectException(OutOfRange::class);
        Interval::of(14, 15);
    }

    #[Test]
    public function portions_and_turns_go_round(): void
    {
        $turn = 0;
        $seen = [];
        for ($i = 0; $i < 5; $i++) {
            $seen[] = $turn;
            $turn = Turns::after($turn, 4);
        }
        self::assertSame([0, 1, 2, 3, 0], $seen);
        self::assertSame(0, Turns::after(3, 0), 'nothing takes turns');
    }

    #[Test]
    public function what_is_on_a_visit_decides_and_five_visits_teach_how_long_things_take_there(): void
    {
        // 10 + 8 + 10 + 5, and 120 L at 300 L/h are 24 min.
        $parts = [8.0, 10.0, VisitTime::waterMin(120)];
        self::assertSame([57.0, 1.0], [VisitTime::of($parts)->minutes, VisitTime::of($parts)->ratio]);
        self::assertSame(57.0, VisitTime::of($parts, [1.5, 1.5, 1.5, 1.5])->minutes, 'four teach nothing');
        self::assertEqualsWithDelta(
            57 * 1.5,
            VisitTime::of($parts, [1.5, 1.5, 0.9, 1.6, 1.2, 9.0])->minutes,
            1e-9,
            'the median of the newest five',
        );
        self::assertEqualsWithDelta(
            57 * 2.0,
            VisitTime::of($parts, [4.0, 4.0, 4.0, 4.0, 4.0])->minutes,
            1e-9,
            'never more than twice',
        );
        self::assertEqualsWithDelta(
            57 * 0.5,
            VisitTime::of($parts, [0.1, 0.1, 0.1, 0.1, 0.1])->minutes,
            1e-9,
            'never less than half',
        );
        // Five short visits do not make a long one short: 193 min of jobs are planned, not the 69 of last time.
        self::assertSame(208.0, VisitTime::of([193.0], [1.0, 1.0, 1.0, 1.0, 1.0])->minutes);
    }

    #[Test]
    public function the_library_names_only_what_exists(): void
    {
        $types = array_column(TaskLibrary::all(), null, 'key');
        foreach (Regime::cases() as $regime) {
            self::assertSame(
                [],
                array_diff(array_keys(TaskLibrary::standard($regime)->everyDays), array_keys($types)),
                $regime->value,
            );
            $hoisted = TaskLibrary::standard($regime, new OnTheRecord(hoisted: true))->everyDays;
            self::assertSame(
                ['hanging'],
                array_keys(array_diff_key($hoisted, TaskLibrary::standard($regime)->everyDays)),
                'lamps that are hoisted have their rope and brake looked at',
            );
        }
        foreach ($types as $type) {
            self::assertNotSame([], $type->steps, $type->key);
            self::assertSame([], array_filter($type->readings, fn (string $p): bool => Parameter::tryFrom($p) === null));
        }
    }

    #[Test]
    public function the_standard_set_leaves_out_what_the_record_makes_pointless_and_says_why(): void
    {
        $bare = TaskLibrary::standard(
            Regime::Raised,
            new OnTheRecord(doser: false, sand: false, alarm: false, topOff: false, skimmer: false, returnPump: false),
        );
        self::assertSame(
            ['skimmer-cup', 'alarm-test', 'topoff-test', 'drain-rehearsal', 'vessel-refill', 'sand-quarter'],
            array_values(
                array_intersect(
                    array_keys(TaskLibrary::standard(Regime::Raised)->everyDays),
                    array_keys($bare->leftOut),
                ),
            ),
        );
        self::assertSame('the floor is bare', $bare->leftOut['sand-quarter']);
        self::assertSame([], array_intersect_key($bare->everyDays, $bare->leftOut));
        self::assertArrayHasKey(
            'sand-quarter',
            TaskLibrary::standard(Regime::Raised, new OnTheRecord(sand: null))->everyDays,
            'what nobody has said is not left out',
        );
        self::assertArrayHasKey(
            'sand-quarter',
            TaskLibrary::standard(Regime::Raised, new OnTheRecord(sand: true))->everyDays,
        );
        self::assertSame(
            [],
            TaskLibrary::standard(Regime::Quarantine, new OnTheRecord(sand: false))->leftOut,
            'what it would not have asked for is not left out',
        );
        self::assertArrayHasKey(
            'battery-test',
            TaskLibrary::standard(Regime::Natural, new OnTheRecord(battery: true))->everyDays,
        );
    }
}
