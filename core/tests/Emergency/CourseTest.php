<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\Course;
use Velbrin\Core\Emergency\Entry;
use Velbrin\Core\Emergency\IncidentState;
use Velbrin\Core\Emergency\Said;
use Velbrin\Core\Emergency\Spilling;

/** What two phones say of one incident comes together in the order it happened. */
final class CourseTest extends TestCase
{
    #[Test]
    public function it_is_folded_in_the_order_it_happened_not_the_order_it_came(): void
    {
        $said = [
            self::state(10, 'confirmed'),
            self::state(20, 'people-safe'),
            self::state(30, 'source-stopped'),
            new Entry(Said::Reading, 25, 'temperature', 21.5),
            new Entry(Said::Did, 22, 'doser-off'),
        ];
        foreach ([$said, array_reverse($said), [$said[2], $said[0], $said[4], $said[1], $said[3]]] as $order) {
            $course = Course::of($order, 0);
            self::assertSame([IncidentState::SourceStopped, 30.0], [$course->state, $course->sinceS]);
            self::assertSame([['atS' => 25.0, 'value' => 21.5]], $course->temperatures);
            self::assertSame(['doser-off'], $course->done);
        }
    }

    #[Test]
    public function a_step_that_cannot_follow_is_passed_over_and_named(): void
    {
        $course = Course::of([self::state(10, 'watching'), self::state(20, 'confirmed')], 0);
        self::assertSame(IncidentState::Confirmed, $course->state);
        self::assertSame([0], $course->passedOver);
        self::assertSame(IncidentState::Reported, Course::of([], 0)->state);
    }

    #[Test]
    public function nobody_closes_it_in_passing(): void
    {
        $names = ['confirmed', 'people-safe', 'source-stopped', 'restoring', 'watching', 'closed'];
        $course = Course::of(array_map(self::state(...), [1, 2, 3, 4, 5, 6], $names), 0);
        self::assertSame([IncidentState::Watching, 5.0, [5]], [$course->state, $course->sinceS, $course->passedOver]);
    }

    #[Test]
    public function danger_takes_it_back_to_people(): void
    {
        $way = [self::state(1, 'confirmed'), self::state(2, 'people-safe'), self::state(3, 'source-stopped'), self::state(4, 'holding')];
        $course = Course::of([...$way, new Entry(Said::Danger, 5, words: 'a tingle')], 0);
        self::assertSame(IncidentState::Confirmed, $course->state);
        self::assertSame(IncidentState::Holding, Course::of($way, 0)->state);
    }

    #[Test]
    public function what_somebody_saw_last_counts(): void
    {
        $course = Course::of([new Entry(Said::Look, 1, 'wet'), new Entry(Said::Look, 2, 'sump'), new Entry(Said::Look, 3, 'dry')], 0);
        self::assertSame([Spilling::Sump, false], [$course->spilling, $course->wet]);
        self::assertNull(Course::of([], 0)->wet, 'nobody has looked');
    }

    private static function state(float $atS, string $state): Entry
    {
        return new Entry(Said::State, $atS, $state);
    }
}
