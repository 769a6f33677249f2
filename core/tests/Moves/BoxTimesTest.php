<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Course\Clock;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Need;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind as Kind;
use Velbrin\Core\Moves\Day\MoveDay;

/** A box’s clock begins when its animals were counted in, and ends when as many were counted out. */
final class BoxTimesTest extends TestCase
{
    private const LASTS_MIN = 130;

    /** @param  list<array{0: Kind, 1: float, 2: string, 3?: float}>  $said */
    private static function day(array $said, float $nowMin): MoveDay
    {
        $work = new Work(
            [
                new Step('fish', 40, 2, label: 'fish'),
                new Step('unload', 45, 2, [], ['truck'], [new Need('fish')], label: 'unload'),
            ],
            [new Hand('a'), new Hand('b')],
            ['truck' => 1],
            [],
            [new Clock('box 1', 'fish', 'unload', self::LASTS_MIN, 'b1')],
        );
        $events = array_map(fn (array $e): Event => new Event("{$e[0]->value}{$e[1]}", $e[0], $e[1], $e[2], $e[3] ?? null), $said);

        return MoveDay::of($work, $events, $nowMin);
    }

    /** @return iterable<string, array{0: list<array{0: Kind, 1: float, 2: string, 3?: float}>, 1: float|null}> said; in since */
    public static function begins(): iterable
    {
        yield 'nobody has begun' => [[], null];
        yield 'the step runs, nobody has counted' => [[[Kind::Began, 5, 'fish']], 5.0];
        yield 'counted while it runs' => [[[Kind::Began, 5, 'fish'], [Kind::Count, 30, 'b1', 2]], 30.0];
        yield 'counted before anybody said it had begun' => [[[Kind::Count, 3, 'b1', 2], [Kind::Began, 5, 'fish']], 3.0];
        yield 'counted, and nothing else said' => [[[Kind::Count, 3, 'b1', 2]], 3.0];
        yield 'counted at the end of the step' => [[[Kind::Began, 5, 'fish'], [Kind::Done, 45, 'fish'], [Kind::Count, 45, 'b1', 2]], 45.0];
        yield 'counted after the step was over' => [[[Kind::Began, 5, 'fish'], [Kind::Done, 45, 'fish'], [Kind::Count, 46, 'b1', 2]], 5.0];
        yield 'nobody said it had begun: as long as planned' => [[[Kind::Done, 50, 'fish']], 10.0];
        yield 'another box' => [[[Kind::Began, 5, 'fish'], [Kind::Count, 30, 'b2', 2]], 5.0];
        yield 'none went in' => [[[Kind::Began, 5, 'fish'], [Kind::Count, 30, 'b1', 0]], 5.0];
        yield 'counted again' => [[[Kind::Began, 5, 'fish'], [Kind::Count, 20, 'b1', 1], [Kind::Count, 30, 'b1', 2]], 20.0];
    }

    /** @param  list<array{0: Kind, 1: float, 2: string, 3?: float}>  $said */
    #[Test]
    #[DataProvider('begins')]
    public function it_begins_with_the_count_unless_that_came_after_its_step(array $said, ?float $sinceMin): void
    {
        $day = self::day($said, 60);
        $clock = new Clock('box 1', 'fish', 'unload', self::LASTS_MIN, 'b1');
        self::assertSame($sinceMin, $day->inSince($clock));
        $left = self::LASTS_MIN - (60 - ($sinceMin ?? 60));
        self::assertSame([(int) $left], array_map(fn (Clock $c): int => $c->minutes, $day->open->clocks ?? []));
    }

    /** @return iterable<string, array{0: list<array{0: Kind, 1: float, 2: string, 3?: float}>, 1: float|null}> said; out at */
    public static function ends(): iterable
    {
        $in = [Kind::Count, 30, 'b1', 3];
        yield 'in it still' => [[$in], null];
        yield 'one short' => [[$in, [Kind::Home, 80, 'b1', 2]], null];
        yield 'all home' => [[$in, [Kind::Home, 80, 'b1', 3]], 80.0];
        yield 'some home, some held' => [[$in, [Kind::Home, 80, 'b1', 1], [Kind::Held, 90, 'b1', 2]], 90.0];
        yield 'counted again, and one is missing' => [[$in, [Kind::Home, 80, 'b1', 3], [Kind::Home, 85, 'b1', 2]], null];
        yield 'out without having been in' => [[[Kind::Home, 80, 'b1', 3]], null];
        yield 'another box' => [[$in, [Kind::Home, 80, 'b2', 3]], null];
        yield 'by its step alone' => [[[Kind::Done, 40, 'fish'], [Kind::Done, 95, 'unload']], 95.0];
    }

    /** @param  list<array{0: Kind, 1: float, 2: string, 3?: float}>  $said */
    #[Test]
    #[DataProvider('ends')]
    public function it_ends_when_as_many_came_out_as_went_in(array $said, ?float $outMin): void
    {
        $day = self::day($said, 100);
        self::assertSame($outMin, $day->outMin(new Clock('box 1', 'fish', 'unload', self::LASTS_MIN, 'b1')));
        self::assertCount($outMin === null ? 1 : 0, $day->open->clocks ?? [], 'nothing runs for an empty box');
    }
}
