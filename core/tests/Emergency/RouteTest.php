<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\Storm\Aid;
use Velbrin\Core\Emergency\Storm\Exposed;
use Velbrin\Core\Emergency\Storm\Route;
use Velbrin\Core\Emergency\Storm\StormCrew;
use Velbrin\Core\Emergency\Storm\Tour;
use Velbrin\Core\Rounds\Spot;

/** Few hands in a storm: the least is lost, people first, whoever is not reached is named (E-5). */
final class RouteTest extends TestCase
{
    #[Test]
    public function the_nearer_deadline_is_served_first_though_it_lies_further(): void
    {
        $route = Route::of([self::at('late', 1, 20.0), self::at('soon', 3, 0.5)], [self::spot(0)], ['battery' => 2]);
        self::assertSame(['soon', 'late'], array_column($route->crews[0], 'id'));
        self::assertSame([[], 0.0], [$route->unmet, $route->loss]);
    }

    #[Test]
    public function when_not_all_can_be_reached_the_dearer_is(): void
    {
        $route = Route::of(
            [self::at('cheap', 10, 0.9, 100), self::at('dear', -10, 0.9, 5000)],
            [self::spot(0)],
            ['battery' => 2],
        );
        self::assertSame('dear', $route->crews[0][0]['id']);
        self::assertSame(['cheap'], $route->unmet);
        self::assertSame(100.0, $route->loss);
    }

    #[Test]
    public function two_crews_reach_what_one_cannot(): void
    {
        $both = [self::at('east', 10, 0.9), self::at('west', -10, 0.9)];
        self::assertCount(1, Route::of($both, [self::spot(0)], ['battery' => 2])->unmet);
        self::assertSame([], Route::of($both, [self::spot(0), self::spot(0)], ['battery' => 2])->unmet);
        self::assertCount(1, Route::of($both, [self::spot(0), self::spot(0)], ['battery' => 1])->unmet, 'one battery');
    }

    #[Test]
    public function people_come_first_whatever_it_costs(): void
    {
        $people = new Exposed('people', self::spot(8), 0.1, 30, Aid::Hands, 0, isPeople: true);
        $route = Route::of([self::at('dear', 1, 1.0, 9000), $people], [self::spot(0)], ['battery' => 1]);
        self::assertContains('people', array_column($route->crews[0], 'id'));
    }

    #[Test]
    public function whoever_arrives_on_the_minute_is_in_time(): void
    {
        // Nobody put it on the map: 45 min of road, 15 to put it right.
        foreach ([[1.0, []], [0.99, ['x']]] as [$harmH, $unmet]) {
            $route = Route::of([new Exposed('x', null, $harmH, 15, Aid::Battery, 100)], [null], ['battery' => 1]);
            self::assertSame($unmet, $route->unmet);
        }
    }

    #[Test]
    public function what_is_lost_already_keeps_nobody_from_going_on(): void
    {
        $people = new Exposed('people', self::spot(8), 0.1, 30, Aid::Hands, 500, isPeople: true);
        $route = Route::of([$people, self::at('next', 9, 20.0, 100)], [self::spot(0)], ['battery' => 1]);
        self::assertSame([['people', 'next'], ['people']], [array_column($route->crews[0], 'id'), $route->unmet]);
    }

    #[Test]
    public function a_crew_takes_from_its_own_van_and_its_own_depot_alone(): void
    {
        $exposed = [self::at('a', 1, 9.0), self::at('b', 2, 9.0), self::at('c', 3, 9.0)];
        $crews = [new StormCrew(self::spot(0), ['battery' => 1], 'north'), new StormCrew(self::spot(0), [], 'south')];
        $of = fn (array $depots): Route => Route::from($exposed, $crews, $depots);
        $counts = fn (Route $r): array => array_map(count(...), $r->crews);
        self::assertSame([[1, 0], 2], [$counts($of([])), count($of([])->unmet)]);
        self::assertSame([[1, 1], 1], [$counts($of(['south' => ['battery' => 1]])), count($of(['south' => ['battery' => 1]])->unmet)]);
        self::assertSame([], $of(['north' => ['battery' => 2]])->unmet);
        self::assertSame([3, 0], $counts($of(['north' => ['battery' => 2]])), 'the other has nothing to bring');
        self::assertCount(2, $of(['west' => ['battery' => 9]])->unmet, 'a depot nobody starts from');
    }

    #[Test]
    public function whoever_has_to_get_to_the_depot_first_arrives_later(): void
    {
        $at = fn (float $lateH): float => Route::from(
            [self::at('a', 1, 9.0)],
            [new StormCrew(self::spot(0), ['battery' => 1], lateH: $lateH)],
            [],
            0.5,
        )->crews[0][0]['arrivesH'];
        self::assertEqualsWithDelta($at(0.0) + 0.75, $at(0.75), 1e-9);
        self::assertGreaterThanOrEqual(0.5, $at(0.0));
    }

