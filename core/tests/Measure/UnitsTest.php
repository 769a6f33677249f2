<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Seawater\SalinityScale;

final class UnitsTest extends TestCase
{
    #[Test]
    public function every_kind_goes_to_the_shown_unit_and_back(): void
    {
        $all = [
            Units::metric(),
            Units::us(),
            Units::metric()->with(Kind::Salinity, SalinityScale::specificGravity()),
            Units::us()->with(Kind::Salinity, SalinityScale::conductivity()),
        ];
        foreach ($all as $units) {
            foreach (Kind::cases() as $kind) {
                foreach ([2.0, 17.3, 34.8, 41.9] as $value) {
                    $display = $units->display($kind);
                    self::assertEqualsWithDelta($value, $display->core($display->shown($value)), 1e-9, $kind->name);
                }
            }
        }
    }

    #[Test]
    public function published_factors_hold(): void
    {
        $us = Units::us();
        self::assertEqualsWithDelta(1.0, $us->display(Kind::Length)->shown(25.4), 1e-12);
        self::assertEqualsWithDelta(1.0, $us->display(Kind::Volume)->shown(3.785411784), 1e-12);
        self::assertEqualsWithDelta(1.0, $us->display(Kind::Mass)->shown(0.45359237), 1e-12);
        self::assertEqualsWithDelta(77.9, $us->display(Kind::Temperature)->shown(25.5), 1e-9);
        self::assertEqualsWithDelta(0.9, $us->display(Kind::TemperatureChange)->shown(0.5), 1e-12);
        self::assertEqualsWithDelta(
            1.0264,
            $us->with(Kind::Salinity, SalinityScale::specificGravity())->display(Kind::Salinity)->shown(35),
            5e-5,
        );
    }

    #[Test]
    public function one_sentence_reads_right_in_every_unit(): void
    {
        $sentence = Sentence::kept('{down} come down; raise the outlet by {raise}.', [
            'down' => Quantity::of(1062, Kind::Volume),
            'raise' => Quantity::of(22, Kind::Length),
        ]);

        self::assertSame(
            "1\u{202F}062\u{00A0}L come down; raise the outlet by 22\u{00A0}mm.",
            $sentence->in(Units::metric()),
        );
        self::assertSame("280.6\u{00A0}gal come down; raise the outlet by 0.87\u{00A0}in.", $sentence->in(Units::us()));
        self::assertSame(
            "280,6\u{00A0}gal come down; raise the outlet by 0,87\u{00A0}in.",
            $sentence->in(Units::us(',')),
        );
    }

    #[Test]
    public function a_small_figure_keeps_a_digit(): void
    {
        self::assertSame("0.4\u{00A0}days", Units::metric()->show(Quantity::of(0.4, Kind::Days)));
        self::assertSame("0.0004\u{00A0}mg/L", Units::metric()->show(Quantity::of(0.0004, Kind::Concentration)));
        self::assertSame("\u{2212}86\u{00A0}mm", Units::metric()->show(Quantity::of(-86.2, Kind::Length)));
        self::assertSame("0\u{00A0}L", Units::metric()->show(Quantity::of(-0.0001, Kind::Volume)));
        self::assertSame("0.030\u{00A0}mg/L", Units::metric()->show(Quantity::of(0.03, Kind::Concentration)));
    }
}
