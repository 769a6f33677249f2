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
use Velbrin\Core\Rounds\Recurrence;
use Velbrin\Core\Rounds\TaskLibrary;
use Velbrin\Core\Rounds\VisitTime;

/** When tasks come due, what follows when they are done, and how long a visit takes. */
final class TasksTest extends TestCase
{
    #[Test]
    public function a_task_is_due_before_it_is_overdue(): void
    {
        $window = Interval::of(14, 10, 18)->after(100);
        self::assertSame([Due::Early, Due::MayBeDone, Due::Due, Due::Due, Due::Overdue], array_map($window->at(...), [109.0, 110.0, 114.0, 118.0, 118.1]));
        $usual = Interval::of(10);
        self::assertSame([7.0, 13.0], [$usual->earliestDays, $usual->latestDays]);
        $this->expectException(OutOfRange::class);
        Interval::of(14, 15);
    }

    #[Test]
    public function portions_and_turns_go_round_and_a_while_ends(): void
    {
        $quarters = new Recurrence(Interval::of(28), ['left front', 'right front', 'left back', 'right back']);
        $turn = 0;
        $seen = [];
        for ($i = 0; $i < 5; $i++) {
            $seen[] = $quarters->turns[$turn];
            [, $turn] = $quarters->after($i * 28, $turn);
        }
        self::assertSame(['left front', 'right front', 'left back', 'right back', 'left front'], $seen);
        $week = new Recurrence(Interval::of(1), untilDay: 3);
        self::assertNotNull($week->after(2)[0]);
        self::assertNull($week->after(3)[0]);
    }

    #[Test]
    public function a_visit_is_its_parts_until_five_have_been_measured(): void
    {
        // 10 + 8 + 10 + 5, and 120 L at 300 L/h are 24 min.
        self::assertSame([57.0, false], [VisitTime::of([8, 10], 120)->minutes, VisitTime::of([8, 10], 120)->learned]);
        self::assertSame(57.0, VisitTime::of([8, 10], 120, 300, [90, 95, 40, 88])->minutes);
        self::assertSame([90.0, true], [VisitTime::of([8, 10], 120, 300, [90, 95, 40, 88, 300, 1, 1])->minutes, VisitTime::of([8], 0, 300, [90, 95, 40, 88, 300])->learned]);
    }

    #[Test]
    public function the_library_names_only_what_exists(): void
    {
        $types = array_column(TaskLibrary::all(), null, 'key');
        foreach (Regime::cases() as $regime) {
            self::assertSame([], array_diff(array_keys(TaskLibrary::standard($regime)), array_keys($types)), $regime->value);
            self::assertSame(['hanging'], array_keys(array_diff_key(TaskLibrary::standard($regime, hoisted: true), TaskLibrary::standard($regime))), 'lamps that are hoisted have their rope and brake looked at');
        }
        foreach ($types as $type) {
            self::assertNotSame([], $type->steps, $type->key);
            self::assertSame([], array_filter($type->readings, fn (string $p): bool => Parameter::tryFrom($p) === null));
        }
    }
}
