<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Course\CrewNeeded;
use Velbrin\Core\Moves\Course\End;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Need;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;

/** How few of those who come would do for the shortest window. */
final class CrewNeededTest extends TestCase
{
    /** Four stretches of an hour, each for one, then something at the end. */
    private static function needed(int $endMin, int $hands, int $persons = 1, string $skill = ''): ?int
    {
        $skills = $skill === '' ? [] : [$skill];
        $steps = array_map(fn (int $n): Step => new Step("s{$n}", 60, 1), range(1, 4));
        $needs = array_map(fn (int $n): Need => new Need("s{$n}"), range(1, 4));
        $people = array_map(fn (int $n): Hand => new Hand("h{$n}", $n === 1 && $skill !== '' ? [$skill] : []), range(1, $hands));
        $work = new Work([...$steps, new Step('last', 30, $persons, $skills, needs: $needs)], $people, [], [new End('last', $endMin)]);

        return CrewNeeded::of($work, Timetable::of($work));
    }

    /** @return iterable<string, array{0: int, 1: int|null}> end, fewest of four */
    public static function ends(): iterable
    {
        yield 'all at once' => [90, 4];
        yield 'a minute less' => [89, null];
        yield 'two rounds' => [150, 2];
        yield 'a minute less than two rounds' => [149, 4];
        yield 'one after the other' => [270, 1];
        yield 'a minute less than that' => [269, 2];
    }

    #[Test]
    #[DataProvider('ends')]
    public function the_shortest_window_says_how_many(int $endMin, ?int $fewest): void
    {
        self::assertSame($fewest, self::needed($endMin, 4));
    }

    #[Test]
    public function whoever_alone_can_do_a_thing_comes_and_so_do_as_many_as_a_load_wants(): void
    {
        self::assertSame(1, self::needed(270, 4, skill: 'wheel'), 'the one who drives stays');
        self::assertSame(3, self::needed(270, 4, persons: 3), 'three lift');
    }

    #[Test]
    public function a_later_end_never_asks_for_more(): void
    {
        $before = PHP_INT_MAX;
        foreach (range(90, 280, 10) as $endMin) {
            $now = self::needed($endMin, 4);
            self::assertNotNull($now);
            self::assertLessThanOrEqual($before, $now);
            $before = $now;
        }
    }
}
