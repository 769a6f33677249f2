<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Day\BoxCount;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind as Kind;
use Velbrin\Core\Moves\Day\Gate;
use Velbrin\Core\Moves\Day\HeadCount;

/** Animals are counted in, on, off and out: as many as before the first net, or somebody is missed. */
final class HeadCountTest extends TestCase
{
    /** Box 1 one tang, box 2 a pair, box 3 twelve corals. @param  array<string, mixed>  $change */
    private static function brief(array $change = []): MoveBrief
    {
        return MoveReader::read(array_replace_recursive(MoveAnswersTest::sound(), $change));
    }

    /**
     * @param  list<array{0: Kind, 1: string, 2?: int}>  $said  in turn, a minute each
     * @return list<Event>
     */
    private static function events(array $said): array
    {
        return array_map(
            fn (int $n, array $one): Event => new Event("e{$n}", $one[0], (float) $n, $one[1], isset($one[2]) ? (float) $one[2] : null),
            array_keys($said),
            $said,
        );
    }

    /** @param  list<array{0: Kind, 1: string, 2?: int}>  $said */
    private static function heads(array $said): HeadCount
    {
        return HeadCount::of(self::brief(), self::events($said));
    }

    private const ALL_IN = [[Kind::Count, 'b1', 1], [Kind::Count, 'b2', 2], [Kind::Count, 'b3', 12]];

    private const ALL_OFF = [
        [Kind::Loaded, 'b1'], [Kind::Loaded, 'b2'], [Kind::Loaded, 'b3'],
        [Kind::Off, 'b1'], [Kind::Off, 'b2'], [Kind::Off, 'b3'],
    ];

    private const ALL_HOME = [[Kind::Home, 'b1', 1], [Kind::Home, 'b2', 2], [Kind::Home, 'b3', 12]];

    /** @return list<string> what is found of which box */
    private static function codes(HeadCount $heads): array
    {
        return array_map(fn (Finding $f): string => "{$f->code} {$f->subject}", $heads->findings());
    }

    #[Test]
    public function before_anybody_counts_nothing_is_known(): void
    {
        $heads = self::heads([]);
        self::assertSame([false, false, false, null, 15], [
            $heads->isBegun(), $heads->areAllIn(), $heads->areAllOff(), $heads->notHome(false), $heads->all(),
        ]);
        self::assertSame([], $heads->findings());
        self::assertSame(0, $heads->notHome(true), 'whoever was held was counted home');
        $none = HeadCount::of(self::brief(['animals' => [['count' => 1, 'box' => null], ['box' => null], ['box' => null]]]), []);
        self::assertSame([false, false], [$none->areAllIn(), $none->areAllOff()], 'a plan without boxes has counted nobody');
    }

    #[Test]
    public function all_in_all_off_all_home_is_silent(): void
    {
        $heads = self::heads([...self::ALL_IN, ...self::ALL_OFF, [Kind::Done, 'unload'], ...self::ALL_HOME]);
        self::assertSame([true, true, true, 0], [$heads->isBegun(), $heads->areAllIn(), $heads->areAllOff(), $heads->notHome(false)]);
        self::assertSame([], self::codes($heads));
    }

    /**
     * @return iterable<string, array{0: list<array{0: Kind, 1: string, 2?: int}>, 1: list<string>, 2: int|null}>
     */
    public static function days(): iterable
    {
        yield 'one of the pair is still in the rock' => [
            [[Kind::Count, 'b1', 1], [Kind::Count, 'b2', 1], [Kind::Count, 'b3', 12]], ['move-count-in b2'], 15,
        ];
        yield 'it was caught into another box: none is short, that box has one more than its hours are for' => [
            [[Kind::Count, 'b1', 2], [Kind::Count, 'b2', 1], [Kind::Count, 'b3', 12]], ['move-count-more b1'], 15,
        ];
        yield 'one more than anybody listed' => [
            [[Kind::Count, 'b1', 1], [Kind::Count, 'b2', 3], [Kind::Count, 'b3', 12]], ['move-count-more b2'], 16,
        ];
        yield 'counted again: the last count stands' => [
            [[Kind::Count, 'b2', 1], ...self::ALL_IN], [], 15,
        ];
        yield 'on the truck and not counted' => [
            [[Kind::Count, 'b1', 1], [Kind::Count, 'b3', 12], [Kind::Loaded, 'b2']], ['move-count-none b2'], 15,
        ];
        yield 'counted out and never in' => [
            [[Kind::Home, 'b1', 1]], ['move-count-none b1'], 14,
        ];
        yield 'one did not come out' => [
            [...self::ALL_IN, ...self::ALL_HOME, [Kind::Home, 'b2', 1]], ['move-count-out b2'], 1,
        ];
        yield 'it is signed for' => [
            [...self::ALL_IN, ...self::ALL_HOME, [Kind::Home, 'b2', 1], [Kind::Lost, 'pair', 1]], [], 0,
        ];
        yield 'signed for, and found again' => [
            [...self::ALL_IN, [Kind::Lost, 'pair', 1], [Kind::Lost, 'pair', 0], ...self::ALL_HOME], [], 0,
        ];
        yield 'one died under the net: signed for before the box was counted' => [
            [[Kind::Lost, 'pair', 1], [Kind::Count, 'b1', 1], [Kind::Count, 'b2', 1], [Kind::Count, 'b3', 12]], [], 14,
        ];
        yield 'more out than in' => [
            [...self::ALL_IN, ...self::ALL_HOME, [Kind::Home, 'b1', 2]], ['move-count-wrong b1'], 0,
        ];
        yield 'a part is in the holding' => [
            [...self::ALL_IN, [Kind::Home, 'b1', 1], [Kind::Home, 'b2', 2], [Kind::Home, 'b3', 5], [Kind::Held, 'b3', 7]], [], 7,
        ];
        yield 'an animal and a box nobody knows' => [
            [...self::ALL_IN, ...self::ALL_HOME, [Kind::Lost, 'whale', 1], [Kind::Home, 'b9', 3]], [], 0,
        ];
    }

