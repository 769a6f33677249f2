<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Consequence;
use Velbrin\Core\Rounds\CrewDay;
use Velbrin\Core\Rounds\Insertion;
use Velbrin\Core\Rounds\Prices;
use Velbrin\Core\Rounds\Refusal;
use Velbrin\Core\Rounds\Route;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Standing;
use Velbrin\Core\Rounds\Visit;
use Velbrin\Core\Rounds\Week;
use Velbrin\Core\Rounds\WeekPlan;
use Velbrin\Core\Tests\Share;

/** The week: a day worked by hand, hard rules in random worlds, and small worlds against every possible plan. */
final class WeekTest extends TestCase
{
    #[Test]
    public function places_half_a_kilometre_apart_are_neighbours_whichever_way(): void
    {
        $depot = new Spot(50, 0);
        $visit = fn (int $id, float $northM, float $eastM): Visit => new Visit(
            $id,
            new Spot(50 + rad2deg($northM / 6_371_000), rad2deg($eastM / 6_371_000 / cos(deg2rad(50)))),
            [],
            0,
            0,
            3,
            30,
        );
        $near = fn (Visit $one, Visit $other): bool => (new Standing(Week::of([]), [$one, $other]))->neighbours !== [];
        $home = $visit(1, 0, 0);
        foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$north, $east]) {
            self::assertTrue($near($home, $visit(2, $north * 499, $east * 499)));
            self::assertFalse($near($home, $visit(2, $north * 501, $east * 501)));
        }
        self::assertSame(0.0, $depot->kmTo($home->spot));
    }

    #[Test]
    public function what_two_days_cost_differs_as_the_whole_week_does(): void
    {
        $days = array_map(fn (int $day): CrewDay => new CrewDay(
            crew: 1, day: $day, depot: new Spot(50, 0), startMin: 480, endMin: 990, breakMin: 30, members: [7], skills: [],
            payloadKg: 500, saltL: 200, roL: 100,
        ), [0, 1, 2]);
        $open = array_fill(0, 3, [[480.0, 1020.0]]);
        $visit = fn (int $id, float $km): Visit => new Visit($id, new Spot(50 + rad2deg($km / 6371), 0), $open, 0, 1, 3, 20.0 + 7 * $id);
        // Four at one place, one far away.
        [$a, $b, $c, $d, $e] = [$visit(1, 5), $visit(2, 5.1), $visit(3, 5.2), $visit(4, 5.3), $visit(5, 20)];
        $keys = array_map(fn (CrewDay $day): string => $day->key(), $days);
        $week = fn (array ...$placed): Week => Week::of($days, array_combine($keys, $placed));
        $both = fn (Week $w): array => [$w->price(), (new Standing($w, []))->priceOf($keys[0], $keys[1])];
        [$whole, $two] = $both($week([$a, $b], [$c, $e], [$d]));
        foreach ([$week([$b], [$a, $c, $e], [$d]), $week([$a, $b, $c], [$e], [$d]), $week([], [$a, $b, $c, $e], [$d])] as $moved) {
            [$wholeThen, $twoThen] = $both($moved);
            self::assertEqualsWithDelta($wholeThen - $whole, $twoThen - $two, 1e-9);
        }
    }

    #[Test]
    public function a_visit_loads_its_kit_and_its_water(): void
    {
        $visit = new Visit(1, new Spot(50, 0), [], 0, 0, 3, 30, kg: 10, saltL: 100, roL: 50);
        self::assertEqualsWithDelta(10 + 102.33 + 50, $visit->loadKg(), 1e-9);
    }

    #[Test]
    public function a_day_worked_by_hand(): void
    {
        // Two places on one meridian, 10 and 20 km north of the depot; 10 km of street are 10·1.3·60/35 min.
        $depot = new Spot(50, 0);
        $km = fn (float $n): Spot => new Spot(50 + (($n / 6371) * 180) / M_PI, 0);
        $leg = (10 * 1.3 * 60) / 35;
        self::assertEqualsWithDelta($leg, $depot->minutesTo($km(10)), 1e-6);
        $day = new CrewDay(
            crew: 1,
            day: 0,
            depot: $depot,
            startMin: 480,
            endMin: 990,
            breakMin: 30,
            members: [7],
            skills: [],
            payloadKg: 500,
            saltL: 200,
            roL: 100,
        );
        $open = [0 => [[480.0, 1020.0]]];
        $route = Route::of(
            $day,
            [
                new Visit(1, $km(10), $open, 0, 0, 3, 60, saltL: 50, familiar: 7),
                new Visit(2, $km(20), [0 => [[600.0, 700.0]]], 0, 0, 3, 90, familiar: 8),
            ],
            new Prices(),
        );
        self::assertEqualsWithDelta(
            [480 + $leg + 5, 600],
            $route->startsMin,
            1e-6,
            'the second waits for its place to open',
        );
        self::assertEqualsWithDelta(4 * $leg, $route->drivingMin, 1e-6);
        self::assertNull($route->refusal);
        self::assertSame([2, 0.0], [$route->breakAfter, $route->overtimeMin]);
        self::assertEqualsWithDelta(690 + 2 * $leg + 30, $route->backMin, 1e-6);
        self::assertEqualsWithDelta(
            4 * $leg + 20,
            $route->price(new Prices()),
            1e-6,
            'driving, and one technician who is not the usual one',
        );
    }

    #[Test]
    public function each_hard_rule_refuses_by_its_name(): void
    {
        $day = new CrewDay(
            crew: 1,
            day: 0,
            depot: new Spot(50, 0),
            startMin: 480,
            endMin: 990,
            breakMin: 30,
            members: [7],
            skills: ['acid'],
            payloadKg: 100,
            saltL: 80,
            roL: 40,
        );
        $open = [0 => [[480.0, 1020.0]], 1 => [[480.0, 1020.0]]];
        $visit = fn (array $more): Visit => new Visit(
            ...[
                ...[
                    'id' => 1,
                    'spot' => new Spot(50.01, 0),
                    'open' => $open,
                    'earliestDay' => 0,
                    'dueDay' => 0,
                    'latestDay' => 3,
                    'minutes' => 60,
                ],
                ...$more,
            ],
        );
        $refusal = fn (array $more): ?Refusal => Route::of($day, [$visit($more)], new Prices())->refusal;
        self::assertNull($refusal([]));
        self::assertSame(Refusal::OutsideDays, $refusal(['earliestDay' => 1]));
        self::assertSame(Refusal::Closed, $refusal(['open' => [1 => [[480.0, 900.0]]]]));
        self::assertSame(Refusal::Persons, $refusal(['persons' => 2]));
        self::assertSame(Refusal::Skill, $refusal(['skills' => ['glass']]));
        self::assertSame(Refusal::Payload, $refusal(['kg' => 101]));
        self::assertSame(Refusal::SaltWater, $refusal(['saltL' => 90]));
        self::assertSame(Refusal::RoWater, $refusal(['roL' => 50]));
        self::assertSame(Refusal::Opening, $refusal(['open' => [0 => [[480.0, 500.0]]]]));
        self::assertSame(Refusal::Hours, $refusal(['minutes' => 600, 'open' => [0 => [[0.0, 1440.0]]]]));
        $isolated = $visit(['id' => 2, 'isolated' => true]);
        self::assertSame(Refusal::Isolation, Route::of($day, [$isolated, $visit([])], new Prices())->refusal);
        self::assertNull(Route::of($day, [$visit([]), $isolated], new Prices())->refusal);
        self::assertSame(
            Refusal::Isolation,
            Route::of($day, [$isolated, $visit(['id' => 3, 'isolated' => true])], new Prices())->refusal,
            'one a day',
        );
    }

    #[Test]
    public function no_plan_breaks_a_hard_rule_loses_a_visit_or_moves_a_pin(): void
    {
        mt_srand(11);
        for ($n = 0; $n < Share::of(60, 30); $n++) {
            [$days, $visits] = self::world(mt_rand(4, 24), 3, 3);
            $pinned = [];
            $week = Week::of($days);
            $first = (new Insertion())->plan($week, $visits);
            if ($first->week->where($visits[0]->id) !== null) {
                $pinned[$visits[0]->id] = $first->week->where($visits[0]->id);
            }
            $again = (new Insertion())->plan(
                $first->week,
                array_map(fn ($u) => $u->visit, $first->unplanned),
                array_keys($pinned),
            );
            foreach ([$first, $again] as $plan) {
                self::assertTrue($plan->week->isSound());
                $ids = self::ids($plan);
                sort($ids);
                self::assertSame(
                    array_map(fn (Visit $v): int => $v->id, $visits),
                    $ids,
                    'every visit once, planned or with its reason',
                );
            }
            foreach ($pinned as $id => $key) {
                self::assertSame($key, $again->week->where($id));
            }
            self::assertEquals($first, (new Insertion())->plan($week, $visits), 'the same input gives the same plan');
        }
    }

    #[Test]
    public function small_worlds_come_near_the_best_of_all_plans(): void
    {
        mt_srand(2026);
        $over = [];
        $asMany = 0;
        $worlds = Share::of(200, 100);
        for ($n = 0; $n < $worlds; $n++) {
            [$days, $visits] = self::world(mt_rand(3, 6), 2, 2);
            $plan = (new Insertion())->plan(Week::of($days), $visits);
            $planned = count($visits) - count($plan->unplanned);
            [$most, $price] = self::best($days, $visits);
            self::assertLessThanOrEqual($most, $planned);
            if ($planned === $most) {
                $asMany++;
                $over[] = $plan->week->price() / max(1.0, $price) - 1;
                self::assertGreaterThanOrEqual($price - 1e-6, $plan->week->price());
            }
        }
        sort($over);
        self::assertGreaterThanOrEqual(0.95 * $worlds, $asMany, 'as many visits planned as the search plans, in 95 of 100 worlds');
        self::assertLessThanOrEqual(0.1, $over[intdiv(count($over), 2)], 'median price');
    }

    #[Test]
    public function moving_a_visit_states_its_consequence_before_it_happens(): void
    {
        $depot = new Spot(50, 0);
        $open = [0 => [[480.0, 1020.0]], 1 => [[480.0, 1020.0]]];
        $days = [
            new CrewDay(
                crew: 1,
                day: 0,
                depot: $depot,
                startMin: 480,
                endMin: 990,
                breakMin: 30,
                members: [7],
                skills: [],
                payloadKg: 900,
                saltL: 100,
                roL: 100,
            ),
            new CrewDay(
                crew: 1,
                day: 1,
                depot: $depot,
                startMin: 480,
                endMin: 990,
                breakMin: 30,
                members: [7],
                skills: [],
                payloadKg: 900,
                saltL: 100,
                roL: 100,
            ),
        ];
        $a = new Visit(1, new Spot(50.1, 0), $open, 0, 0, 5, 60, saltL: 60, familiar: 7);
        $b = new Visit(2, new Spot(50.12, 0), $open, 0, 0, 5, 60, saltL: 30);
        $week = Week::of($days, ['1@0' => [$a, $b]]);
        $move = Consequence::ofMove($week, $a, '1@1');
        self::assertNull($move->refusal);
        self::assertSame(1, $move->lateDays);
        self::assertArrayHasKey(2, $move->shifted);
        $after = Consequence::put($week->withRoute($week->routes['1@0']->without(1, $week->prices)), $a, '1@1');
        self::assertEqualsWithDelta($after->price() - $week->price(), $move->priceMin, 1e-9);
        self::assertStringContainsString(
            "carries 60\u{00A0}L of 100\u{00A0}L",
            implode(' ', array_map(fn (Sentence $s): string => $s->in(Units::metric()), $move->sentences)),
        );
        self::assertSame(
            Refusal::SaltWater,
            Consequence::ofMove(
                Week::of($days, [
                    '1@0' => [$a],
                    '1@1' => [new Visit(3, new Spot(50.1, 0), $open, 0, 0, 5, 60, saltL: 60)],
                ]),
                $a,
                '1@1',
            )->refusal,
        );
    }

    #[Test]
    public function a_large_week_is_planned_in_time(): void
    {
        mt_srand(5);
        [$days, $visits] = self::world(40, 4, 5);
        $started = hrtime(true);
        $plan = (new Insertion())->plan(Week::of($days), $visits);
        self::assertLessThan(1.0, (hrtime(true) - $started) / 1e9, 'a week of forty visits');
        self::assertTrue($plan->week->isSound());
    }

    /** @return list<int> */
    private static function ids(WeekPlan $plan): array
    {
        $ids = array_map(fn ($u): int => $u->visit->id, $plan->unplanned);
        foreach ($plan->week->routes as $route) {
            array_push($ids, ...array_map(fn (Visit $v): int => $v->id, $route->visits));
        }

        return $ids;
    }

    /** @return array{0: list<CrewDay>, 1: list<Visit>} */
    public static function world(int $visits, int $crews, int $days): array
    {
        $depot = new Spot(50, 0);
        $crewDays = [];
        for ($c = 1; $c <= $crews; $c++) {
            for ($d = 0; $d < $days; $d++) {
                $crewDays[] = new CrewDay(
                    crew: $c,
                    day: $d,
                    depot: $depot,
                    startMin: 480,
                    endMin: 990,
                    breakMin: 30,
                    members: $c === 1 ? [1, 2] : [$c + 1],
                    skills: $c === 2 ? ['acid'] : [],
                    payloadKg: 700,
                    saltL: 260,
                    roL: 120,
                );
            }
        }
        $all = [];
        for ($i = 1; $i <= $visits; $i++) {
            $open = [];
            for ($d = 0; $d < $days; $d++) {
                if (mt_rand(0, 4) > 0) {
                    $open[$d] = [[mt_rand(0, 3) === 0 ? 600.0 : 480.0, mt_rand(0, 3) === 0 ? 780.0 : 1020.0]];
                }
            }
            $due = mt_rand(0, $days - 1);
            $all[] = new Visit(
                id: $i,
                spot: new Spot(50 + mt_rand(-80, 80) / 1000, mt_rand(-120, 120) / 1000),
                open: $open,
                earliestDay: max(0, $due - 1),
                dueDay: $due,
                latestDay: $due + 2,
                minutes: mt_rand(4, 24) * 10,
                persons: mt_rand(0, 5) === 0 ? 2 : 1,
                skills: mt_rand(0, 6) === 0 ? ['acid'] : [],
                saltL: mt_rand(0, 12) * 10,
                roL: mt_rand(0, 3) * 10,
                kg: 10,
                familiar: mt_rand(1, 4),
                isolated: mt_rand(0, 9) === 0,
            );
        }

        return [$crewDays, $all];
    }

    /**
     * Every way to share the visits among the crew days, each day in its best order.
     *
     * @param  list<CrewDay>  $days
     * @param  list<Visit>  $visits
     * @return array{0: int, 1: float} most visits, least price
     */
    private static function best(array $days, array $visits): array
    {
        $prices = new Prices();
        $order = [];
        foreach ($days as $d => $day) {
            for ($set = 0; $set < 1 << count($visits); $set++) {
                $chosen = array_values(
                    array_filter($visits, fn (int $i): bool => (($set >> $i) & 1) === 1, ARRAY_FILTER_USE_KEY),
                );
                $order[$d][$set] =
                    array_reduce(
                        $chosen,
                        fn (?bool $bad, Visit $v): bool => $bad === true || Route::fits($day, $v) !== null,
                    ) === true
                        ? null
                        : self::bestOrder($day, $chosen, $prices);
            }
        }
        $near = [];
        foreach ($visits as $i => $a) {
            foreach ($visits as $j => $b) {
                if ($i < $j && $a->spot->kmTo($b->spot) < $prices->neighbourKm) {
                    $near[] = [$i, $j];
                }
            }
        }
        $bestCount = 0;
        $bestPrice = INF;
        $choices = count($days) + 1;
        for ($code = 0, $all = $choices ** count($visits); $code < $all; $code++) {
            $sets = array_fill(0, $choices, 0);
            $where = [];
            for ($i = 0, $rest = $code; $i < count($visits); $i++, $rest = intdiv($rest, $choices)) {
                $where[$i] = $rest % $choices;
                $sets[$where[$i]] |= 1 << $i;
            }
            $count = count($visits) - substr_count(decbin($sets[count($days)]), '1');
            if ($count < $bestCount) {
                continue;
            }
            $price = 0.0;
            $work = [];
            foreach (array_keys($days) as $d) {
                if ($order[$d][$sets[$d]] === null) {
                    continue 2;
                }
                [$cost, $work[]] = $order[$d][$sets[$d]];
                $price += $cost;
            }
            foreach ($near as [$i, $j]) {
                $price +=
                    $where[$i] !== $where[$j] && $where[$i] < count($days) && $where[$j] < count($days)
                        ? $prices->splitNeighbours
                        : 0.0;
            }
            $price += Week::unevenOf($work, $prices);
            if ($count > $bestCount || $price < $bestPrice) {
                [$bestCount, $bestPrice] = [$count, $price];
            }
        }

        return [$bestCount, $bestPrice];
    }

    /**
     * @param  list<Visit>  $visits
     * @return array{0: float, 1: float}|null price and work of the best order, null when none is sound
     */
    private static function bestOrder(CrewDay $day, array $visits, Prices $prices): ?array
    {
        if (
            array_sum(array_map(fn (Visit $v): float => $v->minutes, $visits)) >
            $day->endMin - $day->startMin + $prices->mostOvertimeMin
        ) {
            return null;
        }
        $best = null;
        foreach (self::orders($visits) as $order) {
            $route = Route::of($day, $order, $prices);
            if ($route->refusal === null && ($best === null || $route->price($prices) < $best[0])) {
                $best = [$route->price($prices), $route->workMin];
            }
        }

        return $best;
    }

    /**
     * @param  list<Visit>  $visits
     * @return iterable<list<Visit>>
     */
    private static function orders(array $visits): iterable
    {
        if (count($visits) < 2) {
            yield $visits;

            return;
        }
        foreach ($visits as $i => $first) {
            foreach (self::orders(array_values(array_diff_key($visits, [$i => true]))) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }
}