    #[Test]
    public function what_holds_through_is_not_gone_to(): void
    {
        $route = Route::of([self::at('safe', 1, null)], [self::spot(0)], ['battery' => 1]);
        self::assertSame([[[]], []], [$route->crews, $route->unmet]);
    }

    #[Test]
    public function more_hands_and_more_batteries_never_lose_more(): void
    {
        mt_srand(4);
        for ($n = 0; $n < 25; $n++) {
            $exposed = [];
            for ($i = 0; $i < 6; $i++) {
                $exposed[] = self::at("s{$i}", mt_rand(-12, 12), mt_rand(5, 60) / 10, mt_rand(1, 50) * 100);
            }
            $some = Route::of($exposed, [self::spot(0)], ['battery' => 3]);
            $ids = [...array_column($some->crews[0], 'id'), ...$some->unmet];
            self::assertCount(6, array_unique($ids), 'each is gone to or named');
            self::assertLessThanOrEqual($some->loss + 1e-9, Route::of($exposed, [self::spot(0), self::spot(0)], ['battery' => 6])->loss);
        }
    }

    #[Test]
    public function to_ask_whether_all_are_reached_is_to_plan_it(): void
    {
        mt_srand(5);
        $said = [];
        for ($n = 0; $n < 60; $n++) {
            $exposed = [];
            for ($i = 0, $many = mt_rand(1, 7); $i < $many; $i++) {
                $exposed[] = self::at("s{$i}", mt_rand(-12, 12), mt_rand(5, 60) / 10, mt_rand(1, 50) * 100);
            }
            $crews = array_fill(0, mt_rand(1, 3), self::spot(0));
            $stock = ['battery' => mt_rand(4, 7)];
            $reached = Route::reachesAll($exposed, $crews, $stock);
            self::assertSame(Route::of($exposed, $crews, $stock)->unmet === [], $reached);
            $said[(int) $reached] = true;
        }
        self::assertCount(2, $said, 'both answers were tried');
    }

    #[Test]
    public function one_stop_more_is_told_as_if_all_of_it_were_driven_again(): void
    {
        mt_srand(7);
        $crew = new StormCrew(self::spot(2), lateH: 0.25);
        $shifts = [];
        for ($n = 0; $n < 80; $n++) {
            $stops = [];
            for ($i = 0, $many = mt_rand(0, 6); $i < $many; $i++) {
                $stops[] = self::perhapsUnknown("s{$i}");
            }
            $one = self::perhapsUnknown('one');
            $before = new Tour($stops, $crew, 0.5);
            for ($at = 0; $at <= $many; $at++) {
                $after = new Tour([...array_slice($stops, 0, $at), $one, ...array_slice($stops, $at)], $crew, 0.5);
                [$loss, $lastH] = $before->with($one, $at);
                self::assertEqualsWithDelta($after->loss - $before->loss, $loss, 1e-6);
                self::assertEqualsWithDelta($after->arrivesH[$many], $lastH, 1e-9);
                $shifts[$loss <=> 0.0] = true;
            }
        }
        self::assertCount(2, $shifts, 'more was lost, and nothing');
    }

    /** Every fourth place stands on no map: the way to it and from it is taken as it is for all of them. */
    private static function perhapsUnknown(string $id): Exposed
    {
        $spot = mt_rand(0, 3) === 0 ? null : self::spot(mt_rand(-60, 60));

        return new Exposed($id, $spot, mt_rand(5, 60) / 10, 15, Aid::Battery, mt_rand(1, 50) * 100);
    }

    #[Test]
    public function a_fleet_of_four_hundred_is_sent_to_in_time_for_a_page(): void
    {
        mt_srand(6);
        $exposed = [];
        for ($i = 0; $i < 400; $i++) {
            $exposed[] = self::at("s{$i}", mt_rand(-200, 200) / 10, mt_rand(10, 240) / 10, mt_rand(1, 50) * 100);
        }
        // The best of three: a machine that others use as well works slower for a while, the route does not.
        $route = null;
        $bestS = INF;
        for ($try = 0; $try < 3 && $bestS >= 1.0; $try++) {
            $from = self::workedS();
            $route = Route::of($exposed, array_fill(0, 6, self::spot(0)), ['battery' => 400]);
            $bestS = min($bestS, self::workedS() - $from);
        }
        self::assertLessThan(1.0, $bestS);
        self::assertCount(400, array_unique([...array_column(array_merge(...$route->crews), 'id'), ...$route->unmet]));
    }

    /** What this process has worked itself: others beside it do not count. */
    private static function workedS(): float
    {
        $used = getrusage() ?: [];

        return ($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_utime.tv_usec'] ?? 0) / 1e6;
    }

    private static function at(string $id, float $kmEast, ?float $harmH, float $loss = 1000): Exposed
    {
        return new Exposed($id, self::spot($kmEast), $harmH, 15, Aid::Battery, $loss);
    }

    private static function spot(float $kmEast): Spot
    {
        return new Spot(0.0, $kmEast / 111.2);
    }
}
