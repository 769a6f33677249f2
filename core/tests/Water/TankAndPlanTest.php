<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Tests\Refuses;
use Velbrin\Core\Water\ChangePlan;
use Velbrin\Core\Water\Mix;
use Velbrin\Core\Water\Need;
use Velbrin\Core\Water\RoTank;
use Velbrin\Core\Water\SalinityCorrection;
use Velbrin\Core\Water\SalinityDrift;
use Velbrin\Core\Water\Station;
use Velbrin\Core\Water\WaterDay;

/** The RO tank litre by litre (W-54), the fewest changes to a target (W-31), salinity that drifts and is put right. */
final class TankAndPlanTest extends TestCase
{
    use Refuses;

    /** Makes 10 L/h, its tank holds 100 L. */
    private static function tank(float $levelL): RoTank
    {
        return new RoTank(Station::of(240, 25, 0, 100, [200.0], 600, 25, flushMin: 0), $levelL);
    }

    #[Test]
    public function what_runs_in_while_it_is_drawn_from_is_there_for_the_next(): void
    {
        $tank = self::tank(50);
        self::assertEqualsWithDelta(2.0, $tank->draw(50, 0, 2), 1e-9, 'all of it stood there; it takes as long as it takes');
        // 20 L ran in meanwhile, 20 more by four o'clock.
        self::assertEqualsWithDelta(4.0, $tank->readyFor(40, 0), 1e-9);
        self::assertEqualsWithDelta(5.0, $tank->draw(50, 4, 0), 1e-9, 'ten are missing: an hour');
        self::assertEqualsWithDelta(5.0, $tank->lastDrawH, 1e-9);
        self::assertEqualsWithDelta(15.0, $tank->readyFor(100, 0), 1e-9, 'then it is empty');
    }

    #[Test]
    public function a_draw_that_begins_later_finds_what_ran_in_until_then_and_never_more_than_it_holds(): void
    {
        $tank = self::tank(0);
        self::assertEqualsWithDelta(8.0, $tank->draw(60, 8, 0), 1e-9, '80 L stand there at eight');
        self::assertEqualsWithDelta(10.0, $tank->readyFor(40, 0), 1e-9, 'of which 20 are left');
        $full = self::tank(100);
        self::assertEqualsWithDelta(60.0, $full->draw(200, 50, 0), 1e-9, 'a hundred stand, a hundred run: ten hours');
        self::assertEqualsWithDelta(50.0, self::tank(100)->readyFor(500, 50), 1e-9, 'a full tank is all one waits for');
    }

    #[Test]
    public function a_draw_told_of_late_is_of_its_own_time(): void
    {
        $tank = self::tank(100);
        $tank->draw(10, 20, 0);
        self::assertEqualsWithDelta(4.0, $tank->draw(10, 2, 2), 1e-9);
        self::assertEqualsWithDelta(20.0, $tank->lastDrawH, 1e-9, 'the last is still the other');
        // 100 at twenty less 10, less 10: nothing ran in twice.
        self::assertEqualsWithDelta(22.0, $tank->readyFor(100, 0), 1e-9);
    }

    #[Test]
    public function the_share_of_a_change_is_more_than_nothing_and_at_most_all(): void
    {
        $of = fn (float $share): ?string => self::refused(fn () => ChangePlan::of(500, 40, 0, 10, $share));
        self::assertSame(['maxFraction', null, null, 'maxFraction', 'maxFraction'], array_map($of, [0.0, 0.1, 1.0, 1.1, NAN]));
    }

    #[Test]
    public function the_fewest_changes_end_at_the_target(): void
    {
        $plan = ChangePlan::of(500, 40, 0, 10, 0.5);
        self::assertSame([true, 2], [$plan->reachable, $plan->changes]);
        self::assertEqualsWithDelta(250.0, $plan->litresEach, 1e-6);
        self::assertSame(3, ChangePlan::of(500, 40, 0, 9.9, 0.5)->changes);
        self::assertSame([true, 0, 0.0], self::plan(ChangePlan::of(500, 10, 0, 20, 0.5)), 'better already');
        self::assertSame([false, null, null], self::plan(ChangePlan::of(500, 40, 12, 10, 0.5)), 'the new water holds more');
        self::assertSame([false, null, null], self::plan(ChangePlan::of(500, 40, 40, 10, 0.5)), 'the new water is the old');
        self::assertSame([true, 1, 500.0], self::plan(ChangePlan::of(500, 40, 10, 10, 1.0)));
        self::assertSame([false, null, null], self::plan(ChangePlan::of(500, 40, 10, 10, 0.9)));
    }

    /** @return array{0: bool, 1: int|null, 2: float|null} */
    private static function plan(ChangePlan $plan): array
    {
        return [$plan->reachable, $plan->changes, $plan->litresEach];
    }

    #[Test]
    public function salinity_at_its_limit_has_reached_it(): void
    {
        self::assertSame(0.0, SalinityDrift::daysToLimit(500, 36, 0, 36));
        self::assertNull(SalinityDrift::daysToLimit(500, 35.9, 0, 36), 'without evaporation it never does');
        self::assertEqualsWithDelta(500 * (1 - 35 / 36) / 4, SalinityDrift::daysToLimit(500, 35, 4, 36), 1e-9);
        self::assertSame('days', self::refused(fn () => SalinityDrift::withoutTopOff(500, 35, 5, 100)));
        self::assertEqualsWithDelta(70.0, SalinityDrift::withoutTopOff(500, 35, 5, 50), 1e-9);
    }

