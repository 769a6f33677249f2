<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\Batch;
use Velbrin\Core\Water\Mix;
use Velbrin\Core\Water\MixedStock;
use Velbrin\Core\Water\Need;
use Velbrin\Core\Water\Reserve;
use Velbrin\Core\Water\Station;
use Velbrin\Core\Water\WaterDay;

/** Back from the departures: a day worked by hand, and what must hold on any day. */
final class WaterDayTest extends TestCase
{
    #[Test]
    public function a_day_worked_by_hand(): void
    {
        // 25 °C feed: 480 L a day is 20 L/h, no warming. One vessel of 200 L; 24 h from now 150 L leave.
        $day = WaterDay::of(
            self::station(feedC: 25),
            ['reef' => self::reef()],
            [new Need('a', 'Long wall', 150, 'reef', 35, 24)],
            reserveRoL: 30,
        );
        $batch = $day->batches[0];
        // Load 20 min before 24:00; test 15 min; mix 4 h; fill 15 min.
        self::assertEqualsWithDelta(24 - 1 / 3, $batch->loadAtH, 1e-9);
        self::assertEqualsWithDelta(24 - 1 / 3, $batch->readyAtH, 1e-9);
        self::assertEqualsWithDelta(24 - 1 / 3 - 0.25, $batch->testAtH, 1e-9);
        self::assertEqualsWithDelta(24 - 1 / 3 - 0.25 - 4 - 0.25, $batch->fillAtH, 1e-9);
        self::assertEqualsWithDelta((150 * 38.5) / 1000, $batch->saltKg, 1e-9);
        // 130 L stand, 30 of them in reserve: 50 L to make, 2.5 h, ten minutes of flushing before.
        self::assertEqualsWithDelta([50, $batch->fillAtH - 2.5], [$day->roL, $day->roFromH], 1e-9);
        self::assertEqualsWithDelta($day->roFromH - 1 / 6, $day->flushAtH, 1e-9);
        self::assertEqualsWithDelta($batch->fillAtH, $day->roToH, 1e-9);
        self::assertSame([], $day->lateH);
        self::assertSame(Severity::Fine, $day->findings[0]->severity);
    }

    #[Test]
    public function cold_feed_halves_the_membrane_and_warming_can_govern(): void
    {
        $cold = WaterDay::of(
            self::station(feedC: 8),
            ['reef' => self::reef()],
            [new Need('a', 'Long wall', 200, 'reef', 35, 48)],
        );
        self::assertTrue($cold->batches[0]->heatGoverns());
        self::assertEqualsWithDelta((200 * 1.0233 * 3990 * 17) / (3600 * 0.9 * 600), $cold->batches[0]->turnH(), 1e-9);
    }

    #[Test]
    public function what_cannot_be_ready_says_how_late_and_what_would_help(): void
    {
        $day = WaterDay::of(
            self::station(feedC: 25),
            ['reef' => self::reef()],
            [new Need('a', 'Long wall', 180, 'reef', 35, 5)],
            reserveSaltL: 120,
        );
        // 130 L of RO stand, 50 L to make: ten minutes and 2.5 h, then 15 min + 4 h + 15 min, then 20 min to load.
        self::assertEqualsWithDelta(1 / 6 + 2.5 + 4.5 + 1 / 3 - 5, $day->lateH['a'], 1e-9);
        $words = (string) $day->findings[0]->remedy?->in(Units::metric());
        self::assertStringContainsString('It would do to leave 2.5', $words);
        self::assertStringContainsString("120\u{00A0}L from the reserve, which then holds 0", $words);
        self::assertSame(
            [],
            WaterDay::of(
                self::station(feedC: 25),
                ['reef' => self::reef()],
                [new Need('a', 'Long wall', 180, 'reef', 35, 5 + $day->lateH['a'])],
            )->lateH,
            'leaving that much later is enough',
        );
    }