    /**
     * @param  list<array{0: Kind, 1: string, 2?: int}>  $said
     * @param  list<string>  $codes
     */
    #[Test]
    #[DataProvider('days')]
    public function what_does_not_add_up_is_said_of_its_box(array $said, array $codes, ?int $notHome): void
    {
        $heads = self::heads($said);
        self::assertSame($codes, self::codes($heads));
        self::assertSame($notHome, $heads->notHome(false));
        $events = self::events($said);
        shuffle($events);
        self::assertSame($codes, self::codes(HeadCount::of(self::brief(), $events)), 'phones send in any order');
    }

    #[Test]
    public function who_was_held_is_home_once_the_holding_is_empty(): void
    {
        $heads = self::heads([...self::ALL_IN, [Kind::Home, 'b1', 1], [Kind::Held, 'b2', 2], [Kind::Held, 'b3', 11]]);
        self::assertSame([13, 14, 1], [$heads->held(), $heads->notHome(false), $heads->notHome(true)]);
    }

    #[Test]
    public function a_box_left_on_the_truck_is_missed_once_everything_is_carried_in(): void
    {
        $off = array_slice(self::ALL_OFF, 0, 5);
        self::assertSame([], self::codes(self::heads([...self::ALL_IN, ...$off])));
        $heads = self::heads([...self::ALL_IN, ...$off, [Kind::Done, 'unload']]);
        self::assertSame(['move-count-off b3'], self::codes($heads));
        self::assertSame([true, false], [$heads->isLoading(), $heads->areAllOff()]);
        self::assertSame([], self::codes(self::heads([...self::ALL_IN, ...self::ALL_OFF, [Kind::Done, 'unload']])));
    }

    #[Test]
    public function gates_go_by_what_was_counted_before_what_was_ticked(): void
    {
        $gates = function (array $said, array $ticks): array {
            $brief = self::brief(['ticks' => $ticks]);
            $open = [];
            foreach (Gate::all(MoveAnswers::of($brief), HeadCount::of($brief, self::events($said))) as $gate) {
                $open[$gate->key] = [array_column($gate->asked, 'isSo', 'key'), $gate->isOpen(), count($gate->against)];
            }

            return $open;
        };
        $ticks = ['counted', 'lashed', 'countedOff'];
        self::assertSame([['counted' => true, 'lashed' => true], true, 0], $gates([], $ticks)['G3']);
        self::assertSame([['counted' => true, 'lashed' => true], true, 0], $gates(self::ALL_IN, ['lashed'])['G3']);
        $short = [[Kind::Count, 'b1', 1], [Kind::Count, 'b2', 1], [Kind::Count, 'b3', 12]];
        self::assertSame([['counted' => false, 'lashed' => true], false, 1], $gates($short, $ticks)['G3']);
        self::assertFalse($gates(array_slice(self::ALL_IN, 0, 2), $ticks)['G3'][1], 'one box is not counted');
        self::assertFalse(self::heads([[Kind::Count, 'b1', 3], [Kind::Count, 'b3', 12]])->areAllIn(), 'as many, and one box unread');
        self::assertTrue($gates([], $ticks)['G4'][1]);
        self::assertTrue($gates(self::ALL_OFF, [])['G4'][1]);
        self::assertFalse($gates(array_slice(self::ALL_OFF, 0, 5), $ticks)['G4'][1]);
        self::assertFalse($gates([...self::ALL_IN, ...array_slice(self::ALL_OFF, 0, 5), [Kind::Done, 'unload']], $ticks)['G4'][1]);
    }

    #[Test]
    public function where_nothing_rides_nobody_leaves_or_arrives(): void
    {
        $keys = fn (string $kind): array => array_column(Gate::all(MoveAnswers::of(self::brief(['kind' => $kind]))), 'key');
        self::assertSame(['G0', 'G1', 'G2', 'G5', 'G6'], $keys('swap'));
        self::assertSame(['G0', 'G1', 'G2', 'G3', 'G4', 'G5', 'G6'], $keys('house'));
    }

    #[Test]
    public function at_every_moment_as_many_are_somewhere_as_before_the_first_net(): void
    {
        $said = [
            [Kind::Lost, 'pair', 1], [Kind::Count, 'b1', 1], [Kind::Count, 'b2', 1], [Kind::Count, 'b3', 12], [Kind::Lost, 'corals', 2],
            [Kind::Home, 'b1', 1], [Kind::Held, 'b3', 4], [Kind::Home, 'b3', 6], [Kind::Home, 'b2', 1],
        ];
        for ($n = 4; $n <= count($said); $n++) {
            $heads = self::heads(array_slice($said, 0, $n));
            $somewhere = array_sum($heads->lost);
            foreach ($heads->boxes as $box) {
                self::assertInstanceOf(BoxCount::class, $box);
                $somewhere += (int) $box->inside() + $box->out();
            }
            self::assertSame(15, $somewhere, "after {$n} words");
        }
    }

    #[Test]
    public function a_count_taken_away_never_makes_a_box_sounder(): void
    {
        $said = [[Kind::Count, 'b1', 1], [Kind::Count, 'b2', 1], [Kind::Count, 'b3', 12], [Kind::Loaded, 'b2']];
        self::assertSame(['move-count-in b2'], self::codes(self::heads($said)));
        unset($said[1]);
        self::assertSame(['move-count-none b2'], self::codes(self::heads(array_values($said))));
    }
}
