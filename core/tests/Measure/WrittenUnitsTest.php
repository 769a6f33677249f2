<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Measure\WrittenUnits;

/** What people write behind a number agrees with the units the screens show. */
final class WrittenUnitsTest extends TestCase
{
    #[Test]
    public function a_written_unit_means_what_the_shown_one_means(): void
    {
        $checked = 0;
        foreach ([Units::metric(), Units::us()] as $units) {
            foreach (WrittenUnits::all() as $kind => $words) {
                $display = $units->display(Kind::from($kind));
                $word = $words[mb_strtolower($display->label)] ?? null;
                if ($word !== null) {
                    $checked++;
                    self::assertEqualsWithDelta(
                        37.0,
                        $display->shown(37.0 * $word['factor'] + $word['offset']),
                        1e-9,
                        "{$kind} in {$display->label}",
                    );
                }
            }
        }
        self::assertGreaterThan(14, $checked);
    }

    #[Test]
    public function lengths_and_warmth_as_they_are_written(): void
    {
        $all = WrittenUnits::all();
        $core = fn (Kind $kind, float $n, string $word): float => $n * $all[$kind->value][$word]['factor'] +
            $all[$kind->value][$word]['offset'];
        self::assertSame(4500.0, $core(Kind::Length, 4.5, 'm'));
        self::assertEqualsWithDelta(1219.2 + 177.8, $core(Kind::Length, 4, 'ft') + $core(Kind::Length, 7, 'in'), 1e-9);
        self::assertEqualsWithDelta(25.0, $core(Kind::Temperature, 77, '°f'), 1e-9);
        self::assertSame(3000.0, $core(Kind::Flow, 50, 'l/min'));
    }
}
