<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Regime;

final class RegimeHarmTest extends TestCase
{
    #[Test]
    public function where_nobody_is_asked_no_regime_comes_to_harm_and_a_cool_one_is_asked_sooner(): void
    {
        $asked = [[17.0, false], [18.0, false], [18.001, true], [26.999, true], [27.0, false], [29.0, false], [30.0, false]];
        foreach ($asked as [$tempC, $safe]) {
            self::assertSame($safe, Regime::harmsNobodyAt($tempC), "{$tempC} °C");
        }
        foreach (Regime::cases() as $regime) {
            [$lowC, $highC] = $regime->harmC();
            self::assertFalse(Regime::harmsNobodyAt($lowC));
            self::assertFalse(Regime::harmsNobodyAt($highC));
        }
    }
}
