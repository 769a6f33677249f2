<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Brief\CarryList;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Gang;

/** Who carries what, with an aid and without (M-26). */
final class CarryListTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $change
     * @return array<string, array{0: int|null, 1: int|null}>
     */
    private static function list(array $change = []): array
    {
        $brief = MoveReader::read(array_replace_recursive(MoveAnswersTest::sound(), $change));
        $list = [];
        foreach (CarryList::of($brief) as $line) {
            $list[$line->label] = [$line->persons, $line->withAid];
        }

        return $list;
    }

    #[Test]
    public function by_hand_the_smallest_team_and_with_a_trolley_two_on_the_flat(): void
    {
        $flat = self::list();
        // 37 kg is beyond 2 × 25 × two thirds, within 3 × 25 × a half.
        self::assertSame([3, 2], $flat['tank']);
        self::assertSame([1, 2], $flat['lamp']);
        self::assertSame([null, 2], self::list(['pieces' => [0 => ['kg' => 37.6]]])['tank']);
        self::assertSame([null, null], self::list(['way' => ['flightsTo' => 1]])['tank']);
        self::assertSame([1, null], self::list(['way' => ['flightsTo' => 1]])['lamp']);
        self::assertSame('tank', array_key_first($flat), 'the heaviest first');
        $unweighed = self::list(['pieces' => [4 => ['kg' => null]]]);
        self::assertSame(['sump', [null, null]], [array_key_first($unweighed), $unweighed['sump']]);
    }

    #[Test]
    public function a_heavy_load_that_rolls_takes_another_pair_of_hands(): void
    {
        self::assertSame([2, 2, 3, null], [
            Gang::withAid(10, false), Gang::withAid(1000, false), Gang::withAid(1001, false), Gang::withAid(10, true),
        ]);
    }
}
