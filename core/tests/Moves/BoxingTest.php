<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Brief\Animal;
use Velbrin\Core\Moves\Brief\Boxing;
use Velbrin\Core\Tests\Turns;

/** Who rides with whom: nobody with whom it must not, no box too full, as few boxes as may be. */
final class BoxingTest extends TestCase
{
    use Turns;

    /** @param  array<string, mixed>  $with */
    private static function animal(string $id, ?float $cm, array $with = []): Animal
    {
        return new Animal(
            id: $id,
            label: $id,
            isCoral: (bool) ($with['coral'] ?? false),
            count: (int) ($with['count'] ?? 1),
            lengthCm: $cm,
            isDeep: false,
            isAlone: (bool) ($with['alone'] ?? false),
            isGlued: false,
            isToxic: (bool) ($with['toxic'] ?? false),
            box: null,
            isFleshy: (bool) ($with['fleshy'] ?? false),
        );
    }

    #[Test]
    public function who_bites_poisons_or_eats_rides_alone_and_corals_apart_from_fish(): void
    {
        $boxing = Boxing::of([
            self::animal('tang', 16, ['alone' => true]),
            self::animal('pair', 6, ['count' => 2]),
            self::animal('chromis', 5, ['count' => 2]),
            self::animal('zoanthids', null, ['coral' => true, 'toxic' => true]),
            self::animal('corals', null, ['coral' => true, 'count' => 10]),
        ], 28, 600);
        self::assertSame([['corals'], ['tang'], ['pair', 'chromis'], ['zoanthids']], $boxing->boxes);
        self::assertSame([[], 4, true], [$boxing->left, $boxing->bound, $boxing->isProven]);
    }

    #[Test]
    public function a_usual_box_is_400_mm_wide_and_a_usual_reef_has_25_degrees(): void
    {
        $animals = [self::animal('tang', 16), self::animal('pair', 6, ['count' => 2]), self::animal('corals', null, ['coral' => true])];
        self::assertEquals(Boxing::of($animals, 28, 600, 25, 35, 400), Boxing::of($animals, 28, 600));
        $least = fn (?float $tempC, ?float $salinity = null): float => self::turning(fn (float $litres): bool => Boxing::of(
            ...['animals' => [self::animal('tang', 20)], 'boxL' => $litres, 'insideMm' => 600],
            ...$tempC === null ? [] : ['tempC' => $tempC],
            ...$salinity === null ? [] : ['salinity' => $salinity],
        )->left === [], 100, 1);
        self::assertEqualsWithDelta($least(25.0), $least(null), 1e-6);
        self::assertGreaterThan($least(null), $least(26.0), 'in warm water it breathes more');
        self::assertEqualsWithDelta($least(null, 35.0), $least(null), 1e-6);
        self::assertLessThan($least(null), $least(null, 30.0), 'thinner water holds more air');
    }

    #[Test]
    public function a_coral_wants_two_litres(): void
    {
        $left = fn (float $boxL): array => Boxing::of([self::animal('corals', null, ['coral' => true, 'count' => 10])], $boxL, 600)->left;
        self::assertSame([[], ['corals']], [$left(20), $left(19.9)]);
    }

    #[Test]
    public function three_times_as_long_it_eats_the_other(): void
    {
        $boxes = fn (float $long): int => count(Boxing::of([self::animal('a', $long), self::animal('b', 3)], 40, 600)->boxes);
        self::assertSame([1, 2], [$boxes(8.9), $boxes(9)]);
    }

    #[Test]
    public function too_large_too_long_and_unmeasured_are_named(): void
    {
        $left = fn (Animal $a, float $litres = 28, float $mm = 600): array => Boxing::of([$a], $litres, $mm)->left;
        self::assertSame(['a'], $left(self::animal('a', null)));
        self::assertSame(['a'], $left(self::animal('a', 28.1)));
        self::assertSame(['a'], $left(self::animal('a', 10), 28, 149));
        self::assertSame([], $left(self::animal('a', 10), 28, 150));
        self::assertSame(['a'], $left(self::animal('a', null, ['coral' => true, 'count' => 15])));
    }

