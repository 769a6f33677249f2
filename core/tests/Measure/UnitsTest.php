<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
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

    /** @return iterable<string, array{0: Kind, 1: float, 2: string, 3: string}> */
    public static function figures(): iterable
    {
        yield 'a length' => [Kind::Length, 1234.5, '1 235 mm', '48.60 in'];
        yield 'a height' => [Kind::Height, 3.048, '3.05 m', '10.00 ft'];
        yield 'an area' => [Kind::Area, 9.290304, '9.29 m²', '100.0 ft²'];
        yield 'litres' => [Kind::Volume, 1000, '1 000 L', '264.2 gal'];
        yield 'kilograms' => [Kind::Mass, 100, '100 kg', '220 lb'];
        yield 'a warmth' => [Kind::Temperature, 25.5, '25.5 °C', '77.9 °F'];
        yield 'warmer by' => [Kind::TemperatureChange, 0.5, '0.5 °C', '0.9 °F'];
        yield 'a flow' => [Kind::Flow, 3000, '3 000 L/h', '793 gal/h'];
        yield 'a day’s litres' => [Kind::DailyVolume, 4.8, '4.8 L a day', '1.27 gal a day'];
        yield 'a conductance' => [Kind::Conductance, 18, '18.0 W/°C', '10.0 W/°F'];
        yield 'a load on a floor' => [Kind::Pressure, 10, '10.00 kPa', '209 lb/ft²'];
        yield 'a stress' => [Kind::Stress, 7, '7.0 MPa', '1 015 psi'];
        yield 'a speed' => [Kind::Speed, 3.048, '3.05 m/s', '10.00 ft/s'];
        yield 'a specific gravity' => [Kind::SpecificGravity, 1.02638, '1.0264', '1.0264'];
        yield 'a small concentration' => [Kind::Concentration, 0.00043, '0.0004 mg/L', '0.0004 mg/L'];
        yield 'a concentration nobody can read' => [Kind::Concentration, 0.0000012, '0.000001 mg/L', '0.000001 mg/L'];
        yield 'less than that' => [Kind::Concentration, 0.00000012, '0.000000 mg/L', '0.000000 mg/L'];
    }

    #[Test]
    #[DataProvider('figures')]
    public function a_figure_reads_as_published_in_both(Kind $kind, float $value, string $metric, string $us): void
    {
        $plain = function (Units $units) use ($value, $kind): string {
            $words = $units->show(Quantity::of($value, $kind));

            return trim((string) preg_replace('/[\x{202f}\x{a0}]/u', ' ', $words));
        };
        self::assertSame([$metric, $us], [$plain(Units::metric()), $plain(Units::us())]);
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