    #[Test]
    public function salinity_is_put_right_by_water_that_lies_beyond_the_target(): void
    {
        $litres = fn (float $now, float $target, float $other): ?float => SalinityCorrection::of(500, $now, $target, $other)->exchangeL;
        self::assertEqualsWithDelta(500 * 1 / 36, $litres(36, 35, 0), 1e-9);
        self::assertEqualsWithDelta(500 * 1 / 6, $litres(34, 35, 40), 1e-9);
        self::assertSame([null, null], [$litres(36, 35, 35), $litres(34, 35, 35)], 'the target itself never gets there');
        self::assertSame(0.0, $litres(35, 35, 35));
    }

    #[Test]
    public function a_batch_that_is_not_warmed_waits_for_no_heater(): void
    {
        $station = Station::of(9e4, 25, 600, 600, [200.0, 200.0, 200.0], 600, 25, flushMin: 0, fillMin: 0, testMin: 0, loadMin: 0);
        $mixes = ['reef' => new Mix('reef', 'Reef mix', 38.5, 4, 0), 'quick' => new Mix('quick', 'Quick mix', 38.5, 1, 0)];
        $needs = [
            new Need('a', 'a', 200, 'reef', 35, 2),
            new Need('b', 'b', 200, 'quick', 35, 2.5),
        ];
        $day = WaterDay::of($station, $mixes, $needs);
        self::assertEqualsWithDelta(2.0, $day->lateH['a'] ?? 0.0, 1e-6);
        self::assertArrayNotHasKey('b', $day->lateH);
    }

    #[Test]
    public function the_run_of_ro_water_ends_with_the_last_litre_drawn(): void
    {
        // 150 L stand, 10 L/h make the other 50 in five hours; the filling, which waits for them, takes six.
        $station = Station::of(240, 25, 150, 200, [200.0], 600, 25, flushMin: 0, fillMin: 360, testMin: 0, loadMin: 0);
        $mixes = ['reef' => new Mix('reef', 'Reef mix', 38.5, 4, 0)];
        $late = WaterDay::of($station, $mixes, [new Need('a', 'a', 200, 'reef', 35, 3)]);
        self::assertEqualsWithDelta(12.0, $late->lateH['a'], 1e-6);
        self::assertEqualsWithDelta([0.0, 11.0], [$late->roFromH, $late->roToH], 1e-6);
    }

    #[Test]
    public function a_batch_larger_than_the_tank_is_begun_by_so_much_earlier(): void
    {
        // 100 L stand and 100 run in as they are made, ten hours; four of mixing, by sixty.
        $station = Station::of(240, 25, 100, 100, [200.0], 600, 25, flushMin: 0, fillMin: 0, testMin: 0, loadMin: 0);
        $day = WaterDay::of($station, ['reef' => new Mix('reef', 'Reef mix', 38.5, 4, 0)], [new Need('a', 'a', 200, 'reef', 35, 60)]);
        self::assertSame([], $day->lateH);
        self::assertEqualsWithDelta([46.0, 56.0], [$day->batches[0]->fillAtH, $day->batches[0]->mixAtH], 1e-6);
    }

    #[Test]
    public function a_plant_gives_more_than_nothing_of_its_rating_and_at_most_all(): void
    {
        $of = fn (float $share): ?string => self::refused(fn () => Station::of(240, 25, 0, 100, [200.0], 600, 25, $share));
        self::assertSame(['efficiency', null, null, 'efficiency'], array_map($of, [0.0, 0.01, 1.0, 1.01]));
        $heat = fn (float $watts, float $feedC): ?string => self::refused(fn () => Station::of(240, $feedC, 0, 100, [200.0], $watts, 25));
        self::assertSame([null, 'heatW', null], [$heat(0, 25), $heat(0, 24.9), $heat(1, 10)]);
        self::assertSame('roStoredL', self::refused(fn () => Station::of(240, 25, 101, 100, [200.0], 600, 25)));
    }

    #[Test]
    public function what_helps_and_is_not_enough_is_told_with_how_late_it_stays(): void
    {
        // 100 L/h into one vessel of 2 000 L that mixes for twenty hours: the second batch fills until 60 h and is ready at 80.
        $remedy = function (float $departH): string {
            $station = Station::of(2400, 25, 20, 20, [2000.0], 6000, 25, flushMin: 0, fillMin: 0, testMin: 0, loadMin: 0);
            $needs = [new Need('a', 'a', 2000, 'reef', 35, $departH), new Need('b', 'b', 2000, 'reef', 35, $departH)];
            $day = WaterDay::of($station, ['reef' => new Mix('reef', 'Reef mix', 38.5, 20, 0)], $needs);

            return str_replace(["\u{a0}", "\u{202f}"], ' ', (string) $day->findings[0]->remedy?->in(Units::metric()));
        };
        // 1 000 L more that run in meanwhile save ten hours, and a little that stands.
        self::assertSame(
            'It would do to leave 19.1 h later. '
                .'It would help, and not be enough, to collect RO water in a second tank of 1 000 L (9.1 h late then).',
            $remedy(60.5),
        );
        self::assertStringContainsString('or collect RO water in a second tank of 500 L.', $remedy(75));
    }

    #[Test]
    public function what_is_taken_fewer_is_as_little_as_will_do(): void
    {
        // 10 L/h and 300 L by twenty hours: mixed for four, so 160 L are there in time; 140 fewer.
        $station = Station::of(240, 25, 0, 400, [400.0], 600, 25, flushMin: 0, fillMin: 0, testMin: 0, loadMin: 0);
        $day = WaterDay::of($station, ['reef' => new Mix('reef', 'Reef mix', 38.5, 4, 0)], [new Need('a', 'a', 300, 'reef', 35, 20)]);
        $said = (string) $day->findings[0]->remedy?->in(Units::metric());
        self::assertMatchesRegularExpression("/14[01](\\.\\d)?\u{00A0}L/u", $said);
    }
}
