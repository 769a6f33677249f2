<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/**
 * The units one person reads and types in. Factors are exact definitions
 * (international inch, US liquid gallon, avoirdupois pound) or derived from them.
 */
final readonly class Units
{
    private const INCH_MM = 25.4;

    private const GALLON_L = 3.785411784;

    private const POUND_KG = 0.45359237;

    private const NO_BREAK = "\u{00A0}";

    /** Narrow and unbreakable: a number stays in one piece. */
    private const THIN_SPACE = "\u{202F}";

    /** @param  array<string, UnitDisplay>  $displays by kind value */
    private function __construct(private array $displays, public string $decimalMark)
    {
    }

    public static function metric(string $decimalMark = '.'): self
    {
        /** @var array<string, self> $made they never change, and every sentence asks for them */
        static $made = [];

        return $made[$decimalMark] ??= new self(
            [
                Kind::Length->value => new UnitDisplay('mm'),
                Kind::Height->value => new UnitDisplay('m', digits: 2),
                Kind::Area->value => new UnitDisplay('m²', digits: 2),
                Kind::Volume->value => new UnitDisplay('L'),
                Kind::Mass->value => new UnitDisplay('kg'),
                Kind::Temperature->value => new UnitDisplay('°C', digits: 1),
                Kind::TemperatureChange->value => new UnitDisplay('°C', digits: 1),
                Kind::Flow->value => new UnitDisplay('L/h'),
                Kind::DailyVolume->value => new UnitDisplay('L a day', digits: 1),
                Kind::Power->value => new UnitDisplay('W'),
                Kind::Energy->value => new UnitDisplay('kWh'),
                Kind::Current->value => new UnitDisplay('A', digits: 1),
                Kind::Conductance->value => new UnitDisplay('W/°C', digits: 1),
                Kind::Pressure->value => new UnitDisplay('kPa', digits: 2),
                Kind::Stress->value => new UnitDisplay('MPa', digits: 1),
                Kind::Speed->value => new UnitDisplay('m/s', digits: 2),
                Kind::Seconds->value => new UnitDisplay('s'),
                Kind::Minutes->value => new UnitDisplay('min'),
                Kind::Hours->value => new UnitDisplay('h', digits: 1),
                Kind::Days->value => new UnitDisplay('days'),
                Kind::Percent->value => new UnitDisplay('%'),
                Kind::Factor->value => new UnitDisplay('', digits: 2),
                Kind::Turnover->value => new UnitDisplay('× an hour', digits: 1),
                Kind::Salinity->value => new UnitDisplay('g/kg', digits: 1),
                // A difference has no place on a curved scale: it stays in g/kg whatever the gauge.
                Kind::SalinityChange->value => new UnitDisplay('g/kg', digits: 1),
                Kind::Alkalinity->value => new UnitDisplay('dKH', digits: 1),
                Kind::Concentration->value => new UnitDisplay('mg/L', digits: 2),
                Kind::Ph->value => new UnitDisplay('', digits: 2),
                Kind::Redox->value => new UnitDisplay('mV'),
                Kind::Tds->value => new UnitDisplay('ppm'),
                Kind::Density->value => new UnitDisplay('kg/m³', digits: 1),
                Kind::SpecificGravity->value => new UnitDisplay('', digits: 4),
                Kind::Count->value => new UnitDisplay(''),
                Kind::Par->value => new UnitDisplay('µmol/m²/s'),
                Kind::DailyLight->value => new UnitDisplay('mol/m²/d', digits: 1),
                Kind::Custom->value => new UnitDisplay('', digits: 2),
            ],
            $decimalMark,
        );
    }

    public static function us(string $decimalMark = '.'): self
    {
        return new self(
            [
                ...self::metric()->displays,
                Kind::Length->value => new UnitDisplay('in', 1 / self::INCH_MM, digits: 2),
                Kind::Height->value => new UnitDisplay('ft', 1000 / self::INCH_MM / 12, digits: 2),
                Kind::Area->value => new UnitDisplay('ft²', (1000 / self::INCH_MM / 12) ** 2, digits: 1),
                Kind::Volume->value => new UnitDisplay('gal', 1 / self::GALLON_L, digits: 1),
                Kind::Mass->value => new UnitDisplay('lb', 1 / self::POUND_KG),
                Kind::Temperature->value => new UnitDisplay('°F', 1.8, 32, 1),
                Kind::TemperatureChange->value => new UnitDisplay('°F', 1.8, digits: 1),
                Kind::Flow->value => new UnitDisplay('gal/h', 1 / self::GALLON_L),
                Kind::DailyVolume->value => new UnitDisplay('gal a day', 1 / self::GALLON_L, digits: 2),
                Kind::Conductance->value => new UnitDisplay('W/°F', 1 / 1.8, digits: 1),
                Kind::Pressure->value => new UnitDisplay('lb/ft²', 20.885434, digits: 0),
                Kind::Stress->value => new UnitDisplay('psi', 145.037738),
                Kind::Speed->value => new UnitDisplay('ft/s', 1000 / self::INCH_MM / 12, digits: 2),
            ],
            $decimalMark,
        );
    }

    /** The same units with one kind shown otherwise, for example alkalinity in meq/L. */
    public function with(Kind $kind, UnitDisplay $display): self
    {
        return new self([...$this->displays, $kind->value => $display], $this->decimalMark);
    }

    public function display(Kind $kind): UnitDisplay
    {
        return $this->displays[$kind->value];
    }

    /** @return array<string, UnitDisplay> */
    public function all(): array
    {
        return $this->displays;
    }

    /** "1 062 L", "25.4 °C", "17 %"; more digits where the figure is small. */
    public function show(Quantity $quantity): string
    {
        $display = $this->display($quantity->kind);

        return $display->label === ''
            ? $this->number($quantity)
            : $this->number($quantity).self::NO_BREAK.$display->label;
    }

    public function number(Quantity $quantity): string
    {
        $display = $this->display($quantity->kind);
        $value = $display->shown($quantity->value);
        $digits = $display->digits + $quantity->moreDigits;
        if ($quantity->kind === Kind::Concentration) {
            $digits =
                $quantity->moreDigits +
                match (true) {
                    abs($value) >= 100 => 0,
                    abs($value) >= 1 => 1,
                    default => 3,
                };
        }
        // "0.0 days" would hide a margin of hours; a whole unit is enough above ten.
        if (
            $digits === 0 &&
            abs($value) < 1 &&
            $value !== 0.0 &&
            round($value, 1) !== 0.0 &&
            $quantity->kind !== Kind::Count
        ) {
            $digits = 1;
        }
        // A slope of 0.0004 is not nothing.
        while (
            ($quantity->moreDigits > 0 || $quantity->kind === Kind::Concentration) &&
            $digits < 6 &&
            $value !== 0.0 &&
            round($value, $digits) === 0.0
        ) {
            $digits++;
        }
        $value = round($value, $digits);

        return str_replace(
            '-',
            "\u{2212}",
            number_format($value === 0.0 ? 0.0 : $value, $digits, $this->decimalMark, self::THIN_SPACE),
        );
    }
}
