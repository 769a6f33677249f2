<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Velbrin\Core\Rounds\CrewDay;
use Velbrin\Core\Rounds\Insertion;
use Velbrin\Core\Rounds\Prices;
use Velbrin\Core\Rounds\Refusal;
use Velbrin\Core\Rounds\Route;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Visit;
use Velbrin\Core\Rounds\Week;

/** What has begun, is pinned or wished stays; nothing new begins before now (S-53, S-56). All places are the depot: no way between them. */
final class PromisesTest extends TestCase
{
    #[Test]
    public function a_pinned_hour_is_kept_or_the_route_is_refused(): void
    {
        $pin = self::visit(2, 60, fixedStartMin: 540);
        $route = Route::of(self::day(), [self::visit(1, 30), $pin], new Prices());
        self::assertSame([485.0, 540.0], $route->startsMin, 'early, the crew waits');
        self::assertNull($route->refusal);
        // 480 + 5 of parking + 51 + 5 of parking: 541, a minute late; with 52 it is two.
        self::assertNull(Route::of(self::day(), [self::visit(1, 51), $pin], new Prices())->refusal);
        self::assertSame(Refusal::Pinned, Route::of(self::day(), [self::visit(1, 51.1), $pin], new Prices())->refusal);
    }

    #[Test]
    public function what_has_begun_is_a_fact_and_nothing_is_put_before_it(): void
    {
        $begun = self::visit(2, 60, fixedStartMin: 470, isFact: true);
        $day = self::day(notBeforeMin: 600);
        $route = Route::of($day, [$begun, self::visit(1, 30)], new Prices());
        self::assertSame([470.0, 600.0], $route->startsMin, 'before the shift it began, and now it is ten');
        self::assertNull($route->refusal);
        self::assertSame(Refusal::Pinned, Route::of($day, [self::visit(1, 30), $begun], new Prices())->refusal);
        $odd = self::visit(3, 60, persons: 2, isolated: true, fixedStartMin: 500, isFact: true);
        self::assertNull(Route::of($day, [$odd, self::visit(1, 30)], new Prices())->refusal, 'no rule refuses what is');
    }

    #[Test]
    public function a_wish_for_hours_days_or_a_person_is_as_hard_as_a_closed_door(): void
    {
        $mornings = self::visit(1, 60, wished: [0 => [[540.0, 720.0]]]);
        self::assertSame([540.0], Route::of(self::day(), [$mornings], new Prices())->startsMin);
        self::assertSame(Refusal::Wish, Route::fits(self::day(day: 1), $mornings), 'another day');
        self::assertSame(
            Refusal::Opening,
            Route::of(self::day(), [self::visit(2, 240), $mornings], new Prices())->refusal,
            'too late in the morning',
        );
        self::assertSame(Refusal::Wish, Route::fits(self::day(), self::visit(1, 60, onlyMember: 8)));
        self::assertNull(Route::fits(self::day(), self::visit(1, 60, onlyMember: 7)));
        $split = self::visit(1, 60, open: [0 => [[480.0, 600.0], [840.0, 960.0]]], wished: [0 => [[720.0, 1440.0]]]);
        self::assertSame([[840.0, 960.0]], $split->mayBegin(0), 'what is open and wished');
    }

    #[Test]
    public function a_proposal_keeps_facts_pins_and_wishes_on_any_day(): void
    {
        mt_srand(11);
        for ($n = 0; $n < 40; $n++) {
            $days = [self::day(notBeforeMin: 600), self::day(1)];
            $fact = self::visit(1, 60, fixedStartMin: 500, isFact: true);
            $pin = self::visit(2, 45, fixedStartMin: mt_rand(11, 14) * 60);
            $week = Week::of($days, ['1@0' => [$fact, $pin]]);
            $open = [];
            for ($i = 3; $i < 12; $i++) {
                $open[] = self::visit(
                    $i,
                    mt_rand(2, 9) * 10,
                    wished: mt_rand(0, 2) === 0 ? [1 => [[540.0, 800.0]]] : null,
                );
            }
            $plan = (new Insertion())->plan($week, $open, [1, 2]);
            self::assertTrue($plan->week->isSound());
            foreach ($plan->week->routes as $route) {
                foreach ($route->visits as $i => $visit) {
                    self::assertSame($visit->fixedStartMin ?? $route->startsMin[$i], $route->startsMin[$i]);
                    self::assertTrue($visit->isFact || $route->startsMin[$i] >= $route->crewDay->notBeforeMin);
                    self::assertTrue(
                        $visit->wished === null ||
                            ($route->crewDay->day === 1 &&
                                $route->startsMin[$i] >= 540 &&
                                $route->startsMin[$i] + $visit->minutes <= 800),
                    );
                }
            }
            self::assertSame('1@0', $plan->week->where(2));
        }
    }

    #[Test]
    public function a_long_plan_tells_how_far_it_is_and_can_be_ended(): void
    {
        $shares = [];
        $open = array_map(fn (int $i): Visit => self::visit($i, 30), range(1, 9));
        (new Insertion())->plan(Week::of([self::day(), self::day(1)]), $open, [], function (float $share) use (
            &$shares,
        ): void {
            $shares[] = $share;
        });
        $sorted = $shares;
        sort($sorted);
        self::assertSame($sorted, $shares, 'it never goes back');
        self::assertTrue($shares[0] < 0.1 && max($shares) <= 1.0);
        $this->expectException(RuntimeException::class);
        (new Insertion())->plan(
            Week::of([self::day()]),
            $open,
            [],
            fn (float $share) => $share > 0.3 ? throw new RuntimeException() : null,
        );
    }

    private static function day(int $day = 0, float $notBeforeMin = 0): CrewDay
    {
        return new CrewDay(
            crew: 1,
            day: $day,
            depot: new Spot(50, 0),
            startMin: 480,
            endMin: 990,
            breakMin: 0,
            members: [7],
            skills: [],
            payloadKg: 900,
            saltL: 300,
            roL: 60,
            notBeforeMin: $notBeforeMin,
        );
    }

    /** @param  mixed  ...$more  of the visit, by name */
    private static function visit(int $id, float $minutes, mixed ...$more): Visit
    {
        return new Visit(
            ...[
                'id' => $id,
                'spot' => new Spot(50, 0),
                'open' => [0 => [[0.0, 1440.0]], 1 => [[0.0, 1440.0]]],
                'earliestDay' => 0,
                'dueDay' => 0,
                'latestDay' => 5,
                'minutes' => $minutes,
                ...$more,
            ],
        );
    }
}
