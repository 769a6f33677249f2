<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Link\Row;
use Velbrin\Core\Control\Link\Seen;
use Velbrin\Core\Control\Pace;

final class PaceTest extends TestCase
{
    private const NOW_S = 1_800_000_000.0;

    /** Each minute what that gives; over a keeping and reading back at every one. */
    private static function followed(callable $at, int $minutes, int $everyMin = 1): ?float
    {
        $pace = Pace::begun();
        for ($n = 0; $n <= $minutes; $n += $everyMin) {
            $pace->see(self::NOW_S + 60 * $n, $at($n));
            $pace = Pace::from($pace->kept());
        }

        return $pace->perH(self::NOW_S + 60 * $minutes, $at($minutes));
    }

    #[Test]
    public function it_is_known_once_half_an_hour_has_been_followed(): void
    {
        $falls = fn (int $minute): float => 25.0 - $minute / 60;
        self::assertNull(self::followed($falls, 29));
        self::assertEqualsWithDelta(-1.0, self::followed($falls, 30), 1e-9);
        self::assertEqualsWithDelta(-1.0, self::followed($falls, 600), 1e-9);
    }

    #[Test]
    public function a_probe_that_steps_to_and_fro_goes_nowhere(): void
    {
        foreach ([60, 61, 62, 63, 64, 65] as $minutes) {
            $perH = self::followed(fn (int $minute): float => $minute % 2 === 0 ? 25.3 : 25.4, $minutes);
            self::assertLessThanOrEqual(0.2 + 1e-9, abs((float) $perH), "{$minutes}");
        }
    }

    #[Test]
    public function what_jumped_is_told_for_half_an_hour_and_then_stands(): void
    {
        $jumps = fn (int $minute): float => $minute < 60 ? 25.0 : 28.0;
        self::assertGreaterThan(5.0, self::followed($jumps, 61));
        self::assertGreaterThan(5.0, self::followed($jumps, 89));
        self::assertSame(0.0, self::followed($jumps, 96));
    }

    #[Test]
    public function after_a_gap_it_begins_anew(): void
    {
        $rises = fn (int $minute): float => 25.0 + $minute / 60;
        self::assertEqualsWithDelta(1.0, self::followed($rises, 60, 15), 1e-9, 'a quarter of an hour is none');
        self::assertNull(self::followed($rises, 64, 16));
        $pace = Pace::begun();
        foreach ([0, 10, 20, 30, 40] as $minute) {
            $pace->see(60.0 * $minute, $rises($minute));
        }
        self::assertEqualsWithDelta(1.0, (float) $pace->perH(55 * 60, 25 + 55 / 60), 1e-9);
        self::assertNull($pace->perH(55 * 60 + 1, 26), 'nothing was heard for more than a quarter of an hour');
    }

    #[Test]
    public function what_comes_late_changes_nothing_and_no_more_is_kept_than_needed(): void
    {
        $pace = Pace::begun();
        foreach (range(0, 3600, 10) as $s) {
            $pace->see($s, $s / 3600);
        }
        $kept = $pace->kept();
        self::assertLessThanOrEqual(8, count($kept['points']));
        $pace->see(3000, 99);
        self::assertSame($kept, $pace->kept());
    }

    #[Test]
    public function what_is_looked_at_beside_changes_nothing_of_what_is_kept(): void
    {
        $seen = new Seen();
        $take = function (Seen $of, int $minute): void {
            $row = Row::read(['seq' => $minute, 'boot' => 1, 'upMs' => 1, 'kind' => 'reading', 'id' => 't1', 'value' => 25 + $minute / 10]);
            self::assertInstanceOf(Row::class, $row);
            $of->take($row, self::NOW_S + 60 * $minute);
        };
        $take($seen, 0);
        $kept = $seen->kept();
        $beside = clone $seen;
        $take($beside, 10);
        self::assertEquals($kept, $seen->kept());
        self::assertNotEquals($kept, $beside->kept());
    }

    #[Test]
    public function what_a_controller_sends_has_a_pace_over_what_is_kept_of_it(): void
    {
        $seen = Seen::from([]);
        foreach (range(0, 40) as $minute) {
            $reading = Row::read(['seq' => $minute, 'boot' => 1, 'upMs' => 1, 'kind' => 'reading', 'id' => 't1',
                'value' => round(25 - $minute / 60, 1)]);
            self::assertInstanceOf(Row::class, $reading);
            $seen->take($reading, self::NOW_S + 60 * $minute);
            $seen = Seen::from((array) json_decode(json_encode($seen->kept(), JSON_THROW_ON_ERROR), true, 512, JSON_THROW_ON_ERROR));
        }
        $sight = $seen->sight(self::NOW_S + 2400);
        self::assertEqualsWithDelta(-1.0, $sight->ratesPerH['t1'], 0.21);
        self::assertSame([], $seen->sight(self::NOW_S + 2400 + 901)->ratesPerH, 'and none once it is stale');
    }
}
