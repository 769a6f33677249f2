<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Brief\MoveKind;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Brief\PackingLine;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind as Kind;
use Velbrin\Core\Moves\MoveState;

/** How far a move has come. */
final class MoveStateTest extends TestCase
{
    private const READY = ['ticks' => ['surveyed']];

    /**
     * @param  array<string, mixed>  $change
     * @param  list<array{0: Kind, 1: string, 2?: int|string}>  $said
     */
    private static function state(array $change = [], array $said = [], bool $isDated = true): MoveState
    {
        $events = array_map(fn (int $n, array $one): Event => new Event(
            "e{$n}",
            $one[0],
            (float) $n,
            $one[1],
            is_int($one[2] ?? null) ? (float) $one[2] : null,
            is_string($one[2] ?? null) ? $one[2] : null,
        ), array_keys($said), $said);

        return MoveState::of(
            brief: MoveReader::read(array_replace_recursive(MoveAnswersTest::sound(), $change)),
            events: $events,
            kit: [new PackingLine('nets', 'nets', 1), new PackingLine('buckets', 'buckets', 3)],
            isDated: $isDated,
        );
    }

    #[Test]
    public function one_after_the_other_before_the_day(): void
    {
        self::assertSame(MoveState::Draft, self::state());
        self::assertSame(MoveState::Surveyed, self::state(self::READY + ['holding' => ['warmH' => 3]]));
        self::assertSame(MoveState::Surveyed, MoveState::of(
            MoveReader::read(['schema' => MoveReader::SCHEMA, 'kind' => 'house'] + self::READY),
            [],
            [],
            true,
        ), 'no animal is listed yet');
        self::assertSame(MoveState::HoldingProved, self::state(self::READY, isDated: false));
        self::assertSame(MoveState::Dated, self::state(self::READY));
        self::assertSame(MoveState::Dated, self::state(self::READY, [[Kind::Taken, 'nets', 1]]));
        self::assertSame(MoveState::Packed, self::state(self::READY, [[Kind::Taken, 'nets', 1], [Kind::Taken, 'buckets', 3]]));
        $swap = ['kind' => 'swap', 'holding' => ['warmH' => 3]];
        self::assertSame(MoveState::Draft, self::state($swap), 'in place nobody surveys');
        self::assertSame(MoveState::Dated, self::state(['kind' => 'swap']));
    }

    #[Test]
    public function one_after_the_other_on_the_day(): void
    {
        $begun = [[Kind::Began, 'off']];
        self::assertSame(MoveState::UnderWay, self::state([], $begun));
        $in = [...$begun, [Kind::Count, 'b1', 1], [Kind::Count, 'b2', 2], [Kind::Count, 'b3', 12]];
        self::assertSame(MoveState::UnderWay, self::state([], $in));
        $out = [...$in, [Kind::Held, 'b1', 1], [Kind::Home, 'b2', 2], [Kind::Home, 'b3', 11]];
        self::assertSame(MoveState::UnderWay, self::state([], $out), 'one is nowhere');
        self::assertSame(MoveState::AnimalsSafe, self::state([], [...$out, [Kind::Lost, 'corals', 1]]));
        self::assertSame(MoveState::AnimalsSafe, self::state([], [...$begun, [Kind::Done, 'animals']]));
        self::assertSame(MoveState::UnderWay, self::state([], [...$begun, [Kind::Done, 'leak']]));
        self::assertSame(MoveState::Standing, self::state([], [...$begun, [Kind::Done, 'leak'], [Kind::Done, 'animals']]));
    }

    #[Test]
    public function a_gate_that_says_no_holds_it_back_until_one_says_yes(): void
    {
        $no = [[Kind::Began, 'off'], [Kind::Gate, 'G3', 'plan-b']];
        self::assertSame(MoveState::PlanB, self::state(self::READY, $no));
        self::assertSame(MoveState::PlanB, self::state(self::READY, [[Kind::Gate, 'G1', 'plan-b']]));
        self::assertSame(MoveState::UnderWay, self::state(self::READY, [...$no, [Kind::Gate, 'G3', 'yes']]));
        self::assertSame(MoveState::Standing, self::state(self::READY, [...$no, [Kind::Done, 'leak'], [Kind::Done, 'animals']]));
    }

    #[Test]
    public function each_kind_comes_through_its_own(): void
    {
        self::assertContains(MoveState::Surveyed, MoveState::way(MoveKind::House));
        self::assertNotContains(MoveState::Surveyed, MoveState::way(MoveKind::Swap));
        self::assertNotContains(MoveState::Standing, MoveState::way(MoveKind::Removal));
        foreach (MoveKind::cases() as $kind) {
            self::assertNotContains(MoveState::PlanB, MoveState::way($kind));
        }
    }
}
