<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Power;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Power\Battery;
use Velbrin\Core\Tests\Refuses;

/** How long a battery carries a load (R-23). */
final class BatteryTest extends TestCase
{
    use Refuses;

    #[Test]
    public function hours_are_what_it_holds_by_what_is_drawn_and_lost(): void
    {
        // 100 Wh, 18 W through a direct converter: 20 W; through an inverter that draws 6 W itself, 12 W for 10.2 of load.
        self::assertEqualsWithDelta(5.0, Battery::hours(100, 18, Battery::EFFICIENCY_DC), 1e-12);
        self::assertEqualsWithDelta(100 / 18, Battery::hours(100, 10.2, Battery::EFFICIENCY_INVERTER, 6), 1e-12);
        self::assertEqualsWithDelta(2.5, Battery::hours(100, 18, 0.9, 0, Battery::CAR_USABLE), 1e-12);
        self::assertEqualsWithDelta(10.0, Battery::hours(100, 0, 0.9, 10), 1e-12, 'nothing but itself');
    }

    #[Test]
    public function a_share_is_more_than_nothing_and_at_most_all_and_something_must_draw(): void
    {
        $of = fn (float $efficiency, float $usable, float $loadW): ?string => self::refused(
            fn () => Battery::hours(100, $loadW, $efficiency, 0, $usable),
        );
        self::assertSame([null, 'efficiency', 'efficiency'], [$of(1, 1, 10), $of(0, 1, 10), $of(1.01, 1, 10)]);
        self::assertSame(['usableShare', 'usableShare', null], [$of(1, 0, 10), $of(1, 1.01, 10), $of(1, 0.01, 10)]);
        self::assertSame('loadW', $of(1, 1, 0));
    }
}
