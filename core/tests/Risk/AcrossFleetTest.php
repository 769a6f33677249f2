<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Measures\AcrossFleet;
use Velbrin\Core\Risk\Measures\Chosen;

/** One budget for many systems, against every choice there is (R-31). */
final class AcrossFleetTest extends TestCase
{
    #[Test]
    public function the_money_goes_where_it_saves_most(): void
    {
        $curves = [
            'a' => [self::point(0, 1000), self::point(100, 900), self::point(300, 400)],
            'b' => [self::point(0, 500), self::point(100, 200)],
        ];
        $of = fn (int $budget): array => AcrossFleet::of($curves, $budget)->points;
        self::assertSame([], $of(99));
        self::assertSame(['b' => 1], $of(100), '300 for 100');
        self::assertSame(['b' => 1, 'a' => 2], $of(400), 'the first step of a lies off its hull');
        self::assertSame(900.0, AcrossFleet::of($curves, 400)->saved);
        self::assertSame([400, 0.0], [AcrossFleet::of($curves, 9000)->costMinor, AcrossFleet::of($curves, 9000)->gap]);
    }

    #[Test]
    public function what_costs_nothing_is_taken_first_and_what_saves_nothing_never(): void
    {
        $curves = ['a' => [self::point(0, 10), self::point(0, 4)], 'b' => [self::point(0, 10), self::point(50, 10)]];
        self::assertSame(['a' => 1], AcrossFleet::of($curves, 1000)->points);
    }

    #[Test]
    public function no_choice_beats_it_by_more_than_it_says_and_it_never_spends_too_much(): void
    {
        mt_srand(41);
        for ($world = 0; $world < 150; $world++) {
            $curves = [];
            foreach (range(1, mt_rand(1, 4)) as $n) {
                $curves["s{$n}"] = self::curve();
            }
            $budget = mt_rand(0, 900);
            $found = AcrossFleet::of($curves, $budget);
            self::assertLessThanOrEqual($budget, $found->costMinor);
            $best = self::bestOf(array_values($curves), $budget);
            self::assertLessThanOrEqual($best + 1e-9, $found->saved);
            self::assertGreaterThanOrEqual($best - $found->gap - 1e-9, $found->saved, "world {$world}");
        }
    }

    #[Test]
    public function a_budget_below_nothing_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        AcrossFleet::of([], -1);
    }

    /** @return list<Chosen> */
    private static function curve(): array
    {
        $curve = [self::point(0, $yearly = (float) mt_rand(200, 2000))];
        $cost = 0;
        for ($i = mt_rand(0, 4); $i > 0; $i--) {
            $curve[] = self::point($cost += mt_rand(10, 300), $yearly = max(0.0, $yearly - mt_rand(1, 300)));
        }

        return $curve;
    }

    /** @param  list<list<Chosen>>  $curves */
    private static function bestOf(array $curves, int $budget): float
    {
        $curve = array_shift($curves);
        if ($curve === null) {
            return 0.0;
        }
        $best = 0.0;
        foreach ($curve as $point) {
            if ($point->costMinor <= $budget) {
                $best = max($best, $curve[0]->yearly - $point->yearly + self::bestOf($curves, $budget - $point->costMinor));
            }
        }

        return $best;
    }

    private static function point(int $costMinor, float $yearly): Chosen
    {
        return new Chosen([], $costMinor, $yearly, 0.0);
    }
}
