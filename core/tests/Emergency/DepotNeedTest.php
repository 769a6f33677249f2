<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\DepotNeed;

/** A depot stands ready for the largest of its systems (E-1). */
final class DepotNeedTest extends TestCase
{
    private const ASKED = [
        7 => ['water' => 150.0, 'heat' => 300.0],
        8 => ['water' => 400.0],
        9 => ['water' => 90.0, 'heat' => 120.0],
    ];

    #[Test]
    public function the_largest_decides_and_all_at_once_are_summed(): void
    {
        $water = self::named('water', ['water' => 400.0]);
        self::assertSame([400.0, 8, 640.0, 3, 3], [$water->largest, $water->largestOf, $water->together, $water->asking, $water->served]);
        self::assertSame([90.0, 150.0, 400.0], $water->amounts);
        self::assertTrue($water->isEnough());
        self::assertFalse(self::named('water', ['water' => 399.0])->isEnough());
        self::assertSame(2, self::named('water', ['water' => 150.0])->served);
        self::assertSame(1, self::named('water', ['water' => 149.0])->served);
    }

    #[Test]
    public function what_nobody_brought_there_is_not_there(): void
    {
        $heat = self::named('heat', []);
        self::assertSame([0.0, 2, 0], [$heat->has, $heat->asking, $heat->served]);
        self::assertSame([], DepotNeed::all([], ['water' => 10.0]));
    }

    #[Test]
    public function what_lacks_most_comes_first(): void
    {
        $codes = fn (array $has): array => array_map(fn (DepotNeed $n): string => $n->code, DepotNeed::all(self::ASKED, $has));
        self::assertSame(['heat', 'water'], $codes(['water' => 400.0, 'heat' => 200.0]));
        self::assertSame(['water', 'heat'], $codes(['water' => 100.0, 'heat' => 300.0]));
    }

    #[Test]
    public function more_of_it_never_serves_fewer(): void
    {
        $last = 0;
        for ($l = 0.0; $l <= 500; $l += 10) {
            $served = self::named('water', ['water' => $l])->served;
            self::assertGreaterThanOrEqual($last, $served);
            $last = $served;
        }
        self::assertSame(3, $last);
    }

    /** @param  array<string, float>  $has */
    private static function named(string $code, array $has): DepotNeed
    {
        return array_values(array_filter(DepotNeed::all(self::ASKED, $has), fn (DepotNeed $n): bool => $n->code === $code))[0];
    }
}
