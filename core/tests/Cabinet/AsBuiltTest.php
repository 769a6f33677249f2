<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Cabinet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Velbrin\Core\Cabinet\Corner;
use Velbrin\Core\Cabinet\Cut;
use Velbrin\Core\Cabinet\Elsewhere;
use Velbrin\Core\Cabinet\Inside;
use Velbrin\Core\Cabinet\InTheSump;
use Velbrin\Core\Cabinet\Ledge;
use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Cabinet\Rect;
use Velbrin\Core\Cabinet\Space;
use Velbrin\Core\Cabinet\Standing;
use Velbrin\Core\Cabinet\WayOut;
use Velbrin\Core\Tests\Share;

/** A cabinet with frames and shelves, L-shaped sumps and what stands in them (B-98). */
final class AsBuiltTest extends TestCase
{
    /** @return iterable<string, array{0: float, 1: float, 2: bool}> underside, height of the thing, stands on the floor below it */
    public static function underAShelf(): iterable
    {
        yield 'just under it' => [500.0, 500.0, true];
        yield 'a millimetre too high' => [500.0, 501.0, false];
    }

    #[Test]
    #[DataProvider('underAShelf')]
    public function a_thing_stands_under_a_shelf_as_far_as_its_height_with_its_service_allows(
        float $bottomMm,
        float $reachMm,
        bool $stands,
    ): void {
        $space = self::cabinet([self::shelf($bottomMm)]);
        $with = Packing::of($space, [new Piece('can', 300, 300, $reachMm - 100, 100)]);

        self::assertSame($stands, $with->elsewhere === []);
        self::assertSame($stands ? [] : [Elsewhere::BuiltIn], array_values($with->elsewhere));
    }

    /** @return iterable<string, array{0: float, 1: bool}> */
    public static function onAShelf(): iterable
    {
        // The shelf’s top is at 520 of 700.
        yield 'up to the brace' => [180.0, true];
        yield 'through the brace' => [181.0, false];
    }

    #[Test]
    #[DataProvider('onAShelf')]
    public function a_thing_stands_on_its_shelf_or_nowhere(float $highMm, bool $stands): void
    {
        $space = self::cabinet([self::shelf(500)]);
        $packing = Packing::of($space, [new Piece('doser', 200, 150, $highMm, shelf: 0)]);

        self::assertSame($stands ? [] : [Elsewhere::Shelf], array_values($packing->elsewhere));
        self::assertSame($stands ? [520.0] : [], array_map(fn (Standing $s): float => $s->zMm, $packing->standing));
        self::assertSame($stands ? [0] : [], $packing->on($space->ledges[0]));
        $short = self::cabinet([new Ledge('shelf', new Rect(0, 0, 400, 200), 500, 20, isShelf: true)]);
        $long = fn (float $mm): array => Packing::of($short, [new Piece('long', $mm, 150, 100, shelf: 0)])->elsewhere;
        self::assertSame([], $long(400));
        self::assertSame([Elsewhere::Shelf], $long(401));
    }

    #[Test]
    public function what_the_floor_has_no_room_for_stands_on_a_shelf(): void
    {
        $two = [new Piece('a', 900, 500, 300), new Piece('b', 400, 300, 130)];
        self::assertSame([1 => Elsewhere::NoFloorLeft], Packing::of(self::cabinet([]), $two)->elsewhere);
        $packing = Packing::of(self::cabinet([self::shelf(500)]), $two);
        self::assertTrue($packing->isClean());
        self::assertSame([0.0, 520.0], array_map(fn (Standing $s): float => $s->zMm, $packing->standing));
    }

    /** @return iterable<string, array{0: float, 1: bool}> */
    public static function overARail(): iterable
    {
        // The rail is 40 high, 10 are kept over it, the opening’s head is at 650.
        yield 'just under the head' => [600.0, true];
        yield 'a millimetre too high' => [601.0, false];
    }

    #[Test]
    #[DataProvider('overARail')]
    public function a_rail_across_the_opening_is_lifted_over(float $highMm, bool $comesOut): void
    {
        $rail = new Ledge('rail', new Rect(0, 480, 1000, 500), 0, 40, isShelf: false);
        $packing = Packing::judged(self::cabinet([$rail]), [
            new Standing(0, new Piece('can', 300, 300, $highMm), 100, 100, false),
        ]);

        self::assertSame($comesOut ? [] : [0], $packing->shutIn);
    }

    #[Test]
    public function nothing_rises_through_a_shelf(): void
    {
        $shelf = new Ledge('shelf', new Rect(0, 0, 400, 200), 320, 20, isShelf: true);
        $behind = new Standing(0, new Piece('behind', 300, 200, 300), 50, 0, false);
        $before = new Standing(1, new Piece('before', 1000, 250, 330), 0, 250, false);
        // Lifted to 350 it would pass over the shelf and what stands before it; but the shelf is over it.
        self::assertSame([], WayOut::inTheWay($behind, [$behind, $before], self::cabinet([])));
        self::assertSame([1], WayOut::inTheWay($behind, [$behind, $before], self::cabinet([$shelf])));
    }

