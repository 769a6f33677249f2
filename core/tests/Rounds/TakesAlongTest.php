<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\FirstDays;
use Velbrin\Core\Build\JointLooks;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\AlarmTest;
use Velbrin\Core\Risk\Season;
use Velbrin\Core\Rounds\DoorHours;
use Velbrin\Core\Rounds\TakesAlong;
use Velbrin\Core\Water\Reserve;

/** Small judgements of the trade, each at its limits. */
final class TakesAlongTest extends TestCase
{
    #[Test]
    public function the_van_takes_water_sand_and_what_each_job_needs(): void
    {
        $list = array_map(
            fn (Sentence $s): string => str_replace("\u{a0}", ' ', $s->in(Units::metric())),
            TakesAlong::of(40, 0, 12, ['carbon' => 2, 'pump-soak' => 3, 'glass' => 9, 'floss' => 0]),
        );
        self::assertSame(['40 L of salt water', '12 kg of sand', 'carbon ×2', 'acid bath, goggles, gloves'], $list);
        self::assertSame([], TakesAlong::of(0, 0, 0, []));
    }

    #[Test]
    public function october_to_april_is_winter_in_the_north_and_april_to_october_in_the_south(): void
    {
        $winter = fn (bool $south): array => array_values(
            array_filter(range(1, 12), fn (int $month): bool => Season::isWinter($month, $south)),
        );
        self::assertSame([1, 2, 3, 4, 10, 11, 12], $winter(false));
        self::assertSame([4, 5, 6, 7, 8, 9, 10], $winter(true));
    }

    #[Test]
    public function a_door_is_open_from_two_hours_before_to_the_end(): void
    {
        self::assertFalse(DoorHours::isOpen(-2.001, 60, false));
        self::assertTrue(DoorHours::isOpen(-2.0, 60, false));
        self::assertTrue(DoorHours::isOpen(1.0, 60, false));
        self::assertFalse(DoorHours::isOpen(1.001, 60, false));
        self::assertTrue(DoorHours::isOpen(11.999, 60, true));
        self::assertFalse(DoorHours::isOpen(12.0, 60, true));
        self::assertTrue(DoorHours::isOpen(12.0, 720, true), 'planned for so long');
    }

    #[Test]
    public function an_alarm_counts_until_its_interval_is_over(): void
    {
        self::assertNull(AlarmTest::dueDay(null, 90));
        self::assertSame(190, AlarmTest::dueDay(100, 90));
        self::assertTrue(AlarmTest::counts(190, 189));
        self::assertFalse(AlarmTest::counts(190, 190));
        self::assertFalse(AlarmTest::counts(null, 0));
    }

    #[Test]
    public function filling_waits_for_every_joint_at_every_look(): void
    {
        $looks = [];
        foreach ([0, 1] as $joint) {
            foreach (JointLooks::BEFORE_FILLED as $moment) {
                $looks[] = ['joint' => $joint, 'moment' => $moment, 'dry' => true];
            }
        }
        $joints = [0 => 'elbow', 1 => 'union'];
        self::assertNull(JointLooks::hinders($joints, $looks));
        self::assertNull(JointLooks::hinders([], []));
        foreach (array_keys($looks) as $gone) {
            self::assertStringContainsString(
                'still to be looked at',
                (string) JointLooks::hinders($joints, array_values(array_diff_key($looks, [$gone => 1]))),
            );
        }
        // One joint looked at twice as often is not two joints.
        $twice = [...array_slice($looks, 0, 3), ...array_slice($looks, 0, 3)];
        self::assertNotNull(JointLooks::hinders($joints, $twice));
        $weeps = [...$looks, ['joint' => 1, 'moment' => 'hour', 'dry' => false]];
        self::assertSame('union weeps', JointLooks::hinders($joints, $weeps));
        $later = [...$looks, ['joint' => 1, 'moment' => 'next-visit', 'dry' => false]];
        self::assertNull(JointLooks::hinders($joints, $later), 'the look after filling holds nothing up');
    }

    #[Test]
    public function the_first_days_are_ninety(): void
    {
        self::assertSame([1, 7, 28, 45, 60, 90], array_keys(FirstDays::of(0)));
        self::assertCount(6, FirstDays::of(90));
        self::assertSame([], FirstDays::of(90.5));
    }

    #[Test]
    public function a_share_is_of_its_own_volume(): void
    {
        self::assertSame(80.0, Reserve::shareL(400, 20));
        self::assertSame(80.0, Reserve::neededL(200, [Reserve::shareL(400, 20)]));
    }
}