    #[Test]
    public function corals_stand_apart_and_large_flesh_by_itself(): void
    {
        $coral = fn (string $id, ?float $cm, array $with = []): Animal => self::animal($id, $cm, ['coral' => true] + $with);
        $boxes = fn (Animal ...$all): int => count(Boxing::of(array_values($all), 60, 600)->boxes);
        // Twenty of eight centimetres, two apart, fill a floor of 60 by 40 to four fifths; with two apart more, and a fifth kind, no more.
        self::assertSame(1, $boxes($coral('a', 8, ['count' => 20]), $coral('b', 18)));
        self::assertSame(2, $boxes($coral('a', 8, ['count' => 20]), $coral('b', 18.1)));
        self::assertSame(2, Boxing::of([$coral('a', 8, ['count' => 20]), $coral('b', 18.1)], 60, 600)->bound);
        self::assertSame(1, $boxes($coral('a', 5), $coral('b', 5)));
        self::assertSame(2, $boxes($coral('a', 5), $coral('b', 5, ['fleshy' => true])));
        self::assertSame(['a'], Boxing::of([$coral('a', 8, ['count' => 25])], 60, 600)->left);
        self::assertSame([], Boxing::of([$coral('a', 8, ['count' => 24])], 60, 600)->left);
        self::assertSame([], Boxing::of([$coral('a', 8, ['count' => 25])], 60, 600, wideMm: 420)->left);
    }

    #[Test]
    public function first_fit_is_beaten_where_every_way_is_tried(): void
    {
        // 10 and 8, 6 and 5 and 5, and 4 is left over: three boxes, where two hold all of it to the last litre.
        $boxing = Boxing::of(array_map(
            fn (int $n, float $cm): Animal => self::animal("f{$n}", $cm),
            [1, 2, 3, 4, 5, 6],
            [10, 8, 6, 5, 5, 4],
        ), 19, 600);
        self::assertCount(2, $boxing->boxes);
        self::assertTrue($boxing->isProven);
    }

    #[Test]
    public function whatever_is_boxed_holds(): void
    {
        for ($seed = 1; $seed <= 150; $seed++) {
            mt_srand($seed);
            $animals = $by = [];
            for ($n = 0; $n < 3 + $seed % 20; $n++) {
                $isCoral = mt_rand(0, 4) === 0;
                $animals[] = $by["a{$n}"] = self::animal("a{$n}", $isCoral ? null : mt_rand(30, 140) / 10, [
                    'coral' => $isCoral, 'count' => mt_rand(1, 2), 'alone' => mt_rand(0, 6) === 0, 'toxic' => mt_rand(0, 9) === 0,
                ]);
            }
            $boxing = Boxing::of($animals, 28, 600);
            $all = [...array_merge(...$boxing->boxes ?: [[]]), ...$boxing->left];
            sort($all);
            $ids = array_keys($by);
            sort($ids);
            self::assertSame($ids, $all, "seed {$seed}: everybody once");
            self::assertGreaterThanOrEqual($boxing->bound, count($boxing->boxes), "seed {$seed}");
            foreach ($boxing->boxes as $in) {
                $cm = 0.0;
                foreach ($in as $k => $id) {
                    $cm += $by[$id]->isCoral ? 2.0 * $by[$id]->count : (float) $by[$id]->lengthCm * $by[$id]->count;
                    foreach (array_slice($in, $k + 1) as $other) {
                        self::assertFalse(Boxing::harms($by[$id], $by[$other]), "seed {$seed}: {$id} and {$other}");
                    }
                }
                self::assertLessThanOrEqual(28.000001, $cm, "seed {$seed}");
            }
        }
    }
}
