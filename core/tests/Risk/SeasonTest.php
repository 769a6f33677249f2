<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Risk\Season;

/** When it is winter, on which half of the earth. */
final class SeasonTest extends TestCase
{
    #[Test]
    public function the_seven_cold_months_are_winter_and_half_a_year_later_in_the_south(): void
    {
        $winter = fn (bool $isSouth): array => array_values(array_filter(
            range(1, 12),
            fn (int $month): bool => Season::isWinter($month, $isSouth),
        ));
        self::assertSame([1, 2, 3, 4, 10, 11, 12], $winter(false));
        self::assertSame([4, 5, 6, 7, 8, 9, 10], $winter(true));
    }
}
