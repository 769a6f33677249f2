<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Cabinet;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Velbrin\Core\Cabinet\Elsewhere;
use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Cabinet\Space;
use Velbrin\Core\Cabinet\Standing;
use Velbrin\Core\Cabinet\WayOut;

final class PackingTest extends TestCase
{
    #[Test]
    public function in_cabinets_made_from_a_known_packing_one_is_found(): void
    {
        $found = 0;
        for ($seed = 1; $seed <= 200; $seed++) {
            [$space, $known] = self::known(new Randomizer(new Mt19937($seed)));
            self::assertTrue(Packing::judged($space, $known)->isClean(), "the known packing {$seed} is one");
            $packing = Packing::of($space, array_map(fn (Standing $s): Piece => $s->piece, $known));
            self::assertSame([], $packing->clashes(), "nothing stands in another, cabinet {$seed}");
            foreach ($packing->standing as $s) {
                self::assertTrue(
                    $s->xMm >= 0 &&
                        $s->yMm >= 0 &&
                        $s->xMm + $s->alongMm() <= $space->lengthMm + 1e-6 &&
                        $s->yMm + $s->deepMm() <= $space->depthMm + 1e-6,
                );
            }
            $found += $packing->isClean() ? 1 : 0;
        }

        self::assertGreaterThanOrEqual(190, $found);
    }

    #[Test]
    public function a_place_chosen_by_hand_stays_and_the_rest_goes_round_it(): void
    {
        $free = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            [$space, $known] = self::known(new Randomizer(new Mt19937($seed)));
            $pieces = array_map(fn (Standing $s): Piece => $s->piece, $known);
            $pin = count($known) - 1;
            $packing = Packing::of($space, $pieces, [
                $pin => new Standing($pin, $pieces[$pin], $known[$pin]->xMm, $known[$pin]->yMm, $known[$pin]->turned),
            ]);
            $at = array_values(array_filter($packing->standing, fn (Standing $s): bool => $s->row === $pin))[0];
            self::assertSame(
                [$known[$pin]->xMm, $known[$pin]->yMm, $known[$pin]->turned],
                [$at->xMm, $at->yMm, $at->turned],
            );
            self::assertSame([], $packing->clashes());
            $free += $packing->isClean() ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(50, $free, 'where it stands in a known packing, one is found round it');
        $space = Space::of(1000, 500, 700, 900, 650);
        $two = [new Piece('a', 300, 300, 300), new Piece('b', 300, 300, 300)];
        $clash = Packing::of($space, $two, [
            0 => new Standing(0, $two[0], 100, 100, false),
            1 => new Standing(1, $two[1], 250, 100, false),
        ]);
        self::assertSame([[0, 1]], $clash->clashes());
        self::assertFalse($clash->isClean());
    }

    #[Test]
    public function what_is_shut_in_says_who_moves_first(): void
    {
        $space = Space::of(600, 600, 700, 600, 700);
        $tall = fn (int $row, float $y): Standing => new Standing(
            $row,
            new Piece("p{$row}", 500, 250, 500),
            50,
            $y,
            false,
        );
        self::assertSame([1], WayOut::inTheWay($tall(0, 0), [$tall(0, 0), $tall(1, 300)], $space));
        self::assertSame([], WayOut::inTheWay($tall(1, 300), [$tall(0, 0), $tall(1, 300)], $space));
        // 150 high at the front, 500 lifted over it by 200: out it comes.
        $low = new Standing(1, new Piece('low', 500, 250, 150), 50, 300, false);
        self::assertSame([], WayOut::inTheWay($tall(0, 0), [$tall(0, 0), $low], $space));
        self::assertNull(WayOut::inTheWay($tall(0, 0), [], Space::of(600, 600, 700, 490, 700)));
    }

    #[Test]
    public function each_reason_to_stand_elsewhere_is_named(): void
    {
        $space = Space::of(1000, 500, 700, 500, 650);
        $packing = Packing::of($space, [
            new Piece('chiller', 300, 300, 300, needsAir: true),
            new Piece('skimmer', 300, 300, 560, 200),
            new Piece('long box', 1100, 200, 200),
            new Piece('wide box', 520, 510, 300),
            new Piece('can', 200, 200, 200),
        ]);

        self::assertSame(
            [Elsewhere::Air, Elsewhere::Headroom, Elsewhere::Floor, Elsewhere::Floor],
            array_values($packing->elsewhere),
        );
        self::assertSame([4], array_map(fn (Standing $s): int => $s->row, $packing->standing));
        self::assertSame(Elsewhere::Door, Packing::of($space, [new Piece('tall', 300, 300, 670)])->elsewhere[0]);
        self::assertSame(
            Elsewhere::NoFloorLeft,
            Packing::of($space, [
                new Piece('a', 480, 480, 600),
                new Piece('b', 480, 480, 600),
                new Piece('c', 480, 480, 600),
            ])->elsewhere[2],
        );
    }

    /**
     * Strips from back to front, each one deep thing, or a tall one behind a low one it can be lifted over.
     *
     * @return array{0: Space, 1: list<Standing>}
     */
    private static function known(Randomizer $chance): array
    {
        $height = (float) $chance->getInt(600, 900);
        $depth = (float) $chance->getInt(400, 650);
        $x = 0.0;
        $standing = [];
        $strips = $chance->getInt(2, 4);
        for ($i = 0; $i < $strips; $i++) {
            $along = (float) $chance->getInt(150, 420);
            if ($chance->getInt(0, 2) > 0) {
                $front = (float) $chance->getInt(100, (int) ($height / 3));
                $split = (float) $chance->getInt(130, (int) $depth - 130);
                $standing[] = new Standing(
                    count($standing),
                    new Piece(
                        'behind',
                        $along,
                        $split,
                        (float) $chance->getInt(120, (int) ($height - $front - WayOut::OVER_MM)),
                    ),
                    $x,
                    0,
                    false,
                );
                $standing[] = new Standing(
                    count($standing),
                    new Piece('before', $along - $chance->getInt(0, 40), $depth - $split, $front),
                    $x,
                    $split,
                    false,
                );
            } else {
                $standing[] = new Standing(
                    count($standing),
                    new Piece(
                        'whole',
                        $along,
                        $depth - $chance->getInt(0, 60),
                        (float) $chance->getInt(200, (int) $height),
                    ),
                    $x,
                    0,
                    false,
                );
            }
            $x += $along + $chance->getInt(0, 30);
        }

        return [Space::of($x, $depth, $height, $x, $height), $standing];
    }
}
