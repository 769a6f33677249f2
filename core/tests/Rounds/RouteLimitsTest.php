<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Consequence;
use Velbrin\Core\Rounds\CrewDay;
use Velbrin\Core\Rounds\Insertion;
use Velbrin\Core\Rounds\LeaveSafe;
use Velbrin\Core\Rounds\LitresOutAndIn;
use Velbrin\Core\Rounds\Prices;
use Velbrin\Core\Rounds\Refusal;
use Velbrin\Core\Rounds\Route;
use Velbrin\Core\Rounds\SandLoss;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Visit;
use Velbrin\Core\Rounds\Week;

/** The midday break, what a van carries, what a move says, and what an exchange finds. All places are the depot unless said. */
final class RouteLimitsTest extends TestCase
{
    #[Test]
    public function the_break_is_taken_once_before_what_would_end_after_the_middle_of_the_day(): void
    {
        // 8:00 to 16:00, half at 12:00. Parking is 5 min: the second would end at 12:00 or a minute later.
        $second = fn (float $minutes): Route => Route::of(
            self::day(breakMin: 30),
            [self::visit(1, 100), self::visit(2, $minutes), self::visit(3, 30)],
            new Prices(),
        );
        $at = $second(130);
        self::assertSame([485.0, 590.0, 755.0], $at->startsMin, 'it ends at noon: the break comes after it');
        self::assertSame(2, $at->breakAfter);
        $over = $second(131);
        self::assertSame([485.0, 620.0, 756.0], $over->startsMin, 'it would end after noon: first the break');
        self::assertSame(1, $over->breakAfter);
        self::assertSame(755.0 + 30, $at->backMin, 'nobody pays for it twice');
    }

    #[Test]
    public function a_short_day_has_its_break_at_the_end_and_a_day_without_visits_has_none(): void
    {
        $short = Route::of(self::day(breakMin: 30), [self::visit(1, 60)], new Prices());
        self::assertSame([[485.0], 1, 575.0], [$short->startsMin, $short->breakAfter, $short->backMin]);
        self::assertSame(480.0, Route::of(self::day(breakMin: 30), [], new Prices())->backMin);
    }

    #[Test]
    public function the_break_waits_for_a_promised_hour(): void
    {
        $visits = fn (float $promised): array => [
            self::visit(1, 200),
            self::visit(2, 60, fixedStartMin: $promised),
            self::visit(3, 30),
        ];
        // On site at 11:30 with the break before: 12:00.
        $kept = Route::of(self::day(breakMin: 30), $visits(700), new Prices());
        self::assertNull($kept->refusal);
        self::assertSame([485.0, 700.0, 795.0], $kept->startsMin, 'the promised one first, then the break');
        $early = Route::of(self::day(breakMin: 30), $visits(725), new Prices());
        self::assertSame([485.0, 725.0, 790.0], $early->startsMin, 'there was time for it before');
        self::assertSame(1, $early->breakAfter);
    }

    #[Test]
    public function what_the_stops_weigh_together_is_what_the_van_carries(): void
    {
        $kg = fn (float $each): ?Refusal => Route::of(
            self::day(),
            [self::visit(1, 30, kg: $each), self::visit(2, 30, kg: $each)],
            new Prices(),
        )->refusal;
        self::assertNull($kg(450.0), 'to the last kilogram of 900');
        self::assertSame(Refusal::Payload, $kg(450.1));
        $salt = fn (float $each): ?Refusal => Route::of(
            self::day(),
            [self::visit(1, 30, saltL: $each), self::visit(2, 30, saltL: $each)],
            new Prices(),
        )->refusal;
        self::assertSame([null, Refusal::SaltWater], [$salt(150.0), $salt(150.1)]);
    }

    /** @return iterable<string, array{0: float, 1: string}> km north, words */
    public static function moves(): iterable
    {
        yield 'half a minute is not said' => [0.13, ''];
        yield 'ten minutes at the wheel' => [2.3, 'more at the wheel'];
        yield 'twenty-five minutes at the wheel' => [5.6, 'more at the wheel'];
    }

    #[Test]
    #[DataProvider('moves')]
    public function a_move_says_every_minute_it_costs(float $km, string $words): void
    {
        $visit = self::visit(1, 60, spot: self::north($km));
        $said = self::said(Week::of([self::day(), self::day(1)]), $visit, '1@0');
        $words === '' ? self::assertStringNotContainsString('wheel', $said) : self::assertStringContainsString($words, $said);
    }

    #[Test]
    public function a_move_says_whom_it_shifts_and_the_overtime(): void
    {
        $week = Week::of([self::day(), self::day(1)], ['1@0' => [self::visit(2, 60)]]);
        $shifts = fn (float $minutes): string => self::said($week, self::visit(1, $minutes), '1@0', 0);
        self::assertStringContainsString('Another visit begins 15 min later.', $shifts(10));
        self::assertStringContainsString('Another visit begins 34 min later.', $shifts(29));
        // 8:00 to 16:00: 415 of work and parking stand there, 65 are left.
        $full = Week::of([self::day(), self::day(1)], ['1@0' => [self::visit(2, 410)]]);
        $late = fn (float $minutes): string => self::said($full, self::visit(1, $minutes), '1@0', 1);
        self::assertStringNotContainsString('overtime', $late(60));
        self::assertStringContainsString('12 min more overtime', $late(72));
    }

