<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\Mix;
use Velbrin\Core\Water\Need;
use Velbrin\Core\Water\Station;
use Velbrin\Core\Water\WaterDay;

/** The depot's limits hold together, the one that binds is named, and only what moves it is offered (W-67). */
final class DayLimitsTest extends TestCase
{
    /** @return array<string, array{0: Station, 1: list<Need>, 2: string, 3: string, 4: string|null}> */
    public static function days(): array
    {
        return [
            // 10 L/h, 300 L to make in 20 h.
            'RO' => [
                self::station(ld: 240, feed: 25, stored: 0),
                [self::need('a', 300, 20)],
                'the RO plant is too slow',
                'fewer',
                'warm with',
            ],
            // 400 L by 18 °C with 600 W take 14.9 h.
            'heat' => [
                self::station(ld: 9e4, feed: 7, stored: 600, vessels: [400.0]),
                [self::need('a', 400, 12)],
                'the heating is too weak',
                'warm with',
                'second tank',
            ],
            // Two batches by one vessel of 200 L.
            'vessels' => [
                self::station(ld: 9e4, feed: 25, stored: 600),
                [self::need('a', 400, 7)],
                'the mixing vessels are too few',
                'one more vessel',
                'warm with',
            ],
            // Nothing but the four hours of mixing.
            'hours' => [
                self::station(ld: 9e4, feed: 25, stored: 600),
                [self::need('a', 100, 3)],
                'the hours to fill, mix and test are too few',
                'eave',
                'fewer',
            ],
        ];
    }

    /** @param  list<Need>  $needs */
    #[Test]
    #[DataProvider('days')]
    public function the_limit_that_binds_is_named_and_what_would_not_move_it_is_not_offered(
        Station $station,
        array $needs,
        string $limit,
        string $offered,
        ?string $not,
    ): void {
        $day = WaterDay::of($station, self::mixes(), $needs);
        $finding = $day->findings[0];
        self::assertSame('W-67', $finding->rule);
        self::assertStringContainsString($limit, $finding->why->in(Units::metric()));
        self::assertStringContainsString($offered, (string) $finding->remedy?->in(Units::metric()));
        self::assertStringNotContainsString((string) $not, (string) $finding->remedy?->in(Units::metric()));
    }

    #[Test]
    public function two_vessels_warmed_at_once_share_the_watts(): void
    {
        $one = WaterDay::of(self::station(ld: 9e4, feed: 8, stored: 600, vessels: [200.0, 200.0]), self::mixes(), [
            self::need('a', 200, 9),
        ]);
        self::assertSame([], $one->lateH, '7.1 h of warming are there for one');
        $two = WaterDay::of(self::station(ld: 9e4, feed: 8, stored: 600, vessels: [200.0, 200.0]), self::mixes(), [
            self::need('a', 400, 9),
        ]);
        self::assertGreaterThan(6.0, $two->lateH['a'], 'and for two they are twice as long');
    }

    #[Test]
    public function a_full_tank_stops_the_plant(): void
    {
        // 20 L/h; 30 L fit: between two fillings at 10 h and 15 h no more than 30 L gather, and the rest runs in as it is made.
        $small = Station::of(480, 25, 0, 30, [100.0, 100.0], 600, 25);
        $day = WaterDay::of($small, self::mixes(), [self::need('a', 100, 30), self::need('b', 100, 30.5)]);
        self::assertSame([], $day->lateH);
        foreach ($day->batches as $batch) {
            self::assertEqualsWithDelta(
                70 / 20,
                $batch->mixAtH - $batch->fillAtH,
                1e-6,
                'the filling lasts as long as 70 L take',
            );
        }
    }

    #[Test]
    public function the_tank_binds_where_it_is_full_between_two_fillings_and_the_offered_second_one_is_just_enough(): void
    {
        // 280 L by ten and 280 L by nineteen through one vessel: while it mixes, 40 L gather and the plant stands.
        $late = fn (float $tankL): WaterDay => WaterDay::of(
            Station::of(1584, 19, 0, $tankL, [200.0], 600, 25),
            self::mixes(),
            [self::need('late', 280, 19), self::need('early', 280, 10)],
        );
        $says = array_values(
            array_filter(
                $late(40)->findings,
                fn (Finding $f): bool => str_contains($f->what->in(Units::metric()), 'LATE'),
            ),
        );
        self::assertStringContainsString('the RO tank is too small', $says[0]->why->in(Units::metric()));
        self::assertMatchesRegularExpression(
            '/second tank of 150.L/u',
            (string) $says[0]->remedy?->in(Units::metric()),
        );
        self::assertArrayHasKey('late', $late(40 + 100)->lateH);
        self::assertArrayNotHasKey('late', $late(40 + 150)->lateH);
    }

    #[Test]
    public function on_any_day_the_heating_serves_one_at_a_time_and_offered_litres_are_enough(): void
    {
        mt_srand(23);
        for ($n = 0; $n < 150; $n++) {
            $needs = [];
            for ($i = 0, $count = mt_rand(1, 5); $i < $count; $i++) {
                $needs[] = self::need("n{$i}", mt_rand(2, 30) * 10, mt_rand(2, 40));
            }
            $station = self::station(
                ld: mt_rand(200, 3000),
                feed: mt_rand(5, 24),
                stored: mt_rand(0, 200),
                vessels: mt_rand(0, 1) === 0 ? [200.0] : [200.0, 300.0],
            );
            $day = WaterDay::of($station, self::mixes(), $needs);
            $windows = [];
            foreach ($day->batches as $batch) {
                $windows[] = [$batch->heatFromH, $batch->heatFromH + $batch->heatH];
                self::assertGreaterThanOrEqual($batch->mixAtH - 1e-9, $batch->heatFromH);
                self::assertGreaterThanOrEqual($batch->heatFromH + $batch->heatH - 1e-9, $batch->testAtH);
                self::assertGreaterThanOrEqual($batch->mixAtH + $batch->mix->usableFromH - 1e-9, $batch->testAtH);
            }
            usort($windows, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            for ($i = 1; $i < count($windows); $i++) {
                self::assertGreaterThanOrEqual($windows[$i - 1][1] - 1e-6, $windows[$i][0], 'one heater, one vessel');
            }
        }
    }

    private static function need(string $key, float $litres, float $departH): Need
    {
        return new Need($key, strtoupper($key), $litres, 'reef', 35, $departH);
    }

    /** @return array<string, Mix> */
    private static function mixes(): array
    {
        return ['reef' => new Mix('reef', 'Reef mix', 38.5, 4, 14 * 24)];
    }

    /** @param  non-empty-list<float>  $vessels */
    private static function station(float $ld, float $feed, float $stored, array $vessels = [200.0]): Station
    {
        return Station::of($ld, $feed, $stored, 600, $vessels, 600, 25);
    }
}
