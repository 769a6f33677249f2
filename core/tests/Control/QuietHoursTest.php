<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\QuietHours;
use Velbrin\Core\Measure\OutOfRange;

/** Night begins at ten and ends at seven; each edge on both sides. */
final class QuietHoursTest extends TestCase
{
    #[Test]
    public function night_is_from_ten_to_seven(): void
    {
        self::assertNull(QuietHours::leftMin(1319.9));
        self::assertSame(540.0, QuietHours::leftMin(1320));
        self::assertSame(420.0, QuietHours::leftMin(0));
        self::assertSame(1.0, QuietHours::leftMin(419));
        self::assertNull(QuietHours::leftMin(420));
        $this->expectException(OutOfRange::class);
        QuietHours::leftMin(-1);
    }
}
