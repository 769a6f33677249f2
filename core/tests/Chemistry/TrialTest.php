<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Velbrin\Core\Chemistry\Reading;
use Velbrin\Core\Chemistry\TrialEffect;
use Velbrin\Core\Chemistry\TrialResults;

/** What a trial did, with counts and spread (X-57). */
final class TrialTest extends TestCase
{
    #[Test]
    public function before_is_set_against_the_later_half(): void
    {
        // Begun on day 100, judged on day 156: after counts from day 128, before from day 72.
        self::assertSame([72.0, 128.0], TrialEffect::windows(100, 156));
        $readings = array_map(fn (array $r): Reading => Reading::at(...$r), [
            [60, 99],
            [80, 12],
            [90, 14],
            [99, 13],
            [100, 50],
            [120, 40],
            [130, 6],
            [140, 5],
            [156, 7],
            [157, 99],
        ]);
        $effect = TrialEffect::of($readings, 100, 156);
        self::assertNotNull($effect);
        self::assertSame(
            [13.0, 6.0, 3, 3, -7.0],
            [$effect->before, $effect->after, $effect->beforeCount, $effect->afterCount, $effect->change()],
        );
        // s² = 1 on both sides: √(1/3 + 1/3).
        self::assertEqualsWithDelta(0.8165, $effect->spread, 1e-5);
        self::assertTrue($effect->isClear());
    }

    #[Test]
    public function one_side_without_a_reading_says_nothing_and_one_reading_a_side_is_never_clear(): void
    {
        self::assertNull(TrialEffect::of([Reading::at(110, 5)], 100, 120));
        self::assertNull(TrialEffect::of([], 100, 120));
        $one = TrialEffect::of([Reading::at(95, 5), Reading::at(119, 50)], 100, 120);
        self::assertSame([45.0, null, null], [$one?->change(), $one?->spread, $one?->isClear()]);
        // A young trial still has a fortnight before it.
        self::assertSame([86.0, 102.0], TrialEffect::windows(100, 104));
    }

    #[Test]
    public function a_shift_of_all_values_changes_nothing_but_the_means_and_noise_alone_is_rarely_clear(): void
    {
        $chance = new Randomizer(new Mt19937(9));
        $clear = 0;
        for ($i = 0; $i < 400; $i++) {
            $values = array_map(
                fn (int $n): array => [
                    60.0 + 5 * $n,
                    10 + array_sum(array_map(fn (): float => $chance->getInt(-500, 500) / 1000, range(1, 12))),
                ],
                range(0, 19),
            );
            $plain = TrialEffect::of(array_map(fn (array $v): Reading => Reading::at(...$v), $values), 110, 155);
            $shifted = TrialEffect::of(
                array_map(fn (array $v): Reading => Reading::at($v[0], $v[1] + 3), $values),
                110,
                155,
            );
            self::assertNotNull($plain);
            self::assertNotNull($shifted);
            self::assertEqualsWithDelta($plain->change(), $shifted->change(), 1e-9);
            self::assertEqualsWithDelta($plain->spread, $shifted->spread, 1e-9);
            $clear += $plain->isClear() === true ? 1 : 0;
        }
        // Two spreads of small samples: about one in twelve by chance, far from half.
        self::assertLessThan(60, $clear);
    }

    #[Test]
    public function results_across_systems_have_count_mean_and_spread(): void
    {
        $r = TrialResults::of([-4.0, -6.0, -8.0]);
        self::assertSame([3, -6.0, -8.0, -4.0, 2.0], [$r->count, $r->mean, $r->least, $r->most, $r->spread]);
        self::assertNull(TrialResults::of([1.0])->spread);
    }
}
