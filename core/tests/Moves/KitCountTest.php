<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Brief\PackingLine;
use Velbrin\Core\Moves\Brief\TakeAlong;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind as Kind;
use Velbrin\Core\Moves\Day\KitCount;

/** What goes along is counted back, line by line (M-9, M-17). */
final class KitCountTest extends TestCase
{
    private static function said(Kind $kind, string $of, int $count, float $atMin): Event
    {
        return new Event("{$of}{$atMin}", $kind, $atMin, $of, (float) $count);
    }

    #[Test]
    public function a_line_is_missed_from_when_it_is_packed_until_all_of_it_is_back(): void
    {
        $nets = new PackingLine('nets', 'nets', 3);
        $missing = fn (Event ...$said): int => KitCount::of(array_values($said))->missing($nets);
        $packed = self::said(Kind::Taken, 'nets', 3, 0);
        self::assertSame(0, $missing());
        self::assertSame(0, $missing(self::said(Kind::Back, 'nets', 1, 0)), 'what nobody packed is not missed');
        self::assertSame(3, $missing($packed));
        self::assertSame(3, $missing($packed, self::said(Kind::Back, 'buckets', 3, 9)));
        self::assertSame(1, $missing($packed, self::said(Kind::Back, 'nets', 2, 9)));
        self::assertSame(0, $missing($packed, self::said(Kind::Back, 'nets', 3, 9)));
        self::assertSame(0, $missing($packed, self::said(Kind::Back, 'nets', 4, 9)));
        $twice = [self::said(Kind::Back, 'nets', 2, 9), self::said(Kind::Back, 'nets', 3, 8)];
        self::assertSame(1, $missing($packed, ...$twice), 'the last counts');
    }

    #[Test]
    public function what_is_not_back_is_named_with_how_many_and_whose(): void
    {
        $saw = new PackingLine('saw', 'saw', null, owner: 'Jory');
        $lines = [new PackingLine('nets', 'nets', 3), $saw, new PackingLine('lamp', 'lamp', 1)];
        $count = KitCount::of([self::said(Kind::Taken, 'nets', 3, 0), self::said(Kind::Taken, 'saw', 1, 0),
            self::said(Kind::Taken, 'lamp', 1, 0), self::said(Kind::Back, 'lamp', 1, 5), self::said(Kind::Back, 'nets', 1, 5)]);
        $open = $count->notBack($lines);
        self::assertSame([['nets', 2, null], ['saw', 1, 'Jory']], array_map(
            fn (PackingLine $l): array => [$l->what, $l->count, $l->owner],
            $open,
        ));
    }

    #[Test]
    public function each_line_of_the_usual_list_has_a_code_of_its_own(): void
    {
        $heavy = ['animals' => [2 => ['toxic' => true]], 'pieces' => [0 => ['kg' => 400]]];
        foreach ([[], ['way' => ['outdoorC' => 20]], $heavy] as $change) {
            $list = TakeAlong::of(MoveReader::read(array_replace_recursive(MoveAnswersTest::sound(), $change)));
            $codes = array_map(fn (PackingLine $l): string => $l->code, $list);
            self::assertSame($codes, array_values(array_unique($codes)));
            foreach ($codes as $code) {
                self::assertMatchesRegularExpression('/^[a-z][\w-]{1,59}$/', $code);
            }
        }
    }
}