    #[Test]
    public function a_post_in_the_opening_is_gone_round(): void
    {
        $post = new Ledge('post', new Rect(480, 480, 520, 500), 0, 700, isShelf: false);
        $can = fn (float $wide): Packing => Packing::judged(self::cabinet([$post]), [
            new Standing(0, new Piece('can', $wide, 300, 300), 300, 100, false),
        ]);

        // The opening runs from 50 to 950: 430 on either side of the post.
        self::assertSame([], $can(430)->shutIn);
        self::assertSame([0], $can(431)->shutIn);
    }

    #[Test]
    public function in_the_cut_of_an_l_another_thing_stands(): void
    {
        $reservoir = new Piece('reservoir', 300, 250, 400);
        $box = new Piece('sump', 1000, 500, 400, isSump: true);
        self::assertSame([1 => Elsewhere::NoFloorLeft], Packing::of(self::cabinet([]), [$box, $reservoir])->elsewhere);
        foreach (Corner::cases() as $corner) {
            $cut = new Cut($corner, 300, 250);
            $sump = new Piece('sump', 1000, 500, 400, cut: $cut, isSump: true);
            self::assertSame(1000 * 500 - 300 * 250.0, $sump->areaMm2());
            $packing = Packing::of(self::cabinet([]), [$sump, $reservoir]);
            self::assertSame([], $packing->elsewhere, $corner->value);
            self::assertSame([], $packing->clashes());
            self::assertSame($corner->isLeft() ? 0.0 : 700.0, $packing->standing[1]->xMm);
            self::assertSame($corner->isBack() ? 0.0 : 250.0, $packing->standing[1]->yMm);
            $larger = Packing::of(self::cabinet([]), [$sump, new Piece('reservoir', 301, 251, 400)]);
            self::assertSame([1 => Elsewhere::NoFloorLeft], $larger->elsewhere);
        }
    }

    #[Test]
    public function a_quarter_turn_keeps_an_outline_and_its_room(): void
    {
        foreach (Corner::cases() as $corner) {
            $piece = new Piece('sump', 900, 400, 300, cut: new Cut($corner, 200, 150));
            $as = new Standing(0, $piece, 0, 0, false);
            $turned = new Standing(0, $piece, 0, 0, true);
            foreach ([$as, $turned] as $standing) {
                $area = array_sum(array_map(fn (Rect $r): float => $r->alongMm() * $r->deepMm(), $standing->patches));
                self::assertSame($piece->areaMm2(), $area);
                $box = new Rect(0, 0, $standing->alongMm(), $standing->deepMm());
                foreach ($standing->patches as $patch) {
                    self::assertTrue($box->holds($patch));
                }
            }
        }
    }

    /** @return iterable<string, array{0: float, 1: bool}> */
    public static function overTheRim(): iterable
    {
        // The rim is at 300, 10 are kept over it, the opening’s head is at 650.
        yield 'it just clears' => [340.0, true];
        yield 'a millimetre too high' => [341.0, false];
    }

    #[Test]
    #[DataProvider('overTheRim')]
    public function a_device_comes_out_of_the_sump_over_its_rim(float $highMm, bool $comesOut): void
    {
        $packing = Packing::of(self::cabinet([]), self::sumpWith(new Piece('skimmer', 200, 200, $highMm)));

        self::assertSame([], $packing->elsewhere);
        self::assertSame($comesOut ? [] : [1 => [0]], $packing->after, 'else it comes out only with the sump');
        self::assertSame(8.0, $packing->standing[1]->zMm);
        self::assertSame([], $packing->clashes());
    }

    #[Test]
    public function the_sump_is_placed_first_and_where_its_skimmer_lifts_out(): void
    {
        // A shelf over the left half: only from under it does the skimmer come up.
        $space = self::cabinet([new Ledge('shelf', new Rect(0, 0, 480, 500), 450, 20, isShelf: true)]);
        $pieces = self::sumpWith(new Piece('skimmer', 200, 200, 330, 100), new Piece('can', 300, 300, 300));
        $packing = Packing::of($space, $pieces);

        self::assertTrue($packing->isClean());
        self::assertSame(0, $packing->standing[0]->row);
        self::assertGreaterThanOrEqual(480.0, $packing->standing[1]->xMm);
        $places = InTheSump::places(0, $pieces[0], [1 => $pieces[1]], [], $space);
        self::assertNotNull(WayOut::free($places[0][1], $places[0], $space), 'the first place proposed is such a one');
        // Listed last, the sump is placed first all the same.
        $turned = [$pieces[2], $pieces[1], $pieces[0]];
        self::assertSame(2, Packing::of($space, $turned)->standing[0]->row);
    }