    #[Test]
    public function what_has_no_place_takes_one_whose_visit_goes_elsewhere(): void
    {
        // Day 0 holds 180 of 480 min that may as well be on day 1; the new one needs all of day 0 and nothing else.
        $week = Week::of([self::day(), self::day(1)], ['1@0' => [self::visit(1, 180)]]);
        $plan = (new Insertion())->plan($week, [self::visit(2, 440, latestDay: 0)], []);
        self::assertSame([], $plan->unplanned);
        self::assertSame(['1@1', '1@0'], [$plan->week->where(1), $plan->week->where(2)]);
        $kept = (new Insertion())->plan($week, [self::visit(2, 440, latestDay: 0)], [1]);
        self::assertCount(1, $kept->unplanned, 'what stays is not pushed');
        self::assertSame('1@0', $kept->week->where(1));
    }

    #[Test]
    public function places_nearer_than_half_a_kilometre_are_neighbours_and_cost_when_they_are_split(): void
    {
        // One at the depot, the other a little north on another day: what a little more way costs, and 15 where they are neighbours.
        $price = fn (float $km): float => Week::of(
            [self::day(), self::day(2)],
            ['1@0' => [self::visit(1, 60)], '1@2' => [self::visit(2, 60, spot: self::north($km), dueDay: 2)]],
        )->price();
        self::assertEqualsWithDelta(15.0, $price(0.495) - $price(0.505), 0.1);
    }

    #[Test]
    public function a_visit_moves_to_the_day_on_which_it_costs_less(): void
    {
        // Due on day 0, it stands two days late; the neighbour 5 km north is on day 0.
        $far = self::north(5);
        $week = Week::of(
            [self::day(), self::day(2)],
            ['1@0' => [self::visit(1, 60, spot: $far)], '1@2' => [self::visit(2, 60, spot: $far)]],
        );
        $plan = (new Insertion())->plan($week, [], []);
        self::assertSame('1@0', $plan->week->where(2));
        self::assertLessThan($week->price(), $plan->week->price());
        self::assertSame('1@2', (new Insertion())->plan($week, [], [2])->week->where(2), 'a promise stays');
    }

    #[Test]
    public function nobody_leaves_before_each_of_six_is_ticked_and_nothing_is_off_or_open(): void
    {
        $all = ['valves', 'top-off', 'floor', 'lids', 'plugs', 'tools'];
        self::assertSame([], LeaveSafe::against([], [], $all));
        foreach ($all as $one) {
            self::assertCount(1, LeaveSafe::against([], [], array_values(array_diff($all, [$one]))), $one);
        }
        self::assertSame(['still off: skimmer'], LeaveSafe::against(['skimmer'], [], $all));
        self::assertSame(['neither done nor put off: glass'], LeaveSafe::against([], ['glass'], $all));
    }

    #[Test]
    public function what_goes_out_and_in_of_a_system_is_what_it_holds_and_goes_together(): void
    {
        self::assertSame([600.0, 1.2e6, 1.0], array_map(LitresOutAndIn::mostL(...), [500.0, null, 0.5]));
        // Two litres, or a tenth of what came out.
        self::assertSame([false, true], [LitresOutAndIn::differ(10, 12), LitresOutAndIn::differ(10, 12.1)]);
        self::assertSame([false, true], [LitresOutAndIn::differ(100, 90), LitresOutAndIn::differ(100, 89.9)]);
        self::assertSame([false, true], [LitresOutAndIn::differ(100, 110), LitresOutAndIn::differ(100, 110.1)]);
    }

    #[Test]
    public function sand_is_topped_up_a_centimetre_under_its_aim(): void
    {
        self::assertSame(0.0, SandLoss::between(50, 40, 30, 50)->dueInDays, 'on the centimetre');
        // Ten millimetres in thirty days: the last one in three.
        self::assertEqualsWithDelta(3.0, (float) SandLoss::between(51, 41, 30, 50)->dueInDays, 1e-9);
        self::assertNull(SandLoss::between(45, 45, 30, 50)->dueInDays, 'nothing is lost');
        self::assertEqualsWithDelta(365.25 / 12 / 3, SandLoss::between(51, 41, 30, 50)->mmPerMonth, 0.01);
    }

    private static function said(Week $week, Visit $visit, string $to, ?int $position = null): string
    {
        $sentences = Consequence::ofMove($week, $visit, $to, $position)->sentences;

        return str_replace(
            "\u{a0}",
            ' ',
            implode(' ', array_map(fn (Sentence $s): string => $s->in(Units::metric()), $sentences)),
        );
    }

    private static function north(float $km): Spot
    {
        return new Spot(50 + (($km / 6371) * 180) / M_PI, 0);
    }

    private static function day(int $day = 0, float $breakMin = 0): CrewDay
    {
        return new CrewDay(
            crew: 1,
            day: $day,
            depot: new Spot(50, 0),
            startMin: 480,
            endMin: 960,
            breakMin: $breakMin,
            members: [7],
            skills: [],
            payloadKg: 900,
            saltL: 300,
            roL: 60,
        );
    }

    /** @param  mixed  ...$more  of the visit, by name */
    private static function visit(int $id, float $minutes, mixed ...$more): Visit
    {
        return new Visit(
            ...[
                'id' => $id,
                'spot' => new Spot(50, 0),
                'open' => array_fill_keys([0, 1, 2], [[0.0, 1440.0]]),
                'earliestDay' => 0,
                'dueDay' => 0,
                'latestDay' => 5,
                'minutes' => $minutes,
                ...$more,
            ],
        );
    }
}
