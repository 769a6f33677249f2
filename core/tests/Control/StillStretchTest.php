<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\StillStretch;

final class StillStretchTest extends TestCase
{
    /** @param  list<float>  $values  one every ten minutes @return list<array{atS: float, value: float}> */
    private static function rows(array $values, float $fromS = 0.0): array
    {
        return array_map(
            fn (int $n, float $v): array => ['atS' => $fromS + 600.0 * $n, 'value' => $v],
            array_keys($values),
            $values,
        );
    }

    #[Test]
    public function the_longest_stretch_without_a_step_is_found_wherever_it_stands(): void
    {
        self::assertSame(0.0, StillStretch::longestS([], 0.1));
        self::assertSame(0.0, StillStretch::longestS(self::rows([25.0]), 0.1));
        self::assertSame(1800.0, StillStretch::longestS(self::rows([25.0, 25.1, 25.1, 25.1, 25.1, 25.2, 25.3]), 0.1));
        self::assertSame(1800.0, StillStretch::longestS(self::rows([25.1, 25.1, 25.1, 25.1, 25.2, 25.3]), 0.1));
        self::assertSame(1200.0, StillStretch::longestS(self::rows([25.0, 25.1, 25.2, 25.2, 25.2]), 0.1));
        // Less than a step is noise of the last digit; a slow climb is seen when it makes one.
        self::assertSame(3000.0, StillStretch::longestS(self::rows([25.0, 25.05, 25.0, 25.05, 25.0, 25.05]), 0.1));
        self::assertSame(1200.0, StillStretch::longestS(self::rows([25.0, 25.04, 25.08, 25.12, 25.16, 25.2]), 0.1));
    }

    #[Test]
    public function nobody_knows_what_it_did_in_a_gap(): void
    {
        $before = self::rows([25.0, 25.0, 25.0]);
        self::assertSame(4800.0, StillStretch::longestS([...$before, ...self::rows([25.0], 4800.0)], 0.1));
        self::assertSame(1200.0, StillStretch::longestS([...$before, ...self::rows([25.0], 4801.0)], 0.1));
    }

    #[Test]
    public function it_is_frozen_after_three_times_that_and_never_before_six_hours(): void
    {
        self::assertSame(21_600.0, StillStretch::frozenAfterS(600, null));
        self::assertSame(21_600.0, StillStretch::frozenAfterS(600, 7_200));
        self::assertSame(21_603.0, StillStretch::frozenAfterS(600, 7_201));
        self::assertSame(30_000.0, StillStretch::frozenAfterS(30_000, 7_201));
    }
}