    #[Test]
    public function a_device_stands_in_its_own_part_of_the_sump(): void
    {
        $inside = fn (float $long): array => [
            new Piece('sump', 600, 400, 300, isSump: true),
            (new Piece('skimmer', 200, 180, 300))->into(new Inside([new Rect(8, 8, 8 + $long, 392)], 8)),
        ];
        self::assertSame([], Packing::of(self::cabinet([]), $inside(180))->elsewhere, 'turned it just goes in');
        self::assertSame([1 => Elsewhere::Sump], Packing::of(self::cabinet([]), $inside(179))->elsewhere);
        $twice = [...$inside(200), (new Piece('reactor', 190, 250, 200))->into(new Inside([new Rect(8, 8, 208, 392)], 8))];
        self::assertSame([1 => Elsewhere::Sump], Packing::of(self::cabinet([]), $twice)->elsewhere);
        $none = [1 => $inside(200)[1]];
        self::assertSame([1 => Elsewhere::NoSump], Packing::of(self::cabinet([]), $none)->elsewhere);
    }

    #[Test]
    public function a_place_by_hand_through_what_is_built_in_is_named(): void
    {
        $space = self::cabinet([new Ledge('frame', new Rect(0, 0, 200, 500), 300, 50, isShelf: false)]);
        $at = fn (float $x, float $high): Packing => Packing::judged($space, [
            new Standing(0, new Piece('can', 200, 200, $high), $x, 100, false),
        ]);
        self::assertSame([0], $at(199, 301)->builtInto());
        self::assertSame([], $at(200, 301)->builtInto());
        self::assertSame([], $at(199, 300)->builtInto());
        self::assertSame([0], $at(801, 100)->builtInto(), 'through the right wall');
        self::assertFalse($at(199, 301)->isSound());
    }

    #[Test]
    public function less_room_never_makes_a_cabinet_clean(): void
    {
        $clean = $dirty = 0;
        for ($seed = 1; $seed <= Share::of(60, 30); $seed++) {
            $chance = new Randomizer(new Mt19937($seed));
            $pieces = [new Piece('sump', $chance->getInt(400, 700), 350, 300, isSump: true)];
            for ($i = 0; $i < 3; $i++) {
                $pieces[] = new Piece("p{$i}", $chance->getInt(100, 300), $chance->getInt(100, 300), $chance->getInt(100, 500));
            }
            $wide = Packing::of(self::cabinet([]), $pieces)->isClean();
            $shelf = new Ledge('frame', new Rect(0, 0, $chance->getInt(100, 900), 500), $chance->getInt(300, 600), 40, isShelf: false);
            $less = Packing::of(self::cabinet([$shelf]), $pieces)->isClean();
            $tight = Packing::of(self::cabinet([])->less((float) $chance->getInt(1, 60)), $pieces)->isClean();
            self::assertTrue($wide || ! $less, "a frame, cabinet {$seed}");
            self::assertTrue($wide || ! $tight, "a tolerance, cabinet {$seed}");
            $clean += $wide && $less ? 1 : 0;
            $dirty += $wide && ! $less ? 1 : 0;
        }
        self::assertGreaterThan(0, $clean);
        self::assertGreaterThan(0, $dirty);
    }

    #[Test]
    public function a_full_cabinet_with_shelves_is_packed_while_it_is_typed(): void
    {
        $ledges = [];
        for ($i = 0; $i < 4; $i++) {
            $ledges[] = new Ledge("shelf {$i}", new Rect($i * 250, 0, $i * 250 + 240, 300), 400 + $i * 50, 18, isShelf: true, listed: $i);
        }
        $pieces = self::sumpWith(new Piece('skimmer', 200, 200, 330, 50));
        for ($i = 0; $i < 12; $i++) {
            $pieces[] = new Piece("p{$i}", 90 + $i * 7, 120, 100 + $i * 15, 20);
        }
        $began = hrtime(true);
        $packing = Packing::of(self::cabinet($ledges), $pieces);
        $ms = (hrtime(true) - $began) / 1e6;

        self::assertSame([], $packing->clashes());
        self::assertSame([], $packing->builtInto());
        self::assertLessThan(2000, $ms, 'a guard against a search that runs away; the figure is measured elsewhere');
    }

    /** @param  list<Ledge>  $ledges */
    private static function cabinet(array $ledges): Space
    {
        return Space::of(1000, 500, 700, 900, 650)->with($ledges);
    }

    private static function shelf(float $bottomMm): Ledge
    {
        return new Ledge('shelf', new Rect(0, 0, 1000, 500), $bottomMm, 20, isShelf: true);
    }

    /** @return list<Piece> */
    private static function sumpWith(Piece $device, Piece ...$more): array
    {
        return [
            new Piece('sump', 500, 400, 300, isSump: true),
            $device->into(new Inside([new Rect(8, 8, 492, 392)], 8)),
            ...array_values($more),
        ];
    }
}