    #[Test]
    public function standing_water_is_used_first_and_a_same_day_mix_is_not_kept(): void
    {
        $stock = [new MixedStock('reef', 35, 100, 0, 60)];
        $day = WaterDay::of(
            self::station(feedC: 25),
            ['reef' => self::reef()],
            [new Need('a', 'A', 160, 'reef', 35, 20)],
            $stock,
        );
        self::assertSame(['a' => 100.0], $day->fromStock);
        self::assertEqualsWithDelta(60, $day->batches[0]->litres, 1e-9);

        // Live cultures: the second tour of the next day cannot share a batch with the first.
        $live = new Mix('live', 'Live mix', 39, 1, 8);
        $two = WaterDay::of(
            self::station(feedC: 25),
            ['live' => $live],
            [new Need('a', 'A', 40, 'live', 35, 24), new Need('b', 'B', 40, 'live', 35, 48)],
        );
        self::assertCount(2, $two->batches);
        $one = WaterDay::of(
            self::station(feedC: 25),
            ['live' => $live],
            [new Need('a', 'A', 40, 'live', 35, 24), new Need('b', 'B', 40, 'live', 35, 28)],
        );
        self::assertCount(1, $one->batches);
        self::assertSame(['a' => 40.0, 'b' => 40.0], $one->batches[0]->for);
    }

    #[Test]
    public function on_any_day_litres_are_kept_vessels_hold_one_batch_and_the_run_never_lags(): void
    {
        mt_srand(7);
        for ($n = 0; $n < 120; $n++) {
            $needs = [];
            for ($i = 0, $count = mt_rand(1, 7); $i < $count; $i++) {
                $needs[] = new Need(
                    "n{$i}",
                    "N{$i}",
                    mt_rand(1, 30) * 10,
                    mt_rand(0, 5) === 0 ? null : (mt_rand(0, 2) === 0 ? 'live' : 'reef'),
                    mt_rand(0, 1) === 0 ? 35 : 33,
                    mt_rand(1, 60),
                );
            }
            $station = self::station(feedC: mt_rand(6, 25), vessels: mt_rand(0, 1) === 0 ? [200] : [200, 300]);
            $day = WaterDay::of(
                $station,
                ['reef' => self::reef(), 'live' => new Mix('live', 'Live mix', 39, 1, 9)],
                $needs,
            );
            $mixed = array_sum(array_map(fn (Need $need): float => $need->mix === null ? 0.0 : $need->litres, $needs));
            self::assertEqualsWithDelta(
                $mixed,
                array_sum(array_map(fn (Batch $b): float => $b->litres, $day->batches)),
                1e-6,
            );
            $all = array_sum(array_map(fn (Need $need): float => $need->litres, $needs));
            self::assertEqualsWithDelta(max(0, $all - 130), $day->roL, 1e-6);
            $busy = [];
            foreach ($day->batches as $batch) {
                self::assertLessThanOrEqual($station->vesselsL[$batch->vessel] + 1e-9, $batch->litres);
                self::assertGreaterThanOrEqual(
                    ($busy[$batch->vessel] ?? -INF) - 1e-9,
                    $batch->fillAtH,
                    'a vessel is empty before it is filled',
                );
                $busy[$batch->vessel] = $batch->readyAtH;
                if ($day->lateH === []) {
                    self::assertLessThanOrEqual($batch->loadAtH + 1e-9, $batch->readyAtH);
                }
            }
            if ($day->lateH === [] && $day->flushAtH !== null) {
                self::assertGreaterThanOrEqual(-1e-9, $day->flushAtH);
                $drawn = 0.0;
                foreach ($day->batches as $batch) {
                    $drawn += $batch->litres;
                    self::assertLessThanOrEqual(
                        130 + max(0.0, $batch->fillAtH - $day->roFromH) * $station->roLh() + 1e-6,
                        $drawn,
                        'the RO water is there when it is drawn',
                    );
                }
            }
        }
    }

    #[Test]
    public function the_reserve_is_its_largest_reason_and_one_store_keeps_only_what_it_holds(): void
    {
        self::assertSame(300.0, Reserve::neededL(1200, [200, 150], 90, 120));
        self::assertSame(400.0, Reserve::neededL(1200, [400], 90, 120));
        self::assertSame([], Reserve::uncovered(250, ['Thursday’s changes' => 150, 'emergency' => 100]));
        self::assertSame(
            ['emergency' => 60.0, 'quarantine' => 40.0],
            Reserve::uncovered(190, ['Thursday’s changes' => 150, 'emergency' => 100, 'quarantine' => 40]),
        );
    }

    /** @param  non-empty-list<float>  $vessels */
    private static function station(float $feedC, array $vessels = [200.0]): Station
    {
        return Station::of(480, $feedC, 130, 400, $vessels, 600, 25);
    }

    private static function reef(): Mix
    {
        return new Mix('reef', 'Reef mix', 38.5, 4, 14 * 24);
    }
}
