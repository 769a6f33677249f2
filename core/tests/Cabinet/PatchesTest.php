<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Cabinet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Cabinet\Corner;
use Velbrin\Core\Cabinet\Elsewhere;
use Velbrin\Core\Cabinet\Inside;
use Velbrin\Core\Cabinet\Ledge;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Cabinet\Rect;
use Velbrin\Core\Cabinet\Space;

/** Patches seen from above: what meets what, what holds what, and what stands nowhere in an empty cabinet. */
final class PatchesTest extends TestCase
{
    /** @return iterable<string, array{Rect, bool}> */
    public static function besideAHundredByAHundred(): iterable
    {
        yield 'right of it' => [new Rect(200, 100, 300, 200), false];
        yield 'left of it' => [new Rect(0, 100, 100, 200), false];
        yield 'behind it' => [new Rect(100, 0, 200, 100), false];
        yield 'before it' => [new Rect(100, 200, 200, 300), false];
        yield 'a millimetre into it from the right' => [new Rect(199, 100, 300, 200), true];
        yield 'from the left' => [new Rect(0, 100, 101, 200), true];
        yield 'from behind' => [new Rect(100, 0, 200, 101), true];
        yield 'from the front' => [new Rect(100, 199, 200, 300), true];
        yield 'across a corner' => [new Rect(150, 150, 300, 300), true];
        yield 'past a corner' => [new Rect(200, 200, 300, 300), false];
        yield 'within it' => [new Rect(120, 120, 130, 130), true];
    }

    #[Test]
    #[DataProvider('besideAHundredByAHundred')]
    public function two_patches_meet_where_they_lie_in_each_other_and_touching_is_not(Rect $other, bool $meets): void
    {
        $one = new Rect(100, 100, 200, 200);
        self::assertSame($meets, $one->meets($other));
        self::assertSame($meets, $other->meets($one), 'and the other way round');
    }

    #[Test]
    public function a_patch_holds_what_lies_within_it_on_all_four_sides(): void
    {
        $one = new Rect(100, 100, 200, 200);
        self::assertTrue($one->holds($one));
        self::assertTrue($one->holds(new Rect(110, 110, 190, 190)));
        foreach ([[99, 100, 200, 200], [100, 99, 200, 200], [100, 100, 201, 200], [100, 100, 200, 201]] as $out) {
            self::assertFalse($one->holds(new Rect(...$out)), implode(' ', $out));
        }
    }

    #[Test]
    public function each_corner_has_its_two_sides(): void
    {
        $sides = fn (Corner $c): array => [$c->isLeft(), $c->isBack()];
        self::assertSame(
            [[true, true], [false, true], [true, false], [false, false]],
            array_map($sides, [Corner::BackLeft, Corner::BackRight, Corner::FrontLeft, Corner::FrontRight]),
        );
    }

    #[Test]
    public function a_thing_fits_as_it_stands_or_turned_and_not_half_each_way(): void
    {
        $sump = fn (float $along, float $deep): Inside => new Inside([new Rect(0, 0, $along, $deep)], 0.0);
        $why = fn (float $wide, float $deep, Inside $in): ?Elsewhere => Elsewhere::inEmpty(
            (new Piece('skimmer', $wide, $deep, 200))->into($in),
            Space::of(1000, 500, 700, 900, 650),
        );
        self::assertNull($why(200, 100, $sump(200, 100)));
        self::assertNull($why(100, 200, $sump(200, 100)), 'turned');
        self::assertSame(Elsewhere::Sump, $why(201, 100, $sump(200, 100)));
        self::assertSame(Elsewhere::Sump, $why(200, 101, $sump(200, 100)));
        self::assertSame(Elsewhere::Sump, $why(150, 150, $sump(200, 100)), 'deeper than the part, either way');
        self::assertSame(Elsewhere::Sump, $why(101, 200, $sump(200, 100)));
    }

    #[Test]
    public function what_keeps_a_thing_out_of_an_empty_cabinet_is_named(): void
    {
        $board = new Ledge('board', new Rect(0, 0, 300, 200), 400, 18, isShelf: true, listed: 0);
        $space = Space::of(1000, 500, 700, 600, 650)->with([$board]);
        $why = fn (Piece $piece): ?Elsewhere => Elsewhere::inEmpty($piece, $space);
        self::assertNull($why(new Piece('box', 1000, 500, 650)));
        self::assertSame(Elsewhere::Air, $why(new Piece('chiller', 100, 100, 100, needsAir: true)));
        self::assertSame(Elsewhere::Headroom, $why(new Piece('tall', 100, 100, 701)));
        self::assertSame(Elsewhere::Headroom, $why(new Piece('lifted', 100, 100, 600, 101)));
        self::assertSame(Elsewhere::Floor, $why(new Piece('long', 1001, 100, 100)));
        self::assertSame(Elsewhere::Floor, $why(new Piece('square', 501, 501, 100)));
        self::assertSame(Elsewhere::Door, $why(new Piece('high', 100, 100, 651)));
        self::assertSame(Elsewhere::Shelf, $why(new Piece('wide', 301, 100, 100, shelf: 0)));
        self::assertNull($why(new Piece('just', 200, 300, 100, shelf: 0)), 'turned');
    }

    #[Test]
    public function set_into_the_sump_it_is_no_sump_itself_and_stands_on_no_shelf(): void
    {
        $in = new Inside([new Rect(0, 0, 200, 100)], 0.0);
        $piece = (new Piece('x', 100, 100, 100, isSump: true, shelf: 3, compartment: 2))->into($in);
        self::assertSame([false, null, 1, $in], [$piece->isSump, $piece->shelf, $piece->compartment, $piece->inSump]);
        $named = (new Piece('x', 100, 100, 100, isSump: true, shelf: 3, compartment: 2))->named('y');
        self::assertSame(['y', true, 3, 2], [$named->name, $named->isSump, $named->shelf, $named->compartment]);
    }
}
