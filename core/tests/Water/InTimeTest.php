<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Water\InTime;

/** Water that stands ready, and how long the rest takes. */
final class InTimeTest extends TestCase
{
    #[Test]
    public function what_is_ready_counts_now_and_the_rest_when_it_matures_or_is_made(): void
    {
        $batches = [['litres' => 80.0, 'readyInH' => 0.0], ['litres' => 60.0, 'readyInH' => 3.0], ['litres' => 500.0, 'readyInH' => null]];
        $of = fn (float $needL, float $ro = 0.0, float $lh = 0.0, ?float $mixH = 4.0): array => array_values(
            (array) InTime::of($needL, $batches, $ro, $lh, $mixH),
        );
        self::assertSame([80.0, 0.0], $of(80));
        self::assertSame([80.0, 3.0], $of(80.1));
        self::assertSame([80.0, 3.0], $of(140));
        self::assertSame([80.0, null], $of(140.1), 'no RO, no more');
        self::assertSame([80.0, 4.0], $of(150, 10));
        self::assertSame([80.0, null], $of(150, 9.9));
        self::assertSame([80.0, 6.0], $of(150, 4, 3.0));
        self::assertSame([80.0, null], $of(150, 100, 10, null), 'nobody has said which salt');
        self::assertSame([80.0, 2.0], $of(140, 60, 0, 2.0), 'made anew sooner than the batch matures');
    }

    #[Test]
    public function more_water_is_never_sooner(): void
    {
        $last = 0.0;
        for ($needL = 0.0; $needL < 400; $needL += 7) {
            $now = InTime::of($needL, [['litres' => 100.0, 'readyInH' => 1.0]], 50, 10, 4)->restInH ?? INF;
            self::assertGreaterThanOrEqual($last, $now);
            $last = $now;
        }
        self::assertSame(0.0, InTime::of(0, [], 0, 0, null)->restInH);
    }

    #[Test]
    public function litres_below_nothing_are_refused(): void
    {
        $this->expectException(OutOfRange::class);
        InTime::of(10, [['litres' => -1.0, 'readyInH' => 0.0]], 0, 0, null);
    }
}
